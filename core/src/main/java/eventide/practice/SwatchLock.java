package eventide.practice;

import eventide.hair.CurlGeometry;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * How the strands of a swatch lie: clumps are helices side by side; what is undefined spreads out of its clump and loses its phase, what
 * frizzes leaves the lock. Sizes [OURS], chosen by eye so that each band of the rubric looks as its words say.
 */
public final class SwatchLock {
    /** The card it hangs on, mm. */
    public static final double CARD_WIDTH = 64;

    /** Millimetres. */
    public static final double CARD_HEIGHT = 88;

    /** Millimetres at the root. */
    static final double LOCK_WIDTH = 34;
    /** Its strands pulled straight, mm; how long it hangs follows from its pattern's shrinkage, within what the card has room for. */
    private static final double STRETCHED = 110;

    /** Millimetres of the longest lock a card takes. */
    private static final double LONGEST = 80;
    /** Millimetres of the shortest on which clumps can be told. */
    private static final double SHORTEST = 52;
    /** Of hair: as many as can be told apart on the card. */
    private static final int STRANDS = 420;
    /** Along each strand. */
    private static final int POINTS = 56;
    /** Curls wider than this lie behind and over each other: a lock swings no further, mm. */
    private static final double WIDEST_SWING = 4;
    /** A clump clearly defined fills this part of its place; one without any definition so much more, for its strands lie over its neighbours'. */
    private static final double FILLED = .78;

    /** Part of its width by which a clump without any definition spills into the next [OURS]. */
    private static final double OVERFLOWS = .8;
    /** Diameters of a curl by pattern, 2A to 4C, mm [CP, rounded]. */
    private static final double[] DIAMETERS = {0, 60, 45, 32, 25, 18, 13, 9, 6, 4};

    /** Of all strands that leave the lock, for each point of frizz: a twentieth at the most. */
    private static final double STRAYING = .005;
    /** New and broken ones that stand off, for each point of frizz on the longest lock. */
    private static final double SHORT_ONES = 24;

    private final Swatch swatch;
    private final SplittableRandom chance;
    private final double blurred;
    private final double length;
    private final double swing;
    private final double turns;
    private double half;
    private final List<SwatchStrand> strands = new ArrayList<>();

    /**
     * @param middle mm from the left of the lock
     * @param width mm
     * @param tone how much lighter or darker than the lock
     */
    private record Clump(double middle, double width, double phase, double tone, double ends) {}

    /** All chance comes from the swatch's seed, in one order: the same swatch is the same lock everywhere. */
    private SwatchLock(Swatch swatch) {
        this.swatch = swatch;
        this.chance = new SplittableRandom(swatch.seed());
        this.blurred = 1 - swatch.definition() / 10;
        double shrinkage = swatch.pattern().typicalShrinkage();
        this.length = Math.max(SHORTEST, Math.min(LONGEST, CurlGeometry.naturalCm(STRETCHED, shrinkage)));
        double diameter = DIAMETERS[swatch.pattern().ordinal()];
        this.swing = Math.min(WIDEST_SWING, Math.min(diameter / 2, Math.max(1, swatch.clumpMillimetres() * .55)));
        this.turns = diameter == 0 ? 0 : length / risePerTurn(diameter, shrinkage);
    }

    /**
     * {@link CurlGeometry#helixShrinkage} solved for the rise.
     *
     * @return in the unit of the diameter
     */
    private static double risePerTurn(double diameter, double shrinkage) {
        double kept = 1 - shrinkage;
        return Math.PI * diameter * kept / Math.sqrt(1 - kept * kept);
    }

    /** From the back to the front. */
    public static List<SwatchStrand> of(Swatch swatch) {
        SwatchLock lock = new SwatchLock(swatch);
        lock.draw();
        return List.copyOf(lock.strands);
    }

    /** Clump by clump from behind, strays last. */
    private void draw() {
        List<Clump> clumps = clumps();
        strays(clumps);
        // Those behind first: every other one lies in front.
        for (int layer = 0; layer < 2; layer++) {
            for (int i = layer; i < clumps.size(); i += 2) {
                int count = (int) Math.round(STRANDS * clumps.get(i).width() / LOCK_WIDTH);
                for (int strand = 0; strand < Math.max(4, count); strand++) {
                    strands.add(held(clumps.get(i)));
                }
            }
        }
        int shorts = (int) Math.round(SHORT_ONES * swatch.frizz() * length / LONGEST);
        for (int i = 0; i < shorts; i++) {
            strands.add(shortOne(clumps, length * (i + chance.nextDouble()) / shorts));
        }
    }

    /** As many as its frizz says, each out of some clump. */
    private void strays(List<Clump> clumps) {
        // A tighter curl lays more of its hair on each mm.
        int count = (int) Math.round(
                STRAYING * swatch.frizz() * STRANDS * (1 - swatch.pattern().typicalShrinkage()));
        for (int i = 0; i < count; i++) {
            strands.add(stray(clumps.get(chance.nextInt(clumps.size()))));
        }
    }

    /** Side by side over the width of the lock, each a little wider or narrower than it should be. */
    private List<Clump> clumps() {
        List<Clump> clumps = new ArrayList<>();
        double phase = chance.nextDouble() * 2 * Math.PI;
        int count = (int) Math.max(2, Math.round(LOCK_WIDTH / swatch.clumpMillimetres()));
        double at = 0;
        for (int i = 0; i < count; i++) {
            double width = swatch.clumpMillimetres() * (.85 + .3 * chance.nextDouble());
            phase += .5 * gauss();
            double tone = .85 + .3 * chance.nextDouble();
            double ends = length * (.92 + .1 * chance.nextDouble());
            clumps.add(new Clump(at + width / 2, width, phase, tone, ends));
            at += width;
        }
        half = at / 2;
        return clumps.stream()
                .map(one -> new Clump(one.middle() - half, one.width(), one.phase(), one.tone(), one.ends()))
                .toList();
    }

