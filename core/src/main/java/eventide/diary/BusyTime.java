package eventide.diary;

import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.LocalDateTime;

/**
 * Hours in which no wash can be done.
 *
 * @param what takes them, as it may be said to whoever plans
 */
public record BusyTime(LocalDateTime from, LocalDateTime to, @Maybe @Letters(least = 1, most = 200) String what) {
    public BusyTime {
        Shape.check(BusyTime.class, from, to, what);
        if (!to.isAfter(from)) {
            throw InvalidException.of("to", "to must be after from, but was " + to);
        }
    }

    /** Of which nobody says what takes them. */
    public BusyTime(LocalDateTime from, LocalDateTime to) {
        this(from, to, null);
    }

    /** What ends as the other begins does not. */
    boolean overlaps(LocalDateTime start, LocalDateTime end) {
        return start.isBefore(to) && end.isAfter(from);
    }
}
