package eventide.planner.compose;

import eventide.hair.Strand;
import eventide.planner.Query;
import eventide.product.Product;
import eventide.product.Role;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/** Which of several bottles of one role is taken where the search does not decide: the one that suits the strand. */
public final class Bottles {
    /** What builds up is taken where there is nothing else, in points of richness [OURS]. */
    private static final double AVOIDED = 6;

    private final Query query;
    private final List<Product> shelf;

    public Bottles(Query query, List<Product> shelf) {
        this.query = query;
        this.shelf = shelf;
    }

    /** Null where the shelf has none. */
    public Product first(Role role) {
        return first(role, product -> true);
    }

    /** The first bottle of a role, as the shelf stands, that meets a wish; null for none. */
    public Product first(Role role, Predicate<Product> wanted) {
        return shelf.stream()
                .filter(p -> p.role() == role && wanted.test(p))
                .min(Comparator.comparingDouble(this::unfit).thenComparing(Product::name))
                .orElse(null);
    }

    private double unfit(Product product) {
        double wanted = query.hair().strand() == Strand.FINE ? 2 : query.hair().strand() == Strand.MEDIUM ? 4 : 7;
        return Math.abs(product.richness() - wanted) + (product.label().traits().buildsUp() ? AVOIDED : 0);
    }
}
