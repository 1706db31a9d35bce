package eventide.routine;

import eventide.product.Product;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * One product of a mix made in the palm, and its share of the whole.
 *
 * @param share of the mix, all of them 1 together
 */
public record MixPart(Product product, @Range(from = 0, to = 1) Double share) {
    public MixPart {
        Shape.check(MixPart.class, product, share);
    }
}
