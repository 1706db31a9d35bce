package eventide.diary;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.shape.Signed;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/** What the air of a day changes on a head that is done as it was last, against easy air. */
final class AirToday {
    /** A stylist would see it, points and days [the trade's own, section 13]. */
    private static final double SEEN = .3;

    private AirToday() {}

    /** In words, the largest first; null where nobody would see it. */
    static String words(Routine worn, Hair hair, Goal goal, Air today) {
        Scores easy = scores(worn, hair, goal, Air.EASY);
        Scores now = scores(worn, hair, goal, today);
        record Moved(String what, double by) {}
        List<Moved> moved = new ArrayList<>(List.of(
                new Moved("frizz", now.frizz() - easy.frizz()),
                new Moved("volume", now.volume() - easy.volume()),
                new Moved("softness", now.softness() - easy.softness()),
                new Moved("days", now.days() - easy.days())));
        moved.removeIf(one -> Math.abs(one.by()) < SEEN);
        if (moved.isEmpty()) {
            return null;
        }
        moved.sort((one, other) -> Double.compare(Math.abs(other.by()), Math.abs(one.by())));
        return "In today's air "
                + String.join(
                        ", ",
                        moved.stream()
                                .map(one -> one.what() + " " + Signed.of(one.by()))
                                .toList()) + ", done as last time.";
    }

    private static Scores scores(Routine worn, Hair hair, Goal goal, Air air) {
        return OutcomeModel.scores(Wash.of(worn, hair, goal, air, null, null));
    }
}
