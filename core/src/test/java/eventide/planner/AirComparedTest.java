package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.air.Air;
import eventide.air.AirWords;
import eventide.air.Outdoors;
import eventide.planner.compare.AirCompared;
import eventide.shape.Changed;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What today's air makes the plan do. */
public class AirComparedTest {
    @DataProvider
    public Object[][] airs() {
        return new Object[][] {
            // room °C and %, outdoors °C and % or none, what is said of it
            {17, 71, null, null, "dew point 12 °C, easy: nothing special to guard against"},
            {
                28,
                68,
                null,
                null,
                "dew point 22 °C, very humid: film formers and high hold, no high humectants, leave some cast"
            },
            {22, 55, -6, 60, "dew point -13 °C outside, dry: moisture, few humectants: they pull water out"},
            {
                26,
                65,
                -6,
                60,
                "dew point 19 °C in the room, very humid: film formers and high hold, no high humectants, leave some cast;"
                        + " dew point -13 °C outside, dry: moisture, few humectants: they pull water out"
            },
            {20, 10, 18, 60, "dew point -13 °C in the room, dry: moisture, few humectants: they pull water out"},
        };
    }

    /** Frost outside is said, however easy the room is. */
    @Test(dataProvider = "airs")
    public void theAirIsNamedByWhatTheHairMustStand(
            int roomC, int roomPercent, Integer outsideC, Integer outsidePercent, String said) {
        Air room = Air.of(roomC, roomPercent);
        Air air = outsideC == null
                ? room
                : Changed.with(room, "outdoors", new Outdoors((double) outsideC, (double) outsidePercent));
        assertEquals(AirWords.of(air), said);
    }

    /** A day that is easy already: two searches that happen on different bottles are no reason to say the air did it. */
    @Test
    public void anEasyDayHardlyEverChangesAPlan() {
        List<AirCompared> changed = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            Random random = new Random(40 + i);
            Query asked = RandomQuery.of(random, 40).in(Air.of(20, 45));
            // With time enough: where it is short, a little drier air leaves minutes for something more.
            Query easy = Changed.with(asked, "limits", RandomQuery.limits(random, 300));
            AirCompared compared = AirCompared.of(easy);
            if (!compared.otherwise().isEmpty()) {
                changed.add(compared);
            }
        }
        assertTrue(changed.size() <= 1, changed.toString());
    }

    @Test
    public void dampAirIsFeltInTheResultOfTheSameDay() {
        int frizzier = 0;
        for (int i = 0; i < 12; i++) {
            Query damp = RandomQuery.of(new Random(60 + i), 25).in(Air.of(28, 78));
            AirCompared compared = AirCompared.of(damp);
            frizzier += compared.moved().stream()
                            .anyMatch(moved -> moved.score().name().equals("FRIZZ") && moved.by() > 0)
                    ? 1
                    : 0;
        }
        assertTrue(frizzier >= 8, "frizzier: " + frizzier);
    }
}
