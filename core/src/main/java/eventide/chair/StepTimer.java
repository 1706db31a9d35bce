package eventide.chair;

import eventide.drying.StepTide;
import eventide.drying.Tide;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
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

    private static StepTimer of(Routine routine, Step step, StepTide own) {
        double minutes = own.endMinute() - own.startMinute();
        int index = own.index();
        return switch (step.action()) {
            case MASK -> new StepTimer("mask/" + index, index, "Mask", minutes, rinse(routine, index), null, false);
            case PROTEIN ->
                new StepTimer("protein/" + index, index, "Protein", minutes, rinse(routine, index), null, false);
            case OIL_SCALP ->
                new StepTimer("oil/" + index, index, "Scalp oil", minutes, rinse(routine, index), null, false);
            case CLEANSE, CLARIFY -> contact(routine, step, index);
            case PLOP, WET_PLOP -> new StepTimer("plop/" + index, index, "Plop", minutes, null, null, false);
            case HOOD -> new StepTimer("hood/" + index, index, "Hood", minutes, null, null, false);
            case WAIT -> new StepTimer("wait/" + index, index, "Wait", minutes, null, null, false);
            case HOVER, HAMMOCK, FAN, AIR ->
                new StepTimer("dry/" + index, index, name(step), minutes, null, null, Rests.works(routine, index));
            case CUP -> new StepTimer("cup/" + index, index, "Cup", minutes, null, CUP_SECONDS, true);
            default -> null;
        };
    }

    /** A cleanser that works by its time: counted from the step to the rinse. */
    private static StepTimer contact(Routine routine, Step step, int index) {
        Product worn = step.worn();
        return worn == null || worn.contactMinutes() == null
                ? null
                : new StepTimer(
                        "contact/" + index,
                        index,
                        worn.name(),
                        worn.contactMinutes(),
                        rinse(routine, index),
                        null,
                        false);
    }

    private static String name(Step step) {
        return switch (step.action()) {
            case HOVER -> "Hover";
            case HAMMOCK -> "Hammock";
            case FAN -> "Fan";
            default -> "Air";
        };
    }

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
