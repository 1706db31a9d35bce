package eventide.product;

import eventide.shape.Source;
import java.util.List;
import java.util.Set;

/**
 * An ingredient as public nomenclature knows it.
 *
 * @param name as it should stand on a label (INCI)
 * @param also other words for it
 * @param capPercent the most the law allows, in percent of the product; NaN where there is no such limit
 * @param note what it does, in a stylist's words
 */
public record Ingredient(
        String name, List<String> also, Set<Family> families, double capPercent, Source source, String note) {
    /** Legally at most 1 %: nothing after it on a label can be more. */
    public boolean marksTraces() {
        return capPercent <= 1; // false for NaN
    }

    /** Whether it belongs to a family; it may belong to several. */
    public boolean is(Family family) {
        return families.contains(family);
    }
}
