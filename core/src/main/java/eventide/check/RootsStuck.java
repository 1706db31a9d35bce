package eventide.check;

import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.List;

/**
 * T6: styled upside down, roots not lifted before drying.
 *
 * <p>Upside down with no lift, shake, clips or dryer at the roots after the last turn, before the cast sets. A note; a warning
 * where little frizz is wanted. Washing upside down is not it, and drying upside down frees the roots. Mend: shake the roots.
 * Source: common practice.
 */
final class RootsStuck implements Rule {

    @Override
    public String id() {
        return "T6";
    }

    @Override
    public String why() {
        return "Turned back, roots lie stuck and the crown dries messy.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        int turned = -1;
        int lifted = -1;
        List<Step> steps = wash.routine().steps();
        for (int i = wash.lastRinse() + 1; i < steps.size(); i++) {
            Step step = steps.get(i);
            if (step.action().isDrying() && turned >= 0) {
                if (wash.course().tide().steps().get(i).startMinute() >= wash.castMinute()) {
                    break;
                }
                lifted = freesRoots(step) ? i : lifted;
                continue;
            }
            for (Step own : step.isEachSection() ? step.steps() : List.of(step)) {
                boolean styling = own.action().phase() == Action.Phase.STYLE
                        || own.action() == Action.SQUISH
                        || own.action() == Action.MICROPLOP;
                turned = styling && own.isIn(Position.UPSIDE_DOWN) ? i : turned;
                boolean frees = own.action() == Action.LIFT_ROOTS
                        || own.action() == Action.SHAKE_ROOTS
                        || own.action() == Action.CLIP_ROOTS;
                lifted = frees ? i : lifted;
            }
        }
        if (turned < 0 || lifted >= turned) {
            return List.of();
        }
        return List.of(Finding.of(
                this,
                wash.goal().wantsLowFrizz() ? Severity.WARN : Severity.NOTE,
                new StepPlace(turned, -1),
                Zone.CROWN,
                "Worked upside down, and the roots are not lifted before drying.",
                new Mend(
                        "Shake the roots free",
                        wash.routine()
                                .inserting(
                                        turned + 1, Step.of(Action.SHAKE_ROOTS).build()))));
    }

    /** Hanging down under the dryer, or with it aimed there, roots come away from the scalp. */
    private static boolean freesRoots(Step step) {
        boolean aimed = step.parts() != null && step.parts().contains(Part.ROOTS);
        return step.action().isDryer() && (aimed || step.isIn(Position.UPSIDE_DOWN));
    }
}
