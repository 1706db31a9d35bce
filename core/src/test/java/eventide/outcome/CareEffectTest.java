package eventide.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What care before styling does: directions of common practice, over many random heads. */
public class CareEffectTest {
    private static final Goal GOAL = new Goal(1, 1, 1, 1, 1, null);
    private static final Product MASK = Product.of("mask", Role.MASK, 0, 7, 0, 100);
    private static final Product PROTEIN = Product.of("protein", Role.PROTEIN, 0, 2, 0, 100);

    private static Scores after(Hair hair, Step... care) {
        List<Step> steps = new ArrayList<>(List.of(care));
        steps.add(Step.of(Action.RINSE).build());
        steps.add(Step.of(Action.APPLY).product(Heads.GEL).build());
        steps.add(Step.of(Action.AIR).untilDry(100.0).build());
        return OutcomeModel.scores(Wash.of(Routine.of(steps), hair, GOAL, Air.of(22, 50), null, null));
    }

    private static Step cleanse() {
        return Step.of(Action.CLEANSE).build();
    }

    private static Step mask(double minutes) {
        return Step.of(Action.MASK).product(MASK).minutes(minutes).build();
    }

    private static Step protein(double minutes) {
        return Step.of(Action.PROTEIN).product(PROTEIN).minutes(minutes).build();
    }

    private static Hair overSoft(Hair hair) {
        return hair.withCondition(Set.of(Condition.OVER_SOFT));
    }

    private static Hair builtUp(Hair hair) {
        return new Hair(
                hair.strand(),
                hair.porosity(),
                hair.pattern(),
                hair.density(),
                hair.lengthCm(),
                null,
                null,
                null,
                true,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private record Case(
            String name,
            Function<Hair, Hair> hair,
            ScoreName score,
            boolean up,
            Function<Hair, Scores> less,
            Function<Hair, Scores> more) {
        @Override
        public String toString() {
            return name;
        }
    }

    @DataProvider
    Object[] directions() {
        Function<Hair, Hair> any = hair -> hair;
        return new Object[] {
            new Case(
                    "a longer mask, softness",
                    any,
                    ScoreName.SOFTNESS,
                    true,
                    hair -> after(hair, cleanse(), mask(3)),
                    hair -> after(hair, cleanse(), mask(12))),
            new Case(
                    "a longer mask, frizz",
                    any,
                    ScoreName.FRIZZ,
                    false,
                    hair -> after(hair, cleanse(), mask(3)),
                    hair -> after(hair, cleanse(), mask(12))),
            new Case(
                    "a long mask after shampoo on fine hair, volume",
                    hair -> hair.with(Strand.FINE, hair.porosity(), hair.pattern(), hair.density(), hair.lengthCm()),
                    ScoreName.VOLUME,
                    false,
                    hair -> after(hair, cleanse(), mask(2)),
                    hair -> after(hair, cleanse(), mask(12))),
            new Case(
                    "the same before shampoo instead, volume",
                    hair -> hair.with(Strand.FINE, hair.porosity(), hair.pattern(), hair.density(), hair.lengthCm()),
                    ScoreName.VOLUME,
                    true,
                    hair -> after(hair, cleanse(), mask(20)),
                    hair -> after(hair, mask(20), cleanse())),
            new Case(
                    "protein where hair is over-soft, days",
                    CareEffectTest::overSoft,
                    ScoreName.DAYS,
                    true,
                    hair -> after(hair, cleanse()),
                    hair -> after(hair, cleanse(), protein(15))),
            new Case(
                    "protein, softness",
                    any,
                    ScoreName.SOFTNESS,
                    false,
                    hair -> after(hair, cleanse()),
                    hair -> after(hair, cleanse(), protein(15))),
            new Case(
                    "clarified where it is built up, definition",
                    CareEffectTest::builtUp,
                    ScoreName.DEFINITION,
                    true,
                    hair -> after(hair, cleanse()),
                    hair -> after(hair, Step.of(Action.CLARIFY).build())),
            new Case(
                    "clarified where it is not, softness",
                    any,
                    ScoreName.SOFTNESS,
                    false,
                    hair -> after(hair, cleanse()),
                    hair -> after(hair, Step.of(Action.CLARIFY).build())),
        };
    }

    @Test(dataProvider = "directions")
    public void careMovesTheResultAsTheTradeSays(Case direction) {
        Random random = new Random(41);
        int moved = 0;
        for (int i = 0; i < 150; i++) {
            Hair hair = direction.hair().apply(Heads.random(random));
            double by = direction.more().apply(hair).of(direction.score())
                    - direction.less().apply(hair).of(direction.score());
            assertTrue(direction.up() ? by >= -1e-9 : by <= 1e-9, hair + " by " + by);
            moved += Math.abs(by) > .01 ? 1 : 0;
        }
        assertTrue(moved > 100, "moved " + moved);
    }

    @Test
    public void dryHairTakesUpMostAndTheFirstMinutesDoMost() {
        Hair dry = Hair.of(
                Strand.COARSE,
                Porosity.HIGH,
                Heads.curly().pattern(),
                Heads.curly().density(),
                30);
        double onDry = gain(dry, 10);
        double onSound = gain(Heads.curly(), 10);
        assertTrue(onDry > 2 * onSound, onDry + " against " + onSound);
        assertTrue(gain(dry, 10) < 2 * gain(dry, 5), "each minute adds less");
        assertEquals(gain(dry, 0), 0, .15);
    }

    private static double gain(Hair hair, double minutes) {
        return after(hair, cleanse(), mask(minutes)).softness()
                - after(hair, cleanse()).softness();
    }
}
