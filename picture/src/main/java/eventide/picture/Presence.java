package eventide.picture;

import boofcv.alg.filter.binary.GThresholdImageOps;
import boofcv.struct.image.GrayF32;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.math3.stat.regression.OLSMultipleLinearRegression;

/**
 * How much of each pixel is hair: 0 ground, 1 hair, between them where a strand covers part of it. Found along the line from the
 * ground's colour to the hair's, so that light, blur and scale move it little. The ground may be lit unevenly: a plane is fitted to it.
 */
final class Presence {
    /** Of the picture's width, to either side, taken for ground where it is even [OURS]. */
    private static final double BORDER = .035;

    /** Along each side of the picture [OURS]. */
    private static final int SAMPLES = 40;
    /** Deviations of the rest, by the median, beyond which a sample is taken for something in front of the ground [OURS]. */
    private static final double TRIMMED = 2.5;
    /** In which colours are counted to part ground from hair [OURS]. */
    private static final int BINS = 128;
    /** How far past pure hair, or pure ground, a pixel may count: strands shine [OURS]. */
    private static final double MOST = 1.3;

    final GrayF32 hair;
    final GrayF32 brightness;
    /** Spread of what is not hair about its plane, against the way from ground to hair. */
    final double groundNoise;
    /** How far hair is from ground, 0 to 1 of all there is between black and white. */
    final double contrast;

    private Presence(GrayF32 hair, GrayF32 brightness, double groundNoise, double contrast) {
        this.hair = hair;
        this.brightness = brightness;
        this.groundNoise = groundNoise;
        this.contrast = contrast;
    }

    static Presence of(BufferedImage image) {
        int width = image.getWidth();
        int height = image.getHeight();
        int[] pixels = image.getRGB(0, 0, width, height, null, 0, width);
        double[][] planes = new double[3][];
        for (int channel = 0; channel < 3; channel++) {
            planes[channel] = plane(pixels, width, height, 16 - 8 * channel);
        }
        float[] away = new float[pixels.length];
        double most = 0;
        for (int i = 0; i < pixels.length; i++) {
            double sum = 0;
            for (int channel = 0; channel < 3; channel++) {
                double d = difference(pixels[i], planes[channel], channel, i % width, i / width);
                sum += d * d;
            }
            away[i] = (float) Math.sqrt(sum);
            most = Math.max(most, away[i]);
        }
        double threshold = otsu(away, most);
        double[] way = new double[3];
        int count = 0;
        for (int i = 0; i < pixels.length; i++) {
            if (away[i] > threshold) {
                count++;
                for (int channel = 0; channel < 3; channel++) {
                    way[channel] += difference(pixels[i], planes[channel], channel, i % width, i / width);
                }
            }
        }
        double length = 0;
        for (int channel = 0; channel < 3; channel++) {
            way[channel] /= Math.max(1, count);
            length += way[channel] * way[channel];
        }
        GrayF32 hair = new GrayF32(width, height);
        GrayF32 brightness = new GrayF32(width, height);
        double[] ground = new double[pixels.length];
        int grounds = 0;
        for (int i = 0; i < pixels.length; i++) {
            double along = 0;
            double light = 0;
            for (int channel = 0; channel < 3; channel++) {
                along += difference(pixels[i], planes[channel], channel, i % width, i / width) * way[channel];
                light += (pixels[i] >> 16 - 8 * channel & 255) / (3 * 255.0);
            }
            double part = length == 0 ? 0 : along / length;
            hair.data[i] = (float) Math.max(-MOST, Math.min(MOST, part));
            brightness.data[i] = (float) light;
            if (away[i] < threshold / 2) {
                ground[grounds++] = Math.abs(part);
            }
        }
        return new Presence(
                hair,
                brightness,
                Math.max(median(ground, grounds) * 1.4826, uneven(planes) / Math.max(1, Math.sqrt(length / 3))),
                Math.sqrt(length / 3) / 255);
    }

    /** The same of a part of its picture. */
    Presence within(Frame frame) {
        return new Presence(frame.of(hair), frame.of(brightness), groundNoise, contrast);
    }

