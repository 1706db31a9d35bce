package eventide.check;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** One cause is said once, and nothing is hidden that its mend would leave standing. */
public class FoldedTest {
    private static final Goal GOAL = new Goal(2, 2, 0, 1, 2, null);
    private static final Product LEAVE_IN = Product.of("leave-in", Role.LEAVE_IN, 0, 3, 50, 100);
    private static final Product CREAM = Product.of("cream", Role.CREAM, 1, 7, 50, 95);
    private static final Product GEL = Product.of("gel", Role.GEL, 8, 2, 60, 98);
    private static final Product SECOND = Product.of("second gel", Role.GEL, 6, 1, 60, 98);

    private static Step put(Product product) {
        return Step.of(Action.APPLY).product(product).technique(Technique.GLAZE).build();
    }

    @Test
    public void hairThatDriedOnceIsSaidOnce() {
        Routine routine = Routine.of(
                Step.of(Action.REWET).build(),
                Step.of(Action.AIR).minutes(120.0).build(),
                put(LEAVE_IN),
                put(CREAM),
                put(GEL),
                put(SECOND));
        List<Finding> findings = Checker.check(Wash.of(routine, Heads.curly(), GOAL, Air.of(24, 45), null, null));
        List<Finding> dry = findings.stream().filter(f -> f.rule().equals("W1")).toList();
        assertTrue(dry.size() >= 3, "each styler meets dry hair: " + findings);
        long said = dry.stream().filter(f -> f.under() == null).count();
        assertEquals(said, 1, "one cause: " + dry);
    }

    private static Step any(Random random) {
        return switch (random.nextInt(12)) {
            case 0 -> put(LEAVE_IN);
            case 1 -> put(CREAM);
            case 2, 3 -> put(GEL);
            case 4 -> Step.of(Action.SCRUNCH).count(random.nextInt(25)).build();
            case 5 ->
                Step.of(Action.AIR).minutes(10.0 * (1 + random.nextInt(9))).build();
            case 6 -> Step.of(Action.HOVER).untilDry(40.0 + random.nextInt(50)).build();
            case 7 -> Step.of(Action.CUP).untilDry(60.0 + random.nextInt(41)).build();
            case 8 -> Step.of(Action.BREAK_CAST).build();
            case 9 -> Step.of(Action.COIL).build();
            case 10 -> Step.of(Action.DETANGLE).build();
            default -> Step.of(Action.REWET).build();
        };
    }

    @Test
    public void nothingIsHiddenThatTheMendLeavesStanding() {
        Random random = new Random(18);
        int folded = 0;
        for (int i = 0; i < 400; i++) {
            List<Step> steps = new ArrayList<>();
            for (int n = 2 + random.nextInt(9); n > 0; n--) {
                steps.add(any(random));
            }
            Wash wash = Wash.of(Routine.of(steps), Heads.random(random), GOAL, Air.of(22, 55), null, null);
            List<Finding> findings = Checker.check(wash);
            for (Finding child : findings) {
                if (child.under() == null) {
                    continue;
                }
                folded++;
                Finding parent = findings.get(child.under());
                assertNotNull(parent.mend(), parent.toString());
                assertEquals(parent.under(), null, "one level only");
                assertTrue(parent.severity().compareTo(child.severity()) <= 0, "not under a quieter one");
                List<Finding> after = Checker.plainly(wash.with(parent.mend().routine()));
                assertTrue(
                        after.stream()
                                .noneMatch(left -> left.rule().equals(child.rule())
                                        && left.message().equals(child.message())),
                        child.message() + " is still said after "
                                + parent.mend().label());
            }
        }
        assertTrue(folded > 20, "some were folded: " + folded);
    }
}
