package eventide.practice;

import eventide.practice.AgreementQuestion.EyeRating;
import eventide.practice.AgreementQuestion.KnownScore;
import eventide.shape.Maybe;
import eventide.shape.Signed;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.math3.distribution.TDistribution;
import org.apache.commons.math3.stat.descriptive.SummaryStatistics;

/**
 * How well eyes agree. A figure that cannot be said (one eye, one item, all scores alike) is absent.
 *
 * @param alphaInterval Krippendorff's alpha with interval differences, at most 1 (Krippendorff 2011, Computing Krippendorff's
 *     Alpha-Reliability)
 * @param iccSingle ICC(2,1), one eye as good as any other, on the items every eye has scored (Shrout and Fleiss 1979, Psychol Bull 86, 420)
 * @param iccAverage ICC(2,k), the mean of all these eyes, likewise
 */
public record Agreement(
        @Maybe Double alphaInterval,
        @Maybe Double iccSingle,
        @Maybe Double iccAverage,
        List<EyeSteadiness> raters,
        String words) {
    /**
     * One eye against the truth, or where that is not known against the mean of the others.
     *
     * @param n scores that could be compared
     * @param bias points it reads high by; absent where nothing could be compared
     * @param low of the interval that holds the bias in four cases of five; absent with fewer than two scores
     * @param error mean of the differences, whatever their sign, points
     */
    public record EyeSteadiness(
            String rater, int n, @Maybe Double bias, @Maybe Double low, @Maybe Double high, @Maybe Double error) {}

    /** So sure, as everywhere. */
    private static final double CONFIDENCE = .8;
    /** Scores are written to the half point: nothing is known better, standard deviation of a rounding. */
    private static final double ROUNDING = .5 / Math.sqrt(12);
    /** Krippendorff's own lines (2004, from memory): reliable, and good enough for a first look. */
    private static final double RELIABLE = .8;

    /** Alpha from which conclusions may be drawn with care [Krippendorff]. */
    private static final double TENTATIVE = .667;

    /** How far raters agree: Krippendorff's alpha, intraclass correlation (Shrout and Fleiss 1979), each one's bias. */
    public static Agreement of(AgreementQuestion asked) {
        Map<String, Map<String, Double>> byItem = new LinkedHashMap<>();
        for (EyeRating one : asked.ratings()) {
            byItem.computeIfAbsent(one.item(), any -> new LinkedHashMap<>()).put(one.rater(), one.score());
        }
        List<String> raters = asked.ratings().stream()
                .map(EyeRating::rater)
                .distinct()
                .sorted()
                .toList();
        Map<String, Double> truth = new LinkedHashMap<>();
        for (KnownScore known : asked.truthOrNone()) {
            truth.put(known.item(), known.score());
        }
        List<EyeSteadiness> eyes =
                raters.stream().map(rater -> steadiness(rater, byItem, truth)).toList();
        Double alpha = alpha(byItem);
        double[][] complete = byItem.values().stream()
                .filter(scores -> scores.size() == raters.size())
                .map(scores -> raters.stream().mapToDouble(scores::get).toArray())
                .toArray(double[][]::new);
        MeanSquares squares = complete.length < 2 || raters.size() < 2 ? null : MeanSquares.of(complete);
        return new Agreement(
                alpha,
                squares == null ? null : squares.single(),
                squares == null ? null : squares.average(),
                eyes,
                words(raters, alpha, eyes, !truth.isEmpty()));
    }

    /** Bias and scatter of one eye: against the truth where it is known, else against the mean of the others. */
    private static EyeSteadiness steadiness(
            String rater, Map<String, Map<String, Double>> byItem, Map<String, Double> truth) {
        SummaryStatistics off = new SummaryStatistics();
        SummaryStatistics error = new SummaryStatistics();
        byItem.forEach((item, scores) -> {
            Double own = scores.get(rater);
            Double against = truth.isEmpty() ? others(scores, rater) : truth.get(item);
            if (own != null && against != null) {
                off.addValue(own - against);
                error.addValue(Math.abs(own - against));
            }
        });
        int n = (int) off.getN();
        if (n == 0) {
            return new EyeSteadiness(rater, 0, null, null, null, null);
        }
        Double half = n < 2
                ? null
                : new TDistribution(null, n - 1).inverseCumulativeProbability(.5 + CONFIDENCE / 2)
                        * Math.max(off.getStandardDeviation(), ROUNDING)
                        / Math.sqrt(n);
        return new EyeSteadiness(
                rater,
                n,
                off.getMean(),
                half == null ? null : off.getMean() - half,
                half == null ? null : off.getMean() + half,
                error.getMean());
    }

    /** Mean of the other eyes on one thing, null where there are none. */
    private static Double others(Map<String, Double> scores, String rater) {
        SummaryStatistics mean = new SummaryStatistics();
        scores.forEach((eye, score) -> {
            if (!eye.equals(rater)) {
                mean.addValue(score);
            }
        });
        return mean.getN() == 0 ? null : mean.getMean();
    }

    /** One less the squared differences within items against those between any two scores, over the items with two scores or more. */
    private static Double alpha(Map<String, Map<String, Double>> byItem) {
        List<Double> all = new ArrayList<>();
        double within = 0;
        for (Map<String, Double> scores : byItem.values()) {
            if (scores.size() < 2) {
                continue;
            }
            within += squares(scores.values().stream()
                            .mapToDouble(Double::doubleValue)
                            .toArray())
                    / (scores.size() - 1);
            all.addAll(scores.values());
        }
        int n = all.size();
        double between = squares(all.stream().mapToDouble(Double::doubleValue).toArray());
        return n < 2 || between < ALIKE ? null : 1 - (n - 1) * within / between;
    }

    /** Less than this is no difference but the arithmetic's. */
    private static final double ALIKE = 1e-9;

    /**
     * Of every ordered pair.
     *
     * @return points squared
     */
    private static double squares(double[] scores) {
        double sum = 0;
        double squared = 0;
        double mean = 0;
        for (double score : scores) {
            mean += score / scores.length;
        }
        for (double score : scores) {
            sum += score - mean;
            squared += (score - mean) * (score - mean);
        }
        return 2 * (scores.length * squared - sum * sum);
    }

    private static String words(List<String> raters, Double alpha, List<EyeSteadiness> eyes, boolean isKnown) {
        List<String> said = new ArrayList<>();
        if (raters.size() < 2) {
            said.add("One pair of eyes: nobody to agree with.");
        } else if (alpha == null) {
            said.add("No two of these scores tell whether eyes agree: two eyes on a few things that differ do.");
        } else {
            said.add(String.format(
                    Locale.ROOT,
                    "Alpha %.2f: %s.",
                    alpha,
                    alpha >= RELIABLE
                            ? "one's scores may be read as another's"
                            : alpha >= TENTATIVE
                                    ? "good enough for a first look, not for a close verdict"
                                    : "these eyes do not see the same; practise together before washes are compared"));
        }
        for (EyeSteadiness eye : eyes) {
            boolean isClear = eye.low() != null && (eye.low() > 0 || eye.high() < 0);
            if (isClear && (isKnown || raters.size() > 1)) {
                said.add(String.format(
                        Locale.ROOT,
                        "%s reads %.1f %s (%s to %s)%s.",
                        eye.rater(),
                        Math.abs(eye.bias()),
                        eye.bias() > 0 ? "high" : "low",
                        Signed.of(eye.low()),
                        Signed.of(eye.high()),
                        isKnown ? "" : " against the others"));
            }
        }
        return String.join(" ", said);
    }
}
