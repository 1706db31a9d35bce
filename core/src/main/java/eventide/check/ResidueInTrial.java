package eventide.check;

import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Lifting;
import eventide.wash.Wash;
import java.util.List;

/**
 * P3: a trial or a new client, and no clarifying.
 *
 * <p>Residue blurs what a bottle does. A note; silent within 7 days of a clarifying. Mend: clarify. Source: common practice.
 */
final class ResidueInTrial implements Rule {
    /** Clarified this lately, hair is still clean [CP]; days. */
    private static final double FRESH_DAYS = 7;

    @Override
    public String id() {
        return "P3";
    }

    @Override
    public String why() {
        return "Residue of what was there before blurs the result.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        boolean asks = Boolean.TRUE.equals(wash.routine().trial())
                || Boolean.TRUE.equals(wash.hair().newClient());
        Double since = wash.hair().daysSinceClarify();
        boolean fresh = since != null && since <= FRESH_DAYS;
        if (!asks || fresh || wash.isRefresh()) {
            return List.of();
        }
        List<Step> steps = wash.routine().steps();
        Integer cleanse = null;
        for (int i = 0; i < steps.size(); i++) {
            if (Lifting.clarifies(steps.get(i))) {
                return List.of();
            }
            cleanse = cleanse == null && steps.get(i).action() == Action.CLEANSE ? (Integer) i : cleanse;
        }
        Step clarify = Step.of(Action.CLARIFY).product(Generic.CLARIFIER).build();
        return List.of(Finding.of(
                this,
                Severity.NOTE,
                cleanse == null ? null : new StepPlace(cleanse, -1),
                null,
                Boolean.TRUE.equals(wash.routine().trial())
                        ? "A trial on hair not clarified: what was there before is judged with it."
                        : "First time here and not clarified: nobody knows what is still in the hair.",
                cleanse == null
                        ? new Mend("Clarify first", wash.routine().inserting(0, clarify))
                        : new Mend("Clarify instead", wash.routine().replacing(cleanse, clarify))));
    }
}
