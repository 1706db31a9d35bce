package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The log over HTTP: days after, corrections, two washes side by side, and what is found over all clients. */
public class LogHttpTest {
    private static final String OTHER_GEL =
            """
            {"name":"other gel","role":"GEL","hold":4,"richness":1,"windowLow":60,"windowHigh":98}""";

    private RunningServer server;
    private int clients;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private long client() {
        return server.post("/api/clients", "{\"name\":\"Client " + ++clients + "\",\"hair\":" + Bodies.HAIR + "}")
                .body()
                .get("id")
                .asLong();
    }

    /** A wash that is over, by its id. */
    private long wash(long client, String routine, String more) {
        Answer added = server.post(
                "/api/clients/" + client + "/wash-days",
                "{\"name\":\"By hand\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                        + more + ",\"routine\":" + routine + "}");
        assertEquals(added.status(), 201, added.body().toString());
        long day = added.body().get("id").asLong();
        server.post(
                "/api/wash-days/" + day + "/events",
                """
                {"events":[{"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                           {"id":"z","at":"2026-05-01T10:00:00Z","kind":"FINISH"}]}""");
        return day;
    }

    private long wash(long client) {
        return wash(client, Bodies.ROUTINE, "");
    }

    private Answer rate(long day, double definition, double frizz) {
        return server.rate(
                day,
                "{\"castBroken\":true,\"rootsDry\":true,\"byZone\":{\"CROWN\":{\"definition\":" + definition
                        + ",\"clumping\":6,\"frizz\":" + frizz + ",\"volume\":5,\"softness\":7}},"
                        + "\"strands\":[{\"zone\":\"CROWN\",\"measured\":{\"naturalCm\":21,\"stretchedCm\":30}},"
                        + "{\"zone\":\"NAPE\",\"measured\":{\"naturalCm\":18,\"stretchedCm\":30}}]}");
    }

    @Test
    public void shrinkageIsOfAllStrandsWithItsSpread() {
        JsonNode summary = rate(wash(client()), 6, 3).body().get("summary");
        // By hand: 30 % and 40 %: mean 35, spread 10/√2 = 7.1, error 7.1/√2 = 5.0.
        assertEquals(summary.at("/shrinkage/percent").asDouble(), 35.0);
        assertEquals(summary.at("/shrinkage/spread").asDouble(), 7.1);
        assertEquals(summary.at("/shrinkage/error").asDouble(), 5.0);
        assertEquals(summary.at("/shrinkageByZone/NAPE/percent").asDouble(), 40.0);
        assertEquals(summary.at("/overall/softness").asDouble(), 7.0);
        assertFalse(summary.get("overall").has("shine"), "nobody looked at shine");
    }

    @Test
    public void aCorrectionKeepsWhatWasThereBefore() {
        long day = wash(client());
        rate(day, 4, 5);
        rate(day, 6, 3);
        rate(day, 7, 2);
        JsonNode before = server.get("/api/wash-days/" + day + "/rating/before").body();
        assertEquals(before.size(), 2);
        assertEquals(before.at("/0/rating/byZone/CROWN/definition").asDouble(), 6.0, "the last replaced first");
        assertEquals(before.at("/1/rating/byZone/CROWN/definition").asDouble(), 4.0);
        server.restart();
        assertEquals(
                server.get("/api/wash-days/" + day + "/rating/before").body().size(), 2);
    }

    @Test
    public void daysAfterMakeACurve() {
        long day = wash(client());
        rate(day, 6, 3);
        String path = "/api/wash-days/" + day + "/following/";
        server.put(path + 2, "{\"day\":2,\"definition\":7,\"frizz\":3,\"volume\":6,\"refreshed\":[\"MISTED\"]}", null);
        server.put(path + 3, "{\"day\":3,\"definition\":5,\"frizz\":5,\"volume\":6}", null);
        Answer over = server.put(path + 4, "{\"day\":4,\"definition\":3,\"frizz\":7,\"volume\":6,\"over\":true}", null);
        assertEquals(over.body().at("/wear/daysLasted").asDouble(), 3.0);
        assertEquals(over.body().at("/wear/best").asInt(), 2);
        assertEquals(over.body().get("dueOnDay").asInt(), 4);
        assertFalse(over.body().has("cameOnDay"), "there is no later wash");
        assertTrue(over.body().at("/wear/points/1/refreshed").asBoolean());
        // Once more the same day replaces it.
        server.put(path + 3, "{\"day\":3,\"definition\":6,\"frizz\":5,\"volume\":6}", null);
        JsonNode kept = server.get("/api/wash-days/" + day + "/following").body();
        assertEquals(kept.get("days").size(), 3);
        assertEquals(kept.at("/days/1/definition").asDouble(), 6.0);
        assertEquals(
                server.put(path + 5, "{\"day\":6,\"definition\":3,\"frizz\":7,\"volume\":6}", null)
                        .status(),
                422);
        assertEquals(
                server.put(path + 1, "{\"day\":1,\"definition\":3,\"frizz\":7,\"volume\":6}", null)
                        .status(),
                422);
    }

