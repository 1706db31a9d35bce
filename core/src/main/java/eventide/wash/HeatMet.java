package eventide.wash;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.routine.Heat;

/** Heat as hair met it. */
public final class HeatMet {
    private HeatMet() {}

    /** Something that guards from heat went on the same hair before. */
    public static boolean isGuarded(Wash wash, Visit dryer) {
        for (Layer layer : wash.layers()) {
            if (layer.product().guardsHeat()) {
                for (Visit own : layer.visits()) {
                    if (own.startMinute() <= dryer.startMinute() + 1e-9 && own.overlaps(dryer)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Hot air at a zone. */
    public static boolean isHot(Wash wash, Zone zone) {
        for (Visit visit : wash.stylingIn(zone)) {
            if (isHot(visit)) {
                return true;
            }
        }
        return false;
    }

    /** Hot air at a zone that nothing guards. */
    public static boolean isHotUnguarded(Wash wash, Zone zone) {
        for (Visit visit : wash.stylingIn(zone)) {
            if (isHot(visit) && !isGuarded(wash, visit)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isHot(Visit visit) {
        return visit.step().action().isDryer() && visit.step().heat() == Heat.HOT && visit.minutes() > 0;
    }
}
