package eventide.product;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a client's ingredient list keeps off the head. The client's choice, never a moral. */
public final class IngredientRules {
    private static final List<String> SULFATES =
            List.of("lauryl sulfate", "laureth sulfate", "lauryl sulphate", "laureth sulphate");
    private static final List<String> DRYING_ALCOHOLS =
            List.of("alcohol denat", "isopropyl alcohol", "sd alcohol", "isopropanol");
    private static final List<String> MINERAL = List.of("petrolatum", "mineral oil", "paraffinum liquidum", "paraffin");
    private static final List<String> WAXES =
            List.of("beeswax", "cera alba", "candelilla", "carnauba", "ceresin", "microcristallina");

    private IngredientRules() {}

    /** What breaks the loose list: sulfates, mineral oil and silicones water does not take off. */
    public static Optional<String> breaksLoose(Product product) {
        return first(product, SULFATES).or(() -> first(product, MINERAL)).or(() -> silicone(product));
    }

    /** What breaks the strict list: the loose one, and waxes and drying alcohols. */
    public static Optional<String> breaksStrict(Product product) {
        return breaksLoose(product).or(() -> first(product, WAXES)).or(() -> first(product, DRYING_ALCOHOLS));
    }

    private static Optional<String> first(Product product, List<String> words) {
        String label =
                product.ingredients() == null ? "" : product.ingredients().toLowerCase(Locale.ROOT);
        return words.stream().filter(label::contains).findFirst();
    }

    /** -cone, -conol and -siloxane, unless a PEG or PPG makes them soluble. */
    private static Optional<String> silicone(Product product) {
        String label =
                product.ingredients() == null ? "" : product.ingredients().toLowerCase(Locale.ROOT);
        for (String name : label.split("[,;\\n]")) {
            String one = name.strip();
            boolean silicone = one.matches(".*(cone|conol|siloxane)(\\W.*)?$");
            if (silicone && !one.contains("peg-") && !one.contains("ppg-")) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }
}
