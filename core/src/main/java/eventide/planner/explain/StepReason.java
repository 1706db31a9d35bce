package eventide.planner.explain;

import eventide.air.Air;
import eventide.check.Checker;
import eventide.check.Finding;
import eventide.check.Severity;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Heat;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import eventide.shape.Source;
import eventide.wash.Correction;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * Why a step is there: what it is for, and what leaving it out would change, found by leaving it out and running both.
 *
 * @param source of what it is for; what it would change is computed
 * @param without what its absence would change, in words
 * @param matters whether that is as much as anybody would notice
 * @param raised what would be said against the routine without it and is not said of it now
 */
public record StepReason(String purpose, Source source, String without, boolean matters, List<Raised> raised) {
    /**
     * Something said against the routine once the step is left out.
     *
     * @param rule its id, as in the trade's list
     * @param message what it would say of the routine without the step
     */
    public record Raised(String rule, Severity severity, String message) {}

    /**
     * A step of a routine on one head.
     *
     * @param step which step, from 0
     * @param inner which of the steps inside it, from 0; absent for the step itself
     */
    public record OneStep(
            Hair hair,
            Goal goal,
            Air air,
            @Maybe Schools schools,
            @Maybe Limits limits,
            Routine routine,
            @Range(from = 0, to = Routine.MOST_STEPS) Integer step,
            @Maybe @Range(from = 0, to = Routine.MOST_STEPS) Integer inner,
            @Maybe Correction learned) {
        /** By the book. */
        public OneStep(
                Hair hair,
                Goal goal,
                Air air,
                Schools schools,
                Limits limits,
                Routine routine,
                Integer step,
                Integer inner) {
            this(hair, goal, air, schools, limits, routine, step, inner, null);
        }

        public OneStep {
            Shape.check(OneStep.class, hair, goal, air, schools, limits, routine, step, inner, learned);
            if (step >= routine.steps().size()) {
                throw InvalidException.of("step", "there is no step " + (step + 1) + " in this routine");
            }
            Step frame = routine.steps().get(step);
            if (inner != null
                    && (!frame.isEachSection() || inner >= frame.steps().size())) {
                throw InvalidException.of("inner", "there is no such step inside step " + (step + 1));
            }
        }

        private StepPlace place() {
            return new StepPlace(step, inner == null ? -1 : inner);
        }
    }

    /** What one step brings: the routine run with it and without, all else as it stands. */
    public static StepReason of(OneStep asked) {
        StepPlace place = asked.place();
        Wash with = Wash.of(asked.routine(), asked.hair(), asked.goal(), asked.air(), asked.schools(), asked.limits())
                .taught(asked.learned() == null ? Correction.NONE : asked.learned());
        Wash without = with.with(asked.routine().without(place));
        ScoreChange change = ScoreChange.between(with, without);
        return new StepReason(
                purpose(asked.routine().at(place)),
                Source.COMMON_PRACTICE,
                change.toString(),
                !change.isNone(),
                raised(with, without));
    }

    /** [CP] */
    private static final String COOLED = "A minute or two of cool air sets the shape.";

    /** Of a styler what it does, of anything else what hands do. */
    private static String purpose(Step step) {
        Product worn = step.worn();
        if (step.action().isDryer() && step.heat() == Heat.COOL) {
            return COOLED;
        }
        return worn != null && step.action() == Action.APPLY
                ? worn.role().purpose()
                : step.action().purpose();
    }

    /** By rule, at its loudest: the same said of another step is not news. */
    private static List<Raised> raised(Wash with, Wash without) {
        List<Finding> now = Checker.plainly(with);
        List<Raised> raised = new ArrayList<>();
        for (Finding finding : Checker.plainly(without)) {
            boolean known = now.stream()
                    .anyMatch(
                            f -> f.rule().equals(finding.rule()) && f.severity().compareTo(finding.severity()) <= 0);
            boolean told = raised.stream().anyMatch(r -> r.rule().equals(finding.rule()));
            if (!known && !told) {
                raised.add(new Raised(finding.rule(), finding.severity(), finding.message()));
            }
        }
        return List.copyOf(raised);
    }
}
