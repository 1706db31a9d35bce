package eventide.planner.explain;

import eventide.outcome.Scores;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A score that moves.
 *
 * @param by how far, on the score's own scale, to the tenth
 */
public record Moved(ScoreName score, double by) {
    /** Moves smaller than this are left unsaid, on the score's own scale [OURS]. */
    private static final double WORTH_A_WORD = .1;

    /** What moves from one result to another, the largest first, each against its own scale. */
    public static List<Moved> between(Scores from, Scores to) {
        List<Moved> moved = new ArrayList<>();
        for (ScoreName score : ScoreName.values()) {
            double by = Math.round((to.of(score) - from.of(score)) * 10) / 10.0;
            if (Math.abs(by) >= WORTH_A_WORD) {
                moved.add(new Moved(score, by));
            }
        }
        moved.sort(Comparator.comparingDouble(
                (Moved one) -> -Math.abs(one.by()) / one.score().most()));
        return List.copyOf(moved);
    }
}
