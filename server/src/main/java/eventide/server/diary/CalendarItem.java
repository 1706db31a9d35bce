package eventide.server.diary;

import eventide.shape.Maybe;
import java.time.LocalDate;
import java.time.LocalDateTime;

/**
 * One line of a calendar.
 *
 * @param uid the same for the same thing, however often it is asked for
 * @param at its hour; absent for a whole day
 * @param alarmMinutes before it; absent for none
 */
record CalendarItem(
        String uid,
        LocalDate day,
        @Maybe LocalDateTime at,
        @Maybe Integer minutes,
        String summary,
        String why,
        @Maybe Integer alarmMinutes) {
    /** Whatever a calendar would show otherwise. */
    String told() {
        String all = (at == null ? day : at) + "|" + minutes + "|" + summary + "|" + why;
        return all.length() <= LONGEST ? all : all.substring(0, LONGEST);
    }

    String starts() {
        return at == null ? day.toString() : at.toString();
    }

    private static final int LONGEST = 2000;
}
