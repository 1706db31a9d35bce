package eventide.learning;

/**
 * How much more or less one rater's scores scatter than the salon's do: some eyes are steady, some give whatever the light gives. Read
 * from each wash said from all the others; one step of Fisher scoring from the salon's own scatter (Rao 1973, Linear Statistical
 * Inference, 5g, from memory), which few washes hardly move.
 */
final class RaterScatter {
    /** Washes as many as which "like everybody here" counts for: variances of raters differ by about half of it [OURS]. */
    private static final double WASHES_ASSUMED = 8;
    /** Nobody is steadier against the salon, as a share of its variance [OURS]. */
    private static final double LEAST = .25;

    private RaterScatter() {}

    /**
     * @param rater as washes name who scored them; null for nobody
     * @return a factor of the salon's variance, 1 for one who scored nothing
     */
    static double factor(Fit fit, String rater) {
        double more = 0;
        double known = WASHES_ASSUMED;
        Effect eye = new Effect(Origin.RATER, rater == null ? "" : rater);
        for (Head head : fit.heads()) {
            HeadDesign design = head.design();
            for (int row = 0; row < design.rows(); row++) {
                if (design.washOf(row).effects().containsKey(eye)) {
                    double[] left = head.leftOut(row);
                    double expected = left[1] * left[1];
                    double share = head.chanceOf(row, fit.scatter()) / expected;
                    more += share * (left[0] * left[0] / expected - 1);
                    known += share * share;
                }
            }
        }
        return Math.max(LEAST, 1 + more / known);
    }
}
