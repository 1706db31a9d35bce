package eventide.planner;

import eventide.drying.Courses;
import eventide.hair.Scalp;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.routine.Schools;
import eventide.shape.Changed;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ForkJoinTask;
import java.util.function.Predicate;

/**
 * Finds what to do: the best plan the shelf, the tools and the time allow, and its rivals of another kind, by exact
 * search. Deterministic.
 */
public final class Planner {
    private static final Set<Slots.Slot> SLOTS = EnumSet.allOf(Slots.Slot.class);

    private final Query query;
    private final Stop stop;
    private final ShelfFilter filter;
    private final List<Search.Frame> frames = new ArrayList<>();
    private final Preparation preparation;
    private final Courses courses;
    private final Runs runs;
    private final Map<Details, Search> searches = new HashMap<>();
    private final Map<Details, Grounds> grounds = new HashMap<>();
    private Search search;

    private Planner(Query query, Stop stop) {
        this(query, frame -> true, stop, false);
    }

    /** Among some ways of working only; among all where none of those is open to this query. */
    private Planner(Query query, Predicate<Search.Frame> wanted, Stop stop, boolean withDoubtful) {
        this.query = query;
        this.stop = stop;
        this.filter = new ShelfFilter(query, withDoubtful);
        for (Choice.Hands hands : hands()) {
            for (Choice.Drying drying : drying()) {
                frames.add(new Search.Frame(hands, null, drying));
            }
        }
        List<Search.Frame> some = frames.stream().filter(wanted).toList();
        if (!some.isEmpty()) {
            frames.retainAll(some);
        }
        preparation = new Preparation(query, new Bottles(query, filter.allowed()));
        courses = new Courses(query.hair(), query.air());
        runs = new Runs(query, filter.allowed(), courses);
    }

    /** Nothing that was read will do: what was not may, and says so in the plan. */
    private boolean mayTryDoubtful() {
        return filter.hasDoubtful() && query.hair().scalpOrEmpty().stream().noneMatch(Scalp::stopsStyling);
    }

    private void search(Details details) {
        Search known = searches.get(details);
        search = known == null ? searchFor(details, grounds(details)) : known;
        searches.put(details, search);
    }

    private Search searchFor(Details details, Grounds ground) {
        return new Search(query, filter.allowed(), frames, details, runs, ground, stop);
    }

    /** Amounts take no time, so what is sure is sure of all of them. */
    private Grounds grounds(Details details) {
        return grounds.computeIfAbsent(
                details.with(Details.Dose.ADVISED).with(details.work().foamed(false)),
                any -> new Grounds(query, filter.allowed(), any, frames, courses));
    }

    /** The best plan with the care this hair asks for, the smaller things as usual; without it where the time does not allow it. */
    private Judged first() {
        search(usual(preparation.asked()));
        Judged best = search.best();
        if (best == null && preparation.asked() != Preparation.Care.NONE) {
            search(usual(Preparation.Care.NONE));
            best = search.best();
        }
        return best;
    }

    private Details usual(Preparation.Care care) {
        return Refinement.usual(query, preparation.usual(care));
    }

    /** Turns after which it is left as it stands; one or two are usual. */
    private static final int MOST_TURNS = 6;

    /**
     * Layers, hands and amounts, and the other smaller things, by turns, each the best there is with the rest as it stands:
     * until neither would be better otherwise. Null where nothing keeps the limits.
     */
    private Judged best() {
        Judged seed = new Seed(filter.allowed(), runs::of).of(frames, usual(preparation.asked()));
        Judged first = seed == null ? first() : seed;
        Judged best = first == null ? null : refined(first);
        for (int turn = 0; best != null && turn < MOST_TURNS && !stop.isDue(); turn++) {
            Judged better = better(best);
            if (better == null) {
                break;
            }
            best = refined(better);
        }
        if (best != null) {
            search(best.choice().details());
        }
        return best;
    }

    /** A plan of other layers, hands or amounts with the smaller things of this one, null where none is better. */
    private Judged better(Judged best) {
        search(best.choice().details());
        Judged better = search.better(best.worth() + Refinement.WORTH_CHANGING);
        if (better != null || stop.isDue()) {
            return better;
        }
        List<Search> others = otherAmounts(best.choice().details());
        // Side by side: nearly always none of them has anything.
        return others.parallelStream()
                .map(other -> other.better(best.worth() + Refinement.WORTH_CHANGING))
                .filter(Objects::nonNull)
                .findFirst()
                .orElseGet(() -> {
                    Judged dried = settledBetter(best, runs.bestOfDryings(best));
                    return dried == null && refinement().hindered(best) > 0 ? hindered(best) : dried;
                });
    }

