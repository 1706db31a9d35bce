package eventide.diary;

import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.util.List;

/**
 * The salon's own hours.
 *
 * @param hours when heads are done; the usual ones where absent
 * @param busy hours that are taken, as read from a calendar
 */
public record SalonDiary(@Maybe WorkingHours hours, @Maybe List<BusyTime> busy) {
    public static final SalonDiary EMPTY = new SalonDiary(null, null);
    /** Entries one calendar brings. */
    private static final int MOST = 5000;

    public SalonDiary {
        Shape.check(SalonDiary.class, hours, busy);
        busy = Frozen.list(busy);
        if (busy != null && busy.size() > MOST) {
            throw InvalidException.of("busy", "busy must be at most " + MOST + ", but were " + busy.size());
        }
    }

    /** Times that are taken already; empty for none. */
    public List<BusyTime> busyOrNone() {
        return busy == null ? List.of() : busy;
    }
}
