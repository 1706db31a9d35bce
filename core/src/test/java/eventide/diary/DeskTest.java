package eventide.diary;

import static eventide.diary.Days.CURLS;
import static eventide.diary.Days.asked;
import static eventide.diary.Days.day;
import static eventide.diary.Days.washed;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.air.Air;
import eventide.diary.Desk.DeskLine;
import eventide.diary.Desk.Tap;
import eventide.diary.Desk.Topic;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

/** The desk of a morning, and how a wash is kept from day to day. */
public class DeskTest {
    private static final LocalDate TODAY = day("2026-03-10");
    private static final Product GEL =
            Product.of("Ebb gel", Role.GEL, 6, 2, 50, 95).withStockMl(12.0);
    private static final Routine WORN = Routine.of(
            Step.of(Action.RINSE).build(),
            Step.of(Action.APPLY).product(GEL).build(),
            Step.of(Action.CUP).untilDry(100.0).build());

    private static DeskHead head(
            String name, DiaryQuestion asked, KeptDiary kept, Set<Integer> looked, boolean running) {
        return new DeskHead(
                7,
                name,
                CURLS,
                DiaryPlan.of(asked),
                kept,
                WashDates.last(asked),
                looked,
                running,
                asked.event(),
                asked.goal(),
                Air.of(24, 85),
                WORN);
    }

    private static List<DeskLine> of(Desk desk, Topic topic) {
        return desk.lines().stream().filter(line -> line.topic() == topic).toList();
    }

    @Test
    public void saysWhoComesWhatIsLateAndWhatWaits() {
        KeptDiary kept = new KeptDiary(
                null,
                null,
                List.of(
                        new KeptDiary.ClientVisit(LocalDateTime.parse("2026-03-10T14:00"), 80, "tired neck"),
                        new KeptDiary.ClientVisit(LocalDateTime.parse("2026-03-11T14:00"), null, null)),
                null);
        DiaryQuestion late = asked(
                CURLS,
                new Cadence(3, 1, null, null, null),
                "2026-03-10",
                20,
                washed("2026-03-01"),
                washed("2026-03-05"));
        Desk desk = Desk.of(TODAY, List.of(head("Una Creel", late, kept, Set.of(), false)), List.of(GEL));
        DeskLine visit = of(desk, Topic.VISIT).get(0);
        assertEquals(visit.minutes(), (Integer) 80);
        assertEquals(visit.tap(), Tap.PLAN);
        assertTrue(visit.what().startsWith("tired neck · clarify"), visit.what());
        assertEquals(of(desk, Topic.VISIT).size(), 1);
        assertEquals(of(desk, Topic.OVERDUE), List.of(), "who has an hour is not late for a wash");
        Desk without = Desk.of(TODAY, List.of(head("Una Creel", late, KeptDiary.EMPTY, Set.of(), false)), List.of());
        assertEquals(of(without, Topic.OVERDUE).get(0).what(), "Wash 2 days late.");
        assertEquals(of(desk, Topic.SCORE).size(), 1);
        assertTrue(of(desk, Topic.BOTTLE).get(0).what().contains("Una"), desk.toString());
    }

    @Test
    public void aDayThatWasLookedAtWaitsNoMore() {
        DiaryQuestion asked =
                asked(CURLS, new Cadence(5, null, null, null, null), "2026-03-10", 20, washed("2026-03-09"));
        assertEquals(
                of(
                                Desk.of(
                                        TODAY,
                                        List.of(head("Una Creel", asked, KeptDiary.EMPTY, Set.of(1), false)),
                                        List.of()),
                                Topic.SCORE)
                        .size(),
                1);
        assertEquals(
                of(
                                Desk.of(
                                        TODAY,
                                        List.of(head("Una Creel", asked, KeptDiary.EMPTY, Set.of(1, 2), false)),
                                        List.of()),
                                Topic.SCORE)
                        .size(),
                0);
    }

