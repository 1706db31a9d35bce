package eventide.diary;

import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Set;

/**
 * When heads are done.
 *
 * @param days of the week; absent, every day
 */
public record WorkingHours(LocalTime from, LocalTime to, @Maybe Set<DayOfWeek> days) {
    /** Of a salon that said nothing [OURS]. */
    public static final WorkingHours USUAL = new WorkingHours(LocalTime.of(9, 0), LocalTime.of(19, 0), null);

    public WorkingHours {
        Shape.check(WorkingHours.class, from, to, days);
        days = Frozen.set(days);
        if (!to.isAfter(from)) {
            throw InvalidException.of("to", "to must be later on the day than from, but was " + to);
        }
        if (days != null && days.isEmpty()) {
            throw InvalidException.of("days", "days must hold at least one day of the week");
        }
    }

    /** Whether anybody works that day of the week. */
    boolean isOpen(LocalDate day) {
        return days == null || days.contains(day.getDayOfWeek());
    }
}
