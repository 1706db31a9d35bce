package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Limits;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The smaller things of a plan: decided, not fixed, and none of them better otherwise. */
public class RefinementTest {
    private static final Product MASK = Product.of("mask", Role.MASK, 0, 7, 0, 100);
    private static final Product CLARIFIER = Product.of("clarifier", Role.CLARIFIER, 0, 0, 0, 100);
    private static final Product CLEANSER = Product.of("cleanser", Role.CLEANSER, 0, 0, 0, 100);

    private static Query query(Random random) {
        List<Product> shelf = RandomShelf.of(random, 3);
        shelf.addAll(List.of(CLEANSER, MASK));
        if (random.nextBoolean()) {
            shelf.add(CLARIFIER);
        }
        return RandomShelf.query(random, shelf, null);
    }

    private static Refinement refinement(Query query, Search search) {
        return new Refinement(
                query, new Preparation(query, new Bottles(query, new ShelfFilter(query).allowed())), search::judge);
    }

    @Test
    public void noOtherAnswerToAnyQuestionIsBetter() {
        Random random = new Random(95);
        Set<Details> chosen = new HashSet<>();
        for (int i = 0; i < 60; i++) {
            Query query = query(random);
            Planner.Judged best = Planner.bestOf(query, frame -> true);
            if (best == null) {
                continue;
            }
            chosen.add(best.choice().details());
            Search search = Planner.search(query);
            for (Details other : refinement(query, search).all(best.choice())) {
                Planner.Judged plan = search.judge(best.choice().with(other));
                assertTrue(
                        !plan.isFeasible() || plan.worth() <= best.worth() + Refinement.WORTH_CHANGING + 1e-5,
                        other + " beats " + best.choice().details() + ", case " + i);
            }
        }
        assertTrue(chosen.size() > 20, "decided, not fixed: " + chosen.size());
    }

    /** Each of several may be too little a gain to change what stands. */
    @Test
    public void noMixtureOfAnswersIsMuchBetterEither() {
        Random random = new Random(97);
        int tried = 0;
        for (int i = 0; i < 40; i++) {
            Query query = query(random);
            Planner.Judged best = Planner.bestOf(query, frame -> true);
            if (best == null) {
                continue;
            }
            Search search = Planner.search(query);
            Refinement refinement = refinement(query, search);
            for (int k = 0; k < 60; k++) {
                Choice mixed = best.choice();
                for (int change = 0; change < 4; change++) {
                    List<Details> all = refinement.all(mixed);
                    mixed = mixed.with(all.get(random.nextInt(all.size())));
                }
                Planner.Judged plan = search.judge(mixed);
                tried++;
                assertTrue(
                        !plan.isFeasible() || plan.worth() <= best.worth() + 3 * Refinement.WORTH_CHANGING,
                        mixed.details() + " beats " + best.choice().details() + " by " + (plan.worth() - best.worth())
                                + ", case " + i);
            }
        }
        assertTrue(tried > 1500, "mixtures: " + tried);
    }

    /** The other half of {@link #noOtherAnswerToAnyQuestionIsBetter}: neither is better otherwise with the other as it stands. */
    @Test
    public void noOtherLayersAreBetterWithTheSameSmallerThings() {
        Random random = new Random(98);
        Set<Details> others = new HashSet<>();
        for (int i = 0; i < 25; i++) {
            Query query = query(random);
            Planner.Judged best = Planner.bestOf(query, frame -> true);
            if (best == null) {
                continue;
            }
            Search search = Planner.search(query);
            others.add(
                    search.details().equals(best.choice().details())
                            ? null
                            : best.choice().details());
            for (Choice choice : search.everything()) {
                Planner.Judged plan = search.judge(choice.with(best.choice().details()));
                assertTrue(
                        !plan.isFeasible() || plan.worth() <= best.worth() + Refinement.WORTH_CHANGING + 1e-5,
                        choice + " beats " + best.choice() + ", case " + i);
            }
        }
        assertTrue(others.size() > 8, "otherwise than usual: " + others.size());
    }

    /** Points of worth that deciding everything at once may still gain over settling it by turns [OURS: most gain nothing]. */
    private static final double LITTLE = 1.5;

    @Test
    public void settlingTheSmallerThingsOfOtherPlansGainsLittle() {
        Random random = new Random(99);
        for (int i = 0; i < 12; i++) {
            Query query = query(random);
            Planner.Judged best = Planner.bestOf(query, frame -> true);
            if (best == null) {
                continue;
            }
            Search search = Planner.search(query);
            Refinement refinement = refinement(query, search);
            double most = search.everything().stream()
                    .map(search::judge)
                    .filter(Planner.Judged::isFeasible)
                    .sorted(Planner.BEST_FIRST)
                    .limit(15)
                    .mapToDouble(plan -> refinement.of(plan).worth())
                    .max()
                    .orElseThrow();
            assertTrue(most <= best.worth() + LITTLE, most + " against " + best.worth() + ", case " + i);
        }
    }

    private static Suggestion dry(List<Product> shelf, double minutes) {
        Goal goal = new Goal(2, 0, 0, 2, 0, null);
        return Planner.suggest(
                        new Query(Heads.coarseCoily(), goal, Air.of(22, 50), null, Limits.ofMinutes(minutes), shelf))
                .suggestions()
                .get(0);
    }

    private static String said(Suggestion plan) {
        return plan.why().stream().map(Reason::text).collect(Collectors.joining("\n"));
    }

    @Test
    public void timeIsOnlyTheReasonWhereItIs() {
        List<Product> bare = List.of(Heads.GEL, CLEANSER);
        Suggestion masked = dry(List.of(Heads.GEL, CLEANSER, MASK), 1000);
        assertTrue(said(masked).contains("A mask first: "), said(masked));
        assertTrue(masked.routine().steps().stream().anyMatch(step -> step.action() == Action.MASK));
        // As long as the quickest without one, and half a minute.
        double least = 30;
        while (Planner.suggest(new Query(
                        Heads.coarseCoily(),
                        new Goal(2, 0, 0, 2, 0, null),
                        Air.of(22, 50),
                        null,
                        Limits.ofMinutes(least),
                        bare))
                .suggestions()
                .isEmpty()) {
            least += .5;
        }
        Suggestion hurried = dry(List.of(Heads.GEL, CLEANSER, MASK), least);
        assertTrue(said(hurried).contains("No time for a mask in these minutes"), said(hurried));
        assertEquals(
                hurried.routine().steps().stream()
                        .filter(step -> step.action() == Action.MASK)
                        .count(),
                0);
    }
}
