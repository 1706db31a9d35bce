package eventide.drying;

import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.List;

/**
 * Where drying ends that is said without minutes and without how dry: at the roots' and the lengths' end, as "air dry" is
 * meant; but hover-diffusing with more drying to come ends once the cast has set, since that is what it is for.
 */
public final class OpenEnds {
    /** Percent dry at which the cast has set and the bowl may touch it: lengths about 50–60 % dry [OURS]. */
    public static final double CAST_HAS_SET = 57;

    /** Percent dry. */
    private static final double DRY = 100;

    /** In the order of writing, those done section by section among them. */
    private final List<Step> steps;

    OpenEnds(Routine routine) {
        this.steps = routine.places().stream().map(routine::at).toList();
    }

    /** The same step with where it ends, unless it says so itself. */
    Step closed(Step step) {
        if (step.untilDry() != null) {
            return step;
        }
        boolean first = step.action() == Action.HOVER && isDriedAfter(step);
        return step.but().untilDry(first ? CAST_HAS_SET : DRY).build();
    }

    /** Whether anything dries the hair on later: a hover that does not say how long is then only until the cast sets. */
    private boolean isDriedAfter(Step hover) {
        boolean passed = false;
        for (Step step : steps) {
            if (passed && step.action().isDrying()) {
                return true;
            }
            passed |= step == hover;
        }
        return false;
    }
}
