package eventide.planner;

import eventide.hair.Strand;
import eventide.planner.Bounds.Closeness;
import eventide.planner.Slots.Option;
import eventide.planner.Slots.Slot;
import eventide.product.Product;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.function.Predicate;

/**
 * Finds the best plan exactly: branch and bound over gel, mousse, cream and leave-in (none, or one of the shelf) under
 * every way of shaping, parting and drying. A branch is only followed while the best that could hang on it, by its {@link Bounds},
 * beats what has been run through the water.
 */
final class Search {
    /**
     * Runs through the water after which the best so far is taken. A usual shelf needs some tens; only limits that nearly
     * every plan breaks by a little come near this.
     */
    static final int MOST_RUNS = 2000;
    /** The same where nothing keeps the limits: then it is said which one is in the way. */
    private static final int MOST_WITHOUT_ANY = 600;

    /** As much as a layer costs, in points of worth. */
    private static final double NEAR = Worth.LAYER_COSTS;

    /** As many plans are run side by side as a small machine has cores. */
    private static final int AT_ONCE = 2;
    /** Branches grown side by side; more, and some would be grown that need not: more only where many are waiting. */
    private static final int GROWN_AT_ONCE = 8;

    private static final int MOST_GROWN_AT_ONCE = 64;

    private final Runs runs;
    private final Slots slots;
    private final List<Frame> frames;
    private final Grounds grounds;
    private final Bounds bounds;
    private final boolean instead;
    private final boolean gels;
    private final Details details;
    private final List<Node> roots;

    /**
     * One way of shaping, parting and drying.
     *
     * @param sections null while that is still open: it is decided last
     */
    record Frame(Choice.Hands hands, Choice.Sections sections, Choice.Drying drying) {
        Frame with(Choice.Sections decided) {
            return new Frame(hands, decided, drying);
        }
    }

    /** A branch, and the most any plan on it can be worth. What hangs on it is worked out once, whichever part is searched. */
    private static final class Node {
        private final Frame frame;
        private final Option[] taken;
        private final Closeness weighed;
        /** What is sure of its layers; null where that is not what it is weighed by. */
        private final Grounds.Ground ground;

        private final double most;
        private volatile List<Node> next;

        Node(Frame frame, Option[] taken, Closeness weighed, Grounds.Ground ground, double most) {
            this.frame = frame;
            this.taken = taken;
            this.weighed = weighed;
            this.ground = ground;
            this.most = most;
        }
    }

    /**
     * @param details the smaller things, the same for every plan
     * @param runs kept by whoever searches again with other details
     * @param grounds of these details, in whatever amounts
     */
    Search(Query query, List<Product> allowed, List<Frame> frames, Details details, Runs runs, Grounds grounds) {
        this.runs = runs;
        this.frames = List.copyOf(frames);
        this.details = details;
        this.slots = new Slots(query, allowed, details);
        this.grounds = grounds;
        this.bounds = new Bounds(slots, grounds, details);
        Schools.MoussePlace mousse = query.schoolsOrDefault().mousse();
        this.instead = mousse == Schools.MoussePlace.INSTEAD
                || mousse == null && query.hair().strand() == Strand.FINE;
        this.gels = slots.singles(Slot.GEL).size() > 1;
        this.roots = this.frames.stream()
                .map(frame -> any(frame, new Option[Slots.ORDER.length]))
                .toList();
    }

    /** Every choice there is, for checking that none better was missed. */
    List<Choice> everything() {
        List<Choice> all = new ArrayList<>();
        for (Frame frame : partedFrames()) {
            for (Option gel : slots.singles(Slot.GEL)) {
                for (Option mousse : slots.singles(Slot.MOUSSE)) {
                    for (Option cream : slots.singles(Slot.CREAM)) {
                        for (Option leaveIn : slots.singles(Slot.LEAVE_IN)) {
                            Option[] taken = {gel, mousse, cream, leaveIn};
                            if (!isOutOfPlace(taken) && !isRepeated(frame, taken)) {
                                all.add(choice(frame, taken));
                            }
                        }
                    }
                }
            }
        }
        return all;
    }

    /** The most a plan can be worth, as the search sees it before that plan is run. */
    double bound(Choice choice) {
        Option[] taken = slots.worn(choice);
        return bounds.mostExactly(choice.frame(), taken);
    }

    private List<Frame> partedFrames() {
        return frames.stream().flatMap(frame -> parted(frame).stream()).toList();
    }

    /** A way of working with each number of sections that is another one. */
    private List<Frame> parted(Frame frame) {
        return grounds.partings(frame).stream().map(frame::with).toList();
    }

