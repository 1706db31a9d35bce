package eventide.diary;

import static eventide.diary.Days.CURLS;
import static eventide.diary.Days.asked;
import static eventide.diary.Days.day;
import static eventide.diary.Days.washed;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.diary.DiaryEntry.DueBy;
import eventide.diary.DiaryEntry.Kind;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Porosity;
import eventide.hair.Scalp;
import eventide.hair.Strand;
import eventide.shape.Changed;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** When things are due: dated cases, worked by hand from section 9 of the trade [CP]. */
public class CadenceTest {
    private static final Hair FINE =
            CURLS.with(Strand.FINE, CURLS.porosity(), CURLS.pattern(), CURLS.density(), CURLS.lengthCm());
    private static final Hair COARSE =
            CURLS.with(Strand.COARSE, CURLS.porosity(), CURLS.pattern(), CURLS.density(), CURLS.lengthCm());

    private static Cadence every(Integer wash, Integer clarify, Integer mask, Integer protein, Integer trim) {
        return new Cadence(wash, clarify, mask, protein, trim);
    }

    private static DiaryWash with(String day, boolean clarified, boolean mask, boolean protein) {
        return new DiaryWash(day(day), clarified, mask, protein, null, null, null);
    }

    private static DiaryWash lasting(String day, double days) {
        return new DiaryWash(day(day), true, null, null, days, null, null);
    }

    record Case(String says, DiaryQuestion asked, Kind kind, List<String> on, DueBy by) {
        @Override
        public String toString() {
            return says;
        }
    }

    @DataProvider
    Object[] cases() {
        return new Object[] {
            new Case(
                    "washed in the client's own rhythm from the last one on",
                    asked(CURLS, every(4, null, null, null, null), "2026-03-02", 12, washed("2026-03-01")),
                    Kind.WASH,
                    List.of("2026-03-05", "2026-03-09", "2026-03-13"),
                    DueBy.CLIENT),
            new Case(
                    "as long as washes lasted, the middle of them",
                    asked(
                            CURLS,
                            null,
                            "2026-03-10",
                            6,
                            lasting("2026-02-20", 3),
                            lasting("2026-02-26", 4),
                            lasting("2026-03-02", 7),
                            lasting("2026-03-08", 4)),
                    Kind.WASH,
                    List.of("2026-03-12", "2026-03-16"),
                    DueBy.LOG),
            new Case(
                    "two washes with days are too few to go by",
                    asked(CURLS, null, "2026-03-10", 6, lasting("2026-03-02", 2), lasting("2026-03-08", 2)),
                    Kind.WASH,
                    List.of("2026-03-13"),
                    DueBy.TRADE),
            new Case(
                    "an oily scalp sooner, never under three days",
                    asked(FINE.withScalp(Set.of(Scalp.OILY)), null, "2026-03-10", 6, washed("2026-03-09")),
                    Kind.WASH,
                    List.of("2026-03-12", "2026-03-15"),
                    DueBy.TRADE),
            new Case(
                    "over the leap day",
                    asked(CURLS, every(2, null, null, null, null), "2028-02-27", 5, washed("2028-02-26")),
                    Kind.WASH,
                    List.of("2028-02-28", "2028-03-01", "2028-03-03"),
                    DueBy.CLIENT),
            new Case(
                    "over the year's end",
                    asked(CURLS, every(7, null, null, null, null), "2026-12-28", 10, washed("2026-12-26")),
                    Kind.WASH,
                    List.of("2027-01-02"),
                    DueBy.CLIENT),
            new Case(
                    "clarified three weeks after the last",
                    asked(
                            CURLS,
                            every(7, null, null, null, null),
                            "2026-03-02",
                            28,
                            with("2026-02-23", true, false, true)),
                    Kind.CLARIFY,
                    List.of("2026-03-16"),
                    DueBy.TRADE),
            new Case(
                    "clarified every third wash where that is the client's number",
                    asked(
                            CURLS,
                            every(3, 3, null, null, null),
                            "2026-03-02",
                            18,
                            with("2026-03-01", true, false, true)),
                    Kind.CLARIFY,
                    List.of("2026-03-10", "2026-03-19"),
                    DueBy.CLIENT),
            new Case(
                    "coarse hair has a mask about weekly",
                    asked(
                            COARSE,
                            every(4, null, null, null, null),
                            "2026-03-02",
                            16,
                            with("2026-03-01", true, true, true)),
                    Kind.MASK,
                    List.of("2026-03-09", "2026-03-17"),
                    DueBy.TRADE),
            new Case(
                    "fine hair in every third wash",
                    asked(
                            FINE,
                            every(4, null, null, 100, null),
                            "2026-03-02",
                            24,
                            with("2026-03-01", true, true, true)),
                    Kind.MASK,
                    List.of("2026-03-13", "2026-03-25"),
                    DueBy.TRADE),
            new Case(
                    "protein after a month on sound hair",
                    asked(
                            COARSE,
                            every(7, null, null, null, null),
                            "2026-03-02",
                            40,
                            with("2026-02-26", true, false, true)),
                    Kind.PROTEIN,
                    List.of("2026-03-26"),
                    DueBy.TRADE),
            new Case(
                    "fortnightly on bleached hair, and not in a wash that clarifies",
                    asked(
                            CURLS.withCondition(Set.of(Condition.BLEACHED)),
                            every(7, 100, null, null, null),
                            "2026-03-02",
                            30,
                            with("2026-02-26", true, false, true)),
                    Kind.PROTEIN,
                    List.of("2026-03-12", "2026-03-26"),
                    DueBy.TRADE),
            new Case(
                    "weekly at the soonest where hair is over-soft",
                    asked(
                            CURLS.withCondition(Set.of(Condition.OVER_SOFT)),
                            every(3, 100, null, null, null),
                            "2026-03-02",
                            16,
                            with("2026-03-01", true, false, true)),
                    Kind.PROTEIN,
                    List.of("2026-03-10"),
                    DueBy.TRADE),
            new Case(
                    "never on brittle hair by itself",
                    asked(
                            CURLS.withCondition(Set.of(Condition.BRITTLE)),
                            every(7, null, null, null, null),
                            "2026-03-02",
                            60,
                            with("2026-01-26", true, false, true)),
                    Kind.PROTEIN,
                    List.of(),
                    DueBy.TRADE),
            new Case(
                    "the client's ten days, moved to the wash after",
                    asked(
                            COARSE,
                            every(4, 100, null, 10, null),
                            "2026-03-02",
                            26,
                            with("2026-03-01", true, false, true)),
                    Kind.PROTEIN,
                    List.of("2026-03-13", "2026-03-25"),
                    DueBy.CLIENT),
        };
    }

