package eventide.learning;

import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.CholeskyDecomposition;

/**
 * One score of many washes, as what the model says plus effects of the salon, of each head, and chance: a partially pooled linear model
 * with normal effects (a linear mixed model; Henderson 1975, Biometrics 31, 423). Each effect is drawn toward nothing by how little is
 * known of it. How far effects of a source lie from nothing, and how large chance is, is learned from the log by expectation
 * maximisation, held near the usual while the log is small (Dempster, Laird, Rubin 1977).
 */
final class Fit {
    /** Turns of learning the scatter [OURS: later ones move little]. */
    private static final int TURNS = 15;
    /** Effects that the usual scatter of a source is worth, and washes that the usual chance is worth [OURS]. */
    private static final double EFFECTS_ASSUMED = 4;

    /** Effects as many as which the usual scatter of all counts for [OURS]. */
    private static final double ALL_ASSUMED = 2;
    /** Washes as many as which the usual chance counts for [OURS]. */
    private static final double WASHES_ASSUMED = 3;
    /** Heads the scatter is learned from: more tell hardly more [OURS]. */
    private static final int HEADS_ASKED = 60;
    /** Nothing is ever sure: least variance, as a share of the usual. */
    private static final double LEAST = .01;

    /** How far a matrix that is symmetric by its making may be off by rounding. */
    private static final double SYMMETRIC = 1e-9;

    private final ScoreName score;
    private final ScatterOf scatter;
    private final Map<Effect, Integer> columnOf;
    private final Map<String, Head> heads;
    private final List<MeasuredEye> eyes;
    private double[] salon = {};
    private double[][] covariance = {};

    private Fit(
            ScoreName score,
            List<HeadDesign> designs,
            List<MeasuredEye> eyes,
            Map<Effect, Integer> columnOf,
            ScatterOf scatter) {
        this.score = score;
        this.eyes = eyes;
        this.scatter = scatter;
        this.columnOf = columnOf;
        heads = new LinkedHashMap<>();
        designs.forEach(design -> heads.put(design.samples().get(0).head(), new Head(design, scatter)));
        solve();
    }

    /**
     * Of all washes in which the score was given.
     *
     * @param measured eyes of which something is known beside the washes
     */
    static Fit of(ScoreName score, List<Sample> all, List<MeasuredEye> measured) {
        List<MeasuredEye> eyes =
                measured.stream().filter(eye -> eye.score() == score).toList();
        Map<String, List<Sample>> byHead = new TreeMap<>();
        all.stream().filter(sample -> sample.has(score)).forEach(sample -> byHead.computeIfAbsent(
                        sample.head(), any -> new ArrayList<>())
                .add(sample));
        Map<Effect, Integer> columnOf = columns(byHead.values(), eyes);
        List<HeadDesign> designs = byHead.values().stream()
                .map(washes -> HeadDesign.of(score, washes, columnOf))
                .toList();
        List<HeadDesign> asked = designs.stream().limit(HEADS_ASKED).toList();
        ScatterOf scatter = ScatterOf.usual(score);
        for (int turn = 0; turn < TURNS && !asked.isEmpty(); turn++) {
            scatter = new Fit(score, asked, eyes, columnOf, scatter).learned();
        }
        return new Fit(score, designs, eyes, columnOf, scatter);
    }

    /** Where each effect of the salon stands in its matrix: by source and name, so that the order of the washes makes no difference. */
    private static Map<Effect, Integer> columns(Collection<List<Sample>> washes, List<MeasuredEye> eyes) {
        Map<Effect, Integer> columnOf = new LinkedHashMap<>();
        Stream.concat(
                        washes.stream().flatMap(List::stream).flatMap(sample -> sample.effects().keySet().stream()),
                        eyes.stream().map(MeasuredEye::effect))
                .filter(effect -> !effect.origin().isOfHead())
                .distinct()
                .sorted(Comparator.comparing(Effect::origin).thenComparing(Effect::name))
                .forEach(effect -> columnOf.put(effect, columnOf.size()));
        return columnOf;
    }

    /**
     * Normal equations of the mixed model: what each effect scatters is its ridge, a measured eye one more observation. The
     * heads are taken out first, each by its own small matrix, so that only the salon's effects remain to be solved for.
     */
    private void solve() {
        int p = columnOf.size();
        if (p > 0) {
            double[][] matrix = new double[p][p];
            double[] right = new double[p];
            columnOf.forEach((effect, column) -> matrix[column][column] = 1 / scatter.of(effect.origin()));
            for (MeasuredEye eye : eyes) {
                int column = columnOf.get(eye.effect());
                matrix[column][column] += 1 / eye.variance();
                right[column] += eye.bias() / eye.variance();
            }
            heads.values().forEach(head -> head.addTo(matrix, right));
            Array2DRowRealMatrix inverse = new Array2DRowRealMatrix(
                    new CholeskyDecomposition(new Array2DRowRealMatrix(symmetric(matrix), false), SYMMETRIC, 0)
                            .getSolver()
                            .getInverse()
                            .getData(),
                    false);
            salon = inverse.operate(right);
            covariance = inverse.getDataRef();
        }
        heads.values().forEach(head -> head.settle(salon, covariance));
    }

    /** Rounding leaves the two halves a hair apart. */
    private static double[][] symmetric(double[][] matrix) {
        for (int i = 0; i < matrix.length; i++) {
            for (int j = 0; j < i; j++) {
                double mean = (matrix[i][j] + matrix[j][i]) / 2;
                matrix[i][j] = mean;
                matrix[j][i] = mean;
            }
        }
        return matrix;
    }

