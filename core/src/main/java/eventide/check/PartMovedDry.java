package eventide.check;

import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * T9: the parting, or curls, moved after drying.
 *
 * <p>Hair sets as it lies: what is moved dry frizzes. A note. Mend: set the parting wet. Source: common practice.
 */
final class PartMovedDry implements Rule {
    /** Wetter than this, hair still takes a new lie, percent [OURS]. */
    private static final double STILL_MOVES = 35;

    @Override
    public String id() {
        return "T9";
    }

    @Override
    public String why() {
        return "Hair sets as it lies wet; moved dry, it frizzes.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>(parted(wash));
        found.addAll(PickedThrough.findings(this, wash));
        return found;
    }

    /** A parting set once hair has begun to dry: roots have a direction by then, and stand up against the new one. */
    private List<Finding> parted(Wash wash) {
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            if (step.action() != Action.SET_PART) {
                continue;
            }
            for (Visit visit : wash.course().visits(place)) {
                Visit dried = wash.course().visits().stream()
                        .filter(v -> v.step().action().isDrying() && v.startMinute() < visit.startMinute())
                        .findFirst()
                        .orElse(null);
                if (dried == null || visit.wetness() > STILL_MOVES) {
                    continue;
                }
                var moved = Steps.movedBefore(wash.routine(), place, dried.place());
                return List.of(Finding.of(
                        this,
                        Severity.NOTE,
                        place,
                        null,
                        "The parting is moved once the hair is dry: decide it wet.",
                        moved == null ? null : new Mend("Set it wet", moved)));
            }
        }
        return List.of();
    }
}
