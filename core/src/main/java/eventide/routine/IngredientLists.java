package eventide.routine;

import eventide.product.LabelReading.Breaks;
import eventide.product.Product;
import java.util.List;

/** What a client's ingredient list says of a product. The client's choice, never a moral. */
public final class IngredientLists {
    private IngredientLists() {}

    /** Each ingredient that breaks the list, with the reason; empty where it keeps it, or where there is no list. */
    public static List<String> broken(Schools.IngredientRule rule, Product product) {
        if (rule == null || rule == Schools.IngredientRule.NONE) {
            return List.of();
        }
        Breaks breaks = product.label().breaks();
        return rule == Schools.IngredientRule.STRICT ? breaks.strict() : breaks.loose();
    }
}
