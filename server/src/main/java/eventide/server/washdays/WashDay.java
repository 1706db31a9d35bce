package eventide.server.washdays;

import eventide.air.Air;
import eventide.chair.AtTheChair;
import eventide.chair.ChairRecord;
import eventide.hair.Hair;
import eventide.log.Rating;
import eventide.log.Washed;
import eventide.planner.Judgement;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Changed;
import eventide.shape.Maybe;
import java.time.Instant;

/**
 * A wash day: what was planned for which head in which air, what was done, what came of it.
 *
 * @param refresh hair that was worn, only misted: no wash, and not scored as one
 */
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
        ChairRecord record,
        @Maybe Rating rating,
        @Maybe RatingSummary summary,
        Integer version,
        Boolean refresh) {
    WashDay withRecord(ChairRecord done) {
        return Changed.with(this, "record", done);
    }

    /** As it was really done up to a moment. */
    AtTheChair at(Instant now) {
        return AtTheChair.of(routine, hair, air, schools, record, now);
    }

    /** As it was done, for laying it beside another. */
    public Washed washed(Instant now) {
        AtTheChair chair = at(now);
        return new Washed(hair, air, chair.meant(), chair.done(), chair.course(), rating);
    }

    /** What to judge the plan by. */
    Judgement.Question question() {
        return new Judgement.Question(hair, goal, air, schools, limits, routine);
    }
}
