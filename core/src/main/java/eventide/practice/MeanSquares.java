package eventide.practice;

/**
 * Two-way analysis of variance of items by eyes, a score in each cell, and the intraclass correlations of eyes taken at random (Shrout and
 * Fleiss 1979, table 2 and cases 2).
 *
 * @param items mean square between items
 * @param eyes mean square between eyes
 * @param rest residual mean square
 * @param n items, from 2
 * @param k eyes, from 2
 */
record MeanSquares(double items, double eyes, double rest, int n, int k) {
    /** @param scores by thing, then by eye: every eye has scored every thing */
    static MeanSquares of(double[][] scores) {
        int n = scores.length;
        int k = scores[0].length;
        double grand = 0;
        double[] byItem = new double[n];
        double[] byEye = new double[k];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < k; j++) {
                grand += scores[i][j] / (n * k);
                byItem[i] += scores[i][j] / k;
                byEye[j] += scores[i][j] / n;
            }
        }
        double items = 0;
        double eyes = 0;
        double rest = 0;
        for (int i = 0; i < n; i++) {
            items += k * (byItem[i] - grand) * (byItem[i] - grand);
            for (int j = 0; j < k; j++) {
                double left = scores[i][j] - byItem[i] - byEye[j] + grand;
                rest += left * left;
            }
        }
        for (int j = 0; j < k; j++) {
            eyes += n * (byEye[j] - grand) * (byEye[j] - grand);
        }
        return new MeanSquares(items / (n - 1), eyes / (k - 1), rest / ((n - 1.0) * (k - 1)), n, k);
    }

    /** ICC(2,1), null where all scores are alike. */
    Double single() {
        return ratio(items + (k - 1) * rest + k * (eyes - rest) / n);
    }

    /** ICC(2,k), null where all scores are alike. */
    Double average() {
        return ratio(items + (eyes - rest) / n);
    }

    private Double ratio(double by) {
        return Math.abs(by) < 1e-12 ? null : (Double) ((items - rest) / by);
    }
}
