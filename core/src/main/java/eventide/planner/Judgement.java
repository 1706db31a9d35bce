package eventide.planner;

import eventide.air.Air;
import eventide.check.Caution;
import eventide.check.Cautions;
import eventide.check.Checker;
import eventide.check.Finding;
import eventide.drying.Tide;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.routine.Amount;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.IgnoredFields;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Maybe;
import eventide.wash.Correction;
import eventide.wash.Features;
import eventide.wash.Wash;
import java.util.List;
import java.util.Map;

/**
 * Everything that is said of one routine on one head.
 *
 * @param features what the outcome was worked out from; a side is its own half where halves differ, the rest of the head both together
 * @param featuresByHalf the same of each half alone; empty where nothing keeps to one half
 * @param beyond what it asks for beyond the limits, in words; empty where it keeps them all
 */
public record Judgement(
        Tide tide,
        List<Finding> findings,
        List<Amount> amounts,
        Outcome outcome,
        Map<Zone, Features> features,
        Map<Half, Map<Zone, Features>> featuresByHalf,
        double minutes,
        double chairMinutes,
        double costCents,
        List<String> ignored,
        List<Caution> cautions,
        List<String> beyond) {
    /**
     * What to judge; schools and limits may be absent.
     *
     * @param schools null for no side taken
     * @param limits null where no limit is asked about
     * @param learned what the log has taught of this head; null for nothing
     */
    public record Question(
            Hair hair,
            Goal goal,
            Air air,
            @Maybe Schools schools,
            @Maybe Limits limits,
            Routine routine,
            @Maybe Correction learned) {
        public Question {
            eventide.shape.Shape.check(Question.class, hair, goal, air, schools, limits, routine, learned);
        }

        /** By the book: nothing is known of earlier washes. */
        public Question(Hair hair, Goal goal, Air air, Schools schools, Limits limits, Routine routine) {
            this(hair, goal, air, schools, limits, routine, null);
        }
    }

    /** Of a routine somebody wrote: run through the water, scored and checked as it stands; nothing in it is bettered. */
    public static Judgement of(Question asked) {
        Wash wash = Wash.of(asked.routine(), asked.hair(), asked.goal(), asked.air(), asked.schools(), asked.limits());
        return of(asked.learned() == null ? wash : wash.taught(asked.learned()));
    }

    /** Of a wash that was run already, its numbers rounded as they are shown. */
    public static Judgement of(Wash wash) {
        List<Amount> amounts = wash.amounts();
        return new Judgement(
                wash.course().drawn(),
                Checker.check(wash),
                amounts,
                OutcomeModel.predict(wash),
                Features.byZone(wash),
                Features.byHalf(wash),
                round(wash.course().minutes()),
                round(wash.course().chairMinutes()),
                costCents(amounts),
                IgnoredFields.of(wash.routine()),
                Cautions.of(wash.routine(), wash.hair()),
                BeyondLimits.of(wash));
    }

    /** What the stylers and washing products of it cost, cents; a bottle without a price or a size costs nothing. */
    public static double costCents(List<Amount> amounts) {
        return round(amounts.stream().mapToDouble(Amount::costCents).sum());
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
