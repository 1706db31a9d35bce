package eventide.planner;

import eventide.check.Wash;
import eventide.outcome.OutcomeModel;
import eventide.routine.Routine;

/** A choice written out, run through the water and weighed. */
final class Judged {
    private final Choice choice;
    private final Wash wash;
    private final String limit;

    /** Of a plan that breaks a limit mostly nobody asks: found on first asking, the same by whoever asks. */
    private volatile double worth = Double.NaN;

    /**
     * @param limit the one it breaks, null for none
     */
    Judged(Choice choice, Wash wash, String limit) {
        this.choice = choice;
        this.wash = wash;
        this.limit = limit;
    }

    Choice choice() {
        return choice;
    }

    Routine routine() {
        return wash.routine();
    }

    Wash wash() {
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
            worth = Worth.of(wash, OutcomeModel.scores(wash));
        }
        return worth;
    }
}
