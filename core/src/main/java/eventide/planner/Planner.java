package eventide.planner;

import eventide.drying.Courses;
import eventide.hair.Scalp;
import eventide.planner.compose.Bottles;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Composer;
import eventide.planner.compose.Details;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Preparation;
import eventide.planner.compose.ShelfFilter;
import eventide.planner.compose.Stylers;
import eventide.planner.explain.Presentation;
import eventide.planner.search.Carried;
import eventide.planner.search.Evaluation;
import eventide.planner.search.EvaluationCache;
import eventide.planner.search.Improvement;
import eventide.planner.search.PlanClass;
import eventide.planner.search.PlanSpace;
import eventide.planner.search.Refinement;
import eventide.planner.search.Search;
import eventide.planner.search.Tidied;
import eventide.planner.search.Ways;
import eventide.shape.Changed;
import eventide.shape.Parallel;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Finds what to do: the best plan the shelf, the tools and the time allow, and its rivals of another kind. Deterministic.
 */
public final class Planner {
    private final Query query;
    private final Stop stop;
    private final ShelfFilter filter;
    private final Preparation preparation;
    private final PlanSpace space;
    private final EvaluationCache runs;
    private Search search;
    /** Whether limits are in the way of something better: as the first search has it, whatever is tried later. */
    private boolean hindered;

    private Planner(Query query, Stop stop) {
        this(query, frame -> true, stop, false);
    }

    /** Among some ways of working only; among all where none of those is open to this query. */
    private Planner(Query query, Predicate<Frame> wanted, Stop stop, boolean withDoubtful) {
        this.query = query;
        this.stop = stop;
        this.filter = new ShelfFilter(query, withDoubtful);
        List<Frame> ways = new ArrayList<>(new Ways(query).open());
        List<Frame> some = ways.stream().filter(wanted).toList();
        if (!some.isEmpty()) {
            ways.retainAll(some);
        }
        preparation = new Preparation(query, new Bottles(query, filter.allowed()));
        Composer composer = new Composer(query, filter.allowed());
        space = new PlanSpace(new Stylers(query, filter.allowed()), composer, ways);
        runs = new EvaluationCache(query, composer, new Courses(query.hair(), query.air()));
    }

    /** Nothing that was read will do: what was not may, and says so in the plan. */
    private boolean mayTryDoubtful() {
        return filter.hasDoubtful() && query.hair().scalpOrEmpty().stream().noneMatch(Scalp::stopsStyling);
    }

    private Search searched(Details details) {
        if (search == null || !search.details().equals(details)) {
            search = search(details);
        }
        return search;
    }

    private Search search(Details details) {
        return new Search(query, space, details, runs, stop);
    }

    /** With the smaller things of a plan; what is known from the search before is taken along. */
    private Search searched(Evaluation plan) {
        if (!search.details().equals(plan.choice().details())) {
            // Where a limit is in the way, what is known with other minutes is no guide.
            search = hindered ? search(plan.choice().details()) : search.with(plan);
        }
        return search;
    }

    private Details usual(Preparation.Care care) {
        return Refinement.usual(query, preparation.usual(care));
    }

    /** The best plan with the care this hair asks for, the smaller things as usual; without it where the time does not allow it. */
    private Evaluation first() {
        Evaluation best = searched(usual(preparation.asked())).best();
        if (best == null && preparation.asked() != Preparation.Care.NONE) {
            best = searched(usual(Preparation.Care.NONE)).best();
        }
        return best;
    }

    /** Plans to begin with, each settled, best first: smaller things, and a way of working, suit each other. */
    private List<Evaluation> begun() {
        Details usual = usual(preparation.asked());
        List<Evaluation> contenders = new ArrayList<>(contenders(usual));
        hindered = search.isHindered();
        if (hindered) {
            shortened(usual).forEach(shorter -> contenders.addAll(contenders(shorter)));
        }
        // Where there is no time, what was run so far has to do.
        List<Evaluation> settled = refinement().allOf(contenders, Double.NEGATIVE_INFINITY);
        return settled.isEmpty() && stop.isDue()
                ? Stream.ofNullable(runs.best()).toList()
                : settled;
    }

    /** What else to begin with where limits are in the way: without the care this hair asks for; as quick as may be; so, with the care. */
    private Stream<Details> shortened(Details usual) {
        Details bare = usual(Preparation.Care.NONE);
        Details quick = Refinement.sparing(bare, query);
        return preparation.asked() == Preparation.Care.NONE
                ? Stream.of(quick)
                : Stream.of(bare, quick, quick.with(preparation.otherwise(bare.before())));
    }

    private List<Evaluation> contenders(Details details) {
        return searched(details).contenders();
    }

    /** Turns after which it is left as it stands; two are usual. */
    private static final int MOST_TURNS = 5;

    /**
     * Layers, hands, parting and drying, and the smaller things, by turns, each the best there is with the rest as it stands: until
     * neither would be better otherwise. Null where nothing was found that keeps the limits.
     */
    private Evaluation best() {
        Evaluation best = betterBegun(begun());
        for (int turn = 0; best != null && turn < MOST_TURNS && !stop.isDue(); turn++) {
            Evaluation better = new Improvement(query, searched(best), refinement(), runs).of(best);
            if (better == null) {
                break;
            }
            best = refined(better);
        }
        best = heldAfterAll(best);
        if (best != null) {
            searched(best);
        }
        return best;
    }

