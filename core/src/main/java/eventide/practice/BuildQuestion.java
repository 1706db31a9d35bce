package eventide.practice;

import eventide.air.Air;
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

/** What somebody would do for a head, in an air, in some minutes, from a shelf. */
public record BuildQuestion(
        Hair hair, Goal goal, Air air, @Maybe Schools schools, @Maybe Limits limits, List<Product> shelf, Build build)
        implements Bounded {
    public BuildQuestion {
        Shape.check(BuildQuestion.class, hair, goal, air, schools, limits, shelf, build);
        shelf = Frozen.list(shelf);
    }

    Query query() {
        return new Query(hair, goal, air, schools, limits, shelf);
    }

    @Override
    public List<Fault> beyond() {
        return Query.beyond(shelf);
    }
}