    /** The best feasible plan there is, null for none. */
    Judged best() {
        return best(Region.ALL, Bounds.IMPOSSIBLE, 0);
    }

    /** The best feasible plan that is worth more than this, null for none. */
    Judged better(double worth) {
        Judged best = best(Region.ALL, worth, 0);
        return best != null && best.worth() > worth ? best : null;
    }

    Details details() {
        return details;
    }

    /**
     * A rival: a feasible plan of a region, null for none. No other there is better by a {@link #NEAR}: which of several
     * nearly alike it is matters to nobody.
     *
     * @param floor what is worth less need not be looked for
     */
    Judged rival(Region region, double floor) {
        return best(region, floor, NEAR);
    }

    private Judged best(Region region, double floor, double near) {
        PriorityQueue<Node> open = new PriorityQueue<>((a, b) -> Double.compare(b.most, a.most));
        open.addAll(roots);
        Judged best = open.isEmpty() || open.peek().most == Bounds.IMPOSSIBLE ? null : dive(region, open.peek());
        int begun = runs.size();
        List<Node> ready = new ArrayList<>();
        while (!open.isEmpty() || !ready.isEmpty()) {
            double needed = best == null ? floor : Math.max(floor, best.worth() + near);
            Node node = open.peek();
            boolean hopeless = node == null || node.most == Bounds.IMPOSSIBLE || node.most < needed;
            if (ready.size() == AT_ONCE || hopeless && !ready.isEmpty()) {
                best = better(best, ready, needed);
                ready.clear();
                continue;
            }
            if (hopeless || runs.size() - begun >= (best == null ? MOST_WITHOUT_ANY : MOST_RUNS)) {
                break;
            }
            if (node.weighed == Closeness.EXACT) {
                ready.add(open.poll());
                continue;
            }
            List<Node> growing = new ArrayList<>();
            int atOnce = Math.max(GROWN_AT_ONCE, Math.min(MOST_GROWN_AT_ONCE, open.size() / GROWN_AT_ONCE));
            while (growing.size() < atOnce && isGrowing(open.peek(), needed)) {
                growing.add(open.poll());
            }
            growing.parallelStream().forEach(this::next);
            for (Node grown : growing) {
                for (Node child : next(grown)) {
                    if (child.most >= needed && region.mayBeUnlike(child.frame, child.taken)) {
                        open.add(child);
                    }
                }
            }
        }
        return best;
    }

    private static boolean isGrowing(Node node, double needed) {
        return node != null && node.weighed != Closeness.EXACT && node.most >= needed;
    }

    /** The best feasible plan done the same way that differs in this layer and no other, null for none. */
    Judged bestButFor(Choice taken, Slot slot) {
        List<Node> nodes = new ArrayList<>();
        for (Option option : slots.singles(slot)) {
            Option[] other = slots.worn(taken);
            other[slot.ordinal()] = option;
            boolean left = isOutOfPlace(other) || isRepeated(taken.frame(), other);
            if (option.product() != taken.in(slot) && !left) {
                nodes.add(promising(taken.frame(), other));
            }
        }
        return bestOf(nodes);
    }

    /** The best feasible plan that wears the same and is worked in one of some other ways, null for none. */
    Judged bestAnotherWay(Choice taken, Predicate<Frame> ways) {
        Option[] same = slots.worn(taken);
        return bestOf(partedFrames().stream()
                .filter(ways)
                .filter(frame -> !isRepeated(frame, same))
                .map(frame -> promising(frame, same))
                .toList());
    }

    /** A whole plan with a bound that costs nothing to look up: what is asked once is as soon run as weighed closely. */
    private Node promising(Frame frame, Option[] taken) {
        return new Node(frame, taken, Closeness.EXACT, null, bounds.mostOfAny(frame, taken));
    }

    private Judged bestOf(List<Node> whole) {
        Judged best = null;
        List<Node> byPromise =
                whole.stream().sorted((a, b) -> Double.compare(b.most, a.most)).toList();
        for (int i = 0; i < byPromise.size(); i += AT_ONCE) {
            double needed = best == null ? Bounds.IMPOSSIBLE : best.worth();
            if (byPromise.get(i).most == Bounds.IMPOSSIBLE || byPromise.get(i).most < needed) {
                break;
            }
            best = better(best, byPromise.subList(i, Math.min(byPromise.size(), i + AT_ONCE)), needed);
        }
        return best;
    }

