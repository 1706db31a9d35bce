package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.check.Severity;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Amount;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** The search against a plain loop over everything, and the limits it may not break. */
public class SearchTest {
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

    private static List<Product> shelf(Random random, int size) {
        List<Product> shelf = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            shelf.add(styler(random, Heads.one(random, STYLERS), i));
        }
        if (random.nextBoolean()) {
            shelf.add(Product.of("guard", Role.HEAT_PROTECTANT, 0, 0, 0, 100));
        }
        return shelf;
    }

    private static Goal goal(Random random) {
        return new Goal(
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextBoolean() ? null : random.nextInt(4));
    }

    private static Schools dryTo(Schools.DryTo dryTo, Schools.Hands hands) {
        return new Schools(null, null, null, null, null, null, null, null, dryTo, null, null, null, hands);
    }

    private static Query query(Random random, List<Product> shelf, Schools schools) {
        return new Query(
                Heads.random(random),
                goal(random),
                Air.of(12 + random.nextInt(20), 25 + random.nextInt(65)),
                schools,
                Limits.ofMinutes(50 + random.nextInt(250)),
                shelf);
    }

    private static Planner.Judged loop(Query query) {
        Search search = Planner.search(query);
        Planner.Judged best = null;
        for (Choice choice : search.everything()) {
            Planner.Judged plan = search.judge(choice);
            boolean better = best == null || Planner.BEST_FIRST.compare(plan, best) < 0;
            best = plan.isFeasible() && better ? plan : best;
        }
        return best;
    }

    private static void assertBest(Query query, String what) {
        Planner.Judged found = Planner.search(query).best(Search.Region.ALL, null);
        Planner.Judged best = loop(query);
        assertEquals(found == null, best == null, what);
        if (best != null) {
            assertEquals(
                    found.worth(),
                    best.worth(),
                    1e-9,
                    what + ": " + words(found.choice()) + " against " + words(best.choice()));
        }
    }

    private static String name(Product product) {
        return product == null ? "–" : product.name();
    }

    private static String words(Choice choice) {
        return String.join(
                ", ",
                name(choice.leaveIn()),
                name(choice.cream()),
                name(choice.gel()),
                name(choice.mousse()),
                choice.hands() + " " + choice.drying());
    }

    @Test
    public void findsWhatAPlainLoopFindsOnOneWayOfWorking() {
        Random random = new Random(91);
        Schools.DryTo[] dries = {Schools.DryTo.FULL, Schools.DryTo.AIR};
        Schools.Hands[] hands = {Schools.Hands.SCRUNCH, Schools.Hands.BRUSH, Schools.Hands.SMOOTH};
        for (int i = 0; i < 1000; i++) {
            Schools schools = dryTo(Heads.one(random, dries), Heads.one(random, hands));
            assertBest(query(random, shelf(random, 1 + random.nextInt(3)), schools), "case " + i);
        }
    }

    @Test
    public void findsWhatAPlainLoopFindsOverAllWaysOfWorking() {
        Random random = new Random(92);
        for (int i = 0; i < 25; i++) {
            assertBest(query(random, shelf(random, 4), null), "case " + i);
        }
    }

    @Test
    public void nothingSuggestedBreaksALimit() {
        Random random = new Random(93);
        int suggested = 0;
        for (int i = 0; i < 60; i++) {
            List<Product> shelf = new ArrayList<>();
            shelf(random, 6)
                    .forEach(p -> shelf.add(random.nextInt(3) == 0 ? p.withStockMl(random.nextInt(30) + .5) : p));
            Hair hair = Heads.random(random).withAllergies(List.of("almond"));
            Limits limits = new Limits(
                    60.0 + random.nextInt(150),
                    40.0 + random.nextInt(80),
                    null,
                    random.nextBoolean() ? null : 120.0,
                    null);
            Schools strict = new Schools(
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    Schools.IngredientRule.STRICT,
                    null,
                    null);
            Suggestions answer = Planner.suggest(new Query(hair, goal(random), Air.of(22, 52), strict, limits, shelf));
            for (Suggestion plan : answer.suggestions()) {
                suggested++;
                assertTrue(plan.minutes() <= limits.minutes() + .01, plan.minutes() + " of " + limits.minutes());
                assertTrue(plan.chairMinutes() <= limits.chairMinutes() + .01, "hands-on");
                assertTrue(plan.findings().stream().noneMatch(f -> f.severity() == Severity.STOP), "a stop");
                for (Amount amount : plan.amounts()) {
                    Product product = amount.product();
                    assertTrue(product.label().breaks().strict().isEmpty(), product + " breaks a strict list");
                    assertTrue(
                            product.stockMl() == null || amount.grams() <= product.stockMl() + .1,
                            amount + " of " + product.stockMl());
                }
            }
            if (answer.suggestions().isEmpty()) {
                assertFalse(answer.nothing().isBlank(), "an empty answer says why");
            }
        }
        assertTrue(suggested > 40, "suggestions: " + suggested);
    }

    @Test
    public void anEmptyAnswerSaysWhatMoreOfALimitWouldBuy() {
        List<Product> shelf =
                List.of(Heads.GEL, Heads.CREAM, Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100));
        Limits tight = new Limits(600.0, 3.0, null, null, null);
        Suggestions answer = Planner.suggest(
                new Query(Heads.coarseCoily(), new Goal(2, 1, 0, 1, 1, null), Air.of(22, 52), null, tight, shelf));
        assertTrue(answer.suggestions().isEmpty(), "three minutes of hands are enough for nobody");
        assertTrue(answer.nothing().contains("hands-on minutes given"), answer.nothing());
        assertTrue(answer.nothing().contains("With more hands-on minutes: "), answer.nothing());
    }

    @Test
    public void oneHeadPlannedAsFineAndAsCoarseDiffersAsTheTradeSays() {
        List<Product> shelf = List.of(
                Product.of("light leave-in", Role.LEAVE_IN, 0, 2, 40, 100),
                Product.of("rich cream", Role.CREAM, 1, 8, 40, 98),
                Product.of("soft gel", Role.GEL, 4, 1, 50, 98),
                Product.of("firm gel", Role.GEL, 8, 2, 50, 98),
                Product.of("foam", Role.MOUSSE, 4, 1, 35, 80));
        Goal goal = new Goal(2, 2, 0, 1, 1, null);
        Hair head = Heads.curly();
        Suggestion fine =
                plan(head.with(Strand.FINE, head.porosity(), head.pattern(), head.density(), 35), goal, shelf);
        Suggestion coarse =
                plan(head.with(Strand.COARSE, head.porosity(), Pattern.CURLY_3B, head.density(), 35), goal, shelf);
        assertFalse(wears(fine, "rich cream"), "no cream on fine hair");
        assertTrue(wears(fine, "soft gel") || wears(fine, "foam"), "a light gel or mousse on fine hair");
        assertTrue(wears(coarse, "rich cream") && wears(coarse, "firm gel"), "a rich layer, then the stronger gel");
        // Against each other's plan on the fine head: lighter lifts, richer defines less there.
        assertTrue(
                fine.outcome().overall().definition()
                        < coarse.outcome().overall().definition(),
                "more definition on coarse hair");
    }

    private static Suggestion plan(Hair hair, Goal goal, List<Product> shelf) {
        return Planner.suggest(new Query(hair, goal, Air.of(22, 52), null, Limits.ofMinutes(180), shelf))
                .suggestions()
                .get(0);
    }

    private static boolean wears(Suggestion plan, String name) {
        return plan.amounts().stream().anyMatch(a -> a.product().name().equals(name));
    }
}
