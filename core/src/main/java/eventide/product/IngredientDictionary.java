package eventide.product;

import eventide.shape.Slips;
import eventide.shape.Source;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The ingredient names that ship with the trade, in {@code ingredients.csv} beside this class: one line each, parted by
 * semicolons. The only place in core that reads anything: its own data, once.
 */
public final class IngredientDictionary {
    private static final String FILE = "ingredients.csv";
    /** Of the file, each line of it. */
    private static final int COLUMNS = 6;
    /** A misspelling further off than this is no misspelling. */
    private static final int MOST_EDITS = 2;

    /** Letters below which a name is not corrected: too many are near it [OURS]. */
    private static final int SHORTEST_TO_CORRECT = 5;
    /** Names that are offered for one nobody knows. */
    private static final int MOST_OFFERED = 3;

    private static final IngredientDictionary SHIPPED = parse(read());

    private final List<Ingredient> all;
    private final Map<String, Ingredient> byKey = new HashMap<>();
    /** Keys by how they look to a scanner that confuses letters and digits; null where two look alike. */
    private final Map<String, Ingredient> byLooks = new HashMap<>();

    private final Map<Integer, List<String>> keysByLength = new HashMap<>();

    private IngredientDictionary(List<Ingredient> all) {
        this.all = List.copyOf(all);
        for (Ingredient ingredient : all) {
            enter(ingredient.name(), ingredient);
            ingredient.also().forEach(word -> enter(word, ingredient));
        }
    }

    /** @throws IllegalStateException where two ingredients claim one name: the list is ours, and wrong then */
    private void enter(String word, Ingredient ingredient) {
        String key = key(word);
        Ingredient other = byKey.putIfAbsent(key, ingredient);
        if (other != null && other != ingredient) {
            throw new IllegalStateException(
                    "Two ingredients are called " + word + ": " + other.name() + ", " + ingredient.name());
        }
        byLooks.merge(looks(key), ingredient, (a, b) -> a == b ? a : AMBIGUOUS);
        keysByLength.computeIfAbsent(key.length(), length -> new ArrayList<>()).add(key);
    }

    private static final Ingredient AMBIGUOUS = new Ingredient("?", List.of(), Set.of(), Double.NaN, Source.OURS, "");

    /** The one that comes with the app; read once. */
    public static IngredientDictionary shipped() {
        return SHIPPED;
    }

    /**
     * @throws IllegalArgumentException naming the line that cannot be read
     */
    public static IngredientDictionary parse(String csv) {
        List<Ingredient> all = new ArrayList<>();
        int number = 0;
        boolean head = true;
        for (String line : csv.split("\n")) {
            number++;
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (head) {
                head = false;
                continue;
            }
            String[] cells = line.strip().split(";", -1);
            if (cells.length != COLUMNS) {
                throw new IllegalArgumentException(
                        "Line " + number + " must have " + COLUMNS + " columns, but has " + cells.length + ": " + line);
            }
            Set<Family> families = EnumSet.noneOf(Family.class);
            for (String family : cells[2].split("\\|")) {
                families.add(Family.valueOf(family));
            }
            all.add(new Ingredient(
                    cells[0],
                    cells[1].isEmpty() ? List.of() : List.of(cells[1].split("\\|")),
                    families,
                    cells[3].isEmpty() ? Double.NaN : Double.parseDouble(cells[3]),
                    Source.valueOf(cells[4]),
                    cells[5]));
        }
        return new IngredientDictionary(all);
    }

    private static String read() {
        try (InputStream in = IngredientDictionary.class.getResourceAsStream(FILE)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Every name it knows, in the order of the file. */
    public List<Ingredient> all() {
        return all;
    }

    /** By any of its words, whatever the case, spaces and hyphens. */
    public Optional<Ingredient> find(String word) {
        return Optional.ofNullable(byKey.get(key(word)));
    }

    /** As {@link #find}, forgiving 1 for l or i, 0 for o, 5 for s, rn for m: what a scanner confuses. */
    public Optional<Ingredient> findByLooks(String word) {
        Ingredient found = byLooks.get(looks(key(word)));
        return found == AMBIGUOUS ? Optional.empty() : Optional.ofNullable(found);
    }

    /** Names within two slips of the pen, nearest first; empty where nothing is near or the word is too short. */
    public List<String> closest(String word) {
        String key = key(word);
        if (key.length() < SHORTEST_TO_CORRECT) {
            return List.of();
        }
        /** @param edits letters that are otherwise */
        record Near(Ingredient ingredient, int edits) {}
        List<Near> near = new ArrayList<>();
        for (int length = key.length() - MOST_EDITS; length <= key.length() + MOST_EDITS; length++) {
            for (String known : keysByLength.getOrDefault(length, List.of())) {
                int edits = Slips.between(key, known, MOST_EDITS);
                if (edits <= MOST_EDITS) {
                    near.add(new Near(byKey.get(known), edits));
                }
            }
        }
        near.sort(Comparator.comparingInt(Near::edits)
                .thenComparing(n -> n.ingredient().name()));
        Set<String> seen = new HashSet<>();
        return near.stream()
                .map(n -> n.ingredient().name())
                .filter(seen::add)
                .limit(MOST_OFFERED)
                .toList();
    }

    /** Letters and digits only, in lower case, accents taken off. */
    static String key(String word) {
        String plain = java.text.Normalizer.normalize(word, java.text.Normalizer.Form.NFKD);
        StringBuilder key = new StringBuilder(plain.length());
        for (int i = 0; i < plain.length(); i++) {
            char c = plain.charAt(i);
            if (Character.isLetterOrDigit(c)) {
                key.append(Character.toLowerCase(c));
            }
        }
        return key.toString().toLowerCase(Locale.ROOT);
    }

    /** How a key looks to an eye or a camera: what is mistaken for one another comes to the same. */
    private static String looks(String key) {
        return key.replace("rn", "m")
                .replace('1', 'l')
                .replace('i', 'l')
                .replace('0', 'o')
                .replace('5', 's')
                .replace('8', 'b');
    }
}
