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
import eventide.planner.Stop;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.server.json.Shapes;
import eventide.server.learning.LearningService;
import eventide.server.load.LongWork;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Plans for a few heads nobody has once the server is up: a Java machine answers some ten times as fast when it has done a thing
 * before, and the first client of the day should not be the one to wait for that. In the background, and not while anybody asks for something.
 */
@Component
@ConditionalOnProperty(name = "eventide.warm-up", havingValue = "true")
class WarmUp {
    /** Some two hundred after a start, plans still got quicker [OURS]. */
    private static final int QUESTIONS = 200;
    /** After which a plan is quick enough that reading the log comes next [OURS]. */
    private static final int FEW = 4;
    /** Nothing has been asked for so long: a question of a client's is not made slower by one of nobody's. [OURS] */
    private static final long QUIET_MILLIS = 400;
    /** Bottles of each kind of styler that nobody has [OURS]. */
    private static final int OF_EACH = 12;

    /** A shelf as long as a salon's: which bottles suit is a good part of the work, and another on a short one. */
    private static final List<Product> SHELF = Stream.concat(
                    Stream.of(
                            Product.of("oil", Role.OIL, 0, 7, 0, 100),
                            Product.of("cleanser", Role.CLEANSER, 0, 2, 0, 100),
                            Product.of("clarifier", Role.CLARIFIER, 0, 0, 0, 100),
                            Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100),
                            Product.of("mask", Role.MASK, 0, 7, 0, 100),
                            Product.of("protein", Role.PROTEIN, 0, 3, 0, 100),
                            Product.of("heat protectant", Role.HEAT_PROTECTANT, 0, 1, 20, 100)),
                    IntStream.range(0, OF_EACH).boxed().flatMap(WarmUp::stylers))
            .toList();

    /** One of each kind, unlike those before and after it. */
    private static Stream<Product> stylers(int n) {
        double low = 30 + 15 * (n % 3);
        double high = 75 + 12 * (n % 3);
        return Stream.of(
                Product.of("gel " + n, Role.GEL, 3 + n % 7, n % 6, low, high),
                Product.of("cream " + n, Role.CREAM, n % 5, 4 + n % 6, low, high),
                Product.of("leave-in " + n, Role.LEAVE_IN, n % 2, 1 + n % 7, low, high),
                Product.of("foam " + n, Role.MOUSSE, 2 + n % 5, n % 3, low, high));
    }

    private final Shapes shapes;
    private final LearningService learning;
    private final LongWork work;
    private volatile boolean over;

    WarmUp(Shapes shapes, LearningService learning, LongWork work) {
        this.shapes = shapes;
        this.learning = learning;
        this.work = work;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(this::plan, "warm-up");
        thread.setDaemon(true);
        thread.start();
    }

    private void plan() {
        try {
            for (int n = 0; n < QUESTIONS; n++) {
                while (work.quietMillis() < QUIET_MILLIS) {
                    Thread.sleep(QUIET_MILLIS);
                }
                answer(n, () -> over || work.atWork() > 0);
                if (n == FEW) {
                    // A long log is read through the water once before the first plan asks what it teaches.
                    learning.learned();
                }
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    /** As a question comes over the wire and its answer goes back. */
    String answer(int n, Stop stop) {
        Query query = question(new Random(n));
        Query asked = shapes.read(shapes.tree(shapes.write(query)), Query.class, id -> null);
        return shapes.write(Planner.suggest(asked, stop));
    }

    /** Any head in any air: what was never asked before is slow the first time. */
    private static Query question(Random random) {
        Hair hair = Hair.of(
                any(Strand.values(), random),
                any(Porosity.values(), random),
                any(Pattern.values(), random),
                any(Density.values(), random),
                15 + random.nextInt(40));
        if (random.nextBoolean()) {
            hair = hair.withZones(Map.of(
                    Zone.HAIRLINE,
                    new ZoneReadings(Strand.FINE, null, null, null, null, null),
                    any(Zone.values(), random, Zone.HAIRLINE),
                    new ZoneReadings(
                            null,
                            Porosity.HIGH,
                            any(Pattern.values(), random),
                            null,
                            null,
                            Set.of(Condition.BLEACHED))));
        }
        Goal goal = new Goal(
                1 + random.nextInt(3),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                null);
        Set<OwnedTool> tools = Stream.of(OwnedTool.values())
                .filter(tool -> random.nextInt(4) > 0)
                .collect(Collectors.toSet());
        return new Query(
                hair,
                goal,
                Air.of(16 + random.nextInt(13), 25 + random.nextInt(55)),
                null,
                new Limits(90.0 + 30 * random.nextInt(4), null, tools, null, null),
                SHELF);
    }

    private static <T> T any(T[] all, Random random) {
        return all[random.nextInt(all.length)];
    }

    private static Zone any(Zone[] all, Random random, Zone but) {
        Zone zone = any(all, random);
        return zone == but ? Zone.CROWN : zone;
    }

    @PreDestroy
    void end() {
        over = true;
    }
}
