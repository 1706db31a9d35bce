package eventide.planner;

import eventide.planner.Bounds.Closeness;
import eventide.planner.Search.Frame;
import eventide.planner.Slots.Option;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/** A branch of the search, and the most any plan on it can be worth. */
final class Branch {
    static final Comparator<Branch> LIKELIEST_FIRST = Comparator.comparingDouble(branch -> -branch.likely);

    /** Points of worth by which a branch of a kind that has only broken limits stands back [OURS]. */
    private static final double STANDS_BACK = 1;

    private final Frame frame;
    private final Option[] taken;
    private final Closeness weighed;
    private final Grounds.Ground ground;
    private final double most;
    /** What it is taken to come to: the less is decided, the more it seems to promise. */
    private final double likely;

    private final boolean late;
    /** What hangs on it, worked out once, whichever part is searched. */
    private volatile List<Branch> next;

    /** Which plans mostly break the same limits. */
    record Kind(Frame frame, Layers layers) {
        static Kind of(Choice choice) {
            return new Kind(choice.frame(), Layers.of(choice));
        }
    }

    /**
     * @param taken by slot, null where that is still open
     * @param ground what is sure of its layers; null where that is not what it is weighed by
     */
    Branch(Frame frame, Option[] taken, Closeness weighed, Grounds.Ground ground, double most) {
        this(frame, taken, weighed, ground, most, most - weighed.seems, false);
    }

    private Branch(
            Frame frame,
            Option[] taken,
            Closeness weighed,
            Grounds.Ground ground,
            double most,
            double likely,
            boolean late) {
        this.frame = frame;
        this.taken = taken;
        this.weighed = weighed;
        this.ground = ground;
        this.most = most;
        this.likely = likely;
        this.late = late;
    }

    /** The same branch, to be come back to. */
    Branch later() {
        return new Branch(frame, taken, weighed, ground, most, likely - STANDS_BACK, true);
    }

    boolean isLate() {
        return late;
    }

    boolean promises(double needed) {
        return most != Bounds.IMPOSSIBLE && most >= needed;
    }

    /** All of it is decided: one plan. */
    boolean isWhole() {
        return weighed == Closeness.EXACT;
    }

    Frame frame() {
        return frame;
    }

    Option[] taken() {
        return taken;
    }

    Closeness weighed() {
        return weighed;
    }

    Grounds.Ground ground() {
        return ground;
    }

    double most() {
        return most;
    }

    Kind kind() {
        return new Kind(frame, Layers.of(taken, false));
    }

    List<Branch> next(Function<Branch, List<Branch>> grown) {
        if (next == null) {
            next = grown.apply(this);
        }
        return next;
    }
}
