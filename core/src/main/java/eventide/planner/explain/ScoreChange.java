package eventide.planner.explain;

import eventide.drying.Course;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * What one routine does otherwise to the hair than another, computed by running both, in words: the three largest changes,
 * whether it weighs the hair down, how much wetter it is left, and minutes.
 */
public record ScoreChange(List<String> parts) {
    /** Scores that are named in one sentence. */
    private static final int MOST_SCORES = 3;
    /** Changes that are not noticed: of a score, of shrinkage in percent, of minutes and of water left in percent [OURS]. */
    private static final double UNNOTICED = .15;

    /** Percent of shrinkage nobody sees [OURS]. */
    private static final double UNNOTICED_SHRINKAGE = 1;
    /** Minutes nobody plans by [OURS]. */
    private static final double UNNOTICED_MINUTES = 5;
    /** Points of water no hand feels [OURS]. */
    private static final double UNNOTICED_WATER = 5;
    /** Weight from which hair hangs [OURS]. */
    private static final double HEAVY = 5.5;

    /** What moves by as much as anybody would see, from one wash to another; the largest first, a few of them. */
    public static ScoreChange between(Wash from, Wash to) {
        Scores a = OutcomeModel.scores(from);
        Scores b = OutcomeModel.scores(to);
        List<String> parts = new ArrayList<>();
        List.of(ScoreName.values()).stream()
                .filter(s -> s != ScoreName.CLUMPING && s != ScoreName.HOLD && s != ScoreName.WEIGHT)
                .filter(s ->
                        Math.abs(b.of(s) - a.of(s)) >= (s == ScoreName.SHRINKAGE ? UNNOTICED_SHRINKAGE : UNNOTICED))
                .sorted(Comparator.comparingDouble(s -> -Math.abs(b.of(s) - a.of(s)) / s.most()))
                .limit(MOST_SCORES)
                .forEach(s -> parts.add(String.format(
                        Locale.ROOT,
                        "%s %s%.1f%s",
                        s == ScoreName.SHRINKAGE ? "shrinkage" : s.word(),
                        b.of(s) < a.of(s) ? "−" : "+",
                        Math.abs(b.of(s) - a.of(s)),
                        s == ScoreName.SHRINKAGE ? "\u00a0%" : "")));
        if (b.weight() > HEAVY && b.weight() > a.weight() + 2 * UNNOTICED) {
            parts.add("weighed down");
        }
        if (left(to.course()) - left(from.course()) >= UNNOTICED_WATER) {
            parts.add("left " + Math.round(left(to.course())) + "\u00a0% wet");
        }
        double minutes = to.course().minutes() - from.course().minutes();
        if (Math.abs(minutes) >= UNNOTICED_MINUTES) {
            parts.add((minutes > 0 ? "+" : "−") + Math.round(Math.abs(minutes)) + " min");
        }
        return new ScoreChange(List.copyOf(parts));
    }

    /** Percent that its wettest part is left with, as a hand feels it. */
    private static double left(Course course) {
        return Math.max(course.endLengths(), course.endRoots());
    }

    /** Hardly any that would be noticed. */
    public boolean isNone() {
        return parts.isEmpty();
    }

    @Override
    public String toString() {
        return isNone() ? "hardly a difference" : String.join(", ", parts);
    }
}
