package eventide.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.hair.Pattern;
import eventide.picture.Measurement.Measure;
import eventide.picture.Measurement.Pixels;
import eventide.practice.Swatch;
import eventide.practice.SwatchLock;
import eventide.shape.InvalidException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.apache.commons.math3.stat.correlation.SpearmansCorrelation;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a picture says of locks whose truth is known: our own drawing's, and others' that nothing was fitted on. */
public class MeasureTest {
    private static final int LOCKS = 240;

    private record Seen(Swatch truth, double[] points) {}

    /** Of the drawing it was fitted on, other seeds, half of them photographed badly. */
    private final List<Seen> seen = IntStream.range(0, LOCKS)
            .parallel()
            .mapToObj(i -> {
                Swatch swatch = Swatch.any(50_000_000L + i * 17L);
                BufferedImage drawn = DrawnLocks.drawn(swatch);
                Look look = Look.at(i % 2 == 0 ? drawn : DrawnLocks.disturbed(drawn, new Random(i)), Look.LOCK_WIDTH);
                return new Seen(swatch, points(look));
            })
            .toList();

    private static double[] points(Look look) {
        double[] points = new double[FittedWord.values().length];
        for (FittedWord word : FittedWord.values()) {
            points[word.ordinal()] = word.of(look.traits());
        }
        return points;
    }

    record Wanted(FittedWord word, ToDoubleFunction<Swatch> truth, double rank, double bias) {
        @Override
        public String toString() {
            return word.name();
        }
    }

    @DataProvider
    public Object[] wanted() {
        return new Object[] {
            new Wanted(FittedWord.FRIZZ, Swatch::frizz, .9, .5),
            new Wanted(FittedWord.DEFINITION, Swatch::definition, .93, .5),
            new Wanted(FittedWord.CLUMPING, Swatch::clumping, .9, .5),
            new Wanted(FittedWord.CLUMP_WIDTH, swatch -> Math.log(swatch.clumpOfLock()), .9, .15),
        };
    }

    @Test(dataProvider = "wanted")
    public void ranksLocksAsTheyAre(Wanted wanted) {
        double[] truth = seen.stream()
                .mapToDouble(one -> wanted.truth().applyAsDouble(one.truth()))
                .toArray();
        double[] read = seen.stream()
                .mapToDouble(one -> one.points()[wanted.word().ordinal()])
                .toArray();
        double rank = new SpearmansCorrelation().correlation(truth, read);
        double bias = IntStream.range(0, truth.length)
                .mapToDouble(i -> read[i] - truth[i])
                .average()
                .orElseThrow();
        assertTrue(rank >= wanted.rank(), "rank correlation " + rank);
        assertTrue(Math.abs(bias) < wanted.bias(), "bias " + bias);
    }

    /**
     * A drawing nothing was fitted on.
     *
     * @param clumpWidth least rank of it where definition is over 4: below that nobody could count the clumps
     */
    record Foreign(String name, Drawing drawing, double frizz, double definition, double clumpWidth) {
        @Override
        public String toString() {
            return name;
        }
    }

    interface Drawing {
        BufferedImage of(double definition, int across, double frizz, boolean dark, long seed);
    }

    @DataProvider
    public Object[] foreign() {
        return new Object[] {
            new Foreign("ribbons", RibbonDrawing::of, .9, .5, .6), new Foreign("field", FieldDrawing::of, .8, .75, .85),
        };
    }

