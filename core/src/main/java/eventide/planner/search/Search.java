package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Stylers.Slot;
import eventide.shape.Parallel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Finds the best layers, hands, parting and drying, the smaller things as they stand. Every way of working is forecast with the
 * likeliest bottles of the shelf, from the features of one run of its kind; the likeliest are run through water and rules, the most
 * promising first; it ends once no forecast, with what it may be wrong by, reaches what was found. Where few plans can be written at
 * all every one of them is run. The same question is answered the same on any number of cores.
 */
public final class Search {
    /** So few plans are all run [OURS]. */
    public static final int FEW = 150;
    /** Run side by side, whatever the machine: so that the answer does not hang on it. */
    static final int AT_ONCE = 6;
    /** Runs that bring nothing better after which the rest is left [OURS; what it misses is measured by bin/bench]. */
    private static final int MOST_IDLE = 60;
    /** The same while nothing keeps the limits: the quickest are tried first [OURS]. */
    private static final int MOST_WITHOUT_ANY = 72;

    private static final Comparator<PlanClass> LIKELIEST_FIRST = Comparator.comparingDouble(one -> -one.promise());
    private static final Comparator<PlanClass> QUICKEST_FIRST =
            Comparator.comparingDouble(PlanClass::over).thenComparing(LIKELIEST_FIRST);

    /** As much as a layer costs, in points of worth: a rival need not be nearer to the best of its kind. */
    private static final double NEAR = Objective.LAYER_COSTS;

    private final Query query;
    private final PlanSpace space;
    private final Neighbours neighbours;
    private final Details details;
    private final EvaluationCache runs;
    private final Stop stop;
    private List<PlanClass> classes;
    /** Searched before with other smaller things, and a plan that was run with both; null for none. */
    private final Search earlier;

    private final Evaluation shared;

    /**
     * @param details the smaller things, the same for every plan
     * @param runs kept by whoever searches again with other details
     */
    public Search(Query query, PlanSpace space, Details details, EvaluationCache runs, Stop stop) {
        this(query, space, details, runs, stop, null, null);
    }

    private Search(
            Query query,
            PlanSpace space,
            Details details,
            EvaluationCache runs,
            Stop stop,
            Search earlier,
            Evaluation shared) {
        this.query = query;
        this.space = space;
        this.neighbours = new Neighbours(query, space, runs);
        this.details = details;
        this.runs = runs;
        this.stop = stop;
        this.earlier = earlier;
        this.shared = shared;
    }

    /** The smaller things, the same for every plan of this search. */
    public Details details() {
        return details;
    }

    /** A search with the smaller things of a plan, that begins with what is known from this one. */
    public Search with(Evaluation plan) {
        return new Search(query, space, plan.choice().details(), runs, stop, this, plan);
    }

    /** Runs one plan, with whatever smaller things it has. */
    public Evaluation judge(Candidate choice) {
        return runs.of(choice);
    }

    /** Whether a plan's layers go together here, and its way of working is open. */
    public boolean isOpen(Candidate choice) {
        Layers layers = Layers.of(choice);
        return space.stylers().layerings().contains(layers)
                && space.frames(layers).contains(choice.frame());
    }

    /** Every plan there is with these smaller things. */
    public List<Candidate> everything() {
        return space.everything(details);
    }

    /** How many that are. */
    public long size() {
        return space.size();
    }

    /** The likeliest plans with one large thing decided otherwise. */
    public List<Candidate> neighbours(Candidate taken) {
        return neighbours.neighbours(taken);
    }

    /** The best of every plan, each run; null where none keeps the limits. */
    public Evaluation bestOfEverything() {
        return Evaluation.best(run(everything()));
    }

    /** Every plan there is, run, those that break a limit among them. */
    public List<Evaluation> runEverything() {
        return run(everything());
    }

    private List<Evaluation> run(List<Candidate> choices) {
        return Parallel.map(choices, choice -> stop.isDue() ? null : runs.of(choice)).stream()
                .filter(Objects::nonNull)
                .toList();
    }

    /** The best plan that keeps the limits, null where none was found. */
    public Evaluation best() {
        if (size() <= FEW) {
            return bestOfEverything();
        }
        Evaluation found = best(any -> true, Double.NEGATIVE_INFINITY, 0);
        return found == null ? null : polished(found);
    }

