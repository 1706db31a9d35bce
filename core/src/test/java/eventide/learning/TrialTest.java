package eventide.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.learning.TrialQuestion.TrialPair;
import eventide.routine.Half;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** What is said of a trial. */
public class TrialTest {
    private static List<TrialPair> pairs(long seed, int n, double better, double leftBetter) {
        Random random = new Random(seed);
        List<TrialPair> pairs = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Half side = i % 2 == 0 ? Half.LEFT : Half.RIGHT;
            double a = 5 + .3 * random.nextGaussian() + (side == Half.LEFT ? leftBetter : 0);
            double b = 5 + better + .3 * random.nextGaussian() + (side == Half.RIGHT ? leftBetter : 0);
            pairs.add(new TrialPair(a, b, side));
        }
        return pairs;
    }

    private static Trial read(List<TrialPair> pairs) {
        return Trial.of(new TrialQuestion(pairs, null, null));
    }

    @Test
    public void aClearDifferenceIsSaid() {
        assertEquals(read(pairs(1, 8, 1.5, 0)).verdict(), Verdict.BETTER);
        assertEquals(read(pairs(2, 8, -1.5, 0)).verdict(), Verdict.WORSE);
        assertEquals(read(pairs(3, 10, 0, 0)).verdict(), Verdict.NO_DIFFERENCE);
        Trial few = read(pairs(4, 3, 1.5, 0));
        assertEquals(few.verdict(), Verdict.NOT_YET);
        assertTrue(few.pairsStillNeeded() >= 1);
        Trial even = read(List.of(new TrialPair(5.0, 6.0, null), new TrialPair(6.0, 5.0, null)));
        assertTrue(even.words().startsWith("Not yet: even (so few pairs bound nothing) so far; about "), even.words());
    }

    @Test
    public void aWeakSideIsFoundAndTakenOut() {
        Trial trial = read(pairs(5, 12, 0, 1.2));
        assertNotNull(trial.sideEffect());
        assertEquals(trial.sideEffect().estimate(), 1.2, .3);
        assertTrue(trial.sideEffect().low() < 1.2 && trial.sideEffect().high() > 1.2);
        assertEquals(trial.estimate(), 0, .35);
        assertTrue(trial.words().contains("The side, +1."), trial.words());
    }

    /** Sides swapped as often one way as the other: the estimate is the mean difference itself. */
    @Test
    public void evenSidesLeaveTheMeanAlone() {
        List<TrialPair> pairs = pairs(6, 10, .7, 1);
        double mean = pairs.stream()
                .mapToDouble(pair -> pair.b() - pair.a())
                .average()
                .orElseThrow();
        assertEquals(read(pairs).estimate(), mean, 1e-4);
    }

    @Test
    public void neverOfZeroWidth() {
        List<TrialPair> alike = Collections.nCopies(9, new TrialPair(4.0, 5.0, null));
        Trial trial = read(alike);
        assertTrue(trial.high() > trial.low());
        assertEquals(trial.verdict(), Verdict.BETTER);
        assertNull(trial.sideEffect());
        Trial one = read(alike.subList(0, 1));
        assertTrue(one.high() > one.low());
        assertEquals(one.pValue(), 1.0);
    }

    @Test
    public void theOrderOfThePairsChangesNothing() {
        List<TrialPair> pairs = new ArrayList<>(pairs(7, 11, .5, .4));
        Trial before = read(pairs);
        Collections.shuffle(pairs, new Random(1));
        Trial after = read(pairs);
        assertEquals(after.estimate(), before.estimate(), 1e-9);
        assertEquals(after.pValue(), before.pValue(), 1e-12);
        assertEquals(after.low(), before.low(), 1e-9);
    }

    private static int held(boolean sides) {
        int held = 0;
        for (int seed = 0; seed < 400; seed++) {
            List<TrialPair> pairs = pairs(100 + seed, 9, .8, sides ? .5 : 0).stream()
                    .map(pair -> sides ? pair : new TrialPair(pair.a(), pair.b(), null))
                    .toList();
            Trial trial = read(pairs);
            held += trial.low() <= .8 && .8 <= trial.high() ? 1 : 0;
        }
        return held;
    }

    /** Nine times in ten it holds what is true; a little less often where the side is taken from the same few pairs. */
    @Test
    public void theIntervalHoldsWhatItSays() {
        int plain = held(false);
        assertTrue(plain >= 345 && plain <= 380, plain + " of 400");
        int swapped = held(true);
        assertTrue(swapped >= 325 && swapped <= 380, swapped + " of 400");
    }

    @Test
    public void noPairsAreRefused() {
        InvalidException refused = expectThrows(InvalidException.class, () -> new TrialQuestion(List.of(), null, null));
        assertTrue(refused.getMessage().contains("at least one pair"), refused.getMessage());
    }

    /** R's power.t.test, one sample: delta 1, sd 1, power .8, 5 % gives n = 9.94; delta .5 gives 33.4 [from memory]. */
    @Test
    public void pairsNeededAreThoseOfTheTTest() {
        assertEquals(PairsNeeded.forDifference(1, 1, .95), 10, 1);
        assertEquals(PairsNeeded.forDifference(1, .5, .95), 34, 1);
        assertEquals(PairsNeeded.fewest(.9), 5);
    }

    /** Four tests at 5 % together: .005, .01, .03, .04; the first two hold, the third is asked for 1 - .025 and fails (Holm 1979). */
    @Test
    public void severalScoresAreAllowedFor() {
        double[] asked = Holm.confidences(new double[] {.01, .04, .03, .005}, .95);
        assertEquals(asked[3], 1 - .05 / 4, 1e-12);
        assertEquals(asked[0], 1 - .05 / 3, 1e-12);
        assertEquals(asked[2], 1 - .05 / 2, 1e-12);
        assertEquals(asked[1], asked[2], 1e-12);
    }
}
