package eventide.check;

import eventide.product.LabelReading;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.MixPart;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Lifting;
import eventide.wash.Wash;
import java.util.List;
import java.util.function.Predicate;

/**
 * P4: what water leaves, with no cleanser that lifts it.
 *
 * <p>Asks the labels: a silicone that water does not take off, wax or mineral oil worn, and nothing in the routine that lifts it.
 * A warning under a strict ingredient rule, else a note, for then it is a matter of the next clarifying; a bottle whose label
 * is not known says nothing. Source: common practice.
 */
final class BuildsUp implements Rule {

    @Override
    public String id() {
        return "P4";
    }

    @Override
    public String why() {
        return "What no cleanser here lifts builds up from wash to wash.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        boolean strict = wash.schools().ingredients() == Schools.IngredientRule.STRICT;
        // Whoever keeps the strict list washes mild: a cleanser without a label gets the benefit of the doubt
        // elsewhere.
        Predicate<Step> lifts = strict ? Lifting::surelyLifts : Lifting::lifts;
        if (wash.isRefresh() || wash.routine().steps().stream().anyMatch(lifts)) {
            return List.of();
        }
        for (StepPlace place : wash.places()) {
            for (Product product : products(wash.routine().at(place))) {
                LabelReading.Traits traits = product.label().traits();
                if (!traits.buildsUp() || product.role() == Role.CLEANSER) {
                    continue;
                }
                String what = traits.silicones() == LabelReading.Silicones.BUILDS_UP
                        ? "a silicone water does not lift"
                        : traits.waxes() ? "wax" : "mineral oil";
                Step clarify =
                        Step.of(Action.CLARIFY).product(Generic.CLARIFIER).build();
                return List.of(Finding.of(
                        this,
                        strict ? Severity.WARN : Severity.NOTE,
                        place,
                        null,
                        product.name() + " carries " + what + ", and nothing in this wash lifts it.",
                        new Mend("Clarify first", wash.routine().inserting(0, clarify))));
            }
        }
        return List.of();
    }

    /** What a step puts on: of a mix each part, for each leaves its own behind. */
    private static List<Product> products(Step step) {
        if (step.mix() != null) {
            return step.mix().stream().map(MixPart::product).toList();
        }
        return step.product() == null || !step.action().takesProduct() ? List.of() : List.of(step.product());
    }
}
