package eventide.product;

import eventide.shape.Slips;
import eventide.shape.Source;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What everyday words mean on a label, in {@code allergens.csv} beside this class: one line each, parted by semicolons. */
final class AllergyTable {
    private static final String FILE = "allergens.csv";
    /** Of the file, each line of it. */
    private static final int COLUMNS = 5;

    private static final String OILS_ONLY_WARN = "^OIL";
    /** A slip further off than this is none; in a short word one letter is enough to mean another [OURS]. */
    private static final int MOST_SLIPS = 2;

    private static final int SHORT = 6;
    /** Letters below which no slip is guessed at [OURS]. */
    private static final int SHORTEST = 4;
    /** Words that are offered for one nobody knows. */
    private static final int MOST_OFFERED = 3;

    private static final AllergyTable SHIPPED = parse(read());

    private final Map<String, Allergen> byWord = new HashMap<>();
    /** By the names a label uses, for a client who knows those: the row with the fewest of them where several have it. */
    private final Map<String, Allergen> byLabel = new HashMap<>();

    /** @throws IllegalArgumentException where one word stands in two lines: the table is ours, and wrong then */
    private AllergyTable(List<Allergen> all) {
        for (Allergen allergen : all) {
            for (String word : allergen.words()) {
                Allergen other = byWord.put(word, allergen);
                if (other != null && other != allergen) {
                    throw new IllegalArgumentException("Two lines are for " + word);
                }
            }
        }
        all.stream()
                .sorted(Comparator.comparingInt(
                                (Allergen allergen) -> allergen.stops().size())
                        .reversed())
                .forEach(allergen -> allergen.stops().forEach(term -> {
                    if (term instanceof AllergyTerm.Words words) {
                        byLabel.put(words.words(), allergen);
                    } else if (term instanceof AllergyTerm.Whole whole) {
                        byLabel.put(whole.name(), allergen);
                    }
                }));
    }

    /** The table that comes with the app. */
    static AllergyTable shipped() {
        return SHIPPED;
    }

    /**
     * @throws IllegalArgumentException naming the line that cannot be read
     */
    static AllergyTable parse(String csv) {
        List<Allergen> all = new ArrayList<>();
        int number = 0;
        for (String line : csv.split("\n")) {
            number++;
            if (line.isBlank() || line.startsWith("#") || line.startsWith("words;")) {
                continue;
            }
            String[] cells = line.strip().split(";", -1);
            if (cells.length != COLUMNS) {
                throw new IllegalArgumentException(
                        "Line " + number + " must have " + COLUMNS + " columns, but has " + cells.length + ": " + line);
            }
            List<String> words = new ArrayList<>();
            for (String word : cells[0].split("\\|")) {
                words.add(PlainWords.of(word));
            }
            boolean oils = cells[2].contains(OILS_ONLY_WARN);
            all.add(new Allergen(
                    List.copyOf(words),
                    AllergyTerm.all(cells[1]),
                    AllergyTerm.all(cells[2].replace(OILS_ONLY_WARN, "")),
                    AllergyTerm.all(cells[3]),
                    oils,
                    Source.valueOf(cells[4])));
        }
        return new AllergyTable(all);
    }

    private static String read() {
        try (InputStream in = AllergyTable.class.getResourceAsStream(FILE)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** How many everyday words there are. */
    int size() {
        return byWord.size();
    }

    /** The words themselves. */
    Iterable<String> words() {
        return byWord.keySet();
    }

    /** By what people call it, then by what a label does; plain words, as they stand. */
    Optional<Allergen> find(String plain) {
        Allergen found = byWord.get(plain);
        return Optional.ofNullable(found == null ? byLabel.get(plain) : found);
    }

    /** Words a slip of the keyboard away, the nearest first: to be offered, never taken. */
    List<String> closest(String plain) {
        if (plain.length() < SHORTEST) {
            return List.of();
        }
        int most = plain.length() < SHORT ? 1 : MOST_SLIPS;
        return byWord.keySet().stream()
                .filter(word -> Slips.between(plain, word, most) <= most)
                .sorted(Comparator.comparingInt((String word) -> Slips.between(plain, word, most))
                        .thenComparing(word -> word))
                .limit(MOST_OFFERED)
                .toList();
    }
}
