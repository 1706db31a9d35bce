package eventide.drying;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.routine.Action;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the way a head is held, its curl and its dense places do to the minutes, on random heads. */
public class HeldAndCurlTest {
    private static final Air ROOM = Air.of(22, 50);

    private static double diffused(Hair hair, Position... positions) {
        Step cup = Step.of(Action.CUP)
                .untilDry(100.0)
                .position(positions.length == 0 ? null : List.of(positions))
                .build();
        return TideModel.run(Routine.of(Step.of(Action.MICROPLOP).minutes(2.0).build(), cup), hair, ROOM)
                .minutes();
    }

    /** Rows of the trade: one position is slow underneath, turning helps, upside down opens the roots. */
    @DataProvider
    Object[] heads() {
        Random random = new Random(61);
        return IntStream.range(0, 30).mapToObj(i -> Heads.random(random)).toArray();
    }

    @Test(dataProvider = "heads")
    public void turningOftenIsNeverSlowerThanAnyOneOfThePositions(Hair hair) {
        double turned = diffused(hair, Position.SIDE, Position.UPSIDE_DOWN, Position.UPRIGHT);
        for (Position one : Position.values()) {
            double held = diffused(hair, one);
            assertTrue(turned <= held + 1e-6, one + ": " + held + ", turned " + turned);
        }
    }

    @Test(dataProvider = "heads")
    public void lyingBackDriesSlowestAndUpsideDownFastest(Hair hair) {
        double unsaid = diffused(hair);
        assertTrue(diffused(hair, Position.UPSIDE_DOWN) <= unsaid, "upside down");
        assertTrue(
                diffused(hair, Position.RECLINED) >= unsaid - 1,
                "reclined " + diffused(hair, Position.RECLINED) + ", unsaid " + unsaid);
    }

    @Test
    public void whatLiesUnderneathStaysWettest() {
        Hair hair = Heads.curly();
        for (Zone zone : Zone.values()) {
            double reclined = Held.opening(List.of(Position.RECLINED), zone);
            double over = Held.opening(List.of(Position.UPSIDE_DOWN), zone);
            assertTrue(over > reclined, zone + " of " + hair);
        }
        assertEquals(Held.opening(null, Zone.NAPE), 1.0);
        assertTrue(Held.opening(List.of(Position.UPRIGHT), Zone.NAPE) < 1);
    }

    /** The tighter it curls, the shorter it hangs, and the thicker it lies over the roots. */
    @Test(dataProvider = "heads")
    public void tighterHairAirDriesNoFasterAtTheRoots(Hair hair) {
        double before = 0;
        for (Pattern pattern : Pattern.values()) {
            Hair curled = Hair.of(hair.strand(), hair.porosity(), pattern, hair.density(), hair.lengthCm());
            Tide tide = TideModel.run(
                            Routine.of(Step.of(Action.AIR).minutes(180.0).build()), curled, ROOM)
                    .tide();
            double now = tide.roots().get(180);
            assertTrue(now >= before - 1e-9, pattern + " of " + hair + ": " + now + " after " + before);
            before = now;
        }
    }

    /** Zone after zone made dense, a head takes longer by steps, none of which is most of the way. */
    @Test
    public void denseZonesAddUpWithoutACliff() {
        for (double cm : new double[] {20, 35, 50}) {
            Hair medium =
                    Hair.of(Heads.curly().strand(), Heads.curly().porosity(), Pattern.CURLY_3B, Density.MEDIUM, cm);
            double none = diffused(medium, Position.SIDE, Position.UPRIGHT);
            Hair dense = Hair.of(medium.strand(), medium.porosity(), medium.pattern(), Density.HIGH, cm);
            double all = diffused(dense, Position.SIDE, Position.UPRIGHT);
            Map<Zone, ZoneReadings> zones = new EnumMap<>(Zone.class);
            double before = none;
            for (Zone zone : new Zone[] {Zone.NAPE, Zone.BACK, Zone.CROWN, Zone.LEFT, Zone.RIGHT, Zone.HAIRLINE}) {
                zones.put(zone, new ZoneReadings(null, null, null, Density.HIGH, null, null));
                double now = diffused(medium.withZones(zones), Position.SIDE, Position.UPRIGHT);
                assertTrue(now >= before - .5, zones.keySet() + ": " + now + " after " + before);
                assertTrue(now - before < .45 * (all - none), zones.keySet() + ": " + before + " to " + now);
                before = now;
            }
            assertTrue(all > none * 1.2, "dense is slower: " + all + " against " + none);
        }
    }
}
