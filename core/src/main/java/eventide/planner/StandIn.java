package eventide.planner;

import eventide.product.Cast;
import eventide.product.Product;
import eventide.product.Role;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** A bottle that stands for any of its role: works at any wetness, weighs nothing, and sets a cast or does not. */
record StandIn(Role role, boolean casts, boolean guards) {
    /** Told apart from real layers by this. */
    static final String NAME = "any styler";

    private static final Map<StandIn, Product> BOTTLES = new ConcurrentHashMap<>();

    Product bottle() {
        return BOTTLES.computeIfAbsent(this, StandIn::filled);
    }

    private Product filled() {
        boolean holds = role == Role.GEL || role == Role.MOUSSE;
        double hold = !holds ? 0 : casts ? Cast.FROM_HOLD : Cast.FROM_HOLD - .1;
        return Product.of(NAME, role, hold, 0, 0, 100).withHeatGuard(guards);
    }
}
