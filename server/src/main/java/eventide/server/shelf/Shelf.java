package eventide.server.shelf;

import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;

/** A shelf: the salon's, or a client's own. */
public record Shelf(@Maybe Long id, @Letters(least = 1, most = 120) String name, @Maybe Long clientId) {
    public Shelf {
        Shape.check(Shelf.class, id, name, clientId);
    }
}
