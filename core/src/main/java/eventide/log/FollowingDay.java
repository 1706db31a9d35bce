package eventide.log;

import eventide.shape.Frozen;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.Set;

/**
 * How a wash looks some days on: the few scores that take ten seconds.
 *
 * @param day 2 for the day after the wash
 * @param refreshed what was done to it before it was looked at; empty for nothing
 * @param over it was washed, or would have to be: no further day will come
 */
public record FollowingDay(
        @Range(from = 2, to = 30, unit = "") Integer day,
        @Range(from = 0, to = 10) Double definition,
        @Range(from = 0, to = 10) Double frizz,
        @Range(from = 0, to = 10) Double volume,
        @Maybe Set<Refresh> refreshed,
        @Maybe Boolean over,
        @Maybe @Letters(most = 2000) String notes) {
    /** What keeps a style going. */
    public enum Refresh {
        SHAKEN,
        MISTED,
        MORE_STYLER,
        RECOILED,
        OIL,
        STEAM
    }

    public FollowingDay {
        Shape.check(FollowingDay.class, day, definition, frizz, volume, refreshed, over, notes);
        refreshed = Frozen.set(refreshed);
    }

    /** Whether the style was given up that day. */
    public boolean isOver() {
        return Boolean.TRUE.equals(over);
    }
}