    /** Where limits are in the way and nothing holds, what holds is far from settled: the larger steps are tried from there too. */
    private Evaluation heldAfterAll(Evaluation best) {
        if (best == null || stop.isDue() || best.choice().isShaped() || !hindered) {
            return best;
        }
        Evaluation held = refinement().bestOf(searched(best).otherwiseShaped(best), Double.NEGATIVE_INFINITY);
        Evaluation improved = held == null ? best : improvedAsWorked(held);
        return Evaluation.BEST_FIRST.compare(improved, best) < 0 ? improved : best;
    }

    /** Where limits are in the way, what is best when it is settled need not be once larger steps are tried: the second is tried too. */
    private Evaluation betterBegun(List<Evaluation> begun) {
        Evaluation best = begun.isEmpty() ? null : begun.get(0);
        if (begun.size() < 2 || !hindered || begun.get(1).worth() < best.worth() - SECOND_NEAR) {
            return best;
        }
        Evaluation second = improvedAsWorked(begun.get(1));
        return Evaluation.BEST_FIRST.compare(second, best) < 0 ? second : best;
    }

    /** Points of worth that the larger steps may make up [OURS]. */
    private static final double SECOND_NEAR = 1;

    private Evaluation improvedAsWorked(Evaluation plan) {
        Evaluation best = plan;
        for (int turn = 0; turn < MOST_TURNS && !stop.isDue(); turn++) {
            Evaluation better = new Improvement(query, searched(best), refinement(), runs).asWorked(best);
            if (better == null) {
                return best;
            }
            best = refined(better);
        }
        return best;
    }

    /** The best there is, however long it takes: at most three, best first, each of another kind. */
    public static Suggestions suggest(Query query) {
        return suggest(query, Stop.NEVER);
    }

    /** The best there was time for. */
    public static Suggestions suggest(Query query, Stop stop) {
        Planner planner = new Planner(query, stop);
        Suggestions found = planner.run();
        return found.suggestions().isEmpty() && planner.mayTryDoubtful()
                ? new Planner(query, frame -> true, stop, true).run()
                : found;
    }

    /** The best plan without its rivals and reasons, null for none: for laying one beside another. */
    public static Suggestion best(Query query, Stop stop) {
        return written(query, bestOf(query, frame -> true, stop));
    }

