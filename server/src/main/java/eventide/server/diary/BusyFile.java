package eventide.server.diary;

import eventide.diary.BusyTime;
import eventide.shape.InvalidException;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Status;

/** Hours that are taken, as another program's calendar file has them (RFC 5545). */
final class BusyFile {
    /** Who is free for so long a meeting is not busy, days: a holiday in a calendar is no hour of work [OURS]. */
    private static final int MOST_DAYS = 60;

    private BusyFile() {}

    /**
     * @param from nothing before it matters
     * @param days that are looked ahead
     * @throws InvalidException where the file cannot be read, with the line
     */
    static List<BusyTime> read(String text, ZoneId zone, LocalDate from, int days) {
        Calendar calendar;
        try {
            calendar = new CalendarBuilder().build(new StringReader(text));
        } catch (ParserException broken) {
            throw InvalidException.of(
                    "text",
                    "This is no calendar file that can be read: line " + broken.getLineNo() + ", \""
                            + line(text, broken.getLineNo()) + "\". Nothing was taken in.");
        } catch (IOException | RuntimeException broken) {
            throw InvalidException.of("text", "This is no calendar file that can be read. Nothing was taken in.");
        }
        List<BusyTime> busy = new ArrayList<>();
        for (VEvent event : calendar.<VEvent>getComponents(Component.VEVENT)) {
            boolean gone = event.getStatus() != null
                    && Status.VALUE_CANCELLED.equalsIgnoreCase(event.getStatus().getValue());
            boolean free = event.getTimeTransparency() != null
                    && "TRANSPARENT"
                            .equalsIgnoreCase(event.getTimeTransparency().getValue());
            if (!gone && !free) {
                add(event, zone, from, from.plusDays(days), busy);
            }
        }
        return busy.stream()
                .sorted(Comparator.comparing(BusyTime::from).thenComparing(BusyTime::to))
                .distinct()
                .toList();
    }

    private static String line(String text, int number) {
        String[] lines = text.split("\\R");
        String line = number >= 1 && number <= lines.length ? lines[number - 1] : "";
        return line.length() > 80 ? line.substring(0, 80) + "…" : line;
    }

    private static void add(VEvent event, ZoneId zone, LocalDate from, LocalDate to, List<BusyTime> into) {
        try {
            Temporal start = event.getDateTimeStart().getDate();
            Period<?> within = start instanceof LocalDate
                    ? new Period<>(from, to)
                    : start instanceof LocalDateTime
                            ? new Period<>(from.atStartOfDay(), to.atStartOfDay())
                            : new Period<>(from.atStartOfDay(zone), to.atStartOfDay(zone));
            for (Period<? extends Temporal> period : recurring(event, within)) {
                LocalDateTime begins = local(period.getStart(), zone);
                LocalDateTime ends = local(period.getEnd(), zone);
                if (start instanceof LocalDate && !ends.isAfter(begins)) {
                    ends = begins.plusDays(1);
                }
                if (ends.isAfter(begins) && ChronoUnit.DAYS.between(begins, ends) <= MOST_DAYS) {
                    into.add(new BusyTime(begins, ends));
                }
            }
        } catch (RuntimeException unreadable) {
            String what = event.getSummary() == null
                    ? "an entry"
                    : "\"" + event.getSummary().getValue() + "\"";
            throw InvalidException.of("text", "The hours of " + what + " cannot be read. Nothing was taken in.");
        }
    }

    @SuppressWarnings({"unchecked", "rawtypes"})
    private static Iterable<Period<? extends Temporal>> recurring(VEvent event, Period<?> within) {
        return (Iterable) event.calculateRecurrenceSet((Period) within);
    }

    private static LocalDateTime local(Temporal time, ZoneId zone) {
        if (time instanceof LocalDate day) {
            return day.atStartOfDay();
        }
        if (time instanceof LocalDateTime floating) {
            return floating;
        }
        if (time instanceof OffsetDateTime at) {
            return at.atZoneSameInstant(zone).toLocalDateTime();
        }
        if (time instanceof java.time.Instant at) {
            return LocalDateTime.ofInstant(at, zone);
        }
        return ((ZonedDateTime) time).withZoneSameInstant(zone).toLocalDateTime();
    }
}
