package eventide.drying;

import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.routine.Step;

/** How long a step takes where the routine does not say, in minutes for the whole head [OURS, from common practice]. */
public final class StepDuration {
    /** The head the plain figures are for: 30 cm, medium strand, medium density. */
    private static final double USUAL_GRAMS = 109;

    /** To take up, part and clip away one section, minutes [OURS: four quadrants in about a minute]. */
    public static final double SECTION_MINUTES = .25;

    private StepDuration() {}

    /**
     * Minutes of a step as it says, else as is usual; NaN where only the level of water ends it.
     *
     * @param size of the head, as {@link #size} gives it
     * @param share of the head's hair that it covers, 0 to 1
     * @param perSection inside EACH_SECTION minutes are for one section, else for all that it covers
     */
    static double of(Step step, Hair hair, double size, int sections, double share, boolean perSection) {
        if (step.minutes() != null) {
            return step.minutes();
        }
        double usual = wholeHead(step, hair, size);
        if (Double.isNaN(usual)) {
            return Double.NaN;
        }
        boolean byHand = step.action().isHandsOn() && !step.action().soaks();
        double whole = byHand ? usual * Math.max(.15, share) : usual;
        return perSection ? (byHand ? whole / sections : Math.min(whole, 1)) : whole;
    }

    /** Minutes for the whole head; {@code NaN} where only the level of water ends the step. */
    public static double wholeHead(Step step, Hair hair) {
        return wholeHead(step, hair, size(hair));
    }

    /**
     * How long hands take for this head against the head the plain figures are for.
     *
     * @return a factor, 1 for a head of usual mass
     */
    static double size(Hair hair) {
        return Math.pow(Math.max(10, HairMass.grams(hair)) / USUAL_GRAMS, .6);
    }

    private static double wholeHead(Step step, Hair hair, double size) {
        return step.action().usualMinutes(step, hair, size);
    }

    /** Minutes hands are busy out of the whole: all of them, or only the start of what runs by itself. */
    static double handsOn(Step step, double minutes) {
        return step.action().isHandsOn() ? minutes : Math.min(minutes, 1);
    }
}
