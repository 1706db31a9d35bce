package eventide.wash;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Shaping;
import eventide.routine.Step;
import eventide.routine.Technique;

/** Clumps as hands form them, and what pulls them apart again [CP]. */
public final class Clumps {
    private Clumps() {}

    /** Whether a visit rakes or combs through clumps that nothing shapes again as firmly before they dry, at any of its zones. */
    public static boolean arePulledApart(Wash wash, Visit visit) {
        for (Zone zone : Zone.values()) {
            if (visit.isIn(zone) && arePulledApart(wash, visit, zone)) {
                return true;
            }
        }
        return false;
    }

    /** The same at one zone. */
    public static boolean arePulledApart(Wash wash, Visit visit, Zone zone) {
        if (!rakes(visit.step()) || visit.place().index() <= wash.lastRinse()) {
            return false;
        }
        int formed = strongestBefore(wash, visit, zone);
        return formed > 0 && strongestAfter(wash, visit, zone) < formed;
    }

    private static boolean rakes(Step step) {
        return step.action() == Action.DETANGLE
                || (step.action() == Action.APPLY && step.technique() == Technique.RAKE);
    }

    /** How firmly a step forms clumps: 2 piece by piece, 1 in the hand, 0 not. */
    private static int forms(Step step) {
        return switch (step.action().shaping()) {
            case BY_PIECE -> 2;
            case IN_HAND -> 1;
            case LAID, NONE -> step.action() == Action.APPLY && step.technique() == Technique.SCRUNCH ? 1 : 0;
        };
    }

    /** How firmly the clumps on this hair were formed since it was last under the tap, 0 for not at all. */
    private static int strongestBefore(Wash wash, Visit visit, Zone zone) {
        int strongest = 0;
        for (Visit earlier : wash.course().visits()) {
            boolean soaks = earlier.step().action().soaks();
            int formed = soaks || earlier.place().index() <= wash.lastRinse() ? 0 : forms(earlier.step());
            // Whether it was the same hair is asked last, and of few: it is asked of every turn against every other.
            if ((soaks || formed > strongest)
                    && earlier.isIn(zone)
                    && Steps.isEarlierOnSameHair(wash, earlier, visit)) {
                strongest = formed;
            }
        }
        return strongest;
    }

    /**
     * Shaping that comes before any drying: spreading first and shaping after is the normal order.
     *
     * @return 0 (none), 1 (forms) or 2 (lays each in its place)
     */
    private static int strongestAfter(Wash wash, Visit visit, Zone zone) {
        int strongest = 0;
        for (Visit later : wash.course().visits()) {
            boolean dries = later.step().action().isDrying();
            int firm = later.step().action().shaping() == Shaping.LAID ? 2 : forms(later.step());
            if ((dries || firm > strongest) && later.isIn(zone) && Steps.isLaterOnSameHair(wash, later, visit)) {
                if (dries) {
                    break;
                }
                strongest = firm;
            }
        }
        return strongest;
    }
}
