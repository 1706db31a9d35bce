package eventide.practice;

import eventide.learning.MeasuredEye;
import eventide.practice.AgreementQuestion.EyeRating;
import eventide.practice.AgreementQuestion.KnownScore;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Signed;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.math3.stat.regression.SimpleRegression;

/**
 * How steady an eye is, by all the swatches it has scored.
 *
 * @param read each of them with its truth, in the order given
 */
public record EyeReport(int swatches, List<OfScore> scores, List<SwatchTruth> read, String words) {
    /**
     * One score.
     *
     * @param bias points it reads high by
     * @param low of the interval that holds the bias in four cases of five; absent with fewer than two
     * @param error mean of the differences from the truth, whatever their sign
     * @param againstItself points between two scores of the same swatch seen twice, as a standard deviation; absent with fewer than
     *     two such
     * @param drift points that the bias rises by over ten swatches; absent with fewer than eight
     */
    public record OfScore(
            EyeScore score,
            double bias,
            @Maybe Double low,
            @Maybe Double high,
            double error,
            @Maybe Double againstItself,
            @Maybe Double drift) {}

    /** Fewer say nothing of a drift [OURS]. */
    private static final int DRIFT_FROM = 8;

    /** Readings over which a drift is said. */
    private static final int TEN = 10;

    /**
     * Bias, spread and drift of one eye against the truth and against itself.
     *
     * @throws InvalidException where one of them is nothing
     */
    public static EyeReport of(List<SwatchReading> readings) {
        for (int i = 0; i < readings.size(); i++) {
            if (readings.get(i) == null) {
                throw InvalidException.of(Integer.toString(i), "each reading must be given");
            }
        }
        List<OfScore> scores = new ArrayList<>();
        for (EyeScore score : EyeScore.values()) {
            if (!readings.isEmpty()) {
                scores.add(of(score, readings));
            }
        }
        return new EyeReport(
                readings.size(),
                scores,
                readings.stream().map(SwatchTruth::of).toList(),
                words(readings.size(), scores));
    }

    /** Bias, scatter, own repeats and drift of one score. */
    private static OfScore of(EyeScore score, List<SwatchReading> readings) {
        List<EyeRating> given = new ArrayList<>();
        List<KnownScore> truth = new ArrayList<>();
        SimpleRegression over = new SimpleRegression();
        for (int i = 0; i < readings.size(); i++) {
            SwatchReading one = readings.get(i);
            String item = i + " " + one.item();
            given.add(new EyeRating("eye", item, score.given(one)));
            truth.add(new KnownScore(item, score.truth(one.swatch())));
            over.addData(i, score.off(one));
        }
        Agreement.EyeSteadiness eye =
                Agreement.of(new AgreementQuestion(given, truth)).raters().get(0);
        Double drift = readings.size() < DRIFT_FROM ? null : hundredth(TEN * over.getSlope());
        return new OfScore(
                score, eye.bias(), eye.low(), eye.high(), eye.error(), againstItself(score, readings), drift);
    }

    /** Points by which an eye differs from itself on swatches it saw twice, standard deviation of one look; null for too few. */
    private static Double againstItself(EyeScore score, List<SwatchReading> readings) {
        Map<String, Double> first = new HashMap<>();
        double squares = 0;
        int pairs = 0;
        for (SwatchReading one : readings) {
            Double before = first.putIfAbsent(one.first(), score.given(one));
            if (before != null && SwatchReading.isAgain(one.item())) {
                squares += Math.pow(score.given(one) - before, 2);
                pairs++;
            }
        }
        // Two scores of one thing differ by the noise of both.
        return pairs < 2 ? null : hundredth(Math.sqrt(squares / pairs / 2));
    }

    /** What Learn takes along of it: of each score the bias, and how well that is known. Nothing where a bias has no interval yet. */
    public List<MeasuredEye> measured(String rater) {
        return scores.stream()
                .filter(one -> one.low() != null && one.high() > one.low())
                .map(one -> MeasuredEye.within(rater, one.score().learned(), one.bias(), one.low(), one.high()))
                .toList();
    }

    private static double hundredth(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static String words(int count, List<OfScore> scores) {
        if (count == 0) {
            return "Score ten swatches, and this says what your eye reads high and what low.";
        }
        String over = "Over " + count + (count == 1 ? " swatch" : " swatches");
        List<String> sure = scores.stream()
                .filter(one -> one.low() != null && (one.low() > 0 || one.high() < 0))
                .map(one -> one.score().label() + " " + Signed.of(one.bias()))
                .toList();
        return sure.isEmpty()
                ? over + " this eye reads nothing surely high or low."
                : over + " this eye reads " + String.join(", ", sure) + ".";
    }
}
