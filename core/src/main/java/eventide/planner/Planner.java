package eventide.planner;

import eventide.check.Wash;
import eventide.hair.Scalp;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.routine.Routine;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Finds what to do: the best plan the shelf, the tools and the time allow, and its rivals of another kind, by exact
 * search. Deterministic.
 */
public final class Planner {
    private static final Set<Search.Slot> SLOTS = EnumSet.allOf(Search.Slot.class);

    private final Query query;
    private final ShelfFilter filter;
    private final Composer composer;
    private final Search search;

    /** A choice written out and weighed; {@code limit} names the one it breaks, null for none. */
    record Judged(Choice choice, Routine routine, Wash wash, double worth, String limit) {
        boolean isFeasible() {
            return limit == null;
        }
    }

    private Planner(Query query) {
        this.query = query;
        this.filter = new ShelfFilter(query);
        this.composer = new Composer(query, filter.allowed());
        List<Search.Frame> frames = new ArrayList<>();
        for (Choice.Hands hands : hands()) {
            for (Choice.Drying drying : drying()) {
                frames.add(new Search.Frame(hands, drying));
            }
        }
        this.search = new Search(query, composer, filter.allowed(), frames);
    }

    public static Suggestions suggest(Query query) {
        return new Planner(query).run();
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
        List<Judged> chosen = new ArrayList<>();
        Judged best = search.best(Search.Region.ALL, null);
        if (best == null) {
            return new Suggestions(List.of(), search.judged().size(), filter.refused(), nothing());
        }
        chosen.add(best);
        while (chosen.size() < Presentation.MOST) {
            Judged rival = null;
            for (Search.Region region :
                    Kinds.unlike(chosen.stream().map(Judged::choice).toList())) {
                rival = search.best(region, rival);
            }
            if (rival == null || rival.worth() < best.worth() - Presentation.WORTH_SHOWING) {
                break;
            }
            chosen.add(rival);
        }
        Presentation presentation = new Presentation(query, chosen, this::runnerUps);
        return new Suggestions(presentation.suggestions(), search.judged().size(), filter.refused(), null);
    }

    /** The best plan with just one thing decided otherwise, for each thing there is to decide. */
    private List<Judged> runnerUps(Choice taken) {
        List<Judged> runnerUps = new ArrayList<>();
        Search.Region same = Kinds.same(taken);
        for (Search.Slot slot : SLOTS) {
            add(runnerUps, search.best(Kinds.butFor(taken, slot), null));
        }
        add(
                runnerUps,
                search.best(
                        same.in(frame -> frame.drying() == taken.drying() && frame.hands() != taken.hands()), null));
        add(
                runnerUps,
                search.best(
                        same.in(frame -> frame.hands() == taken.hands() && frame.drying() != taken.drying()), null));
        return runnerUps;
    }

    private static void add(List<Judged> runnerUps, Judged one) {
        if (one != null) {
            runnerUps.add(one);
        }
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
        Judged plan = new Planner(relaxed).search.best(Search.Region.ALL, null);
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
        return List.of(Choice.Drying.values());
    }
}
