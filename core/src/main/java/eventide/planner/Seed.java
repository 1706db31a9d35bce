package eventide.planner;

import eventide.product.Product;
import eventide.product.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * A plan to begin with: a few bottles from across the shelf tried on one way of working, and what did best on every other. It
 * need not be good; the better it is, the sooner the search is done.
 */
final class Seed {
    /** From light to strong, 0 to 10 [OURS]. */
    private static final List<Double> HOLDS = List.of(4.0, 6.5, 9.0);
    /** From light to rich, 0 to 10 [OURS]. */
    private static final List<Double> RICH = List.of(4.0, 8.0);

    private final List<Product> shelf;
    private final Function<Choice, Judged> judge;

    Seed(List<Product> shelf, Function<Choice, Judged> judge) {
        this.shelf = shelf;
        this.judge = judge;
    }

    /** The best found with these smaller things, null where none of those tried keeps the limits. */
    Judged of(List<Search.Frame> frames, Details details) {
        Search.Frame first = frames.get(0);
        List<Choice> layered = new ArrayList<>();
        for (Product gel : some(Role.GEL, HOLDS, Product::hold)) {
            layered.add(choice(null, gel, first, details));
            some(Role.CREAM, RICH, Product::richness).forEach(cream -> layered.add(choice(cream, gel, first, details)));
        }
        Choice most = layered.parallelStream()
                .map(judge)
                .max(Comparator.comparingDouble(Judged::worth))
                .map(Judged::choice)
                .orElse(null);
        if (most == null) {
            return null;
        }
        return frames.parallelStream()
                .map(frame -> judge.apply(choice(most.cream(), most.gel(), frame, details)))
                .filter(Judged::isFeasible)
                .min(Planner.BEST_FIRST)
                .orElse(null);
    }

    private static Choice choice(Product cream, Product gel, Search.Frame frame, Details details) {
        return new Choice(null, cream, gel, null, frame.hands(), Choice.Sections.USUAL, frame.drying(), details);
    }

    /** Of a role those nearest to each level, each once. */
    private List<Product> some(Role role, List<Double> levels, ToDoubleFunction<Product> level) {
        return levels.stream()
                .flatMap(wanted -> shelf.stream()
                        .filter(product -> product.role() == role)
                        .min(Comparator.comparingDouble(
                                        (Product product) -> Math.abs(level.applyAsDouble(product) - wanted))
                                .thenComparing(Product::name))
                        .stream())
                .distinct()
                .toList();
    }
}
