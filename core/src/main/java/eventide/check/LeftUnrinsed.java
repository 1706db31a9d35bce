package eventide.check;

import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.RinseWater;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Unrinsed;
import eventide.wash.Wash;
import java.util.List;

/**
 * P6: a washing product is still in the hair when stylers go on or the wash ends.
 *
 * <p>Cleansers, clarifiers, masks and protein warn: limp hair and an itchy scalp. A conditioner is a note, for some leave a
 * little in on purpose. Mend: rinse it out. Source: common practice.
 */
final class LeftUnrinsed implements Rule {
    @Override
    public String id() {
        return "P6";
    }

    @Override
    public String why() {
        return "Left in, what washes makes hair limp and the scalp itch.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        int first = Unrinsed.first(wash);
        return first < 0
                ? List.of()
                : List.of(finding(wash, first, wash.routine().steps().get(first)));
    }

    /**
     * The rinse is put where the wash ends: after what else belongs to it and is rinsed with it. A conditioner left in is some
     * school's way, so a note.
     */
    private Finding finding(Wash wash, int index, Step step) {
        int after = index;
        List<Step> steps = wash.routine().steps();
        while (after + 1 < steps.size() && belongsToTheWash(steps.get(after + 1).action())) {
            after++;
        }
        Product product = step.worn();
        String what = product == null ? step.action().label().toLowerCase(java.util.Locale.ROOT) : product.name();
        boolean conditioner = step.action() == Action.CONDITION;
        Step rinse = Step.of(Action.RINSE).water(RinseWater.WARM).build();
        return Finding.of(
                this,
                conditioner ? Severity.NOTE : Severity.WARN,
                new StepPlace(index, -1),
                null,
                conditioner
                        ? "Nothing rinses " + what + " out: some leave a little in on purpose."
                        : "Nothing rinses " + what + " out before the hair is styled.",
                new Mend("Rinse it out", wash.routine().inserting(after + 1, rinse)));
    }

    /** Goes on while what washes is in the hair. */
    private static boolean belongsToTheWash(Action action) {
        return action.washes()
                || action == Action.DETANGLE
                || action == Action.WAIT
                || action == Action.COVER
                || action == Action.SQUISH;
    }
}
