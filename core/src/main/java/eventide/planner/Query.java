package eventide.planner;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.shape.Changed;
import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.util.List;

/** What to plan for: a head, a goal, the air, and what stands on the shelf. */
public record Query(Hair hair, Goal goal, Air air, @Maybe Schools schools, @Maybe Limits limits, List<Product> shelf) {
    public Query {
        Shape.check(Query.class, hair, goal, air, schools, limits, shelf);
        shelf = Frozen.list(shelf);
    }

    /** The same under other schools. */
    Query under(Schools other) {
        return Changed.with(this, "schools", other);
    }

    /** The same in other air. */
    Query in(Air other) {
        return Changed.with(this, "air", other);
    }

    Schools schoolsOrDefault() {
        return schools == null ? Schools.DEFAULT : schools;
    }

    /** Two hours where nothing is said. */
    Limits limitsOrUsual() {
        return limits == null ? Limits.ofMinutes(120) : limits;
    }
}
