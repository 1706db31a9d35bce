package eventide.picture;

import eventide.picture.Measurement.PictureFault;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The light of a picture, by a grey patch of our sheet as the picture shows it: 0 to 255 each. The patch itself is neutral.
 */
public record SheetLight(double red, double green, double blue) {
    /** Of a patch, so much to either side of its middle is looked at: its edges are blurred [OURS]. */
    private static final double INSIDE = .3;
    /** Points looked at across that, and down it [OURS]. */
    private static final int STEPS = 9;
    /** Which of the sheet's greys: bright enough to be told from noise, and not burnt out. */
    private static final int GREY = 1;
    /** One grey must be so much brighter than the next, of 255, or the sheet is folded, covered or in shadow [OURS]. */
    private static final double LEAST_STEP = 8;

    /** Light within this ratio moves a measure by less than a point, as tried on drawn locks. */
    private static final double OTHER_BRIGHTNESS = 1.3;
    /** A tint within this ratio the eye forgives [OURS]. */
    private static final double OTHER_TINT = 1.15;
    /** Further than this no channel is turned up or down [OURS]. */
    private static final double MOST_GAIN = 2;

    /**
     * @return null where the patches cannot be read
     */
    static SheetLight of(BufferedImage image, Marker marker, double squareMillimetres) {
        double each = squareMillimetres / MarkerSheet.SQUARE;
        List<SheetLight> greys = new ArrayList<>();
        for (int i = 0; i < MarkerSheet.greys(); i++) {
            SheetLight grey = patch(image, marker, i, each);
            if (grey == null
                    || !greys.isEmpty() && grey.brightness() > greys.get(i - 1).brightness() - LEAST_STEP) {
                return null;
            }
            greys.add(grey);
        }
        return greys.get(GREY);
    }

    /** The mean of the inside of a grey, null where it lies outside the picture. */
    private static SheetLight patch(BufferedImage image, Marker marker, int index, double each) {
        double left = MarkerSheet.PATCHES_LEFT - MarkerSheet.LEFT + index * MarkerSheet.PATCH;
        double[] sums = new double[3];
        for (int i = 0; i < STEPS * STEPS; i++) {
            double across = .5 + INSIDE * (2.0 * (i % STEPS) / (STEPS - 1) - 1);
            double down = .5 + INSIDE * (2.0 * (i / STEPS) / (STEPS - 1) - 1);
            Point2D at = marker.at(each * (left + across * MarkerSheet.PATCH), each * down * MarkerSheet.PATCH);
            int x = (int) Math.floor(at.getX());
            int y = (int) Math.floor(at.getY());
            if (x < 0 || y < 0 || x >= image.getWidth() || y >= image.getHeight()) {
                return null;
            }
            int pixel = image.getRGB(x, y);
            for (int channel = 0; channel < 3; channel++) {
                sums[channel] += pixel >> 16 - 8 * channel & 255;
            }
        }
        double n = STEPS * STEPS;
        return new SheetLight(sums[0] / n, sums[1] / n, sums[2] / n);
    }

    double brightness() {
        return (red + green + blue) / 3;
    }

    /** Over 1 the light is warm, under it cool, as of a lamp or of a window. */
    private double warmth() {
        return red / Math.max(1, blue);
    }

    /** What red, green and blue are multiplied by to make the patch neutral again, as bright as it is. */
    float[] gains() {
        return new float[] {gain(red), gain(green), gain(blue)};
    }

    private float gain(double channel) {
        return (float) Math.max(1 / MOST_GAIN, Math.min(MOST_GAIN, brightness() / Math.max(1, channel)));
    }

    /** What is other than it was, with what to do; null where the two lights are alike. */
    PictureFault otherThan(SheetLight last) {
        List<String> other = new ArrayList<>();
        double brighter = brightness() / Math.max(1, last.brightness());
        if (brighter > OTHER_BRIGHTNESS || brighter < 1 / OTHER_BRIGHTNESS) {
            other.add(String.format(
                    Locale.ROOT, "%s by %.0f %%", brighter > 1 ? "brighter" : "darker", 100 * Math.abs(brighter - 1)));
        }
        double warmer = warmth() / last.warmth();
        if (warmer > OTHER_TINT || warmer < 1 / OTHER_TINT) {
            other.add(warmer > 1 ? "warmer" : "cooler");
        }
        return other.isEmpty()
                ? null
                : new PictureFault(
                        "Other light than last time: " + String.join(", ", other) + ".",
                        "Same lamp, same place, the light from the front; until then trust the eye more.");
    }
}
