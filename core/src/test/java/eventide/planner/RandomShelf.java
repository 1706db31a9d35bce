package eventide.planner;

import eventide.Heads;
import eventide.air.Air;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Random bottles and what is asked of them: same seed, same shelf. */
final class RandomShelf {
    private RandomShelf() {}

    private static final Role[] STYLERS = {Role.GEL, Role.GEL, Role.CREAM, Role.LEAVE_IN, Role.MOUSSE};

    private static Product styler(Random random, Role role, int number) {
        double low = 30 + random.nextInt(8) * 5;
        double most = role == Role.GEL ? 10 : role == Role.MOUSSE ? 6 : role == Role.CREAM ? 3 : 1;
        Product product = Product.of(
                role.label() + " " + number,
                role,
                Math.round(random.nextDouble() * most * 2) / 2.0,
                Math.round(random.nextDouble() * (role == Role.CREAM ? 10 : 6) * 2) / 2.0,
                low,
                Math.min(100, low + 20 + random.nextInt(8) * 5));
        return random.nextInt(5) == 0
                ? product.withIngredients("Aqua, Dimethicone, Prunus Amygdalus Dulcis Oil")
                : product;
    }

    static List<Product> of(Random random, int size) {
        List<Product> shelf = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            shelf.add(styler(random, Heads.one(random, STYLERS), i));
        }
        if (random.nextBoolean()) {
            shelf.add(Product.of("guard", Role.HEAT_PROTECTANT, 0, 0, 0, 100));
        }
        return shelf;
    }

    static Goal goal(Random random) {
        return new Goal(
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextBoolean() ? null : random.nextInt(4));
    }

    static Query query(Random random, List<Product> shelf, Schools schools) {
        return new Query(
                Heads.random(random),
                goal(random),
                Air.of(12 + random.nextInt(20), 25 + random.nextInt(65)),
                schools,
                Limits.ofMinutes(50 + random.nextInt(250)),
                shelf);
    }
}
