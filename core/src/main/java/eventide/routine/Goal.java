package eventide.routine;

import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * What the client wants, each from 0 (does not matter) to 3 (above all).
 *
 * @param definition curls told apart
 * @param volume fullness at the root and the outline
 * @param length kept length: little shrinkage
 * @param softness to the touch
 * @param longevity days it lasts
 * @param lowFrizz little frizz; absent, as definition; 0, frizz is welcome
 */
public record Goal(
        @Range(from = 0, to = 3) Integer definition,
        @Range(from = 0, to = 3) Integer volume,
        @Range(from = 0, to = 3) Integer length,
        @Range(from = 0, to = 3) Integer softness,
        @Range(from = 0, to = 3) Integer longevity,
        @Maybe @Range(from = 0, to = 3) Integer lowFrizz) {
    /** What a wish of 0 still weighs beside those of 1 to 3: nobody wants it bad [OURS]. */
    public static final double LEAST_WISH = .35;

    public Goal {
        Shape.check(Goal.class, definition, volume, length, softness, longevity, lowFrizz);
    }

    /**
     * How little frizz is wanted: as definition where nothing is said.
     *
     * @return a degree from 0 to 3
     */
    public int lowFrizzOrDefinition() {
        return lowFrizz == null ? definition : lowFrizz;
    }

    /** From 2 on. */
    public boolean wantsVolume() {
        return volume >= 2;
    }

    /** From 2 on. */
    public boolean wantsLowFrizz() {
        return lowFrizzOrDefinition() >= 2;
    }

    /** No other goal weighs more. */
    public boolean softnessFirst() {
        return softness > 0
                && softness >= definition
                && softness >= volume
                && softness >= length
                && softness >= longevity;
    }
}
