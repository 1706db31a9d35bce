package eventide.check;

import eventide.routine.Step;
import eventide.routine.StepField;
import eventide.routine.StepPlace;
import eventide.routine.Tool;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * T5: a rough towel, or rubbing.
 *
 * <p>A towel with loops frizzes and breaks; a turban wrapped and pressed is fine. Mend: press with a smooth cloth. Source: common
 * practice.
 */
final class RoughTowel implements Rule {

    @Override
    public String id() {
        return "T5";
    }

    @Override
    public String why() {
        return "Rough cloth lifts the cuticle and tears curls apart.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            if (step.tool() == Tool.ROUGH_TOWEL && step.action().uses(StepField.TOOL)) {
                Step soft = step.but().tool(Tool.TSHIRT).build();
                found.add(Finding.of(
                        this,
                        Severity.WARN,
                        place,
                        null,
                        "A rough towel frizzes and breaks: press with smooth cloth.",
                        new Mend("Press with a T-shirt", wash.routine().replacing(place, soft))));
            }
        }
        return found;
    }
}
