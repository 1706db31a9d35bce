package eventide.practice;

import eventide.shape.Letters;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * How wet somebody took a section to be.
 *
 * @param item the section's name
 */
public record FeltGuess(
        @Letters(least = 1, most = 24) String item, @Range(from = 0, to = 100, unit = "percent") Double percent) {
    public FeltGuess {
        Shape.check(FeltGuess.class, item, percent);
        FeltLock.percentOf(item);
    }

    double truth() {
        return FeltLock.percentOf(item);
    }

    /** Percent by which it was taken to be too wet. */
    double off() {
        return percent - truth();
    }
}
