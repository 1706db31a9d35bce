package eventide.server.shelf;

import eventide.product.LabelReading;
import eventide.product.Product;
import eventide.shape.Maybe;

/**
 * A bottle where it stands.
 *
 * @param traits its label in short; absent without a label
 * @param photoKey under which its picture is to be had; absent without one
 */
public record ShelfItem(
        Long id,
        Long shelfId,
        Product product,
        @Maybe BottleFacts facts,
        @Maybe LabelReading.Traits traits,
        @Maybe LabelReading.Breaks breaks,
        @Maybe String photoKey,
        Integer version) {}
