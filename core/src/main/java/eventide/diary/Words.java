package eventide.diary;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Days and hours as they are said. */
final class Words {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

    private Words() {}

    /** As "Thu 4 Jun". */
    static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** As "Thu 4 Jun, 09:30". */
    static String hour(LocalDateTime at) {
        return DAY.format(at) + ", " + CLOCK.format(at);
    }

    /** Without a point where there is nothing behind it. */
    static String number(double value) {
        double tenth = Math.round(value * 10) / 10.0;
        return tenth == Math.rint(tenth) ? Long.toString((long) tenth) : Double.toString(tenth);
    }

    static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    /** "1 day", "12 days". */
    static String days(long days) {
        return days == 1 ? "1 day" : days + " days";
    }

    /** As "3 weeks" where they are whole and more than one, else in days. */
    static String weeks(LocalDate from, LocalDate to) {
        long days = ChronoUnit.DAYS.between(from, to);
        return days % 7 == 0 && days > 7 ? days / 7 + " weeks" : days(days);
    }
}
