package eventide.picture;

import eventide.practice.Swatch;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.RealMatrix;

/** Writes the table of {@link FittedWord}: a ridge regression on drawn locks, half of them disturbed. Arguments: how many, where to. */
final class FitOnDrawnLocks {
    private static final double RIDGE = 2;

    private FitOnDrawnLocks() {}

    public static void main(String[] arguments) throws IOException {
        int count = Integer.parseInt(arguments[0]);
        double[][] terms = new double[count][];
        double[][] truth = new double[count][];
        IntStream.range(0, count).parallel().forEach(i -> {
            Swatch swatch = Swatch.any(i * 7919L + 1_000_003);
            var drawn = DrawnLocks.drawn(swatch);
            Look look = Look.at(i % 2 == 0 ? drawn : DrawnLocks.disturbed(drawn, new Random(i)), Look.LOCK_WIDTH);
            terms[i] = FittedWord.terms(look.traits());
            truth[i] = new double[] {
                swatch.frizz(), swatch.definition(), swatch.clumping(), Math.log(swatch.clumpOfLock()), swatch.shine()
            };
        });
        List<String> lines = new ArrayList<>();
        int held = count / 5;
        for (FittedWord word : FittedWord.values()) {
            double[] tried = fit(terms, truth, word.ordinal(), held, count);
            double squares = 0;
            for (int i = 0; i < held; i++) {
                double off = predict(tried, terms[i]) - truth[i][word.ordinal()];
                squares += off * off;
            }
            StringBuilder line = new StringBuilder(word.name());
            line.append(String.format(Locale.ROOT, ",%.4f", Math.sqrt(squares / held)));
            for (double weight : fit(terms, truth, word.ordinal(), 0, count)) {
                line.append(String.format(Locale.ROOT, ",%.6g", weight));
            }
            lines.add(line.toString());
        }
        Files.write(Path.of(arguments[1]), lines);
    }

    private static double predict(double[] weights, double[] terms) {
        double sum = weights[0];
        for (int i = 0; i < terms.length; i++) {
            sum += weights[i + 1] * terms[i];
        }
        return sum;
    }

    /** In units of each term's own spread, so that the ridge treats all alike. */
    private static double[] fit(double[][] terms, double[][] truth, int word, int from, int to) {
        int n = to - from;
        int width = terms[from].length;
        double[] mean = new double[width];
        double[] spread = new double[width];
        double middle = 0;
        for (int i = from; i < to; i++) {
            middle += truth[i][word] / n;
            for (int j = 0; j < width; j++) {
                mean[j] += terms[i][j] / n;
            }
        }
        for (int i = from; i < to; i++) {
            for (int j = 0; j < width; j++) {
                spread[j] += Math.pow(terms[i][j] - mean[j], 2) / n;
            }
        }
        RealMatrix design = new Array2DRowRealMatrix(n, width);
        double[] wanted = new double[n];
        for (int i = 0; i < n; i++) {
            wanted[i] = truth[from + i][word] - middle;
            for (int j = 0; j < width; j++) {
                design.setEntry(i, j, (terms[from + i][j] - mean[j]) / Math.sqrt(spread[j]));
            }
        }
        RealMatrix normal = design.transpose().multiply(design);
        for (int j = 0; j < width; j++) {
            normal.addToEntry(j, j, RIDGE);
        }
        double[] solved = new CholeskyDecomposition(normal)
                .getSolver()
                .solve(design.transpose().operate(new ArrayRealVector(wanted)))
                .toArray();
        double[] weights = new double[width + 1];
        weights[0] = middle;
        for (int j = 0; j < width; j++) {
            weights[j + 1] = solved[j] / Math.sqrt(spread[j]);
            weights[0] -= weights[j + 1] * mean[j];
        }
        return weights;
    }
}
