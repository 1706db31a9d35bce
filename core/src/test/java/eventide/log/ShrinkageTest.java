package eventide.log;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.Heads;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Measured;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Shrinkage by the ruler, with what the ruler and the strands leave uncertain; expected values worked by hand. */
public class ShrinkageTest {
    record Case(List<Measured> strands, double percent, double spread, double error, String byHand) {
        @Override
        public String toString() {
            return byHand;
        }
    }

    @DataProvider
    public Object[] byHand() {
        return new Object[] {
            // σ = 0.5/√12 = 0.1443 cm; √((0.1443/30)² + (21·0.1443/900)²) = √(2.314e-5 + 1.134e-5) = 0.00587.
            new Case(List.of(new Measured(21.0, 30.0)), 30.0, 0, .6, "one strand: only the ruler's error"),
            // At 10 cm the same ruler is off three times as much: √((0.01443)² + (0.7·0.01443)²) = 0.01762.
            new Case(List.of(new Measured(7.0, 10.0)), 30.0, 0, 1.8, "one short strand"),
            // 0.30, 0.40, 0.50: mean 0.40, s = 0.10, standard error 0.10/√3 = 0.0577.
            new Case(
                    List.of(new Measured(21.0, 30.0), new Measured(18.0, 30.0), new Measured(15.0, 30.0)),
                    40.0,
                    10.0,
                    5.8,
                    "three strands that differ"),
            // Alike strands: the spread is 0, and the ruler's error is left, 0.00587/√4 = 0.0029.
            new Case(
                    List.of(
                            new Measured(21.0, 30.0),
                            new Measured(21.0, 30.0),
                            new Measured(21.0, 30.0),
                            new Measured(21.0, 30.0)),
                    30.0,
                    0,
                    .3,
                    "four strands alike: the ruler's error over √4"),
        };
    }

    @Test(dataProvider = "byHand")
    public void isAsWorkedByHand(Case row) {
        Shrinkage shrinkage = Shrinkage.of(row.strands());
        assertEquals(shrinkage.percent(), row.percent(), .051, row.byHand());
        assertEquals(shrinkage.spread(), row.spread(), .051, row.byHand());
        assertEquals(shrinkage.error(), row.error(), .051, row.byHand());
        assertEquals(shrinkage.strands(), row.strands().size());
    }

    @Test
    public void twoMeasurementsDifferOnlyBeyondTheirErrors() {
        Shrinkage one = Shrinkage.of(List.of(new Measured(21.0, 30.0)));
        Shrinkage near = Shrinkage.of(List.of(new Measured(20.8, 30.0)));
        Shrinkage far = Shrinkage.of(List.of(new Measured(18.0, 30.0)));
        assertFalse(one.differsFrom(near), "0.7 points, with ±0.6 on each");
        assertTrue(one.differsFrom(far));
    }

    @Test
    public void typicalIsTheZonesByTheirShareOfHair() {
        assertEquals(Shrinkage.typicalPercent(Heads.curly()), 28.0, "3B all over: .28 by the trade's list");
        // By hand: 2C .12 all over but the crown, 3A .18, with .22 of the hair: .12 · .78 + .18 · .22 = .1332.
        Hair two = Hair.of(Strand.FINE, Porosity.LOW, Pattern.WAVY_2C, Density.MEDIUM, 38)
                .withZones(Map.of(Zone.CROWN, new ZoneReadings(null, null, Pattern.CURLY_3A, null, null, null)));
        assertEquals(Shrinkage.typicalPercent(two), 13.3);
    }

    @Test
    public void usualIsTheMeanOfWhatWasMeasured() {
        assertEquals(Shrinkage.usualPercent(List.of()), null);
        assertEquals(
                Shrinkage.usualPercent(List.of(
                        Shrinkage.of(List.of(new Measured(21.0, 30.0))),
                        Shrinkage.of(List.of(new Measured(18.0, 30.0))))),
                35.0);
    }

    @Test
    public void noStrandIsNoMeasurement() {
        assertEquals(
                expectThrows(IllegalArgumentException.class, () -> Shrinkage.of(List.of()))
                        .getMessage(),
                "strands must be at least one, but were none");
    }
}
