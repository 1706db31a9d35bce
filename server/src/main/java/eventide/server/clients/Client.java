package eventide.server.clients;

import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.shape.Maybe;
import java.time.Instant;

/** A client as kept. */
public record Client(
        Long id,
        String name,
        @Maybe Hair hair,
        @Maybe Goal goal,
        @Maybe Schools schools,
        @Maybe Limits limits,
        @Maybe String notes,
        Integer version,
        Instant changedAt) {}
