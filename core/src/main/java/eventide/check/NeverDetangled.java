package eventide.check;

import eventide.hair.Pattern;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.DetangleFrom;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.List;

/**
 * T11: nothing is detangled on tight hair, or before a brush or coils.
 *
 * <p>From 3B on, and on any hair that is brushed or coiled: snags, breakage, no clumps. Silent where hair comes wet from a wash
 * done elsewhere, and on day-after refreshes. Mend: detangle in the conditioner. Source: common practice.
 */
final class NeverDetangled implements Rule {
    @Override
    public String id() {
        return "T11";
    }

    @Override
    public String why() {
        return "Knots snag and break under hands that shape, and no clumps form over them.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Step> steps = wash.routine().steps();
        int washed = -1;
        for (int i = 0; i < steps.size(); i++) {
            washed = isWash(steps.get(i).action()) ? i : washed;
        }
        // Hair that comes wet was washed elsewhere, and detangled there.
        if (washed < 0 || Steps.any(wash, visit -> visit.step().action() == Action.DETANGLE)) {
            return List.of();
        }
        boolean shaped = Steps.any(wash, visit -> isShaping(visit.step().action()));
        if (!shaped && !isTight(wash)) {
            return List.of();
        }
        int conditioned = -1;
        for (int i = 0; i < steps.size(); i++) {
            boolean slips =
                    steps.get(i).action() == Action.CONDITION || steps.get(i).action() == Action.MASK;
            conditioned = slips ? i : conditioned;
        }
        return List.of(Finding.of(
                this,
                Severity.WARN,
                new StepPlace(conditioned >= 0 ? conditioned : washed, -1),
                null,
                shaped
                        ? "Nothing is detangled before hair is brushed or coiled into shape."
                        : "Nothing is detangled, and this hair knots.",
                new Mend(
                        "Detangle in the conditioner, from the ends", detangled(wash.routine(), conditioned, washed))));
    }

    /** In the conditioner there is, else in one put on after the wash and rinsed out again. */
    private static Routine detangled(Routine routine, int conditioned, int washed) {
        Step detangle = Step.of(Action.DETANGLE)
                .product(Generic.CONDITIONER)
                .from(DetangleFrom.ENDS)
                .build();
        if (conditioned >= 0) {
            return routine.inserting(conditioned + 1, detangle);
        }
        Step condition = Step.of(Action.CONDITION).product(Generic.CONDITIONER).build();
        Routine with = routine.inserting(washed + 1, detangle).inserting(washed + 1, condition);
        boolean rinsed = with.steps().subList(washed + 3, with.steps().size()).stream()
                .anyMatch(step -> step.action() == Action.RINSE);
        return rinsed ? with : with.inserting(washed + 3, Step.of(Action.RINSE).build());
    }

    private static boolean isWash(Action action) {
        return action == Action.CLEANSE || action == Action.CLARIFY || action == Action.CONDITION;
    }

    private static boolean isShaping(Action action) {
        return action == Action.BRUSH_STYLE || action == Action.COIL || action == Action.SHINGLE;
    }

    /** From 3B up hair knots by itself from wash to wash; looser hair combs out as it dries. */
    private static boolean isTight(Wash wash) {
        for (Zone zone : Zone.values()) {
            if (wash.hair().at(zone).pattern().compareTo(Pattern.CURLY_3B) >= 0) {
                return true;
            }
        }
        return false;
    }
}
