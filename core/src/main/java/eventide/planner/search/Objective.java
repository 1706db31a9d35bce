package eventide.planner.search;

import eventide.check.Checker;
import eventide.check.Finding;
import eventide.check.Severity;
import eventide.drying.Course;
import eventide.drying.Tide;
import eventide.drying.Visit;
import eventide.drying.Wetness;
import eventide.hair.Hair;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.Judgement;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Amounts;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import eventide.wash.AirMet;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/** How well a routine serves a goal, in points; only differences mean anything. All weights [OURS]. */
public final class Objective {

    /** Points of worth of a finding a good stylist would not have. */
    public static final double WARNING_COSTS = 4;
    /** Points of worth of a finding that is the stylist's own to judge. */
    public static final double NOTE_COSTS = .3;
    /** Points of worth of a minute with hands busy. */
    public static final double CHAIR_MINUTE_COSTS = .04;
    /** Points of worth of a minute the client sits. */
    public static final double WAITING_MINUTE_COSTS = .01;
    /** A point of water left when the client goes: worth sitting a dozen minutes for, though damp is no disaster. */
    public static final double DAMP_COSTS = .12;
    /** The same where it goes out into the cold: wet hair there is what a stylist would not have. */
    public static final double DAMP_IN_COLD_COSTS = .24;

    /** Points of worth of one thing more to put on. */
    public static final double LAYER_COSTS = .6;
    /** The client's own time each morning. */
    public static final double REFRESH_COSTS = 2;
    /** The same each evening: something to sleep on, and gathering it too. */
    public static final double SATIN_COSTS = .25;

    /** Points of worth of gathering it every evening, and something to sleep on. */
    public static final double PINEAPPLE_COSTS = .7;

    /** Weight from which hair is limp, 0 to 10. */
    public static final double LIMP_FROM = 5;
    /** Points of worth of each point of weight beyond that. */
    public static final double LIMP_COSTS = 1.5;

    private Objective() {}

    /** What scores are worth to a goal, nothing else counted. Rises with every score that is wanted, falls with the others. */
    public static double ofScores(Goal goal, Scores scores) {
        return linear(goal, new double[] {
                    scores.definition(),
                    scores.clumping(),
                    scores.frizz(),
                    scores.shrinkagePercent(),
                    scores.volume(),
                    scores.softness(),
                    scores.hold(),
                    scores.weight(),
                    scores.days()
                })
                - limp(scores.weight());
    }

    /**
     * The part that adds up over zones, of scores in the order of {@link ScoreName}.
     *
     * @return points of worth, more is better
     */
    public static double linear(Goal goal, double[] scores) {
        return (goal.definition() + Goal.LEAST_WISH) * scores[ScoreName.DEFINITION.ordinal()]
                + (goal.definition() + Goal.LEAST_WISH) / 2 * scores[ScoreName.CLUMPING.ordinal()]
                + (goal.volume() + Goal.LEAST_WISH) * scores[ScoreName.VOLUME.ordinal()]
                + (goal.softness() + Goal.LEAST_WISH) * scores[ScoreName.SOFTNESS.ordinal()]
                + (goal.longevity() + Goal.LEAST_WISH) * 1.3 * scores[ScoreName.DAYS.ordinal()]
                - goal.length() * scores[ScoreName.SHRINKAGE.ordinal()] / 10
                - (goal.lowFrizzOrDefinition() + Goal.LEAST_WISH) * scores[ScoreName.FRIZZ.ordinal()];
    }

    /**
     * What weight costs once hair goes limp.
     *
     * @return points of worth, 0 up to the weight hair bears
     */
    public static double limp(double weight) {
        return LIMP_COSTS * Math.max(0, weight - LIMP_FROM);
    }

    /** Points of worth of a wash whose scores are known already. */
    public static double of(Wash wash, Scores scores) {
        return unflawed(wash, scores) - flaws(wash);
    }

    /**
     * What it costs to wear clearly more than hair bears: known without any rule being asked. A note where softness comes first.
     *
     * @return points of worth to be taken off
     */
    static double tooRich(Goal goal) {
        return goal.softnessFirst() ? NOTE_COSTS : WARNING_COSTS;
    }

    /**
     * What findings cost, 0 for none.
     *
     * @return points of worth to be taken off
     */
    static double flaws(Wash wash) {
        double costs = 0;
        for (Finding finding : Checker.plainly(wash)) {
            costs += finding.severity() == Severity.NOTE ? NOTE_COSTS : WARNING_COSTS;
        }
        return costs;
    }

    /**
     * What it is worth where no rule says anything.
     *
     * @return points of worth, more is better
     */
    static double unflawed(Wash wash, Scores scores) {
        return ofScores(wash.goal(), scores)
                - (AirMet.isColdOut(wash) ? DAMP_IN_COLD_COSTS : DAMP_COSTS) * left(wash.course())
                - CHAIR_MINUTE_COSTS * wash.course().chairMinutes()
                - WAITING_MINUTE_COSTS * wash.course().minutes()
                - keeping(wash.routine().isRefreshedDaily(), wash.routine().night())
                - LAYER_COSTS * wash.layers().size()
                - (isUnheld(wash) ? unheld(wash.goal()) : 0)
                - (isDampInVain(wash) ? DAMP_IN_VAIN_COSTS : 0)
                - FUSS_COSTS * clippedInVain(wash);
    }

