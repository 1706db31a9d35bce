package eventide.routine;

import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;

/** What the client wants, each from 0 (does not matter) to 3. */
public record Goal(
        @Range(from = 0, to = 3) Integer definition,
        @Range(from = 0, to = 3) Integer volume,
        @Range(from = 0, to = 3) Integer length,
        @Range(from = 0, to = 3) Integer softness,
        @Range(from = 0, to = 3) Integer longevity,
        @Maybe @Range(from = 0, to = 3) Integer lowFrizz) {
    public Goal {
        Shape.check(Goal.class, definition, volume, length, softness, longevity, lowFrizz);
    }

    /** How little frizz is wanted: as definition where nothing is said. */
    public int lowFrizzOrDefinition() {
        return lowFrizz == null ? definition : lowFrizz;
    }

    public boolean wantsVolume() {
        return volume >= 2;
    }

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
