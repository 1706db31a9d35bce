package eventide.log;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.drying.TideModel;
import eventide.hair.Hair;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.RoutineChange;
import eventide.routine.RoutineChange.Aspect;
import eventide.routine.Step;
import eventide.routine.Technique;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Two washes side by side: what was otherwise, and what may be made of it. */
public class ComparisonTest {
    private static final Air EASY = Air.of(22, 52);
    private static final Hair HAIR = Heads.curly();

    private static final Step RINSE = Step.of(Action.RINSE).build();
    private static final Step LEAVE_IN =
            Step.of(Action.APPLY).product(Heads.LEAVE_IN).build();
    private static final Step GEL = Step.of(Action.APPLY)
            .product(Heads.GEL)
            .technique(Technique.GLAZE)
            .sections(4)
            .build();
    private static final Step SCRUNCH = Step.of(Action.SCRUNCH).count(3).build();
    private static final Step CUP = Step.of(Action.CUP).minutes(25.0).build();
    private static final Step BREAK = Step.of(Action.BREAK_CAST).build();
    private static final Routine USUAL = Routine.of(RINSE, LEAVE_IN, GEL, SCRUNCH, CUP, BREAK);

    private static Rating rating(double definition, double frizz, boolean timely) {
        Map<Zone, Rating.ZoneRating> zones = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            zones.put(zone, Rating.ZoneRating.of(definition, 6, frizz, 5));
        }
        return new Rating(timely, true, zones, null, null, null, null);
    }

    private static Washed washed(Routine routine, Hair hair, Air air, Rating rating) {
        return new Washed(hair, air, routine, routine, TideModel.run(routine, hair, air), rating);
    }

    private static Washed washed(Routine routine) {
        return washed(routine, HAIR, EASY, rating(6, 3, true));
    }

    record Case(String what, Routine other, Hair hair, Air air, List<Aspect> kinds) {
        @Override
        public String toString() {
            return what;
        }
    }

    @DataProvider
    public Object[] cases() {
        Product foam = Product.of("foam", Role.MOUSSE, 4, 1, 35, 98);
        return new Object[] {
            new Case("the same", USUAL, HAIR, EASY, List.of()),
            new Case(
                    "one gel for another",
                    USUAL.replacing(2, GEL.but().product(Heads.SOFT_GEL).build()),
                    HAIR,
                    EASY,
                    List.of(Aspect.PRODUCTS)),
            new Case("no leave-in", USUAL.without(1), HAIR, EASY, List.of(Aspect.PRODUCTS)),
            new Case(
                    "foam besides",
                    USUAL.inserting(3, Step.of(Action.APPLY).product(foam).build()),
                    HAIR,
                    EASY,
                    List.of(Aspect.PRODUCTS)),
            new Case(
                    "twice the gel",
                    USUAL.replacing(2, GEL.but().amountMl(60.0).build()),
                    HAIR,
                    EASY,
                    List.of(Aspect.AMOUNTS)),
            new Case(
                    "gel under leave-in",
                    Routine.of(RINSE, GEL, LEAVE_IN, SCRUNCH, CUP, BREAK),
                    HAIR,
                    EASY,
                    List.of(Aspect.ORDER)),
            new Case(
                    "gel on damp hair",
                    USUAL.inserting(2, Step.of(Action.SQUEEZE).toWetness(50.0).build()),
                    HAIR,
                    EASY,
                    List.of(Aspect.WETNESS)),
            new Case(
                    "brushed",
                    USUAL.replacing(3, Step.of(Action.BRUSH_STYLE).minutes(3.0).build()),
                    HAIR,
                    EASY,
                    List.of(Aspect.HANDS)),
            new Case(
                    "eight sections",
                    USUAL.replacing(2, GEL.but().sections(8).build()),
                    HAIR,
                    EASY,
                    List.of(Aspect.SECTIONS)),
            new Case(
                    "air instead of the dryer",
                    USUAL.replacing(4, Step.of(Action.AIR).build()),
                    HAIR,
                    EASY,
                    List.of(Aspect.DRYING)),
            new Case(
                    "half the dryer",
                    USUAL.replacing(4, CUP.but().minutes(12.0).build()),
                    HAIR,
                    EASY,
                    List.of(Aspect.DRYING)),
            new Case("the cast left", USUAL.without(5), HAIR, EASY, List.of(Aspect.FINISH)),
            new Case("another day's air", USUAL, HAIR, Air.of(24, 75), List.of(Aspect.AIR)),
        };
    }

    @Test(dataProvider = "cases")
    public void findsWhatWasOtherwiseAndNothingElse(Case row) {
        Washed other = washed(row.other(), row.hair(), row.air(), rating(6, 3, true));
        assertEquals(
                Comparison.of(washed(USUAL), other).differences().stream()
                        .filter(change -> !change.follows())
                        .map(RoutineChange::kind)
                        .toList(),
                row.kinds(),
                row.what());
        assertEquals(
                Comparison.of(other, washed(USUAL)).differences().stream()
                        .filter(change -> !change.follows())
                        .count(),
                row.kinds().size(),
                "the other way round");
    }

    @Test
    public void anotherReadingIsADifference() {
        Hair fine = HAIR.with(Strand.FINE, HAIR.porosity(), HAIR.pattern(), HAIR.density(), HAIR.lengthCm());
        List<RoutineChange> found =
                Comparison.of(washed(USUAL), washed(USUAL, fine, EASY, null)).differences();
        assertTrue(
                found.stream().anyMatch(d -> d.kind() == Aspect.HAIR && d.text().contains("strand medium → fine")),
                found.toString());
    }

    @Test
    public void withOneThingOtherwiseItMayBeThat() {
        Routine soft = USUAL.replacing(2, GEL.but().product(Heads.SOFT_GEL).build());
        Comparison clear = Comparison.of(washed(USUAL), washed(soft, HAIR, EASY, rating(4, 3, true)));
        assertTrue(clear.verdict().startsWith("One thing was otherwise: soft gel instead of gel."), clear.verdict());
        assertTrue(clear.verdict().contains("definition −2.0"), clear.verdict());
        assertTrue(clear.verdict().contains("about 8 washes"), clear.verdict());
        Comparison same = Comparison.of(washed(USUAL), washed(soft, HAIR, EASY, rating(5.5, 3, true)));
        assertTrue(same.verdict().contains("no difference that can be seen"), same.verdict());
    }

    @Test
    public void withTwoThingsOtherwiseNothingCanBeSaid() {
        Routine two =
                USUAL.replacing(2, GEL.but().product(Heads.SOFT_GEL).build()).without(5);
        Comparison comparison = Comparison.of(washed(USUAL), washed(two, HAIR, EASY, rating(2, 8, true)));
        assertTrue(comparison.verdict().startsWith("2 things were otherwise at once."), comparison.verdict());
        assertTrue(comparison.verdict().contains("Nothing can be said"), comparison.verdict());
    }

    @Test
    public void judgingTooEarlyIsNoted() {
        Comparison early = Comparison.of(washed(USUAL), washed(USUAL, HAIR, EASY, rating(3, 3, false)));
        assertEquals(early.notes().size(), 1);
        assertTrue(early.notes().get(0).contains("before its cast was broken"));
        assertEquals(Comparison.of(washed(USUAL), washed(USUAL)).notes(), List.of());
    }

    @Test
    public void aTrialAndItsPartnerMayDifferInOneThing() {
        Routine trial = new Routine(1, USUAL.steps(), null, null, null, true, null);
        Routine one = trial.replacing(2, GEL.but().product(Heads.SOFT_GEL).build());
        assertEquals(Comparison.of(washed(trial), washed(one)).notes(), List.of());
        List<String> notes =
                Comparison.of(washed(trial), washed(one.without(5))).notes();
        assertTrue(notes.get(0).contains("may differ in one thing only"), notes.toString());
    }

    @Test
    public void scoresMoveZoneByZoneAndAWashBesideItselfNeverDoes() {
        Random random = new Random(3);
        for (int i = 0; i < 100; i++) {
            Routine routine = Heads.randomRoutine(random);
            Washed wash = washed(routine, Heads.random(random), EASY, rating(random.nextInt(10), 3, true));
            Comparison comparison = Comparison.of(wash, wash);
            assertEquals(comparison.differences(), List.of(), "beside itself");
            assertTrue(comparison.scores().stream().allMatch(moved -> moved.by() == 0 && !moved.clear()));
            assertEquals(comparison.scores().size(), 4 + 4 * Zone.values().length);
        }
    }

    @Test
    public void daysAddUpToHowLongItLasted() {
        List<FollowingDay> days = new ArrayList<>();
        days.add(new FollowingDay(3, 4.0, 6.0, 6.0, null, null, null));
        days.add(new FollowingDay(2, 7.0, 3.0, 6.0, null, null, null));
        Wear worn = Wear.of(rating(6, 3, true), days);
        assertEquals(worn.points().stream().map(Wear.Point::day).toList(), List.of(1, 2, 3));
        assertEquals(worn.best(), Integer.valueOf(2));
        assertEquals(worn.daysLasted(), null, "still worn, as far as anyone said");
        assertEquals(worn.secondDay(), "Day 2 against day 1: definition +1.0, volume +1.0.");
        days.add(new FollowingDay(4, 2.0, 8.0, 6.0, null, true, null));
        assertEquals(Wear.of(rating(6, 3, true), days).daysLasted(), 3.0);
        assertEquals(Wear.of(rating(6, 3, true), days).dueOnDay(), Integer.valueOf(4));
        assertEquals(worn.dueOnDay(), null);
        assertFalse(Wear.of(null, List.of()).points().iterator().hasNext());
    }

    @Test
    public void everyScoreOfTheRubricIsDescribedFromTheBottomUp() {
        for (Rubric.Score score : Rubric.scores()) {
            assertEquals(score.levels().get(0).from(), 0.0, score.name());
            for (int i = 1; i < score.levels().size(); i++) {
                assertTrue(
                        score.levels().get(i).from() > score.levels().get(i - 1).from(), score.name());
            }
        }
    }

    @Test
    public void noTwoScoresAreDescribedInTheSameWords() {
        List<String> looks = new ArrayList<>();
        Rubric.scores().forEach(score -> score.levels().forEach(level -> looks.add(level.looks())));
        assertEquals(looks.stream().distinct().count(), looks.size());
    }
}
