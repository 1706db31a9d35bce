package eventide.drying;

import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.routine.Extent;
import eventide.routine.Step;
import eventide.routine.Technique;

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

    /** How long hands take for this head against the head the plain figures are for. */
    static double size(Hair hair) {
        return Math.pow(Math.max(10, HairMass.grams(hair)) / USUAL_GRAMS, .6);
    }

    private static double wholeHead(Step step, Hair hair, double size) {
        Product worn = step.worn();
        return switch (step.action()) {
            case OIL_SCALP -> 5;
            case DETANGLE -> (hair.pattern().isTight() ? 9 : 5) * size;
            case CLEANSE, CLARIFY ->
                worn != null && worn.contactMinutes() != null ? Math.max(4, worn.contactMinutes()) : 4;
            case CONDITION -> 3;
            case MASK -> hair.strand() == Strand.FINE ? 2 : hair.strand() == Strand.MEDIUM ? 5 : 12;
            case PROTEIN -> 15;
            case RINSE, SQUISH, REWET -> 2;
            case SQUEEZE, COVER -> .5;
            case WAIT -> 5;
            case SECTION -> 2;
            case APPLY -> 3 * size * handSpeed(step.technique());
            case SMOOTH -> 4 * size;
            case SCRUNCH -> Math.max(1, step.count() == null ? 2 : step.count() * .1) * Math.sqrt(size);
            case PRESS, DIVIDE_CLUMPS -> 2 * size;
            case COIL -> (step.extent() == Extent.MID_TO_ENDS ? 18 : 26) * size;
            case SHINGLE -> 60 * size;
            case BRUSH_STYLE -> 14 * size;
            case TWIST -> 5 * size;
            case LIFT_ROOTS, UNCLIP, SET_PART, PICK, FLUFF, PIN_UP, MIST -> 1;
            case SHAKE_ROOTS -> .5;
            case CLIP_ROOTS, BREAK_CAST -> 2;
            // A few slow squeezes for each big piece [CP]: about a minute on a usual head, fewer on a short one [OURS].
            case MICROPLOP -> Math.max(.5, Math.min(2, size));
            case PLOP -> 15;
            case WET_PLOP -> 8;
            case STRETCH -> 3;
            case COVER_NIGHT -> 480;
            case HOVER, CUP, HAMMOCK, HOOD, FAN, AIR -> Double.NaN;
            case EACH_SECTION -> 0;
        };
    }

    private static double handSpeed(Technique technique) {
        if (technique == null) {
            return 1;
        }
        return switch (technique) {
            case RAKE, PRAYING_HANDS -> 1;
            case SMOOTH -> 1.2;
            case GLAZE, SCRUNCH -> .8;
            case PAT -> .6;
            case SPRAY, DROPS -> .35;
        };
    }

    /** Minutes hands are busy out of the whole: all of them, or only the start of what runs by itself. */
    static double handsOn(Step step, double minutes) {
        return step.action().isHandsOn() ? minutes : Math.min(minutes, 1);
    }
}
