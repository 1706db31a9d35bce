package eventide.planner.search;

import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.Comparator;
import java.util.List;

/**
 * A plan without the wetting, squeezing and drying that would change nothing. A step less is half a minute less, too, and that may be
 * the one the clips stay in too long: what would make the plan worse, or break a limit, stays.
 */
public final class Tidied {
    /** Water that nobody could tell, points. */
    private static final double NOTHING = 1;
    /** A dryer that finds its hair dry enough is not switched on, minutes. */
    private static final double NO_TIME = .1;

    private final Evaluation plan;
    private final Limits limits;

    private Tidied(Evaluation plan, Limits limits) {
        this.plan = plan;
        this.limits = limits;
    }

    /** The plan's wash without the steps that do nothing for it. */
    public static Wash of(Evaluation plan, Limits limits) {
        return new Tidied(plan, limits).tidied();
    }

    private Wash tidied() {
        Wash wash = plan.wash();
        List<StepPlace> idle = wash.places().stream()
                .filter(this::isIdle)
                .sorted(Comparator.reverseOrder()) // those before one that is taken out keep their places
                .toList();
        if (idle.isEmpty()) {
            return wash;
        }
        Routine without = wash.routine();
        for (StepPlace place : idle) {
            without = without.without(place);
        }
        Wash all = wash.with(without);
        return isAsGood(all) ? all : oneByOne(idle);
    }

    private Wash oneByOne(List<StepPlace> idle) {
        Wash kept = plan.wash();
        for (StepPlace place : idle) {
            Wash fewer = kept.with(kept.routine().without(place));
            kept = isAsGood(fewer) ? fewer : kept;
        }
        return kept;
    }

    private boolean isIdle(StepPlace place) {
        Step step = plan.routine().at(place);
        if (step.action().isDrying() && step.minutes() == null) {
            return plan.wash().course().visits(place).stream().allMatch(visit -> visit.minutes() < NO_TIME);
        }
        if (step.toWetness() == null || step.action() != Action.MIST && step.action() != Action.SQUEEZE) {
            return false;
        }
        return plan.wash().course().visits(place).stream().allMatch(visit -> isIdle(visit, step));
    }

    private static boolean isIdle(Visit visit, Step step) {
        return step.action() == Action.MIST
                ? visit.wetness() >= step.toWetness() - NOTHING
                : visit.wetness() <= step.toWetness() + NOTHING;
    }

    private boolean isAsGood(Wash wash) {
        return Objective.broken(wash.routine(), wash.hair(), wash.course(), limits) == null
                && Objective.of(wash) >= plan.worth() - Refinement.WORTH_CHANGING;
    }
}
