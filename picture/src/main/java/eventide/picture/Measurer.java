package eventide.picture;

import eventide.picture.Measurement.Measure;
import eventide.picture.Measurement.Measures;
import eventide.picture.Measurement.PictureFault;
import eventide.picture.Measurement.Pixels;
import eventide.picture.Measurement.Quality;
import eventide.shape.Parallel;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.RescaleOp;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.ToDoubleFunction;
import org.apache.commons.math3.distribution.NormalDistribution;
import org.apache.commons.math3.stat.descriptive.SummaryStatistics;

/** Measures a picture of hair before a plain ground. */
public final class Measurer {
    /** Counts up whenever the same picture is measured otherwise than before: what was kept of it is then out of date. */
    public static final int FIT = 2;

    /** Of what is looked at, px: a lock is looked at 140 px wide, a head 480. */
    public static final int LONGEST_SIDE = 1000;

    private static final double HELD = .8;
    private static final double SIDES = new NormalDistribution().inverseCumulativeProbability((1 + HELD) / 2);
    private static final double MOST = 10;
    private static final double PERCENT = 100;
    private static final String POINTS = "points";
    private static final String FITTED_ON =
            "Fitted on drawn locks whose truth is known, on no photograph: it supports the eye and overrules nothing.";
    /** Width of hair against its height at which it lies flat, and at which it is as wide as it goes [OURS]. */
    private static final double FLAT = .35;

    private static final double FULL = 1.25;

    private Measurer() {}

    /** A look that was a little disturbed: cut, turned, scaled, lit otherwise. */
    private record Nudge(double cutLeft, double cutRight, double degrees, double scale, double light) {}

    private static final List<Nudge> NUDGES = List.of(
            new Nudge(.03, 0, 0, 1, 1),
            new Nudge(0, .03, 1.5, 1, 1.05),
            new Nudge(.01, .01, -1.5, .93, 1),
            new Nudge(0, 0, 0, 1.07, .93),
            new Nudge(.02, .02, 2.5, 1, .9));

    /**
     * @param image as {@link Picture#read} gives it
     * @param sent its size before it was made smaller
     * @param squareMillimetres side of the marker's square as printed
     * @param tapped what sets the scale where no marker is in view; null for nothing
     */
    public static Measurement measure(
            BufferedImage image, Pixels sent, double squareMillimetres, View view, Ruler tapped) {
        Marker marker = Marker.in(image, squareMillimetres);
        double smaller = (double) Math.max(sent.width(), sent.height()) / Math.max(image.getWidth(), image.getHeight());
        Ruler ruler = marker == null ? tapped : null;
        Double scale = marker != null
                ? Double.valueOf(marker.millimetresPerPixel() / smaller)
                : ruler == null ? null : ruler.millimetresPerPixel(sent);
        SheetLight light = marker == null ? null : SheetLight.of(image, marker, squareMillimetres);
        BufferedImage hair = marker == null ? image : without(balanced(image, light), marker, squareMillimetres);
        int width = view.isLock() ? Look.LOCK_WIDTH : Look.HEAD_WIDTH;
        Look look = Look.at(hair, width);
        List<PictureFault> faults = look == null ? List.of(Fitness.NO_HAIR) : Fitness.faults(look, marker);
        if (!faults.isEmpty()) {
            return new Measurement(
                    sent, scale, Measures.NONE, new Quality(false, faults), null, FITTED_ON, ruler, light);
        }
        List<Look> looks = new ArrayList<>(List.of(look));
        Parallel.map(NUDGES, nudge -> Look.at(nudged(hair, nudge), width)).stream()
                .filter(Objects::nonNull)
                .forEach(looks::add);
        Double workScale = scale == null ? null : Double.valueOf(scale * smaller / look.scale());
        return new Measurement(
                sent,
                scale,
                measures(looks, workScale),
                new Quality(true, List.of()),
                Overlay.of(look),
                FITTED_ON,
                ruler,
                light);
    }

    /** Its white balance set by the sheet's grey, where that can be read. */
    private static BufferedImage balanced(BufferedImage image, SheetLight light) {
        if (light == null) {
            return image;
        }
        BufferedImage plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        plain.createGraphics().drawImage(image, 0, 0, null);
        return new RescaleOp(light.gains(), new float[3], null).filter(plain, null);
    }

    private static Measures measures(List<Look> looks, Double millimetresPerPixel) {
        return new Measures(
                points(looks, FittedWord.FRIZZ),
                points(looks, FittedWord.DEFINITION),
                points(looks, FittedWord.CLUMPING),
                clumpWidth(looks, millimetresPerPixel),
                spread(looks, Measurer::volume, 0, POINTS),
                length(looks, millimetresPerPixel),
                points(looks, FittedWord.SHINE));
    }

    private static Measure points(List<Look> looks, FittedWord word) {
        return spread(looks, look -> Math.max(0, Math.min(MOST, word.of(look.traits()))), word.missed(), POINTS);
    }