    /** In its clump, as far as that holds together. */
    private SwatchStrand held(Clump clump) {
        double place = chance.nextDouble() + chance.nextDouble() - 1;
        double own = gauss();
        double drift = gauss();
        double wanders = 2 + 3 * chance.nextDouble();
        double start = chance.nextDouble() * Math.PI;
        double ends = clump.ends() * (.96 + .04 * chance.nextDouble());
        double fill = FILLED + OVERFLOWS * blurred;
        double tone = clump.tone() * (1 + .12 * gauss());
        double[] across = new double[POINTS];
        double[] down = new double[POINTS];
        double[] bright = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            double t = i / (POINTS - 1.0);
            double tapers = t < .8 ? 1 : 1 - .6 * (t - .8) / .2;
            double angle = clump.phase() + 2 * Math.PI * turns * t + .9 * blurred * own;
            double loose = blurred
                    * Math.min(5, .5 + .35 * clump.width())
                    * (.6 * drift * t + .5 * Math.sin(wanders * Math.PI * t + start));
            across[i] = within(clump.middle() + place * clump.width() / 2 * fill * tapers + loose)
                    + swing * Math.min(1, 4 * t) * Math.cos(angle);
            down[i] = ends * t;
            bright[i] = brightness(place, angle, tone);
        }
        return new SwatchStrand(across, down, bright);
    }

    /**
     * What is undefined stays in the lock all the same: only what frizzes leaves it.
     *
     * @return in the unit given, from the middle of the lock
     */
    private double within(double across) {
        double beyond = Math.abs(across) - half;
        return beyond <= 0 ? across : Math.signum(across) * (half - Math.min(half, beyond) * .5);
    }

    /**
     * A clump is lit as a cord is: its middle more than its edges, its bends where they turn to the light.
     *
     * @return from 0 (black) to 1 (white)
     */
    private double brightness(double place, double angle, double tone) {
        double cord = .45 + .55 * Math.sqrt(Math.max(0, 1 - place * place));
        double bend = .8 + .2 * Math.sin(angle);
        double gloss = swatch.shine() / 10 * .9 * Math.exp(-Math.pow((Math.sin(angle) - .75) / .18, 2)) * cord;
        double defined = 1 - blurred;
        return Math.max(
                0,
                Math.min(
                        1,
                        (.5 * tone * ((.25 + .75 * defined) * cord * bend + .75 * blurred * .8) + .5 * gloss)
                                * swatch.light()));
    }

    /** Begins in its clump, and leaves it for the edge of the lock and beyond. */
    private SwatchStrand stray(Clump clump) {
        SwatchStrand held = held(clump);
        double leaves = chance.nextDouble() * .6;
        double side = Math.signum(clump.middle() + gauss() * half / 2);
        double beyond = 2 + 6 * chance.nextDouble();
        double out = side * (half + beyond) - clump.middle();
        double waves = 1 + 4 * chance.nextDouble();
        double start = chance.nextDouble() * Math.PI;
        for (int i = 0; i < POINTS; i++) {
            double t = i / (POINTS - 1.0);
            if (t > leaves) {
                double past = (t - leaves) / (1 - leaves);
                held.across()[i] += out * past + 1.2 * past * Math.sin(waves * Math.PI * t + start);
                held.down()[i] -= beyond * past * past;
            }
        }
        return held;
    }

    /** A short hair that stands out of the lock's edge, or lies across it. */
    private SwatchStrand shortOne(List<Clump> clumps, double at) {
        double side = chance.nextBoolean() ? 1 : -1;
        boolean inside = chance.nextDouble() < .2;
        Clump edge = clumps.get(side < 0 ? 0 : clumps.size() - 1);
        double swung =
                swing * Math.min(1, 4 * at / length) * Math.cos(edge.phase() + 2 * Math.PI * turns * at / edge.ends());
        double from = inside
                ? (chance.nextDouble() * 2 - 1) * half
                : side * Math.min(half, Math.abs(edge.middle()) + edge.width() / 2 * (FILLED + OVERFLOWS * blurred))
                        + swung;
        double runs = 3 + 8 * chance.nextDouble();
        double heads = side * (.25 + 1.1 * chance.nextDouble());
        double bends = gauss() * .9;
        int points = POINTS / 3;
        double[] across = new double[points];
        double[] down = new double[points];
        double[] bright = new double[points];
        double x = from - side;
        double y = at;
        for (int i = 0; i < points; i++) {
            double t = i / (points - 1.0);
            across[i] = x;
            down[i] = Math.max(0, y);
            bright[i] = Math.min(1, .45 * swatch.light());
            double way = heads + bends * t;
            x += Math.sin(way) * runs / points;
            y += Math.cos(way) * runs / points;
        }
        return new SwatchStrand(across, down, bright);
    }

    /**
     * Standard normal, near enough: twelve even chances added up.
     *
     * @return mean 0, deviation 1, never beyond six
     */
    private double gauss() {
        double sum = 0;
        for (int i = 0; i < 12; i++) {
            sum += chance.nextDouble();
        }
        return sum - 6;
    }
}