    @Test(dataProvider = "foreign")
    public void ranksLocksOfAnotherDrawing(Foreign foreign) {
        Random chance = new Random(4);
        List<Strange> locks = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            locks.add(Strange.of(
                    foreign.drawing(),
                    10 * chance.nextDouble(),
                    10 * chance.nextDouble(),
                    3 + chance.nextInt(14),
                    i % 2 == 0,
                    i));
        }
        assertRanked(locks, FittedWord.FRIZZ, Strange::frizz, foreign.frizz());
        assertRanked(locks, FittedWord.DEFINITION, Strange::definition, foreign.definition());
        List<Strange> defined =
                locks.stream().filter(lock -> lock.definition() > 4).toList();
        assertTrue(defined.size() > 20);
        assertRanked(defined, FittedWord.CLUMP_WIDTH, lock -> 1.0 / lock.across(), foreign.clumpWidth());
    }

    /** A lock of such a drawing, and what is read off it. */
    record Strange(double frizz, double definition, int across, double[] read) {
        static Strange of(Drawing drawing, double frizz, double definition, int across, boolean dark, long seed) {
            BufferedImage drawn = drawing.of(definition, across, frizz, dark, seed);
            return new Strange(frizz, definition, across, points(Look.at(drawn, Look.LOCK_WIDTH)));
        }
    }

    private static void assertRanked(
            List<Strange> locks, FittedWord word, ToDoubleFunction<Strange> truth, double least) {
        double rank = new SpearmansCorrelation()
                .correlation(
                        locks.stream().mapToDouble(truth).toArray(),
                        locks.stream()
                                .mapToDouble(lock -> lock.read()[word.ordinal()])
                                .toArray());
        assertTrue(rank >= least, word + " " + rank);
    }

    record Disturbance(String name, UnaryOperator<BufferedImage> done) {
        @Override
        public String toString() {
            return name;
        }
    }

    @DataProvider
    public Object[] disturbances() {
        return new Object[] {
            new Disturbance("darker", image -> DrawnLocks.lit(image, .7, 0, new Random(1))),
            new Disturbance("brighter", image -> DrawnLocks.lit(image, 1.3, 0, new Random(1))),
            new Disturbance("tilted left", image -> DrawnLocks.tilted(image, -8)),
            new Disturbance("tilted right", image -> DrawnLocks.tilted(image, 8)),
            new Disturbance("noise", image -> DrawnLocks.lit(image, 1, 6, new Random(1))),
            new Disturbance("half", image -> Scaling.by(image, .5)),
            new Disturbance("double", image -> Scaling.by(image, 2)),
            new Disturbance("JPEG at 60", image -> DrawnLocks.jpeg(image, .6f)),
        };
    }

    @Test(dataProvider = "disturbances")
    public void isMovedByLessThanAPointByACamera(Disturbance one) {
        double[] moved = new double[3];
        int locks = 8;
        for (int i = 0; i < locks; i++) {
            Swatch any = Swatch.any(60_000_000L + i * 13L);
            Swatch swatch = new Swatch(
                    any.definition(),
                    any.clumpMillimetres(),
                    any.frizz(),
                    any.shine(),
                    any.pattern(),
                    1,
                    any.dark(),
                    any.seed());
            BufferedImage drawn = DrawnLocks.drawn(swatch);
            double[] before = points(Look.at(drawn, Look.LOCK_WIDTH));
            double[] after = points(Look.at(one.done().apply(drawn), Look.LOCK_WIDTH));
            for (int word = 0; word < moved.length; word++) {
                moved[word] += Math.abs(after[word] - before[word]) / locks;
            }
        }
        for (int word = 0; word < moved.length; word++) {
            assertTrue(moved[word] < 1, FittedWord.values()[word] + " moved by " + moved[word]);
        }
    }

    private static Measurement measured(BufferedImage image) {
        return measured(image, null);
    }

    private static Measurement measured(BufferedImage image, Ruler ruler) {
        return Measurer.measure(
                image, new Pixels(image.getWidth(), image.getHeight()), MarkerSheet.SQUARE, View.SWATCH, ruler);
    }

    /** A card is so many millimetres wide: said by two taps at its sides, whatever the size the picture is kept in. */
    @Test
    public void twoTapsSetTheScaleWhereNoSheetIsInView() {
        BufferedImage drawn = DrawnLocks.drawn(usual());
        Ruler across = new Ruler(0.0, .5, 1.0, .5, SwatchLock.CARD_WIDTH);
        Measurement plain = measured(drawn);
        assertEquals(plain.measures().lengthOnPicture().unit(), "px");
        for (double size : new double[] {1, .8}) {
            Measurement ruled = measured(Scaling.by(drawn, size), across);
            assertEquals(ruled.ruler(), across);
            assertEquals(ruled.millimetresPerPixel(), 1 / (SwatchDrawing.USUAL_SCALE * size), 1e-3);
            assertEquals(ruled.measures().clumpWidth().unit(), "mm");
            assertEquals(
                    ruled.measures().lengthOnPicture().value(),
                    plain.measures().lengthOnPicture().value() / SwatchDrawing.USUAL_SCALE,
                    2);
        }
    }

    @DataProvider
    public Object[][] noRulers() {
        return new Object[][] {
            {.2, .2, .2, .22, 50.0, "the two ends must lie further apart: tap something longer"},
            {-.1, .2, .5, .5, 50.0, "fromX must be from 0 to 1, but was -0.1"},
            {.1, .2, .5, .5, 4.0, "millimetres must be from 5 to 2000 mm, but was 4"},
            {.1, .2, .5, null, 50.0, "toY must be given"},
        };
    }

    @Test(dataProvider = "noRulers")
    public void whatIsNoRulerIsRefused(
            Double fromX, Double fromY, Double toX, Double toY, Double millimetres, String because) {
        InvalidException refused =
                expectThrows(InvalidException.class, () -> new Ruler(fromX, fromY, toX, toY, millimetres));
        assertEquals(refused.faults().get(0).message(), because);
    }

    private static Swatch usual() {
        return new Swatch(7, 6, 2, 5, Pattern.CURLY_3A, 1, true, 3);
    }

    @Test
    public void everyFigureLiesInsideItsInterval() {
        Measurement measured = measured(DrawnLocks.drawn(usual()));
        assertTrue(measured.quality().fit(), measured.quality().toString());
        for (Measure one : List.of(
                measured.measures().frizz(),
                measured.measures().definition(),
                measured.measures().clumping(),
                measured.measures().clumpWidth(),
                measured.measures().volume(),
                measured.measures().lengthOnPicture(),
                measured.measures().shine())) {
            assertTrue(one.low() <= one.value() && one.value() <= one.high() && one.low() < one.high(), one.toString());
        }
        assertTrue(measured.overlay().startsWith("data:image/png;base64,"));
        assertNull(measured.millimetresPerPixel());
    }

    record Unfit(String says, BufferedImage image) {
        @Override
        public String toString() {
            return says;
        }
    }

    @DataProvider
    public Object[] unfit() {
        BufferedImage drawn = DrawnLocks.drawn(usual());
        BufferedImage blank = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        BufferedImage busy = DrawnLocks.drawn(usual());
        int ground = busy.getRGB(1, 1);
        for (int y = 0; y < busy.getHeight(); y++) {
            for (int x = 0; x < busy.getWidth(); x++) {
                if (busy.getRGB(x, y) == ground && (x / 30 + y / 30) % 2 == 0) {
                    busy.setRGB(x, y, 0x705050);
                }
            }
        }
        BufferedImage cut = drawn.getSubimage(drawn.getWidth() / 2, 0, drawn.getWidth() / 2, drawn.getHeight());
        return new Object[] {
            new Unfit("No hair", blank),
            new Unfit("too small", Scaling.by(drawn, .2)),
            new Unfit("not sharp", Scaling.to(Scaling.by(drawn, .08), drawn.getWidth(), drawn.getHeight())),
            new Unfit("cut off", cut),
            new Unfit("not plain", busy),
        };
    }

    @Test(dataProvider = "unfit")
    public void whatIsUnfitGetsNoNumbersButAWayOut(Unfit one) {
        Measurement measured = measured(one.image());
        assertFalse(measured.quality().fit());
        assertEquals(measured.measures(), Measurement.Measures.NONE);
        assertNull(measured.overlay());
        assertTrue(
                measured.quality().faults().stream()
                        .anyMatch(fault -> fault.what().contains(one.says())
                                && !fault.doNext().isEmpty()),
                measured.quality().toString());
    }

    /** The sheet as it would be seen, its square so many pixels wide. */
    private static BufferedImage sheet(double pixelsPerMillimetre) {
        BufferedImage page = new BufferedImage(
                (int) (210 * pixelsPerMillimetre), (int) (297 * pixelsPerMillimetre), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = page.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, page.getWidth(), page.getHeight());
        pen.setColor(Color.BLACK);
        double module = MarkerSheet.SQUARE / MarkerSheet.MODULES * pixelsPerMillimetre;
        var square = MarkerSheet.square();
        for (int y = 0; y < MarkerSheet.MODULES; y++) {
            for (int x = 0; x < MarkerSheet.MODULES; x++) {
                if (square.get(x, y)) {
                    pen.fill(new java.awt.geom.Rectangle2D.Double(
                            MarkerSheet.LEFT * pixelsPerMillimetre + x * module,
                            MarkerSheet.TOP * pixelsPerMillimetre + y * module,
                            module,
                            module));
                }
            }
        }
        pen.dispose();
        return page;
    }

    @Test
    public void theSheetTellsMillimetres() {
        for (double each : new double[] {2.5, 4, 6}) {
            BufferedImage page = sheet(each);
            Swatch swatch = new Swatch(8, 6, 1, 5, Pattern.CURLY_3A, 1, true, 9);
            BufferedImage lock = SwatchDrawing.of(swatch, each);
            Graphics2D pen = page.createGraphics();
            pen.drawImage(lock, (int) (70 * each), (int) (110 * each), null);
            pen.dispose();
            Marker marker = Marker.in(page, MarkerSheet.SQUARE);
            assertNotNull(marker, "at " + each);
            assertEquals(marker.millimetresPerPixel(), 1 / each, .03 / each, "at " + each);
            assertTrue(marker.tiltDegrees() < 8, "straight");
        }
        assertNull(Marker.in(DrawnLocks.drawn(usual()), MarkerSheet.SQUARE));
    }

    /** The sheet with its greys and a lock below it. */
    private static BufferedImage withGreys(Swatch swatch, double each) {
        BufferedImage page = sheet(each);
        Graphics2D pen = page.createGraphics();
        int[] greys = {255, 192, 128, 64, 0};
        for (int i = 0; i < greys.length; i++) {
            pen.setColor(new Color(greys[i], greys[i], greys[i]));
            pen.fill(new java.awt.geom.Rectangle2D.Double(
                    (MarkerSheet.PATCHES_LEFT + i * MarkerSheet.PATCH) * each,
                    MarkerSheet.TOP * each,
                    MarkerSheet.PATCH * each,
                    MarkerSheet.PATCH * each));
        }
        pen.drawImage(SwatchDrawing.of(swatch, each), (int) (70 * each), (int) (80 * each), null);
        pen.dispose();
        return page;
    }

    private static BufferedImage lit(BufferedImage page, float red, float green, float blue) {
        return new java.awt.image.RescaleOp(new float[] {red, green, blue}, new float[3], null).filter(page, null);
    }

    record OtherLight(float red, float green, float blue, String says) {
        @Override
        public String toString() {
            return says == null ? "as it was" : says;
        }
    }

    @DataProvider
    public Object[] lights() {
        return new Object[] {
            new OtherLight(1, 1, 1, null),
            new OtherLight(.9f, .9f, .9f, null),
            new OtherLight(.6f, .6f, .6f, "darker by 40 %"),
            new OtherLight(1, .9f, .7f, "warmer"),
            new OtherLight(.7f, .85f, 1, "cooler"),
        };
    }

    /** By the sheet's grey another light is told, and is no reason not to measure; without its greys nothing is said of it. */
    @Test(dataProvider = "lights")
    public void anotherLightThanLastTimeIsSaid(OtherLight light) {
        BufferedImage page = withGreys(usual(), 3);
        Measurement before = measured(page);
        assertNotNull(before.light());
        assertEquals(before.light().red(), 192, 3);
        Measurement now =
                measured(lit(page, light.red(), light.green(), light.blue())).after(before.light());
        assertEquals(now.quality().fit(), before.quality().fit());
        List<String> said = now.quality().faults().stream()
                .map(Measurement.PictureFault::what)
                .filter(what -> what.contains("light"))
                .toList();
        assertEquals(said.isEmpty(), light.says() == null, said.toString());
        assertTrue(said.isEmpty() || said.get(0).contains(light.says()), said.toString());
        assertNull(measured(sheet(3)).light());
        assertEquals(before.after(null), before);
    }

    /** Under a yellow lamp the sheet sets the white right again: what is measured hardly moves. */
    @Test
    public void theSheetSetsTheWhiteBalance() {
        BufferedImage page = withGreys(usual(), 3);
        Measurement white = measured(page);
        Measurement yellow = measured(lit(page, 1, .85f, .6f));
        assertTrue(white.quality().fit() && yellow.quality().fit(), white.quality() + " " + yellow.quality());
        assertEquals(yellow.measures().frizz().value(), white.measures().frizz().value(), .5);
        assertEquals(
                yellow.measures().definition().value(),
                white.measures().definition().value(),
                .5);
        assertEquals(yellow.measures().shine().value(), white.measures().shine().value(), 1);
    }
}
