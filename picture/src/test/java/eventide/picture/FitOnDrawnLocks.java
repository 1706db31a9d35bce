package eventide.picture;

import eventide.practice.Swatch;
import eventide.shape.Parallel;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.RealMatrix;

/**
 * Writes the two tables of {@link FittedWord}: a ridge regression on drawn locks, half of them disturbed, and a {@link KernelFit} of what
 * that leaves. Arguments: how many locks, the folder they go to.
 */
final class FitOnDrawnLocks {
    private static final double RIDGE = 2;
    /** Looks that span the second: more bring hardly anything. */
    private static final int CENTRES = 500;
    /** By trial on locks it was not fitted on. */
    private static final double NARROW = .02;
    /** Likewise. */
    private static final double KERNEL_RIDGE = .1;
    /** Keeps the centres' own likeness from being singular. */
    private static final double JITTER = 1e-6;
    /** On locks of another drawing it is read better by the plainer fit alone. */
    private static final FittedWord LEFT_ALONE = FittedWord.DEFINITION;

    private FitOnDrawnLocks() {}

    /** A look, and what is true of it word by word. */
    private record Seen(double[] traits, double[] terms, double[] truth) {
        static Seen of(int i) {
            Swatch swatch = Swatch.any(i * 7919L + 1_000_003);
            var drawn = DrawnLocks.drawn(swatch);
            Look look = Look.at(i % 2 == 0 ? drawn : DrawnLocks.disturbed(drawn, new Random(i)), Look.LOCK_WIDTH);
            return new Seen(look.traits(), FittedWord.terms(look.traits()), new double[] {
                swatch.frizz(), swatch.definition(), swatch.clumping(), Math.log(swatch.clumpOfLock()), swatch.shine()
            });
        }
    }

    /** Both fits on some of the looks. */
    private record Fitted(Map<FittedWord, double[]> squares, KernelFit alike) {
        static Fitted on(List<Seen> seen) {
            Map<FittedWord, double[]> squares = new EnumMap<>(FittedWord.class);
            double[][] terms = seen.stream().map(Seen::terms).toArray(double[][]::new);
            double[][] truth = seen.stream().map(Seen::truth).toArray(double[][]::new);
            for (FittedWord word : FittedWord.values()) {
                double[] weights = FitOnDrawnLocks.squares(terms, truth, word.ordinal(), 0, seen.size());
                double[] missedFirst = new double[weights.length + 1];
                System.arraycopy(weights, 0, missedFirst, 1, weights.length);
                squares.put(word, missedFirst);
            }
            return new Fitted(squares, FitOnDrawnLocks.alike(seen, squares));
        }

        double of(FittedWord word, Seen one) {
            return FittedWord.squares(squares.get(word), one.traits()) + alike.of(word, one.traits());
        }
    }

    public static void main(String[] arguments) throws IOException {
        int count = Integer.parseInt(arguments[0]);
        Path folder = Path.of(arguments[1]);
        List<Seen> seen = Parallel.map(IntStream.range(0, count).boxed().toList(), Seen::of);
        int held = count / 5;
        Fitted tried = Fitted.on(seen.subList(held, count));
        Fitted fitted = Fitted.on(seen);
        List<String> lines = new ArrayList<>();
        for (FittedWord word : FittedWord.values()) {
            double squares = 0;
            for (Seen one : seen.subList(0, held)) {
                squares += Math.pow(tried.of(word, one) - one.truth()[word.ordinal()], 2);
            }
            double[] weights = fitted.squares().get(word);
            StringBuilder line = new StringBuilder(word.name());
            line.append(String.format(Locale.ROOT, ",%.4f", Math.sqrt(squares / held)));
            for (int i = 1; i < weights.length; i++) {
                line.append(String.format(Locale.ROOT, ",%.6g", weights[i]));
            }
            lines.add(line.toString());
        }
        Files.write(folder.resolve("fitted.csv"), lines);
        Files.write(folder.resolve("alike.csv"), fitted.alike().written());
    }

    private static KernelFit alike(List<Seen> seen, Map<FittedWord, double[]> squares) {
        int width = Traits.COUNT;
        double[] middle = new double[width];
        double[] spread = new double[width];
        for (int j = 0; j < width; j++) {
            for (Seen one : seen) {
                middle[j] += one.traits()[j] / seen.size();
            }
            for (Seen one : seen) {
                spread[j] += Math.pow(one.traits()[j] - middle[j], 2) / seen.size();
            }
            spread[j] = Math.sqrt(spread[j]);
        }
        KernelFit empty = new KernelFit(middle, spread, NARROW, List.of(), Map.of());
        List<double[]> centres = seen.stream()
                .limit(CENTRES)
                .map(one -> empty.standard(one.traits()))
                .toList();
        KernelFit spanned = new KernelFit(middle, spread, NARROW, centres, Map.of());
        RealMatrix alike = new Array2DRowRealMatrix(
                seen.stream().map(one -> spanned.alike(one.traits())).toArray(double[][]::new), false);
        RealMatrix normal = alike.transpose().multiply(alike);
        for (int i = 0; i < centres.size(); i++) {
            for (int j = 0; j < centres.size(); j++) {
                double own = KernelFit.alike(centres.get(i), centres.get(j), NARROW) + (i == j ? JITTER : 0);
                normal.addToEntry(i, j, KERNEL_RIDGE * own);
            }
        }
        CholeskyDecomposition solver = new CholeskyDecomposition(normal, 1e-9, 1e-12);
        Map<FittedWord, double[]> words = new EnumMap<>(FittedWord.class);
        for (FittedWord word : FittedWord.values()) {
            double[] left = seen.stream()
                    .mapToDouble(
                            one -> one.truth()[word.ordinal()] - FittedWord.squares(squares.get(word), one.traits()))
                    .toArray();
            if (word != LEFT_ALONE) {
                words.put(
                        word,
                        solver.getSolver()
                                .solve(alike.transpose().operate(new ArrayRealVector(left)))
                                .toArray());
            }
        }
        return new KernelFit(middle, spread, NARROW, centres, words);
    }

    /** In units of each term's own spread, so that the ridge treats all alike. */
    private static double[] squares(double[][] terms, double[][] truth, int word, int from, int to) {
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
