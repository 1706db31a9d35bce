package eventide.picture;

import eventide.picture.Measurement.PictureFault;
import java.util.ArrayList;
import java.util.List;

/** Whether a picture can be measured at all. Limits [OURS], tried on drawn locks made worse step by step. */
final class Fitness {
    /** Hair from ground, part of all there is between black and white. */
    private static final double LEAST_CONTRAST = .11;
    /** What the ground differs by from its plane, part of the way from ground to hair. */
    private static final double MOST_GROUND_NOISE = .16;
    /** Farther than frizz stands off, px of the working size. */
    private static final int FAR = 45;

    /** Of a pixel: more than so much of it is hair, or something as dark. */
    private static final double HALF = .5;
    /** Of the ground far from the hair, the part that is taken for hair. */
    private static final double MOST_BESIDE = .12;
    /** Width of the hair in the picture that was sent, px. */
    private static final double LEAST_PIXELS = 90;
    /** Logarithm of the part of all change of brightness that lies in the finest stripes: under it fine lines are gone. */
    static final double BLURRED_UNDER = -3.2;

    /** Of the rows with hair, the part in which it touches a side of the picture. */
    private static final double MOST_CUT = .12;
    /** Brightness from 0 to 1 below which nothing is told apart, and above which. */
    private static final double BLACK = .02;

    private static final double WHITE = .985;
    /** Of the hair, the part that is one or the other. */
    private static final double MOST_LOST = .3;
    /** Of the sheet away from the camera, degrees: lengths are off by a tenth then. */
    private static final double MOST_TILT = 25;

    private Fitness() {}

    static final PictureFault NO_HAIR = new PictureFault(
            "No hair can be told from the ground.",
            "Hold a plain light cloth behind dark hair, a dark one behind fair hair.");

    static List<PictureFault> faults(Look look, Marker marker) {
        List<PictureFault> faults = new ArrayList<>();
        if (look.presence().contrast < LEAST_CONTRAST) {
            faults.add(new PictureFault(
                    "Hair and ground are nearly the same.",
                    "Hold a light cloth behind dark hair, a dark one behind fair hair."));
        }
        if (look.presence().groundNoise > MOST_GROUND_NOISE || besideHair(look) > MOST_BESIDE) {
            faults.add(
                    new PictureFault("The ground is not plain.", "Hold a plain cloth behind the hair, without folds."));
        }
        if (look.body().width / look.scale() < LEAST_PIXELS) {
            faults.add(new PictureFault(
                    "The hair is too small in the picture.", "Come nearer, until it fills half of the width."));
        }
        if (look.traits()[Traits.FINEST] < BLURRED_UNDER) {
            faults.add(new PictureFault(
                    "The picture is not sharp.", "Hold still, wipe the lens, tap on the hair to focus."));
        }
        if (cut(look) > MOST_CUT) {
            faults.add(new PictureFault(
                    "The hair is cut off at the side.", "Step back until all of it is in the picture."));
        }
        double[] lost = lost(look);
        if (lost[0] > MOST_LOST) {
            faults.add(new PictureFault("The hair is black without a line in it.", "More light, from the front."));
        }
        if (lost[1] > MOST_LOST) {
            faults.add(new PictureFault("The hair is burnt out white.", "Less light, or turn from the lamp."));
        }
        if (marker != null && marker.tiltDegrees() > MOST_TILT) {
            faults.add(new PictureFault(
                    "The sheet is turned away from the camera.", "Hold the camera straight before the sheet."));
        }
        return faults;
    }

    /** Part of the rows in which the lock touches a side of the picture. */
    private static double cut(Look look) {
        Body body = look.body();
        int touching = 0;
        for (int i = 0; i < body.left.length; i++) {
            touching += body.left[i] <= 1 || body.right[i] >= look.presence().hair.width - 2 ? 1 : 0;
        }
        return (double) touching / Math.max(1, body.left.length);
    }

    /** Part of what lies far beyond the outline that is no ground either. */
    private static double besideHair(Look look) {
        Body body = look.body();
        double other = 0;
        double all = 1;
        for (int row = 0; row < body.left.length; row++) {
            for (int x = 0; x < look.presence().hair.width; x++) {
                if (Math.max(body.left[row] - x, x - body.right[row]) > FAR) {
                    all++;
                    other += Math.abs(look.presence().hair.unsafe_get(x, body.top + row)) > HALF ? 1 : 0;
                }
            }
        }
        return other / all;
    }

    private static double[] lost(Look look) {
        double black = 0;
        double white = 0;
        double all = 0;
        float[] bright = look.presence().brightness.data;
        for (int i = 0; i < bright.length; i++) {
            if (look.body().mask.data[i] != 0) {
                all++;
                black += bright[i] < BLACK ? 1 : 0;
                white += bright[i] > WHITE ? 1 : 0;
            }
        }
        return new double[] {black / Math.max(1, all), white / Math.max(1, all)};
    }
}
