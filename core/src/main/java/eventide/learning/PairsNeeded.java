package eventide.learning;

import org.apache.commons.math3.distribution.NormalDistribution;
import org.apache.commons.math3.distribution.TDistribution;

/**
 * How many pairs a trial takes before a difference of a given size is likely to show: the paired t test's, which the sign-flip test
 * comes close to. Origin: the usual power calculation by the noncentral t, here by the normal about the t's bound (Guenther 1981,
 * Am Stat 35, 243, from memory), within one pair of it.
 */
public final class PairsNeeded {
    /** Chance that a difference of that size shows [CP: 80 %]. */
    static final double POWER = .8;
    /** Difference of two scores of one rater on one day, standard deviation in points, until the log knows better [OURS]. */
    public static final double USUAL_SCATTER = 1.0;
    /** Nobody goes on longer. */
    static final int MOST = 999;

    private PairsNeeded() {}

    /**
     * @param scatter standard deviation of a pair's difference, points, above 0
     * @param difference that is to show, points, above 0
     * @param confidence ratio from 0 to 1
     * @return at least as many as the sign-flip test needs to refuse anything at all
     */
    public static int forDifference(double scatter, double difference, double confidence) {
        double risk = 1 - confidence;
        double power = new NormalDistribution(null, 0, 1).inverseCumulativeProbability(POWER);
        int least = fewest(confidence);
        for (int n = least; n < MOST; n++) {
            double bound = new TDistribution(null, n - 1).inverseCumulativeProbability(1 - risk / 2);
            double shift = difference / scatter * Math.sqrt(n);
            // The t about its shift is wider than the normal by its own bound.
            if ((shift - bound) / Math.sqrt(1 + bound * bound / (2.0 * (n - 1))) >= power) {
                return n;
            }
        }
        return MOST;
    }

    /**
     * Pairs below which no pattern of signs is rare enough: all the same way is as far as they can go.
     *
     * @return at least 2
     */
    static int fewest(double confidence) {
        int n = 2;
        while (2 / Math.pow(2, n) > 1 - confidence) {
            n++;
        }
        return n;
    }
}
