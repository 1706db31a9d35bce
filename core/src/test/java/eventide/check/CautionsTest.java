package eventide.check;

import static org.testng.Assert.assertEquals;

import eventide.Heads;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The cautions of TRADE §12, where they apply and nowhere else. */
public class CautionsTest {
    private static final Hair PLAIN = Heads.curly();
    private static final Product AEROSOL =
            Product.of("spray", Role.SPRAY, 3, 0, 0, 100).withIngredients("Butane, Alcohol Denat., VP/VA Copolymer");

    @DataProvider
    public Object[][] cases() {
        return new Object[][] {
            {Step.of(Action.RINSE).build(), PLAIN, "Neck at the basin"},
            {Step.of(Action.CLEANSE).build(), PLAIN.withScalp(Set.of(Scalp.ITCHY)), "scalp is tender"},
            {Step.of(Action.DETANGLE).build(), PLAIN.withCondition(Set.of(Condition.BLEACHED)), "stretches and snaps"},
            {Step.of(Action.DETANGLE).build(), PLAIN, null},
            {Step.of(Action.MASK).heatCap(true).build(), PLAIN, "heated cap"},
            {Step.of(Action.MASK).build(), PLAIN, null},
            {Step.of(Action.APPLY).product(AEROSOL).build(), PLAIN, "under pressure"},
            {Step.of(Action.APPLY).product(Heads.GEL).build(), PLAIN, null},
            {Step.of(Action.COIL).build(), PLAIN, "no tension"},
            {Step.of(Action.CUP).heat(Heat.WARM).build(), PLAIN, "No cord"},
            {Step.of(Action.CUP).heat(Heat.COOL).build(), PLAIN, null},
            {Step.of(Action.PIN_UP).build(), PLAIN, "pineapple"},
            {Step.of(Action.REWET).build(), PLAIN, "on the floor"},
            {
                Step.of(Action.EACH_SECTION)
                        .sections(2)
                        .steps(List.of(Step.of(Action.COIL).build()))
                        .build(),
                PLAIN,
                "no tension"
            },
        };
    }

    @Test(dataProvider = "cases")
    public void eachStandsWhereItApplies(Step step, Hair hair, String words) {
        List<Caution> cautions =
                Cautions.of(Routine.of(Step.of(Action.SHAKE_ROOTS).build(), step), hair);
        if (words == null) {
            assertEquals(cautions, List.of());
        } else {
            assertEquals(
                    cautions.stream()
                            .filter(c -> c.text().contains(words))
                            .map(Caution::step)
                            .toList(),
                    List.of(1));
        }
    }

    @Test
    public void eachIsSaidOnce() {
        Step cup = Step.of(Action.CUP).heat(Heat.WARM).build();
        assertEquals(Cautions.of(Routine.of(cup, cup, cup), PLAIN).size(), 1);
    }
}
