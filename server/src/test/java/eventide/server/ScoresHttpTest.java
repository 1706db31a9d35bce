package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What a score rests on, asked at the front door: its features, and one thing done otherwise. */
public class ScoresHttpTest {
    private static final String HUMID = "{\"temperatureC\":22,\"relativeHumidity\":50,\"outdoors\":"
            + "{\"temperatureC\":29,\"relativeHumidity\":85}}";
    private static final String FROST = "{\"temperatureC\":22,\"relativeHumidity\":40,\"outdoors\":"
            + "{\"temperatureC\":-5,\"relativeHumidity\":70}}";

    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private JsonNode check(String hair, String air, String routine) {
        return server.post("/api/routines/check", Bodies.check(hair, Bodies.GOAL, air, routine))
                .body();
    }

    private double score(String hair, String air, String routine, String score) {
        return check(hair, air, routine).at("/outcome/overall/" + score).asDouble();
    }

    private record Other(String what, String hair, String air, String routine, String score, boolean more) {
        @Override
        public String toString() {
            return what + ": " + score;
        }
    }

    /** Against the usual wash of the shared bodies; each a row of the trade's pairs [CP]. */
    @DataProvider
    Object[] others() {
        String hair = Bodies.HAIR;
        String air = Bodies.AIR;
        String usual = Bodies.ROUTINE;
        return new Object[] {
            new Other("worn in humid air", hair, HUMID, usual, "frizz", true),
            new Other("worn in humid air", hair, HUMID, usual, "volume", true),
            new Other("worn in humid air", hair, HUMID, usual, "days", false),
            new Other("worn in frost", hair, FROST, usual, "softness", false),
            new Other("bleached", with(hair, "\"condition\":[\"BLEACHED\"]"), air, usual, "shrinkagePercent", false),
            new Other("long", hair.replace("35", "90"), air, usual, "volume", false),
            new Other("cast left", hair, air, usual.replace(",\n  {\"action\":\"BREAK_CAST\"}", ""), "softness", false),
            new Other(
                    "rough towel",
                    hair,
                    air,
                    usual.replace(
                            "{\"action\":\"SCRUNCH\"",
                            "{\"action\":\"MICROPLOP\",\"tool\":\"ROUGH_TOWEL\"},{\"action\":\"SCRUNCH\""),
                    "frizz",
                    true),
            new Other(
                    "roots left free",
                    hair,
                    air,
                    usual.replace(
                            "\"technique\":\"GLAZE\"", "\"technique\":\"GLAZE\",\"parts\":[\"LENGTHS\",\"ENDS\"]"),
                    "volume",
                    true),
            new Other(
                    "soaked after the gel",
                    hair,
                    air,
                    usual.replace("{\"action\":\"SCRUNCH\"", "{\"action\":\"REWET\"},{\"action\":\"SCRUNCH\""),
                    "hold",
                    false),
        };
    }

    private static String with(String object, String field) {
        return object.substring(0, object.length() - 1) + "," + field + "}";
    }

    @Test(dataProvider = "others")
    public void oneThingOtherwiseIsSeen(Other other) {
        double before = score(Bodies.HAIR, Bodies.AIR, Bodies.ROUTINE, other.score());
        double after = score(other.hair(), other.air(), other.routine(), other.score());
        double by = other.more() ? after - before : before - after;
        assertTrue(by >= .3, other + " by " + (after - before));
    }

    @Test
    public void aCheckAnswersWhatItsScoresWereWorkedOutFrom() {
        JsonNode features = check(Bodies.HAIR, Bodies.AIR, Bodies.ROUTINE).get("features");
        assertEquals(features.size(), 6);
        JsonNode crown = features.get("CROWN");
        assertEquals(crown.get("holdPutOn").asDouble(), 7.0);
        assertEquals(crown.get("sections").asInt(), 4);
        assertEquals(crown.get("scrunches").asInt(), 3);
        assertTrue(crown.get("castSet").asBoolean() && crown.get("castBroken").asBoolean(), crown.toString());
        assertTrue(crown.get("richness").asDouble() < crown.get("richnessBorne").asDouble(), crown.toString());
    }

    @Test
    public void aHalfIsScoredAsItWasDone() {
        String half = Bodies.ROUTINE.replace("\"technique\":\"GLAZE\"", "\"technique\":\"GLAZE\",\"half\":\"LEFT\"");
        JsonNode answer = check(Bodies.HAIR, Bodies.AIR, half);
        assertTrue(
                answer.at("/features/LEFT/holdPutOn").asDouble() > 6,
                answer.get("features").toString());
        assertEquals(answer.at("/features/RIGHT/holdPutOn").asDouble(), 0.0);
        // The rest of the head has both, and is told half by half.
        assertEquals(answer.at("/featuresByHalf/LEFT/CROWN/holdPutOn"), answer.at("/features/LEFT/holdPutOn"));
        assertEquals(answer.at("/featuresByHalf/RIGHT/CROWN/holdPutOn").asDouble(), 0.0);
        assertTrue(answer.at("/featuresByHalf/RIGHT/LEFT").isMissingNode());
        double left = answer.at("/outcome/byZone/LEFT/definition").asDouble();
        double right = answer.at("/outcome/byZone/RIGHT/definition").asDouble();
        double crown = answer.at("/outcome/byZone/CROWN/definition").asDouble();
        assertTrue(left > crown && crown > right, left + ", " + crown + ", " + right);
    }

    @Test
    public void aSchoolChangesNoScore() {
        String asked = Bodies.check(Bodies.ROUTINE);
        String school = with(asked, "\"schools\":{\"cup\":\"FROM_START\",\"weight\":\"POROSITY\"}");
        assertEquals(
                server.post("/api/routines/check", school).body().get("outcome"),
                server.post("/api/routines/check", asked).body().get("outcome"));
    }
}
