package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What is tried on a plan that is best against every single change: larger steps, the cheapest first. Other bottles in other amounts, two
 * things at once, another way of working settled anew.
 */
public final class Improvement {
    private final Query query;
    private final Search search;
    private final Refinement refinement;
    private final EvaluationCache runs;

    public Improvement(Query query, Search search, Refinement refinement, EvaluationCache runs) {
        this.query = query;
        this.search = search;
        this.refinement = refinement;
        this.runs = runs;
    }

    /** The first plan found that is better by enough to change, null where there is none. */
    public Evaluation of(Evaluation plan) {
        List<UnaryOperator<Evaluation>> steps = List.of(this::otherwiseDosed, this::exchanged, this::otherwiseWorked);
        for (UnaryOperator<Evaluation> step : steps) {
            Evaluation other = step.apply(plan);
            if (other != null && other.worth() > plan.worth() + Refinement.WORTH_CHANGING) {
                return other;
            }
        }
        return null;
    }

    private Evaluation otherwiseDosed(Evaluation plan) {
        return search.otherwise(plan.choice(), refinement.amounts(plan.choice().details()));
    }

    private Evaluation exchanged(Evaluation plan) {
        List<Candidate> singles = new ArrayList<>();
        for (Candidate neighbour : search.neighbours(plan.choice())) {
            singles.add(neighbour);
            // What another bottle is worth hangs on the water it meets.
            if (neighbour.frame().equals(plan.choice().frame())) {
                refinement.waters(neighbour).forEach(water -> singles.add(neighbour.with(water)));
            }
        }
        refinement
                .all(plan.choice())
                .forEach(details -> singles.add(plan.choice().with(details)));
        return new Exchange(query, runs::of).best(plan, singles);
    }

    /** Each other way has smaller things of its own. */
    private Evaluation otherwiseWorked(Evaluation plan) {
        return Evaluation.best(
                search.otherWays(plan).parallelStream().map(refinement::of).toList());
    }
}