    /**
     * A rival: the best plan of some classes, to within what a layer costs; null where none is worth so much.
     *
     * @param floor what is worth less need not be looked for
     */
    public Evaluation rival(Predicate<PlanClass> of, double floor) {
        Evaluation found = best(of, floor, NEAR);
        return found == null || found.worth() < floor ? null : found;
    }

    private Evaluation best(Predicate<PlanClass> of, double floor, double near) {
        List<PlanClass> open = classes().stream().filter(of).toList();
        Evaluation incumbent = Evaluation.best(
                open.stream().map(PlanClass::best).filter(Objects::nonNull).toList());
        int idle = 0;
        while (!stop.isDue() && idle < (incumbent == null ? MOST_WITHOUT_ANY : MOST_IDLE)) {
            double needed = incumbent == null ? floor : Math.max(floor, incumbent.worth() + near);
            Comparator<PlanClass> order = incumbent == null ? QUICKEST_FIRST : LIKELIEST_FIRST;
            List<PlanClass> next = open.stream()
                    .filter(one -> !one.isOver() && one.promise() > needed)
                    .sorted(order)
                    .limit(AT_ONCE)
                    .toList();
            if (next.isEmpty()) {
                break;
            }
            List<Evaluation> plans = Parallel.map(next, one -> {
                Evaluation plan = runs.of(one.nextChoice());
                one.ran(query, plan);
                return plan;
            });
            Evaluation better = Evaluation.best(incumbent == null ? plans : with(plans, incumbent));
            idle = better != incumbent ? 0 : idle + plans.size();
            incumbent = better;
        }
        return incumbent;
    }

    private static List<Evaluation> with(List<Evaluation> plans, Evaluation one) {
        List<Evaluation> all = new ArrayList<>(plans);
        all.add(one);
        return all;
    }

    /** Bottle by bottle, until no other of any layer would be better. */
    private Evaluation polished(Evaluation found) {
        Evaluation best = found;
        boolean better = true;
        while (better && !stop.isDue()) {
            better = false;
            for (Slot slot : Slot.values()) {
                Evaluation other = bestButFor(best.choice(), slot);
                if (other != null && Evaluation.BEST_FIRST.compare(other, best) < 0) {
                    best = other;
                    better = true;
                }
            }
        }
        return best;
    }

    /** A plan with whichever bottles suit this question better, bottle by bottle; null where none of them keeps the limits. */
    public Evaluation rebottled(Candidate plan) {
        Evaluation own = isOpen(plan) ? Evaluation.best(run(List.of(plan))) : null;
        Evaluation begun = own != null
                ? own
                : Evaluation.best(Stream.of(Slot.values())
                        .map(slot -> bestButFor(plan, slot))
                        .filter(Objects::nonNull)
                        .toList());
        return begun == null ? null : polished(begun);
    }

    /** Other bottles for plans of this search. */
    public OtherBottles otherBottles() {
        return new OtherBottles(query, space.stylers(), runs, stop);
    }

    /** The best plan of each of the likeliest ways of shaping and drying, best first. */
    public List<Evaluation> contenders() {
        Evaluation best = best();
        if (best == null) {
            return List.of();
        }
        List<Evaluation> found = size() <= FEW
                ? run(everything())
                : classes().stream()
                        .map(PlanClass::best)
                        .filter(Objects::nonNull)
                        .toList();
        Parallel.forEach(found.stream().filter(Evaluation::isFeasible).toList(), Evaluation::worth);
        return ofEachWay(with(found, best)).stream()
                .filter(plan -> plan.worth() > best.worth() - SETTLES)
                .limit(MOST_CONTENDERS)
                .toList();
    }

    /** The best of each way of shaping and drying, best first. */
    private static List<Evaluation> ofEachWay(List<Evaluation> found) {
        record Way(Frame frame, boolean shaped) {}
        Map<Way, Evaluation> ways = new LinkedHashMap<>();
        found.stream()
                .filter(Evaluation::isFeasible)
                .sorted(Evaluation.BEST_FIRST)
                .forEach(plan -> ways.putIfAbsent(
                        new Way(way(plan.choice()), plan.choice().isShaped()), plan));
        return List.copyOf(ways.values());
    }

