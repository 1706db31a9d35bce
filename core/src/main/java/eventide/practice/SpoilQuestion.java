package eventide.practice;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.util.List;

/**
 * A routine that is to be spoilt in one way, for somebody to find.
 *
 * @param rule the one to be broken, by its id; any where absent
 * @param seed the same seed spoils the same routine the same way
 */
public record SpoilQuestion(
        Hair hair,
        Goal goal,
        Air air,
        @Maybe Schools schools,
        @Maybe Limits limits,
        Routine routine,
        @Maybe @Letters(least = 1, most = 4) String rule,
        Long seed)
        implements Bounded {
    public SpoilQuestion {
        Shape.check(SpoilQuestion.class, hair, goal, air, schools, limits, routine, rule, seed);
    }

    @Override
    public List<Fault> beyond() {
        return routine.beyond();
    }
}
