package eventide.check;

import static eventide.wash.Steps.percent;

import eventide.drying.OpenEnds;
import eventide.drying.Visit;
import eventide.product.Cast;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Tool;
import eventide.wash.Layer;
import eventide.wash.Steps;
import eventide.wash.Touches;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * D1: hands or the bowl touch the hair while it dries, before the cast has set.
 *
 * <p>Shaping strokes while the styler goes on are not meant; silent with hold below 4, which sets no cast, and for the bowl where
 * the school cups from the start. Mend: hover first. Source: common practice; the cast has set when lengths are 50 to 60 %
 * dry.
 */
final class TouchedBeforeCast implements Rule {
    /** The cast has set when lengths are about 50–60 % dry [OURS]; the benefit of the doubt is the stylist's. */
    private static final double SET_AT = Touches.ABOVE_PERCENT;

    @Override
    public String id() {
        return "D1";
    }

    @Override
    public String why() {
        return "Touched before the cast sets, hair frizzes.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            boolean bowl = step.action() == Action.CUP;
            if (!(bowl || handles(step)) || (bowl && wash.schools().cupsFromStart())) {
                continue;
            }
            Visit touched = firstTooEarly(wash, place, bowl);
            if (touched != null) {
                String message = (bowl ? "The bowl touches" : "Hands touch") + " the hair at "
                        + percent(100 - touched.wetness()) + " dry, before the cast has set.";
                found.add(Finding.of(this, Severity.WARN, place, null, message, mend(wash.routine(), place)));
            }
        }
        return found;
    }

    /**
     * The first touch of a step that meets a film not set yet, null for none.
     *
     * @param bowl whether hair lies in a diffuser's bowl rather than in a hand
     */
    private static Visit firstTooEarly(Wash wash, StepPlace place, boolean bowl) {
        for (Visit visit : wash.course().visits(place)) {
            Layer hold = wash.lastHoldBefore(visit.startMinute());
            if (hold == null || !Cast.isSetBy(hold.product().hold()) || visit.wetness() <= SET_AT) {
                continue;
            }
            // Shaping wet hair comes before any drying and is not meant.
            boolean shapes = !bowl && visit.step().action() != Action.FLUFF;
            boolean drying = !shapes || Steps.driedBetween(wash, hold.startMinute(), visit.startMinute());
            if (drying && holdIsOn(wash, visit)) {
                return visit;
            }
        }
        return null;
    }

    /** Whether the very hair that is touched wears hold already. */
    private static boolean holdIsOn(Wash wash, Visit visit) {
        return wash.layers().stream()
                .anyMatch(l -> l.holds()
                        && l.startMinute() < visit.startMinute()
                        && l.visits().stream().anyMatch(v -> v.overlaps(visit)));
    }

    private static boolean handles(Step step) {
        return step.action().ruffles() || step.action() == Action.SQUEEZE && step.tool() == Tool.FINGERS;
    }

    private static Mend mend(Routine routine, StepPlace place) {
        Step hover = Step.of(Action.HOVER).untilDry(OpenEnds.CAST_HAS_SET).build();
        return new Mend("Hover until the cast sets", routine.inserting(place.index(), hover));
    }
}
