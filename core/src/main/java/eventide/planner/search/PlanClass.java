package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Composer;
import eventide.planner.compose.Details;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Forecast.Mixture;
import eventide.product.Product;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Plans worked alike with the same layers: they differ in their bottles only, and the water hardly tells them apart. Its forecast is
 * another's until one of them was run, then its own.
 */
public final class PlanClass {
    /** What a forecast may fall short of, while no plan of the class was run, in points of worth [OURS; what it misses is measured by bin/bench]. */
    private static final double BORROWED_REACH = 1.2;
    /** The same once one was [OURS]. */
    private static final double OWN_REACH = .35;
    /** A class of which so many broke a limit, and none kept it, is left [OURS]. */
    private static final int MOST_FAILED = 3;
    /** Points of worth that a minute over a limit puts a class back, for it will hardly keep it [OURS]. */
    static final double MINUTE_OVER_COSTS = .5;

    /** Points of worth each plan that broke a limit puts its class back [OURS]. */
    static final int FAILED_COSTS = 6;

    private final Frame frame;
    private final Layers layers;
    private final List<Mixture> mixtures;
    private double minutesOver;
    private final Details details;
    private Forecast forecast;
    private List<Mixture> ranked;
    private double promise;
    private final double first;
    private int next;
    private int failed;
    private Evaluation best;
    /** Whether what holds in the plan its forecast is of feeds too, null where that is another class's; and what rules took off it. */
    private Boolean conditions;

    private double flaws;

    /**
     * @param mixtures the likeliest of its layers
     * @param minutesOver by how much it is likely to break a limit; negative where it keeps it
     */
    public PlanClass(
            Frame frame,
            Layers layers,
            Details details,
            Forecast borrowed,
            List<Mixture> mixtures,
            double minutesOver) {
        this.frame = frame;
        this.layers = layers;
        this.details = details;
        this.forecast = borrowed;
        this.mixtures = mixtures;
        this.minutesOver = minutesOver;
        this.ranked = mixtures;
        this.promise = mixtures.stream()
                .limit(LOOKED_AT)
                .mapToDouble(this::worth)
                .max()
                .orElse(Double.NEGATIVE_INFINITY);
        this.first = promise;
    }

    /**
     * The same class with other smaller things, forecast from what is known of it with these.
     *
     * @param more what they bring besides, in points of worth, by a plan that was run with both
     * @param minutes what they take besides, likewise
     */
    public PlanClass with(Details other, double more, double minutes) {
        return new PlanClass(frame, layers, other, forecast.costing(-more), mixtures, minutesOver + minutes);
    }

    /** Mixtures looked at before a class is [OURS]. */
    private static final int LOOKED_AT = 6;

    /**
     * What holds and feeds too bears to be alone on the hair, what only holds does not: a rule is known to speak of the one that was run.
     *
     * @return points of worth
     */
    private double worth(Mixture mixture) {
        boolean likeRun = conditions == null || conditions == mixture.isConditioning();
        return forecast.worth(mixture, details.dose(), details.work().foamUnder()) + (likeRun ? 0 : flaws);
    }

    public Frame frame() {
        return frame;
    }

    public Layers layers() {
        return layers;
    }

    /** The best of it that was run and keeps the limits; null for none. */
    public Evaluation best() {
        return best;
    }

    /** Another class's until a plan of this one was run, then its own. */
    public Forecast forecast() {
        return forecast;
    }

    /** Whether nothing more of it is to be run. */
    public boolean isOver() {
        return next >= ranked.size() || best == null && failed >= MOST_FAILED;
    }

    /**
     * The most that is to be looked for in it.
     *
     * @return points of worth; a hope, not a bound
     */
    public double promise() {
        double over = best == null ? MINUTE_OVER_COSTS * Math.max(0, minutesOver) + FAILED_COSTS * failed : 0;
        return promise - over + (isRun() ? OWN_REACH : BORROWED_REACH);
    }

    /**
     * What it would promise if it kept every limit; nothing where it does.
     *
     * @return points of worth, or minus infinity
     */
    public double promiseUnlimited() {
        return best == null && (minutesOver > 0 || failed > 0) ? first : Double.NEGATIVE_INFINITY;
    }

    /** Minutes it is likely to be over a limit by, more for each plan of it that was. */
    public double over() {
        return Math.max(0, minutesOver) + FAILED_COSTS * failed;
    }

    private boolean isRun() {
        return next > 0;
    }

    /** The likeliest of it that was not run yet; whoever runs it says so by {@link #ran}. */
    public Candidate nextChoice() {
        if (!isRun()) {
            rank();
        }
        return ranked.get(next).choice(frame, details);
    }

    private void rank() {
        record Ranked(Mixture mixture, double worth) {}
        ranked = mixtures.stream()
                .map(mixture -> new Ranked(mixture, worth(mixture)))
                .sorted(Comparator.comparingDouble((Ranked one) -> -one.worth()))
                .map(Ranked::mixture)
                .toList();
    }

    /** Where there was no time for a mixture, what goes on drier hair is sooner dry; false where there is no such left. */
    private boolean drierNext(Query query, Mixture failed) {
        double below = water(query, failed) - DRIER;
        List<Mixture> rest = ranked.subList(next, ranked.size());
        List<Mixture> drier =
                rest.stream().filter(mixture -> water(query, mixture) <= below).toList();
        ranked = Stream.of(
                        ranked.subList(0, next),
                        drier,
                        rest.stream()
                                .filter(mixture -> water(query, mixture) > below)
                                .toList())
                .flatMap(List::stream)
                .toList();
        return !drier.isEmpty();
    }

    /** Points of water that make another time of it [OURS]. */
    private static final double DRIER = 5;

    /** Percent of water the driest of its bottles leaves in the hair. */
    private double water(Query query, Mixture mixture) {
        double driest = 100;
        for (Slot slot : Slot.values()) {
            Product product = mixture.in(slot).first();
            if (product != null && Composer.isSqueezedFor(product, query.schoolsOrDefault())) {
                driest = Math.min(
                        driest, Composer.squeezedTo(product, details.work().water()));
            }
        }
        return driest;
    }

    /** What came of {@link #nextChoice}. */
    public void ran(Query query, Evaluation plan) {
        if (!isRun()) {
            Mixture first = ranked.get(0);
            forecast = plan.forecast(query);
            conditions = first.isConditioning();
            flaws = layers.isMoist() ? 0 : plan.bound() - plan.worth();
            minutesOver = Forecasts.over(query, plan, 0);
            rank();
            // The one that was run need not be the likeliest any more: it is the first that is done with.
            ranked = Stream.concat(Stream.of(first), ranked.stream().filter(other -> other != first))
                    .toList();
        }
        Mixture run = ranked.get(next);
        next++;
        if (conditions != run.isConditioning()) {
            flaws = 0;
        }
        if (best == null && !plan.isFeasible() && drierNext(query, run)) {
            minutesOver = 0;
        } else {
            failed += plan.isFeasible() ? 0 : 1;
        }
        if (plan.isFeasible() && (best == null || Evaluation.BEST_FIRST.compare(plan, best) < 0)) {
            best = plan;
        }
        promise = next < ranked.size() ? worth(ranked.get(next)) : Double.NEGATIVE_INFINITY;
    }
}
