package eventide.practice;

import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * What an eye scored a swatch.
 *
 * @param item as {@link SwatchSet} named it: which swatch it was, and that it was shown mirrored where it came back
 * @param definition 0 to 10
 * @param clumping 0 to 10
 * @param frizz 0 to 10
 */
public record SwatchReading(
        @Letters(least = 1, most = 24) String item,
        @Range(from = 0, to = 10) Double definition,
        @Range(from = 0, to = 10) Double clumping,
        @Range(from = 0, to = 10) Double frizz) {
    /** Behind the number of one that is shown again, mirrored. */
    public static final String AGAIN = "m";

    public SwatchReading {
        Shape.check(SwatchReading.class, item, definition, clumping, frizz);
        swatchOf(item);
    }

    /**
     * The swatch an item is.
     *
     * @throws InvalidException for a name that is none of ours
     */
    public static Swatch swatchOf(String item) {
        try {
            return Swatch.any(Long.parseLong(first(item)));
        } catch (NumberFormatException other) {
            throw InvalidException.of("item", "there is no such swatch: \"" + item + "\"");
        }
    }

    /** Shown before, and now mirrored. */
    public static boolean isAgain(String item) {
        return item.endsWith(AGAIN);
    }

    /** The lock that was scored, drawn again from its seed. */
    public Swatch swatch() {
        return swatchOf(item);
    }

    /** The same swatch shown first. */
    String first() {
        return first(item);
    }

    private static String first(String item) {
        return isAgain(item) ? item.substring(0, item.length() - AGAIN.length()) : item;
    }
}
