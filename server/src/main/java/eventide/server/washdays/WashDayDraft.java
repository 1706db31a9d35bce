package eventide.server.washdays;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;

/** A plan taken to the chair. It is kept as it was, whatever becomes of the client's readings. */
public record WashDayDraft(
        @Letters(least = 1, most = 200) String name,
        Hair hair,
        Goal goal,
        Air air,
        @Maybe Schools schools,
        @Maybe Limits limits,
        Routine routine) {
    public WashDayDraft {
        Shape.check(WashDayDraft.class, name, hair, goal, air, schools, limits, routine);
    }
}
