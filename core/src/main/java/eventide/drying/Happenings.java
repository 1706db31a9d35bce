package eventide.drying;

import java.util.List;
import java.util.Map;

/**
 * What really happened at the chair that a routine cannot say: how long each section took, what eyes and hands found the
 * water to be, and the moment to look at.
 *
 * @param pace for a step done in sections, how much longer than the routine says each section takes (1 as it says), in
 *     the order worked
 * @param interludes in the order of time
 * @param rests in the order of time
 * @param nowMinute the moment whose water is wanted, minutes from the start; infinite for none
 */
public record Happenings(
        Map<Integer, List<Double>> pace, List<Interlude> interludes, List<Rest> rests, double nowMinute) {
    public static final Happenings NONE = new Happenings(Map.of(), List.of(), List.of(), Double.POSITIVE_INFINITY);

    public Happenings {
        pace = Map.copyOf(pace);
        interludes = List.copyOf(interludes);
        rests = List.copyOf(rests);
    }

    /**
     * Hands were off in the middle of a step: its work goes on after it, the water went on drying in the room's air.
     *
     * @param minute from the start
     */
    public record Rest(double minute, double minutes) {}

    /**
     * The water set right between steps or in the middle of one.
     *
     * @param minute from the start
     * @param wetness percent along the lengths from then on
     * @param trust how far the water that was worked out is moved there, 0 not at all to 1 all the way
     * @param misted water was added to hair that waits, where false eyes found the whole head to be so
     */
    public record Interlude(double minute, double wetness, boolean misted, double trust) {}

    /** Times the planned minutes, 1 where nobody knows better. */
    double paceOf(int step, int section) {
        List<Double> own = pace.get(step);
        return own == null || section >= own.size() ? 1 : own.get(section);
    }

    /** The first interlude, rest or the looked-for moment after a minute; infinite where there is none. */
    double nextStop(double minute) {
        if (this == NONE) {
            return Double.POSITIVE_INFINITY;
        }
        double next = nowMinute > minute ? nowMinute : Double.POSITIVE_INFINITY;
        for (Interlude interlude : interludes) {
            if (interlude.minute() > minute) {
                next = Math.min(next, interlude.minute());
            }
        }
        for (Rest rest : rests) {
            if (rest.minute() > minute) {
                next = Math.min(next, rest.minute());
            }
        }
        return next;
    }
}
