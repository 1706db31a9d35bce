package eventide.learning;

import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.Judgement;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Evaluation;
import eventide.planner.search.Search;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.shape.Changed;
import eventide.shape.Signed;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.apache.commons.math3.distribution.NormalDistribution;

/**
 * A trial worth doing: one bottle of the best plan against another of the shelf on two halves, or another way of shaping or parting turn
 * about with the plan's own, by what it may gain in this head's own wishes times the chance that it does. The gain is that of knowing: after the trial the better of the two is taken (value of sample information; Raiffa and
 * Schlaifer 1961, ch. 5; the same as the knowledge gradient).
 *
 * @param used the bottle the head would have, or the way it would be worked
 * @param tried what is set against it
 * @param gainPoints expected after the trial, points of a score weighed by the wishes
 * @param expectedPoints by which what is tried is thought better now; mostly below 0, or the plan had it
 * @param chancePercent that it is better at all
 * @param chanceMattersPercent that it is better by half a point and more
 * @param pairs after which it is read
 * @param moreMinutes it takes against the plan
 * @param moreCents it costs a wash
 * @param worthwhile whether anybody would see what it may gain; where not, the plan is kept as it is
 * @param routine the first wash of the trial: its halves, or the other way on the whole head; clarified first where hair is not fresh
 * @param words what it may gain, how likely, and what it takes
 */
