package eventide.check;

import eventide.routine.Action;
import eventide.routine.Part;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The part of T9 on curls moved after drying, by a pick taken through their lengths. A pick of which no part is said lifts the roots. */
final class PickedThrough {
    /** Wetter than this it frees layers that stick together, percent [OURS]. */
    private static final double STILL_MOVES = 35;

    private PickedThrough() {}

    /** A pick that goes past the roots of dry curls. Mend: the roots alone, which is what a pick is for. */
    static List<Finding> findings(Rule rule, Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            boolean through = step.action() == Action.PICK
                    && step.parts() != null
                    && (step.reaches(Part.LENGTHS) || step.reaches(Part.ENDS));
            if (through && wash.course().visits(place).stream().anyMatch(visit -> visit.wetness() <= STILL_MOVES)) {
                Step roots = step.but().parts(Set.of(Part.ROOTS)).build();
                found.add(Finding.of(
                        rule,
                        Severity.NOTE,
                        place,
                        null,
                        "The pick goes through dry lengths: it pulls the curls apart.",
                        new Mend("Pick the roots only", wash.routine().replacing(place, roots))));
            }
        }
        return found;
    }
}
