package eventide.server.diary;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import eventide.diary.BusyTime;
import eventide.server.diary.CalendarRepository.Line;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Calendar files over the days the clocks change, in zones on both halves of the world, read back by a second library and by ourselves. */
public class CalendarFileTest {
    private static final Instant NOW = Instant.parse("2026-11-30T08:00:00Z");

    @DataProvider
    Object[][] hours() {
        List<Object[]> rows = new ArrayList<>();
        for (String zone : List.of("Europe/London", "America/New_York", "Australia/Sydney", "Etc/UTC")) {
            for (String at : List.of(
                    "2027-03-13T18:00",
                    "2027-03-14T18:00",
                    "2027-03-28T09:30",
                    "2027-04-04T09:30",
                    "2027-10-31T12:00",
                    "2027-12-31T23:30",
                    "2028-02-29T10:15")) {
                rows.add(new Object[] {zone, at});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    private static CalendarItem item(LocalDateTime at) {
        return new CalendarItem(
                "head-1-wash-" + at.toLocalDate() + "@even-tide",
                at.toLocalDate(),
                at,
                95,
                "Wash day, mask; with, commas",
                "Because: \"two lines\\nof it\"",
                30);
    }

    @Test(dataProvider = "hours")
    public void anHourIsTheSameMomentForWhoeverReadsIt(String zoneName, String time) {
        ZoneId zone = ZoneId.of(zoneName);
        LocalDateTime at = LocalDateTime.parse(time);
        String file = CalendarFile.of("Una's hair", List.of(new Line(item(at), 2, false)), zone, NOW);
        VEvent read = Biweekly.parse(file).first().getEvents().get(0);
        assertEquals(read.getDateStart().getValue().toInstant(), at.atZone(zone).toInstant(), file);
        assertEquals(read.getSummary().getValue(), "Wash day, mask; with, commas");
        assertEquals(read.getSequence().getValue(), (Integer) 2);
        assertEquals(read.getDuration().getValue().toMillis(), 95L * 60_000);
        assertEquals(read.getAlarms().size(), 1);
        List<BusyTime> busy = BusyFile.read(file, zone, at.toLocalDate().minusDays(1), 3);
        assertEquals(busy, List.of(new BusyTime(at, at.plusMinutes(95))));
    }

    /** Others write the zone by its name: its rules on that day are what counts. */
    @Test
    public void anHourInANamedZoneIsReadByItsRules() {
        String file = String.join(
                "\r\n",
                "BEGIN:VCALENDAR",
                "VERSION:2.0",
                "PRODID:-//somebody//else//EN",
                "BEGIN:VEVENT",
                "UID:1",
                "DTSTAMP:20270101T000000Z",
                "DTSTART;TZID=Europe/London:20271031T120000",
                "DTEND;TZID=Europe/London:20271031T130000",
                "END:VEVENT",
                "END:VCALENDAR",
                "");
        LocalDateTime utc = LocalDateTime.parse("2027-10-31T12:00");
        assertEquals(
                BusyFile.read(file, ZoneId.of("Etc/UTC"), LocalDate.parse("2027-10-30"), 3),
                List.of(new BusyTime(utc, utc.plusHours(1))));
        assertEquals(
                BusyFile.read(file, ZoneId.of("America/New_York"), LocalDate.parse("2027-10-30"), 3),
                List.of(new BusyTime(utc.minusHours(4), utc.minusHours(3))));
    }

    @Test
    public void aWholeDayIsOneEverywhereAndWhatIsGoneIsSaidSo() {
        CalendarItem day = new CalendarItem(
                "head-1-trim-2027-02-28@even-tide",
                LocalDate.parse("2027-02-28"),
                null,
                null,
                "Trim",
                "Ten weeks.",
                null);
        String file = CalendarFile.of("Una's hair", List.of(new Line(day, 1, true)), ZoneId.of("Europe/London"), NOW);
        assertTrue(file.contains("DTSTART;VALUE=DATE:20270228"), file);
        VEvent read = Biweekly.parse(file).first().getEvents().get(0);
        assertTrue(read.getStatus().isCancelled());
        assertEquals(read.getAlarms().size(), 0);
        assertEquals(BusyFile.read(file, ZoneId.of("Europe/London"), LocalDate.parse("2027-02-27"), 5), List.of());
    }
}
