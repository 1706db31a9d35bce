package eventide.server.shelf;

import eventide.product.Product;
import eventide.shape.Maybe;
import eventide.shape.Shape;

/** A bottle as a file carries it: with all that was typed, without where it stands. */
public record Bottle(Product product, @Maybe BottleFacts facts) {
    public Bottle {
        Shape.check(Bottle.class, product, facts);
    }

    public static Bottle of(ShelfItem item) {
        return new Bottle(item.product().withId(null), item.facts());
    }
}
