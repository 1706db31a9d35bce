package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Clients, readings, wash days and ratings: kept over a restart, and never silently overwritten. */
public class RecordsHttpTest {
    private static final String RUN =
            """
            {"events":[{"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                       {"id":"b","at":"2026-05-01T09:02:00Z","kind":"DONE","step":0},
                       {"id":"c","at":"2026-05-01T09:08:00Z","kind":"DONE","step":1}%s]}""";
    private static final String AND_OVER = """
            ,{"id":"d","at":"2026-05-01T09:08:30Z","kind":"FINISH"}""";
    private static final String RATING =
            """
            {"castBroken":true,"rootsDry":true,"measured":{"naturalCm":24,"stretchedCm":32},
             "byZone":{"CROWN":{"definition":7,"clumping":6,"frizz":3,"volume":5},
                       "NAPE":{"definition":5,"clumping":6,"frizz":4,"volume":4}}}""";

    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private long client(String name) {
        Answer added = server.post("/api/clients", "{\"name\":\"" + name + "\",\"hair\":" + Bodies.HAIR + "}");
        assertEquals(added.status(), 201, added.body().toString());
        return added.body().get("id").asLong();
    }

    private long washDay(long client) {
        Answer added = server.post(
                "/api/clients/" + client + "/wash-days",
                "{\"name\":\"By hand\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                        + ",\"routine\":" + Bodies.ROUTINE + "}");
        assertEquals(added.status(), 201, added.body().toString());
        return added.body().get("id").asLong();
    }

    @Test
    public void everythingIsThereAfterARestart() {
        long client = client("Ilse Fenwick");
        long day = washDay(client);
        assertEquals(
                server.post("/api/wash-days/" + day + "/events", RUN.formatted(AND_OVER))
                        .status(),
                200);
        Answer rated = server.rate(day, RATING);
        assertEquals(rated.status(), 200, rated.body().toString());
        Answer before = server.get("/api/wash-days/" + day);
        server.restart();
        Answer after = server.get("/api/wash-days/" + day);
        assertEquals(after.body(), before.body());
        assertEquals(server.get("/api/clients/" + client).body().at("/name").asString(), "Ilse Fenwick");
        assertEquals(server.get("/api/clients/" + client + "/readings").body().size(), 1);
        assertEquals(after.body().at("/record/steps").size(), 3);
        // By hand: (32 − 24) / 32 = 25 %.
        assertEquals(after.body().at("/summary/shrinkage/percent").asDouble(), 25.0);
        // By hand, by share of hair: (0.22 × 7 + 0.12 × 5) / 0.34 = 6.3.
        assertEquals(after.body().at("/summary/overall/definition").asDouble(), 6.3);
    }

    @Test
    public void theRoutineIsKeptAsItWas() {
        long day = washDay(client("Wilf Sandgate"));
        Answer kept = server.get("/api/wash-days/" + day);
        assertEquals(kept.body().at("/routine/steps").size(), 6);
        assertEquals(kept.body().at("/routine/steps/1/product/windowLow").asDouble(), 60.0);
    }

    @Test
    public void aStaleWriteIsRefusedWithWhatIsKept() {
        long client = client("Nell Harrow");
        String path = "/api/clients/" + client;
        String tag = server.get(path).etag();
        assertEquals(server.put(path, "{\"name\":\"Nell Harrow-Quay\"}", tag).status(), 200);
        Answer stale = server.put(path, "{\"name\":\"Nelly\"}", tag);
        assertEquals(stale.status(), 412, stale.body().toString());
        assertEquals(stale.body().at("/current/name").asString(), "Nell Harrow-Quay");
        assertEquals(server.get(path).body().at("/name").asString(), "Nell Harrow-Quay");
        assertEquals(server.put(path, "{\"name\":\"Nelly\"}", null).status(), 428);
    }

    @Test
    public void everyChangedReadingIsKept() {
        long client = client("Odd Lindqvist");
        String path = "/api/clients/" + client;
        String shorter = Bodies.HAIR.replace("35", "28");
        server.put(
                path,
                "{\"name\":\"Odd Lindqvist\",\"hair\":" + shorter + "}",
                server.get(path).etag());
        server.put(
                path,
                "{\"name\":\"Odd Lindqvist\",\"hair\":" + shorter + ",\"notes\":\"trimmed\"}",
                server.get(path).etag());
        Answer readings = server.get(path + "/readings");
        assertEquals(readings.body().size(), 2, readings.body().toString());
        assertEquals(readings.body().at("/0/hair/lengthCm").asDouble(), 28.0);
    }

    @Test
    public void theChairsRecordMayBeSentTwice() {
        long day = washDay(client("Petra Sloane"));
        server.post("/api/wash-days/" + day + "/events", RUN.formatted(""));
        Answer again = server.post("/api/wash-days/" + day + "/events", RUN.formatted(""));
        assertEquals(again.body().size(), 3);
        assertTrue(server.get("/api/wash-days/" + day).body().at("/finishedAt").isMissingNode());
        Answer tide = server.get("/api/wash-days/" + day + "/tide");
        // The glaze took 6 minutes from minute 2, as the record says.
        assertEquals(tide.body().at("/actual/steps/1/startMinute").asDouble(), 2.0);
        assertEquals(tide.body().at("/actual/steps/1/endMinute").asDouble(), 8.0);
    }

    @Test
    public void badRecordsAreRefusedAndNothingIsLost() {
        long day = washDay(client("Rufus Tarn"));
        server.post("/api/wash-days/" + day + "/events", RUN.formatted(""));
        String[] bad = {
            "{\"events\":[{\"id\":\"x\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"DONE\",\"step\":77}]}",
            "{\"events\":[{\"id\":\"x\",\"at\":\"yesterday\",\"kind\":\"BEGIN\"}]}",
            "{\"events\":[{\"id\":\" \",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"BEGIN\"}]}",
            "{\"events\":[{\"id\":\"x\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"AMOUNT\",\"step\":0,\"ratio\":99}]}",
        };
        for (String body : bad) {
            assertEquals(server.post("/api/wash-days/" + day + "/events", body).status(), 422, body);
        }
        assertEquals(server.rate(day, RATING.replace("7", "11")).status(), 422);
        assertEquals(
                server.rate(day, "{\"castBroken\":true,\"rootsDry\":true,\"byZone\":{}}")
                        .status(),
                422);
        Answer kept = server.get("/api/wash-days/" + day);
        assertEquals(kept.body().at("/record/steps").size(), 3);
        assertTrue(kept.body().at("/rating").isMissingNode());
    }

    @Test
    public void aClientNeedsAName() {
        assertEquals(
                server.post("/api/clients", "{\"name\":\"  \"}")
                        .body()
                        .at("/faults/0/pointer")
                        .asString(),
                "/name");
        assertEquals(server.post("/api/clients", "{}").status(), 422);
    }

    @Test
    public void anUnreadHeadHasNoHair() {
        Answer added = server.post("/api/clients", "{\"name\":\"Una Creel\"}");
        assertNull(added.body().get("hair"));
        assertTrue(server.get("/api/today").body().at("/clients").toString().contains("Una Creel"));
    }
}
