package eventide.learning;

import eventide.learning.TrialPlan.Way;
import eventide.shape.Changed;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import eventide.wash.ScoreName;
import java.time.Instant;
import java.util.List;

/**
 * A trial as it is begun: what is set against what, and of the rest only what somebody wants otherwise than usual.
 *
 * @param used what the head is used to: a bottle by its name, or a way of working as it is called
 * @param tried what is tried against it
 * @param scores that are looked at, the first the one it is for; definition and frizz where absent
 * @param margin a difference smaller than this does not matter, points; 1 where absent
 * @param confidencePercent of its interval, 90 where absent
 * @param agreedPairs after which it is read; where absent as many as a difference of the margin takes to show
 */
public record TrialBegun(
        @Letters(least = 1, most = 200) String used,
        @Letters(least = 1, most = 200) String tried,
        Way way,
        @Maybe List<ScoreName> scores,
        @Maybe @Range(from = .1, to = 10, unit = "points") Double margin,
        @Maybe @Range(from = 50, to = 99.9, unit = "%") Double confidencePercent,
        @Maybe @Range(from = 1, to = 999) Integer agreedPairs,
        Instant startedAt) {
    /** What a stylist sees first [OURS]. */
    private static final List<ScoreName> USUAL_SCORES = List.of(ScoreName.DEFINITION, ScoreName.FRIZZ);

    public TrialBegun {
        Shape.check(TrialBegun.class, used, tried, way, scores, margin, confidencePercent, agreedPairs, startedAt);
    }

    /** As a tap begins it. */
    static TrialBegun usual(String used, String tried, Way way) {
        return new TrialBegun(used, tried, way, null, null, null, null, Instant.EPOCH);
    }

    /**
     * With a number of pairs agreed: by how this rater's scores scatter, as the log shows it.
     *
     * @param rater who will score it; null where nobody says, and the salon's are taken
     */
    public TrialPlan agreed(Learned learned, String rater) {
        TrialPlan plan = new TrialPlan(
                used,
                tried,
                way,
                scores == null ? USUAL_SCORES : scores,
                margin == null ? TrialQuestion.USUAL_MARGIN : margin,
                confidencePercent == null ? TrialQuestion.USUAL_CONFIDENCE : confidencePercent,
                agreedPairs,
                startedAt,
                null,
                List.of());
        if (agreedPairs != null) {
            return plan;
        }
        double scatter = Math.sqrt(learned.pairVariance(plan.scores().get(0), way, rater));
        return Changed.with(plan, "agreedPairs", plan.pairsFor(scatter));
    }
}
