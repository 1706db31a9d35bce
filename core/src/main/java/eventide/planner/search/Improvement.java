package eventide.planner.search;

import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Layers;
import eventide.planner.search.OtherBottles.Dosed;
import eventide.shape.Parallel;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * What is tried on a plan that is best against every single change: larger steps, the cheapest first. Other bottles in other amounts, two
 * things at once, another way of working settled anew.
 */
public final class Improvement {
    private final Query query;
    private final Search search;
    private final Refinement refinement;
    private final EvaluationCache runs;
    private final OtherBottles bottles;

    public Improvement(Query query, Search search, Refinement refinement, EvaluationCache runs) {
        this.query = query;
        this.search = search;
        this.refinement = refinement;
        this.runs = runs;
        this.bottles = search.otherBottles();
    }

    /** The first plan found that is better by enough to change, null where there is none. */
    public Evaluation of(Evaluation plan) {
        List<Dosed> mixed = mixed(plan);
        return first(
                plan, List.of(any -> otherwiseDosed(any, mixed), this::exchanged, any -> otherwiseWorked(any, mixed)));
    }

    /** The same by the cheaper steps alone: worked as it is. */
    public Evaluation asWorked(Evaluation plan) {
        List<Dosed> mixed = mixed(plan);
        return first(plan, List.of(any -> otherwiseDosed(any, mixed), this::exchanged));
    }

    private static Evaluation first(Evaluation plan, List<UnaryOperator<Evaluation>> steps) {
        for (UnaryOperator<Evaluation> step : steps) {
            Evaluation other = step.apply(plan);
            if (other != null && other.worth() > plan.worth() + Refinement.WORTH_CHANGING) {
                return other;
            }
        }
        return null;
    }

    private Evaluation otherwiseDosed(Evaluation plan, List<Dosed> mixed) {
        return bottles.best(mixed, refinement.alike(plan.choice()), plan.worth(), MOST_IDLE);
    }

    private List<Dosed> mixed(Evaluation plan) {
        return bottles.mixed(
                plan.choice(), refinement.amounts(plan.choice().details().dose()));
    }

    /** Runs in other bottles that bring nothing after which the rest is left: of the plan itself, and of each other way [OURS]. */
    private static final int MOST_IDLE = 48;

    /** The same for each other way of working [OURS]. */
    private static final int MOST_IDLE_OTHERWISE = 12;

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

    /** Each other way has smaller things, and bottles, of its own; so have clips, a cast that is left, and a layer more or less. */
    private Evaluation otherwiseWorked(Evaluation plan, List<Dosed> mixed) {
        List<List<Candidate>> ways = new ArrayList<>(search.otherWays(plan));
        ways.addAll(refinement.finishedOtherwise(plan.choice()));
        Stream<Evaluation> likeliest =
                Parallel.map(ways, way -> bottles.best(mixed, way, plan.worth(), MOST_IDLE_OTHERWISE)).stream()
                        .filter(Objects::nonNull)
                        .filter(other -> other.bound() > plan.worth() - WAY_MAY_BRING);
        return refinement.bestOf(
                Stream.of(likeliest, otherwiseLayered(plan), otherwiseShaped(plan))
                        .flatMap(some -> some)
                        .toList(),
                plan.worth());
    }

    /** The likeliest, in whichever bottles and amounts suit that. */
    private Stream<Evaluation> otherwiseShaped(Evaluation plan) {
        return search.otherwiseShaped(plan).stream()
                .flatMap(other ->
                        Stream.concat(Stream.of(other), Stream.ofNullable(otherwiseDosed(other, mixed(other)))));
    }

    private Stream<Evaluation> otherwiseLayered(Evaluation plan) {
        Layers own = Layers.of(plan.choice());
        return search.neighbours(plan.choice()).stream()
                .filter(choice -> !Layers.of(choice).equals(own))
                .distinct()
                .map(runs::of)
                .filter(Evaluation::isFeasible)
                .sorted(Evaluation.BEST_FIRST)
                .limit(OTHERWISE_LAYERED)
                .filter(other -> other.bound() > plan.worth() - LAYERS_MAY_BRING);
    }

    /** Points of worth, rules apart, that settling another way of working hardly ever brings [OURS; measured]. */
    private static final double WAY_MAY_BRING = 2;

    /** The same of other layers [OURS; measured]. */
    private static final double LAYERS_MAY_BRING = .75;

    /** With other layers so many are settled [OURS]. */
    private static final int OTHERWISE_LAYERED = 3;
}
