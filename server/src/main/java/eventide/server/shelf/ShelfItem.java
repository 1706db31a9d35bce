package eventide.server.shelf;

import eventide.product.LabelReading;
import eventide.product.Product;
import eventide.shape.Maybe;

/**
 * A bottle where it stands.
 *
 * @param traits its label in short; absent without a label
 * @param hasPhoto a picture of the bottle is kept
 */
public record ShelfItem(
        Long id,
        Long shelfId,
        Product product,
        @Maybe BottleFacts facts,
        @Maybe LabelReading.Traits traits,
        @Maybe LabelReading.Breaks breaks,
        Boolean hasPhoto,
        Integer version) {}
