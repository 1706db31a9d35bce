package eventide.learning;

import java.util.Arrays;
import java.util.Random;

/**
 * The sign-flip test of paired differences and the interval got by inverting it. If the two partners of each pair were alike, each
 * difference might as well have had the other sign: the observed mean is laid beside those of all 2ⁿ patterns of signs. Exact, and
 * nothing is assumed of how scores scatter but that either sign is as likely. Origin: Fisher 1935, The Design of Experiments, §21;
 * the interval from the means of all subsets: Hartigan 1969, J Am Stat Assoc 64, 1303.
 */
final class SignFlip {
    /** Up to so many pairs every pattern is counted. */
    static final int EXACT_UP_TO = 20;
    /** Patterns drawn beyond, always the same ones. */
    static final int DRAWN = 100_000;

    /** The same question is answered the same. */
    private static final long SEED = 20260401;
    /** Sums nearer than this are the same: differences are read to a tenth at best. */
    private static final double TIE = 1e-9;

    private final double[] differences;
    /** Mean of each subset of the differences that is flipped, ascending; the empty subset left out. */
    private double[] subsetMeans;

    /**
     * @param differences second less first partner, at least one
     */
    SignFlip(double[] differences) {
        this.differences = differences.clone();
    }

    /** Whether there are few enough pairs to count every flip. */
    boolean isExact() {
        return differences.length <= EXACT_UP_TO;
    }

    private double patterns() {
        return isExact() ? Math.pow(2, differences.length) : DRAWN + 1;
    }

    /** Share of all patterns whose mean is as far from 0 as the observed one, either way; above 0, at most 1. */
    double pValue() {
        double sum = Arrays.stream(differences).sum();
        if (Math.abs(sum) < TIE) {
            return 1;
        }
        // Flipping a subset leaves a sum as large exactly where that subset's own sum is not above 0.
        double sign = Math.signum(sum);
        long as = 1;
        for (double mean : means()) {
            as += sign * mean <= TIE ? 1 : 0;
        }
        return Math.min(1, 2 * as / patterns());
    }

    /**
     * Every mean difference that the test would not refuse.
     *
     * @param confidence ratio from 0 to 1, such as .9
     * @param most how far a difference can be at all, where so few pairs refuse nothing
     * @return low and high
     */
    double[] interval(double confidence, double most) {
        double[] means = means();
        int refused = (int) Math.floor((1 - confidence) * patterns() / 2 + TIE);
        if (refused < 1 || refused > means.length) {
            return new double[] {-most, most};
        }
        return new double[] {means[refused - 1], means[means.length - refused]};
    }

    /**
     * Of all subsets, sorted; of many pairs of a drawn lot of them.
     *
     * @return points, lowest first
     */
    private double[] means() {
        if (subsetMeans == null) {
            subsetMeans = isExact() ? every() : drawn();
            Arrays.sort(subsetMeans);
        }
        return subsetMeans;
    }

    /**
     * Each subset's sum is a smaller one's and one difference more.
     *
     * @return one a subset that is not empty
     */
    private double[] every() {
        int n = differences.length;
        double[] sums = new double[1 << n];
        double[] means = new double[(1 << n) - 1];
        for (int subset = 1; subset < sums.length; subset++) {
            int lowest = Integer.numberOfTrailingZeros(subset);
            sums[subset] = sums[subset & (subset - 1)] + differences[lowest];
            means[subset - 1] = sums[subset] / Integer.bitCount(subset);
        }
        return means;
    }

    /**
     * Each pair is in or out by a coin; an empty draw is thrown again.
     *
     * @return one a draw, 0 for an empty one
     */
    private double[] drawn() {
        Random random = new Random(SEED);
        double[] means = new double[DRAWN];
        for (int i = 0; i < DRAWN; i++) {
            double sum = 0;
            int count = 0;
            for (double difference : differences) {
                if (random.nextBoolean()) {
                    sum += difference;
                    count++;
                }
            }
            means[i] = count == 0 ? 0 : sum / count;
        }
        return means;
    }
}
