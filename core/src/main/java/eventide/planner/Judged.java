package eventide.planner;

import eventide.routine.Routine;
import eventide.wash.Wash;
import java.util.function.Supplier;

/** A choice written out, run through the water and weighed. */
final class Judged {
    private final Choice choice;
    private final Supplier<Wash> washed;
    private final String limit;

    /** Of a plan that breaks a limit mostly nobody asks: found on first asking, the same by whoever asks. */
    private volatile Wash wash;

    private volatile double worth = Double.NaN;

    /**
     * @param washed gives the same however often it is asked
     * @param limit the one it breaks, null for none
     */
    Judged(Choice choice, Supplier<Wash> washed, String limit) {
        this.choice = choice;
        this.washed = washed;
        this.limit = limit;
    }

    Choice choice() {
        return choice;
    }

    Routine routine() {
        return wash().routine();
    }

    Wash wash() {
        if (wash == null) {
            wash = washed.get();
        }
        return wash;
    }

    String limit() {
        return limit;
    }

    boolean isFeasible() {
        return limit == null;
    }

    double worth() {
        if (Double.isNaN(worth)) {
            worth = Worth.of(wash());
        }
        return worth;
    }
}
