package eventide.server.clients;

import eventide.hair.Hair;
import eventide.hair.HairChanges;
import eventide.hair.Occasion;
import eventide.shape.Maybe;
import java.time.Instant;
import java.util.List;

/**
 * A head as it was read on a day; never changed afterwards.
 *
 * @param changes what differs from the reading before it; empty for the first
 */
public record ReadingTaken(
        Long id,
        Instant takenAt,
        Hair hair,
        @Maybe Occasion occasion,
        @Maybe String note,
        @Maybe Intake intake,
        List<HairChanges.Change> changes) {}
