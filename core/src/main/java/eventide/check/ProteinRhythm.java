package eventide.check;

import eventide.hair.Condition;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.LabelReading.ProteinLoad;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.List;

/**
 * P2: protein too soon after protein, or none where hair is over-soft.
 *
 * <p>Too soon is within a fortnight, a week where hair thrives on it, a day of grace each: stiff, it snaps. Over-soft hair washed
 * with none within a fortnight is limp. Mend: leave it out this time, or add it. Source: common practice: monthly to
 * fortnightly.
 */
final class ProteinRhythm implements Rule {
    /** Days between treatments [CP: monthly to fortnightly, weekly where it thrives]; a day of grace each. */
    private static final double FORTNIGHTLY = 13;

    /** Days where it thrives on it, a day of grace taken off [CP]. */
    private static final double WEEKLY = 6;

    @Override
    public String id() {
        return "P2";
    }

    @Override
    public String why() {
        return "Too much protein makes hair stiff until it snaps; over-soft hair stays limp without.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        Integer at = null;
        List<Step> steps = wash.routine().steps();
        for (int i = 0; i < steps.size() && at == null; i++) {
            at = steps.get(i).isProtein() ? i : null;
        }
        Double since = wash.hair().daysSinceProtein();
        if (at != null) {
            double rhythm = thrives(wash) ? WEEKLY : FORTNIGHTLY;
            return since == null || since >= rhythm
                    ? List.of()
                    : List.of(Finding.of(
                            this,
                            Severity.WARN,
                            new StepPlace(at, -1),
                            null,
                            "Protein again after " + Math.round(since) + " days: wait, and give moisture instead.",
                            new Mend(
                                    "Leave the protein out this time",
                                    wash.routine().without(at))));
        }
        boolean washes = steps.stream().anyMatch(step -> step.action().soaks());
        boolean fed = steps.stream().map(Step::worn).anyMatch(ProteinRhythm::isProtein);
        boolean soft = has(wash, Condition.OVER_SOFT);
        if (!soft || !washes || fed || since != null && since < FORTNIGHTLY) {
            return List.of();
        }
        int rinse = wash.lastRinse();
        Step protein =
                Step.of(Action.PROTEIN).product(Generic.PROTEIN).minutes(15.0).build();
        return List.of(Finding.of(
                this,
                Severity.WARN,
                null,
                null,
                "Over-soft hair and no protein in this wash.",
                new Mend("Add a protein treatment", wash.routine().inserting(Math.max(0, rinse), protein))));
    }

    /** Fine, bleached and over-soft hair is known to thrive on it. */
    private static boolean thrives(Wash wash) {
        return wash.hair().strand() == Strand.FINE || has(wash, Condition.BLEACHED) || has(wash, Condition.OVER_SOFT);
    }

    /** Whether any zone of the head is read so. */
    private static boolean has(Wash wash, Condition condition) {
        for (Zone zone : Zone.values()) {
            if (wash.hair().at(zone).condition().contains(condition)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isProtein(Product product) {
        return product != null && product.label().traits().protein() == ProteinLoad.YES;
    }
}
