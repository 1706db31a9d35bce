package eventide.planner;

import eventide.check.Wash;
import eventide.hair.Strand;
import eventide.outcome.OutcomeModel;
import eventide.planner.Slots.Option;
import eventide.planner.Slots.Slot;
import eventide.product.Product;
import eventide.routine.Routine;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.concurrent.ConcurrentHashMap;
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
    private static final int MOST_RUNS = 2000;
    /** The same where nothing keeps the limits: then it is said which one is in the way. */
    private static final int MOST_WITHOUT_ANY = 600;

    /** As much as one note, in points of worth. */
    private static final double NEAR = Worth.NOTE_COSTS;

    /** As many plans are run side by side as a small machine has cores. */
    private static final int AT_ONCE = 2;
    /** Branches grown side by side; more, and some would be grown that need not. */
    private static final int GROWN_AT_ONCE = 8;

    private final Query query;
    private final Composer composer;
    private final Slots slots;
    private final List<Frame> frames;
    private final Grounds grounds;
    private final Bounds bounds;
    private final boolean oneHold;
    private final Details details;
    private final List<Node> roots;
    private final Map<Choice, Planner.Judged> judged = new ConcurrentHashMap<>();
    private final Map<String, Integer> broken = new ConcurrentHashMap<>();

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

    /**
     * A branch: the first slots decided, the most any plan on it can be worth, and whether that is as near as it gets. What
     * hangs on it is worked out once, whichever part of the plans is searched.
     */
    private static final class Node {
        private final Frame frame;
        private final Option[] taken;
        private final int decided;
        private final double most;
        private final boolean exactly;
        private volatile List<Node> next;

        Node(Frame frame, Option[] taken, int decided, double most, boolean exactly) {
            this.frame = frame;
            this.taken = taken;
            this.decided = decided;
            this.most = most;
            this.exactly = exactly;
        }

        boolean isWhole() {
            return decided == taken.length && !isOpen();
        }

        /** The last slot decided holds several that are still to be told apart. */
        boolean isOpen() {
            return decided > 0 && !taken[decided - 1].isOne();
        }
    }

    /**
     * @param details the smaller things, the same for every plan
     */
    Search(Query query, List<Product> allowed, List<Frame> frames, Details details) {
        this.query = query;
        this.composer = new Composer(query, allowed);
        this.frames = List.copyOf(frames);
        this.details = details;
        this.slots = new Slots(query, allowed);
        boolean guardable = allowed.stream().anyMatch(Product::guardsHeat);
        // At its quickest: a school that soaks the hair first only makes it slower.
        Query quick = query.under(query.schoolsOrDefault().with("gelOn", null));
        this.grounds = new Grounds(quick, allowed, details, frames, slots.leastWater(), guardable);
        this.bounds = new Bounds(slots, grounds, query.schoolsOrDefault().mousse() == Schools.MoussePlace.UNDER);
        Schools.MoussePlace mousse = query.schoolsOrDefault().mousse();
        this.oneHold = mousse == Schools.MoussePlace.INSTEAD
                || mousse == null && query.hair().strand() == Strand.FINE;
        this.roots = this.frames.stream()
                .map(frame -> bounded(frame, new Option[Slots.ORDER.length], 0, false))
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
                            if (!isTwoHolds(taken) && !isRepeated(frame, taken, taken.length)) {
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
        return bounds.most(choice.frame(), taken, taken.length, true);
    }

    private List<Frame> partedFrames() {
        return frames.stream().flatMap(frame -> parted(frame).stream()).toList();
    }

    /** A way of working with each number of sections that is another one. */
    private List<Frame> parted(Frame frame) {
        return grounds.partings(frame).stream().map(frame::with).toList();
    }

    /** The best feasible plan there is, null for none. */
    Planner.Judged best() {
        return best(Region.ALL, Bounds.IMPOSSIBLE, 0);
    }

    /**
     * A rival: a feasible plan of a region, null for none. No other there is better by a {@link #NEAR}: which of several
     * nearly alike it is matters to nobody.
     *
     * @param floor what is worth less need not be looked for
     */
    Planner.Judged rival(Region region, double floor) {
        return best(region, floor, NEAR);
    }

    private Planner.Judged best(Region region, double floor, double near) {
        PriorityQueue<Node> open = new PriorityQueue<>((a, b) -> Double.compare(b.most, a.most));
        open.addAll(roots);
        Planner.Judged best =
                open.isEmpty() || open.peek().most == Bounds.IMPOSSIBLE ? null : dive(region, open.peek());
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
            if (hopeless || judged.size() >= (best == null ? MOST_WITHOUT_ANY : MOST_RUNS)) {
                break;
            }
            if (node.exactly) {
                ready.add(open.poll());
                continue;
            }
            List<Node> growing = new ArrayList<>();
            while (growing.size() < GROWN_AT_ONCE && isGrowing(open.peek(), needed)) {
                growing.add(open.poll());
            }
            growing.parallelStream().forEach(this::next);
            for (Node grown : growing) {
                for (Node child : next(grown)) {
                    if (child.most >= needed
                            && (grown.isWhole() || region.mayBeUnlike(child.frame, child.taken, child.decided))) {
                        open.add(child);
                    }
                }
            }
        }
        return best;
    }

    private static boolean isGrowing(Node node, double needed) {
        return node != null && !node.exactly && node.most >= needed;
    }

    /** The best feasible plan done the same way that differs in this layer and no other, null for none. */
    Planner.Judged bestButFor(Choice taken, Slot slot) {
        List<Node> nodes = new ArrayList<>();
        for (Option option : slots.singles(slot)) {
            Option[] other = slots.worn(taken);
            other[slot.ordinal()] = option;
            boolean left = isTwoHolds(other) || isRepeated(taken.frame(), other, other.length);
            if (option.product() != taken.in(slot) && !left) {
                nodes.add(promising(taken.frame(), other));
            }
        }
        return bestOf(nodes);
    }

    /** The best feasible plan that wears the same and is worked in one of some other ways, null for none. */
    Planner.Judged bestAnotherWay(Choice taken, Predicate<Frame> ways) {
        Option[] same = slots.worn(taken);
        return bestOf(partedFrames().stream()
                .filter(ways)
                .filter(frame -> !isRepeated(frame, same, same.length))
                .map(frame -> promising(frame, same))
                .toList());
    }

    /** A whole plan with a bound that costs nothing to look up: what is asked once is as soon run as weighed closely. */
    private Node promising(Frame frame, Option[] taken) {
        return new Node(frame, taken, taken.length, bounds.most(frame, taken, taken.length, false), true);
    }

    private Planner.Judged bestOf(List<Node> whole) {
        Planner.Judged best = null;
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
    private Planner.Judged better(Planner.Judged found, List<Node> ready, double needed) {
        Planner.Judged best = found;
        List<Planner.Judged> plans = ready.stream().filter(node -> node.most >= needed).toList().parallelStream()
                .map(node -> judge(choice(node.frame, node.taken)))
                .toList();
        for (Planner.Judged plan : plans) {
            if (plan.isFeasible() && (best == null || Planner.BEST_FIRST.compare(plan, best) < 0)) {
                best = plan;
            }
        }
        return best;
    }

    /** What hangs on a branch, as far as the region allows it. */
    private List<Node> children(Region region, Node node) {
        return next(node).stream()
                .filter(child -> region.mayBeUnlike(child.frame, child.taken, child.decided))
                .toList();
    }

    /** The slot that is decided next, or more closely. */
    private static int at(Node node) {
        return node.isOpen() ? node.decided - 1 : node.decided;
    }

    /** A branch with its next slot decided, or its last one more closely, in each way; a whole one parted and weighed exactly. */
    private List<Node> next(Node node) {
        if (node.next == null) {
            node.next = node.isWhole() ? parted(node) : grown(node);
        }
        return node.next;
    }

    private List<Node> parted(Node node) {
        return parted(node.frame).stream()
                .filter(frame -> !isRepeated(frame, node.taken, node.decided))
                .map(frame -> bounded(frame, node.taken, node.decided, true))
                .toList();
    }

    private List<Node> grown(Node node) {
        int at = at(node);
        List<Node> grown = new ArrayList<>();
        for (Option option : node.isOpen() ? node.taken[at].members() : slots.of(Slots.ORDER[at])) {
            Option[] taken = node.taken.clone();
            taken[at] = option;
            if (!isTwoHolds(taken) && !isRepeated(node.frame, taken, at + 1)) {
                grown.add(bounded(node.frame, taken, at + 1, false));
            }
        }
        return grown;
    }

    /** Mousse instead of gel, never with it: the school's, and usual on fine hair. */
    private boolean isTwoHolds(Option[] taken) {
        return oneHold && Slots.isTaken(taken, Slot.GEL) && Slots.isTaken(taken, Slot.MOUSSE);
    }

    /** Where nothing holds nobody shapes: one way of shaping stands for all, or the same plan would be found several times. */
    private boolean isRepeated(Frame frame, Option[] taken, int decided) {
        boolean holds = Slots.isTaken(taken, Slot.GEL) || Slots.isTaken(taken, Slot.MOUSSE);
        Frame first = frames.get(0);
        return decided > Slot.MOUSSE.ordinal()
                && !holds
                && (frame.hands() != first.hands()
                        || frame.sections() != null && frame.sections() != Choice.Sections.USUAL);
    }

    /** Straight down the most promising branch: a first plan to measure the others by; null where it is not feasible. */
    private Planner.Judged dive(Region region, Node from) {
        Node node = from;
        while (node != null && !node.exactly) {
            List<Node> next = node.isWhole() ? next(node) : children(region, node);
            node = next.stream()
                    .max(Comparator.comparingDouble(child -> child.most))
                    .orElse(null);
        }
        Planner.Judged plan = node == null ? null : judge(choice(node.frame, node.taken));
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
    Planner.Judged judge(Choice choice) {
        return judged.computeIfAbsent(choice, this::run);
    }

    private Planner.Judged run(Choice choice) {
        Routine routine = composer.compose(choice);
        Wash wash = Wash.of(routine, query.hair(), query.goal(), query.air(), query.schools(), query.limits());
        String limit = Worth.broken(wash, query.limitsOrUsual());
        if (limit != null) {
            broken.merge(limit, 1, Integer::sum);
        }
        return new Planner.Judged(choice, routine, wash, Worth.of(wash, OutcomeModel.scores(wash)), limit);
    }

    /** Plans run through the water so far. */
    List<Planner.Judged> judged() {
        return List.copyOf(judged.values());
    }

    /** How often each limit was in the way. */
    Map<String, Integer> broken() {
        Map<String, Integer> all = new HashMap<>(broken);
        bounds.beyond().forEach((limit, times) -> all.merge(limit, times, Integer::sum));
        return all;
    }

    private Node bounded(Frame frame, Option[] taken, int decided, boolean exactly) {
        return new Node(frame, taken, decided, bounds.most(frame, taken, decided, exactly), exactly);
    }
}
