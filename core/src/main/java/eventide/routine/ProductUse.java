package eventide.routine;

import eventide.hair.Hair;
import eventide.product.Product;
import eventide.shape.Maybe;

/**
 * What one wash of a head takes from a bottle, and how long it lasts.
 *
 * @param costCents absent where price or size is not known
 * @param washesLeft absent where nobody says what is left
 * @param reorder fewer than two washes are left
 */
public record ProductUse(
        Long productId, double ml, String dose, @Maybe Double costCents, @Maybe Double washesLeft, boolean reorder) {
    /** A bottle with less than this many washes in it belongs on the list [OURS]. */
    private static final double REORDER_BELOW = 2;

    /** What a bottle does on this head: how much is advised, on what water, how far it weighs. */
    public static ProductUse of(Product product, Hair hair) {
        double ml = Advised.headMl(product, hair);
        boolean priced = product.priceCents() != null && product.sizeMl() != null;
        // A foam is dosed in ml of foam and stocked in ml of liquid.
        double liquid = ml * product.density();
        Double washes =
                product.stockMl() == null || liquid <= 0 ? null : Math.floor(product.stockMl() / liquid * 10) / 10;
        return new ProductUse(
                product.id(),
                Math.round(ml * 10) / 10.0,
                product.dose().say(ml),
                priced ? Math.round(product.costCents(ml) * 10) / 10.0 : null,
                washes,
                washes != null && washes < REORDER_BELOW);
    }
}
