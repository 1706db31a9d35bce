package eventide.check;

import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * T3: the brush pulls down where volume is wanted.
 *
 * <p>Fires where the goal wants volume and a brush stroke is stated as down on wet hair; the hairline is left out, for a fringe
 * is brushed into place. Mend: up and out. Source: common practice.
 */
final class BrushedDown implements Rule {

    @Override
    public String id() {
        return "T3";
    }

    @Override
    public String why() {
        return "Brushed down, roots dry flat.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        if (!wash.goal().wantsVolume()) {
            return found;
        }
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            boolean down = step.action() == Action.BRUSH_STYLE && step.brushDirection() == BrushDirection.DOWN;
            boolean behindTheHairline = wash.course().visits(place).stream()
                    .anyMatch(v -> v.zones().stream().anyMatch(zone -> zone != Zone.HAIRLINE));
            if (down && behindTheHairline) {
                Step up = step.but().brushDirection(BrushDirection.UP_AND_OUT).build();
                found.add(Finding.of(
                        this,
                        Severity.WARN,
                        place,
                        null,
                        "Brushed down where volume is wanted: the roots will lie flat.",
                        new Mend("Brush up and out", wash.routine().replacing(place, up))));
            }
        }
        return found;
    }
}
