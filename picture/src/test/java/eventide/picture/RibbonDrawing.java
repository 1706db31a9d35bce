package eventide.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.CubicCurve2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.Random;

/**
 * A second, different drawing of a lock, to measure what the first was not fitted on: clumps are filled ribbons with a lit middle, what is
 * undefined runs over their edges in loose lines, what frizzes are thin arcs about the lock.
 */
final class RibbonDrawing {
    private static final int WIDTH = 420;
    private static final int HEIGHT = 600;
    private static final double LOCK = 230;

    private RibbonDrawing() {}

    /**
     * @param definition 0 to 10
     * @param ribbons across the lock
     * @param frizz 0 to 10
     */
    static BufferedImage of(double definition, int ribbons, double frizz, boolean dark, long seed) {
        Random chance = new Random(seed);
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(dark ? new Color(225, 228, 232) : new Color(40, 30, 52));
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        double wide = LOCK / ribbons;
        double waves = 1.5 + 3 * chance.nextDouble();
        double swing = 4 + 8 * chance.nextDouble();
        double phase = chance.nextDouble() * 6;
        double length = HEIGHT * .82;
        for (int i = 0; i < ribbons; i++) {
            ribbon(
                    pen,
                    (WIDTH - LOCK) / 2 + i * wide,
                    wide,
                    waves,
                    swing,
                    phase + .3 * chance.nextGaussian(),
                    length,
                    dark,
                    chance);
        }
        loose(pen, 10 - definition, wide, waves, swing, phase, length, dark, chance);
        pen.setStroke(new BasicStroke(1.3f));
        int arcs = (int) Math.round(frizz * 20);
        for (int i = 0; i < arcs; i++) {
            double y = length * chance.nextDouble();
            boolean left = chance.nextBoolean();
            double edge = (WIDTH + (left ? -LOCK : LOCK)) / 2 + swing * Math.sin(phase + waves * 6.28 * y / length);
            double out = (left ? -1 : 1) * (14 + 45 * chance.nextDouble());
            double down = 50 * (chance.nextDouble() - .3);
            pen.setColor(shade(dark, .3 + .2 * chance.nextDouble()));
            pen.draw(new CubicCurve2D.Double(
                    edge, y, edge + out * .5, y, edge + out, y + down * .4, edge + out * .9, y + down));
        }
        pen.dispose();
        return image;
    }

    private static void ribbon(
            Graphics2D pen,
            double left,
            double wide,
            double waves,
            double swing,
            double phase,
            double length,
            boolean dark,
            Random chance) {
        int lines = Math.max(6, (int) (wide * 1.5));
        pen.setStroke(new BasicStroke(1.4f));
        for (int line = 0; line <= lines; line++) {
            double across = .08 + .84 * line / lines;
            double lit = .12 + .5 * Math.sin(Math.PI * across) + .06 * chance.nextGaussian();
            pen.setColor(shade(dark, lit));
            pen.draw(curve(left + across * wide, waves, swing, phase, length * (.94 + .06 * chance.nextDouble())));
        }
    }

    /** Lines that keep to no ribbon. */
    private static void loose(
            Graphics2D pen,
            double blurred,
            double wide,
            double waves,
            double swing,
            double phase,
            double length,
            boolean dark,
            Random chance) {
        int lines = (int) (blurred * 32);
        for (int i = 0; i < lines; i++) {
            pen.setColor(shade(dark, .25 + .35 * chance.nextDouble()));
            double at = (WIDTH - LOCK) / 2 + 6 + (LOCK - 12) * chance.nextDouble();
            pen.draw(curve(
                    at,
                    waves * (.8 + .4 * chance.nextDouble()),
                    Math.min(swing, wide) * chance.nextGaussian() * .5,
                    phase + chance.nextGaussian(),
                    length * (.9 + .1 * chance.nextDouble())));
        }
    }

    private static Path2D curve(double x, double waves, double swing, double phase, double length) {
        Path2D path = new Path2D.Double();
        path.moveTo(x + swing * Math.sin(phase), 0);
        for (double y = 6; y < length; y += 6) {
            path.lineTo(x + swing * Math.sin(phase + waves * 6.28 * y / length), y);
        }
        return path;
    }

    private static Color shade(boolean dark, double lit) {
        double b = Math.max(0, Math.min(1, lit));
        return dark
                ? new Color((int) (30 + 130 * b), (int) (22 + 100 * b), (int) (18 + 70 * b))
                : new Color((int) (110 + 140 * b), (int) (85 + 135 * b), (int) (50 + 110 * b));
    }
}