    /** One step of expectation and maximisation for the scatters, held near the usual ones while there is little to go by. */
    private ScatterOf learned() {
        Map<Origin, double[]> seen = new EnumMap<>(Origin.class);
        columnOf.forEach((effect, column) -> seen(seen, effect, salon[column], covariance[column][column]));
        double noise = 0;
        int washes = 0;
        double apart = 0;
        int halves = 0;
        for (Head head : heads.values()) {
            head.own().forEach((effect, much) -> {
                double[] known = head.own(much, scatter.of(effect.origin()));
                seen(seen, effect, known[0], known[1]);
            });
            for (int row = 0; row < head.design().rows(); row++) {
                double chance = head.noise(row, scatter);
                if (row < head.samples().size()) {
                    noise += chance;
                    washes++;
                } else {
                    apart += chance;
                    halves++;
                }
            }
        }
        ScatterOf usual = ScatterOf.usual(score);
        double against = against(usual, seen);
        Map<Origin, Double> effects = new EnumMap<>(Origin.class);
        for (Origin source : Origin.values()) {
            double[] sums = seen.getOrDefault(source, new double[2]);
            double assumed = against * usual.of(source);
            effects.put(
                    source,
                    Math.max(
                            LEAST * usual.of(source),
                            (sums[0] + EFFECTS_ASSUMED * assumed) / (sums[1] + EFFECTS_ASSUMED)));
        }
        double chance = (noise + WASHES_ASSUMED * usual.noise()) / (washes + WASHES_ASSUMED);
        double sides = (apart + WASHES_ASSUMED * usual.halves()) / (halves + WASHES_ASSUMED);
        return scatter.with(Math.max(LEAST * usual.noise(), chance), Math.max(LEAST * usual.halves(), sides), effects);
    }

    /**
     * How large effects are here against the usual, all sources together: where one is small, the others are likelier to be.
     *
     * @return a factor, 1 where they are as large as usual
     */
    private static double against(ScatterOf usual, Map<Origin, double[]> seen) {
        double sum = ALL_ASSUMED;
        double count = ALL_ASSUMED;
        for (Map.Entry<Origin, double[]> one : seen.entrySet()) {
            sum += one.getValue()[0] / usual.of(one.getKey());
            count += one.getValue()[1];
        }
        return sum / count;
    }

    /** An effect's expected square: what was found, and what is not known of it. */
    private static void seen(Map<Origin, double[]> into, Effect effect, double mean, double variance) {
        double[] sums = into.computeIfAbsent(effect.origin(), any -> new double[2]);
        sums[0] += mean * mean + variance;
        sums[1]++;
    }

    ScatterOf scatter() {
        return scatter;
    }

    ScoreName score() {
        return score;
    }

    /** Null for a head without washes. */
    Head head(String name) {
        return heads.get(name);
    }

    Iterable<Head> heads() {
        return heads.values();
    }

    /**
     * What is known of one effect.
     *
     * @param head whose it is, where it is of a head
     * @return mean and variance; nothing and the scatter of its source where it never occurred
     */
    double[] effect(Effect effect, String head) {
        if (effect.origin().isOfHead()) {
            Head own = heads.get(head);
            double[] much = own == null ? null : own.own().get(effect);
            return much == null
                    ? new double[] {0, scatter.of(effect.origin())}
                    : own.own(much, scatter.of(effect.origin()));
        }
        Integer column = columnOf.get(effect);
        return column == null
                ? new double[] {0, scatter.of(effect.origin())}
                : new double[] {salon[column], covariance[column][column]};
    }

    /**
     * Scored washes that have something of an effect.
     *
     * @param head whose they are, where the effect is of a head
     */
    int washesWith(Effect effect, String head) {
        if (effect.origin().isOfHead()) {
            Head own = heads.get(head);
            return own == null ? 0 : own.design().washesWith(effect);
        }
        Integer column = columnOf.get(effect);
        return column == null
                ? 0
                : heads.values().stream()
                        .mapToInt(one -> one.design().washesWith(column))
                        .sum();
    }

    /**
     * Points that come on top of what the model says of a wash.
     *
     * @return mean, and variance of a score to come about it, chance included
     */
    double[] correction(String head, Map<Effect, Double> effects, double weight) {
        double mean = 0;
        double variance = scatter.noise() / weight;
        double[] rest = new double[salon.length];
        for (Map.Entry<Effect, Double> entry : effects.entrySet()) {
            Effect effect = entry.getKey();
            Integer column = columnOf.get(effect);
            if (column != null) {
                rest[column] = entry.getValue();
                mean += entry.getValue() * salon[column];
            } else {
                variance += entry.getValue() * entry.getValue() * scatter.of(effect.origin());
            }
        }
        Head own = heads.get(head);
        if (own != null) {
            double[] covariances = own.covariances(effects, scatter);
            mean += own.said(covariances);
            variance -= own.known(covariances);
            own.takeFrom(rest, covariances);
        }
        return new double[] {mean, variance + quadratic(rest)};
    }

    /**
     * What some effects of one head come to together: mean and variance, no chance in it.
     *
     * @return points, and points squared
     */
    double[] together(String head, Map<Effect, Double> effects) {
        return correction(head, effects, CERTAIN);
    }

    /** So many washes at once that chance is nothing. */
    private static final double CERTAIN = 1e12;

    /**
     * The variance of a sum of the salon's effects.
     *
     * @return points squared
     */
    private double quadratic(double[] vector) {
        double sum = 0;
        for (int i = 0; i < vector.length; i++) {
            for (int j = 0; vector[i] != 0 && j < vector.length; j++) {
                sum += vector[i] * covariance[i][j] * vector[j];
            }
        }
        return sum;
    }
}