    @Test
    public void twoWashesAreLaidSideBySide() {
        long client = client();
        long one = wash(client);
        long other = wash(client, Bodies.ROUTINE.replace(Bodies.GEL, OTHER_GEL), "");
        rate(one, 7, 3);
        rate(other, 4, 3);
        JsonNode beside =
                server.get("/api/wash-days/" + one + "/beside/" + other).body();
        assertEquals(beside.at("/comparison/differences").size(), 1, beside.toString());
        assertEquals(beside.at("/comparison/differences/0/text").asString(), "other gel instead of gel");
        assertTrue(beside.at("/comparison/verdict").asString().contains("definition −3.0"), beside.toString());
        assertTrue(beside.at("/one/lengths").size() > 10);
        assertEquals(
                server.get("/api/wash-days/" + one + "/beside/" + wash(client()))
                        .status(),
                422,
                "not of two heads");
    }

    @Test
    public void aWashTakenOutOfTheLogComesBack() {
        long client = client();
        long day = wash(client);
        String tag = server.get("/api/wash-days/" + day).etag();
        assertEquals(server.delete("/api/wash-days/" + day).status(), 204);
        assertEquals(server.get("/api/clients/" + client + "/wash-days").body().size(), 0);
        assertEquals(
                server.get("/api/wash-days?client=" + client)
                        .body()
                        .get("lines")
                        .size(),
                0);
        for (String of :
                new String[] {"", "/tide", "/events", "/stock", "/following", "/rating/before", "/photos", "/live"}) {
            assertEquals(server.get("/api/wash-days/" + day + of).status(), 404, "gone: " + of);
        }
        assertEquals(
                server.put(
                                "/api/wash-days/" + day + "/rating",
                                "{\"castBroken\":true,\"rootsDry\":true,\"byZone\":{\"CROWN\":{\"definition\":6,"
                                        + "\"clumping\":6,\"frizz\":2,\"volume\":5}}}",
                                tag)
                        .status(),
                404);
        assertEquals(server.post("/api/wash-days/" + day + "/stock/undo", "").status(), 404);
        assertEquals(server.delete("/api/wash-days/" + day).status(), 404, "once only");
        assertEquals(server.post("/api/wash-days/" + day + "/back", "").status(), 200);
        assertEquals(server.post("/api/wash-days/" + day + "/back", "").status(), 404, "it is back");
        assertEquals(server.get("/api/clients/" + client + "/wash-days").body().size(), 1);
    }

    @Test
    public void washDaysAreFoundByWhatWasUsedAndWhatCameOfIt() {
        long client = client();
        long plain = wash(client);
        long soft = wash(client, Bodies.ROUTINE.replace(Bodies.GEL, OTHER_GEL), ",\"schools\":{\"fabric\":\"NO\"}");
        rate(plain, 7, 2);
        rate(soft, 4, 6);
        String of = "/api/wash-days?client=" + client;
        assertEquals(ids(of), List.of(soft, plain), "the latest first");
        assertEquals(ids(of + "&product=other%20gel"), List.of(soft));
        assertEquals(ids(of + "&school=fabric%20NO"), List.of(soft));
        assertEquals(ids(of + "&leastDefinition=6"), List.of(plain));
        assertEquals(ids(of + "&mostFrizz=3"), List.of(plain));
        assertEquals(ids(of + "&air=EASY").size(), 2);
        assertEquals(ids(of + "&air=VERY_HUMID"), List.of());
        JsonNode first = server.get(of + "&limit=1").body().at("/lines/0");
        assertEquals(
                ids(of + "&limit=1&before=" + first.get("at").asString() + "&beforeId="
                        + first.get("id").asLong()),
                List.of(plain),
                "the next page");
        assertEquals(server.get(of + "&limit=1000").status(), 422);
        assertEquals(server.get(of + "&air=FOGGY").status(), 400);
    }

    private List<Long> ids(String path) {
        List<Long> ids = new ArrayList<>();
        Answer found = server.get(path);
        assertEquals(found.status(), 200, found.body().toString());
        found.body().get("lines").forEach(line -> ids.add(line.get("id").asLong()));
        return ids;
    }

