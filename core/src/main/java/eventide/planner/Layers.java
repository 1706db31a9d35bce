package eventide.planner;

import eventide.planner.Slots.Option;
import eventide.planner.Slots.Slot;

/**
 * Which layers a plan has, whatever bottles they come from.
 *
 * @param foamUnder mousse goes under gel, everywhere; else it goes over it, at the crown
 */
record Layers(boolean leaveIn, boolean cream, boolean gel, boolean mousse, boolean foamUnder) {
    static Layers of(Option[] taken, boolean foamUnder) {
        boolean both = Slots.isTaken(taken, Slot.GEL) && Slots.isTaken(taken, Slot.MOUSSE);
        return new Layers(
                Slots.isTaken(taken, Slot.LEAVE_IN),
                Slots.isTaken(taken, Slot.CREAM),
                Slots.isTaken(taken, Slot.GEL),
                Slots.isTaken(taken, Slot.MOUSSE),
                both && foamUnder);
    }

    /** Of a whole plan, wherever its foam goes. */
    static Layers of(Choice choice) {
        return new Layers(
                choice.leaveIn() != null, choice.cream() != null, choice.gel() != null, choice.mousse() != null, false);
    }

    int count() {
        return (leaveIn ? 1 : 0) + (cream ? 1 : 0) + (gel ? 1 : 0) + (mousse ? 1 : 0);
    }

    /** How often hands go over the sections: for each layer but foam that is patted on the crown. */
    int passes() {
        return count() - (gel && mousse && !foamUnder ? 1 : 0);
    }

    /** Of any plan. */
    static final int MOST_PASSES = 4;

    /** How it is worked, as far as that depends on its layers. */
    Details.Work worked(Details.Work work) {
        return work.foamed(foamUnder);
    }
}
