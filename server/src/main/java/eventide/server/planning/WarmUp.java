package eventide.server.planning;

import eventide.air.Air;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.server.json.Shapes;
import eventide.server.learning.LearningService;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Plans for a few heads nobody has once the server is up: a Java machine answers some ten times as fast when it has done a thing
 * before, and the first client of the day should not be the one to wait for that. In the background, a few seconds long.
 */
@Component
@ConditionalOnProperty(name = "eventide.warm-up", havingValue = "true")
class WarmUp {
    private static final int ROUNDS = 20;

    private static final List<Product> SHELF = List.of(
            Product.of("leave-in", Role.LEAVE_IN, 0, 3, 45, 100),
            Product.of("milk", Role.LEAVE_IN, 1, 5, 40, 95),
            Product.of("cream", Role.CREAM, 2, 6, 45, 95),
            Product.of("butter", Role.CREAM, 1, 9, 45, 90),
            Product.of("light gel", Role.GEL, 4, 1, 50, 98),
            Product.of("gel", Role.GEL, 7, 2, 55, 98),
            Product.of("gel-cream", Role.GEL, 6, 5, 55, 90),
            Product.of("foam", Role.MOUSSE, 4, 1, 35, 80),
            Product.of("oil", Role.OIL, 0, 7, 0, 100),
            Product.of("cleanser", Role.CLEANSER, 0, 2, 0, 100),
            Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100),
            Product.of("mask", Role.MASK, 0, 7, 0, 100));

    private static final List<Hair> HEADS = List.of(
            Hair.of(Strand.FINE, Porosity.LOW, Pattern.WAVY_2B, Density.MEDIUM, 35),
            Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.MEDIUM, 40),
            Hair.of(Strand.COARSE, Porosity.HIGH, Pattern.COILY_4B, Density.HIGH, 30),
            Hair.of(Strand.MEDIUM, Porosity.LOW, Pattern.CURLY_3C, Density.LOW, 50)
                    .withZones(Map.of(
                            Zone.HAIRLINE,
                            new ZoneReadings(Strand.FINE, null, null, null, null, null),
                            Zone.BACK,
                            new ZoneReadings(
                                    null, Porosity.HIGH, Pattern.COILY_4A, null, null, Set.of(Condition.BLEACHED)))));

    private final Shapes shapes;
    private final LearningService learning;
    private volatile boolean over;

    WarmUp(Shapes shapes, LearningService learning) {
        this.shapes = shapes;
        this.learning = learning;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::plan, "warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void plan() {
        for (int round = 0; round < ROUNDS; round++) {
            for (Hair hair : HEADS) {
                if (over) {
                    return;
                }
                ask(hair, round % 4);
            }
            if (round == 0) {
                // A long log is read through the water once before the first plan asks what it teaches.
                learning.learned();
            }
        }
    }

    /** As a question comes over the wire and its answer goes back. */
    private String ask(Hair hair, int volume) {
        Goal goal = new Goal(2, volume, 0, 1, 1, null);
        Query query = new Query(hair, goal, Air.of(22, 52), null, Limits.ofMinutes(120), SHELF);
        Query asked = shapes.read(shapes.tree(shapes.write(query)), Query.class, id -> null);
        return shapes.write(Planner.suggest(asked));
    }

    /** The answers to one round. */
    List<String> round() {
        return HEADS.stream().map(hair -> ask(hair, 1)).toList();
    }

    @PreDestroy
    void end() {
        over = true;
    }
}