    private static List<LocalDate> days(DiaryPlan plan, Kind kind) {
        return plan.entries().stream()
                .filter(entry -> entry.kind() == kind)
                .map(DiaryEntry::date)
                .toList();
    }

    @Test(dataProvider = "cases")
    public void isDue(Case row) {
        DiaryPlan plan = DiaryPlan.of(row.asked());
        assertEquals(
                days(plan, row.kind()), row.on().stream().map(LocalDate::parse).toList(), plan.toString());
        plan.entries().stream()
                .filter(entry -> entry.kind() == row.kind())
                .forEach(entry -> assertEquals(entry.source(), row.by(), entry.toString()));
    }

    @Test
    public void endsAreCutTenWeeksAfterTheLastTimeOnAWashDay() {
        DiaryQuestion plain = asked(CURLS, every(7, null, null, null, null), "2026-03-02", 80, washed("2026-03-01"));
        DiaryQuestion asked = Changed.with(plain, "lastTrim", day("2026-02-01"));
        assertEquals(days(DiaryPlan.of(asked), Kind.TRIM), List.of(day("2026-04-12")));
    }

    /** Before the trade's three weeks goes what the log shows, before that the client's own number. */
    @Test
    public void theLogGoesBeforeTheTrade() {
        DiaryQuestion plain =
                asked(CURLS, every(5, null, null, null, null), "2026-03-02", 40, with("2026-03-01", true, false, true));
        DiaryQuestion logged = Changed.with(plain, "logged", new LoggedCadence(30, 20));
        DiaryPlan plan = DiaryPlan.of(logged);
        assertEquals(days(plan, Kind.CLARIFY), List.of(day("2026-03-31")));
        assertEquals(days(plan, Kind.PROTEIN), List.of(day("2026-03-21"), day("2026-04-10")));
        assertTrue(plan.entries().stream()
                .filter(entry -> entry.kind() == Kind.CLARIFY || entry.kind() == Kind.PROTEIN)
                .allMatch(entry -> entry.source() == DueBy.LOG));
    }

