package eventide.planner.compose;

import eventide.planner.Query;
import eventide.planner.Suggestions;
import eventide.product.Allergens;
import eventide.product.Left;
import eventide.product.Product;
import eventide.routine.Advised;
import eventide.routine.IngredientLists;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Leaves out what may not be used on this head, with the reason. What a client may only perhaps react to is left out too: a bottle
 * without a label where another of its role was read, something related unless it is asked for, where nothing else will do.
 */
public final class ShelfFilter {
    private final List<Product> allowed = new ArrayList<>();
    private final List<Suggestions.Refused> refused = new ArrayList<>();

    private final List<Product> doubtful = new ArrayList<>();

    public ShelfFilter(Query query) {
        this(query, false);
    }

    /**
     * @param withDoubtful what the client may react to is let in, and warned of
     */
    public ShelfFilter(Query query, boolean withDoubtful) {
        for (Product product : query.shelf()) {
            Optional<String> because = because(query, product);
            Optional<String> doubt = because.isPresent() ? Optional.empty() : doubt(query, product);
            if (doubt.isPresent()) {
                doubtful.add(product);
                boolean nothingReadOfItsRole = isUnread(query, product)
                        && query.shelf().stream()
                                .noneMatch(other -> other.role() == product.role()
                                        && because(query, other).isEmpty()
                                        && doubt(query, other).isEmpty());
                because = withDoubtful || nothingReadOfItsRole ? Optional.empty() : doubt;
            }
            if (because.isPresent()) {
                refused.add(new Suggestions.Refused(product, because.get()));
            } else {
                allowed.add(product);
            }
        }
    }

    /**
     * Why a bottle may not be used here, empty where it may: what is reacted to first, then what the client keeps to, then what
     * is left in it.
     */
    private static Optional<String> because(Query query, Product product) {
        Optional<Allergens.Reaction> allergy = Allergens.on(
                        product, query.hair().allergiesOrEmpty())
                .stream()
                .filter(reaction -> reaction.certainty().stops())
                .findFirst();
        if (allergy.isPresent()) {
            return Optional.of(
                    "names " + allergy.get().ingredient() + " (" + allergy.get().word() + "), a known allergy");
        }
        Schools.IngredientRule rule = query.schoolsOrDefault().ingredients();
        List<String> broken = IngredientLists.broken(rule, product);
        if (!broken.isEmpty()) {
            return Optional.of("breaks the client's ingredient list: " + broken.get(0));
        }
        double needed = Advised.headMl(product, query.hair());
        if (product.stockMl() != null
                && !product.role().washesOut()
                && product.stockMl() < needed * product.density()) {
            return Optional.of(Left.words(product.stockMl(), "this head", needed * product.density()));
        }
        return Optional.empty();
    }

    private static boolean isUnread(Query query, Product product) {
        return Allergens.on(product, query.hair().allergiesOrEmpty()).stream()
                .allMatch(reaction -> reaction.certainty() == Allergens.Certainty.NO_LABEL);
    }

    /** What this client may react to, though nobody can say. */
    private static Optional<String> doubt(Query query, Product product) {
        return Allergens.on(product, query.hair().allergiesOrEmpty()).stream()
                .findFirst()
                .map(reaction -> switch (reaction.certainty()) {
                    case NAMED -> throw new IllegalStateException("left out before");
                    case RELATED -> "has " + reaction.ingredient() + ", related to " + reaction.word() + ": ask first";
                    case POSSIBLE -> "may contain " + reaction.ingredient() + " (" + reaction.word() + "): ask first";
                    case NO_LABEL ->
                        "has no label here, and this client reacts to " + reaction.word() + ": read it first";
                });
    }

    /** Whether anything was left out, or let in, that the client may react to. */
    public boolean hasDoubtful() {
        return !doubtful.isEmpty();
    }

    /** What may go on this head, as the shelf stands: nothing the client reacts to, nothing against what was agreed. */
    public List<Product> allowed() {
        return allowed;
    }

    /** What may not, each with the reason it is told by. */
    public List<Suggestions.Refused> refused() {
        return List.copyOf(refused);
    }
}
