package eventide.drying;

import eventide.hair.Zone;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.BitSet;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * One turn of hands at one section: what the rules look at. A step over the whole head has one visit for each of its
 * sections; a step inside EACH_SECTION one for each section of the frame.
 */
public final class Visit {
    private final Course course;
    private final StepPlace place;
    private final Step step;
    private final int section;
    private final double startMinute;
    private double endMinute;
    private double restedMinutes;
    private final int[] cells;
    private final double[] lengths;
    private final double[] roots;
    /**
     * Found on first asking: rules and scores ask for each many times over, and plans that share a course ask side by side. Written
     * whole, so that nobody sees half of it.
     */
    private volatile Set<Zone> zones;

    private int zoneBits;
    private volatile BitSet worked;
    private double wetness = Double.NaN;
    private double rootsWetness = Double.NaN;

    Visit(
            Course course,
            StepPlace place,
            Step step,
            int section,
            double startMinute,
            int[] cells,
            double[] lengths,
            double[] roots) {
        this.course = course;
        this.place = place;
        this.step = step;
        this.section = section;
        this.startMinute = startMinute;
        this.endMinute = startMinute;
        this.cells = cells;
        this.lengths = lengths;
        this.roots = roots;
    }

    /** The same turn in a course of another routine. */
    Visit(Visit like, Course course, Step step) {
        this(course, like.place, step, like.section, like.startMinute, like.cells, like.lengths, like.roots);
        endMinute = like.endMinute;
        restedMinutes = like.restedMinutes;
        zoneBits = like.zoneBits();
        wetness = like.wetness();
        rootsWetness = like.rootsWetness();
    }

    /** @param rested minutes of it in which hands were off */
    void endAt(double minute, double rested) {
        endMinute = minute;
        restedMinutes = rested;
    }

    /** Where in the routine its step stands. */
    public StepPlace place() {
        return place;
    }

    public Step step() {
        return step;
    }

    /** From 0, in the order worked. */
    public int section() {
        return section;
    }

    /** Minutes from the start of the wash; fractions count. */
    public double startMinute() {
        return startMinute;
    }

    /** Minutes from the start of the wash at which hands are free of it. */
    public double endMinute() {
        return endMinute;
    }

    /**
     * How long it takes, 0 where its water was reached already.
     *
     * @return minutes, 0 or more
     */
    public double minutes() {
        return endMinute - startMinute;
    }

    /**
     * Without those in which hands were off.
     *
     * @return minutes, at most {@link #minutes}
     */
    double workMinutes() {
        return endMinute - startMinute - restedMinutes;
    }

    /** Percent along the lengths of the hair worked on, as its turn comes. */
    public double wetness() {
        if (Double.isNaN(wetness)) {
            wetness = course.mean(cells, lengths);
        }
        return wetness;
    }

    /** Percent of water at the roots of the hair it covers, as it begins. */
    public double rootsWetness() {
        if (Double.isNaN(rootsWetness)) {
            rootsWetness = course.mean(cells, roots);
        }
        return rootsWetness;
    }

    /** Percent along the lengths in one zone of those worked on; the whole section's where the zone is not among them. */
    public double wetness(Zone zone) {
        double own = course.meanWithin(cells, zone, lengths);
        return Double.isNaN(own) ? wetness() : own;
    }

    /** Percent of water at the roots of one zone, as it begins. */
    public double rootsWetness(Zone zone) {
        double own = course.meanWithin(cells, zone, roots);
        return Double.isNaN(own) ? rootsWetness() : own;
    }

    /** Percent along the lengths of the whole head at that moment. */
    public double headWetness() {
        return course.mean(null, lengths);
    }

    /** Percent of the whole head at that moment, roots and lengths together, as {@code untilDry} counts. */
    public double headTogether() {
        return course.together(lengths, roots);
    }

    /** Percent of water at all roots, as it begins. */
    public double headRootsWetness() {
        return course.mean(null, roots);
    }

    /** Grams of hair worked on. */
    public double grams() {
        return course.grams(cells);
    }

    /** Zones of which it covers any hair. */
    public Set<Zone> zones() {
        Set<Zone> whole = zones;
        if (whole == null) {
            Set<Zone> found = EnumSet.noneOf(Zone.class);
            for (int cell : cells) {
                found.add(course.zone(cell));
            }
            whole = Collections.unmodifiableSet(found);
            zones = whole;
        }
        return whole;
    }

    /** Some of the hair worked on grows here. */
    public boolean isIn(Zone zone) {
        return (zoneBits() & 1 << zone.ordinal()) != 0;
    }

    /**
     * The zones some of it grows in, a bit for each by ordinal.
     *
     * @return one bit a zone
     */
    public int zoneBits() {
        int bits = zoneBits;
        if (bits == 0) {
            for (int cell : cells) {
                bits |= 1 << course.zone(cell).ordinal();
            }
            zoneBits = bits;
        }
        return bits;
    }

    int[] cells() {
        return cells;
    }

    /** Some hair is worked on by both. */
    public boolean overlaps(Visit other) {
        return worked().intersects(other.worked());
    }

    /** Its cells as a set, made when it is first asked whether two visits share hair. */
    private BitSet worked() {
        BitSet whole = worked;
        if (whole == null) {
            whole = new BitSet();
            for (int cell : cells) {
                whole.set(cell);
            }
            worked = whole;
        }
        return whole;
    }

    /**
     * Wetness of this visit's hair at the moment another visit begins.
     *
     * @return percent wet
     */
    public double wetnessAt(Visit moment) {
        return course.mean(cells, moment.lengths);
    }

    /** Percent of water at the roots it covers, at another moment. */
    public double rootsWetnessAt(Visit moment) {
        return course.mean(cells, moment.roots);
    }
}
