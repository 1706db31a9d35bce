package eventide.check;

import eventide.product.Left;
import eventide.product.Product;
import eventide.routine.Measured;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * L3: less on the shelf than the wash takes.
 *
 * <p>In ml of what the step takes against what is left; a bottle with no stock kept says nothing. A note. Mend: less, or another
 * bottle.
 */
final class StockShort implements Rule {

    @Override
    public String id() {
        return "L3";
    }

    @Override
    public String why() {
        return "It runs out half way over the head.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        Map<Product, Double> used = new LinkedHashMap<>();
        for (Measured amount : wash.measured()) {
            Step step = wash.routine().at(amount.place());
            if (step.mix() == null) {
                used.merge(amount.product(), amount.grams(), Double::sum);
            } else {
                step.mix().forEach(part -> used.merge(part.product(), amount.grams() * part.share(), Double::sum));
            }
        }
        List<Finding> found = new ArrayList<>();
        used.forEach((product, ml) -> {
            if (product.stockMl() != null && ml > product.stockMl() + .05) {
                found.add(Finding.of(
                        this,
                        Severity.NOTE,
                        place(wash, product),
                        null,
                        product.name() + ": " + Left.words(product.stockMl(), "this wash", ml) + ".",
                        null));
            }
        });
        return found;
    }

    /** Where it is put on first, a mix it is part of included; null where it is nowhere. */
    private static StepPlace place(Wash wash, Product product) {
        return wash.measured().stream()
                .filter(amount -> amount.product().name().contains(product.name()))
                .map(Measured::place)
                .findFirst()
                .orElse(null);
    }
}
