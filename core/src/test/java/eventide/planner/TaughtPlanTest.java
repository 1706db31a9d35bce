package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.shape.Changed;
import eventide.wash.Correction;
import eventide.wash.Correction.Kind;
import eventide.wash.Correction.Taught;
import eventide.wash.Manner;
import eventide.wash.ScoreName;
import eventide.wash.Teaching;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** Plans with what the log has taught. */
public class TaughtPlanTest {
    private static Set<String> worn(Suggestion plan) {
        return plan.routine().places().stream()
                .filter(place -> place.index() > plan.routine().lastRinse())
                .map(plan.routine()::at)
                .filter(step -> step.worn() != null)
                .map(step -> step.worn().name())
                .collect(Collectors.toSet());
    }

    private static Taught bottle(String name, double points) {
        return new Taught(Kind.BOTTLE, name, null, null, ScoreName.DEFINITION, points, name + " fails this head");
    }

    /** A gel that this head cannot bear gives way to another, on heads nobody chose; the only gel there is may stay on coils, which mousse alone does not hold. */
    @Test
    public void aBottleThatFailsThisHeadGivesWay() {
        int gaveWay = 0;
        int asked = 0;
        for (int seed = 0; seed < 12; seed++) {
            Query query = RandomQuery.of(new Random(300 + seed), 25);
            List<Suggestion> book = Planner.suggest(query).suggestions();
            if (book.isEmpty()) {
                continue;
            }
            Set<String> holds = book.get(0).routine().places().stream()
                    .map(book.get(0).routine()::at)
                    .filter(step -> step.worn() != null && step.worn().role().holds())
                    .map(step -> step.worn().name())
                    .collect(Collectors.toSet());
            if (holds.isEmpty()) {
                continue;
            }
            asked++;
            List<Taught> taught = new ArrayList<>();
            holds.forEach(name -> taught.add(bottle(name, -5)));
            List<Suggestion> learned = Planner.suggest(Changed.with(query, "learned", new Correction(taught, null)))
                    .suggestions();
            boolean gone = learned.isEmpty() || worn(learned.get(0)).stream().noneMatch(holds::contains);
            gaveWay += gone || query.hair().pattern().isCoily() && gels(query) == 1 ? 1 : 0;
        }
        assertTrue(asked >= 6 && gaveWay == asked, gaveWay + " of " + asked);
    }

    private static long gels(Query query) {
        return query.shelf().stream()
                .filter(product -> product.role() == Role.GEL)
                .count();
    }

    /** What was learned is a piece of the result like any other, said in its own words, and the sum moves by it. */
    @Test
    public void whatWasLearnedIsSaidAndCounted() {
        for (int seed = 0; seed < 20; seed++) {
            Query query = RandomQuery.of(new Random(400 + seed), 12);
            List<Suggestion> plans = Planner.suggest(query).suggestions();
            if (plans.isEmpty()) {
                continue;
            }
            Wash wash = Wash.of(plans.get(0).routine(), query.hair(), query.goal(), query.air(), query.schools(), null);
            Correction correction = new Correction(
                    List.of(new Taught(Kind.ALWAYS, null, null, null, ScoreName.FRIZZ, .4, "this head")),
                    List.of(new Correction.Spread(ScoreName.FRIZZ, .7)));
            Outcome taught = OutcomeModel.predict(wash.taught(correction));
            Outcome book = OutcomeModel.predict(wash);
            assertTrue(taught.overall().frizz() > book.overall().frizz());
            assertTrue(taught.contributions().stream()
                    .anyMatch(part -> part.because().equals("this head")));
            Outcome.Likely likely = taught.likely().get(ScoreName.FRIZZ.ordinal());
            assertEquals(
                    likely.high() - likely.low(),
                    1.4,
                    Math.max(0, .71 - taught.overall().frizz()) + .02);
        }
    }

    /** Sorted for the search or said one by one, it comes to the same. */
    @Test
    public void theSearchCountsWhatIsSaid() {
        Random random = new Random(450);
        for (int seed = 0; seed < 20; seed++) {
            Query query = RandomQuery.of(new Random(450 + seed), 12);
            List<Suggestion> plans = Planner.suggest(query).suggestions();
            if (plans.isEmpty()) {
                continue;
            }
            List<Taught> taught = new ArrayList<>();
            for (ScoreName score : ScoreName.values()) {
                taught.add(new Taught(Kind.ALWAYS, null, null, null, score, random.nextGaussian() / 4, "always"));
                taught.add(new Taught(Kind.AIR, null, null, null, score, random.nextGaussian() / 4, "air"));
                for (Zone zone : Zone.values()) {
                    taught.add(new Taught(Kind.ZONE, null, null, zone, score, random.nextGaussian() / 4, "zone"));
                }
                for (Manner way : Manner.values()) {
                    taught.add(new Taught(Kind.WAY, null, way, null, score, random.nextGaussian() / 4, "way"));
                }
                for (String name : worn(plans.get(0))) {
                    taught.add(new Taught(Kind.BOTTLE, name, null, null, score, random.nextGaussian() / 4, "bottle"));
                }
            }
            Wash wash = Wash.of(plans.get(0).routine(), query.hair(), query.goal(), query.air(), query.schools(), null)
                    .taught(new Correction(taught, null));
            for (ScoreName score : ScoreName.values()) {
                assertEquals(
                        OutcomeModel.scores(wash).of(score),
                        OutcomeModel.predict(wash).overall().of(score),
                        .02,
                        score.word());
            }
        }
    }

