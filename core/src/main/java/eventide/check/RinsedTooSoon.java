package eventide.check;

import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import eventide.wash.Washing;
import java.util.ArrayList;
import java.util.List;

/**
 * P5: a medicated cleanser rinsed before its label time.
 *
 * <p>Counted from the step to the rinse; the time is the label's, not ours. Mend: wait for it. Source: the label.
 */
final class RinsedTooSoon implements Rule {
    /** Nobody counts seconds at the basin; minutes [OURS]. */
    private static final double GRACE = .25;

    @Override
    public String id() {
        return "P5";
    }

    @Override
    public String why() {
        return "Rinsed before its time, a medicated cleanser does not work.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        List<Step> steps = wash.routine().steps();
        for (int i = 0; i < steps.size(); i++) {
            Product product = steps.get(i).worn();
            boolean cleanses =
                    steps.get(i).action() == Action.CLEANSE || steps.get(i).action() == Action.CLARIFY;
            if (product == null || product.contactMinutes() == null || !cleanses) {
                continue;
            }
            double stays = Washing.untilRinse(wash, i);
            double missing = product.contactMinutes() - stays;
            if (missing > GRACE) {
                int rinse = i + 1;
                while (steps.get(rinse).action() != Action.RINSE) {
                    rinse++;
                }
                Step wait = Step.of(Action.WAIT).minutes(Math.ceil(missing)).build();
                found.add(Finding.of(
                        this,
                        Severity.WARN,
                        new StepPlace(i, -1),
                        null,
                        product.name() + " stays " + Math.round(stays) + " minutes; its label says "
                                + Math.round(product.contactMinutes()) + ".",
                        new Mend(
                                "Wait " + Math.round(Math.ceil(missing)) + " more minutes",
                                wash.routine().inserting(rinse, wait))));
            }
        }
        return found;
    }
}
