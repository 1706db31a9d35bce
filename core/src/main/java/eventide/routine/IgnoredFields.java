package eventide.routine;

import java.util.ArrayList;
import java.util.List;

/** Lists, by JSON pointer into the request, the step fields that mean nothing to their action. */
public final class IgnoredFields {
    private IgnoredFields() {}

    public static List<String> of(Routine routine) {
        List<String> pointers = new ArrayList<>();
        collect(routine.steps(), "/routine/steps/", pointers);
        return List.copyOf(pointers);
    }

    private static void collect(List<Step> steps, String at, List<String> pointers) {
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            for (StepField field : StepField.values()) {
                if (valueOf(step, field) != null && !step.action().uses(field)) {
                    pointers.add(at + i + "/" + field.word());
                }
            }
            if (step.isEachSection()) {
                collect(step.steps(), at + i + "/steps/", pointers);
            }
        }
    }

    private static Object valueOf(Step step, StepField field) {
        return switch (field) {
            case PRODUCT -> step.product();
            case MIX -> step.mix();
            case DILUTION -> step.dilution();
            case TECHNIQUE -> step.technique();
            case ZONES -> step.zones();
            case HALF -> step.half();
            case PARTS -> step.parts();
            case SECTIONS -> step.sections();
            case AMOUNT_ML -> step.amountMl();
            case MINUTES -> step.minutes();
            case TO_WETNESS -> step.toWetness();
            case POSITION -> step.position();
            case TOOL -> step.tool();
            case FROM -> step.from();
            case BRUSH_DIRECTION -> step.brushDirection();
            case EXTENT -> step.extent();
            case TENSION -> step.tension();
            case WATER -> step.water();
            case COUNT -> step.count();
            case HEAT -> step.heat();
            case SPEED -> step.speed();
            case UNTIL_DRY -> step.untilDry();
            case HEAT_CAP -> step.heatCap();
            case ORDER -> step.order();
            case STEPS -> step.steps();
        };
    }
}
