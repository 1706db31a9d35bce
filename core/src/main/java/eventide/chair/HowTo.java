package eventide.chair;

import eventide.routine.Step;

/** How hands do a step, in a line to be read from the mirror [CP throughout]. */
final class HowTo {
    private HowTo() {}

    /** Of a group, how its last step is done: the shaping. */
    static String of(Step step) {
        if (step.isEachSection()) {
            return of(step.steps().get(step.steps().size() - 1));
        }
        return step.technique() != null
                ? step.technique().howTo()
                : step.action().howTo(step);
    }
}
