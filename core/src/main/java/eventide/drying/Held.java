package eventide.drying;

import eventide.hair.Zone;
import eventide.routine.Position;
import java.util.List;

/**
 * How far the way the head is held opens the roots of a zone to the air, against a head of which nothing is said [OURS: the
 * trade says that upside down opens them, that what lies underneath stays wet, and that changing position helps].
 */
final class Held {
    /** Whatever lay underneath in one position lies open in the next. */
    static final double CHANGED = 1.2;

    private Held() {}

    /**
     * Times the roots of a zone stand open by how the head is held, 1 for upright and nothing said. Held first one way and then
     * another, each place has its better turn.
     *
     * @param positions null or empty where the step does not say
     * @return a factor about 1
     */
    static double opening(List<Position> positions, Zone zone) {
        if (positions == null || positions.isEmpty()) {
            return 1;
        }
        double best = 0;
        boolean changed = false;
        for (Position position : positions) {
            best = Math.max(best, opening(position, zone));
            changed |= position != positions.get(0);
        }
        return changed ? Math.max(CHANGED, best) : best;
    }

    /**
     * One position at one zone [CP that it helps and where; the figures OURS].
     *
     * @return a factor about 1
     */
    private static double opening(Position position, Zone zone) {
        boolean atTheBack = zone == Zone.NAPE || zone == Zone.BACK;
        return switch (position) {
            // the hair falls off the neck, and the crown off the scalp
            case UPSIDE_DOWN -> atTheBack ? 1.3 : 1.15;
            // it lies on its own underside
            case RECLINED -> atTheBack ? .85 : 1;
            // which side is not said: one opens, the other lies under it
            case SIDE -> zone == Zone.NAPE ? 1.1 : 1;
            case UPRIGHT -> zone == Zone.NAPE ? .9 : 1;
        };
    }
}
