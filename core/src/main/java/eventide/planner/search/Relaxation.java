package eventide.planner.search;

import eventide.planner.Stop;
import eventide.planner.compose.Candidate;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * Limits relaxed to a price. Where a limit hinders, the best plan often differs in three or four things at once from one that is best
 * against every single change: the mask shorter, the gel back, the sections fewer. So a minute beyond a limit is first made to cost so
 * much instead of being forbidden, the plan improved, and the price then raised until it fits again (a penalty method; the plan swings
 * over the limit and back).
 */
public final class Relaxation {
    /** Points of worth a minute beyond a limit costs, in the order they are tried; then it is forbidden [OURS]. */
    private static final double[] RISING = {.1, .5, 3};

    private static final int MOST_ROUNDS = 3;

    private final List<Function<Candidate, List<Candidate>>> questions;
    private final Function<Candidate, Evaluation> judge;
    private final Stop stop;

    /**
     * @param questions each answered by plans with one thing decided otherwise
     * @param judge runs a choice through the water
     */
    public Relaxation(
            List<Function<Candidate, List<Candidate>>> questions, Function<Candidate, Evaluation> judge, Stop stop) {
        this.questions = questions;
        this.judge = judge;
        this.stop = stop;
    }

    /** The plan swung over the limits and back; may be worse than before, null where it does not come back. */
    public Evaluation swung(Evaluation plan) {
        Evaluation swung = plan;
        for (double price : RISING) {
            swung = climbed(swung, other -> other.worth() - price * other.minutesOver());
            if (swung.isFeasible() && swung == plan) {
                return plan;
            }
        }
        if (!swung.isFeasible()) {
            swung = climbed(swung, other -> other.isFeasible() ? other.worth() : -FORBIDDEN - other.minutesOver());
        }
        return swung.isFeasible() ? swung : null;
    }

    private static final double FORBIDDEN = 1000;

    private Evaluation climbed(Evaluation plan, ToDoubleFunction<Evaluation> value) {
        Evaluation best = plan;
        int sure = 0;
        for (int i = 0; i < MOST_ROUNDS * questions.size() && sure < questions.size() && !stop.isDue(); i++) {
            Evaluation better = answered(best, questions.get(i % questions.size()), value);
            sure = better == best ? sure + 1 : 1;
            best = better;
        }
        return best;
    }

    private Evaluation answered(
            Evaluation plan, Function<Candidate, List<Candidate>> question, ToDoubleFunction<Evaluation> value) {
        double reached = value.applyAsDouble(plan) + Refinement.WORTH_CHANGING;
        record Valued(Evaluation plan, double value) {}
        return question.apply(plan.choice()).parallelStream()
                .map(judge)
                .map(other -> new Valued(other, value.applyAsDouble(other)))
                .filter(other -> other.value() > reached)
                .min((a, b) -> a.value() != b.value()
                        ? Double.compare(b.value(), a.value())
                        : a.plan()
                                .choice()
                                .toString()
                                .compareTo(b.plan().choice().toString()))
                .map(Valued::plan)
                .orElse(plan);
    }
}
