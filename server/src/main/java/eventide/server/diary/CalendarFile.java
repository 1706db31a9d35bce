package eventide.server.diary;

import eventide.server.diary.CalendarRepository.Line;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.Temporal;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Duration;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableStatus;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** A calendar as other programs read it (RFC 5545). */
final class CalendarFile {
    private CalendarFile() {}

    /**
     * @param name it is shown by
     * @param zone its hours are told by
     */
    static String of(String name, List<Line> lines, ZoneId zone, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Even Tide//diary//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(ImmutableMethod.PUBLISH);
        calendar.add(new XProperty("X-WR-CALNAME", name));
        calendar.add(new XProperty("X-WR-TIMEZONE", zone.getId()));
        lines.forEach(line -> calendar.add(event(line, zone, now)));
        StringWriter out = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return out.toString();
    }

    private static VEvent event(Line line, ZoneId zone, Instant now) {
        CalendarItem item = line.item();
        VEvent event = new VEvent(false);
        event.add(new Uid(item.uid()));
        event.add(new DtStamp(now));
        event.add(new Sequence(line.sequence()));
        // The moment itself: readers differ in what they make of a zone's rules on the day its clocks change.
        Temporal start = item.at() == null ? item.day() : item.at().atZone(zone).toInstant();
        event.add(new DtStart<>(start));
        if (item.at() != null && item.minutes() != null) {
            event.add(new Duration(java.time.Duration.ofMinutes(item.minutes())));
        }
        event.add(new Summary(item.summary()));
        event.add(new Description(item.why()));
        event.add(line.cancelled() ? ImmutableStatus.VEVENT_CANCELLED : ImmutableStatus.VEVENT_CONFIRMED);
        if (item.alarmMinutes() != null && !line.cancelled()) {
            VAlarm alarm = new VAlarm(java.time.Duration.ofMinutes(-item.alarmMinutes()));
            alarm.add(ImmutableAction.DISPLAY);
            alarm.add(new Description(item.summary()));
            event.add(alarm);
        }
        return event;
    }
}
