package eventide.learning;

import java.util.List;

/**
 * Something learned, and how well.
 *
 * @param points it brings, of its score
 * @param low four in five such lie between this
 * @param high and this; never the same
 * @param washes it rests on
 * @param ids of those, of many the first ones
 */
public record Estimate(double points, double low, double high, int washes, List<String> ids) {
    /** More nobody opens. */
    private static final int MOST_IDS = 60;

    /** No interval is narrower, points [OURS]. */
    private static final double NARROWEST = .1;

    /**
     * @param known mean and variance
     */
    static Estimate of(double[] known, List<String> washes) {
        double reach = Math.max(NARROWEST / 2, Accuracy.HOLDS_80 * Math.sqrt(Math.max(0, known[1])));
        return new Estimate(
                round(known[0]),
                round(known[0] - reach),
                round(known[0] + reach),
                washes.size(),
                washes.stream().limit(MOST_IDS).toList());
    }

    /** Whether nothing is not among what it may be. */
    public boolean isClear() {
        return low > 0 || high < 0;
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0 + 0.0;
    }
}
