package eventide.drying;

import eventide.hair.Density;
import eventide.hair.Zone;

/**
 * Every constant of the water model [OURS unless marked], tuned so that the trade's drying table holds in every row over
 * 20–24 °C and 45–60 % RH. Wetness in percent, time in minutes.
 */
final class DryingConstants {
    /** Below this the fibre surfaces are no longer all wet and the rate falls (the critical content). */
    static final double CRITICAL = 35;
    /** Keeps the last of the falling rate finite: fibre surfaces still give to moving air when nearly level. */
    static final double TAIL = 3;

    /** Hair hung up dripping sheds by gravity toward this level, with this time constant. */
    static final double DRAINS_TO = 88;

    static final double DRAINS_IN_MINUTES = 4;

    /** Lengths fall to this when the cast sets [OURS: 50–60 % dry]. */
    static final double CAST_SETS_AT = 45;
    /** A styler put on drier hair still has to lose this much for its cast. */
    static final double CAST_NEEDS_LOSS = 10;
    /** Lengths fall to this when root clips come out [CP: 70 % dry]. */
    static final double CLIPS_OUT_AT = 30;

    /** What a few sprays lift the lengths by where no level is said, and as much as the outer hair holds: more runs in. */
    static final double MIST_LIFT = 12;
    /** A light mist is gone after this long in reference air [CP: a misted refresh dries in 15–20 min]. */
    private static final double LIGHT_MIST_MINUTES = 20;
    /** Percent of the lengths' water a misted film loses a minute in reference air: a flux, however much of it there is. */
    static final double FILM_FLUX = MIST_LIFT / LIGHT_MIST_MINUTES;

    /** Pressing the lengths takes this much of the same from the roots. */
    static final double ROOTS_PRESSED = .4;
    /** Evaporation under a cap or wrap, against open air. */
    static final double UNDER_COVER = .08;

    static final double UNDER_BONNET = .4;
    /** Hair a dryer is not aimed at still gets this much of its stream. */
    static final double SPILL = .1;

    /** Cloth drinks toward this level with this time constant (plop 10–30 min). */
    static final double CLOTH_DRAWS_TO = 42;

    static final double CLOTH_MINUTES = 14;
    static final double SQUEEZED = 75;
    /** Leaves 0.6–0.8 g/g between the fibres [OURS, given with the trade's figures]. */
    static final double MICROPLOPPED = 62;
    /** Of hair that is drier than that already, cloth pressed on it takes so much more, percent [OURS]. */
    static final double CLOTH_TAKES = 10;
    /** And leaves this at the least: what stands in the fibre is not pressed out, percent [OURS]. */
    static final double CLOTH_LEAVES = 52;

    static final double REWETTED = 95;

    /** Water a gram of hair loses a minute in still reference air, fully wet, on a head of 100 g; g/g. */
    private static final double BASE_RATE = .0150;
    /** Drying surface grows slower than mass: rate a gram ∝ mass to this power. */
    private static final double MASS_POWER = -.506;
    /** Mass of hair that halves the openness of the roots, g. */
    private static final double BLANKET_GRAMS = 130;
    /** Shrinkage of the curly hair that the mass above is said for, ratio [OURS: as 3A]. */
    private static final double CURLY = .18;
    /** However it shrinks, wet hair hangs by this much of its length, ratio [OURS]. */
    private static final double LEAST_HANGING = .25;
    /** However thick the hair, the scalp's warmth still drives some vapour out. */
    private static final double LEAST_OPENNESS = .10;

    private static final double MOST_OPENNESS = .96;

    /** Nothing is waited for longer than two days, in minutes, and no dryer held longer than four hours [OURS]. */
    static final double MOST_AIR_MINUTES = 2_880;

    static final double MOST_DRYER_MINUTES = 240;

    private DryingConstants() {}

    /** Percent of water a minute in still air while fully wet: the heavier the head, the more hair lies under hair. */
    static double airRate(double headGrams, Zone zone) {
        return BASE_RATE * Math.pow(Math.max(10, headGrams) / 100, MASS_POWER) * exposure(zone);
    }

    /**
     * 1 for bare roots, falling as the hair over them grows: by its mass, and by how thick that lies. Hair that shrinks hangs
     * shorter and so lies thicker over the scalp.
     *
     * @param shrinkage ratio from 0 to 1
     */
    static double rootOpenness(double headGrams, double shrinkage) {
        double thicker = Math.sqrt((1 - CURLY) / Math.max(LEAST_HANGING, 1 - shrinkage));
        double blanket = headGrams / BLANKET_GRAMS * thicker;
        return LEAST_OPENNESS + (MOST_OPENNESS - LEAST_OPENNESS) / (1 + blanket * blanket * blanket);
    }

    /**
     * The hairline stands free, the nape lies under; the mean over a head is 1.
     *
     * @return a factor about 1
     */
    private static double exposure(Zone zone) {
        return switch (zone) {
            case HAIRLINE -> 1.30;
            case CROWN -> 1.08;
            case LEFT, RIGHT -> 1;
            case BACK -> .92;
            case NAPE -> .80;
        };
    }

    /**
     * How far a dryer's stream gets into the lengths.
     *
     * @return a factor about 1
     */
    static double reachOfDryer(Density density) {
        return switch (density) {
            case LOW -> 1.1;
            case MEDIUM -> 1;
            case HIGH -> .50;
        };
    }

    /**
     * Roots against lengths under a dryer that is aimed at neither.
     *
     * @return a factor below 1
     */
    static double rootsUnderDryer(Density density) {
        return switch (density) {
            case LOW -> .80;
            case MEDIUM -> .70;
            case HIGH -> .60;
        };
    }

    /** Most that shielded roots can take without being aimed at, against the lengths. */
    static final double ROOTS_AT_MOST = .97;

    static final double ROOTS_AIMED = 1.6;
    /** Once the lengths are dry hands turn the dryer to the roots, which then get so much more of it, to this share at most. */
    static final double TURNED = 1.4;

    static final double TURNED_AT_MOST = .9;

    /** Part of a head that is aimed at gains by its share to this power, and at most so much [OURS]. */
    static final double GAINS_BY = -.6;

    static final double MOST_GAINED = 2.5;
    /** Wetter than this hands still hold the dryer on it, percent [OURS]. */
    static final double STILL_WET = 10;

    static final double LENGTHS_NOT_AIMED = .45;
    static final double CLIPS_OPEN = 1.25;
    static final double TENSION_OPENS = 1.15;
}
