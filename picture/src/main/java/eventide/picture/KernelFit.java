package eventide.picture;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What a plainer fit leaves of each word, by which of the looks it was fitted on a picture is like: a kernel ridge regression (Saunders,
 * Gammerman and Vovk 1998) whose kernel is the Gaussian of how far two looks lie apart, spanned by some of them (Nyström; Williams
 * and Seeger 2001). Far from all of them it adds nothing.
 *
 * @param middle of each trait over the looks it was fitted on
 * @param spread likewise, standard deviations
 * @param narrow by how much likeness falls with the square of a distance in spreads
 * @param centres the looks that span it, in spreads from the middle
 * @param words one weight a centre; a word that is better left alone has none
 */
record KernelFit(
        double[] middle, double[] spread, double narrow, List<double[]> centres, Map<FittedWord, double[]> words) {
    private static final String MIDDLE = "middle";
    private static final String SPREAD = "spread";
    private static final String NARROW = "narrow";
    private static final String CENTRE = "centre";

    /** To be added, in the word's own unit. */
    double of(FittedWord word, double[] traits) {
        double[] weights = words.get(word);
        if (weights == null) {
            return 0;
        }
        double[] alike = alike(traits);
        double sum = 0;
        for (int i = 0; i < alike.length; i++) {
            sum += alike[i] * weights[i];
        }
        return sum;
    }

    /**
     * How alike a look is to each centre.
     *
     * @return from 0 (nothing alike) to 1 (the same)
     */
    double[] alike(double[] traits) {
        double[] alike = new double[centres.size()];
        double[] look = standard(traits);
        for (int i = 0; i < alike.length; i++) {
            alike[i] = alike(look, centres.get(i), narrow);
        }
        return alike;
    }

    double[] standard(double[] traits) {
        double[] standard = new double[middle.length];
        for (int i = 0; i < standard.length; i++) {
            standard[i] = (traits[i] - middle[i]) / spread[i];
        }
        return standard;
    }

    static double alike(double[] one, double[] other, double narrow) {
        double apart = 0;
        for (int i = 0; i < one.length; i++) {
            apart += (one[i] - other[i]) * (one[i] - other[i]);
        }
        return Math.exp(-narrow * apart);
    }

    /** Reads a table of one line a part: its name, then numbers. */
    static KernelFit read(String table) {
        double[] middle = {};
        double[] spread = {};
        double narrow = 0;
        List<double[]> centres = new ArrayList<>();
        Map<FittedWord, double[]> words = new EnumMap<>(FittedWord.class);
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(KernelFit.class.getResourceAsStream(table), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                String[] cells = line.split(",");
                double[] numbers = Stream.of(cells)
                        .skip(1)
                        .mapToDouble(Double::parseDouble)
                        .toArray();
                switch (cells[0]) {
                    case MIDDLE -> middle = numbers;
                    case SPREAD -> spread = numbers;
                    case NARROW -> narrow = numbers[0];
                    case CENTRE -> centres.add(numbers);
                    default -> words.put(FittedWord.valueOf(cells[0]), numbers);
                }
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return new KernelFit(middle, spread, narrow, List.copyOf(centres), words);
    }

    /** As {@link #read} reads it. */
    List<String> written() {
        List<String> lines = new ArrayList<>();
        lines.add(line(MIDDLE, middle));
        lines.add(line(SPREAD, spread));
        lines.add(line(NARROW, narrow));
        words.forEach((word, weights) -> lines.add(line(word.name(), weights)));
        centres.forEach(centre -> lines.add(line(CENTRE, centre)));
        return lines;
    }

    private static String line(String name, double... numbers) {
        StringBuilder line = new StringBuilder(name);
        for (double number : numbers) {
            line.append(String.format(Locale.ROOT, ",%.5g", number));
        }
        return line.toString();
    }
}
