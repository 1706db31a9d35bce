package eventide.picture;

import java.awt.image.BufferedImage;
import java.util.Random;

/**
 * A third drawing of a lock, by no line at all: each pixel is looked up in a field of clumps that is warped where hair is undefined, its
 * strands a noise drawn out along it, its edge eaten into and haired by another. Nothing is fitted on it.
 */
final class FieldDrawing {
    private static final int WIDTH = 400;
    private static final int HEIGHT = 600;
    private static final double LOCK = 210;
    private static final double LENGTH = 510;

    private final Random chance;
    private final double[][] noise = new double[256][256];

    private FieldDrawing(long seed) {
        chance = new Random(seed);
        for (double[] row : noise) {
            for (int i = 0; i < row.length; i++) {
                row[i] = 2 * chance.nextDouble() - 1;
            }
        }
    }

    /**
     * @param definition 0 to 10
     * @param clumps across the lock
     * @param frizz 0 to 10
     */
    static BufferedImage of(double definition, int clumps, double frizz, boolean dark, long seed) {
        return new FieldDrawing(seed).drawn(1 - definition / 10, clumps, frizz / 10, dark);
    }

    private BufferedImage drawn(double blurred, int clumps, double frizz, boolean dark) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        double turns = 1 + 4 * chance.nextDouble();
        double swing = (.1 + .35 * chance.nextDouble()) * Math.min(LOCK / clumps, 40);
        double phase = 6 * chance.nextDouble();
        double[] tones = new double[clumps + 2];
        for (int i = 0; i < tones.length; i++) {
            tones[i] = 1 + .15 * chance.nextGaussian();
        }
        for (int y = 0; y < HEIGHT; y++) {
            double v = y / LENGTH;
            double sways = swing * Math.min(1, 4 * v) * Math.cos(phase + 2 * Math.PI * turns * v);
            for (int x = 0; x < WIDTH; x++) {
                double u = (x - WIDTH / 2.0 - sways) / LOCK + .5;
                double warp = blurred * (.1 * at(u * 4, v * 5) + .05 * at(u * 14 + 50, v * 8));
                double c = (u + warp) * clumps;
                int own = (int) Math.max(0, Math.min(clumps - 1, Math.floor(c)));
                double in = c - Math.floor(c);
                double groove = Math.min(1, 4 * Math.min(in, 1 - in));
                double lit = (.25 + .4 * (1 - .8 * blurred) * groove + .2 * blurred) * tones[own]
                        + .16 * at(u * LOCK / 1.7 + 90 * warp * LOCK / 8, v * 3 + 20 * own * (1 - blurred))
                        + .05 * Math.sin(phase + 2 * Math.PI * turns * v);
                double ends = v + .05 * at(own * 7.3, 3) + .02 * at(x / 2.0, 9);
                double edge = Math.min(u, 1 - u) * LOCK + 1.5 * at(x / 3.0, y / 4.0);
                double covers = ends > 1 ? 0 : Math.max(0, Math.min(1, edge));
                int hair = colour(lit, dark);
                image.setRGB(x, y, mixed(ground(y, dark), hair, covers));
            }
        }
        hairs(image, frizz, swing, turns, phase, dark);
        return image;
    }

    /** Walked pixel by pixel from the edge outward, turning as the noise says. */
    private void hairs(BufferedImage image, double frizz, double swing, double turns, double phase, boolean dark) {
        int count = (int) Math.round(frizz * 260);
        for (int i = 0; i < count; i++) {
            double y = LENGTH * .97 * chance.nextDouble();
            double side = chance.nextBoolean() ? 1 : -1;
            double x = WIDTH / 2.0 + side * (LOCK / 2 - 2) + swing * Math.cos(phase + 2 * Math.PI * turns * y / LENGTH);
            double way = side * (.4 + .9 * chance.nextDouble());
            int runs = 12 + chance.nextInt(40);
            for (int step = 0; step < runs; step++) {
                way += .12 * at(x / 9 + i, y / 9);
                x += Math.sin(way);
                y += Math.cos(way);
                dot(image, x, y, colour(.4, dark));
            }
        }
    }

    private static void dot(BufferedImage image, double x, double y, int colour) {
        int left = (int) Math.floor(x);
        int row = (int) Math.round(y);
        for (int k = 0; k < 2; k++) {
            int at = left + k;
            double part = k == 0 ? 1 - (x - left) : x - left;
            if (at >= 0 && at < WIDTH && row >= 0 && row < HEIGHT) {
                image.setRGB(at, row, mixed(image.getRGB(at, row), colour, .85 * part));
            }
        }
    }

    /** Value noise, smooth between its points, -1 to 1. */
    private double at(double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double fx = smooth(x - left);
        double fy = smooth(y - top);
        double upper = noise[top & 255][left & 255] * (1 - fx) + noise[top & 255][left + 1 & 255] * fx;
        double lower = noise[top + 1 & 255][left & 255] * (1 - fx) + noise[top + 1 & 255][left + 1 & 255] * fx;
        return upper * (1 - fy) + lower * fy;
    }

    private static double smooth(double part) {
        return part * part * (3 - 2 * part);
    }

    private static int ground(int y, boolean dark) {
        int grey = dark ? 222 - y / 60 : 34 + y / 60;
        return grey << 16 | grey << 8 | grey + 4;
    }

    private static int colour(double lit, boolean dark) {
        double b = Math.max(0, Math.min(1, lit));
        return dark
                ? (int) (26 + 150 * b) << 16 | (int) (18 + 110 * b) << 8 | (int) (14 + 84 * b)
                : (int) (96 + 156 * b) << 16 | (int) (78 + 140 * b) << 8 | (int) (52 + 120 * b);
    }

    private static int mixed(int under, int over, double part) {
        int made = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            int a = under >> shift & 255;
            int b = over >> shift & 255;
            made |= (int) Math.round(a + part * (b - a)) << shift;
        }
        return made;
    }
}
