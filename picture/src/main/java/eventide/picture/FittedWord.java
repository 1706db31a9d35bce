package eventide.picture;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Which traits of a picture stand for a word of the rubric: a least-squares fit on drawn locks whose truth is known, half of them
 * disturbed as photographs are, and what that leaves by which of those locks a picture looks like ({@link KernelFit}) [OURS; made
 * anew by the test class FitOnDrawnLocks]. It is fitted on drawings, on no photograph.
 */
enum FittedWord {
    FRIZZ,
    DEFINITION,
    CLUMPING,
    /** Where clumps come back evenly across the lock their width is read off that, on whichever drawing; else it is told by the fit. */
    CLUMP_WIDTH {
        @Override
        double of(double[] traits) {
            double believed = AcrossProfile.believed(traits[Traits.PERIOD + 1], DEFINITION.of(traits));
            return believed * AcrossProfile.ofLock(traits[Traits.PERIOD]) + (1 - believed) * super.of(traits);
        }
    },
    SHINE;

    /** Traits that count by their squares and products too. */
    private static final int[] CROSSED = {0, 1, 2, 4, 5, 11, 14, 17, 18, 19, 20};

    /** Read on first use. */
    private static final class Alike {
        private static final KernelFit FIT = KernelFit.read("alike.csv");
    }

    private static final String TABLE = "fitted.csv";
    private static final Map<FittedWord, double[]> FITTED = read();

    static double[] terms(double[] traits) {
        double[] terms = Arrays.copyOf(traits, Traits.COUNT + CROSSED.length * (CROSSED.length + 1) / 2);
        int at = Traits.COUNT;
        for (int i = 0; i < CROSSED.length; i++) {
            for (int j = i; j < CROSSED.length; j++) {
                terms[at++] = traits[CROSSED[i]] * traits[CROSSED[j]];
            }
        }
        return terms;
    }

    /** Points; for {@link #CLUMP_WIDTH} the logarithm of its part of the lock's width. */
    double of(double[] traits) {
        return squares(FITTED.get(this), traits) + Alike.FIT.of(this, traits);
    }

    /**
     * @param weights first what it missed, then what is said of no term at all, then one a term
     */
    static double squares(double[] weights, double[] traits) {
        double[] terms = terms(traits);
        double sum = weights[1];
        for (int i = 0; i < terms.length; i++) {
            sum += weights[i + 2] * terms[i];
        }
        return sum;
    }

    /** Standard deviation of what it missed the truth by on locks it was not fitted on. */
    double missed() {
        return FITTED.get(this)[0];
    }

    private static Map<FittedWord, double[]> read() {
        Map<FittedWord, double[]> fitted = new EnumMap<>(FittedWord.class);
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(FittedWord.class.getResourceAsStream(TABLE), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                List<Double> numbers = new ArrayList<>();
                String[] cells = line.split(",");
                for (int i = 1; i < cells.length; i++) {
                    numbers.add(Double.valueOf(cells[i]));
                }
                fitted.put(
                        valueOf(cells[0]),
                        numbers.stream().mapToDouble(Double::doubleValue).toArray());
            }
            return fitted;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
