package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The shelf: bottles, labels, what a wash draws, pairs rubbed, files in and out, photographs. */
public class ShelfHttpTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String BOTTLE =
            """
            {"product":{"name":"%s","role":"GEL","hold":6.5,"richness":2,"windowLow":55,"windowHigh":90,
              "ingredients":"Aqua, \\"VP/VA\\" Copolymer, Glycerin; Parfum","doseUnit":{"name":"pump","ml":1.15},
              "priceCents":1250,"sizeMl":250,"stockMl":100,"texture":"THICK","heatGuard":true},
             "facts":{"windowFrom":"LEARNED","openedOn":"2026-03-02","fromLabel":["HOLD"],"notes":"line one\\nline, two"}}""";

    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private JsonNode bottle(String name) {
        Answer added = server.post("/api/shelf/items", BOTTLE.formatted(name));
        assertEquals(added.status(), 201, added.body().toString());
        return added.body();
    }

    private static String asked(String format, String text, String duplicates) {
        return "{\"format\":\"" + format + "\",\"text\":" + JSON.writeValueAsString(text)
                + (duplicates == null ? "" : ",\"duplicates\":\"" + duplicates + "\"") + "}";
    }

    @Test
    public void aBottleIsKeptChangedPutAwayAndTakenOut() {
        JsonNode added = bottle("Bollard gel");
        long id = added.get("id").asLong();
        assertEquals(added.at("/traits/filmFormers").asString(), "MEDIUM");
        assertEquals(
                server.put("/api/shelf/items/" + id, BOTTLE.formatted("Bollard firm gel"), null)
                        .status(),
                428);
        Answer saved = server.put("/api/shelf/items/" + id, BOTTLE.formatted("Bollard firm gel"), "\"1\"");
        assertEquals(saved.status(), 200, saved.body().toString());
        Answer stale = server.put("/api/shelf/items/" + id, BOTTLE.formatted("Bollard soft gel"), "\"1\"");
        assertEquals(stale.status(), 412);
        assertEquals(stale.body().at("/current/product/name").asString(), "Bollard firm gel");
        assertEquals(server.delete("/api/shelf/items/" + id).status(), 200);
        assertFalse(server.get("/api/shelf/items").body().toString().contains("Bollard firm gel"));
        assertEquals(server.post("/api/shelf/items/" + id + "/back", "").status(), 200);
        assertTrue(server.get("/api/shelf/items").body().toString().contains("Bollard firm gel"));
    }

    @DataProvider
    Object[][] formats() {
        return new Object[][] {{"CSV"}, {"JSON"}};
    }

    @Test(dataProvider = "formats")
    public void whatGoesOutComesInUnchanged(String format) {
        JsonNode added = bottle("Windlass gel " + format);
        long id = added.get("id").asLong();
        String file = server.text("/api/shelf/export?format=" + format);
        Answer changed = server.put(
                "/api/shelf/items/" + id,
                BOTTLE.formatted("Windlass gel " + format).replace("\"hold\":6.5", "\"hold\":1"),
                "\"1\"");
        assertEquals(changed.status(), 200);
        Answer taken = server.post("/api/shelf/import", asked(format, file, "REPLACE"));
        assertEquals(taken.status(), 200, taken.body().toString());
        for (JsonNode item : server.get("/api/shelf/items").body()) {
            if (item.get("id").asLong() == id) {
                assertEquals(item.get("product"), added.get("product"));
                assertEquals(item.get("facts"), added.get("facts"));
            }
        }
        assertEquals(server.text("/api/shelf/export?format=" + format), file);
    }

    @Test
    public void faultsAreShownByLineAndNothingIsWritten() {
        String csv =
                """
                name,role,hold,richness,windowLow,windowHigh
                Hawser cream,CREAM,1,6,40,95
                Hawser paste,PASTE,1,6,40,95
                Hawser gel,GEL,much,2,95,40
                """;
        int before = server.get("/api/shelf/items").body().size();
        Answer preview = server.post("/api/shelf/import/preview", asked("CSV", csv, null));
        assertEquals(preview.body().get("good").asInt(), 1, preview.body().toString());
        assertEquals(preview.body().at("/lines/1/faults/0/pointer").asString(), "/product/role");
        assertTrue(preview.body().at("/lines/2/faults").toString().contains("hold must be a number"));
        Answer taken = server.post("/api/shelf/import", asked("CSV", csv, null));
        assertEquals(taken.status(), 422);
        assertTrue(
                taken.body().at("/faults").toString().contains("line 2"),
                taken.body().toString());
        assertEquals(server.get("/api/shelf/items").body().size(), before);
    }

    @Test
    public void duplicatesAreResolvedByChoice() {
        bottle("Fender gel");
        String csv = "name,role,hold,richness,windowLow,windowHigh\nfender GEL,GEL,3,1,50,90\n";
        Answer preview = server.post("/api/shelf/import/preview", asked("CSV", csv, null));
        assertEquals(preview.body().get("duplicates").asInt(), 1);
        server.post("/api/shelf/import", asked("CSV", csv, "KEEP"));
        assertEquals(named("fender gel"), 1);
        server.post("/api/shelf/import", asked("CSV", csv, "ADD"));
        assertEquals(named("fender gel"), 2);
    }

    private int named(String name) {
        int count = 0;
        for (JsonNode item : server.get("/api/shelf/items").body()) {
            count += item.at("/product/name").asString().equalsIgnoreCase(name) ? 1 : 0;
        }
        return count;
    }

    @DataProvider
    Object[][] hostile() {
        return new Object[][] {
            {"CSV", ""},
            {"CSV", "name\n\"unclosed"},
            {"CSV", "colour,shape\nred,round"},
            {"CSV", "name,name\na,b"},
            {"JSON", "[]"},
            {"JSON", "{"},
            {"JSON", "{\"formatVersion\":9,\"bottles\":[]}"},
            {"JSON", "{\"formatVersion\":1,\"bottles\":[1,null,{}]}"},
        };
    }

    @Test(dataProvider = "hostile")
    public void aFileThatIsNoneIsRefusedInWords(String format, String text) {
        Answer answer = server.post("/api/shelf/import", asked(format, text, null));
        assertEquals(answer.status(), 422, answer.body().toString());
        assertFalse(answer.body().get("detail").asString().isBlank());
    }

    @Test
    public void aFinishedWashDayDrawsOnceAndGivesBack() {
        long id = bottle("Lanyard gel").get("id").asLong();
        long client = server.post("/api/clients", "{\"name\":\"Odo Reach\",\"hair\":" + Bodies.HAIR + "}")
                .body()
                .get("id")
                .asLong();
        String routine = Bodies.steps(
                "{\"action\":\"REWET\"},{\"action\":\"APPLY\",\"amountMl\":12,\"product\":{\"id\":" + id + "}}");
        Answer day = server.post(
                "/api/clients/" + client + "/wash-days",
                "{\"name\":\"By hand\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                        + ",\"routine\":" + routine + "}");
        long number = day.body().get("id").asLong();
        String run =
                """
                {"events":[{"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                  {"id":"b","at":"2026-05-01T09:02:00Z","kind":"DONE","step":0},
                  {"id":"c","at":"2026-05-01T09:08:00Z","kind":"DONE","step":1}]}""";
        server.post("/api/wash-days/" + number + "/events", run);
        server.post("/api/wash-days/" + number + "/events", run);
        assertEquals(left(id), 88.0, "12 of 100 ml, once, however often the chair delivers");
        Answer undone = server.post("/api/wash-days/" + number + "/stock/undo", "");
        assertEquals(undone.body().at("/0/undone").asBoolean(), true);
        assertEquals(left(id), 100.0);
        server.post("/api/wash-days/" + number + "/stock/undo", "");
        assertEquals(left(id), 100.0, "given back once");
    }

    private double left(long id) {
        for (JsonNode item : server.get("/api/shelf/items").body()) {
            if (item.get("id").asLong() == id) {
                return item.at("/product/stockMl").asDouble();
            }
        }
        throw new AssertionError("no product " + id);
    }

    @Test
    public void whatTheFingersSaidStaysWithThePair() {
        long under = bottle("Spar cream").get("id").asLong();
        long over = bottle("Spar gel").get("id").asLong();
        assertTrue(server.get("/api/shelf/pairs/" + under + "/" + over)
                .body()
                .at("/rubbed")
                .isMissingNode());
        Answer rubbed = server.put(
                "/api/shelf/rub-tests",
                "{\"underId\":" + under + ",\"overId\":" + over + ",\"outcome\":\"FLAKES\"}",
                null);
        assertEquals(rubbed.status(), 200, rubbed.body().toString());
        assertEquals(
                server.get("/api/shelf/pairs/" + under + "/" + over)
                        .body()
                        .at("/rubbed/outcome")
                        .asString(),
                "FLAKES");
        for (JsonNode product : server.get("/api/products").body()) {
            boolean flakes = product.path("flakesOver").toString().contains("Spar cream");
            assertEquals(flakes, product.get("id").asLong() == over, product.toString());
        }
        assertEquals(
                server.put("/api/shelf/rub-tests", "{\"underId\":1,\"overId\":1,\"outcome\":\"FLAKES\"}", null)
                        .status(),
                422);
    }

    private byte[] photo(long id) {
        for (JsonNode item : server.get("/api/shelf/items").body()) {
            if (item.get("id").asLong() == id) {
                return server.bytes("/api/shelf/photos/" + item.get("photoKey").asString());
            }
        }
        throw new IllegalStateException("no bottle " + id);
    }

    @Test
    public void aPhotographIsDrawnAnewWithoutItsMetadata() throws IOException {
        long id = bottle("Thole gel").get("id").asLong();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2400, 30, BufferedImage.TYPE_INT_ARGB), "png", png);
        assertEquals(server.upload("/api/shelf/items/" + id + "/photo", png.toByteArray(), "image/png"), 200);
        byte[] kept = photo(id);
        BufferedImage read = ImageIO.read(new java.io.ByteArrayInputStream(kept));
        assertEquals(read.getWidth(), 1200);
        byte[] text = "GIF89a is not what it says".getBytes(StandardCharsets.UTF_8);
        assertEquals(server.upload("/api/shelf/items/" + id + "/photo", text, "image/png"), 422);
        byte[] cut = java.util.Arrays.copyOf(png.toByteArray(), png.size() / 2);
        assertEquals(server.upload("/api/shelf/items/" + id + "/photo", cut, "image/png"), 422);
        assertEquals(server.upload("/api/shelf/items/" + id + "/photo", new byte[9_000_000], "image/png"), 413);
        assertTrue(photo(id).length > 0, "the good one is still there");
    }

    @Test
    public void aLabelIsReadWithValuesForItsRole() {
        Answer read = server.post(
                "/api/labels/read", "{\"ingredients\":\"Aqua, VP/VA Copolymer, Phenoxyethanol\",\"role\":\"GEL\"}");
        assertEquals(read.status(), 200, read.body().toString());
        assertEquals(read.body().get("onePercentAfter").asInt(), 2);
        assertTrue(read.body().at("/proposed/hold").asDouble() > 3);
        assertTrue(read.body().at("/breaks/STRICT").isArray());
        assertEquals(server.post("/api/labels/read", "{}").status(), 422);
        // The plan is made from exactly what the label says: a strict client is refused the sulfate.
        Answer plan = server.post(
                "/api/routines/suggest",
                "{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                        + ",\"schools\":{\"ingredients\":\"STRICT\"},\"shelf\":[" + Bodies.GEL + ","
                        + Bodies.GEL
                                .replace("\"gel\"", "\"stays\"")
                                .replace("\"windowHigh\":98", "\"windowHigh\":98,\"ingredients\":\"Aqua, Dimethicone\"")
                        + "]}");
        assertTrue(
                plan.body().at("/refused/0/because").asString().contains("Dimethicone"),
                plan.body().at("/refused").toString());
    }

    @Test
    public void measuringAndUseAreComputed() {
        assertEquals(
                server.post("/api/shelf/measure", "{\"unit\":\"pump\",\"role\":\"CREAM\",\"doses\":10,\"grams\":12}")
                        .body()
                        .get("ml")
                        .asDouble(),
                1.2);
        assertEquals(server.get("/api/scale").body().get("from").asString(), "simulated scale");
        bottle("Rowlock gel");
        JsonNode use =
                server.post("/api/shelf/use", "{\"hair\":" + Bodies.HAIR + "}").body();
        assertTrue(use.get(0).get("ml").asDouble() > 0);
        assertTrue(use.get(0).get("washesLeft").asDouble() > 0);
    }

    @Test
    public void aBottleIsJudgedOnTheHeadItIsMeantFor() {
        String butter = "{\"product\":{\"name\":\"butter\",\"role\":\"CREAM\",\"hold\":1,\"richness\":9,"
                + "\"windowLow\":40,\"windowHigh\":90}%s}";
        String fine =
                ",\"hair\":{\"strand\":\"FINE\",\"porosity\":\"LOW\",\"pattern\":\"2B\",\"density\":\"LOW\",\"lengthCm\":30}";
        RunningServer.Answer on = server.post("/api/products/on-hair", butter.formatted(fine));
        assertEquals(on.status(), 200);
        assertTrue(
                on.body().get("cautions").toString().contains("Too rich"),
                on.body().toString());
        assertEquals(server.post("/api/products/on-hair", butter.formatted("")).status(), 200);
        assertEquals(server.post("/api/products/on-hair", "{}").status(), 422);
    }
}
