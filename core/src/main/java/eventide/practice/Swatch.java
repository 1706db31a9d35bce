package eventide.practice;

import eventide.hair.Pattern;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A lock of hair that never was, of which all is known: what a picture of it should be scored.
 *
 * @param definition 0 to 10, in the sense of the log's rubric
 * @param clumpMillimetres width of a clump, 1.5 to 12
 * @param frizz 0 to 10, likewise
 * @param shine 0 to 10
 * @param pattern how it curls
 * @param light of the room against an even one, .7 to 1.3
 * @param dark hair on light ground; else light hair on dark ground
 * @param seed of all that chance decides: no two are drawn alike
 */
public record Swatch(
        @Range(from = 0, to = 10) double definition,
        @Range(from = Swatch.NARROWEST, to = Swatch.WIDEST, unit = "mm") double clumpMillimetres,
        @Range(from = 0, to = 10) double frizz,
        @Range(from = 0, to = 10) double shine,
        Pattern pattern,
        @Range(from = .7, to = 1.3) double light,
        boolean dark,
        long seed) {
    /** Clumps as narrow and as wide as a swatch has them, mm [OURS]. */
    public static final double NARROWEST = 1.5;

    /** Millimetres of the widest clump. */
    public static final double WIDEST = 12;

    private static final double MOST = 10;
    /** Of full light, the dimmest a swatch is shown in [OURS]. */
    private static final double LEAST_LIGHT = .7;
    /** The same, the brightest [OURS]. */
    private static final double MOST_LIGHT = 1.3;

    public Swatch {
        List<Fault> faults =
                Shape.faults(Swatch.class, definition, clumpMillimetres, frizz, shine, pattern, light, dark, seed);
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
    }

    /** How wide clumps are that a hand would call wide, mm [OURS]. */
    private static final double WIDE = 4;

    /** Least of the score that even blurred clumps have by their width [OURS]. */
    private static final double BLURRED = .4;

    /** 0 to 10: the wider, and the more they are told apart, the more [OURS, by the rubric's words]. */
    public double clumping() {
        return MOST * (1 - Math.exp(-clumpMillimetres / WIDE)) * (BLURRED + (1 - BLURRED) * definition / MOST);
    }

    /**
     * Width of a clump as a part of the lock's.
     *
     * @return a share of the lock's width, from 0 to 1
     */
    public double clumpOfLock() {
        return clumpMillimetres / SwatchLock.LOCK_WIDTH;
    }

    /** Any of all there are, evenly over each of its scores. */
    public static Swatch any(long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        Pattern[] patterns = Pattern.values();
        return new Swatch(
                chance.nextDouble() * MOST,
                NARROWEST * Math.pow(WIDEST / NARROWEST, chance.nextDouble()),
                chance.nextDouble() * MOST,
                chance.nextDouble() * MOST,
                patterns[1 + chance.nextInt(patterns.length - 1)],
                LEAST_LIGHT + (MOST_LIGHT - LEAST_LIGHT) * chance.nextDouble(),
                chance.nextBoolean(),
                seed);
    }
}