    /** A search for each other pair of amounts; they share what is sure. */
    private List<Search> otherAmounts(Details own) {
        List<Details> others = refinement().amounts(own).stream()
                .filter(details -> !details.equals(own))
                .toList();
        Grounds ground = grounds(own);
        List<Search> made = others.parallelStream()
                .map(details -> searches.containsKey(details) ? searches.get(details) : searchFor(details, ground))
                .toList();
        for (Search one : made) {
            searches.put(one.details(), one);
        }
        return made;
    }

    /**
     * Where a limit is in the way of something better, the minutes of one thing may be worth more elsewhere: another care, or
     * other plans run so far, each settled.
     */
    private Judged hindered(Judged best) {
        Judged other = null;
        if (preparation.asked() != Preparation.Care.NONE) {
            Details own = best.choice().details();
            search(own.with(preparation.otherwise(own.before())));
            other = search.better(best.worth() + Refinement.WORTH_CHANGING);
        }
        return other != null ? other : settledBetter(best, runs.bestOfKinds());
    }

    /** The best of some plans once each is settled, null where none is better: what dries otherwise has other smaller things. */
    private Judged settledBetter(Judged best, List<Judged> plans) {
        return plans.stream()
                .map(this::refined)
                .filter(plan -> plan.worth() > best.worth() + Refinement.WORTH_CHANGING)
                .min(BEST_FIRST)
                .orElse(null);
    }

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
    static Suggestion best(Query query, Stop stop) {
        return written(query, bestOf(query, frame -> true, stop));
    }

