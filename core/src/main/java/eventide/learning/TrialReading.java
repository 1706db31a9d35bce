package eventide.learning;

import eventide.learning.TrialPlan.LeftOut;
import eventide.learning.TrialPlan.Way;
import eventide.learning.TrialQuestion.TrialPair;
import eventide.routine.Half;
import eventide.shape.Maybe;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * A trial as its washes read. Several scores looked at together are allowed for by Holm's step-down (Holm 1979, Scand J Stat 6, 65):
 * the clearest is asked for most, the next for less.
 *
 * @param pairs that count, the oldest first, of the score it is for
 * @param readings of each score, the one it is for first; absent while there is no pair
 * @param spoilt washes that were taken out, each with its reason
 * @param words the verdict as it may be said now
 * @param nextTriedOn the half that has what is tried at the next wash; absent where whole heads take turns
 * @param nextIsTried whether the next wash is one with what is tried; absent where halves are set against each other
 * @param nextLike the wash the next is done like, its sides swapped where they are halves; absent where none was
 */
public record TrialReading(
        List<PairOfWashes> pairs,
        List<ScoreTrial> readings,
        List<LeftOut> spoilt,
        String words,
        boolean early,
        @Maybe Half nextTriedOn,
        @Maybe Boolean nextIsTried,
        @Maybe Long nextLike) {
    /**
     * @param used points of what the head is used to; as given, frizz too
     * @param washes one, or the two that were paired
     */
    public record PairOfWashes(List<Long> washes, double used, double tried, @Maybe Half triedOn) {}

    /** Of frizz and weight less is better: their trial is of 10 less the score. */
    public record ScoreTrial(ScoreName score, Trial trial) {}

    /** The oldest wash first. */
    public static TrialReading of(TrialPlan plan, List<TrialWash> all) {
        Map<Long, LeftOut> out = plan.leftOutOrNone().stream()
                .collect(Collectors.toMap(LeftOut::washDay, one -> one, (one, again) -> again));
        List<TrialWash> washes = all.stream()
                .filter(wash -> !wash.at().isBefore(plan.startedAt()))
                .filter(wash -> plan.isRunning() || !wash.at().isAfter(plan.stoppedAt()))
                .sorted(Comparator.comparing(TrialWash::at).thenComparing(TrialWash::id))
                .toList();
        List<TrialWash> counted =
                washes.stream().filter(wash -> !out.containsKey(wash.id())).toList();
        List<ScoreTrial> readings = readings(plan, counted);
        List<PairOfWashes> pairs = pairs(plan, counted, plan.scores().get(0));
        boolean early = pairs.size() < plan.agreedPairsOrUsual();
        return new TrialReading(
                pairs,
                readings,
                plan.leftOutOrNone(),
                words(plan, readings, pairs.size()),
                early,
                plan.way() == Way.HALVES ? nextTriedOn(plan, washes) : null,
                plan.way() == Way.HALVES ? null : nextIsTried(plan, washes),
                nextLike(plan, plan.way() == Way.HALVES ? counted : all, washes));
    }

    private static List<PairOfWashes> pairs(TrialPlan plan, List<TrialWash> washes, ScoreName score) {
        return plan.way() == Way.HALVES ? halves(plan, washes, score) : turns(plan, washes, score);
    }

    /** Washes that wore both, one on each side: each is a pair by itself. */
    private static List<PairOfWashes> halves(TrialPlan plan, List<TrialWash> washes, ScoreName score) {
        List<PairOfWashes> pairs = new ArrayList<>();
        for (TrialWash wash : washes) {
            Half used = wash.sideOf(plan.used());
            Half tried = wash.sideOf(plan.tried());
            if (used != null && tried != null && used != tried) {
                Double a = wash.scored(score, used);
                Double b = wash.scored(score, tried);
                if (a != null && b != null) {
                    pairs.add(new PairOfWashes(List.of(wash.id()), a, b, tried));
                }
            }
        }
        return pairs;
    }

    /** Each wash with one of the two is paired with the next that had the other. */
    private static List<PairOfWashes> turns(TrialPlan plan, List<TrialWash> washes, ScoreName score) {
        List<PairOfWashes> pairs = new ArrayList<>();
        TrialWash waiting = null;
        for (TrialWash wash : washes) {
            boolean used = wash.hasOnAll(plan.used());
            if (used == wash.hasOnAll(plan.tried()) || wash.scored(score) == null) {
                continue;
            }
            if (waiting == null || waiting.hasOnAll(plan.used()) == used) {
                waiting = wash;
                continue;
            }
            TrialWash a = used ? wash : waiting;
            TrialWash b = used ? waiting : wash;
            pairs.add(new PairOfWashes(List.of(waiting.id(), wash.id()), a.scored(score), b.scored(score), null));
            waiting = null;
        }
        return pairs;
    }

    /** Each score read with what Holm leaves it of the confidence. */
    private static List<ScoreTrial> readings(TrialPlan plan, List<TrialWash> washes) {
        List<TrialQuestion> asked = new ArrayList<>();
        List<ScoreName> scores = new ArrayList<>();
        for (ScoreName score : plan.scores()) {
            List<TrialPair> pairs = pairs(plan, washes, score).stream()
                    .map(pair -> pair(pair, isBetterLow(score)))
                    .toList();
            if (!pairs.isEmpty()) {
                scores.add(score);
                asked.add(new TrialQuestion(pairs, plan.margin(), plan.confidencePercent()));
            }
        }
        double[] confidence = Holm.confidences(
                asked.stream().map(Trial::of).mapToDouble(Trial::pValue).toArray(), plan.confidencePercent() / 100);
        List<ScoreTrial> readings = new ArrayList<>();
        for (int i = 0; i < scores.size(); i++) {
            readings.add(new ScoreTrial(scores.get(i), Trial.of(asked.get(i), confidence[i])));
        }
        return readings;
    }

    /** @param low whether less is better: turned round, so that better is always more */
    private static TrialPair pair(PairOfWashes pair, boolean low) {
        Half usedOn = pair.triedOn() == null ? null : pair.triedOn() == Half.LEFT ? Half.RIGHT : Half.LEFT;
        return low
                ? new TrialPair(MOST - pair.used(), MOST - pair.tried(), usedOn)
                : new TrialPair(pair.used(), pair.tried(), usedOn);
    }

    /** End of the scale of most scores. */
    private static final double MOST = 10;

    /** Frizz and weight: less of them is what is wished for. */
    static boolean isBetterLow(ScoreName score) {
        return score == ScoreName.FRIZZ || score == ScoreName.WEIGHT;
    }

    /** The first score's verdict, and what the others add. */
    private static String words(TrialPlan plan, List<ScoreTrial> readings, int pairs) {
        if (readings.isEmpty()) {
            return "Not begun: the first wash with both, scored on both sides, is its first pair.";
        }
        ScoreTrial first = readings.get(0);
        String said = (isBetterLow(first.score()) ? "Less " + first.score().label() + " is better here. " : "")
                + first.trial().words();
        String several = readings.size() == 1
                ? ""
                : " " + readings.size() + " scores are looked at together, and allowed for (Holm).";
        int left = plan.agreedPairsOrUsual() - pairs;
        String early = left <= 0
                ? ""
                : " Looked at early, " + left + (left == 1 ? " pair" : " pairs") + " before the "
                        + plan.agreedPairsOrUsual()
                        + " agreed: a hint, no verdict. Who looks at every wash and stops at the first good one is wrong more"
                        + " often than "
                        + Math.round(100 - plan.confidencePercent()) + " times in 100.";
        return said + several + early;
    }

    /** The sides are swapped each time. */
    private static Half nextTriedOn(TrialPlan plan, List<TrialWash> washes) {
        Half last = null;
        for (TrialWash wash : washes) {
            Half tried = wash.sideOf(plan.tried());
            last = tried != null && wash.sideOf(plan.used()) != null ? tried : last;
        }
        return last == Half.RIGHT ? Half.LEFT : Half.RIGHT;
    }

    /** Turn about: whether the last wash wore what was used before. */
    private static boolean nextIsTried(TrialPlan plan, List<TrialWash> washes) {
        boolean tried = false;
        for (TrialWash wash : washes) {
            tried = wash.hasOnAll(plan.tried()) || tried && !wash.hasOnAll(plan.used());
        }
        return !tried;
    }

    /** The last that was halved, or the last that had what is next; of that the head may have had some before the trial. */
    private static Long nextLike(TrialPlan plan, List<TrialWash> from, List<TrialWash> washes) {
        Predicate<TrialWash> like = plan.way() == Way.HALVES
                ? wash -> wash.sideOf(plan.used()) != null && wash.sideOf(plan.tried()) != null
                : nextIsTried(plan, washes)
                        ? wash -> wash.hasOnAll(plan.tried()) && !wash.hasOnAll(plan.used())
                        : wash -> wash.hasOnAll(plan.used()) && !wash.hasOnAll(plan.tried());
        return from.stream()
                .filter(like)
                .max(Comparator.comparing(TrialWash::at).thenComparing(TrialWash::id))
                .map(TrialWash::id)
                .orElse(null);
    }
}
