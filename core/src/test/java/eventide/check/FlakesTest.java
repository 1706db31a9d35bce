package eventide.check;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.RandomQuery;
import eventide.planner.Suggestion;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.wash.Wash;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** Stylers that do not like each other: by the fingers, and by their labels. */
public class FlakesTest {
    private static final Goal GOAL = new Goal(2, 1, 0, 2, 2, null);
    private static final Air MILD = Air.of(22, 52);
    private static final Product CREAM = Product.of("oat cream", Role.CREAM, 1, 6, 40, 100);
    private static final Product RUBBED =
            Product.of("clear gel", Role.GEL, 7, 2, 40, 100).withFlakesOver(List.of("oat cream"));

    private static List<Finding> said(Product under, Product over) {
        Routine routine = Routine.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.APPLY).product(under).build(),
                Step.of(Action.APPLY).product(over).build(),
                Step.of(Action.AIR).untilDry(100.0).build());
        return Checker.check(Wash.of(routine, Heads.curly(), GOAL, MILD, null, null)).stream()
                .filter(finding -> finding.rule().equals("O6"))
                .toList();
    }

    @Test
    public void whatFlakedBetweenTheFingersIsWarnedOf() {
        List<Finding> found = said(CREAM, RUBBED);
        assertEquals(found.size(), 1);
        assertEquals(found.get(0).severity(), Severity.WARN);
        assertTrue(found.get(0).message().contains("clear gel balled or flaked over oat cream"));
        assertTrue(found.get(0).mend().routine().places().stream()
                .noneMatch(place ->
                        CREAM.equals(found.get(0).mend().routine().at(place).product())));
        assertTrue(said(RUBBED, CREAM).isEmpty(), "the other way round nobody rubbed them");
    }

    @Test
    public void whatTheLabelsMakeLikelyIsANote() {
        Product cationic = CREAM.withIngredients("Aqua, Behentrimonium Chloride, Cetearyl Alcohol");
        Product anionic = Product.of("thick gel", Role.GEL, 7, 2, 40, 100).withIngredients("Aqua, Carbomer, Glycerin");
        assertEquals(said(cationic, anionic).get(0).severity(), Severity.NOTE);
        assertTrue(said(CREAM, anionic).isEmpty(), "without both labels nothing is said");
    }

    /** The pair goes on together only where there is nothing else. */
    @Test
    public void aPlanKeepsThemApartWhereTheShelfCan() {
        Product other = Product.of("other gel", Role.GEL, 7, 2, 40, 100);
        Suggestion plan = Planner.suggest(new Query(
                        Heads.coarseCoily(), GOAL, MILD, null, Limits.ofMinutes(240), List.of(CREAM, RUBBED, other)))
                .suggestions()
                .get(0);
        assertFalse(wears(plan, CREAM) && wears(plan, RUBBED), plan.routine().toString());
    }

    private static boolean wears(Suggestion plan, Product product) {
        return plan.amounts().stream()
                .anyMatch(amount -> amount.product().name().equals(product.name()));
    }

    /** Not first, nor behind it: on whatever head, with every gel seen to flake over every cream. */
    @Test
    public void aPairThatFlakedIsInNoAnswer() {
        int answers = 0;
        for (int i = 0; i < 15; i++) {
            Query asked = RandomQuery.of(new Random(80 + i), 30);
            List<String> creams = asked.shelf().stream()
                    .filter(product -> product.role() == Role.CREAM)
                    .map(Product::name)
                    .toList();
            List<Product> shelf = asked.shelf().stream()
                    .map(product -> product.role() == Role.GEL ? product.withFlakesOver(creams) : product)
                    .toList();
            for (Suggestion one : Planner.suggest(
                            new Query(asked.hair(), asked.goal(), asked.air(), null, asked.limits(), shelf))
                    .suggestions()) {
                assertTrue(
                        one.findings().stream()
                                .noneMatch(finding -> finding.rule().equals("O6")),
                        i + ": " + one);
                answers++;
            }
        }
        assertTrue(answers > 25, "answers: " + answers);
    }
}