    /** "Protein five days ago" said at a reading three weeks back is twenty-six days ago. */
    @Test
    public void whatWasSaidAtTheReadingGrowsOlder() {
        Hair read = Changed.with(CURLS.withCondition(Set.of(Condition.BLEACHED)), "daysSinceProtein", 5.0);
        Hair later = LastCare.said(read, day("2026-02-09")).on(day("2026-03-02"), read, day("2026-02-09"));
        Cadence weekly = every(7, 100, null, null, null);
        assertEquals(
                days(DiaryPlan.of(asked(read, weekly, "2026-03-02", 3, washed("2026-02-23"))), Kind.PROTEIN),
                List.of());
        assertEquals(
                days(DiaryPlan.of(asked(later, weekly, "2026-03-02", 3, washed("2026-02-23"))), Kind.PROTEIN)
                        .size(),
                1);
    }

    @Test
    public void whatIsLateSaysByHowMuch() {
        DiaryPlan plan = DiaryPlan.of(asked(
                CURLS.withCondition(Set.of(Condition.BLEACHED))
                        .with(Strand.MEDIUM, Porosity.HIGH, CURLS.pattern(), CURLS.density(), 30),
                every(5, 100, null, null, null),
                "2026-03-20",
                10,
                with("2026-03-01", true, false, true)));
        DiaryEntry wash = plan.entries().stream()
                .filter(entry -> entry.kind() == Kind.WASH)
                .findFirst()
                .orElseThrow();
        assertEquals(wash.overdueDays(), (Integer) 14);
        DiaryEntry protein = plan.entries().stream()
                .filter(entry -> entry.kind() == Kind.PROTEIN)
                .findFirst()
                .orElseThrow();
        assertEquals(protein.overdueDays(), (Integer) 5);
        assertTrue(plan.entries().stream()
                .filter(entry -> entry.date().isAfter(day("2026-03-25")))
                .allMatch(entry -> entry.overdueDays() == null));
    }

    @Test
    public void whatWasPutElsewhereStaysThereAndCareGoesWithItsWash() {
        DiaryQuestion asked = asked(
                COARSE, every(4, null, null, null, null), "2026-03-02", 16, with("2026-02-01", true, false, true));
        DiaryPlan plan = DiaryPlan.of(asked);
        LocalDate first = days(plan, Kind.WASH).get(0);
        KeptDiary kept = new KeptDiary(
                null,
                null,
                null,
                List.of(
                        new KeptDiary.PutElsewhere(Kind.WASH, first, first.plusDays(1)),
                        new KeptDiary.PutElsewhere(Kind.SCORE_DAY, first.plusDays(1), null)));
        DiaryPlan moved = kept.on(plan);
        assertEquals(days(moved, Kind.WASH).get(0), first.plusDays(1));
        assertEquals(days(moved, Kind.CLARIFY).get(0), first.plusDays(1));
        assertTrue(!days(moved, Kind.SCORE_DAY).contains(first.plusDays(1)));
        assertEquals(
                moved.entries().get(0).source() == DueBy.HAND,
                true,
                moved.entries().toString());
    }

    /** 48 hours before the wash it is new in; where those are not left it is said what to do instead. */
    @Test
    public void aNewBottleIsTriedOnTheSkinTwoDaysBefore() {
        DiaryQuestion plain = asked(CURLS, null, "2026-03-01", 20, washed("2026-02-27"));
        LocalDate wash = days(DiaryPlan.of(plain), Kind.WASH).get(0);
        DiaryQuestion fresh = Changed.with(plain, "newNext", List.of("Ebb gel", "Kelp milk"));
        DiaryPlan plan = DiaryPlan.of(fresh);
        assertEquals(days(plan, Kind.PATCH_TEST), List.of(wash.minusDays(2)));
        assertEquals(days(DiaryPlan.of(plain), Kind.PATCH_TEST), List.of());
        DiaryPlan late =
                DiaryPlan.of(Changed.with(Changed.with(fresh, "from", wash.minusDays(1)), "to", wash.plusDays(9)));
        assertEquals(days(late, Kind.PATCH_TEST), List.of());
        assertEquals(
                late.conflicts().get(0).doNext(), "Leave Ebb gel and Kelp milk out of it, or wash two days later.");
    }
}
