package eventide.planner;

import eventide.product.Allergens;
import eventide.product.Product;
import eventide.routine.Advised;
import eventide.routine.IngredientLists;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Leaves out what may not be used on this head, with the reason. */
final class ShelfFilter {
    private final List<Product> allowed = new ArrayList<>();
    private final List<Suggestions.Refused> refused = new ArrayList<>();

    ShelfFilter(Query query) {
        for (Product product : query.shelf()) {
            Optional<String> because = because(query, product);
            if (because.isPresent()) {
                refused.add(new Suggestions.Refused(product, because.get()));
            } else {
                allowed.add(product);
            }
        }
    }

    private static Optional<String> because(Query query, Product product) {
        Optional<String> allergy = Allergens.on(product, query.hair().allergiesOrEmpty());
        if (allergy.isPresent()) {
            return Optional.of("names " + allergy.get() + ", a known allergy");
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
            return Optional.of(String.format(
                    java.util.Locale.ROOT,
                    "not enough left: %.0f ml of the %.0f ml this head takes",
                    product.stockMl(),
                    needed * product.density()));
        }
        return Optional.empty();
    }

    List<Product> allowed() {
        return allowed;
    }

    List<Suggestions.Refused> refused() {
        return List.copyOf(refused);
    }
}
