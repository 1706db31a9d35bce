package eventide.outcome;

import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.DetangleFrom;
import eventide.routine.Goal;
import eventide.routine.Heat;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What else moves a score [CP], beside the pairs of the trade: each on nearly every random head, at least by what can be told apart. */
public class AlsoMovesTest {
    private static final int HEADS = 200;
    private static final double MOSTLY = .95;
    /** Points that can be told apart in print. */
    private static final double TOLD = .05;

    private static final Goal GOAL = new Goal(2, 1, 1, 1, 1, null);
    private static final Product CREAM = Product.of("cream", Role.CREAM, 1, 4, 30, 100);
    private static final Product LEAVE_IN = Product.of("leave-in", Role.LEAVE_IN, 0, 2, 30, 100);
    private static final Product GEL = Product.of("gel", Role.GEL, 7, 1, 30, 100);
    private static final Product OIL = Product.of("oil", Role.OIL, 0, 6, 0, 100);
    private static final Product CONDITIONER = Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100);
    private static final Product PROTEIN = Product.of("protein", Role.PROTEIN, 0, 3, 0, 100);
    private static final Air ROOM = Air.of(22, 48);
    private static final Air DAMP_ROOM = Air.of(25, 80);

    private record Case(String what, List<Step> first, List<Step> second, Air other, ScoreName score, boolean up) {
        @Override
        public String toString() {
            return what + ", " + score;
        }
    }

    private static StepBuilder of(Action action) {
        return Step.of(action);
    }

    private static StepBuilder put(Product product) {
        return of(Action.APPLY).product(product);
    }

    private static List<Step> wash(List<StepBuilder> washing, List<StepBuilder> styling, List<StepBuilder> drying) {
        List<Step> steps = new ArrayList<>();
        for (List<StepBuilder> part : List.of(washing, styling, drying)) {
            part.forEach(step -> steps.add(step.build()));
        }
        return steps;
    }

    private static final List<StepBuilder> WASHED = List.of(of(Action.CLEANSE), of(Action.RINSE));
    private static final List<StepBuilder> STYLED = List.of(put(LEAVE_IN), put(GEL));
    private static final List<StepBuilder> DRIED =
            List.of(of(Action.HOVER).untilDry(60.0), of(Action.CUP).untilDry(100.0), of(Action.BREAK_CAST));
    private static final List<Step> USUAL = wash(WASHED, STYLED, DRIED);

    private static Case styling(String what, ScoreName score, boolean up, StepBuilder... more) {
        List<StepBuilder> styling = new ArrayList<>(STYLED);
        styling.addAll(List.of(more));
        return new Case(what, USUAL, wash(WASHED, styling, DRIED), ROOM, score, up);
    }

    private static Case drying(String what, ScoreName score, boolean up, StepBuilder... drying) {
        return new Case(what, USUAL, wash(WASHED, STYLED, List.of(drying)), ROOM, score, up);
    }

    @DataProvider
    Object[] cases() {
        List<Step> inAir = wash(WASHED, STYLED, List.of(of(Action.AIR).untilDry(100.0), of(Action.BREAK_CAST)));
        List<StepBuilder> fromEnds =
                List.of(of(Action.CONDITION), of(Action.DETANGLE).from(DetangleFrom.ENDS), of(Action.RINSE));
        List<StepBuilder> fromRoots =
                List.of(of(Action.CONDITION), of(Action.DETANGLE).from(DetangleFrom.ROOTS), of(Action.RINSE));
        List<StepBuilder> rinsed =
                List.of(of(Action.CLEANSE), of(Action.CONDITION).product(CONDITIONER), of(Action.RINSE));
        List<StepBuilder> left = List.of(
                of(Action.CLEANSE), of(Action.RINSE), of(Action.CONDITION).product(CONDITIONER));
        StepBuilder cool = of(Action.HOVER).heat(Heat.COOL).minutes(2.0);
        return new Object[] {
            styling("cream over wet gel", ScoreName.DEFINITION, false, put(CREAM)),
            styling("cream over wet gel", ScoreName.HOLD, false, put(CREAM)),
            styling("oil over wet gel", ScoreName.HOLD, false, put(OIL).amountMl(1.0)),
            styling("soaked after the gel", ScoreName.HOLD, false, of(Action.REWET)),
            styling("soaked after the gel", ScoreName.FRIZZ, true, of(Action.REWET)),
            styling("plopped", ScoreName.VOLUME, false, of(Action.PLOP).minutes(15.0)),
            drying(
                    "hot air with nothing under it",
                    ScoreName.SOFTNESS,
                    false,
                    of(Action.HOVER).untilDry(100.0).heat(Heat.HOT),
                    of(Action.BREAK_CAST)),
            drying(
                    "picked while wet",
                    ScoreName.FRIZZ,
                    true,
                    of(Action.HOVER).minutes(.5),
                    of(Action.PICK),
                    of(Action.HOVER).untilDry(60.0),
                    of(Action.CUP).untilDry(100.0),
                    of(Action.BREAK_CAST)),
            new Case(
                    "no cool finish",
                    wash(WASHED, STYLED, List.of(of(Action.HOVER).untilDry(100.0), cool)),
                    wash(WASHED, STYLED, List.of(of(Action.HOVER).untilDry(100.0))),
                    ROOM,
                    ScoreName.DAYS,
                    false),
            new Case("air-dried in a damp room", inAir, inAir, DAMP_ROOM, ScoreName.HOLD, false),
            new Case("air-dried in a damp room", inAir, inAir, DAMP_ROOM, ScoreName.DEFINITION, false),
            new Case(
                    "detangled from the roots",
                    wash(fromEnds, STYLED, DRIED),
                    wash(fromRoots, STYLED, DRIED),
                    ROOM,
                    ScoreName.FRIZZ,
                    true),
            new Case(
                    "conditioner left in",
                    wash(rinsed, STYLED, DRIED),
                    wash(left, STYLED, DRIED),
                    ROOM,
                    ScoreName.VOLUME,
                    false),
            new Case(
                    "conditioner left in",
                    wash(rinsed, STYLED, DRIED),
                    wash(left, STYLED, DRIED),
                    ROOM,
                    ScoreName.WEIGHT,
                    true),
        };
    }

    private static double score(Hair hair, List<Step> steps, Air air, ScoreName score) {
        return OutcomeModel.scores(Wash.of(Routine.of(steps), hair, GOAL, air, null, null))
                .of(score);
    }

    @Test(dataProvider = "cases")
    public void movesTheScore(Case one) {
        Random random = new Random(one.what().hashCode());
        int so = 0;
        for (int i = 0; i < HEADS; i++) {
            Hair hair = Heads.random(random);
            double by =
                    score(hair, one.second(), one.other(), one.score()) - score(hair, one.first(), ROOM, one.score());
            so += (one.up() ? by : -by) >= TOLD ? 1 : 0;
        }
        assertTrue(so >= MOSTLY * HEADS, one + " on " + so + " of " + HEADS);
    }

    private static Hair sinceProtein(Hair hair, Double days, Condition condition) {
        return new Hair(
                hair.strand(),
                hair.porosity(),
                hair.pattern(),
                hair.density(),
                hair.lengthCm(),
                null,
                condition == null ? null : Set.of(condition),
                null,
                null,
                null,
                days,
                null,
                null,
                null,
                null,
                null);
    }

    @Test
    public void proteinTwoDaysAfterProteinStiffens() {
        Random random = new Random(2);
        List<Step> treated = wash(
                List.of(of(Action.CLEANSE), of(Action.PROTEIN).product(PROTEIN).minutes(15.0), of(Action.RINSE)),
                STYLED,
                DRIED);
        for (int i = 0; i < HEADS; i++) {
            Hair hair = Heads.random(random);
            double soon = score(sinceProtein(hair, 2.0, null), treated, ROOM, ScoreName.SOFTNESS);
            double late = score(sinceProtein(hair, 40.0, null), treated, ROOM, ScoreName.SOFTNESS);
            assertTrue(late - soon >= TOLD, hair + " by " + (late - soon));
        }
    }

    @Test
    public void hotAirIsWorseOnBleachedHair() {
        Random random = new Random(3);
        List<Step> hot =
                wash(WASHED, STYLED, List.of(of(Action.HOVER).untilDry(100.0).heat(Heat.HOT)));
        List<Step> warm =
                wash(WASHED, STYLED, List.of(of(Action.HOVER).untilDry(100.0).heat(Heat.WARM)));
        int worse = 0;
        for (int i = 0; i < HEADS; i++) {
            Hair sound = Heads.random(random);
            Hair bleached = sinceProtein(sound, null, Condition.BLEACHED);
            double onSound = score(sound, warm, ROOM, ScoreName.SOFTNESS) - score(sound, hot, ROOM, ScoreName.SOFTNESS);
            double onBleached =
                    score(bleached, warm, ROOM, ScoreName.SOFTNESS) - score(bleached, hot, ROOM, ScoreName.SOFTNESS);
            worse += onBleached - onSound >= TOLD ? 1 : 0;
        }
        assertTrue(worse >= MOSTLY * HEADS, "worse on " + worse);
    }
}
