package eventide.diary;

import static eventide.diary.Days.CURLS;
import static eventide.diary.Days.any;
import static eventide.diary.Days.asked;
import static eventide.diary.Days.day;
import static eventide.diary.Days.towards;
import static eventide.diary.Days.washed;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.diary.DiaryEntry.Kind;
import eventide.shape.InvalidException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** An event counted back from its hour, and what holds whatever the head, its past and its hours [CP]. */
public class EventTest {
    private static final DiaryQuestion MARCH =
            asked(CURLS, new Cadence(4, null, null, null, null), "2026-03-02", 40, washed("2026-02-28"));

    private static Set<LocalDate> days(DiaryPlan plan, Kind kind) {
        return plan.entries().stream()
                .filter(entry -> entry.kind() == kind)
                .map(DiaryEntry::date)
                .collect(Collectors.toSet());
    }

    private static DiaryWash best(String day, int best) {
        return new DiaryWash(day(day), null, null, null, null, best, null);
    }

    @Test
    public void washedTheDayBeforeForMostHeads() {
        DiaryPlan plan = DiaryPlan.of(towards(MARCH, LocalDateTime.parse("2026-03-27T19:00"), null));
        assertEquals(plan.event().wearDay(), 2);
        assertEquals(plan.event().washAt().toLocalDate(), day("2026-03-26"));
        assertTrue(plan.event().slackMinutes() > 0);
        assertEquals(plan.event().ways().get(0).wearDay(), 2);
        assertTrue(plan.event().ways().size() == 3
                && plan.event().ways().stream().skip(1).allMatch(way -> way.lost() != null));
        assertEquals(plan.conflicts(), List.of());
    }

    @Test
    public void onTheDayThatTheLogHasBest() {
        DiaryQuestion third = asked(
                CURLS,
                new Cadence(5, null, null, null, null),
                "2026-03-02",
                40,
                best("2026-02-10", 3),
                best("2026-02-17", 3),
                best("2026-02-24", 2));
        assertEquals(
                DiaryPlan.of(towards(third, LocalDateTime.parse("2026-03-27T19:00"), null))
                        .event()
                        .wearDay(),
                3);
    }

    @Test
    public void aTakenDayIsNamedAndTheNearestTaken() {
        BusyTime taken = new BusyTime(LocalDateTime.parse("2026-03-26T00:00"), LocalDateTime.parse("2026-03-27T00:00"));
        DiaryPlan plan = DiaryPlan.of(towards(MARCH, LocalDateTime.parse("2026-03-27T19:00"), List.of(taken)));
        assertEquals(plan.event().wearDay(), 3);
        assertEquals(plan.conflicts().size(), 1);
        assertTrue(
                plan.conflicts().get(0).message().contains("Thu 26 Mar"),
                plan.conflicts().toString());
        assertFalse(plan.conflicts().get(0).doNext().isBlank());
    }

    @Test
    public void tooSoonForARehearsalIsSaid() {
        DiaryPlan plan = DiaryPlan.of(towards(MARCH, LocalDateTime.parse("2026-03-06T19:00"), null));
        assertTrue(plan.conflicts().stream().anyMatch(one -> one.kinds().contains(Kind.REHEARSE)));
        assertEquals(days(plan, Kind.REHEARSE), Set.of());
    }

    @Test
    public void noHourAtAllIsSaidAndNothingInvented() {
        BusyTime always =
                new BusyTime(LocalDateTime.parse("2026-03-01T00:00"), LocalDateTime.parse("2026-04-20T00:00"));
        DiaryPlan plan = DiaryPlan.of(towards(MARCH, LocalDateTime.parse("2026-03-27T19:00"), List.of(always)));
        assertNull(plan.event());
        assertEquals(days(plan, Kind.WASH), Set.of());
        assertTrue(plan.conflicts().stream().anyMatch(one -> one.kinds().contains(Kind.EVENT)));
        assertEquals(days(plan, Kind.EVENT), Set.of(day("2026-03-27")));
    }

    @Test
    public void aBottleNewInTheLastWashIsNamed() {
        DiaryQuestion fresh = asked(
                CURLS,
                new Cadence(4, null, null, null, null),
                "2026-03-02",
                10,
                new DiaryWash(day("2026-03-01"), null, null, null, null, null, List.of("Kelp jelly")));
        DiaryPlan plan = DiaryPlan.of(towards(fresh, LocalDateTime.parse("2026-03-05T19:00"), null));
        assertTrue(plan.conflicts().stream().anyMatch(one -> one.message().startsWith("Kelp jelly is new")));
    }

    @Test
    public void anEventThatIsOverIsRefused() {
        InvalidException refused = expectThrows(
                InvalidException.class, () -> towards(MARCH, LocalDateTime.parse("2026-03-01T19:00"), null));
        assertTrue(refused.faults().get(0).message().contains("still lie ahead"));
    }

