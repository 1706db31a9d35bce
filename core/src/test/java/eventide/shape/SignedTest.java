package eventide.shape;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Points and minutes as they are said. */
public class SignedTest {
    @DataProvider
    Object[][] values() {
        return new Object[][] {
            {.35, "+0.4", "0"},
            {-.35, "−0.4", "0"},
            {.04, "0.0", "0"},
            {-.05, "−0.1", "0"},
            {-12.6, "−12.6", "−13"},
            {7.5, "+7.5", "+8"},
        };
    }

    @Test(dataProvider = "values")
    public void theSignIsAMinusOrAPlus(double value, String tenth, String whole) {
        assertEquals(Signed.of(value), tenth);
        assertEquals(Signed.whole(value), whole);
    }
}