    /** A picture of so many pixels, with a camera's note that it lies on its side where asked. */
    private static byte[] picture(int width, int height, boolean lies) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        byte[] plain = out.toByteArray();
        if (!lies) {
            return plain;
        }
        // By the EXIF 2.3 layout: APP1, "Exif", big-endian TIFF, one entry: 0x0112 (orientation), SHORT, 1, value 6.
        byte[] exif = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteArrayOutputStream with = new ByteArrayOutputStream();
        with.write(plain, 0, 2);
        with.write(exif);
        with.write(plain, 2, plain.length - 2);
        return with.toByteArray();
    }

    @Test
    public void photographsAreSetUprightStrippedAndKeptWithTheWash() throws IOException {
        long day = wash(client());
        String path = "/api/wash-days/" + day + "/photos";
        assertEquals(server.upload(path + "/FRONT", picture(400, 200, true), "image/jpeg"), 200);
        byte[] kept = server.photo(day, "FRONT", "");
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(kept));
        assertEquals(upright.getWidth() + "x" + upright.getHeight(), "200x400", "turned as the camera noted");
        assertFalse(new String(kept, StandardCharsets.ISO_8859_1).contains("Exif"), "no metadata");
        assertEquals(server.upload(path + "/BACK", picture(3000, 1500, false), "image/jpeg"), 200);
        assertEquals(
                ImageIO.read(new ByteArrayInputStream(server.photo(day, "BACK", "")))
                        .getWidth(),
                1600);
        assertEquals(
                ImageIO.read(new ByteArrayInputStream(server.photo(day, "BACK", "?small=true")))
                        .getWidth(),
                240);
        server.restart();
        assertEquals(server.get(path).body().size(), 2);
        byte[] good = picture(50, 50, false);
        byte[] cut = java.util.Arrays.copyOf(good, good.length / 2);
        assertEquals(server.upload(path + "/LEFT", "no picture".getBytes(StandardCharsets.UTF_8), "image/png"), 422);
        assertEquals(server.upload(path + "/LEFT", cut, "image/jpeg"), 422);
        assertEquals(server.upload(path + "/LEFT", new byte[9_000_000], "image/jpeg"), 413);
        assertEquals(server.upload(path + "/ABOVE", good, "image/jpeg"), 400);
        assertEquals(server.get(path).body().size(), 2);
        assertEquals(server.delete(path + "/BACK").status(), 200);
        assertEquals(server.get(path).body().size(), 1);
    }

    /** Protein given and a first visit over: neither is asked of the consult again. */
    @Test
    public void aWashBegunTodayCountsAtOnce() {
        String read =
                "{\"strand\":\"FINE\",\"porosity\":\"HIGH\",\"pattern\":\"3A\",\"density\":\"MEDIUM\",\"lengthCm\":30,"
                        + "\"newClient\":true,\"daysSinceProtein\":40}";
        long id = server.post("/api/clients", "{\"name\":\"Neve Arrow\",\"hair\":" + read + "}")
                .body()
                .get("id")
                .asLong();
        JsonNode before = server.get("/api/clients/" + id + "/hair").body();
        assertTrue(before.get("newClient").asBoolean());
        assertEquals(before.get("daysSinceProtein").asDouble(), 40.0);
        JsonNode day = server.post(
                        "/api/clients/" + id + "/wash-days",
                        "{\"name\":\"first\",\"hair\":" + read
                                + ",\"goal\":" + Bodies.GOAL + ",\"air\":"
                                + Bodies.AIR
                                + ",\"routine\":{\"formatVersion\":1,\"steps\":[{\"action\":\"CLEANSE\"},{\"action\":\"PROTEIN\","
                                + "\"minutes\":10},{\"action\":\"RINSE\"}]}}")
                .body();
        assertTrue(
                server.get("/api/clients/" + id + "/hair")
                        .body()
                        .get("newClient")
                        .asBoolean(),
                "only planned yet");
        Answer begun = server.post(
                "/api/wash-days/" + day.get("id") + "/events",
                "{\"events\":[{\"id\":\"b\",\"at\":\"" + Instant.now() + "\",\"kind\":\"BEGIN\"}]}");
        assertEquals(begun.status(), 200, begun.body().toString());
        JsonNode after = server.get("/api/clients/" + id + "/hair").body();
        assertFalse(after.get("newClient").asBoolean());
        assertEquals(after.get("daysSinceProtein").asDouble(), 0.0);
        assertEquals(after.get("daysSinceWash").asDouble(), 0.0);
        assertEquals(
                server.get("/api/clients/" + id)
                        .body()
                        .at("/hair/daysSinceProtein")
                        .asDouble(),
                40.0,
                "the reading stays as it was read");
        assertEquals(server.get("/api/clients/999999/hair").status(), 404);
        long unread = server.post("/api/clients", "{\"name\":\"Ula Wick\"}")
                .body()
                .get("id")
                .asLong();
        assertEquals(server.get("/api/clients/" + unread + "/hair").status(), 422);
    }
}
