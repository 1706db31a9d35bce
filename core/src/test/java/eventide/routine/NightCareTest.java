package eventide.routine;

import static org.testng.Assert.assertEquals;

import eventide.Heads;
import eventide.product.Product;
import eventide.product.Role;
import eventide.shape.Changed;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** How the nights are passed: said, or done as steps, or neither. */
public class NightCareTest {
    private static final Step RINSE = Step.of(Action.RINSE).build();
    private static final Step MASK = Step.of(Action.MASK)
            .product(Product.of("mask", Role.MASK, 0, 6, 0, 100))
            .build();
    private static final Step COVER = Step.of(Action.COVER_NIGHT).build();
    private static final Step PIN = Step.of(Action.PIN_UP).build();

    @DataProvider
    public Object[][] routines() {
        return new Object[][] {
            {"nothing said", null, null, new Step[] {RINSE}},
            {"said", NightCare.SATIN, NightCare.SATIN, new Step[] {RINSE}},
            {"covered at the end", null, NightCare.SATIN, new Step[] {RINSE, COVER}},
            {"gathered and covered", null, NightCare.PINEAPPLE, new Step[] {RINSE, PIN, COVER}},
            {"gathered only", null, null, new Step[] {RINSE, PIN}},
            {"a mask under a cap overnight, rinsed in the morning", null, null, new Step[] {MASK, COVER, RINSE}},
            {"what is said goes before what is done", NightCare.NONE, NightCare.NONE, new Step[] {RINSE, COVER}},
        };
    }

    @Test(dataProvider = "routines")
    public void nightsAreAsSaidOrElseAsDone(String name, NightCare said, NightCare expected, Step[] steps) {
        assertEquals(Changed.with(Routine.of(steps), "nightCare", said).night(), expected, name);
    }

    @DataProvider
    public Object[][] lengths() {
        return new Object[][] {{12, false}, {21.9, false}, {22, true}, {50, true}};
    }

    @Test(dataProvider = "lengths")
    public void onlyHairThatReachesIsGathered(double lengthCm, boolean reaches) {
        assertEquals(NightCare.PINEAPPLE.suits(Changed.with(Heads.curly(), "lengthCm", lengthCm)), reaches);
        assertEquals(NightCare.SATIN.suits(Changed.with(Heads.curly(), "lengthCm", lengthCm)), true);
    }
}
