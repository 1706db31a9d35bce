package eventide.practice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.practice.EyeReport.OfScore;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import org.testng.annotations.Test;

/** What an eye's scores of drawn swatches say of it. */
public class EyeTest {
    /** Reads what it sees and so many points more, give or take. */
    private static SwatchReading read(String item, double definition, double frizz, double noise, Random chance) {
        Swatch swatch = SwatchReading.swatchOf(item);
        return new SwatchReading(
                item,
                within(swatch.definition() + definition + noise * chance.nextGaussian()),
                within(swatch.clumping() + noise * chance.nextGaussian()),
                within(swatch.frizz() + frizz + noise * chance.nextGaussian()));
    }

    private static double within(double points) {
        return Math.max(0, Math.min(10, points));
    }

    private static OfScore of(EyeScore score, EyeReport report) {
        return report.scores().stream()
                .filter(one -> one.score() == score)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void findsWhatAnEyeReadsLow() {
        Random chance = new Random(3);
        List<SwatchReading> readings = new ArrayList<>();
        for (int sitting = 0; sitting < 4; sitting++) {
            for (String item : new SwatchSet((long) sitting, 10, readings).items()) {
                readings.add(read(item, 0, -1.5, .4, chance));
            }
        }
        EyeReport report = EyeReport.of(readings);
        OfScore frizz = of(EyeScore.FRIZZ, report);
        assertTrue(frizz.low() <= frizz.bias() && frizz.bias() <= frizz.high() && frizz.high() < 0, frizz.toString());
        assertTrue(Math.abs(frizz.bias() + 1.35) < .4, "some is lost at the end of the scale: " + frizz);
        assertTrue(report.words().contains("frizz −1."), report.words());
        assertTrue(frizz.againstItself() < .8, "steady against itself: " + frizz);
    }

    @Test
    public void whatWasSeenComesBackMirroredAndOnlyOnce() {
        Random chance = new Random(5);
        List<SwatchReading> readings = new ArrayList<>();
        for (int sitting = 0; sitting < 6; sitting++) {
            List<String> items = new SwatchSet((long) sitting, 10, readings).items();
            assertEquals(new HashSet<>(items).size(), 10, "none twice in one sitting");
            assertEquals(
                    items.stream().filter(SwatchReading::isAgain).count(),
                    sitting == 0 ? 0 : 2,
                    "two of ten come back");
            for (String item : items) {
                assertTrue(readings.stream().noneMatch(one -> one.item().equals(item)), item + " was shown so before");
                readings.add(read(item, 0, 0, .3, chance));
            }
        }
        assertEquals(SwatchReading.swatchOf("12m"), SwatchReading.swatchOf("12"), "the same lock");
    }

    /** Mean over what is shown next. */
    private static double shown(List<SwatchReading> before, ToDoubleFunction<Swatch> of) {
        double sum = 0;
        int count = 0;
        for (long seed = 0; seed < 30; seed++) {
            for (String item : new SwatchSet(seed, 8, before).items()) {
                if (!SwatchReading.isAgain(item)) {
                    sum += of.applyAsDouble(SwatchReading.swatchOf(item));
                    count++;
                }
            }
        }
        return sum / count;
    }

    @Test
    public void showsMoreOfWhatThisEyeMisreads() {
        List<SwatchReading> readings = new ArrayList<>();
        for (long item = 1; item <= 60; item++) {
            Swatch swatch = Swatch.any(item);
            double off = swatch.frizz() > 6.7 ? -4 : 0;
            readings.add(read(Long.toString(item), 0, off, 0, new Random(item)));
        }
        assertTrue(shown(readings, Swatch::frizz) > shown(List.of(), Swatch::frizz) + 1);
    }

    @Test
    public void theSameQuestionHasTheSameAnswer() {
        assertEquals(new SwatchSet(9L, 10, null).items(), new SwatchSet(9L, 10, null).items());
    }

    @Test
    public void littleSaysLittle() {
        assertTrue(EyeReport.of(List.of()).words().startsWith("Score ten"));
        OfScore alone = of(EyeScore.FRIZZ, EyeReport.of(List.of(new SwatchReading("7", 5.0, 5.0, 5.0))));
        assertNull(alone.low());
        assertNull(alone.againstItself());
        assertNull(alone.drift());
    }

    @Test
    public void tellsTheTruthInTheRubricsWords() {
        Swatch swatch = Swatch.any(21);
        SwatchTruth right =
                SwatchTruth.of(new SwatchReading("21", swatch.definition(), swatch.clumping(), swatch.frizz()));
        assertTrue(right.why().startsWith("Read as it is"), right.why());
        double high = Math.min(10, swatch.frizz() + 3);
        assertTrue(
                right.drawn()
                        .startsWith(String.format(
                                Locale.ROOT,
                                "Drawn as %s, which shrinks by %.0f %%, ",
                                swatch.pattern().word(),
                                100 * swatch.pattern().typicalShrinkage())),
                right.drawn());
        SwatchTruth wrong = SwatchTruth.of(new SwatchReading("21", swatch.definition(), swatch.clumping(), high));
        assertTrue(wrong.why().startsWith("Frizz read") && wrong.why().contains("too high"), wrong.why());
    }

    @Test
    public void whatIsNoSwatchIsRefused() {
        expectThrows(InvalidException.class, () -> new SwatchReading("a lock", 5.0, 5.0, 5.0));
        expectThrows(InvalidException.class, () -> new SwatchReading("4", 5.0, 11.0, 5.0));
        expectThrows(InvalidException.class, () -> new SwatchSet(1L, 41, null));
        expectThrows(InvalidException.class, () -> new Swatch(5, 40, 5, 5, eventide.hair.Pattern.CURLY_3A, 1, true, 1));
    }
}
