package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details.Doses;
import eventide.planner.compose.Details.Share;
import eventide.planner.compose.DryAndFinish;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Forecast.Mixture;
import eventide.product.Product;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The best other layers, bottles and amounts for plans that are worked alike: ranked by a forecast, the likeliest run. A forecast knows
 * neither what a rule will say of a bottle nor the water it will meet; what it was wrong by is kept, bottle by bottle and way by way, while
 * they are run, and counts for those that are still to be.
 */
public final class OtherBottles {
    /** Mixtures of each layering in each amount that are ranked [OURS]. */
    private static final int OTHER_AMOUNTS = 5;
    /** A further layer and the minutes it takes, in points of worth [OURS]. */
    private static final double LAYER_AND_PASS_COST = Objective.LAYER_COSTS + .25;
    /** Minutes a further layer takes, about [OURS]. */
    private static final double LAYER_MINUTES = 2;

    private final Query query;
    private final Stylers stylers;
    private final EvaluationCache runs;
    private final Stop stop;

    /** A mixture in some amounts. */
    public record Dosed(Mixture mixture, Doses dose, Layers layers) {}

    /** A plan to run, with what it is forecast to be worth where no rule speaks. */
    private record Other(Candidate choice, double forecast, List<Object> parts) {}

    /** The same with its parts as numbers, for they are added up many times. */
    private record Numbered(Candidate choice, double forecast, int[] parts) {}

    /** A bottle in an amount. */
    private record Part(Slot slot, Product product, Share share) {}

    /** Layers, and whether what holds feeds too: what is under it hangs on that. */
    private record Build(Layers layers, boolean conditioning) {}

    OtherBottles(Query query, Stylers stylers, EvaluationCache runs, Stop stop) {
        this.query = query;
        this.stylers = stylers;
        this.runs = runs;
        this.stop = stop;
    }

    /** The likeliest mixtures of all layers in each of some amounts, by the forecast of a plan. */
    public List<Dosed> mixed(Candidate taken, List<Doses> amounts) {
        Forecast forecast = runs.of(taken).forecast(query);
        Mixtures mixtures = new Mixtures(stylers);
        Doses own = taken.details().dose();
        return amounts.parallelStream()
                .flatMap(dose -> stylers.layerings().stream()
                        .filter(layers -> layers.isShaped() == taken.isShaped())
                        // Of what does not go on the amount is nothing else either.
                        .filter(layers -> (layers.isMoist() || dose.moisture() == own.moisture())
                                && (layers.isShaped() || dose.hold() == own.hold()))
                        .flatMap(layers -> mixtures
                                .likeliest(layers, taken.details().with(dose), forecast)
                                .stream()
                                .limit(OTHER_AMOUNTS)
                                .map(mixture -> new Dosed(mixture, dose, layers))))
                .toList();
    }

    /**
     * The best that was found, with the plans' own bottles or others; null where nothing that was run keeps the limits.
     *
     * @param alike plans whose way of working is taken, each with other bottles
     * @param needed what is worth less need not be looked for
     * @param mostIdle runs that bring nothing better after which the rest is left
     */
    public Evaluation best(List<Dosed> mixed, List<Candidate> alike, double needed, int mostIdle) {
        ForecastErrors errors = new ForecastErrors();
        List<Numbered> open = alike.parallelStream().flatMap(like -> others(like, mixed).stream()).toList().stream()
                .map(other -> new Numbered(other.choice(), other.forecast(), errors.numbered(other.parts())))
                .toList();
        Set<Candidate> run = new HashSet<>();
        Evaluation best = Evaluation.best(alike.stream().map(runs::of).toList());
        int idle = 0;
        while (idle < mostIdle && !stop.isDue()) {
            List<Numbered> next = likeliest(open, run, errors);
            if (next.isEmpty()) {
                break;
            }
            List<Evaluation> plans =
                    next.parallelStream().map(other -> runs.of(other.choice())).toList();
            plans.parallelStream().forEach(Evaluation::worth);
            Evaluation before = best;
            for (int i = 0; i < plans.size(); i++) {
                Evaluation plan = plans.get(i);
                Numbered other = next.get(i);
                run.add(other.choice());
                errors.add(other.parts(), plan.worth() - other.forecast() - broken(plan));
                if (plan.isFeasible() && (best == null || Evaluation.BEST_FIRST.compare(plan, best) < 0)) {
                    best = plan;
                }
            }
            errors.fit();
            idle = best != before && best.worth() > needed ? 0 : idle + next.size();
        }
        return best;
    }

