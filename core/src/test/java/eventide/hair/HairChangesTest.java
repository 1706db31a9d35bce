package eventide.hair;

import static org.testng.Assert.assertEquals;

import eventide.Heads;
import eventide.hair.HairChanges.Change;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

/** What is said to have changed between two readings. */
public class HairChangesTest {
    @Test
    public void theSameHeadHasNotChanged() {
        Random random = new Random(61);
        for (int i = 0; i < 500; i++) {
            Hair hair = Heads.random(random);
            assertEquals(HairChanges.between(hair, hair), List.of());
        }
    }

    @Test
    public void aTrimIsSaidOnceForTheWholeHead() {
        Hair before = Hair.of(Strand.FINE, Porosity.LOW, Pattern.WAVY_2B, Density.MEDIUM, 38);
        Hair after = before.with(Strand.FINE, Porosity.LOW, Pattern.WAVY_2B, Density.MEDIUM, 30);
        assertEquals(HairChanges.between(before, after), List.of(new Change(null, "length", "38 cm", "30 cm")));
    }

    @Test
    public void bleachAtTheHairlineIsSaidThere() {
        Hair before = Heads.curly();
        Hair after = before.withZones(Map.of(
                Zone.HAIRLINE, new ZoneReadings(null, Porosity.HIGH, null, null, null, Set.of(Condition.BLEACHED))));
        assertEquals(
                HairChanges.between(before, after),
                List.of(
                        new Change(Zone.HAIRLINE, "porosity", "medium", "high"),
                        new Change(Zone.HAIRLINE, "condition", "none", "bleached")));
    }

    @Test
    public void aZoneWithItsOwnReadingStaysWhereTheHeadMoves() {
        Hair before = Heads.curly()
                .withZones(Map.of(Zone.NAPE, new ZoneReadings(Strand.COARSE, null, null, null, null, null)));
        Hair after = before.with(Strand.FINE, before.porosity(), before.pattern(), before.density(), before.lengthCm());
        assertEquals(HairChanges.between(before, after), List.of(new Change(null, "strand", "medium", "fine")));
    }

    @Test
    public void aZoneMayBeMeasuredByItself() {
        // By hand: (30 − 21) / 30 = 30 %.
        Hair hair = Heads.curly()
                .withZones(Map.of(
                        Zone.NAPE, new ZoneReadings(null, null, null, null, null, null, new Measured(21.0, 30.0))));
        assertEquals(hair.at(Zone.NAPE).shrinkage(), .3, 1e-9);
        assertEquals(HairFacts.of(hair).byZone().get(Zone.NAPE).shrinkagePercent(), 30.0);
        assertEquals(HairFacts.of(hair).byZone().get(Zone.CROWN).shrinkagePercent(), 28.0, "typical of 3B");
    }
}
