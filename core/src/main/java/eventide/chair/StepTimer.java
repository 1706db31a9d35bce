package eventide.chair;

import eventide.drying.StepTide;
import eventide.drying.Tide;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Timed;
import eventide.shape.Maybe;
import java.util.ArrayList;
import java.util.List;

/**
 * A clock that starts with a step and runs whatever hands do meanwhile.
 *
 * @param key the same on every device
 * @param step index of the step that starts it
 * @param name what is timed, as a stylist says it
 * @param minutes until it rings
 * @param untilStep index of the step whose beginning ends it, for what works on until it is rinsed out; absent where it
 *     ends with its own step
 * @param everySeconds a beat instead of an end: a tick each time the bowl moves on
 * @param restsInPause hands hold what it times: a pause stops it
 */
public record StepTimer(
        String key,
        int step,
        String name,
        double minutes,
        @Maybe Integer untilStep,
        @Maybe Double everySeconds,
        boolean restsInPause) {
    /** Cup-diffusing holds the bowl 10 to 20 s at a section [CP]: the middle. */
    public static final double CUP_SECONDS = 15;

    /** The clocks a routine starts, each with when it is due by the plan. */
    public static List<StepTimer> of(Routine routine, Tide planned) {
        List<StepTimer> timers = new ArrayList<>();
        for (StepTide own : planned.steps()) {
            Step step = routine.steps().get(own.index());
            StepTimer timer = of(routine, step, own);
            if (timer != null) {
                timers.add(timer);
            }
        }
        return List.copyOf(timers);
    }

    /** Null of a step nobody sets a clock for. */
    private static StepTimer of(Routine routine, Step step, StepTide own) {
        Timed timed = step.action().timed();
        if (timed == null) {
            return null;
        }
        double minutes = own.endMinute() - own.startMinute();
        int index = own.index();
        String key = timed.key() + "/" + index;
        return switch (timed.until()) {
            case ITS_MINUTES -> new StepTimer(key, index, timed.name(), minutes, null, null, false);
            case NEXT_RINSE -> new StepTimer(key, index, timed.name(), minutes, rinse(routine, index), null, false);
            case LABEL_TIME -> contact(routine, step, index, key);
            case DRY -> new StepTimer(key, index, timed.name(), minutes, null, null, Rests.works(routine, index));
            case MOVING_ON -> new StepTimer(key, index, timed.name(), minutes, null, CUP_SECONDS, true);
        };
    }

    /** A cleanser that works by its time: counted from the step to the rinse. */
    private static StepTimer contact(Routine routine, Step step, int index, String key) {
        Product worn = step.worn();
        return worn == null || worn.contactMinutes() == null
                ? null
                : new StepTimer(key, index, worn.name(), worn.contactMinutes(), rinse(routine, index), null, false);
    }

    /** The step that takes it off again, null where it stays on. */
    private static Integer rinse(Routine routine, int after) {
        for (int i = after + 1; i < routine.steps().size(); i++) {
            Action action = routine.steps().get(i).action();
            if (action == Action.RINSE || action == Action.CLEANSE || action == Action.CLARIFY) {
                return i;
            }
        }
        return null;
    }
}
