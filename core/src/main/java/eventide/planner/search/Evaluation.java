package eventide.planner.search;

import eventide.planner.compose.Candidate;
import eventide.routine.Routine;
import eventide.wash.Wash;
import java.util.Comparator;
import java.util.function.Supplier;

/** A choice written out, run through the water and weighed. */
public final class Evaluation {
    /** Of two plans of the same worth always the same one first. */
    public static final Comparator<Evaluation> BEST_FIRST = Comparator.comparingDouble((Evaluation j) -> -j.worth())
            .thenComparing(j -> j.choice().toString());

    private final Candidate choice;
    private final Supplier<Wash> washed;
    private final String limit;

    /** Of a plan that breaks a limit mostly nobody asks: found on first asking, the same by whoever asks. */
    private volatile Wash wash;

    private volatile double worth = Double.NaN;

    /**
     * @param washed gives the same however often it is asked
     * @param limit the one it breaks, null for none
     */
    public Evaluation(Candidate choice, Supplier<Wash> washed, String limit) {
        this.choice = choice;
        this.washed = washed;
        this.limit = limit;
    }

    public Candidate choice() {
        return choice;
    }

    public Routine routine() {
        return wash().routine();
    }

    public Wash wash() {
        if (wash == null) {
            wash = washed.get();
        }
        return wash;
    }

    public String limit() {
        return limit;
    }

    public boolean isFeasible() {
        return limit == null;
    }

    public double worth() {
        if (Double.isNaN(worth)) {
            worth = Objective.of(wash());
        }
        return worth;
    }
}
