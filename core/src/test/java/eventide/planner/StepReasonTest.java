package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.check.Checker;
import eventide.check.Finding;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.planner.explain.StepReason;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Heat;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.shape.InvalidException;
import eventide.wash.Wash;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Why a step is there: what it is for, and what leaving it out would change. */
public class StepReasonTest {
    private static final Hair CURLS = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.MEDIUM, 30);
    private static final Product CONDITIONER = Product.of("conditioner", Role.CONDITIONER, 0, 5, 0, 100);
    private static final Product GEL = Product.of("gel", Role.GEL, 7, 3, 40, 100);
    private static final Product GUARD = Product.of("guard", Role.HEAT_PROTECTANT, 0, 0, 0, 100);

    private static final Routine WASH = Routine.of(List.of(
            Step.of(Action.CONDITION).product(CONDITIONER).build(),
            Step.of(Action.DETANGLE).build(),
            Step.of(Action.RINSE).build(),
            Step.of(Action.EACH_SECTION)
                    .sections(4)
                    .steps(List.of(
                            Step.of(Action.APPLY)
                                    .product(GEL)
                                    .technique(Technique.SMOOTH)
                                    .build(),
                            Step.of(Action.COIL).build()))
                    .build(),
            Step.of(Action.APPLY).product(GUARD).technique(Technique.SPRAY).build(),
            Step.of(Action.HOVER).untilDry(57.0).build(),
            Step.of(Action.CUP).untilDry(100.0).build(),
            Step.of(Action.CUP).heat(Heat.COOL).minutes(2.0).build(),
            Step.of(Action.BREAK_CAST).build()));

    /** Step, step inside it, a word of what it is for, a word of what leaving it out changes, what would be said then. */
    @DataProvider
    public Object[][] steps() {
        return new Object[][] {
            {0, null, "Slip", "hardly", "T7"},
            {1, null, "Knots", "min", "T11"},
            {3, null, "piece by piece", "definition −", ""},
            {3, 0, "Hold and a cast", "days −", ""},
            {3, 1, "own curl", "definition −", ""},
            {4, null, "heat of the dryer", "hardly", "O4"},
            {5, null, "cast has set", "frizz +", "D1"},
            {6, null, "curl held up", "% wet", "D3 D6"},
            {7, null, "cool air", "hardly", "D4"},
            {8, null, "stiffness", "softness −", ""},
        };
    }

    @Test(dataProvider = "steps")
    public void aStepSaysWhatItIsForAndWhatItIsWorth(
            int step, Integer inner, String purpose, String without, String then) {
        StepReason reason = why(CURLS, WASH, step, inner);
        assertTrue(reason.purpose().contains(purpose), reason.purpose());
        assertTrue(reason.without().contains(without), reason.without());
        assertEquals(reason.matters(), !without.equals("hardly"), reason.without());
        List<String> said =
                reason.raised().stream().map(StepReason.Raised::rule).sorted().toList();
        assertEquals(String.join(" ", said), then, reason.raised().toString());
    }

    @DataProvider
    public Object[][] nowhere() {
        return new Object[][] {{9, null}, {3, 2}, {0, 0}, {-1, null}};
    }

    @Test(dataProvider = "nowhere")
    public void aStepThatIsNotThereIsSaid(int step, Integer inner) {
        assertThrows(InvalidException.class, () -> why(CURLS, WASH, step, inner));
    }

    /** Of random plans: every step has a purpose, and what would be said then is not said now. */
    @Test
    public void everyStepOfAPlanCanBeAsked() {
        Random random = new Random(2611);
        for (int i = 0; i < 12; i++) {
            Query query = RandomShelf.query(random, RandomShelf.of(random, 6), null);
            for (Suggestion plan : Planner.suggest(query).suggestions()) {
                Wash wash = Wash.of(
                        plan.routine(), query.hair(), query.goal(), query.air(), query.schools(), query.limits());
                List<String> now =
                        Checker.plainly(wash).stream().map(Finding::rule).toList();
                for (StepPlace place : plan.routine().places()) {
                    StepReason reason = StepReason.of(new StepReason.OneStep(
                            query.hair(),
                            query.goal(),
                            query.air(),
                            query.schools(),
                            query.limits(),
                            plan.routine(),
                            place.index(),
                            place.isInner() ? place.inner() : null));
                    assertTrue(reason.purpose().endsWith("."), reason.purpose());
                    assertFalse(reason.without().isBlank());
                    for (StepReason.Raised raised : reason.raised()) {
                        boolean louder = Checker.plainly(wash).stream()
                                .noneMatch(f -> f.rule().equals(raised.rule())
                                        && f.severity().compareTo(raised.severity()) <= 0);
                        assertTrue(louder, raised + " is said already: " + now);
                    }
                }
            }
        }
    }

    /** What a routine of one step says of it: nothing is left, and nothing breaks. */
    @Test
    public void theOnlyStepCanBeLeftOut() {
        for (Action action : Action.values()) {
            if (action != Action.EACH_SECTION) {
                Routine alone = Routine.of(List.of(Step.of(action).build()));
                assertFalse(why(Heads.random(new Random(7)), alone, 0, null)
                        .purpose()
                        .isBlank());
            }
        }
    }

    @Test
    public void noTwoThingsAreDoneForTheSame() {
        List<String> purposes =
                Stream.of(Action.values()).map(Action::purpose).distinct().toList();
        assertEquals(purposes.size(), Action.values().length);
    }

    private static StepReason why(Hair hair, Routine routine, int step, Integer inner) {
        Goal goal = new Goal(3, 1, 0, 1, 2, null);
        return StepReason.of(new StepReason.OneStep(hair, goal, Air.of(22, 50), null, null, routine, step, inner));
    }
}