    @Test
    public void headsOfOneEventAreLedUpToItTogether() {
        List<DeskHead> heads = new ArrayList<>();
        for (String name : List.of("Una Creel", "Odo Marl")) {
            DiaryQuestion asked = Days.towards(
                    asked(CURLS, new Cadence(4, null, null, null, null), "2026-03-10", 30, washed("2026-03-09")),
                    LocalDateTime.parse("2026-03-28T19:00"),
                    null);
            heads.add(head(name, asked, KeptDiary.EMPTY, Set.of(1), false));
        }
        Desk desk = Desk.of(TODAY, heads, List.of());
        assertEquals(desk.events().size(), 1);
        assertEquals(
                desk.events().get(0).flags().stream()
                        .map(Desk.DeskFlag::what)
                        .sorted()
                        .toList(),
                List.of("rehearsal", "rehearsal", "wash", "wash"));
        assertEquals(of(desk, Topic.EVENT).size(), 2);
        assertEquals(of(desk, Topic.EVENT).get(0).days(), (Integer) 18);
    }

    private static AftercareQuestion care(List<Air> airs, DiaryWash... before) {
        return new AftercareQuestion(CURLS, Days.GOAL, null, WORN, TODAY, airs, List.of(before), null, 5);
    }

    private static DiaryWash best(String day, int best) {
        return new DiaryWash(day(day), null, null, null, null, best, null);
    }

    @Test
    public void everyDayOfWearHasItsDateAndWhatItAsks() {
        Aftercare care = Aftercare.of(care(List.of(Air.of(21, 50))));
        assertEquals(care.days().size(), 5);
        assertEquals(care.washOn(), TODAY.plusDays(5));
        assertEquals(care.days().get(2).date(), TODAY.plusDays(2));
        assertTrue(care.days().get(0).asks().isEmpty(), "left alone on the wash day");
        assertTrue(care.days().get(2).asks().stream().anyMatch(line -> line.startsWith("Mist only")));
        for (int i = 0; i < care.days().size(); i++) {
            Aftercare.CareDay day = care.days().get(i);
            for (Aftercare.ExpectedScore score : List.of(day.definition(), day.frizz(), day.volume(), day.softness())) {
                assertTrue(score.low() <= score.value() && score.value() <= score.high(), score.toString());
                assertTrue(score.high() > score.low(), "nobody is sure: " + score);
            }
            assertTrue(
                    i == 0
                            || day.definition().value()
                                    <= care.days().get(i - 1).definition().value(),
                    "definition falls");
        }
    }

    @Test
    public void whoComesIsToldWhatTheAirDoes() {
        assertEquals(AirToday.words(WORN, CURLS, Days.GOAL, Air.EASY), null);
        String damp = AirToday.words(WORN, CURLS, Days.GOAL, Air.of(26, 85));
        assertTrue(damp.contains("frizz +") && damp.contains("days −"), damp);
    }

    @Test
    public void aDampDayIsSaidAndFrizzesMore() {
        Air dry = Air.of(21, 45);
        Air damp = Air.of(26, 90);
        Aftercare care = Aftercare.of(care(List.of(dry, damp, dry)));
        assertTrue(care.days().get(1).air().contains("humid"), care.toString());
        assertEquals(care.days().get(0).air(), null);
        double easy = Aftercare.of(care(List.of(dry))).days().get(1).frizz().value();
        assertTrue(
                care.days().get(1).frizz().value() > easy + .2,
                care.days().get(1).frizz() + " against " + easy);
    }

    @Test
    public void theBestDayIsSaidOnceTheLogShowsIt() {
        assertEquals(
                Aftercare.of(care(List.of(), best("2026-02-01", 2), best("2026-02-08", 2)))
                        .best(),
                null);
        Aftercare care =
                Aftercare.of(care(List.of(), best("2026-02-01", 2), best("2026-02-08", 2), best("2026-02-15", 1)));
        assertEquals(care.best(), "Day 2 beats day 1 on this head: 2 of 3 washes.");
        assertTrue(care.days().get(1).best());
    }

    @Test
    public void onlyTheFirstNameGoesHome() {
        TakeHome sheet = TakeHome.of("Una Maria Creel", Aftercare.of(care(List.of())), null);
        assertTrue(sheet.title().startsWith("Una"));
        assertTrue(!sheet.text().contains("Creel") && !sheet.text().contains("Maria"), sheet.text());
        assertTrue(sheet.text().contains("NIGHTS\n- "), sheet.text());
    }
}