    /** A bottle nobody wears changes nothing: the plan and its result stay as they are. */
    @Test
    public void whatIsNotThereChangesNothing() {
        Query query = RandomQuery.of(new Random(500), 15);
        Correction elsewhere = new Correction(List.of(bottle("Nowhere gel", -3)), null);
        List<Suggestion> plans = Planner.suggest(query).suggestions();
        assertFalse(plans.isEmpty());
        assertEquals(
                Planner.suggest(Changed.with(query, "learned", elsewhere)).suggestions().stream()
                        .map(Suggestion::routine)
                        .toList(),
                plans.stream().map(Suggestion::routine).toList());
    }

    /** Bottles that come to the same by their labels are told apart by what was learned of one. */
    @Test
    public void twinsAreToldApart() {
        int better = 0;
        int asked = 0;
        for (int seed = 0; seed < 8; seed++) {
            Query plain = RandomQuery.of(new Random(600 + seed), 12);
            List<Product> twins = new ArrayList<>(plain.shelf());
            plain.shelf().stream()
                    .filter(product -> product.role().holds())
                    .forEach(product -> twins.add(Changed.with(product, "name", product.name() + " twin")));
            List<Taught> taught = twins.stream()
                    .filter(product -> product.name().endsWith("twin"))
                    .map(product -> bottle(product.name(), 2))
                    .toList();
            Query query = Changed.with(Changed.with(plain, "shelf", twins), "learned", new Correction(taught, null));
            List<Suggestion> plans = Planner.suggest(query).suggestions();
            if (!plans.isEmpty()
                    && plans.get(0).routine().places().stream()
                            .map(plans.get(0).routine()::at)
                            .anyMatch(step ->
                                    step.worn() != null && step.worn().role().holds())) {
                asked++;
                better += worn(plans.get(0)).stream().anyMatch(name -> name.endsWith("twin")) ? 1 : 0;
            }
        }
        assertTrue(asked > 3 && better == asked, better + " of " + asked);
    }

    private static Query since(Query query, double days) {
        return Changed.with(query, "hair", Changed.with(query.hair(), "daysSinceClarify", days));
    }

    private static boolean clarifies(Query query) {
        return Planner.suggest(query).suggestions().get(0).routine().steps().stream()
                .anyMatch(step -> step.action() == Action.CLARIFY);
    }

    /** Hair that the log shows to dull week by week is clarified when that is worth it, and not again the day after. */
    @Test
    public void whatBuildsUpIsClarifiedWhenItIsDue() {
        Correction dulls = new Correction(
                List.of(new Taught(
                        Kind.SINCE_CLARIFYING,
                        null,
                        null,
                        null,
                        ScoreName.DEFINITION,
                        -.5,
                        "each week since clarifying")),
                null);
        int asked = 0;
        for (int seed = 0; seed < 40 && asked < 8; seed++) {
            Query query = RandomQuery.of(new Random(700 + seed), 14);
            Hair known = Changed.with(Changed.with(query.hair(), "newClient", null), "buildUp", null);
            Query book = Changed.with(query, "hair", known);
            boolean may = query.goal().definition() >= 2
                    && query.shelf().stream().anyMatch(product -> product.role() == Role.CLARIFIER)
                    && !Planner.suggest(since(book, 35)).suggestions().isEmpty();
            if (!may || clarifies(since(book, 35))) {
                continue;
            }
            asked++;
            Query taught = Changed.with(book, "learned", dulls);
            assertTrue(clarifies(since(taught, 35)), "five weeks, " + query);
            assertFalse(clarifies(since(taught, 0)), "today, " + query);
        }
        assertEquals(asked, 8);
    }

    /** Each week counts once, from nothing where it is clarified to eight weeks; where nobody knows it says nothing. */
    @Test
    public void weeksAreCounted() {
        Correction dulls = new Correction(
                List.of(
                        new Taught(Kind.SINCE_CLARIFYING, null, null, null, ScoreName.VOLUME, -.1, "clarifying"),
                        new Taught(Kind.SINCE_PROTEIN, null, null, null, ScoreName.SOFTNESS, .1, "protein")),
                null);
        Query query = RandomQuery.of(new Random(41), 12);
        Routine plain = Routine.of(Step.of(Action.CLEANSE).build());
        Routine clarified = Routine.of(Step.of(Action.CLARIFY).build());
        Double[][] cases = {{null, null, 0.0, 0.0}, {7.0, 3.5, -.1, .05}, {21.0, 700.0, -.3, .8}, {400.0, 0.0, -.8, 0.0}
        };
        for (Double[] one : cases) {
            Hair hair =
                    Changed.with(Changed.with(query.hair(), "daysSinceClarify", one[0]), "daysSinceProtein", one[1]);
            double[] sums = sums(plain, hair, query, dulls);
            assertEquals(sums[ScoreName.VOLUME.ordinal()], one[2], 1e-9);
            assertEquals(sums[ScoreName.SOFTNESS.ordinal()], one[3], 1e-9);
            assertEquals(sums(clarified, hair, query, dulls)[ScoreName.VOLUME.ordinal()], 0, 1e-9);
        }
    }

    private static double[] sums(Routine routine, Hair hair, Query query, Correction correction) {
        Wash wash = Wash.of(routine, hair, query.goal(), query.air(), query.schools(), null)
                .taught(correction);
        double[] sums = new double[ScoreName.values().length];
        Teaching.of(correction).addTo(wash, Zone.CROWN, sums);
        double[] told = new double[sums.length];
        correction.forEach(wash, Zone.CROWN, (one, points) -> told[one.score().ordinal()] += points);
        assertEquals(told, sums, "sorted or one by one it is the same");
        return sums;
    }
}
