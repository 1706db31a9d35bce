package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The gymnasium at the front door. */
public class PracticeHttpTest {
    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private static String rating(String rater, String item, double score) {
        return "{\"rater\":\"" + rater + "\",\"item\":\"" + item + "\",\"score\":" + score + "}";
    }

    @Test
    public void howWellEyesAgreeIsAnswered() {
        Answer answer = server.post(
                "/api/practice/agreement",
                "{\"ratings\":[" + rating("Hester", "a", 4) + "," + rating("Piran", "a", 5) + ","
                        + rating("Hester", "b", 7)
                        + "," + rating("Piran", "b", 8) + "," + rating("Hester", "c", 1) + ","
                        + rating("Piran", "c", 2.5)
                        + "],\"truth\":[{\"item\":\"a\",\"score\":5},{\"item\":\"b\",\"score\":8},{\"item\":\"c\",\"score\":2}]}");
        assertEquals(answer.status(), 200, answer.body().toString());
        assertEquals(answer.body().at("/raters/0/bias").asDouble(), -1, 1e-9);
        assertTrue(answer.body().get("alphaInterval").asDouble() > .8);
        assertTrue(answer.body().get("iccSingle").asDouble() > .8);
        assertTrue(answer.body().get("words").asString().contains("Hester reads 1.0 low"));
    }

    @Test
    public void whatCannotBeReadIsSaidWhereItStands() {
        Answer twice = server.post(
                "/api/practice/agreement",
                "{\"ratings\":[" + rating("Hester", "a", 4) + "," + rating("Hester", "a", 5) + ","
                        + rating("Hester", "b", 11) + "]}");
        assertEquals(twice.status(), 422);
        assertEquals(twice.body().at("/faults/0/pointer").asString(), "/ratings/2/score");
        assertEquals(server.post("/api/practice/agreement", "{\"ratings\":[]}").status(), 422);
        Answer alone = server.post("/api/practice/agreement", "{\"ratings\":[" + rating("Hester", "a", 4) + "]}");
        assertEquals(alone.status(), 200);
        assertFalse(alone.body().has("alphaInterval"));
    }

    @Test
    public void aRoutineIsSpoiltInOneWay() {
        String head = "\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR;
        String routine = Bodies.ROUTINE;
        Set<String> before = rules(server.post("/api/routines/check", "{" + head + ",\"routine\":" + routine + "}"));
        Answer spoilt = server.post("/api/practice/spoil", "{" + head + ",\"routine\":" + routine + ",\"seed\":7}");
        assertEquals(spoilt.status(), 200, spoilt.body().toString());
        Set<String> fresh = rules(server.post(
                "/api/routines/check",
                "{" + head + ",\"routine\":" + spoilt.body().get("routine") + "}"));
        fresh.removeAll(before);
        assertEquals(fresh, Set.of(spoilt.body().get("rule").asString()));
        Answer again = server.post("/api/practice/spoil", "{" + head + ",\"routine\":" + routine + ",\"seed\":7}");
        assertEquals(again.body(), spoilt.body());
        Answer none = server.post(
                "/api/practice/spoil", "{" + head + ",\"routine\":" + routine + ",\"rule\":\"P5\",\"seed\":7}");
        assertEquals(none.status(), 422);
        assertEquals(none.body().at("/faults/0/pointer").asString(), "/rule");
    }

    private static Set<String> rules(Answer check) {
        assertEquals(check.status(), 200, check.body().toString());
        Set<String> rules = new TreeSet<>();
        for (JsonNode finding : check.body().get("findings")) {
            rules.add(finding.get("rule").asString());
        }
        return rules;
    }

    private static final String HEAD =
            "\"hair\":{\"strand\":\"MEDIUM\",\"porosity\":\"MEDIUM\",\"pattern\":\"3B\",\"density\":\"MEDIUM\",\"lengthCm\":34},"
                    + "\"goal\":{\"definition\":3,\"volume\":0,\"length\":0,\"softness\":1,\"longevity\":2}";
    private static final String GEL =
            "{\"name\":\"a gel\",\"role\":\"GEL\",\"hold\":7,\"richness\":2,\"windowLow\":55,\"windowHigh\":98}";

    private Answer build(String situation, String build) {
        return server.post("/api/practice/build", "{" + HEAD + "," + situation + ",\"build\":" + build + "}");
    }

