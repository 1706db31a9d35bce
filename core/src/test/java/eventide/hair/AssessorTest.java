package eventide.hair;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.hair.Assessment.Confidence;
import eventide.hair.TestAnswers.FloatTest;
import eventide.hair.TestAnswers.Mist;
import eventide.hair.TestAnswers.ScalpShows;
import eventide.hair.TestAnswers.StrandRoll;
import eventide.hair.TestAnswers.Stretch;
import eventide.shape.InvalidException;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Tests of a consult to readings: combination, confidence and contradiction. Sources: the trade's consult [CP]. */
public class AssessorTest {
    /** A consult with any of the tests; what is not set stays absent. */
    private static final class Consult {
        private StrandRoll roll;
        private Double um;
        private Mist mist;
        private FloatTest floats;
        private Double wet;
        private Double dry;
        private Double girth;
        private ScalpShows scalp;
        private Double natural;
        private Double stretched;
        private Double diameter;
        private Double turns;
        private Stretch stretch;
        private Boolean buildUp;
        private Pattern pattern;
        private Set<BuildUpSign> signs;
        private Double wantedNatural;
        private Double wantedStretched;

        Assessment assess() {
            return Assessor.assess(new HairTests(
                    roll,
                    um,
                    mist,
                    floats,
                    wet,
                    dry,
                    girth,
                    scalp,
                    natural,
                    stretched,
                    diameter,
                    turns,
                    stretch,
                    buildUp,
                    pattern,
                    signs,
                    wantedNatural,
                    wantedStretched));
        }
    }

    private static Confidence confidence(Assessment assessment, String field) {
        return assessment.readings().stream()
                .filter(r -> r.field().equals(field))
                .map(Assessment.ReadingFound::confidence)
                .findFirst()
                .orElse(null);
    }

    @DataProvider
    Object[][] strands() {
        return new Object[][] {
            {StrandRoll.NOTHING, null, Strand.FINE, Confidence.LIKELY},
            {StrandRoll.CLEAR, null, Strand.COARSE, Confidence.LIKELY},
            {null, 59.0, Strand.FINE, Confidence.FIRM},
            {null, 60.0, Strand.MEDIUM, Confidence.FIRM},
            {null, 80.0, Strand.MEDIUM, Confidence.FIRM},
            {null, 81.0, Strand.COARSE, Confidence.FIRM},
            {StrandRoll.NOTHING, 52.0, Strand.FINE, Confidence.FIRM},
            {StrandRoll.SOMETHING, 52.0, Strand.FINE, Confidence.LIKELY},
            {StrandRoll.CLEAR, 52.0, Strand.FINE, Confidence.WEAK},
        };
    }

    @Test(dataProvider = "strands")
    public void strandFromRollAndMicrometer(StrandRoll roll, Double um, Strand strand, Confidence confidence) {
        Consult consult = new Consult();
        consult.roll = roll;
        consult.um = um;
        Assessment assessment = consult.assess();
        assertEquals(assessment.hair().strand(), strand);
        assertEquals(confidence(assessment, "strand"), confidence);
    }

    @DataProvider
    Object[][] porosities() {
        return new Object[][] {
            {Mist.BEADS, null, null, Porosity.LOW, Confidence.LIKELY},
            {Mist.GONE_AT_ONCE, null, null, Porosity.HIGH, Confidence.LIKELY},
            {null, FloatTest.FLOATS, null, Porosity.LOW, Confidence.WEAK},
            {Mist.GONE_AT_ONCE, FloatTest.FLOATS, null, Porosity.HIGH, Confidence.LIKELY},
            {Mist.BEADS, null, 5.0, Porosity.LOW, Confidence.FIRM},
            {null, null, .5, Porosity.HIGH, Confidence.LIKELY},
        };
    }

    @Test(dataProvider = "porosities")
    public void porosityFromMistFloatAndTimeToWet(
            Mist mist, FloatTest floats, Double wet, Porosity porosity, Confidence confidence) {
        Consult consult = new Consult();
        consult.mist = mist;
        consult.floats = floats;
        consult.wet = wet;
        Assessment assessment = consult.assess();
        assertEquals(assessment.hair().porosity(), porosity);
        assertEquals(confidence(assessment, "porosity"), confidence);
    }

