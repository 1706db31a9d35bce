package eventide.learning;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Washes with their scores, and one to come.
 *
 * @param history washes that were scored, in any order
 * @param next the wash whose scores are to be said
 */
public record PredictionQuestion(List<PastWash> history, NextWash next) implements Bounded {
    /** So many run through the water in some seconds; a salon's own log is learned from where it lies. */
    public static final int MOST_WASHES = 5000;

    /**
     * What somebody gave; any may be absent, one at least is there.
     *
     * @param shrinkagePercent by the ruler
     * @param days until the next wash
     */
    public record GivenScores(
            @Maybe @Range(from = 0, to = 10) Double definition,
            @Maybe @Range(from = 0, to = 10) Double clumping,
            @Maybe @Range(from = 0, to = 10) Double frizz,
            @Maybe @Range(from = 0, to = 95, unit = "%") Double shrinkagePercent,
            @Maybe @Range(from = 0, to = 10) Double volume,
            @Maybe @Range(from = 0, to = 10) Double softness,
            @Maybe @Range(from = 0, to = 10) Double hold,
            @Maybe @Range(from = 0, to = 10) Double weight,
            @Maybe @Range(from = 0, to = 30, unit = "days") Double days) {
        public GivenScores {
            Shape.check(
                    GivenScores.class,
                    definition,
                    clumping,
                    frizz,
                    shrinkagePercent,
                    volume,
                    softness,
                    hold,
                    weight,
                    days);
        }

        /** Those that were given. */
        Map<ScoreName, Double> scores() {
            Map<ScoreName, Double> scores = new EnumMap<>(ScoreName.class);
            put(scores, ScoreName.DEFINITION, definition);
            put(scores, ScoreName.CLUMPING, clumping);
            put(scores, ScoreName.FRIZZ, frizz);
            put(scores, ScoreName.SHRINKAGE, shrinkagePercent);
            put(scores, ScoreName.VOLUME, volume);
            put(scores, ScoreName.SOFTNESS, softness);
            put(scores, ScoreName.HOLD, hold);
            put(scores, ScoreName.WEIGHT, weight);
            put(scores, ScoreName.DAYS, days);
            return scores;
        }

        private static void put(Map<ScoreName, Double> scores, ScoreName name, Double points) {
            if (points != null) {
                scores.put(name, points);
            }
        }
    }

    /**
     * A wash that was scored.
     *
     * @param date as written; the order of washes makes no difference
     * @param client whose it was; absent, the same head as all that name nobody
     */
    public record PastWash(
            Hair hair,
            Goal goal,
            Air air,
            @Maybe Schools schools,
            Routine routine,
            @Maybe @Letters(most = 40) String date,
            @Maybe @Letters(most = 200) String client,
            @Maybe @Letters(most = 200) String rater,
            GivenScores scores) {
        public PastWash {
            Shape.check(PastWash.class, hair, goal, air, schools, routine, date, client, rater, scores);
            if (scores.scores().isEmpty()) {
                throw InvalidException.of("scores", "scores must hold at least one score");
            }
        }

        Wash wash() {
            return Wash.of(routine, hair, goal, air, schools, null);
        }
    }

    /**
     * A wash to come.
     *
     * @param client by whom washes are known to be of one head; null for one head throughout
     * @param rater whose eye will score it; null for nobody in particular
     */
    public record NextWash(
            Hair hair,
            Goal goal,
            Air air,
            @Maybe Schools schools,
            Routine routine,
            @Maybe @Letters(most = 200) String client,
            @Maybe @Letters(most = 200) String rater) {
        public NextWash {
            Shape.check(NextWash.class, hair, goal, air, schools, routine, client, rater);
        }

        Wash wash() {
            return Wash.of(routine, hair, goal, air, schools, null);
        }
    }

    public PredictionQuestion {
        Shape.check(PredictionQuestion.class, history, next);
        history = Frozen.list(history);
    }

    @Override
    public List<Fault> beyond() {
        return history.size() <= MOST_WASHES
                ? List.of()
                : List.of(new Fault(
                        "/history", "history must be at most " + MOST_WASHES + " washes, but was " + history.size()));
    }
}
