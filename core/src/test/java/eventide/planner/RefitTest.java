package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.check.Checker;
import eventide.check.Finding;
import eventide.check.Severity;
import eventide.hair.Hair;
import eventide.planner.compare.Refit;
import eventide.product.Allergens;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.wash.Wash;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** A routine of one head fitted to another. */
public class RefitTest {
    private static final Goal GOAL = new Goal(2, 1, 0, 1, 1, null);
    private static final Air MILD = Air.of(22, 52);
    private static final Product BUTTER = Product.of("butter", Role.CREAM, 1, 9, 40, 100);
    private static final Routine RICH = Routine.of(
            Step.of(Action.RINSE).build(),
            Step.of(Action.APPLY)
                    .product(BUTTER)
                    .technique(Technique.RAKE)
                    .amountMl(30.0)
                    .build(),
            Step.of(Action.APPLY)
                    .product(Heads.GEL)
                    .technique(Technique.GLAZE)
                    .amountMl(40.0)
                    .build(),
            Step.of(Action.AIR).untilDry(100.0).build(),
            Step.of(Action.BREAK_CAST).build());

    private static final List<Product> ONE_OF_EACH = Arrays.stream(Role.values())
            .map(role -> Product.of(
                    "a " + role.label(), role, role.holds() ? 6 : 0, role.kind() == Role.Group.HOLD ? 1 : 3, 30, 100))
            .toList();

    private static Refit fit(Hair hair, Routine routine, List<Product> shelf) {
        return Refit.of(new Refit.Fitting(hair, GOAL, MILD, null, null, shelf, routine));
    }

    private static List<Finding> loud(Hair hair, Routine routine) {
        return Checker.check(Wash.of(routine, hair, GOAL, MILD, null, null)).stream()
                .filter(f -> f.severity() != Severity.NOTE && f.mend() != null)
                .toList();
    }

    @Test
    public void whatIsTooRichForFineHairGoesAndAmountsAreAnew() {
        Refit refit = fit(Heads.fineWavy(), RICH, List.of());
        assertTrue(refit.routine().steps().stream().allMatch(s -> s.amountMl() == null));
        assertFalse(refit.routine().steps().stream().anyMatch(s -> s.product() == BUTTER), refit.toString());
        assertTrue(
                refit.changes().stream().anyMatch(c -> c.why().contains("Too rich")),
                refit.changes().toString());
    }

    @Test
    public void whatFitsIsLeftAlone() {
        Routine plan = Planner.best(
                        new Query(
                                Heads.curly(), GOAL, MILD, null, null, List.of(Heads.LEAVE_IN, Heads.CREAM, Heads.GEL)),
                        Stop.NEVER)
                .routine();
        for (StepPlace place : plan.places()) {
            plan = plan.replacing(place, plan.at(place).but().amountMl(null).build());
        }
        assertEquals(fit(Heads.curly(), plan, List.of()), new Refit(plan, List.of()));
    }

