package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details;
import eventide.planner.compose.DryAndFinish;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Preparation;
import java.util.List;
import java.util.stream.Stream;

/**
 * A plan taken over into another question: the same bottles, shaped and dried as they were where that is open there, and the smaller
 * things settled anew. So the two differ by what the question asks and what follows from it, not by what a second search happened on.
 */
public final class Carried {
    /** Ways that are settled where its own is not open [OURS]. */
    private static final int SETTLED = 2;

    private final Query query;
    private final PlanSpace space;
    private final Preparation preparation;
    private final EvaluationCache runs;
    private final Refinement refinement;
    private final Stop stop;

    public Carried(
            Query query,
            PlanSpace space,
            Preparation preparation,
            EvaluationCache runs,
            Refinement refinement,
            Stop stop) {
        this.query = query;
        this.space = space;
        this.preparation = preparation;
        this.runs = runs;
        this.refinement = refinement;
        this.stop = stop;
    }

    /** The plan as it would be done here; null where no way of doing it keeps the limits. */
    public Evaluation of(Candidate plan) {
        Candidate allowed = plan.with(allowed(plan.details()));
        Details quick = Refinement.sparing(allowed.details(), query);
        return Stream.of(allowed.details(), quick)
                .map(details -> settled(allowed.with(details)))
                .reduce(null, (best, other) -> best == null ? other : best);
    }

    /** The same with whichever bottles suit this question better, where what goes on is what it asks about. */
    public Evaluation rebottled(Candidate plan) {
        Candidate allowed = plan.with(allowed(plan.details()));
        Evaluation other = new Search(query, space, allowed.details(), runs, stop).rebottled(allowed);
        return other == null ? null : refinement.of(other);
    }

    private Evaluation settled(Candidate plan) {
        List<Evaluation> nearest = ways(plan).stream()
                .map(frame -> runs.of(plan.with(frame)))
                .filter(Evaluation::isFeasible)
                .sorted(Evaluation.BEST_FIRST)
                .limit(SETTLED)
                .toList();
        return refinement.bestOf(nearest, Double.NEGATIVE_INFINITY);
    }

    /** Its own where that is open; else those that share its hands or its drying, where one of them keeps the limits. */
    private List<Frame> ways(Candidate plan) {
        List<Frame> open = space.frames(Layers.of(plan));
        if (open.contains(plan.frame())) {
            return List.of(plan.frame());
        }
        List<Frame> near = open.stream()
                .filter(frame -> frame.hands() == plan.hands() || frame.drying() == plan.drying())
                .toList();
        boolean some = near.stream().map(plan::with).map(runs::of).anyMatch(Evaluation::isFeasible);
        return some ? near : open;
    }

    /** A care as long, and a cloth, as this question has them. */
    private Details allowed(Details own) {
        List<Details.Before> cares = preparation.all();
        Details.Before care = cares.contains(own.before())
                ? own.before()
                : cares.stream()
                        .filter(other -> other.care() == own.before().care()
                                && other.clarified() == own.before().clarified())
                        .findFirst()
                        .orElseGet(() -> preparation.usual(preparation.asked()));
        List<Details.Cloth> cloths = DryAndFinish.cloths(query);
        Details.Cloth cloth = own.finish().cloth();
        return own.with(care).with(own.finish().pressed(cloths.contains(cloth) ? cloth : cloths.get(0)));
    }
}
