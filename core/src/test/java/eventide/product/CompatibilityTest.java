package eventide.product;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import eventide.product.Compatibility.Likelihood;
import eventide.shape.InvalidException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which layers curdle [CP], and what a dose weighs. */
public class CompatibilityTest {
    private static final String RICH_CREAM =
            "Aqua, Butyrospermum Parkii Butter, Cetearyl Alcohol, Behentrimonium Chloride";
    private static final String LIGHT_MILK = "Aqua, Glycerin, Panthenol";

    private static Product product(Role role, double richness, String label) {
        return Product.of(role.label(), role, 3, richness, 40, 100).withIngredients(label);
    }

    @DataProvider
    Object[][] pairs() {
        return new Object[][] {
            {product(Role.CREAM, 7, RICH_CREAM), product(Role.GEL, 2, "Aqua, Carbomer, PVP"), Likelihood.LIKELY},
            {product(Role.CREAM, 7, RICH_CREAM), product(Role.GEL, 2, "Aqua, PVP, VP/VA Copolymer"), Likelihood.LIKELY},
            {
                product(Role.LEAVE_IN, 2, LIGHT_MILK),
                product(Role.GEL, 2, "Aqua, PVP, VP/VA Copolymer"),
                Likelihood.UNLIKELY
            },
            {
                product(Role.OIL, 6, "Argania Spinosa Kernel Oil"),
                product(Role.GEL, 2, "Aqua, PVP, VP/VA Copolymer"),
                Likelihood.POSSIBLE
            },
            {
                product(Role.CREAM, 7, "Aqua, Cocos Nucifera Oil"),
                product(Role.CREAM, 7, "Aqua, Olea Europaea Fruit Oil"),
                Likelihood.POSSIBLE
            },
            {product(Role.LEAVE_IN, 2, null), product(Role.GEL, 2, "Aqua, Xanthan Gum"), Likelihood.POSSIBLE},
        };
    }

    @Test(dataProvider = "pairs")
    public void curdlesAsTheTradeSays(Product under, Product over, Likelihood expected) {
        assertEquals(
                Compatibility.of(under, over).flakes(),
                expected,
                Compatibility.of(under, over).because());
    }

    @Test
    public void tenPumpsOnAScaleGiveThePump() {
        // By hand: 12 g over 10 pumps is 1.2 ml each; foam at 0.05 g/ml: 8 g over 10 pumps is 16 ml each.
        assertEquals(DoseUnit.weighed("pump", Role.CREAM, 10, 12).ml(), 1.2);
        assertEquals(DoseUnit.weighed("pump", Role.MOUSSE, 10, 8).ml(), 16.0);
        expectThrows(InvalidException.class, () -> DoseUnit.weighed("pump", Role.GEL, 0, 12));
    }

    @Test
    public void whatIsTooSmallForItsUnitIsSaidInPeas() {
        assertEquals(new DoseUnit("walnut", 5.0).say(.9), "3 peas");
        assertEquals(new DoseUnit("walnut", 5.0).say(2.5), "½ walnut");
        assertEquals(new DoseUnit("pea", .3).say(12), "2½ walnuts", "nobody counts forty peas");
    }
}
