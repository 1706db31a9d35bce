package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.planner.compose.Bottles;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details;
import eventide.planner.compose.Preparation;
import eventide.planner.compose.ShelfFilter;
import eventide.planner.search.Evaluation;
import eventide.planner.search.Refinement;
import eventide.planner.search.Search;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Limits;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
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
                query,
                new Preparation(query, new Bottles(query, new ShelfFilter(query).allowed())),
                choice -> List.of(),
                search::judge,
                Stop.NEVER);
    }

    /** A plan settled on a random shelf, and what it could be laid beside. */
    private record Settled(Evaluation best, Search search, Refinement refinement, Random random, String shelf) {
        void holdsAgainst(Evaluation other, double by) {
            assertTrue(
                    !other.isFeasible() || other.worth() <= best.worth() + by,
                    other.choice() + " beats " + best.choice() + " by " + (other.worth() - best.worth()) + ", "
                            + shelf);
        }
    }

    private static void onRandomShelves(long seed, int shelves, Consumer<Settled> look) {
        Random random = new Random(seed);
        for (int i = 0; i < shelves; i++) {
            Query query = query(random);
            Evaluation best = Planner.bestOf(query, frame -> true, Stop.NEVER);
            if (best != null) {
                Search search = Planner.search(query, null);
                look.accept(new Settled(best, search, refinement(query, search), random, "shelf " + i));
            }
        }
    }

    @Test
    public void noOtherAnswerToAnyQuestionIsBetter() {
        Set<Details> chosen = new HashSet<>();
        onRandomShelves(95, 30, settled -> {
            Candidate own = settled.best().choice();
            chosen.add(own.details());
            for (Details other : settled.refinement().all(own)) {
                settled.holdsAgainst(settled.search().judge(own.with(other)), Refinement.WORTH_CHANGING + 1e-5);
            }
        });
        assertTrue(chosen.size() > 12, "decided, not fixed: " + chosen.size());
    }

    /** Each of several may be too little a gain to change what stands. */
    @Test
    public void noMixtureOfAnswersIsMuchBetterEither() {
        int each = 60;
        List<Integer> tried = new ArrayList<>();
        onRandomShelves(97, 20, settled -> {
            tried.add(each);
            for (int k = 0; k < each; k++) {
                Candidate mixed = settled.best().choice();
                for (int change = 0; change < 4; change++) {
                    List<Details> all = settled.refinement().all(mixed);
                    mixed = mixed.with(all.get(settled.random().nextInt(all.size())));
                }
                settled.holdsAgainst(settled.search().judge(mixed), 3 * Refinement.WORTH_CHANGING);
            }
        });
        assertTrue(tried.size() > 12, "shelves: " + tried.size());
    }

    /** The other half of {@link #noOtherAnswerToAnyQuestionIsBetter}: neither is better otherwise with the other as it stands. */
    @Test
    public void noOtherLayersAreBetterWithTheSameSmallerThings() {
        Set<Details> unusual = new HashSet<>();
        onRandomShelves(98, 16, settled -> {
            Details own = settled.best().choice().details();
            if (!settled.search().details().equals(own)) {
                unusual.add(own);
            }
            for (Candidate choice : settled.search().everything()) {
                settled.holdsAgainst(settled.search().judge(choice.with(own)), Refinement.WORTH_CHANGING + 1e-5);
            }
        });
        assertTrue(unusual.size() > 5, "otherwise than usual: " + unusual.size());
    }

    @Test
    public void norAreOtherLayersInOtherAmounts() {
        List<Integer> tried = new ArrayList<>();
        onRandomShelves(101, 6, settled -> {
            Details own = settled.best().choice().details();
            for (Details.Doses amounts : settled.refinement().amounts(own.dose())) {
                for (Candidate choice : settled.search().everything()) {
                    settled.holdsAgainst(
                            settled.search().judge(choice.with(own.with(amounts))), Refinement.WORTH_CHANGING + 1e-5);
                    tried.add(1);
                }
            }
        });
        assertTrue(tried.size() > 5000, "plans: " + tried.size());
    }

    /** Points of worth that deciding everything at once may still gain over settling it by turns, on one shelf in eight [OURS]. */
    private static final double LITTLE = .5;

    private static final double EVER = 1.5;

    @Test
    public void settlingTheSmallerThingsOfOtherPlansGainsLittle() {
        List<Double> gained = new ArrayList<>();
        onRandomShelves(
                99,
                16,
                settled -> gained.add(settled.search().everything().stream()
                                .map(settled.search()::judge)
                                .filter(Evaluation::isFeasible)
                                .sorted(Evaluation.BEST_FIRST)
                                .limit(20)
                                .mapToDouble(
                                        plan -> settled.refinement().of(plan).worth())
                                .max()
                                .orElseThrow()
                        - settled.best().worth()));
        assertTrue(gained.stream().filter(gain -> gain > LITTLE).count() <= 2, gained.toString());
        assertTrue(gained.stream().allMatch(gain -> gain <= EVER), gained.toString());
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
