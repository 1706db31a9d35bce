package eventide.planner;

import eventide.check.Checker;
import eventide.check.Finding;
import eventide.check.Severity;
import eventide.check.Wash;
import eventide.drying.Wetness;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.routine.Goal;
import eventide.routine.Limits;

/** How well a routine serves a goal, in points; only differences mean anything. All weights [OURS]. */
final class Worth {
    /** What a goal of 0 still weighs: nobody wants it bad. */
    private static final double FLOOR = .35;

    private static final double WARNING_COSTS = 4;
    private static final double NOTE_COSTS = .3;
    private static final double CHAIR_MINUTE_COSTS = .04;
    private static final double WAITING_MINUTE_COSTS = .01;
    /** A point of water left when the client goes: dry is better, damp is no disaster. */
    private static final double DAMP_COSTS = .08;

    private static final double LAYER_COSTS = .6;
    private static final double LIMP_FROM = 5;

    private Worth() {}

    static double of(Wash wash, Scores scores) {
        Goal goal = wash.goal();
        double worth = (goal.definition() + FLOOR) * scores.definition()
                + (goal.definition() + FLOOR) / 2 * scores.clumping()
                + (goal.volume() + FLOOR) * scores.volume()
                + (goal.softness() + FLOOR) * scores.softness()
                + (goal.longevity() + FLOOR) * 1.3 * scores.days()
                - goal.length() * scores.shrinkagePercent() / 10
                - (goal.lowFrizzOrDefinition() + FLOOR) * scores.frizz()
                - 1.5 * Math.max(0, scores.weight() - LIMP_FROM);
        for (Finding finding : Checker.plainly(wash)) {
            worth -= finding.severity() == Severity.NOTE ? NOTE_COSTS : WARNING_COSTS;
        }
        return worth
                - DAMP_COSTS
                        * Math.max(0, wash.course().endLengths() + wash.course().endRoots() - 2 * Wetness.DRY_BELOW)
                        / 2
                - CHAIR_MINUTE_COSTS * wash.course().chairMinutes()
                - WAITING_MINUTE_COSTS * wash.course().minutes()
                - LAYER_COSTS * wash.layers().size();
    }

    static double of(Wash wash) {
        return of(wash, OutcomeModel.scores(wash));
    }

    /** The first limit a routine breaks, in words; null where it keeps them all. */
    static String broken(Wash wash, Limits limits) {
        if (wash.course().minutes() > limits.minutes()) {
            return "minutes";
        }
        if (wash.course().chairMinutes() > limits.chairMinutesOrAll()) {
            return "hands-on minutes";
        }
        if (limits.mustBeDryBy() != null) {
            int by = (int) Math.min(
                    limits.mustBeDryBy(), wash.course().tide().minutes().size() - 1);
            boolean dry = wash.course().tide().lengths().get(by) < Wetness.DRY_BELOW
                    && wash.course().tide().roots().get(by) < Wetness.DRY_BELOW;
            if (!dry) {
                return "time to be dry";
            }
        }
        return limits.maxCostCents() != null && Judgement.costCents(wash) > limits.maxCostCents() ? "cost" : null;
    }
}