    /** The likeliest to be shaped or dried in another way, of each those parted in any way that suits it, the rest as it stands. */
    public List<List<Candidate>> otherWays(Evaluation taken) {
        Candidate choice = taken.choice();
        Map<Frame, List<Candidate>> ways = new LinkedHashMap<>();
        run(space.frames(Layers.of(choice)).stream()
                        .filter(frame -> !frame.equals(choice.frame()))
                        .map(choice::with)
                        .toList())
                .stream()
                .filter(plan -> plan.minutesOver() <= MINUTES_TO_MAKE_UP)
                .filter(plan -> plan.bound() > taken.worth() - SETTLES)
                .sorted(Comparator.comparingDouble((Evaluation plan) -> -plan.bound()))
                .forEach(plan -> ways.computeIfAbsent(way(plan.choice()), any -> new ArrayList<>())
                        .add(plan.choice()));
        return ways.values().stream().limit(MOST_CONTENDERS).toList();
    }

    /** Minutes over a limit that other bottles, fewer or on drier hair, may make up [OURS]. */
    private static final double MINUTES_TO_MAKE_UP = 10;

    /** The likeliest that are shaped where a plan is not, or are not where it is, each worked in another way; none where none comes near. */
    public List<Evaluation> otherwiseShaped(Evaluation taken) {
        boolean shaped = taken.choice().isShaped();
        // What holds in the amounts of a plan without any is far from settled: twice as far is looked [OURS].
        double settles = shaped ? SETTLES : 2 * SETTLES;
        Predicate<PlanClass> otherwise = one -> one.layers().isShaped() != shaped;
        Evaluation best = rival(otherwise, taken.worth() - settles);
        if (best == null) {
            return List.of();
        }
        List<Evaluation> found = classes().stream()
                .filter(otherwise)
                .map(PlanClass::best)
                .filter(Objects::nonNull)
                .filter(plan -> plan.worth() > taken.worth() - settles)
                .toList();
        return ofEachWay(with(found, best)).stream().limit(OTHERWISE_SHAPED).toList();
    }

    /** However it is parted. */
    private static Frame way(Candidate choice) {
        return new Frame(choice.hands(), Candidate.Sections.USUAL, choice.drying());
    }

    /** Ways of a plan that is otherwise shaped [OURS]. */
    private static final int OTHERWISE_SHAPED = 3;

    /** Points of worth that settling the smaller things may make up [OURS]. */
    private static final double SETTLES = 3;

    /** Ways that are settled at most [OURS]. */
    private static final int MOST_CONTENDERS = 4;

    /** Whether limits are in the way of something that promises to be better. */
    public boolean isHindered() {
        if (size() <= FEW) {
            return run(everything()).stream().anyMatch(plan -> !plan.isFeasible());
        }
        Evaluation best = best();
        return best == null || classes().stream().anyMatch(one -> one.promiseUnlimited() > best.worth());
    }

    /** The best feasible plan done the same way that differs in this layer and no other, null for none. */
    public Evaluation bestButFor(Candidate taken, Slot slot) {
        return Evaluation.best(run(neighbours.others(taken, slot)));
    }

    /** The likeliest plan that differs in this layer and no other and takes more minutes than there are, null for none. */
    public Evaluation beyondTheTime(Candidate taken, Slot slot) {
        return run(neighbours.others(taken, slot)).stream()
                .filter(plan -> !plan.isFeasible() && Double.isFinite(plan.minutesOver()))
                .max(Comparator.comparingDouble(Evaluation::bound))
                .orElse(null);
    }

    /** The best feasible plan that wears the same and is worked in one of some other ways, null for none. */
    public Evaluation bestAnotherWay(Candidate taken, Predicate<Frame> wanted) {
        return Evaluation.best(run(space.frames(Layers.of(taken)).stream()
                .filter(wanted)
                .map(frame -> taken.with(frame))
                .toList()));
    }

    private List<PlanClass> classes() {
        if (classes == null) {
            classes = earlier == null || earlier.classes == null
                    ? new Forecasts(query, space, details, runs).classes()
                    : fromEarlier();
        }
        return classes;
    }

    /** What is known with other smaller things, shifted by what these do to one plan. */
    private List<PlanClass> fromEarlier() {
        Evaluation before = runs.of(shared.choice().with(earlier.details));
        double more = shared.worth() - before.worth();
        double minutes = shared.minutesNeeded() - before.minutesNeeded();
        return Parallel.map(earlier.classes, one -> one.with(details, more, minutes));
    }
}
