package eventide.check;

import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.wash.Clumps;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * T1: raking or combing once clumps are formed.
 *
 * <p>A styler raked through them is it too. Not meant: spreading gel before the hair is shaped, shaping again as firmly after,
 * and dividing clumps on purpose. Mend: glaze or scrunch it in instead. Source: common practice.
 */
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
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            if (wash.course().visits(place).stream().anyMatch(visit -> Clumps.arePulledApart(wash, visit))) {
                found.add(
                        Finding.of(this, Severity.WARN, place, null, message(step), mend(wash.routine(), place, step)));
            }
        }
        return found;
    }

    private static String message(Step step) {
        return step.action() == Action.DETANGLE
                ? "Combing here pulls apart the clumps formed before."
                : "Raking here pulls apart the clumps formed before: glaze or scrunch it on.";
    }

    /** A comb is left out, for it puts nothing on; a styler is wanted all the same, and goes over the clumps by glazing. */
    private static Mend mend(Routine routine, StepPlace place, Step step) {
        return step.action() == Action.DETANGLE
                ? new Mend("Leave the combing out", routine.without(place))
                : new Mend(
                        "Glaze it on instead",
                        routine.replacing(
                                place, step.but().technique(Technique.GLAZE).build()));
    }
}
