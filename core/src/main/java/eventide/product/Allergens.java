package eventide.product;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Finds a client's known allergy on a label: whole words, singular or plural, and the botanical names behind them. */
public final class Allergens {
    /** Everyday word to the words a label uses for it [PUB: INCI botanical naming; MEM as to the selection]. */
    private static final Map<String, List<String>> ALSO_CALLED = Map.ofEntries(
            Map.entry("wheat", List.of("triticum")),
            Map.entry("gluten", List.of("triticum", "wheat", "hordeum", "barley", "secale", "rye")),
            Map.entry("oat", List.of("avena")),
            Map.entry("soy", List.of("soja", "glycine soja", "glycine max", "soybean")),
            Map.entry("coconut", List.of("cocos nucifera", "cocos")),
            Map.entry("almond", List.of("prunus amygdalus", "prunus dulcis")),
            Map.entry("peanut", List.of("arachis")),
            Map.entry("walnut", List.of("juglans")),
            Map.entry("hazelnut", List.of("corylus")),
            Map.entry("macadamia", List.of("macadamia")),
            Map.entry(
                    "nut",
                    List.of(
                            "almond",
                            "prunus amygdalus",
                            "prunus dulcis",
                            "arachis",
                            "peanut",
                            "juglans",
                            "walnut",
                            "corylus",
                            "hazelnut",
                            "macadamia",
                            "bertholletia",
                            "anacardium",
                            "pistacia",
                            "carya")),
            Map.entry("sesame", List.of("sesamum")),
            Map.entry("shea", List.of("butyrospermum")),
            Map.entry("aloe", List.of("aloe barbadensis")),
            Map.entry("chamomile", List.of("chamomilla", "anthemis")),
            Map.entry("lavender", List.of("lavandula")),
            Map.entry("fragrance", List.of("parfum", "perfume", "aroma")),
            Map.entry("perfume", List.of("parfum", "fragrance")),
            Map.entry("honey", List.of("mel")),
            Map.entry("beeswax", List.of("cera alba")),
            Map.entry("milk", List.of("lac", "casein", "whey")),
            Map.entry("egg", List.of("ovum", "albumen")));

    private Allergens() {}

    /** Those of the client's words that stand in the product's ingredients or name, joined by "and"; empty for none. */
    public static Optional<String> on(Product product, List<String> allergies) {
        if (allergies.isEmpty()) {
            return Optional.empty();
        }
        String ingredients = product.ingredients() == null ? "" : product.ingredients();
        String label = " " + words(ingredients + " " + product.name()) + " ";
        return allergies.stream()
                .filter(allergy -> stands(words(allergy), label))
                .distinct()
                .reduce((all, next) -> all + " and " + next);
    }

    private static boolean stands(String allergy, String label) {
        if (allergy.isEmpty()) {
            return false;
        }
        String singular = singular(allergy);
        return contains(label, allergy)
                || contains(label, singular)
                || ALSO_CALLED.getOrDefault(singular, List.of()).stream().anyMatch(name -> contains(label, name));
    }

    private static boolean contains(String label, String word) {
        return label.contains(" " + word + " ") || label.contains(" " + word + "s ");
    }

    private static String words(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }

    private static String singular(String word) {
        return word.length() > 3 && word.endsWith("s") && !word.endsWith("ss")
                ? word.substring(0, word.length() - 1)
                : word;
    }
}
