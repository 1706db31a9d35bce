package eventide.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.hair.Zone;
import eventide.log.Rating;
import eventide.log.Rating.ZoneRating;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Half;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.wash.ScoreName;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** A trial read off the washes of a log. */
public class TrialReadingTest {
    private static final Instant START = Instant.parse("2026-03-01T09:00:00Z");
    private static final Product USED = Product.of("Kelp jelly", Role.GEL, 6, 3, 55, 90);
    private static final Product TRIED = Product.of("Fathom firm gel", Role.GEL, 8, 2, 55, 90);

    private static TrialPlan plan(TrialPlan.Way way, List<TrialPlan.LeftOut> out) {
        return new TrialPlan(
                USED.name(),
                TRIED.name(),
                way,
                List.of(ScoreName.DEFINITION, ScoreName.FRIZZ),
                1.0,
                90.0,
                6,
                START,
                null,
                out);
    }

    private static Rating rating(boolean timely, double left, double right, double frizzLeft, double frizzRight) {
        return new Rating(
                timely,
                true,
                Map.of(
                        Zone.LEFT, ZoneRating.of(left, 5, frizzLeft, 5),
                        Zone.RIGHT, ZoneRating.of(right, 5, frizzRight, 5)),
                null,
                null,
                null,
                null);
    }

    private static TrialWash halves(int n, Half triedOn, Rating rating) {
        Half usedOn = triedOn == Half.LEFT ? Half.RIGHT : Half.LEFT;
        Routine routine = Routine.of(List.of(
                Step.of(Action.APPLY).product(USED).half(usedOn).build(),
                Step.of(Action.APPLY).product(TRIED).half(triedOn).build()));
        return new TrialWash(n, START.plus(Duration.ofDays(7L * n)), routine, rating);
    }

    private static List<TrialWash> six() {
        List<TrialWash> washes = new ArrayList<>();
        for (int n = 1; n <= 6; n++) {
            Half tried = n % 2 == 0 ? Half.LEFT : Half.RIGHT;
            double worse = 1.5 + .1 * n;
            washes.add(halves(
                    n,
                    tried,
                    tried == Half.LEFT
                            ? rating(true, 7 - worse, 7, 3 + worse, 3)
                            : rating(true, 7, 7 - worse, 3, 3 + worse)));
        }
        return washes;
    }

    @Test
    public void eachWashInHalvesIsAPair() {
        TrialReading reading = TrialReading.of(plan(TrialPlan.Way.HALVES, null), six());
        assertEquals(reading.pairs().size(), 6);
        assertEquals(reading.pairs().get(0).triedOn(), Half.RIGHT);
        assertEquals(reading.readings().get(0).trial().verdict(), Verdict.WORSE);
        // Of frizz less is better: more of it is worse too.
        assertEquals(reading.readings().get(1).trial().verdict(), Verdict.WORSE);
        assertFalse(reading.early());
        assertEquals(reading.nextTriedOn(), Half.RIGHT);
        assertNull(reading.nextIsTried());
    }

    @Test
    public void anEarlyLookSaysWhatItIsWorth() {
        TrialReading reading = TrialReading.of(plan(TrialPlan.Way.HALVES, null), six().subList(0, 3));
        assertTrue(reading.early());
        assertTrue(reading.words().contains("3 pairs before the 6 agreed"), reading.words());
        assertEquals(reading.nextTriedOn(), Half.LEFT);
    }

    @Test
    public void aSpoiltWashAndOneScoredTooEarlyDoNotCount() {
        List<TrialWash> washes = new ArrayList<>(six());
        washes.set(4, halves(5, Half.RIGHT, rating(false, 9, 1, 1, 9)));
        TrialPlan plan = plan(TrialPlan.Way.HALVES, List.of(new TrialPlan.LeftOut(2L, "rain on the way home")));
        TrialReading reading = TrialReading.of(plan, washes);
        assertEquals(reading.pairs().stream().map(pair -> pair.washes().get(0)).toList(), List.of(1L, 3L, 4L, 6L));
        assertEquals(reading.spoilt().get(0).because(), "rain on the way home");
    }

    @Test
    public void wholeHeadsTakeTurns() {
        List<TrialWash> washes = new ArrayList<>();
        for (int n = 1; n <= 5; n++) {
            Product worn = n % 2 == 0 ? TRIED : USED;
            washes.add(new TrialWash(
                    n,
                    START.plus(Duration.ofDays(7L * n)),
                    Routine.of(List.of(Step.of(Action.APPLY).product(worn).build())),
                    rating(true, worn == TRIED ? 8 : 6, worn == TRIED ? 8 : 6, 3, 3)));
        }
        TrialReading reading = TrialReading.of(plan(TrialPlan.Way.TURN_ABOUT, null), washes);
        assertEquals(reading.pairs().size(), 2);
        assertEquals(reading.pairs().get(0).washes(), List.of(1L, 2L));
        assertEquals(reading.readings().get(0).trial().estimate(), 2.0);
        assertEquals(reading.nextIsTried(), Boolean.TRUE);
    }

    @Test
    public void withoutAWashItIsNotBegun() {
        assertTrue(TrialReading.of(plan(TrialPlan.Way.HALVES, null), List.of())
                .words()
                .startsWith("Not begun"));
    }
}
