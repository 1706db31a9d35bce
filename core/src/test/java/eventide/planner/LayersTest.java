package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;

import eventide.routine.Limits;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What follows from which layers there are: how often sections are taken up, and which limit is out of reach. */
public class LayersTest {
    @DataProvider
    public Object[][] passes() {
        return new Object[][] {
            {"gel", new Layers(false, false, true, false, false), 1},
            {"mousse alone, everywhere", new Layers(false, false, false, true, false), 1},
            {"leave-in, cream and gel", new Layers(true, true, true, false, false), 3},
            {"gel, and mousse patted on the crown", new Layers(false, false, true, true, false), 1},
            {"mousse under gel", new Layers(false, false, true, true, true), 2},
            {"all there is", new Layers(true, true, true, true, true), Layers.MOST_PASSES},
        };
    }

    @Test(dataProvider = "passes")
    public void sectionsAreTakenUpForEveryLayerButFoamOnTheCrown(String name, Layers layers, int passes) {
        assertEquals(layers.passes(), passes, name);
    }

    @DataProvider
    public Object[][] limits() {
        return new Object[][] {
            {Limits.ofMinutes(60), 58.0, null},
            {Limits.ofMinutes(60), 61.9, null},
            {Limits.ofMinutes(60), 62.5, "minutes"},
            {new Limits(90.0, 30.0, null, null, null), 32.5, "hands-on minutes"},
            {new Limits(90.0, 30.0, null, null, null), 31.0, null},
        };
    }

    /** Left to dry at home, nothing but hands takes time: a minute and a half over is over, one may be a squeeze less. */
    @Test(dataProvider = "limits")
    public void aPlanIsOutOfReachOnlyWithoutWhatItMayDoWithout(Limits limits, double minutes, String beyond) {
        LeastMinutes least = LeastMinutes.exactly(Choice.Drying.HOME);
        double squeezed = 3 * LeastMinutes.SQUEEZED;
        assertEquals(least.beyond(limits, squeezed, minutes, minutes), beyond);
        assertNull(least.beyond(limits, squeezed, limits.chairMinutesOrAll(), limits.chairMinutesOrAll()));
    }
}
