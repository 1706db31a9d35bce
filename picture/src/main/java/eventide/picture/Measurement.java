package eventide.picture;

import eventide.shape.Maybe;
import java.util.ArrayList;
import java.util.List;

/**
 * What a picture says, beside what an eye does: it supports the eye and overrules nothing.
 *
 * @param pixels of the picture as it was sent, upright
 * @param millimetresPerPixel where a marker was found or two taps set it; absent else
 * @param measures each absent where the picture is not fit, or cannot say it
 * @param overlay a PNG to lay over the picture: outline, strays and clump edges; absent where nothing was measured
 * @param fittedOn in words, for whoever reads the figures
 * @param ruler two taps that set the scale, where no marker was found and somebody made them; absent else
 * @param light by the sheet's grey; absent where no sheet, or not all of its greys, are in view
 */
public record Measurement(
        Pixels pixels,
        @Maybe Double millimetresPerPixel,
        Measures measures,
        Quality quality,
        @Maybe String overlay,
        String fittedOn,
        @Maybe Ruler ruler,
        @Maybe SheetLight light) {
    /** The same beside the picture of this view before it: another light is said, and is no reason not to measure. */
    public Measurement after(SheetLight last) {
        PictureFault other = light == null || last == null ? null : light.otherThan(last);
        if (other == null) {
            return this;
        }
        List<PictureFault> faults = new ArrayList<>(quality.faults());
        faults.add(other);
        return new Measurement(
                pixels,
                millimetresPerPixel,
                measures,
                new Quality(quality.fit(), faults),
                overlay,
                fittedOn,
                ruler,
                light);
    }

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
     * @param fit nothing is in the way of measuring it
     * @param faults what is in the way; of a picture that is fit, what to bear in mind
     */
    public record Quality(boolean fit, List<PictureFault> faults) {}

    /** What is wrong with a picture, and what mends it, in a stylist's words. */
    public record PictureFault(String what, String doNext) {}
}
