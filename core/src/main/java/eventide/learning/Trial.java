package eventide.learning;

import eventide.learning.TrialQuestion.TrialPair;
import eventide.routine.Half;
import eventide.shape.Maybe;
import eventide.shape.Signed;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * A trial as it reads so far.
 *
 * @param pairs how many it rests on
 * @param estimate mean of what is tried less what the head is used to, points, the side taken out
 * @param low of the interval got by inverting the test, points
 * @param high of the same
 * @param pValue two-sided, of the exact sign-flip test; beyond 20 pairs of 100 000 patterns drawn with a fixed seed
 * @param sideEffect how much better the left half comes out whatever is on it; absent where sides are not given or never changed. It is
 *     taken from the same pairs, so that of few the interval holds a little less than it says: 84 of 100 for nine pairs at 90 %
 * @param pairsStillNeeded until a difference of the margin would likely show; 0 once there is a verdict
 */
public record Trial(
        int pairs,
        double estimate,
        double low,
        double high,
        double pValue,
        @Maybe SideEffect sideEffect,
        Verdict verdict,
        int pairsStillNeeded,
        String words) {
    /** Differences of scores from 0 to 10 go no farther. */
    private static final double FARTHEST = 10;
    /** Scores are read to a tenth at best: no interval is narrower, points [OURS]. */
    private static final double FINEST = .1;

    /**
     * LEFT less RIGHT, points.
     *
     * @param estimate points that the left is read above the right, whatever is on it
     * @param low and {@code high}: its interval
     */
    public record SideEffect(double estimate, double low, double high) {}

    /** Reads pairs by the exact sign-flip test of their mean, the side taken out first. */
    public static Trial of(TrialQuestion asked) {
        return of(asked, asked.confidence());
    }

    /**
     * @param confidence of the interval and the verdict, ratio: more than was asked where several scores are looked at together
     */
    static Trial of(TrialQuestion asked, double confidence) {
        List<TrialPair> pairs = asked.pairs();
        SideEffect side = sideEffect(pairs, confidence);
        double[] differences = pairs.stream()
                .mapToDouble(pair -> pair.difference() + (side == null ? 0 : without(pair, side.estimate())))
                .toArray();
        SignFlip test = new SignFlip(differences);
        double estimate = Arrays.stream(differences).average().orElseThrow();
        double[] interval = wide(test.interval(confidence, FARTHEST));
        Verdict verdict = verdict(interval, asked.marginOrUsual());
        int more = verdict == Verdict.NOT_YET ? stillNeeded(differences, asked.marginOrUsual(), confidence) : 0;
        double p = test.pValue();
        return new Trial(
                pairs.size(),
                round(estimate),
                round(interval[0]),
                round(interval[1]),
                p,
                side,
                verdict,
                more,
                words(verdict, estimate, interval, asked.marginOrUsual(), more, side, test.isExact()));
    }

    /** By where the interval lies: beyond nothing, within what does not matter, or neither yet. */
    private static Verdict verdict(double[] interval, double margin) {
        if (interval[0] > 0) {
            return Verdict.BETTER;
        }
        if (interval[1] < 0) {
            return Verdict.WORSE;
        }
        return interval[0] > -margin && interval[1] < margin ? Verdict.NO_DIFFERENCE : Verdict.NOT_YET;
    }

    /**
     * A pair's difference as it would be if neither side were weaker.
     *
     * @return points to be taken off the difference
     */
    private static double without(TrialPair pair, double side) {
        // b stood on the other side than a.
        return pair.aSide() == null ? 0 : pair.aSide() == Half.LEFT ? side : -side;
    }

    /** Half of how far the pairs with a on the left are from those with a on the right. Null where only one side occurs. */
    private static SideEffect sideEffect(List<TrialPair> pairs, double confidence) {
        double[] left = differences(pairs, Half.LEFT);
        double[] right = differences(pairs, Half.RIGHT);
        if (left.length == 0 || right.length == 0) {
            return null;
        }
        double[] interval = wide(TwoGroups.interval(right, left, confidence, 2 * FARTHEST));
        return new SideEffect(round((mean(right) - mean(left)) / 2), round(interval[0] / 2), round(interval[1] / 2));
    }

    /**
     * Of the pairs that had the first on that side.
     *
     * @return points, b less a
     */
    private static double[] differences(List<TrialPair> pairs, Half aSide) {
        return pairs.stream()
                .filter(pair -> pair.aSide() == aSide)
                .mapToDouble(TrialPair::difference)
                .toArray();
    }

    /**
     * Pairs more until a difference of the margin would show, by these pairs' own scatter and the usual one.
     *
     * @return at least 1
     */
    private static int stillNeeded(double[] differences, double margin, double confidence) {
        int n = differences.length;
        double own = scatter(differences);
        // Few pairs hardly know their own scatter: the usual one counts as so many more.
        double scatter =
                Math.sqrt(((n - 1) * own * own + KNOWN_AS * PairsNeeded.USUAL_SCATTER * PairsNeeded.USUAL_SCATTER)
                        / (n - 1 + KNOWN_AS));
        return Math.max(1, PairsNeeded.forDifference(scatter, margin, confidence) - n);
    }

    /** Pairs that the usual scatter is worth [OURS]. */
    private static final double KNOWN_AS = 4;

    /**
     * Standard deviation of a sample, 0 of fewer than two.
     *
     * @return points
     */
    private static double scatter(double[] values) {
        double mean = mean(values);
        double sum = Arrays.stream(values).map(v -> (v - mean) * (v - mean)).sum();
        return values.length < 2 ? 0 : Math.sqrt(sum / (values.length - 1));
    }

    private static double mean(double[] values) {
        return Arrays.stream(values).average().orElse(0);
    }

    private static double[] wide(double[] interval) {
        double lacking = Math.max(0, FINEST - (interval[1] - interval[0])) / 2;
        return new double[] {interval[0] - lacking, interval[1] + lacking};
    }

    /** @param exact whether every flip was counted, so that the interval is no estimate */
    private static String words(
            Verdict verdict,
            double estimate,
            double[] interval,
            double margin,
            int more,
            SideEffect side,
            boolean exact) {
        String between = interval[1] - interval[0] >= 2 * FARTHEST
                ? "so few pairs bound nothing"
                : Signed.of(interval[0]) + " to " + Signed.of(interval[1]);
        String size = String.format(Locale.ROOT, "%.1f points (%s)", Math.abs(estimate), between);
        String said =
                switch (verdict) {
                    case BETTER -> "Better by " + size + ".";
                    case WORSE -> "Worse by " + size + ".";
                    case NO_DIFFERENCE ->
                        String.format(
                                Locale.ROOT,
                                "No difference that matters: %s, within %.1f either way.",
                                between,
                                margin);
                    case NOT_YET ->
                        "Not yet: " + soFar(estimate, size, between) + " so far; about " + more
                                + (more == 1 ? " pair more." : " pairs more.");
                };
        return said
                + (side == null ? "" : " The side, " + Signed.of(side.estimate()) + " for the left, is taken out.")
                + (exact ? "" : " Of " + SignFlip.DRAWN + " patterns drawn, the same each time.");
    }

    private static String soFar(double estimate, String size, String between) {
        if (Math.abs(estimate) < FINEST / 2) {
            return "even (" + between + ")";
        }
        return (estimate < 0 ? "worse" : "better") + " by " + size;
    }

    private static double round(double value) {
        return Math.round(value * 1e4) / 1e4 + 0.0;
    }
}