    /** The one bottle there is, against none of it. */
    @Test
    public void whatOneWouldDoIsWeighed() {
        Answer situation = server.post("/api/practice/situation", "{" + HEAD + ",\"shelf\":[" + GEL + "],\"seed\":5}");
        assertEquals(situation.status(), 200, situation.body().toString());
        assertEquals(situation.body().at("/layers/0/bottles/0").asString(), "a gel");
        String day = "\"air\":" + situation.body().get("air") + ",\"limits\":"
                + situation.body().get("limits") + ",\"shelf\":"
                + situation.body().get("shelf");
        String hands = situation.body().at("/hands/0/value").asString();
        Answer nothing = build(day, "{\"hands\":\"" + hands + "\",\"drying\":\"AIR\"}");
        assertEquals(nothing.status(), 200, nothing.body().toString());
        assertTrue(
                nothing.body().get("share").asInt() < 20,
                nothing.body().get("words").asString());
        assertEquals(nothing.body().at("/choices/0/what").asString(), "gel");
        assertEquals(nothing.body().at("/choices/0/ours").asString(), "a gel");
        Answer gel = build(day, "{\"gel\":\"a gel\",\"hands\":\"" + hands + "\",\"drying\":\"AIR\"}");
        assertTrue(
                gel.body().get("share").asInt() > nothing.body().get("share").asInt() + 20,
                gel.body().get("words").asString());
        Answer elsewhere = build(day, "{\"gel\":\"another\",\"hands\":\"" + hands + "\",\"drying\":\"AIR\"}");
        assertEquals(elsewhere.status(), 422);
        assertEquals(elsewhere.body().at("/faults/0/pointer").asString(), "/build/gel");
    }

    /** Guessed half wet whatever it is; kept, and told with what the scale says. */
    @Test
    public void waterThatIsFeltIsWeighedAndKept() {
        Answer sections = server.post("/api/practice/sections", "{\"seed\":3,\"count\":6}");
        assertEquals(sections.status(), 200, sections.body().toString());
        assertFalse(sections.body().toString().contains("percent"), "the water is not told");
        Answer told = null;
        for (JsonNode section : sections.body().get("sections")) {
            told = server.post(
                    "/api/practice/people/Hester/guesses", "{\"item\":" + section.get("item") + ",\"percent\":50}");
            assertEquals(told.status(), 200, told.body().toString());
            assertTrue(told.body().get("weighed").asString().contains("% wet"));
        }
        assertEquals(told.body().at("/feel/sections").asInt(), 6);
        assertEquals(
                server.get("/api/practice/people/Hester/feel").body(),
                told.body().get("feel"));
        assertTrue(told.body().at("/feel/trust").asDouble() < 1);
        assertEquals(
                server.post("/api/practice/people/Hester/guesses", "{\"item\":\"1\",\"percent\":101}")
                        .status(),
                422);
        assertEquals(
                server.post("/api/practice/people/Hester/guesses", "{\"item\":\"none\",\"percent\":10}")
                        .status(),
                422);
    }

    /** Missed comes back on the second round, and no more once it was found. */
    @Test
    public void whatWasMissedComesBackToWhoMissedIt() {
        String faults = "/api/practice/people/Morwenna/faults";
        JsonNode none = server.get(faults).body();
        assertEquals(none.get("tried").asInt(), 0);
        assertTrue(none.at("/next").isMissingNode());
        JsonNode missed =
                server.post(faults, "{\"rule\":\"T4\",\"found\":false}").body();
        assertEquals(missed.at("/again/0/rule").asString(), "T4");
        assertEquals(missed.get("next").asString(), "T4");
        assertEquals(server.get(faults).body(), missed);
        JsonNode found = server.post(faults, "{\"rule\":\"T4\",\"found\":true}").body();
        assertEquals(found.get("words").asString(), "Found 1 of 2; none waits to come back.");
        assertEquals(
                server.get("/api/practice/people/Piran/faults")
                        .body()
                        .get("tried")
                        .asInt(),
                0);
        Answer unknown = server.post(faults, "{\"rule\":\"Z9\",\"found\":true}");
        assertEquals(unknown.status(), 422);
        assertEquals(unknown.body().at("/faults/0/message").asString(), "rule must be one of the checks, but was Z9");
        assertEquals(server.post(faults, "{\"rule\":\"T4\"}").status(), 422);
        assertEquals(
                server.post("/api/practice/people/%20/faults", "{\"rule\":\"T4\",\"found\":true}")
                        .status(),
                422);
    }
}