    @Test
    public void anAllergyGivesWayToTheLikestOfItsRole() {
        Product almond = Heads.GEL.withIngredients("Aqua, Prunus Amygdalus Dulcis Oil, PVP");
        Product like = Product.of("like it", Role.GEL, 6.5, 2, 55, 98);
        Routine routine = Routine.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.APPLY).product(almond).technique(Technique.GLAZE).build(),
                Step.of(Action.AIR).untilDry(100.0).build());
        Hair hair = Heads.curly().withAllergies(List.of("almond"));
        Refit refit = fit(hair, routine, List.of(Heads.SOFT_GEL, like, almond));
        assertEquals(refit.routine().steps().get(1).product(), like);
        Refit none = fit(hair, routine, List.of());
        assertTrue(none.routine().places().stream()
                .map(none.routine()::at)
                .allMatch(s -> s.product() == null
                        || Allergens.on(s.product(), List.of("almond")).stream()
                                .noneMatch(r -> r.certainty().stops())));
    }

    /** Random plans of one salon in another: with its bottles and its tools, or it is said what is still beyond. */
    @Test
    public void itIsDoneWithWhatIsHereOrSaidThatItIsNot() {
        int tried = 0;
        for (int i = 0; i < 30; i++) {
            Random random = new Random(300 + i);
            Query from = RandomQuery.of(random, 20);
            Suggestion plan = Planner.best(from, Stop.NEVER);
            if (plan == null) {
                continue;
            }
            Limits limits = RandomQuery.limits(random, 60 + random.nextInt(120));
            List<Product> shelf = RandomQuery.shelf(random, 30);
            Hair hair = RandomQuery.head(random);
            Refit refit = Refit.of(
                    new Refit.Fitting(hair, from.goal(), from.air(), null, limits, shelf, plan.routine()), Stop.NEVER);
            Judgement judged =
                    Judgement.of(new Judgement.Question(hair, from.goal(), from.air(), null, limits, refit.routine()));
            assertEquals(refit.beyond(), judged.beyond(), "head " + i);
            assertTrue(
                    judged.beyond().stream().noneMatch(words -> words.contains("not here")),
                    judged.beyond().toString());
            for (StepPlace place : refit.routine().places()) {
                Product product = refit.routine().at(place).product();
                assertTrue(
                        product == null
                                || shelf.stream().anyMatch(other -> other.name().equals(product.name())),
                        product + " is nobody's here");
            }
            tried++;
        }
        assertTrue(tried > 25, "tried: " + tried);
    }

    @Test
    public void noWarningThatHasAMendIsLeft() {
        Random random = new Random(17);
        for (int i = 0; i < 150; i++) {
            Hair hair = Heads.random(random);
            Routine routine = Heads.randomRoutine(random);
            Refit refit = fit(hair, routine, ONE_OF_EACH);
            List<Finding> left = loud(hair, refit.routine());
            assertTrue(left.isEmpty() || refit.changes().size() >= 40, i + ": " + left);
        }
    }

    /** Random plans made for a whole afternoon in another's hour: they keep it, unless hands alone take longer, and that is said. */
    @Test
    public void itKeepsTheMinutesUnlessHandsAloneTakeLonger() {
        int shortened = 0;
        for (int i = 0; i < 24; i++) {
            Random random = new Random(700 + i);
            Query asked = RandomQuery.of(random, 20);
            Query afternoon = new Query(
                    asked.hair(), asked.goal(), asked.air(), null, RandomQuery.limits(random, 240), asked.shelf());
            Suggestion plan = Planner.best(afternoon, Stop.NEVER);
            Limits limits = RandomQuery.limits(random, 40 + random.nextInt(60));
            Refit refit = Refit.of(new Refit.Fitting(
                    asked.hair(), asked.goal(), asked.air(), null, limits, asked.shelf(), plan.routine()));
            Wash wash = Wash.of(refit.routine(), asked.hair(), asked.goal(), asked.air(), null, limits);
            boolean kept = wash.course().minutes() <= limits.minutes() + .5;
            if (!kept) {
                double drying = wash.places().stream()
                        .filter(place -> wash.routine().at(place).action().isDrying())
                        .flatMap(place -> wash.course().visits(place).stream())
                        .mapToDouble(visit -> visit.minutes())
                        .sum();
                assertTrue(wash.course().minutes() - drying > limits.minutes() - 12, i + ": dried for " + drying);
                assertTrue(
                        refit.beyond().stream().anyMatch(words -> words.contains("min of the")),
                        refit.beyond().toString());
            } else if (plan.minutes() > limits.minutes()) {
                shortened++;
                boolean damp = wash.course().headAtEnd() > 12;
                boolean said =
                        Checker.check(wash).stream().anyMatch(f -> f.rule().equals("D6"));
                assertTrue(!damp || said, i + ": goes out damp, unsaid");
            }
            boolean heat = refit.routine().places().stream()
                    .anyMatch(place -> refit.routine().at(place).action().isDryer());
            boolean guard = refit.routine().places().stream()
                    .map(place -> refit.routine().at(place).product())
                    .anyMatch(product -> product != null && product.role() == Role.HEAT_PROTECTANT);
            assertTrue(heat || !guard, i + ": guarded from no heat");
        }
        assertTrue(shortened > 15, "shortened: " + shortened);
    }

    /** A mist meant for another bottle wets less, and is not squeezed out again. */
    @Test
    public void aMistTooFarForThisBottleIsLess() {
        Product thin = Product.of("thin gel", Role.GEL, 6, 4, 45, 75);
        Routine routine = Routine.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.SQUEEZE).toWetness(60.0).build(),
                Step.of(Action.EACH_SECTION)
                        .sections(6)
                        .steps(List.of(
                                Step.of(Action.MIST)
                                        .toWetness(95.0)
                                        .minutes(.25)
                                        .build(),
                                Step.of(Action.APPLY).product(thin).build()))
                        .build(),
                Step.of(Action.AIR).untilDry(100.0).build());
        Routine fitted = fit(Heads.curly(), routine, List.of(thin)).routine();
        List<Step> inner = fitted.steps().stream()
                .filter(step -> step.action() == Action.EACH_SECTION)
                .findFirst()
                .orElseThrow()
                .steps();
        assertEquals(inner.get(0).action(), Action.MIST);
        assertTrue(inner.get(0).toWetness() <= 75, inner.toString());
        assertTrue(inner.stream().noneMatch(step -> step.action() == Action.SQUEEZE), inner.toString());
    }
}
