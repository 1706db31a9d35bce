package eventide.learning;

import java.util.HashMap;
import java.util.Map;

/**
 * How much more or less each rater's scores scatter than the salon's do: some eyes are steady, some give whatever the light gives. Read
 * from each wash said from all the others; one step of Fisher scoring from the salon's own scatter (Rao 1973, Linear Statistical
 * Inference, 5g, from memory), which few washes hardly move.
 *
 * @param factors of the salon's variance, by rater
 */
record RaterScatter(Map<String, Double> factors) {
    /** Washes as many as which "like everybody here" counts for: variances of raters differ by about half of it [OURS]. */
    private static final double WASHES_ASSUMED = 8;
    /** Nobody is steadier against the salon, as a share of its variance [OURS]. */
    private static final double LEAST = .25;

    /** By everything one score was given. */
    static RaterScatter of(Fit fit) {
        Map<String, double[]> sums = new HashMap<>();
        for (Head head : fit.heads()) {
            for (int row = 0; row < head.design().rows(); row++) {
                double[] left = head.leftOut(row);
                double expected = left[1] * left[1];
                double share = head.chanceOf(row, fit.scatter()) / expected;
                double more = share * (left[0] * left[0] / expected - 1);
                for (Effect effect : head.design().washes().get(row).effects().keySet()) {
                    if (effect.origin() == Origin.RATER) {
                        double[] of = sums.computeIfAbsent(effect.name(), any -> new double[] {0, WASHES_ASSUMED});
                        of[0] += more;
                        of[1] += share * share;
                    }
                }
            }
        }
        Map<String, Double> factors = new HashMap<>();
        sums.forEach((rater, of) -> factors.put(rater, Math.max(LEAST, 1 + of[0] / of[1])));
        return new RaterScatter(factors);
    }

    /**
     * @param rater null where nobody says
     * @return a factor of the salon's variance, 1 for one who scored nothing
     */
    double factor(String rater) {
        return factors.getOrDefault(rater, 1.0);
    }
}
