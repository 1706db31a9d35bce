package eventide.drying;

import eventide.shape.Maybe;
import java.util.List;

/**
 * Water over time: the mean of the head each minute, in percent, and where each step stands on it.
 *
 * @param waterGrams the most water the hair carries above the room's level, in g
 * @param hairGrams dry hair, in g
 * @param waiting the sections that wait for their turn; left out where nothing is drawn
 */
public record Tide(
        List<Integer> minutes,
        List<Double> lengths,
        List<Double> roots,
        List<Mark> marks,
        List<StepTide> steps,
        double waterGrams,
        double hairGrams,
        @Maybe List<Waiting> waiting) {
    /** Minutes from the first step to the end of the last. */
    public double lastMinute() {
        return steps.isEmpty() ? 0 : steps.get(steps.size() - 1).endMinute();
    }

    /** With the sections that wait for their turn. */
    Tide with(List<Waiting> sections) {
        return new Tide(minutes, lengths, roots, marks, steps, waterGrams, hairGrams, List.copyOf(sections));
    }
}
