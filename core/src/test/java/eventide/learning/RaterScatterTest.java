package eventide.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.learning.TrialPlan.Way;
import eventide.wash.ScoreName;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A trial takes as many pairs as its own rater's scores need, over salons whose raters' scatter is known. */
public class RaterScatterTest {
    private static final int SALONS = 20;

    @DataProvider
    Object[][] steadiness() {
        return new Object[][] {{.5, .5}, {.5, 1.0}, {.4, 1.3}, {1.0, 1.0}};
    }

    private static Learned salon(int seed, double anwen, double corin) {
        return Learned.of(new InventedSalon(seed, 1, Map.of("Anwen", anwen, "Corin", corin)).washes(25, 4, 12));
    }

    private static double scatter(Learned learned, String rater) {
        return Math.sqrt(learned.pairVariance(ScoreName.DEFINITION, Way.TURN_ABOUT, rater) / 2);
    }

    @Test(dataProvider = "steadiness")
    public void eachRatersScatterIsFound(double anwen, double corin) {
        double steady = 0;
        double loose = 0;
        for (int seed = 0; seed < SALONS; seed++) {
            Learned learned = salon(seed, anwen, corin);
            steady += scatter(learned, "Anwen") / SALONS;
            loose += scatter(learned, "Corin") / SALONS;
        }
        assertEquals(steady, anwen, .2 * anwen + .05);
        assertEquals(loose, corin, .2 * corin + .05);
    }

    @Test
    public void aLooseEyeIsAskedForMorePairs() {
        for (int seed = 0; seed < SALONS; seed++) {
            Learned learned = salon(seed, .4, 1.3);
            List<Integer> pairs = List.of(pairs(learned, "Anwen"), pairs(learned, null), pairs(learned, "Corin"));
            assertTrue(pairs.get(0) < pairs.get(1) && pairs.get(1) < pairs.get(2), "steady, salon, loose: " + pairs);
        }
    }

    @Test
    public void whoScoredNothingIsLikeTheSalon() {
        Learned learned = salon(1, .4, 1.3);
        assertEquals(scatter(learned, "Merryn"), scatter(learned, null));
        assertEquals(scatter(Learned.of(List.of()), "Merryn"), Math.sqrt(.64), 1e-9, "what is usual");
    }

    /** One wash says next to nothing of how steady an eye is. */
    @Test
    public void oneWashHardlyMovesIt() {
        for (int seed = 0; seed < SALONS; seed++) {
            Learned learned = Learned.of(new InventedSalon(seed, 1, .8).washes(1, 1, 1));
            for (String rater : InventedSalon.RATERS) {
                assertEquals(scatter(learned, rater) / scatter(learned, null), 1, .35);
            }
        }
    }

    private static int pairs(Learned learned, String rater) {
        return TrialBegun.usual("gel", "soft gel", Way.TURN_ABOUT)
                .agreed(learned, rater)
                .agreedPairs();
    }
}
