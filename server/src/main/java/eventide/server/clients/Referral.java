package eventide.server.clients;

import eventide.shape.Maybe;
import java.time.Instant;

/** A stop for the scalp's sake: what was seen, and how it was cleared. Observed, never diagnosed. */
public record Referral(Long id, String seen, Instant openedAt, @Maybe Instant clearedAt, @Maybe String clearedNote) {
    public boolean isOpen() {
        return clearedAt == null;
    }
}
