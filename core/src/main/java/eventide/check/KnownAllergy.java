package eventide.check;

import eventide.product.Allergens;
import eventide.product.Product;
import eventide.routine.MixPart;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** S1: something the client is known to react to stands on the label, of a washing product too. */
final class KnownAllergy implements Rule {
    @Override
    public String id() {
        return "S1";
    }

    @Override
    public String why() {
        return "A known allergy can do harm: use another product.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (StepPlace place : wash.places()) {
            for (Product product : products(wash.routine().at(place))) {
                Optional<String> words = Allergens.on(product, wash.hair().allergiesOrEmpty());
                if (words.isPresent()) {
                    found.add(Finding.of(
                            this,
                            Severity.STOP,
                            place,
                            null,
                            product.name() + " names " + words.get() + ", which this client is known to react to.",
                            new Mend(
                                    "Leave " + product.name() + " out",
                                    wash.routine().without(place))));
                }
            }
        }
        return found;
    }

    private static List<Product> products(Step step) {
        if (step.mix() != null) {
            return step.mix().stream().map(MixPart::product).toList();
        }
        return step.product() == null ? List.of() : List.of(step.product());
    }
}
