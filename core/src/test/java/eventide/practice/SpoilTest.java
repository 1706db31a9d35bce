package eventide.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.check.Checker;
import eventide.check.Finding;
import eventide.check.Rule;
import eventide.hair.Hair;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.RandomQuery;
import eventide.planner.Suggestion;
import eventide.practice.Spoilt.FaultChoice;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.shape.Changed;
import eventide.shape.InvalidException;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Routines as they are planned for random heads, spoilt. */
public class SpoilTest {
    private static final int PLANS = 12;

    private record Planned(Query query, Routine routine) {
        /** A first suggestion for a random head. */
        static Planned of(Random random) {
            while (true) {
                Query query = RandomQuery.of(random, BOTTLES);
                List<Suggestion> found = Planner.suggest(query).suggestions();
                if (!found.isEmpty()) {
                    return new Planned(query, found.get(0).routine());
                }
            }
        }
    }

    private static final int BOTTLES = 20;

    private static SpoilQuestion asked(Planned plan, String rule, long seed) {
        return new SpoilQuestion(
                plan.query().hair(),
                plan.query().goal(),
                plan.query().air(),
                plan.query().schools(),
                plan.query().limits(),
                plan.routine(),
                rule,
                seed);
    }

    private static Set<String> rules(SpoilQuestion asked, Routine routine) {
        return Checker.check(Wash.of(routine, asked.hair(), asked.goal(), asked.air(), asked.schools(), asked.limits()))
                .stream()
                .map(Finding::rule)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Asked for any fault, and for each that there is: what is answered breaks that rule and no other, the same each time. */
    @Test
    public void exactlyTheRuleThatIsSaidFires() {
        Map<String, Integer> broken = new TreeMap<>();
        Random random = new Random(26);
        for (int i = 0; i < PLANS; i++) {
            Planned plan = Planned.of(random);
            for (String rule : RULES) {
                SpoilQuestion asked = asked(plan, rule.isEmpty() ? null : rule, i);
                Spoilt spoilt;
                try {
                    spoilt = Spoilt.of(asked);
                } catch (InvalidException none) {
                    continue;
                }
                assertTrue(rule.isEmpty() || spoilt.rule().equals(rule), spoilt.toString());
                Set<String> fresh = rules(asked, spoilt.routine());
                fresh.removeAll(rules(asked, plan.routine()));
                assertEquals(fresh, Set.of(spoilt.rule()));
                assertTrue(spoilt.step() >= 0
                        && spoilt.step() < spoilt.routine().steps().size());
                assertEquals(Spoilt.of(asked), spoilt);
                List<String> offered = spoilt.choices().stream()
                        .map(FaultChoice::rule)
                        .distinct()
                        .toList();
                assertTrue(offered.size() == 4 && offered.contains(spoilt.rule()), offered.toString());
                broken.merge(spoilt.rule(), 1, Integer::sum);
            }
        }
        assertTrue(
                broken.keySet().containsAll(Set.of("W1", "O1", "A1", "A3", "D1", "D3", "T6", "T7", "P6", "L1", "L3")),
                broken.toString());
    }

    /** Any, and each. */
    private static final List<String> RULES =
            Stream.concat(Stream.of(""), Checker.rules().stream().map(Rule::id)).toList();

    @Test
    public void anUnknownRuleIsSaid() {
        Planned plan = Planned.of(new Random(1));
        InvalidException no = expectThrows(InvalidException.class, () -> Spoilt.of(asked(plan, "Z9", 1)));
        assertEquals(no.faults().get(0).pointer(), "/rule");
    }

    /** Whoever does not read labels takes what the client reacts to, or will not have. */
    @Test
    public void theBottleBesideItIsTaken() {
        Planned plan = Planned.of(new Random(5));
        Hair reacts = plan.query().hair().withAllergies(List.of("lanolin"));
        Query labelled = Changed.with(
                Changed.with(plan.query(), "hair", reacts),
                "schools",
                Changed.with(Schools.DEFAULT, "ingredients", Schools.IngredientRule.STRICT));
        List<Step> known = plan.routine().steps().stream().map(SpoilTest::plain).toList();
        Planned agreed = new Planned(labelled, Routine.of(known));
        Spoilt allergic = Spoilt.of(asked(agreed, "S1", 2));
        assertTrue(allergic.said().contains("the one with lanolin"), allergic.said());
        assertEquals(allergic.hint(), "The bottle beside it was taken.");
        Spoilt broken = Spoilt.of(asked(agreed, "P8", 2));
        assertTrue(broken.said().contains("the one with "), broken.said());
        // Nothing this mild lifts what builds up.
        Spoilt coated = Spoilt.of(asked(new Planned(plan.query(), Routine.of(known)), "P4", 2));
        assertTrue(coated.said().contains("nothing in this wash lifts it"), coated.said());
    }

    /** With a label that names nothing anybody avoids. */
    private static Step plain(Step step) {
        Step outer = step.steps() == null
                ? step
                : Changed.with(
                        step,
                        "steps",
                        step.steps().stream().map(SpoilTest::plain).toList());
        return outer.product() == null
                ? outer
                : outer.but()
                        .product(outer.product().withIngredients("Aqua, Glycerin"))
                        .build();
    }

    /** What must stay in for its time is rinsed too soon by whoever does not read labels. */
    @Test
    public void aMedicatedCleanserIsRinsedTooSoon() {
        Product medicated = new Product(
                null, "medicated", Role.CLEANSER, 0.0, 1.0, 0.0, 100.0, null, null, null, null, null, null, 5.0, null);
        Planned plan = Planned.of(new Random(3));
        List<Step> steps = new ArrayList<>(List.of(
                Step.of(Action.CLEANSE).product(medicated).build(),
                Step.of(Action.RINSE).build()));
        steps.addAll(plan.routine().steps());
        Spoilt spoilt = Spoilt.of(asked(new Planned(plan.query(), Routine.of(steps)), "P5", 1));
        assertEquals(spoilt.rule(), "P5");
        assertTrue(spoilt.said().contains("its label says 5"), spoilt.said());
    }
}
