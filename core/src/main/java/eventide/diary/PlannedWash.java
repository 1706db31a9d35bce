package eventide.diary;

import java.time.LocalDate;
import java.time.LocalDateTime;

/**
 * A wash to come.
 *
 * @param at its hour
 * @param forEvent the last before an event
 */
record PlannedWash(LocalDateTime at, boolean forEvent) {
    LocalDate date() {
        return at.toLocalDate();
    }
}
