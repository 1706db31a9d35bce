package eventide.picture;

import eventide.shape.Maybe;
import java.util.List;

/**
 * What a picture says, beside what an eye does: it supports the eye and overrules nothing.
 *
 * @param pixels of the picture as it was sent, upright
 * @param millimetresPerPixel where a marker was found; absent else
 * @param measures each absent where the picture is not fit, or cannot say it
 * @param overlay a PNG to lay over the picture: outline, strays and clump edges; absent where nothing was measured
 * @param fittedOn in words, for whoever reads the figures
 */
public record Measurement(
        Pixels pixels,
        @Maybe Double millimetresPerPixel,
        Measures measures,
        Quality quality,
        @Maybe String overlay,
        String fittedOn) {
    /** Of a picture, px. */
    public record Pixels(int width, int height) {}

    /**
     * A figure and the interval that holds it in four cases of five.
     *
     * @param unit points of the rubric, mm, px or percent of the lock's width
     */
    public record Measure(double value, double low, double high, String unit) {}

    /** All that is measured. */
    public record Measures(
            @Maybe Measure frizz,
            @Maybe Measure definition,
            @Maybe Measure clumping,
            @Maybe Measure clumpWidth,
            @Maybe Measure volume,
            @Maybe Measure lengthOnPicture,
            @Maybe Measure shine) {
        static final Measures NONE = new Measures(null, null, null, null, null, null, null);
    }

    /**
     * Whether it can be measured.
     *
     * @param fit nothing is in the way
     */
    public record Quality(boolean fit, List<PictureFault> faults) {}

    /** What is wrong with a picture, and what mends it, in a stylist's words. */
    public record PictureFault(String what, String doNext) {}
}
