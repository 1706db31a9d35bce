package eventide.planner;

import eventide.planner.Search.Frame;
import eventide.planner.Slots.Option;
import eventide.planner.Slots.Slot;
import java.util.List;

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

    /** Whether a branch with its first slots decided can still hold a plan unlike all of those. */
    boolean mayBeUnlike(Frame frame, Option[] taken, int decided) {
        boolean mustHaveCream = false;
        boolean mustHaveNone = false;
        for (Choice choice : unlike) {
            if (isOther(frame, choice) || decided <= Slot.GEL.ordinal()) {
                continue;
            }
            if (taken[Slot.GEL.ordinal()].isEmpty() != (choice.gel() == null)) {
                continue;
            }
            mustHaveCream |= choice.cream() == null;
            mustHaveNone |= choice.cream() != null;
        }
        if (decided > Slot.CREAM.ordinal()) {
            return taken[Slot.CREAM.ordinal()].isEmpty() ? !mustHaveCream : !mustHaveNone;
        }
        return !(mustHaveCream && mustHaveNone);
    }

    private static boolean isOther(Frame frame, Choice choice) {
        return frame.hands() != choice.hands()
                || frame.drying().usesDryer() != choice.drying().usesDryer()
                || frame.drying().ends() != choice.drying().ends();
    }
}
