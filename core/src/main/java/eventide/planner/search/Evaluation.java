package eventide.planner.search;

import eventide.outcome.OutcomeModel;
import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.routine.Routine;
import eventide.wash.Wash;
import java.lang.ref.WeakReference;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;

/** A choice written out, run through the water and weighed. */
public final class Evaluation {
    /** Of two plans of the same worth always the same one first. */
    public static final Comparator<Evaluation> BEST_FIRST = Comparator.comparingDouble((Evaluation j) -> -j.worth())
            .thenComparing(j -> j.choice().toString());

    private final Candidate choice;
    private final Supplier<Wash> washed;
    private final String limit;
    private final double minutesOver;
    private final double stays;

    /** Found on asking, and again when nobody held it meanwhile: the same by whoever asks. */
    private volatile WeakReference<Wash> held = new WeakReference<>(null);

    private volatile double unflawed = Double.NaN;
    private volatile double worth = Double.NaN;
    private volatile Forecast forecast;

    /**
     * @param washed gives the same however often it is asked
     * @param limit the one it breaks, null for none
     * @param minutesOver by how many minutes it breaks it, without bound where it is no limit of minutes; 0 for none
     * @param stays minutes of it that fill what time is left, and would give way
     */
    public Evaluation(Candidate choice, Supplier<Wash> washed, String limit, double minutesOver, double stays) {
        this.choice = choice;
        this.washed = washed;
        this.limit = limit;
        this.minutesOver = minutesOver;
        this.stays = stays;
    }

    public Candidate choice() {
        return choice;
    }

    public Routine routine() {
        return wash().routine();
    }

    /** The run itself: let go when nobody holds it and found again, the same. */
    public Wash wash() {
        Wash wash = held.get();
        if (wash == null) {
            wash = washed.get();
            held = new WeakReference<>(wash);
        }
        return wash;
    }

    /** The limit it breaks, in the client's word for it; null where it keeps them all. */
    public String limit() {
        return limit;
    }

    public boolean isFeasible() {
        return limit == null;
    }

    /** Minutes beyond the limits, the hands' and the whole's together; without bound where it breaks another. */
    public double minutesOver() {
        return minutesOver;
    }

    /** Minutes it cannot do without: a stay gives way to whatever else takes some. */
    public double minutesNeeded() {
        return wash().course().minutes() - stays;
    }

    /**
     * An upper bound of {@link #worth()}: what it is worth where no rule says anything. No rule is asked.
     *
     * @return points of worth
     */
    public double bound() {
        if (Double.isNaN(unflawed)) {
            Wash wash = wash();
            unflawed = Objective.unflawed(wash, OutcomeModel.scores(wash));
        }
        return unflawed;
    }

    /** Points of worth, by {@link Objective}: the result weighed by the goal, less what findings, minutes and layers cost. */
    public double worth() {
        if (Double.isNaN(worth)) {
            worth = bound() - Objective.flaws(wash());
        }
        return worth;
    }

    /** Whether a stylist would as soon do this: it keeps the limits and is hardly poorer than the best there is. */
    public boolean willDoFor(Evaluation best) {
        return isFeasible() && worth() >= best.worth() - HARDLY_POORER;
    }

    /** A plan so much poorer is no other to a stylist, in points of worth [OURS]. */
    private static final double HARDLY_POORER = .5;

    /** What plans like it would be worth with other stylers: found on first asking. */
    Forecast forecast(Query query) {
        if (forecast == null) {
            forecast = Forecast.from(query, this);
        }
        return forecast;
    }

    /** The best of some plans that keep the limits, null where none does: the rules are asked of those alone that may be it. */
    public static Evaluation best(Collection<Evaluation> plans) {
        List<Evaluation> likeliest = plans.stream()
                .filter(Evaluation::isFeasible)
                .sorted(Comparator.comparingDouble((Evaluation plan) -> -plan.bound()))
                .toList();
        Evaluation best = null;
        for (Evaluation plan : likeliest) {
            if (best != null && plan.bound() < best.worth()) {
                break;
            }
            best = best == null || BEST_FIRST.compare(plan, best) < 0 ? plan : best;
        }
        return best;
    }
}
