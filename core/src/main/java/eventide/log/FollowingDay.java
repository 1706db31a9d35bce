package eventide.log;

import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Frozen;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Said;
import eventide.shape.Shape;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * How a wash looks some days on: the few scores that take ten seconds.
 *
 * @param day 2 for the day after the wash
 * @param refreshed what was done to it before it was looked at; empty for nothing
 * @param over it was washed, or would have to be: no further day will come
 */
public record FollowingDay(
        @Range(from = 2, to = FollowingDay.LAST, unit = "") Integer day,
        @Range(from = 0, to = 10) Double definition,
        @Range(from = 0, to = 10) Double frizz,
        @Range(from = 0, to = 10) Double volume,
        @Maybe Set<Refresh> refreshed,
        @Maybe Boolean over,
        @Maybe @Letters(most = 2000) String notes) {
    /** What keeps a style going, as a log calls it. */
    public enum Refresh implements Said {
        SHAKEN("shaken", step -> step.action() == Action.SHAKE_ROOTS),
        MISTED("misted", step -> step.action() == Action.MIST),
        MORE_STYLER("more styler", step -> step.worn() != null && step.worn().role() != Role.OIL),
        RECOILED("re-coiled", step -> step.action() == Action.COIL),
        OIL("oil", step -> step.worn() != null && step.worn().role() == Role.OIL),
        /** Of a shower, or a pan: no routine has it. */
        STEAM("steam", step -> false);

        private final String label;
        private final Predicate<Step> isDoneBy;

        /** @param isDoneBy the steps that make a morning one of this kind */
        Refresh(String label, Predicate<Step> isDoneBy) {
            this.label = label;
            this.isDoneBy = isDoneBy;
        }

        @Override
        public String label() {
            return label;
        }

        /** All that a routine does of these. */
        public static Set<Refresh> by(Routine routine) {
            Set<Refresh> done = EnumSet.noneOf(Refresh.class);
            for (StepPlace place : routine.places()) {
                Step step = routine.at(place);
                Stream.of(values()).filter(one -> one.isDoneBy.test(step)).forEach(done::add);
            }
            return done;
        }
    }

    public FollowingDay {
        Shape.check(FollowingDay.class, day, definition, frizz, volume, refreshed, over, notes);
        refreshed = Frozen.set(refreshed);
    }

    /** Later nobody looks at a wash: as far as a day may go. */
    private static final int LAST = 30;

    /**
     * The day to be looked at next: while it is worn, today; of a wash that was followed by another, the day after the last that was.
     *
     * @param before those that were looked at, in their order
     * @param begun null where nobody knows
     * @param followed it was washed again since
     */
    public static int next(List<FollowingDay> before, LocalDate begun, LocalDate today, boolean followed) {
        int after = before.isEmpty() ? 2 : before.get(before.size() - 1).day() + 1;
        if (begun == null || followed) {
            return after;
        }
        long worn = begun.until(today, ChronoUnit.DAYS) + 1;
        return worn > after && worn <= LAST ? (int) worn : after;
    }

    /** Whether the style was given up that day. */
    public boolean isOver() {
        return Boolean.TRUE.equals(over);
    }
}
