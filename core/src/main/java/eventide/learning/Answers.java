package eventide.learning;

import eventide.hair.Zone;
import eventide.routine.Goal;
import eventide.shape.Maybe;
import eventide.shape.Signed;
import eventide.wash.Correction.Kind;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.math3.distribution.NormalDistribution;

/**
 * What a stylist asks of a log, answered in a line each: what works on this head, how far to trust it, what does not.
 *
 * @param works the clearest first; empty where nothing is clear yet
 * @param doesNot likewise
 * @param mayWork the likeliest to work where nothing does clearly; absent where that too would be a guess
 * @param mayNot likewise
 */
public record Answers(
        List<Answer> works, List<Answer> doesNot, String sure, @Maybe Answer mayWork, @Maybe Answer mayNot) {
    private static final NormalDistribution NORMAL = new NormalDistribution(null, 0, 1);
    /** Points below which nothing is told apart [OURS]. */
    private static final double LEAST_DEVIATION = 1e-6;

    /** What hands can do otherwise next time, and where. */
    private static final Set<Kind> TOLD =
            EnumSet.of(Kind.BOTTLE, Kind.WAY, Kind.ZONE, Kind.SINCE_CLARIFYING, Kind.SINCE_PROTEIN);

    /** More nobody takes in at once. */
    private static final int MOST = 3;
    /** Washes below which nothing is said [OURS: a bottle needs about eight, a first direction three]. */
    static final int FEWEST = 3;

    /**
     * One thing and what it does for this head's wishes.
     *
     * @param bottle that does it, where it is one
     * @param estimate points of a score, each score weighed by the wishes; frizz turned round, so that above 0 is better
     * @param chancePercent that it does what it is said to do at all, from 50 to 100
     * @param score the one it is told by, where it is told by one
     */
    public record Answer(
            String what,
            @Maybe String bottle,
            Estimate estimate,
            int chancePercent,
            @Maybe ScoreName score,
            @Maybe Zone zone,
            String words) {
        /** A side comes out better or worse; it is nothing that could be done again. */
        boolean isZone() {
            return zone != null;
        }
    }

    /** The four questions, in the order they are asked: what works, how sure, what does not, what next. */
    static Answers of(int washes, Goal goal, List<HeadLearned.ScoreLearned> scores) {
        Map<String, List<LearnedThing>> things = new LinkedHashMap<>();
        for (HeadLearned.ScoreLearned score : scores) {
            for (LearnedThing thing : score.found()) {
                if (thing.here() && TOLD.contains(thing.kind())) {
                    things.computeIfAbsent(thing.what(), any -> new ArrayList<>())
                            .add(thing);
                }
            }
        }
        Map<String, List<LearnedThing>> compared = new LinkedHashMap<>();
        scores.forEach(score -> score.compared()
                .forEach(thing -> compared.computeIfAbsent(thing.what(), any -> new ArrayList<>())
                        .add(thing)));
        Map<ScoreName, Double> weights = NextTrial.weights(goal);
        List<Answer> all = washes < FEWEST
                ? List.of()
                : things.values().stream().map(thing -> answer(thing, weights)).toList();
        List<Answer> rather = washes < FEWEST
                ? List.of()
                : compared.values().stream()
                        .filter(two -> two.stream().anyMatch(Answers::matters))
                        .map(two -> answer(two, weights))
                        .toList();
        List<Answer> good = told(all.stream().filter(answer -> !answer.isZone()).toList(), rather, 1);
        List<Answer> bad = told(all, rather, -1);
        return new Answers(clear(good), clear(bad), sure(washes, scores), likeliest(good), likeliest(bad));
    }

    /**
     * What is better than nothing, or worse: things by themselves, and one rather than another where that one is not clear by itself.
     *
     * @param sign 1 for better, −1 for worse
     */
    private static List<Answer> told(List<Answer> things, List<Answer> rather, int sign) {
        List<Answer> alone = things.stream()
                .filter(answer -> answer.estimate().points() * sign > 0)
                .toList();
        Set<String> clear = alone.stream()
                .filter(answer -> answer.estimate().isClear())
                .map(Answer::what)
                .collect(Collectors.toSet());
        return Stream.concat(
                        alone.stream(),
                        rather.stream()
                                .filter(answer -> answer.estimate().points() * sign > 0)
                                .filter(answer -> !clear.contains(answer.bottle())))
                .toList();
    }

    /** Two that come out nearly alike are left to the trial's own verdict. */
    private static boolean matters(LearnedThing two) {
        return Math.abs(two.estimate().points()) >= NextTrial.MATTERS * ScatterOf.unit(two.score());
    }

    private static List<Answer> clear(List<Answer> all) {
        return all.stream()
                .filter(answer -> answer.estimate().isClear())
                .sorted(Comparator.comparingDouble(
                        answer -> -Math.abs(answer.estimate().points())))
                .limit(MOST)
                .toList();
    }

    /** Null where something is clear, and where nothing is likely enough to go by. */
    private static Answer likeliest(List<Answer> all) {
        return all.stream().anyMatch(answer -> answer.estimate().isClear())
                ? null
                : all.stream()
                        .filter(answer -> answer.chancePercent() >= LIKELY_PERCENT)
                        .max(Comparator.comparingInt(Answer::chancePercent).thenComparing(Answer::what))
                        .orElse(null);
    }

    /** Two to one: what is less likely is no direction [OURS]. */
    private static final int LIKELY_PERCENT = 67;

    /** One bottle, way, zone or wait over all its scores, weighed by what this head wishes. */
    private static Answer answer(List<LearnedThing> thing, Map<ScoreName, Double> weights) {
        double mean = 0;
        double variance = 0;
        LearnedThing most = thing.get(0);
        for (LearnedThing one : thing) {
            double weight = weights.getOrDefault(one.score(), 0.0);
            double deviation = (one.estimate().high() - one.estimate().low()) / 2 / Accuracy.HOLDS_80;
            mean += weight * one.estimate().points();
            variance += weight * weight * deviation * deviation;
            double told =
                    weights.getOrDefault(most.score(), 0.0) * most.estimate().points();
            most = Math.abs(weight * one.estimate().points()) > Math.abs(told) ? one : most;
        }
        Estimate estimate =
                Estimate.of(new double[] {mean, variance}, most.estimate().ids());
        int washes = most.estimate().washes();
        double chance = NORMAL.cumulativeProbability(Math.abs(mean) / Math.max(LEAST_DEVIATION, Math.sqrt(variance)));
        return new Answer(
                most.what(),
                most.bottle(),
                estimate,
                (int) Math.round(100 * chance),
                most.score(),
                most.zone(),
                String.format(
                        Locale.ROOT,
                        "%s %s, %d %s%s",
                        Signed.of(most.estimate().points()),
                        most.score().label(),
                        washes,
                        washes == 1 ? "wash" : "washes",
                        most.evidence()));
    }

    /** How far the predictions of this head are to be trusted, by leaving its washes out in turn. */
    private static String sure(int washes, List<HeadLearned.ScoreLearned> scores) {
        if (washes < FEWEST) {
            return washes + " of the " + FEWEST + " washes it takes before anything is said of this head.";
        }
        double model = 0;
        double corrected = 0;
        double held = 0;
        int told = 0;
        for (HeadLearned.ScoreLearned score : scores) {
            if (score.score() == ScoreName.DEFINITION || score.score() == ScoreName.FRIZZ) {
                Accuracy accuracy = score.accuracy();
                model += accuracy.modelError() / 2;
                corrected += (accuracy.helps() ? accuracy.correctedError() : accuracy.modelError()) / 2;
                held += accuracy.coveragePercent() * accuracy.washes() / 100;
                told += accuracy.washes();
            }
        }
        return String.format(
                Locale.ROOT,
                "%.1f points off for definition and frizz, by the book %.1f; %d of %d scores lay inside their bands, where 8 in 10 should.",
                corrected,
                model,
                Math.round(held),
                told);
    }
}
