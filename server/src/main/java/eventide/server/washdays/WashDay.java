package eventide.server.washdays;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.log.Rating;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Maybe;
import java.time.Instant;
import java.util.List;

/** A wash day: what was planned for which head in which air, what was done, what came of it. */
public record WashDay(
        Long id,
        Long clientId,
        String name,
        Instant plannedAt,
        @Maybe Instant startedAt,
        @Maybe Instant finishedAt,
        Hair hair,
        Goal goal,
        Air air,
        @Maybe Schools schools,
        @Maybe Limits limits,
        Routine routine,
        List<StepDone> steps,
        @Maybe Rating rating,
        Integer version) {}
