package eventide.practice;

import eventide.hair.Hair;
import eventide.planner.Query;
import eventide.product.Product;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.util.List;

/**
 * A head and a shelf that a situation to practise on is to be made of.
 *
 * @param limits whose tools are at hand; the minutes are chance's
 * @param seed the same seed makes the same situation
 */
public record SituationQuestion(
        Hair hair, Goal goal, @Maybe Schools schools, @Maybe Limits limits, List<Product> shelf, Long seed)
        implements Bounded {
    public SituationQuestion {
        Shape.check(SituationQuestion.class, hair, goal, schools, limits, shelf, seed);
        shelf = Frozen.list(shelf);
    }

    @Override
    public List<Fault> beyond() {
        return Query.beyond(shelf);
    }
}
