package eventide.server.shelf;

import eventide.product.Product;
import eventide.shape.Maybe;
import eventide.shape.Shape;

/** A bottle as typed; on the salon's shelf where none is named. */
public record ShelfItemDraft(Product product, @Maybe Long shelfId, @Maybe BottleFacts facts) {
    public ShelfItemDraft {
        Shape.check(ShelfItemDraft.class, product, shelfId, facts);
    }
}
