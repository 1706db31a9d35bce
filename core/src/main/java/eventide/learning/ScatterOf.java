package eventide.learning;

import eventide.wash.ScoreName;
import java.util.EnumMap;
import java.util.Map;

/**
 * How far scores of one kind scatter, and how far each kind of effect is from nothing: variances in points squared. Begins with what is
 * usual and moves to what a log shows, the more the more it holds.
 */
final class ScatterOf {
    /** A score of one rater on one day scatters by so much, standard deviation as a share of the unit [OURS]. */
    private static final double USUAL_NOISE = .8;

    private final double noise;
    private final double halves;
    private final Map<Origin, Double> effects;

    private ScatterOf(double noise, double halves, Map<Origin, Double> effects) {
        this.noise = noise;
        this.halves = halves;
        this.effects = effects;
    }

    /** Before anything is learned: what each origin usually scatters, in points of the score. */
    static ScatterOf usual(ScoreName score) {
        double unit = unit(score);
        Map<Origin, Double> effects = new EnumMap<>(Origin.class);
        for (Origin source : Origin.values()) {
            effects.put(source, square(source.usual() * unit));
        }
        return new ScatterOf(square(USUAL_NOISE * unit), square(PairsNeeded.USUAL_SCATTER * unit), effects);
    }

    /** @param otherEffects variances of some origins; the rest stays */
    ScatterOf with(double otherNoise, double otherHalves, Map<Origin, Double> otherEffects) {
        Map<Origin, Double> all = new EnumMap<>(effects);
        all.putAll(otherEffects);
        return new ScatterOf(otherNoise, otherHalves, all);
    }

    /** A point of a score from 0 to 10; of shrinkage 6 percent, of days three quarters of one [OURS]. */
    static double unit(ScoreName score) {
        return score == ScoreName.SHRINKAGE ? 6 : score == ScoreName.DAYS ? .75 : 1;
    }

    /**
     * Variance of one score about what is known of it.
     *
     * @return points squared
     */
    double noise() {
        return noise;
    }

    /**
     * Variance of what sets the two sides of one head apart by chance on one day.
     *
     * @return points squared
     */
    double halves() {
        return halves;
    }

    /** Variance of an effect of that origin, in squared points. */
    double of(Origin source) {
        return effects.get(source);
    }

    private static double square(double value) {
        return value * value;
    }
}
