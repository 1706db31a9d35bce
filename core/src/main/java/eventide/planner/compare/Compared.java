package eventide.planner.compare;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.planner.Judgement;
import eventide.planner.explain.Moved;
import eventide.planner.explain.StepWords;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.RoutineChange;
import eventide.routine.RoutineChanges;
import eventide.routine.Schools;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import eventide.wash.Correction;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Two routines on one head laid over each other.
 *
 * @param otherwise what the other does differently, in words
 * @param steps where the steps differ, line by line
 * @param moved what that is predicted to change overall, the largest first
 * @param movedByZone the same zone by zone; a zone where nothing changes is left out
 * @param minutes by how much longer the other takes, less than 0 for shorter
 */
public record Compared(
        Judgement one,
        Judgement other,
        List<String> otherwise,
        List<Rewritten> steps,
        List<Moved> moved,
        Map<Zone, List<Moved>> movedByZone,
        double minutes,
        double chairMinutes,
        double costCents) {
    /**
     * Two routines and the head they are for.
     *
     * @param one the routine that is taken
     * @param other what it is laid beside
     */
    public record Pairing(
            Hair hair,
            Goal goal,
            Air air,
            @Maybe Schools schools,
            @Maybe Limits limits,
            Routine one,
            Routine other,
            @Maybe Correction learned) {
        public Pairing {
            Shape.check(Pairing.class, hair, goal, air, schools, limits, one, other, learned);
        }

        /** By the book. */
        public Pairing(Hair hair, Goal goal, Air air, Schools schools, Limits limits, Routine one, Routine other) {
            this(hair, goal, air, schools, limits, one, other, null);
        }

        /**
         * Of the hands, in both.
         *
         * @return a count, both plans together
         */
        public int turns() {
            return one.turns() + other.turns();
        }

        private Judgement judge(Routine routine) {
            return Judgement.of(new Judgement.Question(hair, goal, air, schools, limits, routine, learned));
        }
    }

    /** Runs both in the same air on the same head; differences are the second's less the first's. */
    public static Compared of(Pairing pairing) {
        Judgement one = pairing.judge(pairing.one());
        Judgement other = pairing.judge(pairing.other());
        Map<Zone, List<Moved>> byZone = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            List<Moved> moved = Moved.between(
                    one.outcome().byZone().get(zone), other.outcome().byZone().get(zone));
            if (!moved.isEmpty()) {
                byZone.put(zone, moved);
            }
        }
        return new Compared(
                one,
                other,
                RoutineChanges.between(pairing.one(), pairing.other()).stream()
                        .map(RoutineChange::text)
                        .toList(),
                Rewritten.between(StepWords.lines(pairing.one()), StepWords.lines(pairing.other())),
                Moved.between(one.outcome().overall(), other.outcome().overall()),
                byZone,
                round(other.minutes() - one.minutes()),
                round(other.chairMinutes() - one.chairMinutes()),
                round(other.costCents() - one.costCents()));
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
