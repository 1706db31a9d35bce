package eventide.learning;

import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import eventide.wash.ScoreName;
import java.time.Instant;
import java.util.List;

/**
 * A trial as it was agreed: one thing otherwise, looked at in these scores, after so many pairs.
 *
 * @param used what the head is used to: a bottle by its name, or a way of working as it is called
 * @param tried what is tried against it
 * @param scores that are looked at, the first the one it is for
 * @param margin a difference smaller than this does not matter, points
 * @param confidencePercent of its interval
 * @param agreedPairs after which it is read; where absent as many as a difference of the margin takes to show
 * @param stoppedAt absent while it runs
 * @param leftOut washes that do not count, each with its reason
 */
public record TrialPlan(
        @Letters(least = 1, most = 200) String used,
        @Letters(least = 1, most = 200) String tried,
        Way way,
        List<ScoreName> scores,
        @Range(from = .1, to = 10, unit = "points") Double margin,
        @Range(from = 50, to = 99.9, unit = "%") Double confidencePercent,
        @Maybe @Range(from = 1, to = 999) Integer agreedPairs,
        Instant startedAt,
        @Maybe Instant stoppedAt,
        @Maybe List<LeftOut> leftOut) {
    /** How the two are set against each other. */
    public enum Way {
        /** Half a head against half a head, the sides swapped from wash to wash. */
        HALVES,
        /** Turn about over washes. */
        TURN_ABOUT
    }

    /**
     * A wash spoilt by weather or a slip.
     *
     * @param because why that wash does not count, in the stylist's words
     */
    public record LeftOut(@Range(from = 1, to = 9e15) Long washDay, @Letters(least = 1, most = 300) String because) {
        public LeftOut {
            Shape.check(LeftOut.class, washDay, because);
        }
    }

    public TrialPlan {
        Shape.check(
                TrialPlan.class,
                used,
                tried,
                way,
                scores,
                margin,
                confidencePercent,
                agreedPairs,
                startedAt,
                stoppedAt,
                leftOut);
        scores = Frozen.list(scores);
        leftOut = Frozen.list(leftOut);
        if (scores.isEmpty()) {
            throw InvalidException.of("scores", "scores must hold at least one score that is looked at");
        }
        if (used.equals(tried)) {
            throw InvalidException.of("tried", "tried must be another than what the head is used to");
        }
    }

    /** Washes that do not count, each with the reason kept; empty for none. */
    public List<LeftOut> leftOutOrNone() {
        return leftOut == null ? List.of() : leftOut;
    }

    /** Whether nobody stopped it. */
    public boolean isRunning() {
        return stoppedAt == null;
    }

    /** Pairs a trial takes where nobody agreed on a number and no log says how scores scatter. */
    public int agreedPairsOrUsual() {
        return agreedPairs == null ? pairsFor(PairsNeeded.USUAL_SCATTER) : agreedPairs;
    }

    /**
     * As many as it takes until a difference of the margin shows four times in five. Of several scores the clearest is asked for the
     * most ({@link Holm}): fewer pairs could never reach it.
     *
     * @param scatter of a pair's difference, standard deviation in points
     */
    int pairsFor(double scatter) {
        double risk = 1 - confidencePercent / 100;
        return PairsNeeded.forDifference(scatter, margin, 1 - risk / scores.size());
    }
}
