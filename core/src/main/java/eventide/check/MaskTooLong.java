package eventide.check;

import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import eventide.wash.Washing;
import java.util.List;

/**
 * P1: a rich mask after shampoo, longer than a fine strand bears.
 *
 * <p>From richness 5, more than 5 minutes on fine hair (10 where it is damaged), counted from the step to the rinse. Not meant:
 * before the shampoo, where it is washed out again, and protein. Mend: shorten it. Source: common practice: 2 minutes on fine
 * hair.
 */
final class MaskTooLong implements Rule {
    /** Richness from which a mask is rich, of 10 [OURS]. */
    private static final double RICH = 5;
    /** Two minutes on fine hair [CP], and as much again before it is called a fault [OURS]. */
    private static final double FINE_BEARS = 5;

    /** Minutes on fine hair that is damaged: it takes more, and gains by it [CP]. */
    private static final double DAMAGED_BEARS = 10;

    @Override
    public String id() {
        return "P1";
    }

    @Override
    public String why() {
        return "Fine hair left long under a rich mask goes limp and over-soft.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Step> steps = wash.routine().steps();
        boolean washed = false;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            washed |= step.action() == Action.CLEANSE || step.action() == Action.CLARIFY;
            boolean laterWash = steps.subList(i, steps.size()).stream()
                    .anyMatch(s -> s.action() == Action.CLEANSE || s.action() == Action.CLARIFY);
            boolean mask = step.action() == Action.MASK && washed && !laterWash && !step.isProtein();
            Product product = step.worn();
            boolean rich = product == null || product.richness() >= RICH;
            if (!mask || !rich || wash.hair().strand() != Strand.FINE) {
                continue;
            }
            double worked = Washing.minutesWorked(wash, i);
            double bears = wash.hair().overall().isDamaged() || wash.hair().porosity() == Porosity.HIGH
                    ? DAMAGED_BEARS
                    : FINE_BEARS;
            if (worked > bears) {
                Step shorter = step.but().minutes(2.0).build();
                return List.of(Finding.of(
                        this,
                        Severity.WARN,
                        new StepPlace(i, -1),
                        null,
                        Math.round(worked) + " minutes of a rich mask on fine hair: two are enough.",
                        new Mend(
                                "Rinse after two minutes", rinsed(wash.routine().replacing(i, shorter), i))));
            }
        }
        return List.of();
    }

    /** With a rinse behind the mask, unless one follows already. */
    private static Routine rinsed(Routine routine, int mask) {
        boolean follows = mask + 1 < routine.steps().size()
                && routine.steps().get(mask + 1).action() == Action.RINSE;
        return follows
                ? routine
                : routine.inserting(mask + 1, Step.of(Action.RINSE).build());
    }
}
