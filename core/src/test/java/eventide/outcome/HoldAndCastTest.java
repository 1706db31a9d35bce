package eventide.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.check.Checker;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Advised;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How hold is spread, and who is said to have touched it too early. */
public class HoldAndCastTest {
    private static final String TOUCHED = "touched before the cast had set";
    private static final Goal GOAL = new Goal(2, 1, 0, 1, 1, null);

    private static Wash wash(Hair hair, Schools schools, Step... steps) {
        return Wash.of(Routine.of(steps), hair, GOAL, Air.of(22, 50), schools, null);
    }

    private static Product gel(double hold) {
        return Product.of("gel", Role.GEL, hold, 1, 30, 100);
    }

    private static Step apply(Product product, Double ml) {
        return Step.of(Action.APPLY).product(product).amountMl(ml).build();
    }

    /** Of the whole head, what contributions of one name add to a score. */
    private static double said(Wash wash, ScoreName score, String because) {
        return OutcomeModel.predict(wash).contributions().stream()
                .filter(c -> c.score() == score && c.because().equals(because))
                .mapToDouble(Contribution::by)
                .sum();
    }

    @Test
    public void theThinnerHoldIsSpreadTheMoreStrandsStayBare() {
        Random random = new Random(31);
        for (int i = 0; i < 150; i++) {
            Hair hair = Heads.random(random);
            Product gel = gel(1 + random.nextInt(9));
            double advised = Advised.headMl(gel, hair);
            double less = .3 + random.nextDouble() * .3;
            double more = less + .1 + random.nextDouble() * .2;
            Wash thin = wash(hair, null, Step.of(Action.REWET).build(), apply(gel, advised * less));
            Wash full = wash(hair, null, Step.of(Action.REWET).build(), apply(gel, advised * more));
            String thinly = "hold spread thin";
            assertTrue(said(thin, ScoreName.FRIZZ, thinly) > said(full, ScoreName.FRIZZ, thinly), "case " + i);
            assertTrue(
                    said(thin, ScoreName.DEFINITION, thinly) < said(full, ScoreName.DEFINITION, thinly), "case " + i);
            Wash advisedly = wash(hair, null, Step.of(Action.REWET).build(), apply(gel, null));
            assertEquals(said(advisedly, ScoreName.FRIZZ, thinly), 0.0, "as advised none is bare, case " + i);
        }
    }

    /** Two layers of hold coat a strand between them [CP]. */
    @Test
    public void whatTwoLayersCoatTogetherIsNotThin() {
        Hair hair = Heads.curly();
        Product first = gel(4);
        Product second = Product.of("jelly", Role.GEL, 6, 1, 30, 100);
        Wash halves = wash(
                hair,
                null,
                Step.of(Action.REWET).build(),
                apply(first, Advised.headMl(first, hair) / 2),
                apply(second, Advised.headMl(second, hair) / 2 + 1));
        assertEquals(said(halves, ScoreName.FRIZZ, "hold spread thin"), 0.0);
    }

    /** A little of the same styler on dry, misted hair is what a refresh is [CP]. */
    @Test
    public void aRefreshIsNotThin() {
        Routine routine = Routine.of(Step.of(Action.MIST).toWetness(40.0).build(), apply(gel(6), 1.0))
                .startingAt(0);
        Wash refresh = Wash.of(routine, Heads.curly(), GOAL, Air.of(22, 50), null, null);
        assertEquals(said(refresh, ScoreName.FRIZZ, "hold spread thin"), 0.0);
    }

    private record Cupped(String name, double hold, String school, boolean touched) {
        @Override
        public String toString() {
            return name;
        }
    }

    @DataProvider
    Object[] cupped() {
        return new Object[] {
            new Cupped("a soft hold has no cast to wait for", 3, null, false),
            new Cupped("a strong one has", 8, null, true),
            new Cupped("the school cups from the start, and hair knows of no school", 8, "FROM_START", true),
            new Cupped("the school waits for it", 8, "ONCE_SET", true),
        };
    }

    @Test(dataProvider = "cupped")
    public void cuppingWetHairIsTooEarlyWhereACastIsToCome(Cupped row) {
        Schools schools = row.school() == null ? null : Schools.DEFAULT.with("cup", row.school());
        Wash wash = wash(
                Heads.curly(),
                schools,
                Step.of(Action.REWET).build(),
                apply(gel(row.hold()), null),
                Step.of(Action.CUP).untilDry(100.0).build());
        assertEquals(said(wash, ScoreName.FRIZZ, TOUCHED) > 0, row.touched(), "prediction");
        boolean warned = Checker.check(wash).stream().anyMatch(f -> f.rule().equals("D1"));
        boolean onPurpose = "FROM_START".equals(row.school());
        assertEquals(warned, row.touched() && !onPurpose, "the checker says the same, but of what is done on purpose");
    }
}
