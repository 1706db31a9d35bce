package eventide.planner;

import eventide.hair.Strand;
import eventide.planner.Bounds.Closeness;
import eventide.planner.Slots.Option;
import eventide.planner.Slots.Slot;
import eventide.product.Product;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Finds the best plan exactly: branch and bound over gel, mousse, cream and leave-in (none, or one of the shelf) under
 * every way of shaping, parting and drying. A branch is only followed while the best that could hang on it, by its {@link Bounds},
 * beats what has been run through the water.
 */
final class Search {
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
    private final List<Branch> roots;
    private final Stop stop;
    /** How many can be written at most. */
    private final long plans;

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
     * @param details the smaller things, the same for every plan
     * @param runs kept by whoever searches again with other details
     * @param grounds of these details, in whatever amounts
     */
    Search(
            Query query,
            List<Product> allowed,
            List<Frame> frames,
            Details details,
            Runs runs,
            Grounds grounds,
            Stop stop) {
        this.stop = stop;
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
        this.plans = Arrays.stream(Slots.ORDER)
                        .mapToLong(slot -> slots.singles(slot).size())
                        .reduce(1, (some, more) -> some * more)
                * frames.size()
                * Choice.Sections.values().length;
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
        return bounds.mostExactly(choice.frame(), taken)[0];
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

    /** The same without ever losing patience: for checking that it misses nothing. */
    Judged bestHoweverLong() {
        return best(Region.ALL, Bounds.IMPOSSIBLE, 0, Patience.endless());
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
        return best(region, floor, near, Patience.with(plans));
    }

    private Judged best(Region region, double floor, double near, Patience patience) {
        PriorityQueue<Branch> open = new PriorityQueue<>(Branch.LIKELIEST_FIRST);
        open.addAll(roots);
        Judged best = open.isEmpty() || !open.peek().promises(floor) ? null : dive(region, open.peek());
        List<Branch> ready = new ArrayList<>();
        while (!open.isEmpty() || !ready.isEmpty()) {
            double needed = best == null ? floor : Math.max(floor, best.worth() + near);
            Branch branch = open.peek();
            if (branch != null && !branch.promises(needed)) {
                open.poll();
            } else if (ready.size() == AT_ONCE || branch == null) {
                List<Judged> plans = run(ready, needed);
                plans.forEach(patience::ran);
                Judged better = best(best, plans);
                if (better != best) {
                    patience.reward();
                }
                best = better;
                ready.clear();
            } else if (stop.isDue() || patience.isOver(best != null || floor != Bounds.IMPOSSIBLE)) {
                break;
            } else if (!branch.isWhole()) {
                patience.weighed(grow(open, region, needed));
            } else if (!branch.isLate() && patience.isBarren(branch.kind())) {
                open.add(open.poll().later());
            } else {
                ready.add(open.poll());
            }
        }
        return best;
    }

    /** Replaces the likeliest branches by what grows on them; how many they were. */
    private int grow(PriorityQueue<Branch> open, Region region, double needed) {
        List<Branch> growing = new ArrayList<>();
        int atOnce = Math.max(GROWN_AT_ONCE, Math.min(MOST_GROWN_AT_ONCE, open.size() / GROWN_AT_ONCE));
        while (growing.size() < atOnce && !open.isEmpty() && !open.peek().isWhole()) {
            Branch branch = open.poll();
            if (branch.promises(needed)) {
                growing.add(branch);
            }
        }
        growing.parallelStream().forEach(branch -> branch.next(this::grown));
        for (Branch grown : growing) {
            for (Branch child : grown.next(this::grown)) {
                if (child.promises(needed) && region.mayBeUnlike(child.frame(), child.taken())) {
                    open.add(child);
                }
            }
        }
        return growing.size();
    }

    /** The best feasible plan done the same way that differs in this layer and no other, null for none. */
    Judged bestButFor(Choice taken, Slot slot) {
        List<Branch> whole = new ArrayList<>();
        for (Option option : slots.singles(slot)) {
            Option[] other = slots.worn(taken);
            other[slot.ordinal()] = option;
            boolean left = isOutOfPlace(other) || isRepeated(taken.frame(), other);
            if (option.product() != taken.in(slot) && !left) {
                whole.add(promising(taken.frame(), other));
            }
        }
        return bestOf(whole);
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
    private Branch promising(Frame frame, Option[] taken) {
        return new Branch(frame, taken, Closeness.EXACT, null, bounds.mostOfAny(frame, taken));
    }

    private Judged bestOf(List<Branch> whole) {
        Judged best = null;
        List<Branch> byPromise = whole.stream().sorted(Branch.LIKELIEST_FIRST).toList();
        for (int i = 0; i < byPromise.size(); i += AT_ONCE) {
            double needed = best == null ? Bounds.IMPOSSIBLE : best.worth();
            if (!byPromise.get(i).promises(needed) || stop.isDue()) {
                break;
            }
            best = best(best, run(byPromise.subList(i, Math.min(byPromise.size(), i + AT_ONCE)), needed));
        }
        return best;
    }

    /** Those that still promise enough, run through the water side by side. */
    private List<Judged> run(List<Branch> ready, double needed) {
        return ready.stream().filter(branch -> branch.promises(needed)).toList().parallelStream()
                .map(branch -> judge(choice(branch.frame(), branch.taken())))
                .toList();
    }

    /** The best of one already found, null for none, and some more. */
    private static Judged best(Judged found, List<Judged> plans) {
        Judged best = found;
        for (Judged plan : plans) {
            if (plan.isFeasible() && (best == null || Planner.BEST_FIRST.compare(plan, best) < 0)) {
                best = plan;
            }
        }
        return best;
    }

    /** First which layers there are, then which bottles, the number of sections last. */
    private List<Branch> grown(Branch branch) {
        if (branch.weighed() == Closeness.ANY) {
            int undecided = Slots.undecided(branch.taken());
            return undecided < 0
                    ? List.of(layered(branch.frame(), branch.taken(), bounds.layered(branch.frame(), branch.taken())))
                    : with(branch, undecided, slots.of(Slots.ORDER[undecided]));
        }
        int widest = Slots.widest(branch.taken());
        return widest < 0 ? parted(branch) : with(branch, widest, branch.taken()[widest].members());
    }

    private List<Branch> with(Branch branch, int slot, List<Option> options) {
        List<Branch> grown = new ArrayList<>();
        for (Option option : options) {
            Option[] taken = branch.taken().clone();
            taken[slot] = option;
            if (!isOutOfPlace(taken) && !isRepeated(branch.frame(), taken)) {
                grown.add(
                        branch.weighed() == Closeness.ANY
                                ? any(branch.frame(), taken)
                                : layered(branch.frame(), taken, branch.ground()));
            }
        }
        return grown;
    }

    private List<Branch> parted(Branch branch) {
        Option[] taken = branch.taken();
        List<Frame> frames = parted(branch.frame());
        double[] most = bounds.mostExactly(branch.frame(), taken);
        return IntStream.range(0, most.length)
                .filter(i -> !isRepeated(frames.get(i), taken))
                .mapToObj(i -> new Branch(frames.get(i), taken, Closeness.EXACT, null, most[i]))
                .toList();
    }

    private Branch any(Frame frame, Option[] taken) {
        return new Branch(frame, taken, Closeness.ANY, null, bounds.mostOfAny(frame, taken));
    }

    private Branch layered(Frame frame, Option[] taken, Grounds.Ground ground) {
        return new Branch(frame, taken, Closeness.LAYERED, ground, bounds.most(ground, taken));
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
    private Judged dive(Region region, Branch from) {
        Branch branch = from;
        while (branch != null && !branch.isWhole()) {
            branch = branch.next(this::grown).stream()
                    .filter(child -> region.mayBeUnlike(child.frame(), child.taken()))
                    .max(Comparator.comparingDouble(Branch::most))
                    .orElse(null);
        }
        Judged plan = branch == null ? null : judge(choice(branch.frame(), branch.taken()));
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
