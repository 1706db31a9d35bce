package eventide.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.planner.Query;
import eventide.planner.RandomQuery;
import eventide.planner.Stop;
import eventide.planner.compose.Candidate.Drying;
import eventide.planner.compose.Candidate.Shaping;
import eventide.planner.compose.Stylers.Slot;
import eventide.practice.Situation.DryingWay;
import eventide.practice.Situation.LayerChoice;
import eventide.product.Product;
import eventide.shape.Changed;
import eventide.shape.InvalidException;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What would you do? On random heads: the planner's own answer, nothing at all, and what each decision is said to cost. */
public class BuildTest {
    private static final int HEADS = 8;

    private record Asked(int seed, Query query, Situation situation) {
        @Override
        public String toString() {
            return "head " + seed;
        }

        BuildTold told(Build build) {
            return BuildTold.of(
                    new BuildQuestion(
                            query.hair(),
                            query.goal(),
                            situation.air(),
                            query.schools(),
                            situation.limits(),
                            situation.shelf(),
                            build),
                    Stop.NEVER);
        }

        /** Any of what is offered. */
        Build any(Random random) {
            Map<Slot, String> bottles = situation.layers().stream()
                    .filter(layer -> random.nextInt(3) > 0)
                    .collect(Collectors.toMap(LayerChoice::slot, layer -> layer.bottles()
                            .get(random.nextInt(layer.bottles().size()))));
            return build(
                    bottles,
                    one(situation.hands(), random).value(),
                    one(situation.drying(), random).value());
        }

        Build build(Map<Slot, String> bottles, Shaping hands, Drying drying) {
            return new Build(
                    bottles.get(Slot.LEAVE_IN),
                    bottles.get(Slot.CREAM),
                    bottles.get(Slot.GEL),
                    bottles.get(Slot.MOUSSE),
                    hands,
                    drying);
        }

        private static <T> T one(List<T> ways, Random random) {
            return ways.get(random.nextInt(ways.size()));
        }
    }

    @DataProvider
    Object[] heads() {
        Object[] heads = new Object[HEADS];
        for (int i = 0; i < HEADS; i++) {
            Query query = RandomQuery.of(new Random(91_000 + i), 24);
            heads[i] = new Asked(
                    i,
                    query,
                    Situation.of(new SituationQuestion(
                            query.hair(), query.goal(), query.schools(), query.limits(), query.shelf(), (long) i)));
        }
        return heads;
    }

    @Test(dataProvider = "heads")
    public void nothingAtAllReachesNothing(Asked asked) {
        List<DryingWay> drying = asked.situation().drying();
        BuildTold told = asked.told(asked.build(
                Map.of(),
                asked.situation().hands().get(0).value(),
                drying.get(drying.size() - 1).value()));
        assertEquals(told.share(), 0);
        assertTrue(told.choices().stream().anyMatch(parting -> parting.costs() > 0), "nothing would be better");
    }

    @Test(dataProvider = "heads")
    public void noBuildIsWorthMoreThanThePlanItIsLaidBeside(Asked asked) {
        Random random = new Random(asked.seed());
        for (int n = 0; n < 3; n++) {
            BuildTold told = asked.told(asked.any(random));
            assertTrue(told.share() >= 0 && told.share() <= 100, "share was " + told.share());
            assertTrue(told.ours().beyond().isEmpty(), "the plan keeps its limits");
            assertTrue(told.share() >= 90 || !told.choices().isEmpty(), "what costs so much is named");
        }
    }

    /** What a decision is said to cost is what it brings to decide it the other way. */
    @Test(dataProvider = "heads")
    public void aDecisionCostsWhatItIsSaidTo(Asked asked) {
        Build build = asked.any(new Random(asked.seed()));
        BuildTold told = asked.told(build);
        told.choices().stream()
                .filter(parting ->
                        !parting.what().equals("hands") && !parting.what().equals("drying"))
                .filter(parting -> told.share() > 0 && !parting.because().contains("would not fit"))
                .findFirst()
                .ifPresent(parting -> {
                    String at = parting.what().equals("leave-in") ? "leaveIn" : parting.what();
                    Build other = Changed.with(build, at, parting.ours().equals("none") ? null : parting.ours());
                    int expected = Math.max(0, Math.min(100, told.share() + parting.costs()));
                    assertEquals(asked.told(other).share(), expected, 1.0, parting.toString());
                });
    }

    @Test(dataProvider = "heads")
    public void aSituationIsAFewBottlesAndTheSameEachTime(Asked asked) {
        Query query = asked.query();
        Situation again = Situation.of(new SituationQuestion(
                query.hair(), query.goal(), query.schools(), query.limits(), query.shelf(), (long) asked.seed()));
        assertEquals(again, asked.situation());
        List<String> shelf =
                asked.situation().shelf().stream().map(Product::name).toList();
        for (LayerChoice layer : again.layers()) {
            assertTrue(layer.bottles().size() <= 3, layer.toString());
            assertTrue(shelf.containsAll(layer.bottles()), layer.toString());
        }
    }

    /** Nothing is left standing that does this client harm, to wash with neither. */
    @Test(dataProvider = "heads")
    public void noBottleStandsThereThatNamesWhatIsReactedTo(Asked asked) {
        Query query = asked.query();
        List<Product> half = IntStream.range(0, query.shelf().size())
                .mapToObj(i -> query.shelf().get(i).withIngredients(i % 2 == 0 ? "Aqua, almonds" : "Aqua, Glycerin"))
                .toList();
        Hair reacts = query.hair().withAllergies(List.of("almonds"));
        List<Product> shelf = Situation.of(new SituationQuestion(
                        reacts, query.goal(), query.schools(), query.limits(), half, (long) asked.seed()))
                .shelf();
        assertTrue(shelf.size() > 1, "left standing: " + shelf.size());
        shelf.forEach(product -> assertEquals(product.ingredients(), "Aqua, Glycerin", product.name()));
    }

    @Test
    public void aBottleThatIsNotThereIsNamed() {
        Asked asked = (Asked) heads()[0];
        Build build = asked.build(
                Map.of(Slot.GEL, "a gel of elsewhere"),
                asked.situation().hands().get(0).value(),
                asked.situation().drying().get(0).value());
        assertEquals(
                expectThrows(InvalidException.class, () -> asked.told(build))
                        .faults()
                        .get(0)
                        .message(),
                "gel must be a gel on this shelf that this head may wear, but was a gel of elsewhere");
    }

    /** Nobody is asked what they would do about a sore scalp: it is referred. */
    @Test
    public void aHeadToReferIsNotPractisedOn() {
        Query query = RandomQuery.of(new Random(3), 12);
        Hair sore = Changed.with(query.hair(), "scalp", Set.of(Scalp.SORES));
        String told = expectThrows(
                        InvalidException.class,
                        () -> Situation.of(
                                new SituationQuestion(sore, query.goal(), null, query.limits(), query.shelf(), 1L)))
                .faults()
                .get(0)
                .message();
        assertTrue(told.contains("refer first"), told);
        Build build = new Build(null, null, null, null, Shaping.SMOOTH, Drying.AIR);
        expectThrows(
                InvalidException.class,
                () -> BuildTold.of(
                        new BuildQuestion(sore, query.goal(), query.air(), null, query.limits(), query.shelf(), build),
                        Stop.NEVER));
    }
}
