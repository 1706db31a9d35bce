package eventide.picture;

import boofcv.struct.image.GrayF32;

/**
 * Brightness across the lock, strands averaged away along it: the lock is set straight by its outline, a stretch of rows is averaged, and
 * what is left goes up and down with the clumps.
 */
final class AcrossProfile {
    /** Traits that words are fitted on; the period and its strength come behind them. */
    static final int COUNT = 4;
    /** Rows that are averaged, and points across the lock [OURS]. */
    private static final int ROWS = 22;

    private static final int POINTS = 140;
    /** A period is looked for up to half of the lock's width, and not among single strands, points [OURS]. */
    private static final int MOST_LAG = POINTS / 2;

    private static final int LEAST_LAG = 4;
    /**
     * A crest this high against the highest is the period itself, and what lies beyond a multiple of it (the rule of the first key
     * maximum, McLeod and Wyvill 2005; the part OURS, lower than theirs: hair is less regular than sound).
     */
    private static final double CREST = .4;
    /** Of the lock's width left out on either side, where the ground comes in [OURS]. */
    private static final double MARGIN = .04;

    private AcrossProfile() {}

    /**
     * Logarithm of the lag that comes back the most strongly, and how strongly; logarithm of crests a lock's width; how much of all change
     * is left; then the period, which is the first lag that comes back, logarithm and strength.
     */
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
        int strongest = strongest(together);
        double[] tapered = tapered(together);
        int first = first(tapered);
        return new double[] {
            Math.log(strongest),
            together[0] <= 0 ? 0 : together[strongest] / together[0],
            Math.log(crests / Math.max(1, stretches) + .5),
            kept / Math.max(1e-6, all),
            Math.log(first),
            tapered[0] <= 0 ? 0 : tapered[first] / tapered[0]
        };
    }

    /** Of long lags little overlaps, and what comes back there comes back by chance: each counts as what overlaps. */
    private static double[] tapered(double[] together) {
        double[] tapered = new double[together.length];
        for (int lag = 0; lag < tapered.length; lag++) {
            tapered[lag] = together[lag] * (POINTS - lag) / POINTS;
        }
        return tapered;
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

    /** The lag of the first crest after the first valley that is high enough; the longest looked at where there is none. */
    private static int first(double[] together) {
        int from = afterValley(together);
        double highest = Double.NEGATIVE_INFINITY;
        for (int lag = from; lag < MOST_LAG; lag++) {
            highest = isCrest(together, lag) ? Math.max(highest, together[lag]) : highest;
        }
        double enough = highest > 0 ? CREST * highest : highest;
        for (int lag = from; lag < MOST_LAG; lag++) {
            if (isCrest(together, lag) && together[lag] >= enough) {
                return lag;
            }
        }
        return MOST_LAG;
    }

    /** The lag of the crest that comes back the most strongly after the first valley; the longest looked at where there is none. */
    private static int strongest(double[] together) {
        int best = MOST_LAG;
        double most = Double.NEGATIVE_INFINITY;
        for (int lag = afterValley(together); lag < MOST_LAG; lag++) {
            // A nearer crest counts for more: multiples of the period come back as strongly.
            double worth = together[lag] - .002 * lag * Math.abs(together[0]);
            if (isCrest(together, lag) && worth > most) {
                most = worth;
                best = lag;
            }
        }
        return best;
    }

    /** Before the first valley everything is alike because it lies side by side. */
    private static int afterValley(double[] together) {
        int valley = 1;
        while (valley < MOST_LAG && together[valley + 1] < together[valley]) {
            valley++;
        }
        return Math.max(LEAST_LAG, valley);
    }

    private static boolean isCrest(double[] together, int lag) {
        return together[lag] > together[lag - 1] && together[lag] >= together[lag + 1];
    }

    /** Below this a period may be one by chance [OURS: on drawn locks one in five a little below it is]. */
    private static final double SOME = .2;
    /** From here on it is none by chance [OURS: on drawn locks of either drawing all but one in thirty are within a fifth]. */
    private static final double SURE = .3;

    /** Points of definition below which there are no clumps that could come back [OURS]. */
    private static final double BLURRED = 2;
    /** The same, from which on there are [OURS]. */
    private static final double TOLD_APART = 4;

    /**
     * How far a period is to be believed.
     *
     * @param strength how strongly it comes back, as {@link #traits} has it
     * @param definition as it is read off the same picture, points
     * @return from 0 to 1
     */
    static double believed(double strength, double definition) {
        return ramp(strength, SOME, SURE) * ramp(definition, BLURRED, TOLD_APART);
    }

    private static double ramp(double value, double from, double to) {
        return Math.max(0, Math.min(1, (value - from) / (to - from)));
    }

    /** Logarithm of a period as a part of the lock's width. */
    static double ofLock(double logPeriod) {
        return logPeriod + Math.log((1 - 2 * MARGIN) / POINTS);
    }
}
