package eventide.hair;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.shape.InvalidException;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Curl lengths, worked by hand, and the mass figures of the trade. */
public class CurlGeometryTest {
    @Test
    public void shrinkageAndCurlIndexOfAHalvedLock() {
        // By hand: stretched 40, hangs 20: s = 20/40 = 0.5, index = 1/(1 − 0.5) = 2.
        assertEquals(CurlGeometry.shrinkage(20, 40), .5, 1e-12);
        assertEquals(CurlGeometry.curlIndex(.5), 2, 1e-12);
    }

    @Test
    public void helixByHand() {
        // D = 1 cm, p = π cm: √(π² + π²) = π√2, s = 1 − 1/√2 = 0.29289.
        assertEquals(CurlGeometry.strandPerTurn(1, Math.PI), Math.PI * Math.sqrt(2), 1e-12);
        assertEquals(CurlGeometry.helixShrinkage(1, Math.PI), 0.29289, 1e-5);
        // A straight strand: D = 0, no shrinkage.
        assertEquals(CurlGeometry.helixShrinkage(0, 3), 0, 1e-12);
    }

    @Test
    public void naturalAndStretchedAreInverse() {
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            double stretched = 1 + random.nextDouble() * 99;
            double s = random.nextDouble() * .9;
            double natural = CurlGeometry.naturalCm(stretched, s);
            assertEquals(CurlGeometry.stretchedCm(natural, s), stretched, 1e-9);
            assertEquals(CurlGeometry.shrinkage(natural, stretched), s, 1e-9);
            assertEquals(CurlGeometry.curlIndex(s), stretched / natural, 1e-6);
        }
    }

    record Mass(Strand strand, Density density, double cm, double grams) {}

    @DataProvider
    Object[] tradeMasses() {
        // The trade's own worked figures.
        return new Object[] {
            new Mass(Strand.MEDIUM, Density.MEDIUM, 30, 109),
            new Mass(Strand.FINE, Density.LOW, 30, 40),
            new Mass(Strand.COARSE, Density.HIGH, 40, 327),
        };
    }

    @Test(dataProvider = "tradeMasses")
    public void hairMassAsTheTradeGivesIt(Mass row) {
        Hair hair = Hair.of(row.strand(), Porosity.MEDIUM, Pattern.CURLY_3A, row.density(), row.cm());
        assertEquals(HairMass.grams(hair), row.grams(), .6, row.toString());
    }

    @Test
    public void zoneSharesAddToOne() {
        double sum = 0;
        for (Zone zone : Zone.values()) {
            sum += zone.share();
        }
        assertEquals(sum, 1, 1e-12);
    }

    @Test
    public void aZoneOverridesOnlyWhatItNames() {
        Hair hair = Hair.of(Strand.MEDIUM, Porosity.LOW, Pattern.CURLY_3A, Density.HIGH, 30)
                .withZones(Map.of(Zone.HAIRLINE, new ZoneReadings(Strand.FINE, null, null, null, null, null)));
        assertEquals(hair.at(Zone.HAIRLINE).strand(), Strand.FINE);
        assertEquals(hair.at(Zone.HAIRLINE).porosity(), Porosity.LOW);
        assertEquals(hair.at(Zone.CROWN).strand(), Strand.MEDIUM);
        assertTrue(HairMass.grams(hair)
                < HairMass.grams(Hair.of(Strand.MEDIUM, Porosity.LOW, Pattern.CURLY_3A, Density.HIGH, 30)));
    }

    @Test
    public void hairCannotHangLongerThanItStretches() {
        InvalidException refused = expectThrows(InvalidException.class, () -> new Measured(31.0, 30.0));
        assertEquals(refused.faults().get(0).pointer(), "/naturalCm");
    }

    @Test
    public void everyFaultOfAHeadIsListed() {
        InvalidException refused =
                expectThrows(InvalidException.class, () -> Hair.of(null, Porosity.LOW, null, Density.LOW, Double.NaN));
        assertEquals(refused.faults().size(), 3, refused.getMessage());
    }
}
