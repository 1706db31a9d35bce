package eventide.learning;

import eventide.wash.ScoreName;

/**
 * What is known of a rater's eye from elsewhere than the log: from swatches whose truth is known.
 *
 * @param bias points it reads high
 * @param deviation how well that is known, points, above 0
 */
public record MeasuredEye(String rater, ScoreName score, double bias, double deviation) {
    /** What an eye reads on a drawn lock and on a head may be so far apart, points, as a deviation [OURS, not measured]. */
    private static final double DRAWN_AGAINST_HEADS = .5;

    /**
     * @param low of the interval that holds the bias in four cases of five
     */
    public static MeasuredEye within(String rater, ScoreName score, double bias, double low, double high) {
        return new MeasuredEye(rater, score, bias, (high - low) / 2 / Accuracy.HOLDS_80);
    }

    /** The effect it is a witness of. */
    Effect effect() {
        return new Effect(Origin.RATER, rater);
    }

    /**
     * Of the bias as one more witness of what this eye does to a score of the log.
     *
     * @return points squared
     */
    double variance() {
        return deviation * deviation + DRAWN_AGAINST_HEADS * DRAWN_AGAINST_HEADS;
    }
}
