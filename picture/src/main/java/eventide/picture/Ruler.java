package eventide.picture;

import eventide.picture.Measurement.Pixels;
import eventide.shape.InvalidException;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * Two points of a picture and how far apart they are: what sets its scale where no sheet is in view. Places are parts of the picture's
 * width and height, from its left and its top, so that the size it is kept in does not count.
 *
 * @param millimetres between the two, 5 to 2000
 */
public record Ruler(
        @Range(from = 0, to = 1) Double fromX,
        @Range(from = 0, to = 1) Double fromY,
        @Range(from = 0, to = 1) Double toX,
        @Range(from = 0, to = 1) Double toY,
        @Range(from = 5, to = 2000, unit = "mm") Double millimetres) {
    /** Nearer to each other a finger's tremble would count for too much, part of the picture [OURS]. */
    private static final double LEAST_APART = .03;

    public Ruler {
        Shape.check(Ruler.class, fromX, fromY, toX, toY, millimetres);
        if (Math.hypot(toX - fromX, toY - fromY) < LEAST_APART) {
            throw InvalidException.of("toX", "the two ends must lie further apart: tap something longer");
        }
    }

    /** Of a picture of this size, pixels taken for square. */
    double millimetresPerPixel(Pixels of) {
        return millimetres / Math.hypot((toX - fromX) * of.width(), (toY - fromY) * of.height());
    }
}
