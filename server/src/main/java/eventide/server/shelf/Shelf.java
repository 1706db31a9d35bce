package eventide.server.shelf;

import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Shape;

/** A shelf: the salon's, or a client's own. */
public record Shelf(@Maybe Long id, String name, @Maybe Long clientId) {
    public Shelf {
        Shape.check(Shelf.class, id, name, clientId);
        if (name.isBlank() || name.length() > 120) {
            throw InvalidException.of("name", "name must be from 1 to 120 characters");
        }
    }
}