    /** The choice behind {@link #best}, null for none. */
    public static Evaluation bestOf(Query query, Predicate<Frame> frames, Stop stop) {
        if (query.hair().scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling)) {
            return null;
        }
        Planner planner = new Planner(query, frames, stop, false);
        Evaluation best = planner.best();
        return best == null && planner.mayTryDoubtful() ? new Planner(query, frames, stop, true).best() : best;
    }

    /** The best there is found by running every plan: for measuring what the search misses. Takes long on more than a few bottles. */
    public static Evaluation exhaustive(Query query) {
        if (query.hair().scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling)) {
            return null;
        }
        Planner planner = new Planner(query, Stop.NEVER);
        return planner.bestOfEverything(planner.best());
    }

    /** Plans that are settled after all of them were run. */
    private static final int SETTLED = 12;

    /** Points of worth by which the usual search's answer is worse; of no answer at all, what the best is worth. */
    private static double regret(Evaluation usual, Evaluation best) {
        return Math.round((best.worth() - (usual == null ? 0 : usual.worth())) * 100) / 100.0;
    }

    private Evaluation bestOfEverything(Evaluation usual) {
        Evaluation best = usual;
        Details details =
                best == null ? usual(Preparation.Care.NONE) : best.choice().details();
        for (int turn = 0; turn < MOST_TURNS && !stop.isDue(); turn++) {
            Evaluation before = best;
            List<Evaluation> likeliest = searched(details).runEverything().stream()
                    .filter(Evaluation::isFeasible)
                    .sorted(Evaluation.BEST_FIRST)
                    .limit(SETTLED)
                    .toList();
            best = Stream.concat(likeliest.stream().map(this::refined), Stream.ofNullable(best))
                    .min(Evaluation.BEST_FIRST)
                    .orElse(null);
            if (best == null || before != null && best.worth() <= before.worth() + Refinement.WORTH_CHANGING) {
                break;
            }
            details = best.choice().details();
        }
        return best;
    }

    /** Settles the smaller things of what somebody else decided; what keeps no limit comes back as it was begun. */
    public static Function<Candidate, Evaluation> settling(Query query, Stop stop) {
        return new Planner(query, stop)::settled;
    }

    /** For plans of another question, as this one would have them. */
    public static Carried carrying(Query query, Stop stop) {
        Planner planner = new Planner(query, stop);
        return new Carried(query, planner.space, planner.preparation, planner.runs, planner.refinement(), stop);
    }

    private Evaluation settled(Candidate begun) {
        Candidate choice = space.unshaped(begun);
        List<Evaluation> plans = Stream.of(preparation.asked(), Preparation.Care.NONE)
                .map(care -> runs.of(choice.with(usual(care))))
                .toList();
        Evaluation best = Evaluation.best(plans);
        return best == null ? plans.get(plans.size() - 1) : refined(best);
    }

    /** A choice as it is shown, its useless steps taken out; without name, rivals and reasons. Null of none. */
    public static Suggestion written(Query query, Evaluation best) {
        if (best == null) {
            return null;
        }
        Wash wash = Tidied.of(best, query.limitsOrUsual());
        return Suggestion.of("", List.of(), wash.routine(), Judgement.of(wash));
    }

    /** The search alone, for laying it beside a plain loop over everything; the smaller things as usual where null. */
    public static Search search(Query query, Details details) {
        Planner planner = new Planner(query, Stop.NEVER);
        return planner.searched(details == null ? planner.usual(planner.preparation.asked()) : details);
    }

    private Suggestions run() {
        if (query.hair().scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling)) {
            return new Suggestions(
                    List.of(),
                    0,
                    filter.refused(),
                    "The scalp shows something to refer first: no styling until it is cleared.",
                    null);
        }
        Evaluation usual = best();
        Evaluation best = query.isExhaustive() ? bestOfEverything(usual) : usual;
        if (best == null) {
            return new Suggestions(List.of(), runs.size(), filter.refused(), nothing(), unfinished());
        }
        Presentation presentation = new Presentation(
                query, preparation, this::runnerUps, plan -> refinement().rivals(plan));
        List<Evaluation> chosen = new ArrayList<>();
        List<Supplier<Presentation.Written>> written = new ArrayList<>();
        Evaluation next = best;
        while (next != null && next.worth() >= best.worth() - Presentation.WORTH_SHOWING) {
            Evaluation taken = next;
            chosen.add(taken);
            // The smaller things of a rival are decided, and the reasons of each worked out, while the next is looked
            // for.
            written.add(Parallel.meanwhile(() -> presentation.write(refined(taken))));
            next = chosen.size() == Presentation.MOST || stop.isDue()
                    ? null
                    : search.rival(unlike(chosen), best.worth() - Presentation.WORTH_SHOWING);
        }
        List<Suggestion> suggestions = Presentation.named(written.stream()
                .map(Supplier::get)
                .sorted(Comparator.comparing(Presentation.Written::plan, Evaluation.BEST_FIRST))
                .toList());
        return new Suggestions(suggestions, runs.size(), filter.refused(), null, unfinished())
                .regretting(query.isExhaustive() ? regret(usual, best) : null);
    }

    /** Null where there was time for all of it. */
    private String unfinished() {
        return stop.isDue()
                ? runs.size()
                        + " plans were run through the water in the time there is; among the others may be a better one."
                : null;
    }

    private Evaluation refined(Evaluation plan) {
        return refinement().of(plan);
    }

    private Refinement refinement() {
        return new Refinement(query, preparation, space::partings, runs::of, stop);
    }

    /** The best plan with just one thing decided otherwise, for each thing there is to decide; the smaller things alike. */
    private List<Evaluation> runnerUps(Candidate taken) {
        return rivals(taken).stream()
                .map(rival -> search.judge(rival.choice().with(taken.details())))
                .toList();
    }

    private List<Evaluation> rivals(Candidate taken) {
        Frame own = taken.frame();
        List<Evaluation> rivals = new ArrayList<>();
        if (stop.isDue()) {
            return rivals;
        }
        for (Stylers.Slot slot : Stylers.Slot.values()) {
            Evaluation rival = search.bestButFor(taken, slot);
            // What is left out for want of minutes is said too.
            rivals.add(rival == null && taken.in(slot) == null ? search.beyondTheTime(taken, slot) : rival);
        }
        rivals.add(
                search.bestAnotherWay(taken, frame -> frame.drying() == own.drying() && frame.hands() != own.hands()));
        rivals.add(search.bestAnotherWay(
                taken,
                frame -> frame.drying() == own.drying()
                        && frame.hands() == own.hands()
                        && frame.sections() != own.sections()));
        rivals.add(search.bestAnotherWay(
                taken,
                frame -> frame.drying() != own.drying()
                        && frame.hands() == own.hands()
                        && frame.sections() == own.sections()));
        rivals.removeIf(Objects::isNull);
        return rivals;
    }

    /** Classes of another kind than each of these: other hands, another way of drying, or another balance of weight and hold. */
    private static Predicate<PlanClass> unlike(List<Evaluation> taken) {
        return one -> taken.stream().map(Evaluation::choice).allMatch(choice -> {
            Candidate.Drying drying = one.frame().drying();
            return one.frame().hands() != choice.hands()
                    || drying.usesDryer() != choice.drying().usesDryer()
                    || drying.ends() != choice.drying().ends()
                    || one.layers().cream() != (choice.cream() != null)
                    || one.layers().gel() != (choice.gel() != null);
        });
    }

    private String nothing() {
        return LimitsInTheWay.words(query.limitsOrUsual(), runs.broken(), stop, limits -> new Planner(
                        Changed.with(query, "limits", limits), stop)
                .first());
    }
}
