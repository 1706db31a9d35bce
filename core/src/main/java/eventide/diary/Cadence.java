package eventide.diary;

import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * How often a client wants things done, in the client's own numbers; what is absent goes by the log or by the trade.
 *
 * @param washEveryDays 1 to 60
 * @param clarifyEveryWashes 1 for every wash, 2 for every second, up to 100
 * @param maskEveryWashes likewise
 * @param proteinEveryDays 7 and more: sooner does harm [CP]
 * @param trimEveryWeeks 1 to 104
 */
public record Cadence(
        @Maybe @Range(from = 1, to = 60, unit = "days") Integer washEveryDays,
        @Maybe @Range(from = 1, to = 100, unit = "washes") Integer clarifyEveryWashes,
        @Maybe @Range(from = 1, to = 100, unit = "washes") Integer maskEveryWashes,
        @Maybe @Range(from = 7, to = 730, unit = "days") Integer proteinEveryDays,
        @Maybe @Range(from = 1, to = 104, unit = "weeks") Integer trimEveryWeeks) {
    /** Nothing of the client's own. */
    public static final Cadence NONE = new Cadence(null, null, null, null, null);

    public Cadence {
        Shape.check(
                Cadence.class, washEveryDays, clarifyEveryWashes, maskEveryWashes, proteinEveryDays, trimEveryWeeks);
    }
}
