package eventide.wash;

import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.List;

/** Washing products that nothing rinses out. */
public final class Unrinsed {
    private Unrinsed() {}

    /** Index of the first washing step after the last rinse that was done, −1 where all is rinsed. */
    public static int first(Wash wash) {
        List<Step> steps = wash.routine().steps();
        for (int i = rinsed(steps) + 1; i < steps.size(); i++) {
            if (steps.get(i).action().washes()
                    && !wash.course().visits(new StepPlace(i, -1)).isEmpty()) {
                return i;
            }
        }
        return -1;
    }

    /** Index of the last rinse, −1 for none. */
    private static int rinsed(List<Step> steps) {
        for (int i = steps.size() - 1; i >= 0; i--) {
            if (steps.get(i).action() == Action.RINSE) {
                return i;
            }
        }
        return -1;
    }
}
