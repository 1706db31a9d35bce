package eventide.check;

import eventide.product.Product;
import eventide.routine.IngredientLists;
import eventide.routine.MixPart;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * P8: a product that breaks the ingredient list the client keeps. The list itself is the client's.
 *
 * <p>Strict or loose as the school says, of washing products too; of a bottle whose label is not known nothing can be told.
 * Always a warning, never a stop: nobody is hurt. Mend: leave it out.
 */
final class NotWhatWasAgreed implements Rule {
    @Override
    public String id() {
        return "P8";
    }

    @Override
    public String why() {
        return "It is not what was agreed with the client.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (StepPlace place : wash.places()) {
            for (Product product : products(wash.routine().at(place))) {
                List<String> broken = IngredientLists.broken(wash.schools().ingredients(), product);
                if (!broken.isEmpty()) {
                    found.add(Finding.of(
                            this,
                            Severity.WARN,
                            place,
                            null,
                            product.name() + " breaks the client's list: " + String.join("; ", broken) + ".",
                            new Mend(
                                    "Leave " + product.name() + " out",
                                    wash.routine().without(place))));
                }
            }
        }
        return found;
    }

    /** What the step puts on: of a mix each part. */
    private static List<Product> products(Step step) {
        if (step.mix() != null) {
            return step.mix().stream().map(MixPart::product).toList();
        }
        return step.product() == null || !step.action().takesProduct() ? List.of() : List.of(step.product());
    }
}
