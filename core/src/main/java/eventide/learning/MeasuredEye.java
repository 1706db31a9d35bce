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

    Effect effect() {
        return new Effect(Origin.RATER, rater);
    }

    /** Of the bias as one more witness of what this eye does to a score of the log. */
    double variance() {
        return deviation * deviation + DRAWN_AGAINST_HEADS * DRAWN_AGAINST_HEADS;
    }
}
