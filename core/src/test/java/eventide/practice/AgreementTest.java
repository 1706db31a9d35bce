package eventide.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.practice.Agreement.EyeSteadiness;
import eventide.practice.AgreementQuestion.EyeRating;
import eventide.practice.AgreementQuestion.KnownScore;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** Published figures, and eyes invented. */
public class AgreementTest {
    /** Six things, four judges. */
    private static final int[][] SHROUT_FLEISS = {
        {9, 2, 5, 8}, {6, 1, 3, 2}, {8, 4, 6, 8}, {7, 1, 2, 6}, {10, 5, 6, 9}, {6, 2, 4, 7}
    };

    /** Four observers, twelve units; 0 where nobody looked. */
    private static final int[][] KRIPPENDORFF = {
        {1, 2, 3, 3, 2, 1, 4, 1, 2, 0, 0, 0},
        {1, 2, 3, 3, 2, 2, 4, 1, 2, 5, 0, 3},
        {0, 3, 3, 3, 2, 3, 4, 2, 2, 5, 1, 0},
        {1, 2, 3, 3, 2, 4, 4, 1, 2, 5, 1, 0}
    };

    private static AgreementQuestion asked(List<EyeRating> ratings) {
        return new AgreementQuestion(ratings, null);
    }

    private static List<EyeRating> shroutFleiss() {
        List<EyeRating> ratings = new ArrayList<>();
        for (int item = 0; item < 6; item++) {
            for (int eye = 0; eye < 4; eye++) {
                ratings.add(new EyeRating("eye " + eye, "item " + item, (double) SHROUT_FLEISS[item][eye]));
            }
        }
        return ratings;
    }

    /** Shrout and Fleiss 1979, table 4: ICC(2,1) .29, ICC(2,4) .62. */
    @Test
    public void intraclassCorrelationsAreThePublishedOnes() {
        Agreement agreement = Agreement.of(asked(shroutFleiss()));
        assertEquals(agreement.iccSingle(), .29, .005);
        assertEquals(agreement.iccAverage(), .62, .005);
    }

    /** Krippendorff 2011, Computing Krippendorff's Alpha-Reliability, section D: interval .849. */
    @Test
    public void alphaIsThePublishedOne() {
        List<EyeRating> ratings = new ArrayList<>();
        for (int eye = 0; eye < 4; eye++) {
            for (int unit = 0; unit < 12; unit++) {
                if (KRIPPENDORFF[eye][unit] > 0) {
                    ratings.add(new EyeRating("eye " + eye, "unit " + unit, (double) KRIPPENDORFF[eye][unit]));
                }
            }
        }
        assertEquals(Agreement.of(asked(ratings)).alphaInterval(), .849, .0005);
        Collections.shuffle(ratings, new Random(3));
        assertEquals(Agreement.of(asked(ratings)).alphaInterval(), .849, .0005);
    }

    /** The items that not all have scored are left out of the correlations, and so is an eye's name. */
    @Test
    public void anItemThatOneEyeMissedIsNotCounted() {
        List<EyeRating> ratings = shroutFleiss();
        ratings.add(new EyeRating("eye 0", "another", 3.0));
        assertEquals(
                Agreement.of(asked(ratings)).iccSingle(),
                Agreement.of(asked(shroutFleiss())).iccSingle(),
                1e-12);
    }

    @Test
    public void whatCannotBeSaidIsLeftOut() {
        Agreement alone = Agreement.of(asked(List.of(new EyeRating("one", "a", 3.0), new EyeRating("one", "b", 4.0))));
        assertNull(alone.alphaInterval());
        assertNull(alone.iccSingle());
        assertEquals(alone.raters().get(0).n(), 0);
        Agreement alike = Agreement.of(asked(List.of(
                new EyeRating("one", "a", .1),
                new EyeRating("two", "a", .1),
                new EyeRating("one", "b", .1),
                new EyeRating("two", "b", .1))));
        assertNull(alike.alphaInterval());
        assertNull(alike.iccSingle());
    }

    /** Eighty of a hundred intervals hold the bias of an invented eye. */
    @Test
    public void theIntervalHoldsTheBiasFourTimesInFive() {
        Random random = new Random(12);
        int held = 0;
        int eyes = 600;
        for (int eye = 0; eye < eyes; eye++) {
            double bias = random.nextGaussian();
            List<EyeRating> ratings = new ArrayList<>();
            List<KnownScore> truth = new ArrayList<>();
            for (int item = 0; item < 9; item++) {
                double known = 3 + 4 * random.nextDouble();
                truth.add(new KnownScore("item " + item, known));
                double seen = Math.max(0, Math.min(10, known + bias + .6 * random.nextGaussian()));
                ratings.add(new EyeRating("eye", "item " + item, seen));
            }
            EyeSteadiness one =
                    Agreement.of(new AgreementQuestion(ratings, truth)).raters().get(0);
            assertEquals(one.n(), 9);
            held += one.low() <= bias && bias <= one.high() ? 1 : 0;
        }
        assertTrue(held > .75 * eyes && held < .85 * eyes, held + " of " + eyes);
    }

    /** Never of zero width, however alike. */
    @Test
    public void anEyeThatIsAlwaysOffAlikeHasAnIntervalAllTheSame() {
        List<EyeRating> ratings = new ArrayList<>();
        List<KnownScore> truth = new ArrayList<>();
        for (int item = 0; item < 5; item++) {
            truth.add(new KnownScore("item " + item, (double) item));
            ratings.add(new EyeRating("Ebba", "item " + item, item + 1.0));
        }
        Agreement agreement = Agreement.of(new AgreementQuestion(ratings, truth));
        EyeSteadiness one = agreement.raters().get(0);
        assertEquals(one.bias(), 1, 1e-12);
        assertTrue(one.high() > one.low());
        assertTrue(agreement.words().contains("Ebba reads 1.0 high"), agreement.words());
    }

    @Test
    public void aScoreGivenTwiceIsSaidWhereItStands() {
        AgreementQuestion twice = asked(List.of(new EyeRating("one", "a", 3.0), new EyeRating("one", "a", 4.0)));
        assertEquals(twice.beyond().get(0).pointer(), "/ratings/1");
    }
}
