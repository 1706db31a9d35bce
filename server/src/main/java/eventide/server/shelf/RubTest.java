package eventide.server.shelf;

import eventide.product.Rubbed;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.Instant;

/** Two products rubbed between the fingers: what goes on first, what goes over it, and what came of it. */
public record RubTest(
        Long underId, Long overId, Rubbed outcome, @Maybe @Letters(most = 2000) String note, @Maybe Instant testedAt) {
    public RubTest {
        Shape.check(RubTest.class, underId, overId, outcome, note, testedAt);
        if (underId.equals(overId)) {
            throw InvalidException.of("overId", "a rub test takes two different products");
        }
    }
}
