package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.planner.explain.Moved;
import eventide.planner.explain.OnThisHair;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Schools;
import eventide.wash.ScoreName;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is said of one bottle on one head; directions as in TRADE §3. */
public class OnThisHairTest {
    private static final Hair FINE = Hair.of(Strand.FINE, Porosity.LOW, Pattern.WAVY_2B, Density.MEDIUM, 30);
    private static final Hair COARSE = Hair.of(Strand.COARSE, Porosity.HIGH, Pattern.COILY_4B, Density.HIGH, 30);
    private static final Product GEL = Product.of("gel", Role.GEL, 8, 1, 60, 95);
    private static final Product BUTTER = Product.of("butter", Role.CREAM, 1, 9, 50, 90);

    private static double moved(OnThisHair said, ScoreName score) {
        return said.changes().stream()
                .filter(c -> c.score() == score)
                .mapToDouble(Moved::by)
                .sum();
    }

    @Test
    public void aGelDefinesAndLasts() {
        OnThisHair said = OnThisHair.of(GEL, COARSE, null);
        assertTrue(moved(said, ScoreName.DEFINITION) > 0, said.changes().toString());
        assertTrue(moved(said, ScoreName.DAYS) > 0, said.changes().toString());
        assertTrue(moved(said, ScoreName.FRIZZ) < 0, said.changes().toString());
    }

    @Test
    public void aButterIsTooRichForFineHairAndWelcomeOnCoarse() {
        assertTrue(
                OnThisHair.of(BUTTER, FINE, null).cautions().contains("Too rich for this hair by itself."),
                OnThisHair.of(BUTTER, FINE, null).toString());
        assertEquals(OnThisHair.of(BUTTER, COARSE, null).cautions(), java.util.List.of());
    }

    @DataProvider
    public Object[][] labels() {
        return new Object[][] {
            {"Aqua, Dimethicone, Parfum", Schools.DEFAULT, "Stays on the hair"},
            {"Aqua, Sodium Laureth Sulfate", Heads.keeping(Schools.IngredientRule.STRICT), "Breaks the client's list"},
            {"Aqua, Prunus Amygdalus Dulcis Oil", Schools.DEFAULT, "known allergy"},
        };
    }

    @Test(dataProvider = "labels")
    public void whatTheLabelSaysAgainstItIsACaution(String label, Schools schools, String caution) {
        Hair almond = FINE.withAllergies(java.util.List.of("almond"));
        OnThisHair said = OnThisHair.of(GEL.withIngredients(label), almond, schools);
        assertTrue(said.cautions().stream().anyMatch(c -> c.contains(caution)), said.toString());
    }

    @Test
    public void whatIsRinsedOutMovesNothing() {
        Product mask = Product.of("mask", Role.MASK, 0, 8, 0, 100);
        assertEquals(OnThisHair.of(mask, FINE, null).changes(), java.util.List.of());
    }

    @Test
    public void everyBottleOnEveryHeadIsAnswered() {
        Random random = new Random(7);
        for (int i = 0; i < 400; i++) {
            Role role = Role.values()[random.nextInt(Role.values().length)];
            double low = random.nextInt(101);
            Product product = Product.of(
                    "p", role, random.nextInt(11), random.nextInt(11), low, low + random.nextInt(101 - (int) low));
            OnThisHair said = OnThisHair.of(product, Heads.random(random), null);
            assertTrue(said.use().ml() >= 0);
            said.changes().forEach(c -> assertTrue(Math.abs(c.by()) <= c.score().most(), product + " " + c));
        }
    }
}