    /** The best of one already found and some that are run through the water now, side by side. */
    private Judged better(Judged found, List<Node> ready, double needed) {
        Judged best = found;
        List<Judged> plans = ready.stream().filter(node -> node.most >= needed).toList().parallelStream()
                .map(node -> judge(choice(node.frame, node.taken)))
                .toList();
        for (Judged plan : plans) {
            if (plan.isFeasible() && (best == null || Planner.BEST_FIRST.compare(plan, best) < 0)) {
                best = plan;
            }
        }
        return best;
    }

    /** A branch weighed more closely, or with one thing more decided in each way. */
    private List<Node> next(Node node) {
        if (node.next == null) {
            node.next = grown(node);
        }
        return node.next;
    }

    /** First which layers there are, then which bottles, the number of sections last. */
    private List<Node> grown(Node node) {
        if (node.weighed == Closeness.ANY) {
            int undecided = Slots.undecided(node.taken);
            return undecided < 0
                    ? List.of(layered(node.frame, node.taken, bounds.layered(node.frame, node.taken)))
                    : with(node, undecided, slots.of(Slots.ORDER[undecided]));
        }
        int widest = Slots.widest(node.taken);
        return widest < 0 ? parted(node) : with(node, widest, node.taken[widest].members());
    }

    private List<Node> with(Node node, int slot, List<Option> options) {
        List<Node> grown = new ArrayList<>();
        for (Option option : options) {
            Option[] taken = node.taken.clone();
            taken[slot] = option;
            if (!isOutOfPlace(taken) && !isRepeated(node.frame, taken)) {
                grown.add(
                        node.weighed == Closeness.ANY
                                ? any(node.frame, taken)
                                : layered(node.frame, taken, node.ground));
            }
        }
        return grown;
    }

    private List<Node> parted(Node node) {
        return parted(node.frame).stream()
                .filter(frame -> !isRepeated(frame, node.taken))
                .map(frame -> new Node(frame, node.taken, Closeness.EXACT, null, bounds.mostExactly(frame, node.taken)))
                .toList();
    }

    private Node any(Frame frame, Option[] taken) {
        return new Node(frame, taken, Closeness.ANY, null, bounds.mostOfAny(frame, taken));
    }

    private Node layered(Frame frame, Option[] taken, Grounds.Ground ground) {
        return new Node(frame, taken, Closeness.LAYERED, ground, bounds.most(ground, taken));
    }

    /** Mousse goes instead of gel where that is the school, and usually on fine hair; elsewhere with it, where there is any [CP]. */
    private boolean isOutOfPlace(Option[] taken) {
        if (!Slots.isTaken(taken, Slot.MOUSSE)) {
            return false;
        }
        return instead ? Slots.isTaken(taken, Slot.GEL) : gels && taken[Slot.GEL.ordinal()].isEmpty();
    }

    /** Where nothing holds nobody shapes: one way of shaping stands for all, or the same plan would be found several times. */
    private boolean isRepeated(Frame frame, Option[] taken) {
        boolean holds = Slots.isTaken(taken, Slot.GEL) || Slots.isTaken(taken, Slot.MOUSSE);
        Frame first = frames.get(0);
        return taken[Slot.GEL.ordinal()] != null
                && taken[Slot.MOUSSE.ordinal()] != null
                && !holds
                && (frame.hands() != first.hands()
                        || frame.sections() != null && frame.sections() != Choice.Sections.USUAL);
    }

    /** Straight down the most promising branch: a first plan to measure the others by; null where it is not feasible. */
    private Judged dive(Region region, Node from) {
        Node node = from;
        while (node != null && node.weighed != Closeness.EXACT) {
            node = next(node).stream()
                    .filter(child -> region.mayBeUnlike(child.frame, child.taken))
                    .max(Comparator.comparingDouble(child -> child.most))
                    .orElse(null);
        }
        Judged plan = node == null ? null : judge(choice(node.frame, node.taken));
        return plan != null && plan.isFeasible() ? plan : null;
    }

    private Choice choice(Frame frame, Option[] taken) {
        return new Choice(
                taken[Slot.LEAVE_IN.ordinal()].product(),
                taken[Slot.CREAM.ordinal()].product(),
                taken[Slot.GEL.ordinal()].product(),
                taken[Slot.MOUSSE.ordinal()].product(),
                frame.hands(),
                frame.sections(),
                frame.drying(),
                details);
    }

    /** Runs a plan through the water, the outcome and the checker; once each. */
    Judged judge(Choice choice) {
        return runs.of(choice);
    }

    /** How often each limit was in the way. */
    Map<String, Integer> broken() {
        Map<String, Integer> all = new HashMap<>(runs.broken());
        bounds.beyond().forEach((limit, times) -> all.merge(limit, times, Integer::sum));
        return all;
    }
}