    /** What is like a plan that broke a limit will hardly keep it. */
    private static double broken(Evaluation plan) {
        return plan.isFeasible() ? 0 : Math.min(MOST_BROKEN, PlanClass.MINUTE_OVER_COSTS * plan.minutesOver());
    }

    /** As much as a plan that broke a limit puts others like it back, in points of worth [OURS]. */
    private static final double MOST_BROKEN = PlanClass.FAILED_COSTS;

    private static List<Numbered> likeliest(List<Numbered> open, Set<Candidate> run, ForecastErrors errors) {
        record Ranked(Numbered other, double worth) {}
        return open.stream()
                .filter(other -> !run.contains(other.choice()))
                .map(other -> new Ranked(other, other.forecast() + errors.of(other.parts())))
                .sorted(Comparator.comparingDouble((Ranked one) -> -one.worth()))
                .limit(Search.AT_ONCE)
                .map(Ranked::other)
                .toList();
    }

    /** Plans like one with other bottles, by its forecast; those that cast where it does not, or do not where it does, by one of their own. */
    private List<Other> others(Candidate like, List<Dosed> mixed) {
        Map<Boolean, List<Other>> byCast = others(runs.of(like), mixed).stream()
                .collect(Collectors.partitioningBy(
                        other -> DryAndFinish.casts(other.choice()) == DryAndFinish.casts(like)));
        List<Other> others = new ArrayList<>(byCast.get(true));
        byCast.get(false).stream()
                .max(Comparator.comparingDouble(Other::forecast))
                .ifPresent(likeliest -> {
                    Set<Candidate> otherwise =
                            byCast.get(false).stream().map(Other::choice).collect(Collectors.toSet());
                    others(runs.of(likeliest.choice()), mixed).stream()
                            .filter(other -> otherwise.contains(other.choice()))
                            .forEach(others::add);
                });
        return others;
    }

    private List<Other> others(Evaluation plan, List<Dosed> mixed) {
        Candidate like = plan.choice();
        Forecast forecast = plan.forecast(query).costing(plan.worth() - plan.bound());
        Layers own = Layers.of(like);
        return mixed.stream()
                .map(dosed -> {
                    int more = dosed.layers().count() - own.count();
                    double over = Forecasts.over(query, plan, more * LAYER_MINUTES);
                    Candidate choice =
                            dosed.mixture().choice(like.frame(), like.details().with(dosed.dose()));
                    double worth = forecast.worth(
                                    dosed.mixture(),
                                    dosed.dose(),
                                    like.details().work().foamUnder())
                            - LAYER_AND_PASS_COST * more
                            - PlanClass.MINUTE_OVER_COSTS * Math.max(0, over);
                    return new Other(choice, worth, parts(choice, dosed));
                })
                .toList();
    }

    private static List<Object> parts(Candidate choice, Dosed dosed) {
        List<Object> parts = new ArrayList<>();
        boolean conditioning = false;
        for (Slot slot : Slot.values()) {
            Product product = choice.in(slot);
            if (product != null) {
                boolean holds = slot == Slot.GEL || slot == Slot.MOUSSE;
                parts.add(product);
                parts.add(new Part(
                        slot,
                        product,
                        holds ? dosed.dose().hold() : dosed.dose().moisture()));
                conditioning |= holds && product.isConditioning();
            }
        }
        parts.add(new Build(dosed.layers(), conditioning));
        parts.add(choice.frame());
        parts.add(choice.details().finish());
        parts.add(choice.details().work());
        return parts;
    }
}
