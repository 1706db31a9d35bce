package eventide.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.Test;

/** What swatches say of an eye is one more witness of what it does to the scores of a log. */
public class MeasuredEyeTest {
    private static final ScoreName SCORE = ScoreName.FRIZZ;
    private static final Effect HESTER = new Effect(Origin.RATER, "Hester");

    /** Washes of one rater, the model missing by so much on each, with some scatter. */
    private static List<Sample> washes(int n, double missed, Random random) {
        List<Sample> washes = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            String head = "head " + i % 4;
            washes.add(new Sample(
                    "wash " + i,
                    head,
                    Map.of(new Effect(Origin.SALON, ""), 1.0, new Effect(Origin.HEAD, head), 1.0, HESTER, 1.0),
                    1,
                    Map.of(SCORE, 4.0),
                    Map.of(SCORE, 4 + missed + .5 * random.nextGaussian()),
                    Map.of()));
        }
        return washes;
    }

    private static double[] rater(List<Sample> washes, List<MeasuredEye> eyes) {
        return Learned.of(washes, eyes).fit(SCORE).effect(HESTER, "head 0");
    }

    /** Salon, heads and the only rater cannot be told apart by the log: the swatches say whose it is. */
    @Test
    public void swatchesSayThatItIsTheEye() {
        List<Sample> washes = washes(8, -1.2, new Random(3));
        double[] by = rater(washes, List.of());
        double[] with = rater(washes, List.of(new MeasuredEye("Hester", SCORE, -1.2, .2)));
        assertTrue(Math.abs(with[0] + 1.2) < Math.abs(by[0] + 1.2), "nearer, " + with[0] + " against " + by[0]);
        assertTrue(with[1] < by[1], "and surer");
    }

    @Test
    public void anEyeWithoutWashesIsSaidByItsSwatches() {
        List<Sample> washes = washes(6, 0, new Random(4));
        MeasuredEye piran = new MeasuredEye("Piran", SCORE, 1.5, .1);
        double[] known =
                Learned.of(washes, List.of(piran)).fit(SCORE).effect(new Effect(Origin.RATER, "Piran"), "head 0");
        assertTrue(known[0] > .3 && known[0] < 1.5, "drawn toward nothing: " + known[0]);
    }

    @Test
    public void whatIsHardlyKnownOfAnEyeMovesNothing() {
        List<Sample> washes = washes(8, .7, new Random(5));
        double[] by = rater(washes, List.of());
        double[] with = rater(washes, List.of(new MeasuredEye("Hester", SCORE, -3, 300)));
        assertEquals(with[0], by[0], 1e-3);
    }

    @Test
    public void itsOtherScoresAreLeftAlone() {
        List<Sample> washes = washes(8, .7, new Random(6));
        double[] with = rater(washes, List.of(new MeasuredEye("Hester", ScoreName.DEFINITION, -3, .1)));
        assertEquals(with, rater(washes, List.of()));
    }

    /** Over many salons with a hidden bias: a head nobody saw before is said nearer with the swatches than without. */
    @Test
    public void aNewHeadIsSaidNearerWithTheSwatches() {
        double without = 0;
        double with = 0;
        Random random = new Random(7);
        for (int salon = 0; salon < 150; salon++) {
            double bias = random.nextGaussian();
            List<Sample> washes = washes(2, bias, random);
            MeasuredEye eye = new MeasuredEye("Hester", SCORE, bias + .3 * random.nextGaussian(), .3);
            Map<Effect, Double> next =
                    Map.of(new Effect(Origin.SALON, ""), 1.0, new Effect(Origin.HEAD, "a new one"), 1.0, HESTER, 1.0);
            without += Math.abs(Learned.of(washes).fit(SCORE).correction("a new one", next, 1)[0] - bias);
            with += Math.abs(Learned.of(washes, List.of(eye)).fit(SCORE).correction("a new one", next, 1)[0] - bias);
        }
        assertTrue(with < .9 * without, with / 150 + " against " + without / 150 + " points off");
    }
}