    @DataProvider
    Object[][] girths() {
        return new Object[][] {{4.9, Density.LOW}, {5.0, Density.MEDIUM}, {10.0, Density.MEDIUM}, {10.1, Density.HIGH}};
    }

    @Test(dataProvider = "girths")
    public void densityFromThePonytail(double girth, Density density) {
        Consult consult = new Consult();
        consult.girth = girth;
        assertEquals(consult.assess().hair().density(), density);
    }

    @Test
    public void beadsButDryWithinTheHourMeansCleanFirst() {
        Consult consult = new Consult();
        consult.mist = Mist.BEADS;
        consult.dry = .9;
        Assessment assessment = consult.assess();
        assertEquals(assessment.conflicts().size(), 1);
        assertTrue(
                assessment.conflicts().get(0).doNext().contains("Clarify"),
                assessment.conflicts().toString());
        assertEquals(confidence(assessment, "porosity"), Confidence.WEAK);
    }

    @Test
    public void fineByRollAndThickByGirthIsNoConflict() {
        Consult consult = new Consult();
        consult.roll = StrandRoll.NOTHING;
        consult.girth = 12.0;
        Assessment assessment = consult.assess();
        assertEquals(assessment.conflicts(), List.of());
        assertEquals(assessment.hair().strand(), Strand.FINE);
        assertEquals(assessment.hair().density(), Density.HIGH);
    }

    @Test
    public void shrinkageFarFromThePatternIsNamed() {
        Consult consult = new Consult();
        consult.pattern = Pattern.WAVY_2A;
        consult.natural = 15.0;
        consult.stretched = 30.0;
        Assessment assessment = consult.assess();
        assertEquals(assessment.conflicts().size(), 1, assessment.conflicts().toString());
        // Measured beats typical: (30 − 15) / 30 = 50 %, index 2.
        assertEquals(assessment.shrinkagePercent(), 50.0);
        assertEquals(assessment.curlIndex(), 2.0);
    }

    @Test
    public void measuredHelicesRaiseNoConflictWithTheirOwnShrinkage() {
        Random random = new Random(51);
        for (int i = 0; i < 2000; i++) {
            double diameterMm = 3 + random.nextDouble() * 50;
            double turns = .5 + random.nextDouble() * 15;
            double s = CurlGeometry.helixShrinkage(diameterMm / 10, 10 / turns);
            if (s > .9) {
                continue; // no hair
            }
            double stretched = 10 + random.nextDouble() * 50;
            Consult consult = new Consult();
            consult.diameter = diameterMm;
            consult.turns = turns;
            consult.stretched = stretched;
            consult.natural = Math.max(.1, CurlGeometry.naturalCm(stretched, s));
            Assessment assessment = consult.assess();
            assertTrue(
                    assessment.conflicts().stream()
                            .noneMatch(conflict -> conflict.fields().contains("naturalCm")),
                    diameterMm + " mm, " + turns + " turns: " + assessment.conflicts());
            assertEquals(assessment.shrinkagePercent(), s * 100, 3, "percent");
        }
    }

    @DataProvider
    Object[][] curls() {
        // mm, turns over 10 cm, whether it may be, shrinkage of its helix by hand: 1 − p / √((πD)² + p²)
        return new Object[][] {
            {50.0, 20.0, false, .97},
            {10.0, 0.0, false, Double.NaN},
            {60.0, .5, false, .27},
            {27.0, .8, true, .17},
            {12.0, 3.0, true, .34},
            {5.0, 10.0, true, .46},
            {80.0, 0.0, true, Double.NaN},
        };
    }

    @Test(dataProvider = "curls")
    public void aCurlThatCannotBeIsMeasuredAgain(double mm, double turns, boolean mayBe, double shrinkage) {
        Consult consult = new Consult();
        consult.diameter = mm;
        consult.turns = turns;
        Assessment assessment = consult.assess();
        assertEquals(
                assessment.conflicts().stream()
                        .noneMatch(conflict -> conflict.fields().contains("turnsPer10cm")),
                mayBe,
                assessment.conflicts().toString());
        assertEquals(
                assessment.readings().stream()
                        .anyMatch(reading ->
                                reading.field().equals("pattern") && reading.confidence() == Confidence.WEAK),
                !mayBe);
        if (!Double.isNaN(shrinkage)) {
            assertEquals(CurlGeometry.helixShrinkage(mm / 10, 10 / turns), shrinkage, .006);
        }
        assertTrue(assessment.shrinkagePercent() == null || assessment.shrinkagePercent() <= 90, "no hair shrinks so");
    }

