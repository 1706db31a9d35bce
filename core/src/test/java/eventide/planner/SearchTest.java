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
import eventide.outcome.Prospect;
import eventide.outcome.ScoreName;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Amount;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.SchoolQuestion;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** The search against a plain loop over everything, and the limits it may not break. */
public class SearchTest {
    /** In points of worth: half a point of one score that is wanted above all is seven times that [OURS]. */
    private static final double HARDLY_SEEN = .25;

    private static Schools dryTo(Schools.DryTo dryTo, Schools.Hands hands) {
        return new Schools(null, null, null, null, null, null, null, null, dryTo, null, null, null, hands);
    }

    private static Judged loop(Query query) {
        Search search = Planner.search(query, null);
        Judged best = null;
        for (Judged plan :
                search.everything().parallelStream().map(search::judge).toList()) {
            boolean better = best == null || Planner.BEST_FIRST.compare(plan, best) < 0;
            best = plan.isFeasible() && better ? plan : best;
        }
        return best;
    }

    private static void assertBest(Query query, String what) {
        Judged found = Planner.search(query, null).best();
        Judged best = loop(query);
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
                choice.frame().toString());
    }

    @Test
    public void findsWhatAPlainLoopFindsOnOneWayOfWorking() {
        Random random = new Random(91);
        Schools.DryTo[] dries = {Schools.DryTo.FULL, Schools.DryTo.AIR};
        Schools.Hands[] hands = {Schools.Hands.SCRUNCH, Schools.Hands.BRUSH, Schools.Hands.SMOOTH};
        for (int i = 0; i < 1000; i++) {
            Schools schools = dryTo(Heads.one(random, dries), Heads.one(random, hands));
            int size = i % 4 == 0 ? 3 : 1 + random.nextInt(2);
            assertBest(RandomShelf.query(random, RandomShelf.of(random, size), schools), "case " + i);
        }
    }

    @Test
    public void findsWhatAPlainLoopFindsOverAllWaysOfWorking() {
        Random random = new Random(92);
        for (int i = 0; i < 25; i++) {
            assertBest(RandomShelf.query(random, RandomShelf.of(random, 4), null), "case " + i);
        }
    }

    /** On large shelves a search ends before all is weighed: so much patience has missed nothing that anybody would see. */
    @Test
    public void patienceMissesNothingOnLargeShelves() {
        for (int seed = 1; seed <= 10; seed++) {
            Random random = new Random(seed);
            Query query = RandomShelf.query(random, RandomShelf.of(random, 60), null);
            Judged found = Planner.search(query, null).best();
            Judged best = Planner.search(query, null).bestHoweverLong();
            assertEquals(found == null, best == null, "seed " + seed);
            if (best != null) {
                double missed = best.worth() - found.worth();
                assertTrue(missed <= HARDLY_SEEN, "missed " + missed + ", seed " + seed);
            }
        }
    }

    /** A wash of the stated number of sections against one re-parted in thought: what bounds rest on. */
    @Test
    public void partingInThoughtIsPartingByHand() {
        Random random = new Random(96);
        for (int i = 0; i < 100; i++) {
            Query query = RandomShelf.query(random, List.of(), null);
            int from = 2 + random.nextInt(10);
            int to = 2 + random.nextInt(20);
            Prospect thought =
                    Prospect.of(gelled(query, from), layer -> true, 0).parted(from, to);
            Prospect done = Prospect.of(gelled(query, to), layer -> true, 0);
            assertEquals(thought.places().size(), done.places().size());
            for (int p = 0; p < done.places().size(); p++) {
                Prospect.Place a = thought.places().get(p);
                Prospect.Place b = done.places().get(p);
                double[] scoresA = scores(a);
                double[] scoresB = scores(b);
                for (int s = 0; s < scoresA.length; s++) {
                    assertEquals(scoresA[s], scoresB[s], 1e-9, "score " + s + ", case " + i);
                }
            }
        }
    }

    private static double[] scores(Prospect.Place place) {
        double[] scores = new double[ScoreName.values().length];
        place.scores(place.byHold(2, 6), place.byRichness(1, 3), false, scores);
        return scores;
    }

    private static Wash gelled(Query query, int sections) {
        Product gel = Product.of("gel", Role.GEL, 6, 2, 30, 90);
        Step inner = Step.of(Action.APPLY).product(gel).build();
        Routine routine = Routine.of(List.of(
                Step.of(Action.REWET).build(),
                Step.of(Action.EACH_SECTION)
                        .sections(sections)
                        .steps(List.of(inner))
                        .build(),
                Step.of(Action.AIR).untilDry(100.0).build()));
        return Wash.of(routine, query.hair(), query.goal(), query.air(), query.schools(), query.limits());
    }

    @Test
    public void sectionsAreDecidedByWhatIsWanted() {
        List<Product> shelf = List.of(Product.of("gel", Role.GEL, 6, 2, 30, 95));
        Query sleek = new Query(
                Heads.curly(), new Goal(3, 0, 0, 0, 3, null), Air.of(22, 52), null, Limits.ofMinutes(240), shelf);
        Query full = new Query(
                Heads.coarseCoily(), new Goal(0, 3, 0, 0, 0, 0), Air.of(22, 52), null, Limits.ofMinutes(240), shelf);
        assertEquals(Planner.bestOf(sleek, frame -> true, Stop.NEVER).choice().sections(), Choice.Sections.MORE);
        Search search = Planner.search(full, null);
        Choice brushed = search.everything().stream()
                .filter(choice -> choice.isShaped() && choice.hands() == Choice.Hands.BRUSH)
                .map(search::judge)
                .min(Planner.BEST_FIRST)
                .orElseThrow()
                .choice();
        assertEquals(brushed.sections(), Choice.Sections.FEWER);
        Suggestion best = Planner.suggest(sleek).suggestions().get(0);
        assertTrue(
                best.why().stream()
                        .anyMatch(reason -> reason.text().matches("\\d+ sections\\. \\d+ sections instead: .*")),
                best.why().toString());
    }

    @Test
    public void nothingSuggestedBreaksALimit() {
        Random random = new Random(93);
        int suggested = 0;
        for (int i = 0; i < 25; i++) {
            List<Product> shelf = new ArrayList<>();
            RandomShelf.of(random, 6)
                    .forEach(p -> shelf.add(random.nextInt(3) == 0 ? p.withStockMl(random.nextInt(30) + .5) : p));
            Hair hair = Heads.random(random).withAllergies(List.of("almond"));
            Limits limits = new Limits(
                    60.0 + random.nextInt(150),
                    40.0 + random.nextInt(80),
                    null,
                    random.nextBoolean() ? null : 120.0,
                    null);
            Schools strict = Heads.keeping(Schools.IngredientRule.STRICT);
            Suggestions answer =
                    Planner.suggest(new Query(hair, RandomShelf.goal(random), Air.of(22, 52), strict, limits, shelf));
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
        assertTrue(suggested > 25, "suggestions: " + suggested);
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

    private static final Role[] CARE = {Role.MASK, Role.PROTEIN, Role.OIL, Role.CLEANSER, Role.CONDITIONER};

    @Test
    public void underEverySchoolAndCareItIsStillTheBest() {
        Random random = new Random(31);
        for (int i = 0; i < 120; i++) {
            Schools schools = Schools.DEFAULT;
            for (SchoolQuestion question : SchoolQuestion.ALL) {
                if (random.nextInt(3) == 0) {
                    List<SchoolQuestion.Side> sides = question.sides();
                    schools = schools.with(
                            question.key(),
                            sides.get(random.nextInt(sides.size())).word());
                }
            }
            List<Product> shelf = RandomShelf.of(random, 2);
            for (Role role : CARE) {
                if (random.nextBoolean()) {
                    double low = role == Role.OIL ? random.nextInt(2) * 40 : 0;
                    shelf.add(Product.of(role.label(), role, 0, random.nextInt(10), low, 100));
                }
            }
            Query query = RandomShelf.query(random, shelf, schools);
            assertBest(query, "case " + i + " " + schools);
        }
    }
}
