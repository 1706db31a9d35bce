package eventide.check;

import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Layer;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.List;

/**
 * W3: after the last hold, water lifts the whole head by more than 25 points.
 *
 * <p>Hold is washed thin, and scored so. A part that is misted does not count, nor a lift before hold goes on again. Mend: add
 * hold back, or wet before. Source: common practice; the 25 points are the trade's.
 */
final class HoldWashedThin implements Rule {
    /** Water added while shaping is normal; this much over the whole head is a loss [CP]. */
    private static final double MOST_LIFT = 25;

    @Override
    public String id() {
        return "W3";
    }

    @Override
    public String why() {
        return "Water poured over hold washes it thin.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            // A mist as each section's turn comes is shaping, not washing.
            boolean shaping = place.isInner() && step.action() == Action.MIST;
            if (!step.action().wets() || step.action().soaks() || shaping) {
                continue;
            }
            double lift = 0;
            for (Visit visit : wash.course().visits(place)) {
                if (holdLies(wash, visit)) {
                    double rise = Math.max(0, wash.course().lengthsAfter(visit) - visit.wetness());
                    lift += rise * visit.grams() / wash.course().hairGrams();
                }
            }
            if (lift > MOST_LIFT) {
                return List.of(Finding.of(
                        this,
                        Severity.WARN,
                        place,
                        null,
                        "Water lifts the whole head by " + Steps.percent(lift) + " over the hold.",
                        mend(wash, place)));
            }
        }
        return List.of();
    }

    /** Hold went on this hair before, and none does again. */
    private static boolean holdLies(Wash wash, Visit visit) {
        boolean before = false;
        for (Layer layer : wash.layers()) {
            if (!layer.holds()) {
                continue;
            }
            for (Visit own : layer.visits()) {
                if (!own.overlaps(visit)) {
                    continue;
                }
                if (own.startMinute() >= visit.endMinute() - 1e-9) {
                    return false;
                }
                before = true;
            }
        }
        return before;
    }

    /** The water goes before the first hold, or goes altogether. */
    private static Mend mend(Wash wash, StepPlace place) {
        StepPlace first = wash.layers().stream()
                .filter(Layer::holds)
                .map(Layer::place)
                .findFirst()
                .orElseThrow();
        Routine moved = Steps.movedBefore(wash.routine(), place, first);
        return moved == null
                ? new Mend("Leave the water out", wash.routine().without(place))
                : new Mend("Wet it before the hold", moved);
    }
}
