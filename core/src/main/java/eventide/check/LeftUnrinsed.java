package eventide.check;

import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.RinseWater;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.List;

/** P6: a washing product is still in the hair when stylers go on or the wash ends. */
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
        List<Step> steps = wash.routine().steps();
        int rinsed = -1;
        for (int i = 0; i < steps.size(); i++) {
            rinsed = steps.get(i).action() == Action.RINSE ? i : rinsed;
        }
        for (int i = rinsed + 1; i < steps.size(); i++) {
            Step step = steps.get(i);
            boolean ran = !wash.course().visits(new StepPlace(i, -1)).isEmpty();
            if (washes(step.action()) && ran) {
                return List.of(finding(wash, i, step));
            }
        }
        return List.of();
    }

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

    private static boolean washes(Action action) {
        return switch (action) {
            case CLEANSE, CLARIFY, CONDITION, MASK, PROTEIN -> true;
            default -> false;
        };
    }

    /** Goes on while what washes is in the hair. */
    private static boolean belongsToTheWash(Action action) {
        return washes(action)
                || action == Action.DETANGLE
                || action == Action.WAIT
                || action == Action.COVER
                || action == Action.SQUISH;
    }
}
