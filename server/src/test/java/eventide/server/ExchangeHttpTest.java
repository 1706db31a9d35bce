package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Clients out to a file and in again: exact, whole or not at all, whatever the file. */
public class ExchangeHttpTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int HOSTILE = 2_000;

    private RunningServer demo;
    private RunningServer empty;

    @BeforeClass
    public void start() {
        demo = new RunningServer(true);
        empty = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        demo.close();
        empty.close();
    }

    static String brought(String file, String more) {
        return "{\"text\":" + JSON.writeValueAsString(file) + more + "}";
    }

    private static int clients(RunningServer server) {
        return server.get("/api/clients").body().size();
    }

    @Test
    public void aWholeSalonComesInAsItWentOut() {
        JsonNode out = demo.get("/api/exchange").body();
        assertTrue(out.get("clients").size() >= 10, "a salon worth the trip");
        Answer preview = empty.post("/api/exchange/preview", brought(out.toString(), ""));
        assertEquals(preview.body().get("faulty").asInt(), 0, preview.body().toString());
        assertEquals(clients(empty), 0, "only looked at");
        Answer taken = empty.post("/api/exchange", brought(out.toString(), ""));
        assertEquals(taken.status(), 200, taken.body().toString());
        JsonNode again = empty.get("/api/exchange").body();
        assertTrue(again.equals(out), "the same, word for word");
        // Once more: everybody is here already.
        Answer twice = empty.post("/api/exchange", brought(out.toString(), ",\"sameName\":\"KEEP\""));
        assertEquals(twice.body().get("here").asInt(), out.get("clients").size());
        assertEquals(clients(empty), out.get("clients").size());
        // What came in is found like what was made here.
        assertTrue(empty.get("/api/wash-days?product=Kelp%20jelly")
                        .body()
                        .get("lines")
                        .size()
                > 0);
    }

    @Test
    public void aFileWithAFaultIsShownAndNotTaken() {
        JsonNode out = demo.get("/api/exchange?client=1").body();
        String bad = out.toString().replace("\"strand\":\"FINE\"", "\"strand\":\"WIRY\"");
        int before = clients(demo);
        JsonNode preview = demo.post("/api/exchange/preview", brought(bad, "")).body();
        assertEquals(preview.get("faulty").asInt(), 1);
        String pointer = preview.at("/clients/0/faults/0/pointer").asString();
        assertTrue(pointer.startsWith("/clients/0/"), pointer);
        assertTrue(
                preview.at("/clients/0/faults/0/message").asString().contains("FINE, MEDIUM, COARSE"),
                preview.toString());
        assertEquals(
                demo.post("/api/exchange", brought(bad, ",\"sameName\":\"ADD\""))
                        .status(),
                422);
        assertEquals(clients(demo), before);
    }

    @Test
    public void hostileFilesAreRefusedOrTakenWholeAndNeverBreakIt() {
        String file = empty.post("/api/clients", "{\"name\":\"Fuzz\",\"hair\":" + Bodies.HAIR + "}")
                                .status()
                        == 201
                ? small(empty)
                : "";
        Random random = new Random(77);
        int refused = 0;
        int expected = clients(empty);
        for (int i = 0; i < HOSTILE; i++) {
            String hostile = mangled(random, file);
            Answer answer = empty.post("/api/exchange", brought(hostile, ",\"sameName\":\"ADD\""));
            assertTrue(answer.status() < 500, answer.status() + " for " + hostile);
            expected += answer.status() == 200 ? count(hostile) : 0;
            refused += answer.status() == 200 ? 0 : 1;
        }
        assertEquals(clients(empty), expected, "each whole or not at all");
        assertTrue(refused > HOSTILE / 4 && refused < HOSTILE, "refused " + refused);
    }

    private static String small(RunningServer server) {
        for (JsonNode client : server.get("/api/clients").body()) {
            if (client.get("name").asString().equals("Fuzz")) {
                return server.get("/api/exchange?client=" + client.get("id").asLong())
                        .body()
                        .toString();
            }
        }
        throw new AssertionError("no such client");
    }

    private static int count(String text) {
        try {
            return JSON.readTree(text).path("clients").size();
        } catch (tools.jackson.core.JacksonException unreadable) {
            return 0;
        }
    }

    /** A file somebody has been at: bytes lost, doubled, swapped, numbers and words put in the wrong place. */
    private static String mangled(Random random, String file) {
        StringBuilder text = new StringBuilder(file);
        String[] bits = {
            "null", "-1", "1e99", "\"\"", "[]", "{}", "\"2026-13-45T99:00:00Z\"", "true", "\\u0000", "💧", "NaN"
        };
        for (int i = 0, n = random.nextInt(4); i <= n; i++) {
            int at = random.nextInt(text.length());
            switch (random.nextInt(4)) {
                case 0 -> text.delete(at, Math.min(text.length(), at + 1 + random.nextInt(20)));
                case 1 -> text.insert(at, bits[random.nextInt(bits.length)]);
                case 2 -> {
                    int colon = text.indexOf(":", at);
                    int comma = colon < 0 ? -1 : text.indexOf(",", colon);
                    if (comma > colon) {
                        text.replace(colon + 1, comma, bits[random.nextInt(bits.length)]);
                    }
                }
                default -> text.insert(at, text.substring(at, Math.min(text.length(), at + random.nextInt(30))));
            }
            if (text.isEmpty()) {
                return "";
            }
        }
        return text.toString();
    }

    @Test
    public void aClientIsErasedForGoodAndOnlyByName() {
        long id = demo.post("/api/clients", "{\"name\":\"Gone Soon\",\"hair\":" + Bodies.HAIR + "}")
                .body()
                .get("id")
                .asLong();
        long day = demo.post(
                        "/api/clients/" + id + "/wash-days",
                        "{\"name\":\"By hand\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":"
                                + Bodies.AIR + ",\"routine\":" + Bodies.ROUTINE + "}")
                .body()
                .get("id")
                .asLong();
        demo.post(
                "/api/wash-days/" + day + "/events",
                "{\"events\":[{\"id\":\"a\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"BEGIN\"}]}");
        assertEquals(
                demo.post("/api/clients/" + id + "/erasing", "{\"name\":\"Somebody\"}")
                        .status(),
                422);
        assertEquals(
                demo.post("/api/clients/" + id + "/erasing", "{\"name\":\"Gone Soon\"}")
                        .status(),
                200);
        assertEquals(demo.get("/api/clients/" + id).status(), 404);
        assertEquals(demo.get("/api/wash-days/" + day).status(), 404);
        assertFalse(demo.get("/api/exchange").body().toString().contains("Gone Soon"));
    }

    @Test
    public void aWashReopenedIsStillOpenElsewhere() {
        long id = demo.post("/api/clients", "{\"name\":\"Open Again\",\"hair\":" + Bodies.HAIR + "}")
                .body()
                .get("id")
                .asLong();
        long day = demo.post("/api/clients/" + id + "/wash-days", Bodies.washDay("Saturday"))
                .body()
                .get("id")
                .asLong();
        demo.post(
                "/api/wash-days/" + day + "/events",
                """
                {"events":[{"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                           {"id":"b","at":"2026-05-01T09:05:00Z","kind":"DONE","step":0},
                           {"id":"z","at":"2026-05-01T10:00:00Z","kind":"FINISH"}]}""");
        assertEquals(
                demo.rate(
                                day,
                                "{\"castBroken\":true,\"rootsDry\":true,\"byZone\":{\"CROWN\":{\"definition\":6,"
                                        + "\"clumping\":6,\"frizz\":2,\"volume\":5}}}")
                        .status(),
                200);
        demo.post(
                "/api/wash-days/" + day + "/events",
                "{\"events\":[{\"id\":\"c\",\"at\":\"2026-05-01T10:05:00Z\",\"kind\":\"BACK\",\"step\":0}]}");
        JsonNode own = demo.get("/api/wash-days/" + day).body();
        assertTrue(own.has("startedAt") && !own.has("finishedAt"), own.toString());
        String file = demo.get("/api/exchange?client=" + id).body().toString();
        try (RunningServer other = new RunningServer(false)) {
            assertEquals(other.post("/api/exchange", brought(file, "")).status(), 200);
            long there = other.get("/api/clients").body().at("/0/id").asLong();
            JsonNode wash =
                    other.get("/api/clients/" + there + "/wash-days").body().get(0);
            assertEquals(wash.get("startedAt"), own.get("startedAt"));
            assertTrue(!wash.has("finishedAt") && wash.has("rating"), wash.toString());
        }
    }

    @Test
    public void whatIsNoFileOfOursIsSaidSo() {
        for (String text :
                new String[] {"", "hello", "[]", "{\"formatVersion\":2,\"clients\":[]}", "{\"clients\":{}}"}) {
            Answer answer = demo.post("/api/exchange/preview", brought(text, ""));
            assertEquals(answer.status(), 422, text);
            assertTrue(
                    answer.body().toString().contains("no file of"),
                    answer.body().toString());
        }
    }

    private static byte[] picture(int red) throws IOException {
        BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 40; x++) {
            image.setRGB(x, x % 30, red << 16 | x);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    @Test
    public void bottlesOfTheirOwnTravelInAClientsFile() {
        try (RunningServer one = new RunningServer(true);
                RunningServer other = new RunningServer(false)) {
            long shelf = one.post("/api/shelves", "{\"name\":\"At home\",\"clientId\":2}")
                    .body()
                    .get("id")
                    .asLong();
            Answer bottle = one.post(
                    "/api/shelf/items",
                    "{\"product\":{\"name\":\"Tideline gel\",\"role\":\"GEL\",\"hold\":6,\"richness\":1,"
                            + "\"windowLow\":50,\"windowHigh\":98,\"stockMl\":90},\"shelfId\":" + shelf
                            + ",\"facts\":{\"notes\":\"half full\"}}");
            assertEquals(bottle.status(), 201, bottle.body().toString());
            JsonNode out = one.get("/api/exchange?client=2").body();
            JsonNode own = out.at("/clients/0/shelves/0");
            assertEquals(own.get("name").asString(), "At home");
            assertEquals(own.at("/bottles/0/product/name").asString(), "Tideline gel");
            assertEquals(
                    other.post("/api/exchange", brought(out.toString(), "")).status(), 200);
            assertTrue(other.get("/api/exchange").body().equals(out), "the same, bottles and all");
            String bad = out.toString().replace("\"name\":\"At home\"", "\"name\":\" \"");
            JsonNode preview =
                    other.post("/api/exchange/preview", brought(bad, "")).body();
            assertEquals(preview.at("/clients/0/faults/0/pointer").asString(), "/clients/0/shelves/0/name");
        }
    }

    /** Once, however often the same file comes. */
    @Test
    public void whatWasPractisedTravelsInTheSalonsFile() {
        try (RunningServer one = new RunningServer(false);
                RunningServer other = new RunningServer(false)) {
            JsonNode swatch = one.post("/api/practice/swatches", "{\"seed\":4,\"count\":1}")
                    .body()
                    .at("/items/0");
            String hester = "/api/practice/people/Hester/";
            one.post(hester + "readings", "{\"item\":" + swatch + ",\"definition\":4,\"clumping\":5,\"frizz\":2.5}");
            one.post(hester + "guesses", "{\"item\":\"77\",\"percent\":65}");
            one.post("/api/practice/people/Piran/guesses", "{\"item\":\"78\",\"percent\":20}");
            one.post(hester + "faults", "{\"rule\":\"T4\",\"found\":false}");
            JsonNode out = one.get("/api/exchange").body();
            assertEquals(out.at("/practice/0/person").asString(), "Hester");
            assertEquals(out.at("/practice").size(), 2);
            for (int times = 0; times < 2; times++) {
                assertEquals(
                        other.post("/api/exchange", brought(out.toString(), "")).status(), 200);
                assertTrue(other.get("/api/exchange").body().equals(out), "the same, practice and all");
            }
            assertEquals(
                    other.get(hester + "feel").body(), one.get(hester + "feel").body());
            assertEquals(
                    other.get(hester + "faults").body(),
                    one.get(hester + "faults").body());
            String older = out.toString().replaceAll(",\"faults\":\\[[^\\]]*]", "");
            assertTrue(!older.contains("faults"));
            assertEquals(
                    other.post("/api/exchange", brought(older, "")).status(), 200, "a file of before they were kept");
            Answer bad = other.post(
                    "/api/exchange", brought(out.toString().replace("\"percent\":20.0", "\"percent\":120.0"), ""));
            assertEquals(bad.status(), 422);
            assertEquals(bad.body().at("/faults/0/pointer").asString(), "/practice/1/sections/0/guess/percent");
        }
    }

    @Test
    public void photographsTravelInAClientsFileByteForByte() throws IOException {
        JsonNode washes = demo.get("/api/clients/3/wash-days").body();
        long wash = washes.get(0).get("id").asLong();
        String photo = "/api/wash-days/" + wash + "/photos/";
        assertEquals(demo.upload(photo + "FRONT", picture(200), "image/jpeg"), 200);
        assertEquals(demo.upload(photo + "CROWN", picture(90), "image/jpeg"), 200);
        JsonNode out = demo.get("/api/exchange?client=3").body();
        try (RunningServer other = new RunningServer(false)) {
            assertEquals(
                    other.post("/api/exchange", brought(out.toString(), "")).status(), 200);
            assertTrue(other.get("/api/exchange").body().equals(out), "the same, photographs and all");
            long there = other.get("/api/clients/1/wash-days")
                    .body()
                    .get(0)
                    .get("id")
                    .asLong();
            assertEquals(other.photo(there, "CROWN", ""), demo.photo(wash, "CROWN", ""));
            assertEquals(other.photo(there, "CROWN", "?small=true"), demo.photo(wash, "CROWN", "?small=true"));
        }
        String first = out.findValue("jpegBase64").asString();
        for (String worse : new String[] {"no base64!", first.substring(0, 80), "R0lGODlh"}) {
            String bad = out.toString().replace(first, worse);
            JsonNode seen = demo.post("/api/exchange/preview", brought(bad, "")).body();
            assertEquals(seen.get("faulty").asInt(), 1, worse);
            String pointer = seen.at("/clients/0/faults/0/pointer").asString();
            assertTrue(pointer.matches("/clients/0/washDays/\\d+/photos/0/\\w+"), pointer);
            assertEquals(
                    demo.post("/api/exchange", brought(bad, ",\"sameName\":\"ADD\""))
                            .status(),
                    422);
        }
        demo.delete(photo + "FRONT");
        demo.delete(photo + "CROWN");
    }

    @Test
    public void aBackupUnpackedElsewhereIsTheSameSalon() throws IOException {
        Path data = Files.createTempDirectory("eventide-unpacked");
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(demo.bytes("/api/backup")))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Files.copy(zip, data.resolve(Path.of(entry.getName()).getFileName()));
            }
        }
        try (RunningServer unpacked = new RunningServer(data)) {
            for (String path :
                    new String[] {"/api/exchange", "/api/products", "/api/shelves", "/api/exchange/log.json"}) {
                assertTrue(unpacked.get(path).body().equals(demo.get(path).body()), path);
            }
        }
    }

    static String scores(String format, String text) {
        return "{\"format\":\"" + format + "\",\"text\":" + JSON.writeValueAsString(text) + "}";
    }

    static String text(RunningServer server, String path) {
        return new String(server.bytes(path), java.nio.charset.StandardCharsets.UTF_8);
    }

    @Test
    public void theLogAloneGoesOutAndComesInTheSame() {
        for (String format : new String[] {"csv", "json"}) {
            String out = text(demo, "/api/exchange/log." + format);
            String brought = scores(format.toUpperCase(java.util.Locale.ROOT), out);
            JsonNode seen = demo.post("/api/exchange/log/preview", brought).body();
            assertTrue(seen.get("good").asInt() >= 60, seen.toString());
            assertEquals(seen.get("faulty").asInt(), 0, format);
            assertEquals(seen.get("changed").asInt(), 0, format + ": nothing is otherwise");
            assertEquals(demo.post("/api/exchange/log", brought).status(), 200);
            assertEquals(text(demo, "/api/exchange/log." + format), out, format);
        }
    }

    @Test
    public void aTableMendedInASpreadsheetIsTakenWholeOrNotAtAll() {
        String out = text(demo, "/api/exchange/log.csv?client=2");
        String[] lines = out.split("\r\n");
        String[] cells = lines[1].split(",", -1);
        cells[5] = "2,5".replace(',', '.');
        lines[1] = String.join(",", cells);
        String better = String.join("\r\n", lines);
        assertEquals(
                demo.post("/api/exchange/log/preview", scores("CSV", better))
                        .body()
                        .get("changed")
                        .asInt(),
                1);
        cells[5] = "much";
        lines[1] = String.join(",", cells);
        String worse =
                String.join("\r\n", lines) + "\r\nNobody,2026-01-01T00:00:00Z,true,true,CROWN,5,5,5,5,,,,,,,,,,,,";
        JsonNode seen =
                demo.post("/api/exchange/log/preview", scores("CSV", worse)).body();
        assertEquals(seen.get("faulty").asInt(), 2, seen.toString());
        assertTrue(seen.toString().contains("definition must be a number, but was much"), seen.toString());
        assertTrue(seen.toString().contains("there is no wash day of Nobody"), seen.toString());
        assertEquals(demo.post("/api/exchange/log", scores("CSV", worse)).status(), 422);
        assertEquals(text(demo, "/api/exchange/log.csv?client=2"), out, "nothing was written");
        assertEquals(demo.post("/api/exchange/log", scores("CSV", better)).status(), 200);
        assertEquals(text(demo, "/api/exchange/log.csv?client=2"), better + "\r\n");
        for (String text : new String[] {"", "a,b", "client,plannedAt\n\"", "\u0000"}) {
            assertEquals(demo.post("/api/exchange/log", scores("CSV", text)).status(), 422, text);
        }
    }
}
