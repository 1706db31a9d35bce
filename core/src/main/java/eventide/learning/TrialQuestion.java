package eventide.learning;

import eventide.routine.Half;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;

/**
 * A trial to be read: pairs of scores, each pair of one day, two halves of a head or two partners.
 *
 * @param margin a difference smaller than this does not matter, points; 1 where absent
 * @param confidencePercent of the interval, 90 where absent
 */
public record TrialQuestion(
        List<TrialPair> pairs,
        @Maybe @Range(from = .1, to = 10, unit = "points") Double margin,
        @Maybe @Range(from = 50, to = 99.9, unit = "%") Double confidencePercent)
        implements Bounded {
    /** More than twice a day for ten years. */
    public static final int MOST_PAIRS = 10_000;

    /** Points below which a difference does not matter, where nobody says. */
    static final double USUAL_MARGIN = 1;
    /** Percent, where nobody says. */
    static final double USUAL_CONFIDENCE = 90;

    /**
     * @param a what the head is used to, from 0 to 10
     * @param b what is tried, from 0 to 10
     * @param aSide the half that had a; absent where whole heads were compared
     */
    public record TrialPair(@Range(from = 0, to = 10) Double a, @Range(from = 0, to = 10) Double b, @Maybe Half aSide) {
        public TrialPair {
            Shape.check(TrialPair.class, a, b, aSide);
        }

        /** The second less the first, points. */
        double difference() {
            return b - a;
        }
    }

    public TrialQuestion {
        Shape.check(TrialQuestion.class, pairs, margin, confidencePercent);
        if (pairs.isEmpty()) {
            throw InvalidException.of("pairs", "pairs must hold at least one pair of scores, but were empty");
        }
        pairs = Frozen.list(pairs);
    }

    @Override
    public List<Fault> beyond() {
        return pairs.size() <= MOST_PAIRS
                ? List.of()
                : List.of(new Fault("/pairs", "pairs must be at most " + MOST_PAIRS + ", but were " + pairs.size()));
    }

    double marginOrUsual() {
        return margin == null ? USUAL_MARGIN : margin;
    }

    /** From 0 to 1. */
    double confidence() {
        return (confidencePercent == null ? USUAL_CONFIDENCE : confidencePercent) / 100;
    }
}