    /** Whether it goes out damp, at the lengths or the roots, with minutes to spare: those would have dried it. */
    private static boolean isDampInVain(Wash wash) {
        Course course = wash.course();
        return Math.max(course.endLengths(), course.endRoots()) > DAMP_FROM
                && wash.limits() != null
                && wash.limits().minutes() - course.minutes() > TO_SPARE;
    }

    /** Percent of water from which anybody calls it damp, and minutes nobody lets go by over that [OURS]. */
    private static final double DAMP_FROM = 12;

    /** Minutes of the limit that nobody lets go by over wet hair [OURS]. */
    private static final double TO_SPARE = 15;

    /** Half of what a warning costs, in points of worth [OURS]. */
    private static final double DAMP_IN_VAIN_COSTS = 2;

    private static boolean isUnheld(Wash wash) {
        return wash.layers().stream().noneMatch(layer -> holds(layer.product()));
    }

    /** What it costs where nothing that went on holds: no stylist leaves that out to save its minutes. Nothing where neither definition nor wear is wanted. */
    static double unheld(Goal goal) {
        return goal.definition() > 0 || goal.longevity() > 0 ? UNHELD_COSTS : 0;
    }

    /** Whether a styler is put on for its hold. */
    static boolean holds(Product product) {
        return product.hold() >= HOLDS_FROM;
    }

    /** Hold from which a styler is put on for its hold, of 10. */
    private static final double HOLDS_FROM = 3;

    /** As much as a warning. */
    private static final double UNHELD_COSTS = WARNING_COSTS;

    /** By how much clips come out again before anybody would have bothered to put them in, 0 to 1. */
    private static double clippedInVain(Wash wash) {
        double in = Double.NaN;
        for (Visit visit : wash.course().visits()) {
            Action action = visit.step().action();
            in = action == Action.CLIP_ROOTS ? visit.endMinute() : in;
            if (action == Action.UNCLIP && visit.startMinute() - in < A_MOMENT) {
                return 1 - (visit.startMinute() - in) / A_MOMENT;
            }
        }
        return 0;
    }

    /** Minutes for which nobody puts clips in [OURS]. */
    private static final double A_MOMENT = 6;

    /** Points of worth of clips that come out again at once [OURS]. */
    private static final double FUSS_COSTS = 3;

    /**
     * What it takes to keep it from day to day.
     *
     * @return points of worth to be taken off, for one who does it herself
     */
    public static double keeping(boolean refreshed, NightCare night) {
        double nights = night == NightCare.PINEAPPLE ? PINEAPPLE_COSTS : night == NightCare.SATIN ? SATIN_COSTS : 0;
        return nights + (refreshed ? REFRESH_COSTS : 0);
    }

    /** Points of water over dry that are left when the client goes. */
    public static double left(Course course) {
        return Math.max(0, course.endLengths() + course.endRoots() - 2 * Wetness.DRY_BELOW) / 2;
    }

    /** Points of worth, without bound to either side; two plans of the same head only may be compared by it. */
    public static double of(Wash wash) {
        return of(wash, OutcomeModel.scores(wash));
    }

    /** By how many minutes a course that breaks some limit breaks it; without bound where that is no limit of minutes. */
    static double minutesOver(Course course, Limits limits) {
        double over = Math.max(0, course.minutes() - limits.minutes())
                + Math.max(0, course.chairMinutes() - limits.chairMinutesOrAll());
        return over > 0 ? over : Double.POSITIVE_INFINITY;
    }

    /** The first limit a routine breaks, in words; null where it keeps them all. */
    public static String broken(Routine routine, Hair hair, Course course, Limits limits) {
        if (course.minutes() > limits.minutes()) {
            return "minutes";
        }
        if (course.chairMinutes() > limits.chairMinutesOrAll()) {
            return "hands-on minutes";
        }
        if (limits.mustBeDryBy() != null) {
            Tide tide = course.tide();
            int by = (int) Math.min(limits.mustBeDryBy(), tide.minutes().size() - 1);
            boolean dry =
                    tide.lengths().get(by) < Wetness.DRY_BELOW && tide.roots().get(by) < Wetness.DRY_BELOW;
            if (!dry) {
                return "time to be dry";
            }
        }
        if (limits.maxCostCents() != null && Judgement.costCents(Amounts.of(routine, hair)) > limits.maxCostCents()) {
            return "cost";
        }
        return flakes(routine) ? "bottles that do not flake" : null;
    }

    /** Whether one bottle goes over another it was seen to flake over, wherever on the head. */
    private static boolean flakes(Routine routine) {
        List<Product> under = new ArrayList<>();
        int rinse = routine.lastRinse();
        for (StepPlace place : routine.places()) {
            Product over = routine.at(place).product();
            if (over == null || place.index() <= rinse) {
                continue;
            }
            List<String> flakesOver = over.flakesOverOrEmpty();
            if (!flakesOver.isEmpty() && under.stream().anyMatch(below -> flakesOver.contains(below.name()))) {
                return true;
            }
            under.add(over);
        }
        return false;
    }
}