    private static Measure clumpWidth(List<Look> looks, Double millimetresPerPixel) {
        SummaryStatistics logs = new SummaryStatistics();
        looks.forEach(look -> logs.addValue(FittedWord.CLUMP_WIDTH.of(look.traits())));
        double off = SIDES * Math.hypot(FittedWord.CLUMP_WIDTH.missed(), logs.getStandardDeviation());
        double whole = millimetresPerPixel == null ? PERCENT : looks.get(0).body().width * millimetresPerPixel;
        return new Measure(
                tenth(whole * Math.exp(logs.getMean())),
                tenth(whole * Math.exp(logs.getMean() - off)),
                tenth(whole * Math.exp(logs.getMean() + off)),
                millimetresPerPixel == null ? "percent of the width" : "mm");
    }

    private static Measure length(List<Look> looks, Double millimetresPerPixel) {
        double each = millimetresPerPixel == null ? 1 / looks.get(0).scale() : millimetresPerPixel;
        double long1 = (looks.get(0).body().bottom - looks.get(0).body().top + 1) * each;
        // The edge of hair is known to two pixels of the look at either end.
        double off = 4 * each;
        return new Measure(
                tenth(long1), tenth(long1 - off), tenth(long1 + off), millimetresPerPixel == null ? "px" : "mm");
    }

    /** How wide hair is against how far it hangs: the mean of its width at root, middle and ends. */
    private static double volume(Look look) {
        Body body = look.body();
        int rows = body.left.length;
        double wide = 0;
        for (double at : new double[] {.15, .5, .85}) {
            int row = Math.min(rows - 1, (int) (at * rows));
            wide += (body.right[row] - body.left[row] + 1) / 3.0;
        }
        return Math.max(0, Math.min(MOST, MOST * (wide / rows - FLAT) / (FULL - FLAT)));
    }

    private static Measure spread(List<Look> looks, ToDoubleFunction<Look> of, double missed, String unit) {
        SummaryStatistics values = new SummaryStatistics();
        looks.forEach(look -> values.addValue(of.applyAsDouble(look)));
        double off = SIDES * Math.max(.1, Math.hypot(missed, values.getStandardDeviation()));
        return new Measure(
                tenth(values.getMean()),
                tenth(Math.max(0, values.getMean() - off)),
                tenth(Math.min(MOST, values.getMean() + off)),
                unit);
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static BufferedImage nudged(BufferedImage image, Nudge nudge) {
        int from = (int) (image.getWidth() * nudge.cutLeft());
        int to = (int) (image.getWidth() * (1 - nudge.cutRight()));
        BufferedImage made = new BufferedImage(
                Math.max(1, (int) ((to - from) * nudge.scale())),
                Math.max(1, (int) (image.getHeight() * nudge.scale())),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = made.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        AffineTransform way = AffineTransform.getScaleInstance(nudge.scale(), nudge.scale());
        way.rotate(Math.toRadians(nudge.degrees()), image.getWidth() / 2.0, image.getHeight() / 2.0);
        way.translate(-from, 0);
        pen.setColor(new Color(image.getRGB(1, image.getHeight() - 2)));
        pen.fillRect(0, 0, made.getWidth(), made.getHeight());
        pen.drawImage(image, way, null);
        pen.dispose();
        for (int y = 0; y < made.getHeight() && nudge.light() != 1; y++) {
            for (int x = 0; x < made.getWidth(); x++) {
                made.setRGB(x, y, lit(made.getRGB(x, y), nudge.light()));
            }
        }
        return made;
    }

    private static int lit(int pixel, double light) {
        int made = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            made |= (int) Math.min(255, (pixel >> shift & 255) * light) << shift;
        }
        return made;
    }

    /** The square and its patches painted over with the paper beside them: they are no hair. */
    private static BufferedImage without(BufferedImage image, Marker marker, double side) {
        BufferedImage painted = Scaling.to(image, image.getWidth(), image.getHeight());
        if (painted == image) {
            painted = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
            painted.createGraphics().drawImage(image, 0, 0, null);
        }
        double one = side / MarkerSheet.SQUARE;
        var beside = marker.at(-4 * one, side / 2);
        int x = (int) Math.max(0, Math.min(image.getWidth() - 1, beside.getX()));
        int y = (int) Math.max(0, Math.min(image.getHeight() - 1, beside.getY()));
        Graphics2D pen = painted.createGraphics();
        pen.setColor(new Color(image.getRGB(x, y)));
        Path2D area = new Path2D.Double();
        double right = MarkerSheet.PATCHES_LEFT - MarkerSheet.LEFT + 5 * MarkerSheet.PATCH + 2;
        double[][] corners = {{-2, -2}, {right, -2}, {right, MarkerSheet.SQUARE + 2}, {-2, MarkerSheet.SQUARE + 2}};
        for (int i = 0; i < corners.length; i++) {
            var at = marker.at(corners[i][0] * one, corners[i][1] * one);
            if (i == 0) {
                area.moveTo(at.getX(), at.getY());
            } else {
                area.lineTo(at.getX(), at.getY());
            }
        }
        area.closePath();
        pen.fill(area);
        pen.dispose();
        return painted;
    }
}
