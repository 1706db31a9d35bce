package eventide.wash;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.product.Cast;
import eventide.routine.Action;
import eventide.routine.Step;

/** Hands and the bowl on hair that dries, before its cast has set. */
public final class Touches {
    /** Percent of water below which touching does no more harm [OURS]. */
    public static final double ABOVE_PERCENT = 50;

    private Touches() {}

    /** How many turns of a zone's hair were touched so. */
    public static int beforeCast(Wash wash, Zone zone) {
        if (!Cast.isSetBy(HoldWorn.strongestHold(wash, zone))) {
            return 0;
        }
        int touches = 0;
        for (Visit visit : wash.stylingIn(zone)) {
            if (touches(visit.step())
                    && visit.startMinute() < wash.castMinute()
                    && visit.wetness() > ABOVE_PERCENT
                    && dryingBegan(wash, visit)) {
                touches++;
            }
        }
        return touches;
    }

    /** The bowl too, whatever a school holds of it: a school changes no hair. */
    private static boolean touches(Step step) {
        return step.action().disturbsCast();
    }

    /** A hand in wet hair before any drying shapes it; a bowl always dries. */
    private static boolean dryingBegan(Wash wash, Visit visit) {
        if (visit.step().action() == Action.CUP) {
            return true;
        }
        for (Visit earlier : wash.course().visits()) {
            if (earlier.step().action().isDrying() && earlier.endMinute() <= visit.startMinute() + 1e-9) {
                return true;
            }
        }
        return false;
    }
}
