package eventide.practice;

import eventide.learning.Accuracy;
import eventide.shape.Maybe;
import eventide.shape.Signed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.math3.distribution.TDistribution;
import org.apache.commons.math3.stat.correlation.PearsonsCorrelation;
import org.apache.commons.math3.stat.descriptive.SummaryStatistics;

/**
 * How well pictures and eyes agree, over the washes that have both. Neither is the truth: where they part, somebody looks again.
 *
 * @param pictures that were both measured and scored by an eye
 */
public record WitnessReport(int pictures, List<ScoreBeside> scores, String words) {
    /**
     * One score.
     *
     * @param pictures that say it
     * @param bias points that pictures say more than the eye, as a mean
     * @param low of the interval that holds the bias in four cases of five [t interval of a mean]; absent with fewer than two
     * @param correlation of Pearson, from −1 to 1; absent with fewer than four, or where either always says the same
     * @param correlationLow of the interval that holds it in four cases of five [PUB: Fisher 1921, by his z]
     * @param parted keys of the pictures to look at again, furthest apart first: where the eye lies outside what the picture allows
     *     by {@value #PARTS_FROM} points or more
     */
    public record ScoreBeside(
            EyeScore score,
            int pictures,
            double bias,
            @Maybe Double low,
            @Maybe Double high,
            @Maybe Double correlation,
            @Maybe Double correlationLow,
            @Maybe Double correlationHigh,
            List<String> parted) {}

    /** Two careful eyes differ by a point on one head [OURS]: beyond that, something was seen otherwise. */
    static final double PARTS_FROM = 1;
    /** More to look at again than this nobody does. */
    private static final int MOST_PARTED = 6;
    /** Fisher's z needs four. */
    private static final int CORRELATES_FROM = 4;
    /** What holds four cases of five. */
    private static final double UPPER = .9;

    /** How photographs and eyes agree, by score, and the pictures to look at again. */
    public static WitnessReport of(List<Witnessed> all) {
        List<ScoreBeside> scores = new ArrayList<>();
        for (EyeScore score : EyeScore.values()) {
            List<Witnessed> own =
                    all.stream().filter(one -> one.score() == score).toList();
            if (!own.isEmpty()) {
                scores.add(of(score, own));
            }
        }
        int pictures = (int) all.stream().map(Witnessed::key).distinct().count();
        return new WitnessReport(pictures, scores, words(pictures, scores));
    }

    /** Mean of eye less picture with its 95 % interval (Student's t), and how well they go together. */
    private static ScoreBeside of(EyeScore score, List<Witnessed> own) {
        SummaryStatistics apart = new SummaryStatistics();
        own.forEach(one -> apart.addValue(one.apart()));
        int n = own.size();
        Double half = n < 2
                ? null
                : new TDistribution(null, n - 1).inverseCumulativeProbability(UPPER)
                        * apart.getStandardDeviation()
                        / Math.sqrt(n);
        Double r = correlation(own);
        // A perfect line has no interval of its own: its z has no end.
        Double z = r == null || Math.abs(r) >= 1 ? null : Math.log((1 + r) / (1 - r)) / 2;
        double spread = Accuracy.HOLDS_80 / Math.sqrt(Math.max(1, n - 3));
        return new ScoreBeside(
                score,
                n,
                hundredth(apart.getMean()),
                half == null ? null : hundredth(apart.getMean() - half),
                half == null ? null : hundredth(apart.getMean() + half),
                r == null ? null : hundredth(r),
                z == null ? null : hundredth(Math.tanh(z - spread)),
                z == null ? null : hundredth(Math.tanh(z + spread)),
                parted(own));
    }

    /** Pearson's; null where there are too few, or all are alike. */
    private static Double correlation(List<Witnessed> own) {
        if (own.size() < CORRELATES_FROM) {
            return null;
        }
        double r = new PearsonsCorrelation()
                .correlation(
                        own.stream().mapToDouble(Witnessed::picture).toArray(),
                        own.stream().mapToDouble(Witnessed::eye).toArray());
        return Double.isNaN(r) ? null : Math.max(-1, Math.min(1, r));
    }

    /** Where eye and picture are further apart than the picture's own doubt, the furthest first. */
    private static List<String> parted(List<Witnessed> own) {
        return own.stream()
                .filter(one -> outside(one) >= PARTS_FROM)
                .sorted(Comparator.comparingDouble(WitnessReport::outside)
                        .reversed()
                        .thenComparing(Witnessed::key))
                .limit(MOST_PARTED)
                .map(Witnessed::key)
                .toList();
    }

    /** Points by which an eye lies outside what its picture allows. */
    private static double outside(Witnessed one) {
        return Math.max(0, Math.max(one.low() - one.eye(), one.eye() - one.high()));
    }

    private static String words(int pictures, List<ScoreBeside> scores) {
        if (pictures == 0) {
            return "No wash has both a picture that could be measured and a score by eye yet.";
        }
        String over = "Over " + pictures + (pictures == 1 ? " picture" : " pictures");
        List<String> sure = scores.stream()
                .filter(one -> one.low() != null && (one.low() > 0 || one.high() < 0))
                .map(one -> one.score().label() + " " + Signed.of(one.bias()))
                .toList();
        return sure.isEmpty()
                ? over + " picture and eye do not part for sure."
                : over + " the picture says, beside the eye, " + String.join(", ", sure)
                        + ": drawn locks taught it, so ask both.";
    }

    private static double hundredth(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
