package eventide.routine;

import java.util.ArrayList;
import java.util.List;

/** Lists, by JSON pointer into the request, the step fields that mean nothing to their action. */
public final class IgnoredFields {
    private IgnoredFields() {}

    /** JSON pointers of what means nothing where it stands. */
    public static List<String> of(Routine routine) {
        List<String> pointers = new ArrayList<>();
        collect(routine.steps(), "/routine/steps/", pointers);
        return List.copyOf(pointers);
    }

    /** @param at pointer to the list of steps */
    private static void collect(List<Step> steps, String at, List<String> pointers) {
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            for (StepField field : StepField.values()) {
                if (field.of(step) != null && !step.action().uses(field)) {
                    pointers.add(at + i + "/" + field.word());
                }
            }
            if (step.isEachSection()) {
                collect(step.steps(), at + i + "/steps/", pointers);
            }
        }
    }
}
