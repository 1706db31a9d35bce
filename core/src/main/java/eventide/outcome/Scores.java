package eventide.outcome;

import eventide.wash.ScoreName;

/**
 * Predicted result: 0 to 10 each, shrinkage in percent, days until the next wash. Frizz 0 is none, weight 0 is airy.
 *
 * @param definition 0 to 10, like those without a unit here
 * @param frizz 0 to 10, less is better
 * @param shrinkagePercent of the length pulled straight
 * @param hold 0 to 10: how firm it feels
 * @param weight 0 to 10: how it hangs down, less is better
 * @param days it can be worn
 */
public record Scores(
        double definition,
        double clumping,
        double frizz,
        double shrinkagePercent,
        double volume,
        double softness,
        double hold,
        double weight,
        double days) {
    /**
     * One of the scores by name.
     *
     * @return from 0 to 10; percent for shrinkage, days for days
     */
    public double of(ScoreName name) {
        return switch (name) {
            case DEFINITION -> definition;
            case CLUMPING -> clumping;
            case FRIZZ -> frizz;
            case SHRINKAGE -> shrinkagePercent;
            case VOLUME -> volume;
            case SOFTNESS -> softness;
            case HOLD -> hold;
            case WEIGHT -> weight;
            case DAYS -> days;
        };
    }
}