    /** On the days the clocks change a wash is planned by the clock all the same. */
    @Test
    public void theDayTheClocksChange() {
        for (String at : List.of("2026-03-29T12:00", "2026-10-25T12:00")) {
            LocalDateTime event = LocalDateTime.parse(at);
            DiaryQuestion asked = asked(
                    CURLS,
                    new Cadence(4, null, null, null, null),
                    event.toLocalDate().minusDays(20).toString(),
                    30,
                    washed(event.toLocalDate().minusDays(22).toString()));
            DiaryPlan plan = DiaryPlan.of(towards(asked, event, null));
            assertEquals(
                    plan.event().washAt().toLocalDate(), event.toLocalDate().minusDays(1));
        }
    }

    @Test
    public void whateverTheHeadAndItsDays() {
        Random random = new Random(25);
        int withEvent = 0;
        for (int i = 0; i < 250; i++) {
            DiaryQuestion asked = any(random);
            LocalDateTime at = random.nextInt(4) == 0
                    ? null
                    : asked.from().plusDays(random.nextInt(50)).atTime(8 + random.nextInt(13), 30);
            asked = towards(asked, at, asked.busy());
            DiaryPlan plan = DiaryPlan.of(asked);
            String said = asked + "\n" + plan;
            Set<LocalDate> washes = days(plan, Kind.WASH);
            Set<List<Object>> seen = new HashSet<>();
            LocalDate protein = asked.washes().stream()
                    .filter(DiaryWash::hadProtein)
                    .map(DiaryWash::date)
                    .max(LocalDate::compareTo)
                    .orElse(null);
            for (DiaryEntry entry : plan.entries()) {
                assertTrue(seen.add(List.of(entry.date(), entry.kind())), "two of a kind on a day: " + said);
                assertFalse(entry.why().isBlank(), said);
                assertFalse(entry.date().isBefore(asked.from()) || entry.date().isAfter(asked.to()), said);
                if (entry.kind().isCare()) {
                    assertTrue(washes.contains(entry.date()), "care without a wash: " + said);
                }
                if (entry.kind() == Kind.PROTEIN) {
                    assertTrue(protein == null || ChronoUnit.DAYS.between(protein, entry.date()) >= 7, said);
                    protein = entry.date();
                    if (at != null && !entry.date().isAfter(at.toLocalDate())) {
                        assertTrue(ChronoUnit.DAYS.between(entry.date(), at.toLocalDate()) > 3, said);
                    }
                }
                if (entry.kind() == Kind.WASH) {
                    assertTrue(
                            asked.busyOrNone().stream()
                                    .noneMatch(busy ->
                                            busy.overlaps(entry.at(), entry.at().plusMinutes(entry.minutes()))),
                            "in busy hours: " + said);
                }
                if (entry.kind() == Kind.TRIM && at != null && !entry.date().isAfter(at.toLocalDate())) {
                    assertTrue(ChronoUnit.DAYS.between(entry.date(), at.toLocalDate()) >= 7, said);
                }
            }
            assertTrue(
                    plan.conflicts().stream()
                            .noneMatch(one ->
                                    one.message().isBlank() || one.doNext().isBlank()),
                    said);
            if (at != null && plan.event() != null) {
                withEvent++;
                LocalDateTime over =
                        plan.event().washAt().plusMinutes(plan.event().minutes());
                assertTrue(over.isBefore(at), "dry before it: " + said);
                LocalDate last = plan.event().washAt().toLocalDate();
                assertEquals(plan.event().wearDay(), (int) ChronoUnit.DAYS.between(last, at.toLocalDate()) + 1, said);
                assertFalse(days(plan, Kind.CLARIFY).contains(last), "not in the last wash: " + said);
            }
        }
        assertTrue(withEvent > 100, "events were planned: " + withEvent);
    }

    /** The same head with the event a day or some hours sooner: its wash is never later. */
    @Test
    public void anEarlierEventNeverMovesItsWashLater() {
        Random random = new Random(7);
        int compared = 0;
        for (int i = 0; i < 60; i++) {
            DiaryQuestion asked = any(random);
            LocalDateTime before = null;
            for (int hour = 0; hour < 20; hour++) {
                LocalDateTime at = asked.from().plusDays(9).atTime(10, 0).plusHours(7L * hour);
                EventPlan event = DiaryPlan.of(towards(asked, at, asked.busy())).event();
                if (event != null) {
                    assertTrue(
                            before == null || !event.washAt().isBefore(before),
                            asked + " towards " + at + ": " + before + " then " + event.washAt());
                    before = event.washAt();
                    compared++;
                }
            }
        }
        assertTrue(compared > 500, "compared " + compared);
    }
}
