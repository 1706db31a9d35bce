package eventide.wash;

import eventide.drying.StepTide;
import eventide.routine.Action;
import eventide.routine.Step;
import java.util.List;

/** How long something works before it is rinsed, and what takes residue off. */
public final class Washing {
    private Washing() {}

    /** A step's own minutes, or until the next rinse, whichever is longer. */
    public static double minutesWorked(Wash wash, int index) {
        StepTide own = wash.course().tide().steps().get(index);
        double until = untilRinse(wash, index);
        return Math.max(own.endMinute() - own.startMinute(), Double.isNaN(until) ? 0 : until);
    }

    /** A clarifier, or a cleanser whose label is strong enough to take off what water leaves. */
    public static boolean surelyLifts(Step step) {
        return Lifting.surelyLifts(step);
    }

    /** Minutes from the start of a step to the start of the next rinse; NaN where none follows. */
    public static double untilRinse(Wash wash, int index) {
        List<Step> steps = wash.routine().steps();
        List<StepTide> tide = wash.course().tide().steps();
        for (int i = index + 1; i < steps.size(); i++) {
            if (steps.get(i).action() == Action.RINSE) {
                return tide.get(i).startMinute() - tide.get(index).startMinute();
            }
        }
        return Double.NaN;
    }
}
