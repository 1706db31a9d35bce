package eventide.check;

import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Position;
import eventide.routine.Step;
import eventide.wash.Wash;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * T10: the dryer stays in one position where volume is wanted.
 *
 * <p>Counts the minutes of dryer steps in one stated position: over 15 is a note. Where none is stated nothing is assumed wrong,
 * and air does not count. Mend: change the position. Source: common practice.
 */
final class OnePosition implements Rule {
    /** Minutes in one stated position before it shows [CP]. */
    private static final double MOST_MINUTES = 15;

    @Override
    public String id() {
        return "T10";
    }

    @Override
    public String why() {
        return "Dried in one position, one side lies flat and the hair below stays wet.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        if (!wash.goal().wantsVolume()) {
            return List.of();
        }
        Map<Position, Double> minutes = new EnumMap<>(Position.class);
        for (Visit visit : wash.course().visits()) {
            Step step = visit.step();
            boolean one = step.position() != null && step.position().size() == 1;
            if (!step.action().isDryer() || step.action() == Action.HOOD) {
                continue;
            }
            if (!one) {
                continue;
            }
            double sum = minutes.merge(step.position().get(0), visit.minutes(), Double::sum);
            if (sum > MOST_MINUTES && minutes.size() == 1) {
                Step turned = step.but()
                        .position(List.of(Position.SIDE, Position.UPSIDE_DOWN, Position.UPRIGHT))
                        .build();
                return List.of(Finding.of(
                        this,
                        Severity.NOTE,
                        visit.place(),
                        null,
                        Math.round(sum) + " minutes of dryer in one position: turn the head for volume.",
                        new Mend("Change position", wash.routine().replacing(visit.place(), turned))));
            }
        }
        return List.of();
    }
}
