package eventide.planner;

import eventide.check.Wash;
import eventide.hair.Scalp;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.routine.Routine;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Predicate;

/**
 * Finds what to do: the best plan the shelf, the tools and the time allow, and its rivals of another kind, by exact
 * search. Deterministic.
 */
public final class Planner {
    private static final Set<Slots.Slot> SLOTS = EnumSet.allOf(Slots.Slot.class);

    private final Query query;
    private final ShelfFilter filter;
    private final List<Search.Frame> frames = new ArrayList<>();
    private final Preparation preparation;
    private Search search;

    /** A choice written out and weighed; {@code limit} names the one it breaks, null for none. */
    record Judged(Choice choice, Routine routine, Wash wash, double worth, String limit) {
        boolean isFeasible() {
            return limit == null;
        }
    }

    private Planner(Query query) {
        this(query, frame -> true);
    }

    /** Among some ways of working only; among all where none of those is open to this query. */
    private Planner(Query query, Predicate<Search.Frame> wanted) {
        this.query = query;
        this.filter = new ShelfFilter(query);
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
        search(preparation.asked());
    }

    private void search(Preparation.Care given) {
        Details usual = Refinement.usual(query, preparation.usual(given));
        search = new Search(query, filter.allowed(), frames, usual);
    }

    /** The best plan with the care this hair asks for; without it where the time does not allow it. */
    private Judged best() {
        Judged best = search.best();
        if (best == null && preparation.asked() != Preparation.Care.NONE) {
            search(Preparation.Care.NONE);
            best = search.best();
        }
        return best;
    }

    public static Suggestions suggest(Query query) {
        return new Planner(query).run();
    }

    /** The best plan without its rivals and reasons, null for none: for laying one beside another. */
    static Suggestion best(Query query) {
        return written(bestOf(query, frame -> true));
    }

    /** The choice behind {@link #best}, null for none. */
    static Judged bestOf(Query query, Predicate<Search.Frame> frames) {
        if (query.hair().scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling)) {
            return null;
        }
        Planner planner = new Planner(query, frames);
        Judged best = planner.best();
        return best == null ? null : planner.refined(best);
    }

    static Suggestion written(Judged best) {
        if (best == null) {
            return null;
        }
        Wash wash = best.wash().with(Presentation.tidied(best));
        return Suggestion.of("", List.of(), wash.routine(), Judgement.of(wash));
    }

    /** The search alone, for laying it beside a plain loop over everything. */
    static Search search(Query query) {
        return new Planner(query).search;
    }

    private Suggestions run() {
        if (query.hair().scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling)) {
            return new Suggestions(
                    List.of(),
                    0,
                    filter.refused(),
                    "The scalp shows something to refer first: no styling until it is cleared.");
        }
        Judged best = best();
        if (best == null) {
            return new Suggestions(List.of(), search.judged().size(), filter.refused(), nothing());
        }
        Presentation presentation = new Presentation(query, preparation.asked(), this::runnerUps, plan -> refinement()
                .rivals(plan));
        List<Judged> chosen = new ArrayList<>();
        List<CompletableFuture<Presentation.Written>> written = new ArrayList<>();
        Judged next = best;
        while (next != null && next.worth() >= best.worth() - Presentation.WORTH_SHOWING) {
            Judged taken = next;
            chosen.add(taken);
            // Its smaller things are decided and its reasons worked out while its rivals are looked for.
            written.add(CompletableFuture.supplyAsync(() -> presentation.write(refined(taken))));
            next = chosen.size() == Presentation.MOST
                    ? null
                    : search.rival(
                            Region.unlike(chosen.stream().map(Judged::choice).toList()),
                            best.worth() - Presentation.WORTH_SHOWING);
        }
        List<Suggestion> suggestions = Presentation.named(written.stream()
                .map(CompletableFuture::join)
                .sorted(Comparator.comparing(Presentation.Written::plan, BEST_FIRST))
                .toList());
        return new Suggestions(suggestions, search.judged().size(), filter.refused(), null);
    }

    private Judged refined(Judged plan) {
        return refinement().of(plan);
    }

    private Refinement refinement() {
        return new Refinement(query, preparation, search::judge);
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
        relax(
                buys,
                "more minutes",
                new Limits(ALL_DAY, given.chairMinutes(), given.tools(), given.mustBeDryBy(), given.maxCostCents()));
        if (given.chairMinutes() != null) {
            relax(
                    buys,
                    "more hands-on minutes",
                    new Limits(given.minutes(), null, given.tools(), given.mustBeDryBy(), given.maxCostCents()));
        }
        if (given.mustBeDryBy() != null) {
            relax(
                    buys,
                    "longer to be dry",
                    new Limits(given.minutes(), given.chairMinutes(), given.tools(), null, given.maxCostCents()));
        }
        if (given.maxCostCents() != null) {
            relax(
                    buys,
                    "a larger budget",
                    new Limits(given.minutes(), given.chairMinutes(), given.tools(), given.mustBeDryBy(), null));
        }
        String most = search.broken().entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("shelf");
        return "Nothing fits the " + most + " given. "
                + (buys.isEmpty() ? "No one limit lifted by itself would do." : String.join(" ", buys));
    }

    private static final double ALL_DAY = 1440;

    private void relax(List<String> buys, String what, Limits limits) {
        Query relaxed = new Query(query.hair(), query.goal(), query.air(), query.schools(), limits, query.shelf());
        Judged plan = new Planner(relaxed).best();
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