    @Test
    public void patternsTightenAsCurlsNarrow() {
        Pattern last = Pattern.STRAIGHT;
        for (double mm = 90; mm > 1; mm -= .5) {
            Pattern pattern = PatternByCurl.of(mm, 3.0);
            assertTrue(pattern.ordinal() >= last.ordinal(), mm + " mm: " + pattern);
            last = pattern;
        }
        assertEquals(last, Pattern.COILY_4C);
        assertEquals(PatternByCurl.of(40, .1), Pattern.STRAIGHT);
    }

    @Test
    public void elasticityTellsWhatIsNeeded() {
        Consult consult = new Consult();
        consult.stretch = Stretch.SNAPS;
        assertEquals(consult.assess().hair().condition(), Condition.BRITTLE);
        consult.stretch = Stretch.STAYS_LONG;
        assertEquals(consult.assess().hair().condition(), Condition.OVER_SOFT);
        consult.stretch = Stretch.RETURNS;
        assertNull(consult.assess().hair().condition());
    }

    @Test
    public void massFollowsOnceItCan() {
        Consult consult = new Consult();
        consult.roll = StrandRoll.SOMETHING;
        consult.girth = 8.0;
        consult.natural = 25.0;
        consult.stretched = 30.0;
        // The trade's own figure: 30 cm, medium, medium: about 109 g.
        assertEquals(consult.assess().hairGrams(), 109.0);
    }

    @Test
    public void nothingTestedIsRefused() {
        expectThrows(InvalidException.class, () -> new Consult().assess());
    }

    @Test
    public void anySignOfBuildUpIsBuildUp() {
        Consult consult = new Consult();
        consult.mist = Mist.BEADS;
        assertNull(consult.assess().hair().buildUp());
        consult.signs = Set.of(BuildUpSign.DULL);
        Assessment assessment = consult.assess();
        assertEquals(assessment.hair().buildUp(), Boolean.TRUE);
        assertEquals(assessment.conflicts().size(), 1, "beads on coated hair say nothing of the hair below");
    }

    @Test
    public void aWantedLengthIsWorkedOutBothWays() {
        // By hand: 50 % shrinkage, so 20 cm hanging needs 40 cm stretched, and 30 cm stretched hangs at 15 cm.
        Consult consult = new Consult();
        consult.natural = 15.0;
        consult.stretched = 30.0;
        consult.wantedNatural = 20.0;
        consult.wantedStretched = 30.0;
        Assessment assessment = consult.assess();
        assertEquals(assessment.needsStretchedCm(), 40.0);
        assertEquals(assessment.hangsAtCm(), 15.0);
    }

    @Test
    public void wantedLengthsUndoEachOther() {
        Random random = new Random(52);
        for (int i = 0; i < 1000; i++) {
            Consult consult = new Consult();
            consult.pattern = Pattern.values()[random.nextInt(Pattern.values().length)];
            consult.wantedNatural = 5 + random.nextDouble() * 50;
            double needs = consult.assess().needsStretchedCm();
            Consult back = new Consult();
            back.pattern = consult.pattern;
            back.wantedStretched = needs;
            assertEquals(back.assess().hangsAtCm(), consult.wantedNatural, .15, consult.pattern.word());
        }
    }

    @Test
    public void whatIsStillOpenIsAssumedWithTheTestThatSettlesIt() {
        Consult consult = new Consult();
        consult.roll = StrandRoll.NOTHING;
        List<ReadingField> open = consult.assess().assumed().stream()
                .map(Assessment.Assumed::field)
                .toList();
        assertEquals(
                open, List.of(ReadingField.POROSITY, ReadingField.PATTERN, ReadingField.DENSITY, ReadingField.LENGTH));
        consult.mist = Mist.BEADS;
        consult.girth = 7.0;
        consult.stretched = 30.0;
        consult.pattern = Pattern.CURLY_3A;
        assertEquals(consult.assess().assumed(), List.of());
    }
}
