package eventide.planner;

import eventide.check.Wash;
import eventide.hair.Scalp;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.OwnedTool;
import eventide.routine.Routine;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * Finds what to do: builds routines from the shelf, runs each through the water, the outcome and the checker, and ranks
 * them by the goal within the limits.
 *
 * <p>Two passes: every combination of the layers that fit best, under the usual hands and drying; then the best layerings
 * under every way of shaping and drying. Deterministic.
 */
public final class Planner {
    /** How many of each role are tried, besides none: those that fit the head best. */
    private static final int MOST_MOISTURE = 2;

    private static final int MOST_GELS = 4;
    private static final int MOST_MOUSSES = 2;
    private static final int LAYERINGS_KEPT = 8;

    private static final Predicate<Product> LEAVE_INS = p -> p.role() == Role.LEAVE_IN || p.role() == Role.PRIMER;
    private static final Predicate<Product> CREAMS = p -> p.role() == Role.CREAM;
    private static final Predicate<Product> GELS = p -> p.role() == Role.GEL;
    private static final Predicate<Product> MOUSSES = p -> p.role() == Role.MOUSSE;

    private final Query query;
    private final ShelfFilter filter;
    private final Composer composer;
    private final Map<Choice, Judged> judged = new HashMap<>();
    private final Map<String, Integer> broken = new HashMap<>();

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
    }

    public static Suggestions suggest(Query query) {
        return new Planner(query).run();
    }

    private Suggestions run() {
        if (query.hair().scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling)) {
            return new Suggestions(
                    List.of(),
                    0,
                    filter.refused(),
                    "The scalp shows something to refer first: no styling until it is cleared.");
        }
        List<Choice.Hands> hands = hands();
        List<Choice.Drying> drying = drying();
        List<Judged> layerings = new ArrayList<>();
        for (Choice choice : layerings(hands.get(0), drying.get(0))) {
            layerings.add(judge(choice));
        }
        layerings.sort(BEST_FIRST);
        for (Judged layering : layerings.subList(0, Math.min(LAYERINGS_KEPT, layerings.size()))) {
            for (Choice.Hands shaped : hands) {
                for (Choice.Drying dried : drying) {
                    judge(layering.choice().with(shaped, dried));
                }
            }
        }
        List<Judged> ranked = ranked();
        if (ranked.isEmpty()) {
            return new Suggestions(List.of(), judged.size(), filter.refused(), nothing());
        }
        for (Choice swap : swapsOf(ranked.get(0).choice())) {
            judge(swap);
        }
        ranked = ranked();
        return new Suggestions(new Presentation(query, ranked).suggestions(), judged.size(), filter.refused(), null);
    }

    private List<Judged> ranked() {
        return judged.values().stream()
                .filter(Judged::isFeasible)
                .sorted(BEST_FIRST)
                .toList();
    }

    /** One layer changed at a time: what the reasons compare with. */
    private List<Choice> swapsOf(Choice best) {
        List<Choice> swaps = new ArrayList<>();
        for (Product leaveIn : options(LEAVE_INS, MOST_MOISTURE)) {
            swaps.add(new Choice(leaveIn, best.cream(), best.gel(), best.mousse(), best.hands(), best.drying()));
        }
        for (Product cream : options(CREAMS, MOST_MOISTURE)) {
            swaps.add(new Choice(best.leaveIn(), cream, best.gel(), best.mousse(), best.hands(), best.drying()));
        }
        for (Product gel : options(GELS, MOST_GELS)) {
            swaps.add(new Choice(best.leaveIn(), best.cream(), gel, best.mousse(), best.hands(), best.drying()));
        }
        for (Product mousse : options(MOUSSES, MOST_MOUSSES)) {
            swaps.add(new Choice(best.leaveIn(), best.cream(), best.gel(), mousse, best.hands(), best.drying()));
        }
        return swaps;
    }

    private static final Comparator<Judged> BEST_FIRST = Comparator.comparingDouble((Judged j) -> -j.worth())
            .thenComparing(j -> j.choice().toString());

    private Judged judge(Choice choice) {
        Judged known = judged.get(choice);
        if (known != null) {
            return known;
        }
        Routine routine = composer.compose(choice);
        Wash wash = Wash.of(routine, query.hair(), query.goal(), query.air(), query.schools(), query.limits());
        String limit = Worth.broken(wash, query.limitsOrUsual());
        if (limit != null) {
            broken.merge(limit, 1, Integer::sum);
        }
        Judged result = new Judged(choice, routine, wash, Worth.of(wash), limit);
        judged.put(choice, result);
        return result;
    }

    private String nothing() {
        String most = broken.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("shelf");
        double shortest = judged.values().stream()
                .mapToDouble(j -> j.wash().course().minutes())
                .min()
                .orElse(0);
        double hands = judged.values().stream()
                .mapToDouble(j -> j.wash().course().chairMinutes())
                .min()
                .orElse(0);
        return "Nothing fits the " + most + " given. The shortest routine found takes " + Math.round(shortest)
                + " minutes, the one with least hands-on time " + Math.round(hands) + ".";
    }

    private List<Choice> layerings(Choice.Hands hands, Choice.Drying drying) {
        List<Product> leaveIns = options(LEAVE_INS, MOST_MOISTURE);
        List<Product> creams = options(CREAMS, MOST_MOISTURE);
        List<Product> gels = options(GELS, MOST_GELS);
        List<Product> mousses = options(MOUSSES, MOST_MOUSSES);
        List<Choice> choices = new ArrayList<>();
        for (Product leaveIn : leaveIns) {
            for (Product cream : creams) {
                for (Product gel : gels) {
                    for (Product mousse : mousses) {
                        choices.add(new Choice(leaveIn, cream, gel, mousse, hands, drying));
                    }
                }
            }
        }
        return choices;
    }

    /** None, and the few of a role that fit this head best. */
    private List<Product> options(Predicate<Product> wanted, int most) {
        List<Product> options = new ArrayList<>();
        options.add(null);
        filter.allowed().stream()
                .filter(wanted)
                .sorted(Comparator.comparingDouble(this::unfit).thenComparing(Product::name))
                .limit(most)
                .forEach(options::add);
        return options;
    }

    /** Distance from the hold and richness this head and goal ask for [OURS]. */
    private double unfit(Product product) {
        double humid = Math.max(0, query.air().wornDewPointC() - 15) * .3;
        double hold = Math.min(
                10,
                3
                        + .9 * query.goal().definition()
                        + .6 * query.goal().longevity()
                        - .7 * query.goal().softness()
                        + humid
                        + (query.hair().strand() == Strand.COARSE ? 1.5 : 0));
        double rich = query.hair().strand() == Strand.FINE ? 2 : query.hair().strand() == Strand.MEDIUM ? 4 : 7;
        double byHold = product.role().holds() ? Math.abs(product.hold() - hold) : 0;
        return byHold + Math.abs(product.richness() - rich);
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
