package eventide.diary;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.explain.Moved;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.shape.Signed;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What the air of a day changes on a head that is done as it was last, against easy air. */
final class AirToday {
    /** A stylist would see it, points and days [the trade's own, section 13]. */
    private static final double SEEN = .3;

    private AirToday() {}

    /** In words, the largest first; null where nobody would see it. */
    static String words(Routine worn, Hair hair, Goal goal, Air today) {
        List<String> seen = Moved.between(scores(worn, hair, goal, Air.EASY), scores(worn, hair, goal, today)).stream()
                .filter(moved -> TOLD.contains(moved.score()) && Math.abs(moved.by()) >= SEEN)
                .map(moved -> moved.score().label() + " " + Signed.of(moved.by()))
                .toList();
        return seen.isEmpty() ? null : "In today's air " + String.join(", ", seen) + ", done as last time.";
    }

    /** What a client feels of it. */
    private static final Set<ScoreName> TOLD =
            EnumSet.of(ScoreName.FRIZZ, ScoreName.VOLUME, ScoreName.SOFTNESS, ScoreName.DAYS);

    private static Scores scores(Routine worn, Hair hair, Goal goal, Air air) {
        return OutcomeModel.scores(Wash.of(worn, hair, goal, air, null, null));
    }
}
