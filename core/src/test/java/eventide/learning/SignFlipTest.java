package eventide.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The exact test beside published paired data and beside counting every pattern one by one. */
public class SignFlipTest {
    private record Published(String what, double[] differences, double pValue, double precision) {
        @Override
        public String toString() {
            return what;
        }
    }

    @DataProvider
    Object[] published() {
        return new Object[] {
            // Fisher 1935, The Design of Experiments, section 21: of 32 768 patterns 863 reach the sum of 314, and as
            // many fall as low.
            new Published(
                    "Darwin's maize, eighths of an inch",
                    new double[] {49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48},
                    2 * 863 / 32768.0,
                    1e-12),
            // Student 1908, Biometrika 6, 1: nine differences above 0 and one of 0, so that 4 of 1 024 patterns are as
            // far out.
            new Published(
                    "Student's sleep, hours",
                    new double[] {1.2, 2.4, 1.3, 1.3, 0, 1.0, 1.8, .8, 4.6, 1.4},
                    4 / 1024.0,
                    1e-12)
        };
    }

    @Test(dataProvider = "published")
    public void givesThePublishedValue(Published row) {
        assertEquals(new SignFlip(row.differences()).pValue(), row.pValue(), row.precision(), row.what());
    }

    private static double[] differences(Random random, int n) {
        double[] all = new double[n];
        for (int i = 0; i < n; i++) {
            all[i] = Math.round(10 * (random.nextGaussian() + .4)) / 10.0;
        }
        return all;
    }

    /** Of every pattern whether its mean is as far out. */
    private static double counted(double[] differences, double shift) {
        int n = differences.length;
        double observed = 0;
        for (double one : differences) {
            observed += one - shift;
        }
        int as = 0;
        for (int pattern = 0; pattern < 1 << n; pattern++) {
            double sum = 0;
            for (int i = 0; i < n; i++) {
                sum += ((pattern >> i & 1) == 0 ? 1 : -1) * (differences[i] - shift);
            }
            as += Math.abs(sum) >= Math.abs(observed) - 1e-9 ? 1 : 0;
        }
        return as / Math.pow(2, n);
    }

    @Test
    public void isWhatCountingEveryPatternGives() {
        Random random = new Random(1);
        for (int i = 0; i < 60; i++) {
            double[] all = differences(random, 1 + random.nextInt(12));
            assertEquals(new SignFlip(all).pValue(), counted(all, 0), 1e-12, java.util.Arrays.toString(all));
        }
    }

    /** Inside the test refuses nothing, outside it refuses all. */
    @Test
    public void theIntervalIsTheTestInverted() {
        Random random = new Random(2);
        for (int i = 0; i < 40; i++) {
            double[] all = differences(random, 5 + random.nextInt(7));
            double[] interval = new SignFlip(all).interval(.9, 10);
            double inside = (interval[1] - interval[0]) * .001 + 1e-6;
            assertTrue(counted(all, interval[0] + inside) > .1 - 1e-9, i + " low");
            assertTrue(counted(all, interval[1] - inside) > .1 - 1e-9, i + " high");
            assertTrue(counted(all, interval[0] - 1e-6) <= .1 + 1e-9, i + " below");
            assertTrue(counted(all, interval[1] + 1e-6) <= .1 + 1e-9, i + " above");
        }
    }

    @Test
    public void soFewPairsBoundNothing() {
        assertEquals(new SignFlip(new double[] {1, 2, 1.5, 1}).interval(.9, 10), new double[] {-10, 10});
    }

    /** Beyond twenty pairs patterns are drawn: near what counting the normal would give, and the same each time. */
    @Test
    public void manyPairsAreDrawnTheSameEachTime() {
        double[] all = differences(new Random(3), 60);
        assertEquals(new SignFlip(all).pValue(), new SignFlip(all.clone()).pValue());
        double sum = 0;
        double squares = 0;
        for (double one : all) {
            sum += one;
            squares += one * one;
        }
        double normal = 2
                * (1
                        - new org.apache.commons.math3.distribution.NormalDistribution()
                                .cumulativeProbability(Math.abs(sum) / Math.sqrt(squares)));
        assertEquals(new SignFlip(all).pValue(), normal, .003);
    }
}
