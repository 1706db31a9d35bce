package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.practice.Swatch;
import eventide.practice.SwatchReading;
import eventide.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Map;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Pictures measured and swatches scored at the front door. */
public class PictureHttpTest {
    private static final String MEASURE = "/api/pictures/measure";

    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private byte[] swatch(String item) {
        return server.bytes("/api/practice/swatches/" + item + ".png");
    }

    private static byte[] written(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    @Test
    public void aSwatchIsMeasuredNearItsTruth() {
        double off = 0;
        int measured = 0;
        for (int item = 900; item < 908; item++) {
            Answer answer = server.form(MEASURE, swatch("" + item), Map.of("view", "SWATCH"));
            assertEquals(answer.status(), 200, answer.body().toString());
            JsonNode definition = answer.body().at("/measures/definition");
            if (answer.body().at("/quality/fit").asBoolean()) {
                assertTrue(definition.get("low").asDouble()
                        < definition.get("high").asDouble());
                assertTrue(answer.body().get("overlay").asString().startsWith("data:image/png;base64,"));
                off += Math.abs(
                        definition.get("value").asDouble() - Swatch.any(item).definition());
                measured++;
            }
        }
        assertTrue(measured >= 6, measured + " of 8 fit");
        assertTrue(off / measured < 1.5, "mean error " + off / measured);
    }

    @Test
    public void aPictureThatIsNotFitGetsNoNumbers() throws IOException {
        Answer answer =
                server.form(MEASURE, written(new BufferedImage(200, 300, BufferedImage.TYPE_INT_RGB), "png"), Map.of());
        assertEquals(answer.status(), 200);
        assertFalse(answer.body().at("/quality/fit").asBoolean());
        assertFalse(answer.body().get("measures").has("frizz"));
        assertFalse(answer.body().has("overlay"));
        assertEquals(answer.body().at("/pixels/height").asInt(), 300);
        assertFalse(answer.body().at("/quality/faults/0/doNext").asString().isEmpty());
    }

    record Refused(String name, byte[] image, Map<String, String> fields, int status, String says) {
        @Override
        public String toString() {
            return name;
        }
    }

    @DataProvider
    public Object[] refused() throws IOException {
        byte[] whole = written(new BufferedImage(200, 300, BufferedImage.TYPE_INT_RGB), "png");
        return new Object[] {
            new Refused("no picture", "a shopping list".getBytes(), Map.of(), 422, "no picture"),
            new Refused("cut short", Arrays.copyOf(whole, whole.length / 2), Map.of(), 422, "damaged"),
            new Refused("a marker too small", whole, Map.of("markerMillimetres", "1"), 422, "from 5 to 400 mm"),
            new Refused("no number", whole, Map.of("markerMillimetres", "wide"), 400, "markerMillimetres"),
            new Refused("another view", whole, Map.of("view", "TOP"), 400, "CROWN"),
            new Refused("too large", new byte[8_050_000], Map.of(), 413, "most"),
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeMeasuredSaysWhy(Refused one) {
        Answer answer = server.form(MEASURE, one.image(), one.fields());
        assertEquals(answer.status(), one.status(), answer.body().toString());
        assertTrue(
                answer.body().get("detail").asString().contains(one.says()),
                answer.body().toString());
    }

    @Test
    public void aFormThatIsNoneSaysSo() {
        Answer none = server.send(MEASURE, "{}", "multipart/form-data");
        assertEquals(none.status(), 400, none.body().toString());
        assertTrue(
                none.body().get("detail").asString().contains("\"image\""),
                none.body().toString());
        Answer empty = server.send(MEASURE, "--x--\r\n", "multipart/form-data; boundary=x");
        assertEquals(empty.status(), 400, empty.body().toString());
    }

    @Test
    public void theSheetIsServed() {
        String sheet = server.text("/api/pictures/marker-sheet.svg");
        assertTrue(sheet.contains("width=\"210mm\" height=\"297mm\""), sheet.substring(0, 200));
    }

    @Test
    public void aSwatchShownAgainIsTheSameMirrored() throws IOException {
        BufferedImage first = ImageIO.read(new ByteArrayInputStream(swatch("31")));
        BufferedImage again = ImageIO.read(new ByteArrayInputStream(swatch("31" + SwatchReading.AGAIN)));
        int width = first.getWidth();
        for (int x = 0; x < width; x += 13) {
            assertEquals(again.getRGB(width - 1 - x, 200), first.getRGB(x, 200));
        }
        assertEquals(server.get("/api/practice/swatches/a-lock.png").status(), 422);
    }

    private static String reading(String item, double points) {
        return "{\"item\":\"" + item + "\",\"definition\":" + points + ",\"clumping\":5,\"frizz\":5}";
    }

    @Test
    public void whatAnEyeScoredIsKeptUnderItsName() {
        String path = "/api/practice/people/Hester%20K";
        JsonNode items = server.post(path + "/swatches", "{\"seed\":4,\"count\":10}")
                .body()
                .get("items");
        assertEquals(items.size(), 10);
        for (JsonNode item : items) {
            Answer told = server.post(path + "/readings", reading(item.asString(), 6));
            assertEquals(told.status(), 200, told.body().toString());
            assertFalse(told.body().at("/truth/why").asString().isEmpty());
        }
        server.restart();
        JsonNode eye = server.get(path).body();
        assertEquals(eye.get("swatches").asInt(), 10);
        assertEquals(eye.at("/read/0/item").asString(), items.get(0).asString());
        assertTrue(server.get("/api/practice/people").body().get("people").has("Hester K"));
        JsonNode next = server.post(path + "/swatches", "{\"seed\":5,\"count\":10}")
                .body()
                .get("items");
        assertTrue(next.toString().contains(SwatchReading.AGAIN + "\""), "some are shown again: " + next);
        Answer stateless = server.post("/api/practice/eye", "[" + reading("5", 4) + "]");
        Answer nothing = server.post("/api/practice/eye", "[" + reading("5", 4) + ",null]");
        assertEquals(nothing.status(), 422);
        assertEquals(nothing.body().at("/faults/0/pointer").asString(), "/1");
        assertEquals(stateless.body().get("swatches").asInt(), 1);
        assertEquals(server.post(path + "/readings", reading("none", 4)).status(), 422);
        assertEquals(server.post(path + "/readings", reading("5", 14)).status(), 422);
    }
}
