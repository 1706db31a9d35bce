package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details.Doses;
import eventide.planner.compose.Details.Share;
import eventide.planner.compose.DryAndFinish;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.BottleClass;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Forecast.Mixture;
import eventide.shape.Parallel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

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

    /**
     * A plan to run.
     *
     * @param forecast points of worth where no rule speaks but the one of what hair bears
     * @param parts what it is made of, in numbers, to which its forecast's error is put down
     */
    private record Other(Candidate choice, Dosed dosed, double forecast, int[] parts) {}

    /**
     * A bottle in an amount.
     *
     * @param share of what is advised
     */
    private record Part(BottleClass kind, Share share) {}

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
        return Parallel.map(amounts, dose -> stylers.layerings().stream()
                        .filter(layers -> layers.isShaped() == taken.isShaped())
                        // Of what does not go on the amount is nothing else either.
                        .filter(layers -> (layers.isMoist() || dose.moisture() == own.moisture())
                                && (layers.isShaped() || dose.hold() == own.hold()))
                        .flatMap(layers -> mixtures
                                .likeliest(layers, taken.details().with(dose), forecast)
                                .stream()
                                .limit(OTHER_AMOUNTS)
                                .map(mixture -> new Dosed(mixture, dose, layers)))
                        .toList())
                .stream()
                .flatMap(List::stream)
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
        List<Other> open = others(alike, mixed, errors);
        // What a forecast is of, it is right about: what others are wrong by is not put down to what they have from it.
        alike.forEach(like -> errors.add(
                parts(build(own(like), errors), way(like, errors), bottles(own(like), errors)),
                -runs.of(like).forecast(query).flaws()));
        errors.fit();
        boolean[] run = new boolean[open.size()];
        Evaluation best = Evaluation.best(alike.stream().map(runs::of).toList());
        int idle = 0;
        while (idle < mostIdle && !stop.isDue()) {
            List<Other> next = likeliest(open, run, errors);
            if (next.isEmpty()) {
                break;
            }
            List<Evaluation> plans = Parallel.map(next, other -> runs.of(other.choice()));
            Parallel.forEach(plans, Evaluation::worth);
            Evaluation before = best;
            for (int i = 0; i < plans.size(); i++) {
                Evaluation plan = plans.get(i);
                Other other = next.get(i);
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

    /**
     * What is like a plan that broke a limit will hardly keep it.
     *
     * @return points of worth, from 0 (it keeps every limit) to a most
     */
    private static double broken(Evaluation plan) {
        return plan.isFeasible() ? 0 : Math.min(MOST_BROKEN, PlanClass.MINUTE_OVER_COSTS * plan.minutesOver());
    }

    /** As much as a plan that broke a limit puts others like it back, in points of worth [OURS]. */
    private static final double MOST_BROKEN = PlanClass.FAILED_COSTS;

    /**
     * Of the same mixture in the same amounts one at a time: what is learned of it in one water says much of it in another.
     *
     * @param run which were taken before; those that are taken now are marked
     */
    private static List<Other> likeliest(List<Other> open, boolean[] run, ForecastErrors errors) {
        double[] worth = new double[open.size()];
        for (int i = 0; i < worth.length; i++) {
            worth[i] = run[i]
                    ? Double.NEGATIVE_INFINITY
                    : open.get(i).forecast() + errors.of(open.get(i).parts());
        }
        List<Other> taken = new ArrayList<>();
        while (taken.size() < Search.AT_ONCE) {
            int most = -1;
            for (int i = 0; i < worth.length; i++) {
                if (worth[i] > Double.NEGATIVE_INFINITY && (most < 0 || worth[i] > worth[most])) {
                    most = i;
                }
            }
            if (most < 0) {
                break;
            }
            Other likeliest = open.get(most);
            taken.add(likeliest);
            run[most] = true;
            for (int i = 0; i < worth.length; i++) {
                worth[i] = open.get(i).dosed() == likeliest.dosed() ? Double.NEGATIVE_INFINITY : worth[i];
            }
        }
        return taken;
    }

    /** Plans like each of some with every mixture. */
    private List<Other> others(List<Candidate> alike, List<Dosed> mixed, ForecastErrors errors) {
        List<double[]> forecasts = Parallel.map(alike, like -> forecasts(like, mixed));
        // What all plans of a kind have in common is numbered first: what they all are wrong by is put down to that,
        // not to a bottle.
        int[][] ways = new int[alike.size()][];
        int[] builds = new int[mixed.size()];
        for (int k = 0; k < alike.size(); k++) {
            for (int i = 0; i < mixed.size(); i++) {
                if (k == 0) {
                    builds[i] = build(mixed.get(i), errors);
                }
                if (i == 0) {
                    ways[k] = way(alike.get(k), errors);
                }
            }
        }
        List<int[]> bottles =
                mixed.stream().map(dosed -> bottles(dosed, errors)).toList();
        List<Other> others = new ArrayList<>(alike.size() * mixed.size());
        for (int k = 0; k < alike.size(); k++) {
            Candidate like = alike.get(k);
            for (int i = 0; i < mixed.size(); i++) {
                Dosed dosed = mixed.get(i);
                int[] parts = parts(builds[i], ways[k], bottles.get(i));
                others.add(new Other(choice(like, dosed), dosed, forecasts.get(k)[i], parts));
            }
        }
        return others;
    }

    private static Candidate choice(Candidate like, Dosed dosed) {
        return dosed.mixture().choice(like.frame(), like.details().with(dosed.dose()));
    }

    /**
     * By the plan's own forecast; of what casts where it does not, or does not where it does, by that of the likeliest of those.
     *
     * @return points of worth, one a mixture in their order
     */
    private double[] forecasts(Candidate like, List<Dosed> mixed) {
        double[] forecasts = forecasts(runs.of(like), mixed);
        int likeliest = -1;
        boolean[] otherwise = new boolean[mixed.size()];
        for (int i = 0; i < forecasts.length; i++) {
            otherwise[i] = DryAndFinish.casts(choice(like, mixed.get(i))) != DryAndFinish.casts(like);
            if (otherwise[i] && (likeliest < 0 || forecasts[i] > forecasts[likeliest])) {
                likeliest = i;
            }
        }
        if (likeliest >= 0) {
            double[] own = forecasts(runs.of(choice(like, mixed.get(likeliest))), mixed);
            for (int i = 0; i < forecasts.length; i++) {
                forecasts[i] = otherwise[i] ? own[i] : forecasts[i];
            }
        }
        return forecasts;
    }

    private double[] forecasts(Evaluation plan, List<Dosed> mixed) {
        Candidate like = plan.choice();
        Forecast forecast = plan.forecast(query).unflawed();
        int own = Layers.of(like).count();
        double[] forecasts = new double[mixed.size()];
        for (int i = 0; i < forecasts.length; i++) {
            Dosed dosed = mixed.get(i);
            int more = dosed.layers().count() - own;
            double over = Forecasts.over(query, plan, more * LAYER_MINUTES);
            forecasts[i] = forecast.worth(
                            dosed.mixture(), dosed.dose(), like.details().work().foamUnder())
                    - LAYER_AND_PASS_COST * more
                    - PlanClass.MINUTE_OVER_COSTS * Math.max(0, over);
        }
        return forecasts;
    }

    /** What a plan wears, as one of the mixtures. */
    private Dosed own(Candidate plan) {
        return new Dosed(Mixture.of(plan, stylers), plan.details().dose(), Layers.of(plan));
    }

    /** Number of what kinds of layers there are. */
    private static int build(Dosed dosed, ForecastErrors errors) {
        return errors.numbered(new Build(dosed.layers(), dosed.mixture().isConditioning()));
    }

    /** Numbers of how a plan is worked. */
    private static int[] way(Candidate like, ForecastErrors errors) {
        return new int[] {
            errors.numbered(like.frame()),
            errors.numbered(like.details().finish()),
            errors.numbered(like.details().work())
        };
    }

    /** Numbers of the bottles, and of each in its amount. */
    private static int[] bottles(Dosed dosed, ForecastErrors errors) {
        int[] parts = new int[2 * Slot.values().length];
        int end = 0;
        for (Slot slot : Slot.values()) {
            BottleClass kind = dosed.mixture().in(slot);
            if (!kind.isNone()) {
                boolean holds = slot == Slot.GEL || slot == Slot.MOUSSE;
                parts[end++] = errors.numbered(kind);
                parts[end++] = errors.numbered(new Part(
                        kind, holds ? dosed.dose().hold() : dosed.dose().moisture()));
            }
        }
        return Arrays.copyOf(parts, end);
    }

    private static int[] parts(int build, int[] way, int[] bottles) {
        int[] parts = new int[1 + way.length + bottles.length];
        parts[0] = build;
        System.arraycopy(way, 0, parts, 1, way.length);
        System.arraycopy(bottles, 0, parts, 1 + way.length, bottles.length);
        return parts;
    }
}
