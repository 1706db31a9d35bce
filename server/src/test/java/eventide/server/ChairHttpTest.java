package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The chair over HTTP: nothing that happened is lost, doubled or taken differently than on the screen. */
public class ChairHttpTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int RUNS = 120;
    /** A routine of seven steps, the third done on three sections. */
    private static final String ROUTINE = Bodies.steps(
            """
            {"action":"RINSE"},
            {"action":"MASK","minutes":10,"product":{"name":"mask","role":"MASK","hold":0,"richness":8,"windowLow":0,"windowHigh":100}},
            {"action":"EACH_SECTION","sections":3,"steps":[{"action":"APPLY","product":%s},{"action":"SMOOTH","minutes":3}]},
            {"action":"SCRUNCH","count":3},
            {"action":"HOVER","untilDry":57},
            {"action":"CUP","untilDry":100},
            {"action":"BREAK_CAST"}"""
                    .formatted(Bodies.GEL));

    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    private long client() {
        return server.post("/api/clients", "{\"name\":\"Hale Dunnock\",\"hair\":" + Bodies.HAIR + "}")
                .body()
                .get("id")
                .asLong();
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private String washDay() {
        Answer added = server.post(
                "/api/clients/" + client() + "/wash-days",
                "{\"name\":\"By hand\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                        + ",\"routine\":" + ROUTINE + "}");
        assertEquals(added.status(), 201, added.body().toString());
        return "/api/wash-days/" + added.body().get("id").asLong();
    }

    private Answer send(String day, String... events) {
        return server.post(day + "/events", "{\"events\":[" + String.join(",", events) + "]}");
    }

    private static String event(String id, String time, String kind, String more) {
        return "{\"id\":\"" + id + "\",\"at\":\"2026-05-01T" + time + "Z\",\"kind\":\"" + kind + "\"" + more + "}";
    }

    private static String step(int index) {
        return ",\"step\":" + index;
    }

    @Test
    public void theScreenAndTheServerMakeTheSameOfAnyRun() throws IOException, InterruptedException {
        Random random = new Random(5);
        int over = 0;
        for (String line : fromTheScreen().split("\n")) {
            JsonNode run = JSON.readTree(line);
            List<String> events = new ArrayList<>();
            run.get("events").forEach(event -> events.add(event.toString()));
            String day = washDay();
            // In two deliveries that overlap, out of order, as after a crash.
            int cut = events.isEmpty() ? 0 : random.nextInt(events.size());
            List<String> later = new ArrayList<>(events.subList(cut, events.size()));
            List<String> earlier = new ArrayList<>(events.subList(0, Math.min(events.size(), cut + 2)));
            Collections.shuffle(later, random);
            Collections.shuffle(earlier, random);
            assertEquals(send(day, later.toArray(String[]::new)).status(), 200);
            Answer all = send(day, earlier.toArray(String[]::new));
            assertEquals(all.body().size(), events.size(), "each event once");
            JsonNode kept = server.get(day).body().get("record");
            assertTrue(plain(kept).equals(plain(run.get("record"))), kept + "\n" + line);
            over += kept.has("finishedAt") ? 1 : 0;
        }
        assertTrue(over > 5, "some runs end");
    }

    private static String fromTheScreen() throws IOException, InterruptedException {
        Path web = Path.of("..", "web").toAbsolutePath().normalize();
        Process node = new ProcessBuilder(
                        "node",
                        Path.of("src/test/resources/chair-runs.mjs").toString(),
                        web.toString(),
                        Integer.toString(RUNS),
                        JSON.readTree(ROUTINE).get("steps").toString())
                .redirectErrorStream(true)
                .start();
        String out = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(node.waitFor(), 0, out);
        String[] lines = out.strip().split("\n");
        assertEquals(lines.length, RUNS);
        return out.strip();
    }

    /** A bottle is told by its name: the two sides write its numbers each in their own way. */
    private static JsonNode plain(JsonNode record) {
        ObjectNode plain = (ObjectNode) record.deepCopy();
        for (JsonNode swap : (ArrayNode) plain.get("swapped")) {
            ((ObjectNode) swap).put("product", swap.at("/product/name").asString());
        }
        return plain;
    }

    @Test
    public void theWaterRunsAsItWasReallyDone() {
        String day = washDay();
        send(day, event("a", "09:00:00", "BEGIN", ""), event("b", "09:02:00", "DONE", step(0)));
        JsonNode live = server.get(day + "/live?now=2026-05-01T09:06:00Z").body();
        assertEquals(live.get("minute").asDouble(), 6.0);
        assertTrue(live.get("lengths").asDouble() > 80, live.toString());
        send(day, event("c", "09:06:30", "LOOK", ",\"look\":\"SQUEAKY\""));
        JsonNode seen = server.get(day + "/live?now=2026-05-01T09:07:00Z").body();
        assertEquals(seen.get("lengths").asDouble(), 50, 2);
        JsonNode late = server.get(day + "/live?now=2026-05-01T10:30:00Z").body();
        assertTrue(late.get("late").asBoolean());
        JsonNode drops = server.get(day + "/drops?now=2026-05-01T10:30:00Z").body();
        assertTrue(drops.size() > 0, drops.toString());
        assertTrue(drops.at("/0/savesMinutes").asDouble() > 0);
    }

    /** A hand that is not trusted at all leaves the water as it was worked out. */
    @Test
    public void aLookIsTakenAsFarAsTheHandIsTrusted() {
        String day = washDay();
        send(day, event("a", "09:00:00", "BEGIN", ""), event("b", "09:02:00", "DONE", step(0)));
        double blind = server.get(day + "/live?now=2026-05-01T09:07:00Z")
                .body()
                .get("lengths")
                .asDouble();
        send(day, event("c", "09:06:30", "LOOK", ",\"look\":\"SQUEAKY\",\"trust\":0"));
        assertEquals(
                server.get(day + "/live?now=2026-05-01T09:07:00Z")
                        .body()
                        .get("lengths")
                        .asDouble(),
                blind,
                .5);
    }

    @Test
    public void headsInWorkSayWhoseTimerIsNext() {
        String day = washDay();
        send(day, event("a", "11:00:00", "BEGIN", ""), event("b", "11:02:00", "DONE", step(0)));
        long id = Long.parseLong(day.substring(day.lastIndexOf('/') + 1));
        JsonNode own = null;
        for (JsonNode head :
                server.get("/api/chair/running?now=2026-05-01T11:05:00Z").body()) {
            own = head.get("washDayId").asLong() == id ? head : own;
        }
        assertEquals(own.get("client").asString(), "Hale Dunnock");
        assertEquals(own.at("/next/name").asString(), "Mask");
        assertEquals(own.at("/next/at").asString(), "2026-05-01T11:12:00Z");
        send(day, event("z", "11:20:00", "FINISH", ""));
        assertFalse(server.get("/api/chair/running").body().toString().contains("\"washDayId\":" + id + ","));
    }

    @Test
    public void whatWasUsedIsDrawnOnceAndGivenBackWhenTheRunIsReopened() {
        Answer bottle = server.post(
                "/api/products",
                "{\"name\":\"Slack water gel\",\"role\":\"GEL\",\"hold\":6,\"richness\":2,\"windowLow\":50,\"windowHigh\":98,\"stockMl\":200}");
        assertEquals(bottle.status(), 201, bottle.body().toString());
        long gel = bottle.body().get("id").asLong();
        Answer added = server.post(
                "/api/clients/" + client() + "/wash-days",
                "{\"name\":\"By hand\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                        + ",\"routine\":"
                        + Bodies.steps("{\"action\":\"APPLY\",\"product\":{\"id\":" + gel
                                + "},\"amountMl\":20},{\"action\":\"AIR\"}")
                        + "}");
        String day = "/api/wash-days/" + added.body().get("id").asLong();
        send(
                day,
                event("a", "09:00:00", "BEGIN", ""),
                event("m", "09:01:00", "AMOUNT", step(0) + ",\"ratio\":1.5"),
                event("b", "09:04:00", "DONE", step(0)),
                event("c", "11:00:00", "DONE", step(1)));
        send(day, event("c", "11:00:00", "DONE", step(1)));
        assertEquals(stock(gel), 170.0, "20 ml and half as much again");
        send(day, event("d", "11:05:00", "BACK", step(0)));
        assertEquals(stock(gel), 200.0, "given back");
        send(
                day,
                event("e", "11:06:00", "AMOUNT", step(0) + ",\"ratio\":1"),
                event("f", "11:07:00", "DONE", step(0)),
                event("g", "11:30:00", "DONE", step(1)));
        assertEquals(stock(gel), 180.0);
    }

    private double stock(long product) {
        for (JsonNode bottle : server.get("/api/products").body()) {
            if (bottle.get("id").asLong() == product) {
                return bottle.get("stockMl").asDouble();
            }
        }
        throw new AssertionError("no such bottle: " + product);
    }

    @Test
    public void aBadEventIsRefusedWithAllItsFaultsAndNothingIsTaken() {
        String day = washDay();
        Answer refused = send(
                day,
                event("a", "09:00:00", "BEGIN", ""),
                event("b", "09:01:00", "DONE", step(99)),
                event("c", "09:01:00", "DANCE", ""),
                event("d", "09:02:00", "SECTION", step(2)));
        assertEquals(refused.status(), 422, refused.body().toString());
        assertEquals(server.get(day + "/events").body().size(), 0);
        assertEquals(send(day, event("b", "09:01:00", "DONE", step(7))).status(), 422);
        assertEquals(server.get("/api/wash-days/99999/live").status(), 404);
        assertEquals(server.get(day + "/live?now=yesterday").status(), 400);
    }
}
