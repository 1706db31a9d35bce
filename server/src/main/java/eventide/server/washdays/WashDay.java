package eventide.server.washdays;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.log.Rating;
import eventide.routine.DoneRoutine;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Maybe;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

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
        Integer runRevision,
        @Maybe Rating rating,
        @Maybe RatingSummary summary,
        Integer version) {
    /** What was done of each step, by its index; the one under way is still as planned. */
    Map<Integer, DoneRoutine.Done> done() {
        Map<Integer, DoneRoutine.Done> done = new HashMap<>();
        for (StepDone step : steps) {
            if (step.endedAt() != null) {
                double minutes =
                        Duration.between(step.startedAt(), step.endedAt()).toMillis() / 60_000.0;
                done.put(step.index(), new DoneRoutine.Done(minutes, Boolean.TRUE.equals(step.skipped())));
            }
        }
        return done;
    }
}
