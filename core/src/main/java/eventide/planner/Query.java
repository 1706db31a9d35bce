package eventide.planner;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.shape.Bounded;
import eventide.shape.Changed;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import eventide.wash.Correction;
import java.util.List;

/**
 * What to plan for: a head, a goal, the air, and what stands on the shelf.
 *
 * @param learned what the log of this head has taught; nothing where absent
 * @param exhaustive every plan is run, and said how much worse the usual search's first answer is: for small shelves only
 */
public record Query(
        Hair hair,
        Goal goal,
        Air air,
        @Maybe Schools schools,
        @Maybe Limits limits,
        List<Product> shelf,
        @Maybe Boolean exhaustive,
        @Maybe Correction learned)
        implements Bounded {
    /** A large salon's shelf and every client's own bottles [OURS]. */
    public static final int MOST_PRODUCTS = 500;

    public Query {
        Shape.check(Query.class, hair, goal, air, schools, limits, shelf, exhaustive, learned);
        shelf = Frozen.list(shelf);
    }

    /** Without anything learned, and not trying everything. */
    public Query(Hair hair, Goal goal, Air air, Schools schools, Limits limits, List<Product> shelf) {
        this(hair, goal, air, schools, limits, shelf, null, null);
    }

    /** Stylers of which every plan can be run in some seconds [OURS]. */
    public static final int MOST_EXHAUSTIVE = 12;

    @Override
    public List<Fault> beyond() {
        long stylers = shelf.stream()
                .filter(product -> product.role().holds() || product.role().moisturises())
                .count();
        return isExhaustive() && stylers > MOST_EXHAUSTIVE
                ? List.of(new Fault(
                        "/exhaustive",
                        "exhaustive must be for at most " + MOST_EXHAUSTIVE + " stylers on the shelf, but there are "
                                + stylers))
                : learned == null || learned.beyond().isEmpty() ? beyond(shelf) : learned.beyond();
    }

    /** Whether every plan is to be run, so that it can be said what the usual search misses. */
    public boolean isExhaustive() {
        return Boolean.TRUE.equals(exhaustive);
    }

    /** A fault for a shelf longer than a search can be asked about; none where it is not. */
    public static List<Fault> beyond(List<Product> shelf) {
        return shelf.size() <= MOST_PRODUCTS
                ? List.of()
                : List.of(new Fault(
                        "/shelf", "shelf must be at most " + MOST_PRODUCTS + " products, but was " + shelf.size()));
    }

    /** The same under other schools. */
    public Query under(Schools other) {
        return Changed.with(this, "schools", other);
    }

    /** The same in other air. */
    public Query in(Air other) {
        return Changed.with(this, "air", other);
    }

    /** What the log has taught; where it has taught nothing, or is not to count, a correction by nothing. */
    public Correction learnedOrNone() {
        return learned == null ? Correction.NONE : learned;
    }

    /** The schools this client goes by; where none is named, the trade's usual answers (TRADE, schools). */
    public Schools schoolsOrDefault() {
        return schools == null ? Schools.DEFAULT : schools;
    }

    /** Two hours where nothing is said. */
    public Limits limitsOrUsual() {
        return limits == null ? Limits.ofMinutes(120) : limits;
    }
}
