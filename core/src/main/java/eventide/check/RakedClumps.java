package eventide.check;

import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import java.util.ArrayList;
import java.util.List;

/** T1: raking or combing once clumps are formed. */
final class RakedClumps implements Rule {
    @Override
    public String id() {
        return "T1";
    }

    @Override
    public String why() {
        return "Raking breaks clumps that hands have formed.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (StepPlace place : wash.routine().places()) {
            Step step = wash.routine().at(place);
            if (!rakes(step) || place.index() <= wash.routine().lastRinse()) {
                continue;
            }
            for (Visit visit : wash.course().visits(place)) {
                int formed = strongestBefore(wash, visit);
                if (formed > 0 && strongestAfter(wash, visit) < formed) {
                    found.add(Finding.of(
                            this, Severity.WARN, place, null, message(step), mend(wash.routine(), place, step)));
                    break;
                }
            }
        }
        return found;
    }

    private static String message(Step step) {
        return step.action() == Action.DETANGLE
                ? "Combing here pulls apart the clumps formed before."
                : "Raking here pulls apart the clumps formed before: glaze or scrunch it on.";
    }

    private static Mend mend(Routine routine, StepPlace place, Step step) {
        return step.action() == Action.DETANGLE
                ? new Mend("Leave the combing out", routine.without(place))
                : new Mend(
                        "Glaze it on instead",
                        routine.replacing(
                                place, step.but().technique(Technique.GLAZE).build()));
    }

    private static boolean rakes(Step step) {
        return step.action() == Action.DETANGLE
                || (step.action() == Action.APPLY && step.technique() == Technique.RAKE);
    }

    /** How firmly an action forms clumps: 2 piece by piece, 1 in the hand, 0 not. */
    private static int forms(Step step) {
        return switch (step.action()) {
            case COIL, SHINGLE, BRUSH_STYLE, TWIST -> 2;
            case SCRUNCH, PRESS -> 1;
            case APPLY -> step.technique() == Technique.SCRUNCH ? 1 : 0;
            default -> 0;
        };
    }

    private static int strongestBefore(Wash wash, Visit visit) {
        int strongest = 0;
        for (Visit earlier : Steps.earlierOnSameHair(wash, visit)) {
            if (earlier.step().action().soaks()) {
                strongest = 0;
            } else if (earlier.place().index() > wash.routine().lastRinse()) {
                strongest = Math.max(strongest, forms(earlier.step()));
            }
        }
        return strongest;
    }

    /** Shaping that comes before any drying: spreading first and shaping after is the normal order. */
    private static int strongestAfter(Wash wash, Visit visit) {
        int strongest = 0;
        for (Visit later : Steps.laterOnSameHair(wash, visit)) {
            if (later.step().action().isDrying()) {
                break;
            }
            strongest = Math.max(strongest, later.step().action() == Action.SMOOTH ? 2 : forms(later.step()));
        }
        return strongest;
    }
}
