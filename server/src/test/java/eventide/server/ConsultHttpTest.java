package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a consult keeps: words and tests, dated readings with what changed, and a stop that stays until cleared. */
public class ConsultHttpTest {
    private static final String INTAKE =
            """
            {"tests":{"strandRoll":"NOTHING","mist":"BEADS","float":"SINKS","naturalCm":21,"stretchedCm":30},
             "zoneTests":{"NAPE":{"strandRoll":"CLEAR"}},"assumed":["density","lengthCm"],
             "inHairNow":"yesterday's gel","comfort":["NECK","CHILD"],"patchTestOn":"2026-05-01",
             "patchTestOf":"tide gel","event":"first night","eventAt":"2026-05-09T19:30",
             "worn":{"temperatureC":27,"relativeHumidity":70}}""";

    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private static String draft(String hair, String more) {
        return "{\"name\":\"Ebba Quill\",\"hair\":" + hair + more + "}";
    }

    private static String withScalp(String scalp) {
        return Bodies.HAIR.replace("}", ",\"scalp\":[" + scalp + "]}");
    }

    private long client(String hair, String more) {
        Answer added = server.post("/api/clients", draft(hair, more));
        assertEquals(added.status(), 201, added.body().toString());
        return added.body().get("id").asLong();
    }

    @Test
    public void everythingSaidIsThereAfterARestart() {
        long id = client(Bodies.HAIR, ",\"occasion\":\"FIRST\",\"intake\":" + INTAKE);
        Answer before = server.get("/api/clients/" + id);
        assertEquals(before.body().at("/intake/patchTestOn").asString(), "2026-05-01");
        assertEquals(before.body().at("/intake/assumed").toString(), "[\"density\",\"lengthCm\"]");
        server.restart();
        assertEquals(server.get("/api/clients/" + id).body(), before.body());
        Answer readings = server.get("/api/clients/" + id + "/readings");
        assertEquals(readings.body().at("/0/intake/tests/mist").asString(), "BEADS");
        assertEquals(readings.body().at("/0/intake/tests/float").asString(), "SINKS", "written as it is read");
        assertEquals(readings.body().at("/0/occasion").asString(), "FIRST");
        assertEquals(readings.body().at("/0/changes").size(), 0);
    }

    @Test
    public void aLaterReadingSaysWhatChanged() {
        long id = client(Bodies.HAIR, "");
        Answer saved = server.put(
                "/api/clients/" + id,
                draft(
                        Bodies.HAIR.replace("\"lengthCm\":35", "\"lengthCm\":28"),
                        ",\"occasion\":\"AFTER_TRIM\",\"readingNote\":\"seven off\""),
                "\"1\"");
        assertEquals(saved.status(), 200, saved.body().toString());
        Answer readings = server.get("/api/clients/" + id + "/readings");
        assertEquals(readings.body().size(), 2);
        assertEquals(readings.body().at("/0/occasion").asString(), "AFTER_TRIM");
        assertEquals(readings.body().at("/0/note").asString(), "seven off");
        assertEquals(readings.body().at("/0/changes/0/from").asString(), "35 cm");
        assertEquals(readings.body().at("/0/changes/0/to").asString(), "28 cm");
    }

    @Test
    public void aStopStaysUntilItIsClearedWithANote() {
        long id = client(withScalp("\"SORES\",\"FLAKING\""), "");
        assertEquals(
                server.get("/api/clients/" + id).body().at("/referrals/0/seen").asString(),
                "sores or signs of infection");
        Answer silently = server.put("/api/clients/" + id, draft(Bodies.HAIR, ""), "\"1\"");
        assertEquals(silently.status(), 422, silently.body().toString());
        Answer day = server.post(
                "/api/clients/" + id + "/wash-days",
                "{\"name\":\"By hand\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                        + ",\"routine\":" + Bodies.ROUTINE + "}");
        assertEquals(day.status(), 422, day.body().toString());
        assertEquals(
                server.post("/api/clients/" + id + "/clearing", "{\"note\":\"seen\"}")
                        .status(),
                428);
        assertEquals(
                server.postIf("/api/clients/" + id + "/clearing", "{\"note\":\" \"}", "\"1\"")
                        .status(),
                422);
        Answer cleared =
                server.postIf("/api/clients/" + id + "/clearing", "{\"note\":\"pharmacist, healed\"}", "\"1\"");
        assertEquals(cleared.status(), 200, cleared.body().toString());
        assertEquals(cleared.body().at("/hair/scalp").toString(), "[\"FLAKING\"]", "what does not stop is kept");
        assertEquals(cleared.body().at("/referrals/0/clearedNote").asString(), "pharmacist, healed");
        Answer twice = server.postIf("/api/clients/" + id + "/clearing", "{\"note\":\"again\"}", "\"1\"");
        assertEquals(twice.body(), cleared.body(), "clearing twice is one clearing");
        // A new sign opens a new stop; the old one stays in the record.
        Answer again = server.put("/api/clients/" + id, draft(withScalp("\"INFESTED\""), ""), "\"2\"");
        assertEquals(again.body().at("/referrals").size(), 2, again.body().toString());
        assertTrue(again.body().at("/referrals/1/clearedAt").isMissingNode());
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"{\"patchTestOn\":\"yesterday\"}", "/intake/patchTestOn"},
            {"{\"eventAt\":\"2026-05-09\"}", "/intake/eventAt"},
            {"{\"assumed\":[\"colour\"]}", "/intake/assumed/0"},
            {"{\"tests\":{}}", "/intake/tests"},
            {"{\"tests\":{\"naturalCm\":31,\"stretchedCm\":30}}", "/intake/tests/naturalCm"},
            {"{\"worn\":{\"temperatureC\":90,\"relativeHumidity\":50}}", "/intake/worn/temperatureC"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsRefusedAtItsPlace(String intake, String pointer) {
        Answer answer = server.post("/api/clients", draft(Bodies.HAIR, ",\"intake\":" + intake));
        assertEquals(answer.status(), 422, answer.body().toString());
        assertEquals(
                answer.body().at("/faults/0/pointer").asString(),
                pointer,
                answer.body().toString());
    }

    @Test
    public void theCardsTheSchoolsAndTheTypicalHeadAreServed() {
        assertEquals(server.get("/api/hair/tests").body().size(), 10);
        assertEquals(server.get("/api/schools").body().size(), 13);
        assertEquals(server.get("/api/hair/typical").body().at("/pattern").asString(), "3A");
        // By hand: 30 cm, medium, medium is about 109 g; a tenth of that grows at the hairline or more.
        Answer facts = server.post("/api/hair/facts", Bodies.HAIR.replace("35", "30"));
        assertEquals(facts.body().at("/hairGrams").asDouble(), 109, 1);
    }
}
