package eventide.diary;

import eventide.shape.InvalidException;
import eventide.shape.Shape;
import java.time.LocalDateTime;

/** Hours in which no wash can be done. */
public record BusyTime(LocalDateTime from, LocalDateTime to) {
    public BusyTime {
        Shape.check(BusyTime.class, from, to);
        if (!to.isAfter(from)) {
            throw InvalidException.of("to", "to must be after from, but was " + to);
        }
    }

    boolean overlaps(LocalDateTime start, LocalDateTime end) {
        return start.isBefore(to) && end.isAfter(from);
    }
}
