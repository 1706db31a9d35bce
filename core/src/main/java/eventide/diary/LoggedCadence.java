package eventide.diary;

import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * What the log of a head shows of its care: the days after which it plainly did worse. Before a client's own numbers are asked it goes
 * before the trade's.
 *
 * @param clarifyAfterDays since clarifying
 * @param proteinAfterDays since protein
 */
public record LoggedCadence(
        @Maybe @Range(from = 7, to = 90, unit = "days") Integer clarifyAfterDays,
        @Maybe @Range(from = 7, to = 90, unit = "days") Integer proteinAfterDays) {
    public LoggedCadence {
        Shape.check(LoggedCadence.class, clarifyAfterDays, proteinAfterDays);
    }
}