public record NextTrial(
        String used,
        String tried,
        TrialPlan.Way way,
        double gainPoints,
        double expectedPoints,
        double chancePercent,
        double chanceMattersPercent,
        int pairs,
        double moreMinutes,
        double moreCents,
        boolean worthwhile,
        Routine routine,
        String words) {
    /** The best and two behind it. */
    private static final int SHOWN = 3;
    /** More single changes than a usual shelf allows; each takes a millisecond or two [OURS]. */
    private static final int WEIGHED_IN_ANY_CASE = 60;
    /** A difference a stylist would see, points [CP: what section 13 of the trade calls visible is .3; that it matters, OURS]. */
    static final double MATTERS = .5;

    /** A gain to expect that is told as nothing to a tenth is none [OURS]. */
    private static final double LEAST_GAIN = .05;

    private static final NormalDistribution NORMAL = new NormalDistribution(null, 0, 1);

    /**
     * The likeliest to gain first; empty where no plan fits.
     *
     * @param rater who will score it; null where nobody says
     */
    public static List<NextTrial> of(Query asked, Learned learned, String head, String rater, Stop stop) {
        Query query = clarified(asked);
        Evaluation plan = Planner.bestOf(query, way -> true, stop);
        if (plan == null) {
            return List.of();
        }
        Search search = Planner.search(query, plan.choice().details());
        Uncertainty uncertainty = new Uncertainty(query, learned, head, rater);
        List<NextTrial> all = new ArrayList<>();
        for (Candidate other : search.neighbours(plan.choice())) {
            // Where the plan took all the time there is, enough are weighed all the same to say which is the best.
            boolean enough = all.size() >= WEIGHED_IN_ANY_CASE && stop.isDue();
            Evaluation run = enough || !isOneChange(plan.choice(), other) ? null : search.judge(other);
            OneChange change = run == null || !run.isFeasible() ? null : OneChange.between(plan, run);
            if (change != null) {
                all.add(uncertainty.trial(plan, run, change));
            }
        }
        return all.stream()
                .sorted(Comparator.comparingDouble((NextTrial one) -> -one.gainPoints())
                        .thenComparing(NextTrial::tried))
                .filter(differing())
                .limit(SHOWN)
                .toList();
    }

    /** Two trials of one thing are one. */
    private static Predicate<NextTrial> differing() {
        Set<String> seen = new HashSet<>();
        return one -> seen.add(one.tried() + "/" + one.used());
    }

    /** Before a trial hair is clarified, or what was there is judged with it; within a week it still is [CP]. */
    private static Query clarified(Query query) {
        Double since = query.hair().daysSinceClarify();
        return since != null && since <= FRESH_DAYS
                ? query
                : Changed.with(query, "hair", Changed.with(query.hair(), "newClient", true));
    }

    /** Days since clarifying within which hair need not be clarified for a trial [OURS]. */
    private static final double FRESH_DAYS = 7;

    /** One bottle for another, or other hands, or another parting; drying takes other hours and is no trial of a wash. */
    private static boolean isOneChange(Candidate plan, Candidate other) {
        Frame own = plan.frame();
        Frame its = other.frame();
        int changes = own.hands() == its.hands() ? 0 : 1;
        changes += own.sections() == its.sections() ? 0 : 1;
        for (Slot slot : Slot.values()) {
            if (plan.in(slot) != other.in(slot)) {
                changes += plan.in(slot) == null || other.in(slot) == null ? 2 : 1;
            }
        }
        return changes == 1 && own.drying() == its.drying();
    }

    /** What each score weighs in these wishes, together 1; below 0 where less is better. */
    static Map<ScoreName, Double> weights(Goal goal) {
        Map<ScoreName, Double> weights = new EnumMap<>(ScoreName.class);
        weights.put(ScoreName.DEFINITION, Goal.LEAST_WISH + goal.definition());
        weights.put(ScoreName.VOLUME, Goal.LEAST_WISH + goal.volume());
        weights.put(ScoreName.SOFTNESS, Goal.LEAST_WISH + goal.softness());
        weights.put(ScoreName.DAYS, Goal.LEAST_WISH + goal.longevity());
        weights.put(ScoreName.FRIZZ, -(Goal.LEAST_WISH + goal.lowFrizzOrDefinition()));
        double sum = weights.values().stream().mapToDouble(Math::abs).sum();
        weights.replaceAll((score, weight) -> weight / sum);
        return weights;
    }

    /**
     * Expected gain of knowing, points: what the better of the two brings after a trial over what the likelier brings now.
     *
     * @param mean difference now believed, and its deviation
     * @param chance deviation of the trial's own mean
     */
    static double gain(double mean, double deviation, double chance) {
        double moved = deviation * deviation / Math.sqrt(deviation * deviation + chance * chance);
        if (moved <= 0) {
            return 0;
        }
        double z = mean / moved;
        return moved * NORMAL.density(z) + mean * NORMAL.cumulativeProbability(z) - Math.max(0, mean);
    }

    /**
     * How little is known of what one bottle does instead of another.
     *
     * @param head whose effects are meant
     * @param rater who scores the trial; null where nobody says
     */
    private record Uncertainty(Query query, Learned learned, String head, String rater) {
        /**
         * The gain to expect is what the better of the two would be worth once the trial has told them apart, less what is known
         * now: the expectation of the positive part of a normal posterior mean.
         */
        NextTrial trial(Evaluation plan, Evaluation other, OneChange change) {
            Scores now = OutcomeModel.scores(plan.wash());
            Scores then = OutcomeModel.scores(other.wash());
            double mean = 0;
            double variance = 0;
            double noise = 0;
            for (Map.Entry<ScoreName, Double> one : weights(query.goal()).entrySet()) {
                double weight = one.getValue();
                ScoreName score = one.getKey();
                Fit fit = learned.fit(score);
                mean += weight * (then.of(score) - now.of(score));
                variance += weight * weight * of(fit, score, change.effects());
                noise += weight * weight * learned.pairVariance(score, change.way(), rater);
            }
            int pairs = TrialBegun.usual(change.used(), change.tried(), change.way())
                    .agreed(learned, rater)
                    .agreedPairs();
            double deviation = Math.sqrt(variance);
            double gain = gain(mean, deviation, Math.sqrt(noise / pairs));
            double better = NORMAL.cumulativeProbability(mean / deviation);
            double matters = NORMAL.cumulativeProbability((mean - MATTERS) / deviation);
            double minutes =
                    other.wash().course().minutes() - plan.wash().course().minutes();
            double cents = cost(other) - cost(plan);
            return new NextTrial(
                    change.used(),
                    change.tried(),
                    change.way(),
                    round(gain),
                    round(mean),
                    Math.round(100 * better),
                    Math.round(100 * matters),
                    pairs,
                    round(minutes),
                    round(cents),
                    gain >= LEAST_GAIN,
                    change.first(),
                    words(change.way(), gain, better, matters, pairs, minutes));
        }

        private static double cost(Evaluation plan) {
            return Judgement.costCents(plan.wash().amounts());
        }

        /** Variance of what the one does less what the other does, points squared: each drawn by itself. */
        private double of(Fit fit, ScoreName score, Map<Effect, Double> difference) {
            if (fit != null) {
                return fit.together(head, difference)[1];
            }
            ScatterOf usual = ScatterOf.usual(score);
            return difference.keySet().stream()
                    .mapToDouble(effect -> usual.of(effect.origin()))
                    .sum();
        }

        private String words(TrialPlan.Way way, double gain, double better, double matters, int pairs, double minutes) {
            return String.format(
                    Locale.ROOT,
                    "Gain to expect for what is wished: +%.2f; better at all %d in 10, by half a point %d in 10. %d %s%s would"
                            + " settle it%s.",
                    gain,
                    Math.round(10 * better),
                    Math.round(10 * matters),
                    way == TrialPlan.Way.HALVES ? pairs : 2 * pairs,
                    way == TrialPlan.Way.HALVES ? "washes" : "washes, turn about,",
                    rater == null ? "" : " by " + rater + "'s eye",
                    Math.abs(minutes) < 1 ? "" : "; " + Signed.whole(minutes) + " minutes each");
        }
    }

    private static double round(double value) {
        return Math.round(value * 1000) / 1000.0 + 0.0;
    }
}
