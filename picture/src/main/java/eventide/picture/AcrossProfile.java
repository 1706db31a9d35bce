package eventide.picture;

import boofcv.struct.image.GrayF32;

/**
 * Brightness across the lock, strands averaged away along it: the lock is set straight by its outline, a stretch of rows is averaged, and
 * what is left goes up and down with the clumps.
 */
final class AcrossProfile {
    static final int COUNT = 4;
    /** Rows that are averaged, and points across the lock [OURS]. */
    private static final int ROWS = 22;

    private static final int POINTS = 140;
    /** A period is looked for up to half of the lock's width, and not among single strands, points [OURS]. */
    private static final int MOST_LAG = POINTS / 2;

    private static final int LEAST_LAG = 4;
    /** Of the lock's width left out on either side, where the ground comes in [OURS]. */
    private static final double MARGIN = .04;

    private AcrossProfile() {}

    /** Logarithm of the period and how strongly it comes back; logarithm of crests a lock's width; how much of all change is left. */
    static double[] traits(GrayF32 lit, Body body) {
        double[] together = new double[MOST_LAG + 1];
        double crests = 0;
        double kept = 0;
        double all = 0;
        int stretches = 0;
        for (int from = 0; from + ROWS <= body.left.length; from += ROWS / 2) {
            double[] profile = new double[POINTS];
            double squares = 0;
            for (int row = from; row < from + ROWS; row++) {
                for (int i = 0; i < POINTS; i++) {
                    double value = at(lit, body, row, MARGIN + (1 - 2 * MARGIN) * (i + .5) / POINTS);
                    profile[i] += value / ROWS;
                    squares += value * value / ROWS;
                }
            }
            double mean = 0;
            for (double value : profile) {
                mean += value / POINTS;
            }
            double own = 0;
            for (int i = 0; i < POINTS; i++) {
                profile[i] -= mean;
                own += profile[i] * profile[i];
            }
            all += squares - POINTS * mean * mean;
            kept += own;
            for (int lag = 0; lag <= MOST_LAG; lag++) {
                double sum = 0;
                for (int i = 0; i + lag < POINTS; i++) {
                    sum += profile[i] * profile[i + lag];
                }
                together[lag] += sum / (POINTS - lag) / Math.max(1e-6, own);
            }
            crests += crests(profile);
            stretches++;
        }
        int period = period(together);
        return new double[] {
            Math.log(period),
            together[0] <= 0 ? 0 : together[period] / together[0],
            Math.log(crests / Math.max(1, stretches) + .5),
            kept / Math.max(1e-6, all)
        };
    }

    private static double at(GrayF32 lit, Body body, int row, double part) {
        int left = body.left[row];
        int right = body.right[row];
        int x = (int) Math.round(left + (right - left) * part);
        return lit.unsafe_get(Math.max(0, Math.min(lit.width - 1, x)), body.top + row);
    }

    private static double crests(double[] profile) {
        double[] soft = new double[profile.length];
        for (int i = 2; i < profile.length - 2; i++) {
            soft[i] = (profile[i - 2] + 2 * profile[i - 1] + 3 * profile[i] + 2 * profile[i + 1] + profile[i + 2]) / 9;
        }
        int crests = 0;
        for (int i = 3; i < profile.length - 3; i++) {
            crests += soft[i] > soft[i - 1] && soft[i] >= soft[i + 1] ? 1 : 0;
        }
        return crests;
    }

    /** The lag of the first crest that comes back after the first valley; the longest looked at where there is none. */
    private static int period(double[] together) {
        int valley = 1;
        while (valley < MOST_LAG && together[valley + 1] < together[valley]) {
            valley++;
        }
        int best = MOST_LAG;
        double most = Double.NEGATIVE_INFINITY;
        for (int lag = Math.max(LEAST_LAG, valley); lag < MOST_LAG; lag++) {
            boolean crest = together[lag] > together[lag - 1] && together[lag] >= together[lag + 1];
            // A nearer crest counts for more: multiples of the period come back as strongly.
            double worth = together[lag] - .002 * lag * Math.abs(together[0]);
            if (crest && worth > most) {
                most = worth;
                best = lag;
            }
        }
        return best;
    }
}
