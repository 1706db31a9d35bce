package eventide.drying;

import eventide.shape.Maybe;
import java.util.List;

/**
 * Where the water stands when a step is done. Minutes from the start, wetness in percent along the lengths.
 *
 * @param index the step's place in the routine, from 0
 * @param wetness mean over the hair worked on, as each section's turn comes
 * @param wetnessBySection the same, one value a section, in the order worked
 * @param inner for EACH_SECTION, one entry for each step inside
 */
public record StepTide(
        int index,
        double startMinute,
        double endMinute,
        double wetness,
        List<Double> wetnessBySection,
        double rootsWetness,
        double handsOnMinutes,
        @Maybe List<StepTide> inner) {
    /** The same of a step done section by section: its hands are busy as long as those of the steps inside it. */
    StepTide with(List<StepTide> steps) {
        double hands = steps.stream().mapToDouble(StepTide::handsOnMinutes).sum();
        return new StepTide(
                index,
                startMinute,
                endMinute,
                wetness,
                wetnessBySection,
                rootsWetness,
                TideRecorder.round(hands),
                steps);
    }
}