    /** The choice behind {@link #best}, null for none. */
    static Judged bestOf(Query query, Predicate<Search.Frame> frames, Stop stop) {
        if (query.hair().scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling)) {
            return null;
        }
        Planner planner = new Planner(query, frames, stop, false);
        Judged best = planner.best();
        return best == null && planner.mayTryDoubtful() ? new Planner(query, frames, stop, true).best() : best;
    }

    static Suggestion written(Query query, Judged best) {
        if (best == null) {
            return null;
        }
        Wash wash = Tidied.of(best, query.limitsOrUsual());
        return Suggestion.of("", List.of(), wash.routine(), Judgement.of(wash));
    }

    /** The search alone, for laying it beside a plain loop over everything; the smaller things as usual where null. */
    static Search search(Query query, Details details) {
        Planner planner = new Planner(query, Stop.NEVER);
        planner.search(details == null ? planner.usual(planner.preparation.asked()) : details);
        return planner.search;
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
        Judged best = best();
        if (best == null) {
            return new Suggestions(List.of(), runs.size(), filter.refused(), nothing(), unfinished());
        }
        Presentation presentation = new Presentation(
                query, preparation, this::runnerUps, plan -> refinement().rivals(plan));
        List<Judged> chosen = new ArrayList<>();
        List<ForkJoinTask<Presentation.Written>> written = new ArrayList<>();
        Judged next = best;
        while (next != null && next.worth() >= best.worth() - Presentation.WORTH_SHOWING) {
            Judged taken = next;
            chosen.add(taken);
            // The smaller things of a rival are decided, and the reasons of each worked out, while the next is looked
            // for.
            written.add(
                    ForkJoinTask.adapt(() -> presentation.write(refined(taken))).fork());
            next = chosen.size() == Presentation.MOST || stop.isDue()
                    ? null
                    : search.rival(
                            Region.unlike(chosen.stream().map(Judged::choice).toList()),
                            best.worth() - Presentation.WORTH_SHOWING);
        }
        List<Suggestion> suggestions = Presentation.named(written.stream()
                .map(ForkJoinTask::join)
                .sorted(Comparator.comparing(Presentation.Written::plan, BEST_FIRST))
                .toList());
        return new Suggestions(suggestions, runs.size(), filter.refused(), null, unfinished());
    }

    /** Null where there was time for all of it. */
    private String unfinished() {
        return stop.isDue()
                ? runs.size()
                        + " plans were run through the water in the time there is; among the others may be a better one."
                : null;
    }

    private Judged refined(Judged plan) {
        return refinement().of(plan);
    }

    private Refinement refinement() {
        return new Refinement(query, preparation, runs::of, stop);
    }

    /** The best plan with just one thing decided otherwise, for each thing there is to decide; the smaller things alike. */
    private List<Judged> runnerUps(Choice taken) {
        return rivals(taken).stream()
                .map(rival -> search.judge(rival.choice().with(taken.details())))
                .toList();
    }

    private List<Judged> rivals(Choice taken) {
        Search.Frame own = taken.frame();
        List<Judged> rivals = new ArrayList<>();
        if (stop.isDue()) {
            return rivals;
        }
        for (Slots.Slot slot : SLOTS) {
            rivals.add(search.bestButFor(taken, slot));
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

    static final Comparator<Judged> BEST_FIRST = Comparator.comparingDouble((Judged j) -> -j.worth())
            .thenComparing(j -> j.choice().toString());

    /** Which limit is in the way, and what giving more of it would buy: planned anew with each limit lifted in turn. */
    private String nothing() {
        Limits given = query.limitsOrUsual();
        List<String> buys = new ArrayList<>();
        relax(buys, "more minutes", Changed.with(given, "minutes", ALL_DAY));
        if (given.chairMinutes() != null) {
            relax(buys, "more hands-on minutes", Changed.with(given, "chairMinutes", null));
        }
        if (given.mustBeDryBy() != null) {
            relax(buys, "longer to be dry", Changed.with(given, "mustBeDryBy", null));
        }
        if (given.maxCostCents() != null) {
            relax(buys, "a larger budget", Changed.with(given, "maxCostCents", null));
        }
        String most = search.broken().entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("shelf");
        return "Nothing fits the " + most + " given. "
                + (buys.isEmpty()
                        ? stop.isDue() ? "" : "No one limit lifted by itself would do."
                        : String.join(" ", buys));
    }

    private static final double ALL_DAY = 1440;

    private void relax(List<String> buys, String what, Limits limits) {
        Judged plan = stop.isDue() ? null : new Planner(Changed.with(query, "limits", limits), stop).first();
        if (plan != null) {
            buys.add(String.format(
                    Locale.ROOT,
                    "With %s: %s, %s, in %.0f minutes, %.0f of them hands-on.",
                    what,
                    plan.choice().hands().label,
                    plan.choice().drying().label,
                    Math.ceil(plan.wash().course().minutes()),
                    Math.ceil(plan.wash().course().chairMinutes())));
        }
    }

    private List<Choice.Hands> hands() {
        Schools.Hands school = query.schoolsOrDefault().hands();
        if (school != null && school != Schools.Hands.BY_GOAL) {
            return List.of(Choice.Hands.valueOf(school.name()));
        }
        List<Choice.Hands> hands = new ArrayList<>();
        boolean wavy = query.hair().pattern().isWavy() || query.hair().pattern().isStraight();
        hands.add(wavy ? Choice.Hands.SCRUNCH : Choice.Hands.SMOOTH);
        if (!wavy && !query.hair().pattern().isCoily()) {
            hands.add(Choice.Hands.SCRUNCH);
        }
        if (query.limitsOrUsual().has(OwnedTool.BRUSH)) {
            hands.add(Choice.Hands.BRUSH);
        }
        if (!wavy) {
            hands.add(Choice.Hands.COIL);
        }
        if (query.hair().pattern().isCoily()) {
            hands.add(Choice.Hands.SHINGLE);
        }
        return hands;
    }

    private List<Choice.Drying> drying() {
        boolean diffuser = query.limitsOrUsual().has(OwnedTool.DIFFUSER);
        Schools.DryTo school = query.schoolsOrDefault().dryTo();
        if (!diffuser || school == Schools.DryTo.AIR) {
            return List.of(Choice.Drying.AIR, Choice.Drying.HOME);
        }
        if (school == Schools.DryTo.FULL) {
            return List.of(Choice.Drying.DIFFUSE);
        }
        if (school == Schools.DryTo.PART_THEN_AIR) {
            return List.of(Choice.Drying.PART, Choice.Drying.LEAVE);
        }
        if (school == Schools.DryTo.AIR_THEN_DRYER) {
            return List.of(Choice.Drying.AIR_ROOTS);
        }
        return Arrays.stream(Choice.Drying.values())
                .filter(drying -> drying != Choice.Drying.AIR_ROOTS)
                .toList();
    }
}