    /** Of the border's samples so many lie nearer to the plane than what is said of it [OURS]. */
    private static final double UNEVEN = .7;

    /** What the border is off its planes by, of 255. */
    private static double uneven(double[][] planes) {
        return (planes[0][3] + planes[1][3] + planes[2][3]) / 3;
    }

    private static double difference(int pixel, double[] plane, int channel, int x, int y) {
        return (pixel >> 16 - 8 * channel & 255) - (plane[0] + plane[1] * x + plane[2] * y);
    }

    /** The ground's brightness as a plane over the picture, by least squares on its sides, what is not like them left out. */
    private static double[] plane(int[] pixels, int width, int height, int shift) {
        int edge = Math.max(2, (int) (width * BORDER));
        List<double[]> at = new ArrayList<>();
        List<Double> values = new ArrayList<>();
        for (int row = 0; row < SAMPLES; row++) {
            int y = (int) ((row + .5) * height / SAMPLES);
            for (int side = 0; side < 2; side++) {
                List<Double> run = new ArrayList<>();
                for (int i = 0; i < edge; i++) {
                    int x = side == 0 ? i : width - 1 - i;
                    run.add((double) (pixels[y * width + x] >> shift & 255));
                }
                at.add(new double[] {side == 0 ? edge / 2.0 : width - 1 - edge / 2.0, y});
                values.add(median(run));
            }
        }
        for (int x = 0; x < SAMPLES; x++) {
            int column = (int) ((x + .5) * width / SAMPLES);
            List<Double> run = new ArrayList<>();
            for (int i = 0; i < Math.max(2, height / 40); i++) {
                run.add((double) (pixels[(height - 1 - i) * width + column] >> shift & 255));
            }
            at.add(new double[] {column, height - 1});
            values.add(median(run));
        }
        double[] plane = {median(values), 0, 0};
        for (int round = 0; round < 3; round++) {
            double[] fitted = plane;
            double[] off = new double[at.size()];
            for (int i = 0; i < off.length; i++) {
                off[i] = Math.abs(values.get(i) - fitted[0] - fitted[1] * at.get(i)[0] - fitted[2] * at.get(i)[1]);
            }
            double spread = Math.max(
                    2, TRIMMED * 1.4826 * median(Arrays.stream(off).boxed().toList()));
            List<double[]> kept = new ArrayList<>();
            List<Double> of = new ArrayList<>();
            for (int i = 0; i < off.length; i++) {
                if (off[i] <= spread) {
                    kept.add(at.get(i));
                    of.add(values.get(i));
                }
            }
            if (kept.size() < SAMPLES) {
                break;
            }
            OLSMultipleLinearRegression fit = new OLSMultipleLinearRegression();
            fit.newSampleData(of.stream().mapToDouble(Double::doubleValue).toArray(), kept.toArray(double[][]::new));
            plane = fit.estimateRegressionParameters();
        }
        double[] last = plane;
        double[] off = IntStream.range(0, at.size())
                .mapToDouble(i -> Math.abs(values.get(i) - last[0] - last[1] * at.get(i)[0] - last[2] * at.get(i)[1]))
                .sorted()
                .toArray();
        return new double[] {plane[0], plane[1], plane[2], off[(int) (off.length * UNEVEN)]};
    }

    private static double median(List<Double> values) {
        return median(values.stream().mapToDouble(Double::doubleValue).toArray(), values.size());
    }

    /** Of the first so many, which it sorts; 0 of none. */
    private static double median(double[] values, int count) {
        Arrays.sort(values, 0, count);
        return count == 0 ? 0 : values[count / 2];
    }

    /** The parting of ground and hair that leaves least spread in both (Otsu 1979, IEEE Trans SMC 9, 62). */
    private static double otsu(float[] values, double most) {
        int[] count = new int[BINS];
        for (float value : values) {
            count[Math.min(BINS - 1, (int) (value / Math.max(1e-9, most) * BINS))]++;
        }
        int at = GThresholdImageOps.computeOtsu(count, BINS, values.length);
        return (at + 1) * most / BINS;
    }
}
