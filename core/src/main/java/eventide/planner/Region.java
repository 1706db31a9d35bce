package eventide.planner;

import eventide.planner.Search.Frame;
import eventide.planner.Slots.Option;
import eventide.planner.Slots.Slot;
import java.util.List;
import java.util.function.Predicate;

/**
 * A part of all the plans there are.
 *
 * @param unlike plans that those of this part must differ from in kind: other hands, another way of drying, or another
 *     balance of weight and hold
 */
record Region(List<Choice> unlike) {
    static final Region ALL = new Region(List.of());

    /** Plans of another kind than each of these. */
    static Region unlike(List<Choice> taken) {
        return new Region(List.copyOf(taken));
    }

    /** Whether a branch with some slots decided can still hold a plan unlike all of those. */
    boolean mayBeUnlike(Frame frame, Option[] taken) {
        boolean mustHave = isAlike(frame, taken, choice -> choice.cream() == null);
        boolean mustLack = lacksCream(frame, taken);
        if (taken[Slot.CREAM.ordinal()] != null) {
            return taken[Slot.CREAM.ordinal()].isEmpty() ? !mustHave : !mustLack;
        }
        return !(mustHave && mustLack);
    }

    /** Whether only plans without a cream can be of this part, of those on a branch. */
    private boolean lacksCream(Frame frame, Option[] taken) {
        return isAlike(frame, taken, choice -> choice.cream() != null);
    }

    /** Worked the same way, and held the same way, as one of some plans. */
    private boolean isAlike(Frame frame, Option[] taken, Predicate<Choice> some) {
        return taken[Slot.GEL.ordinal()] != null
                && unlike.stream()
                        .anyMatch(choice -> some.test(choice)
                                && !isOther(frame, choice)
                                && taken[Slot.GEL.ordinal()].isEmpty() == (choice.gel() == null));
    }

    private static boolean isOther(Frame frame, Choice choice) {
        return frame.hands() != choice.hands()
                || frame.drying().usesDryer() != choice.drying().usesDryer()
                || frame.drying().ends() != choice.drying().ends();
    }
}
