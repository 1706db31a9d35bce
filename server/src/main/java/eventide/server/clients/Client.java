package eventide.server.clients;

import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.shape.Maybe;
import java.time.Instant;
import java.util.List;

/** A client as kept. {@code referrals} are oldest first; an open one keeps the plan closed. */
public record Client(
        Long id,
        String name,
        @Maybe Hair hair,
        @Maybe Goal goal,
        @Maybe Schools schools,
        @Maybe Limits limits,
        @Maybe String notes,
        @Maybe Intake intake,
        List<Referral> referrals,
        Integer version,
        Instant changedAt) {}
