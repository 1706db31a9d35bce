package eventide.drying;

import static eventide.drying.DryingConstants.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Writes down the head's mean each whole minute, and the moments hands wait for. */
final class TideRecorder {
    /** Minutes there is room for before the arrays grow: most wash days end within. */
    private static final int USUAL_MINUTES = 128;

    private double[] lengths = new double[USUAL_MINUTES];
    private double[] roots = new double[USUAL_MINUTES];
    /** Whole minutes written down, the first of them 0. */
    private int drawn;

    private final List<Mark> marks = new ArrayList<>();

    private double lastMinute;
    private double lastLengths;
    private double lastRoots;
    /** Level at which the present film sets; NaN while no unset film is on the hair. */
    private double castAt = Double.NaN;

    private boolean clipped;
    private boolean lengthsWereWet;
    private boolean rootsWereWet;

    /** Percent of water at minute 0. */
    void start(double wetLengths, double wetRoots) {
        lastLengths = wetLengths;
        lastRoots = wetRoots;
        noteWet();
        draw(wetLengths, wetRoots);
    }

    private void draw(double wetLengths, double wetRoots) {
        if (drawn == lengths.length) {
            lengths = Arrays.copyOf(lengths, 2 * drawn);
            roots = Arrays.copyOf(roots, 2 * drawn);
        }
        lengths[drawn] = round(wetLengths);
        roots[drawn] = round(wetRoots);
        drawn++;
    }

    /** Hold went on: its cast sets once the lengths have lost enough. */
    void holdApplied(double wetness) {
        castAt = Math.min(CAST_SETS_AT, Math.max(Wetness.DRY_BELOW, wetness - CAST_NEEDS_LOSS));
    }

    /** Whether any clip is in: then the level at which they come out is a mark. */
    void clipped(boolean in) {
        clipped = in;
    }

    /** Water was put on between two minutes: what follows is measured from here, and may dry a second time. */
    void wetted(double wetLengths, double wetRoots) {
        lastLengths = wetLengths;
        lastRoots = wetRoots;
        noteWet();
    }

    private void noteWet() {
        lengthsWereWet |= lastLengths > 2 * Wetness.DRY_BELOW;
        rootsWereWet |= lastRoots > 2 * Wetness.DRY_BELOW;
    }

    /** The head's means at a later moment. */
    void reach(double minute, double wetLengths, double wetRoots) {
        while (drawn <= minute + 1e-9) {
            double at = minute == lastMinute ? 1 : (drawn - lastMinute) / (minute - lastMinute);
            draw(lastLengths + at * (wetLengths - lastLengths), lastRoots + at * (wetRoots - lastRoots));
        }
        if (!Double.isNaN(castAt) && wetLengths <= castAt) {
            mark(Mark.Moment.CAST_SET, crossing(minute, lastLengths, wetLengths, castAt));
            castAt = Double.NaN;
        }
        if (clipped && wetLengths <= CLIPS_OUT_AT && lastLengths > CLIPS_OUT_AT) {
            mark(Mark.Moment.CLIPS_OUT, crossing(minute, lastLengths, wetLengths, CLIPS_OUT_AT));
        }
        if (lengthsWereWet && wetLengths < Wetness.DRY_BELOW) {
            mark(Mark.Moment.LENGTHS_DRY, crossing(minute, lastLengths, wetLengths, Wetness.DRY_BELOW));
            lengthsWereWet = false;
        }
        if (rootsWereWet && wetRoots < Wetness.DRY_BELOW) {
            mark(Mark.Moment.ROOTS_DRY, crossing(minute, lastRoots, wetRoots, Wetness.DRY_BELOW));
            rootsWereWet = false;
        }
        lastMinute = minute;
        lastLengths = wetLengths;
        lastRoots = wetRoots;
    }

    private double crossing(double minute, double before, double after, double level) {
        double at = before == after ? 1 : Math.max(0, (before - level) / (before - after));
        return lastMinute + at * (minute - lastMinute);
    }

    private void mark(Mark.Moment what, double minute) {
        marks.add(new Mark(round(minute), what));
    }

    /**
     * @param waterGrams the most the head held
     * @param hairGrams of dry hair
     */
    Tide tide(List<StepTide> steps, double waterGrams, double hairGrams) {
        return new Tide(
                new Soundings.Counted(drawn),
                Soundings.of(lengths, drawn),
                Soundings.of(roots, drawn),
                List.copyOf(marks),
                List.copyOf(steps),
                round(waterGrams),
                round(hairGrams),
                null);
    }

    /**
     * To the hundredth.
     *
     * @return in the unit given
     */
    static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
