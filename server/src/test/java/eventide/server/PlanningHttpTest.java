package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The stateless computation over real HTTP, with good input and bad. */
public class PlanningHttpTest {
    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(true);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private Answer check(String body) {
        return server.post("/api/routines/check", body);
    }

    @Test
    public void aCheckAnswersEverythingTheApiNames() {
        Answer answer = check(Bodies.check(Bodies.ROUTINE));
        assertEquals(answer.status(), 200, answer.body().toString());
        for (String field :
                List.of("tide", "findings", "amounts", "outcome", "minutes", "chairMinutes", "costCents", "ignored")) {
            assertTrue(answer.body().has(field), field);
        }
        assertEquals(answer.body().at("/tide/steps").size(), 6);
        assertEquals(answer.body().at("/tide/steps/1/wetnessBySection").size(), 4);
        assertTrue(answer.body().at("/outcome/overall/shrinkagePercent").isNumber());
        assertTrue(answer.body().at("/outcome/byZone/CROWN/definition").isNumber());
        assertTrue(answer.body().at("/amounts/0/perSection").asString().contains("pea"));
        assertEquals(answer.body().at("/ignored").size(), 0);
    }

    @Test
    public void aMendCanBePostedBackAsItCame() {
        String dry = Bodies.steps("{\"action\":\"APPLY\",\"product\":" + Bodies.GEL + "}")
                .replace("\"steps\"", "\"startWetness\":30,\"steps\"");
        Answer first = check(Bodies.check(dry));
        assertEquals(first.body().at("/findings/0/rule").asString(), "W1");
        String mended = first.body().at("/findings/0/mend/routine").toString();
        Answer second = check(Bodies.check(mended));
        assertEquals(second.status(), 200, second.body().toString());
        assertFalse(
                second.body().at("/findings").toString().contains("\"W1\""),
                second.body().at("/findings").toString());
    }

    @DataProvider
    public Object[][] nights() {
        return new Object[][] {{"NONE", 0}, {"SATIN", .3}, {"PINEAPPLE", .5}};
    }

    /** What is said of the nights lengthens the days, goes into the message, and comes back as it was said. */
    @Test(dataProvider = "nights")
    public void nightsCountForTheDays(String night, double more) {
        String kept = Bodies.ROUTINE.replace("\"steps\"", "\"nightCare\":\"" + night + "\",\"steps\"");
        double days = check(Bodies.check(Bodies.ROUTINE)).body().at(DAYS).asDouble();
        Answer answer = check(Bodies.check(kept));
        assertEquals(answer.status(), 200, answer.body().toString());
        assertTrue(
                answer.body().at(DAYS).asDouble() >= days + more, answer.body().at(DAYS) + " after " + days);
        boolean said = answer.body().at("/outcome/contributions").toString().contains("satin");
        assertEquals(said, more > 0);
        String text = server.post("/api/routines/text", Bodies.check(kept))
                .body()
                .get("text")
                .asString();
        assertEquals(text.contains("At night: "), more > 0, text);
    }

    private static final String DAYS = "/outcome/overall/days";

    @Test
    public void anotherWordForTheNightsIsRefusedWithTheWordsThereAre() {
        String kept = Bodies.ROUTINE.replace("\"steps\"", "\"nightCare\":\"SILK\",\"steps\"");
        Answer answer = check(Bodies.check(kept));
        assertEquals(answer.status(), 422);
        assertEquals(answer.body().at("/faults/0/pointer").asString(), "/routine/nightCare");
        String said = answer.body().at("/faults/0/message").asString();
        assertTrue(said.contains("NONE, SATIN, PINEAPPLE"), said);
    }

    @Test
    public void suggestionsFromTheSalonsShelf() {
        String shelf = server.get("/api/products").body().toString();
        Answer answer = server.post(
                "/api/routines/suggest",
                "{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                        + ",\"limits\":{\"minutes\":150},\"shelf\":" + shelf + "}");
        assertEquals(answer.status(), 200, answer.body().toString());
        int count = answer.body().at("/suggestions").size();
        assertTrue(count >= 1 && count <= 3, count + " suggestions");
        assertTrue(answer.body().at("/considered").asInt() > 20);
        assertTrue(answer.body().at("/suggestions/0/why").size() > 2);
        // What was suggested checks out the same when posted back.
        String routine = answer.body().at("/suggestions/0/routine").toString();
        Answer again = check("{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                + ",\"limits\":{\"minutes\":150},\"routine\":" + routine + "}");
        assertEquals(again.body().at("/tide"), answer.body().at("/suggestions/0/tide"));
        assertEquals(again.body().at("/outcome"), answer.body().at("/suggestions/0/outcome"));
    }

    @Test
    public void productsByNumberComeFromTheShelf() {
        long id = server.get("/api/products").body().at("/0/id").asLong();
        Answer answer = check(Bodies.check(Bodies.steps("{\"action\":\"APPLY\",\"product\":{\"id\":" + id + "}}")));
        assertEquals(answer.status(), 200, answer.body().toString());
        assertEquals(answer.body().at("/amounts/0/product/id").asLong(), id);
    }

    @Test
    public void testsOfAConsultBecomeReadings() {
        Answer answer = server.post(
                "/api/hair/assess",
                "{\"strandRoll\":\"NOTHING\",\"float\":\"FLOATS\",\"ponytailCm\":11,\"naturalCm\":20,\"stretchedCm\":25}");
        assertEquals(answer.status(), 200, answer.body().toString());
        assertEquals(answer.body().at("/hair/strand").asString(), "FINE");
        assertEquals(answer.body().at("/hair/density").asString(), "HIGH");
        assertEquals(answer.body().at("/shrinkagePercent").asDouble(), 20.0);
        assertEquals(answer.body().at("/conflicts").size(), 0);
        Answer nothing = server.post("/api/hair/assess", "{}");
        assertEquals(nothing.status(), 422);
        Answer wrong = server.post("/api/hair/assess", "{\"float\":\"HOVERS\"}");
        assertEquals(wrong.body().at("/faults/0/pointer").asString(), "/float");
    }

    record Bad(String name, String body, int status, List<String> pointers) {
        @Override
        public String toString() {
            return name;
        }
    }

    @DataProvider
    Object[] badBodies() {
        String ok = Bodies.ROUTINE;
        return new Object[] {
            new Bad("nothing", "", 400, List.of("")),
            new Bad("no JSON", "{\"hair\":", 400, List.of("")),
            new Bad("two documents", "{} {}", 400, List.of("")),
            new Bad("a field twice", "{\"hair\":1,\"hair\":2}", 400, List.of("")),
            new Bad("a list", "[]", 422, List.of("")),
            new Bad("an empty object", "{}", 422, List.of("/hair", "/goal", "/air", "/routine")),
            new Bad(
                    "an unknown word",
                    Bodies.check(Bodies.HAIR.replace("3B", "9Z"), Bodies.GOAL, Bodies.AIR, ok),
                    422,
                    List.of("/hair/pattern")),
            new Bad(
                    "an unknown field",
                    Bodies.check(Bodies.HAIR.replace("}", ",\"colour\":1}"), Bodies.GOAL, Bodies.AIR, ok),
                    422,
                    List.of("/hair/colour")),
            new Bad(
                    "text for a number",
                    Bodies.check(Bodies.HAIR, Bodies.GOAL, "{\"temperatureC\":\"22\",\"relativeHumidity\":52}", ok),
                    422,
                    List.of("/air/temperatureC")),
            new Bad(
                    "beyond the range",
                    Bodies.check(
                            Bodies.HAIR,
                            Bodies.GOAL.replace("\"volume\":1", "\"volume\":4"),
                            "{\"temperatureC\":22,\"relativeHumidity\":140}",
                            ok),
                    422,
                    List.of("/goal/volume", "/air/relativeHumidity")),
            new Bad(
                    "half a goal point",
                    Bodies.check(Bodies.HAIR, Bodies.GOAL.replace("\"volume\":1", "\"volume\":1.5"), Bodies.AIR, ok),
                    422,
                    List.of("/goal/volume")),
            new Bad(
                    "a product that is not there",
                    Bodies.check(Bodies.steps("{\"action\":\"APPLY\",\"product\":{\"id\":999999}}")),
                    422,
                    List.of("/routine/steps/0/product/id")),
            new Bad(
                    "an unknown zone",
                    Bodies.check(Bodies.HAIR.replace("}", ",\"zones\":{\"FRINGE\":{}}}"), Bodies.GOAL, Bodies.AIR, ok),
                    422,
                    List.of("/hair/zones/FRINGE")),
            new Bad(
                    "contradictory lengths",
                    Bodies.check(
                            Bodies.HAIR.replace("}", ",\"measured\":{\"naturalCm\":40,\"stretchedCm\":30}}"),
                            Bodies.GOAL,
                            Bodies.AIR,
                            ok),
                    422,
                    List.of("/hair/measured/naturalCm")),
            new Bad(
                    "an upside-down window",
                    Bodies.check(ok.replace("\"windowLow\":60", "\"windowLow\":99")),
                    422,
                    List.of("/routine/steps/1/product/windowLow")),
            new Bad(
                    "another format",
                    Bodies.check(ok.replace("\"formatVersion\":1", "\"formatVersion\":2")),
                    422,
                    List.of("/routine/formatVersion")),
            new Bad("null in a list", Bodies.check(Bodies.steps("null")), 422, List.of("/routine/steps/0")),
            new Bad(
                    "nested groups",
                    Bodies.check(
                            Bodies.steps(
                                    "{\"action\":\"EACH_SECTION\",\"sections\":2,\"steps\":[{\"action\":\"EACH_SECTION\",\"sections\":2,\"steps\":[{\"action\":\"AIR\"}]}]}")),
                    422,
                    List.of("/routine/steps/0/steps")),
            new Bad(
                    "a month of waiting",
                    Bodies.check(
                            Bodies.steps(
                                    "{\"action\":\"WAIT\",\"minutes\":4000},{\"action\":\"WAIT\",\"minutes\":4000},{\"action\":\"WAIT\",\"minutes\":4000}")),
                    422,
                    List.of("/routine/steps")),
            new Bad(
                    "201 steps",
                    Bodies.check(Bodies.steps("{\"action\":\"WAIT\"},".repeat(200) + "{\"action\":\"WAIT\"}")),
                    422,
                    List.of("/routine/steps")),
            new Bad("a deep nest", "[".repeat(5000), 400, List.of("")),
            new Bad("10 MB", " ".repeat(10_000_000), 413, List.of("")),
        };
    }

    @Test(dataProvider = "badBodies")
    public void badInputIsRefusedWithEveryFault(Bad bad) {
        Answer answer = check(bad.body());
        assertEquals(answer.status(), bad.status(), answer.body().toString());
        assertTrue(answer.type().startsWith("application/problem+json"), answer.type());
        List<String> pointers = new ArrayList<>();
        answer.body()
                .at("/faults")
                .forEach(fault -> pointers.add(fault.get("pointer").asString()));
        assertEquals(pointers, bad.pointers(), answer.body().toString());
        String detail = answer.body().at("/detail").asString();
        assertTrue(detail.length() > 5 && !detail.matches("(?s).*(^| )/[a-z].*|.*\\b0 must be.*"), detail);
    }

    @Test
    public void oneOfAListIsToldByItsPlace() {
        String scalp = Bodies.HAIR.replaceFirst("\\{", "{\"scalp\":[\"DRY\",17],");
        Answer answer = check(Bodies.check(Bodies.ROUTINE).replace(Bodies.HAIR, scalp));
        assertEquals(answer.body().at("/faults/0/pointer").asString(), "/hair/scalp/1");
        assertTrue(
                answer.body().at("/detail").asString().startsWith("scalp no. 2 must be one of FLAKING"),
                answer.body().toString());
    }

    @Test
    public void aSlipInAWordIsAnsweredWithTheWordThatWasMeant() {
        Answer answer =
                check(Bodies.check("{\"formatVersion\":1,\"steps\":[{\"action\":\"rinze\"},{\"action\":\"SING\"}]}"));
        assertEquals(answer.status(), 422);
        assertEquals(
                answer.body().at("/faults/0/message").asString(), "there is no action \"rinze\"; was RINSE meant?");
        String far = answer.body().at("/faults/1/message").asString();
        assertTrue(far.startsWith("action must be one of OIL_SCALP, ") && far.endsWith("but was \"SING\""), far);
    }

    @DataProvider
    Object[][] wrongCalls() {
        return new Object[][] {
            {"/api/clients/99999", 404}, {"/api/clients/abc", 400}, {"/api/wash-days/99999", 404},
            {"/api/wash-days/-1/tide", 404}, {"/api/nothing", 404}, {"/api/routines/check", 405},
        };
    }

    @Test(dataProvider = "wrongCalls")
    public void wrongAddressesAreProblemsToo(String path, int status) {
        Answer answer = server.get(path);
        assertEquals(answer.status(), status);
        assertTrue(answer.type().startsWith("application/problem+json"), path + " " + answer.type());
    }

    @Test
    public void mangledBodiesNeverCrashTheServer() {
        Random random = new Random(41);
        String good = Bodies.check(Bodies.ROUTINE);
        for (int i = 0; i < 400; i++) {
            StringBuilder mangled = new StringBuilder(good);
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                int at = random.nextInt(mangled.length());
                switch (random.nextInt(3)) {
                    case 0 -> mangled.deleteCharAt(at);
                    case 1 -> mangled.insert(at, "\"{}[],:-9e".charAt(random.nextInt(10)));
                    default -> mangled.setCharAt(at, (char) (32 + random.nextInt(90)));
                }
            }
            Answer answer = check(mangled.toString());
            assertTrue(answer.status() < 500, answer.status() + " for " + mangled);
        }
    }

    @Test
    public void randomRoutinesOfEveryActionAreAnswered() {
        Random random = new Random(42);
        eventide.routine.Action[] actions = eventide.routine.Action.values();
        for (int i = 0; i < 150; i++) {
            List<String> steps = new ArrayList<>();
            for (int k = 0; k < 1 + random.nextInt(10); k++) {
                eventide.routine.Action action = actions[random.nextInt(actions.length)];
                steps.add(
                        action == eventide.routine.Action.EACH_SECTION
                                ? "{\"action\":\"EACH_SECTION\",\"sections\":5,\"order\":[\"CROWN\"],\"steps\":[{\"action\":\"MIST\"},{\"action\":\"APPLY\",\"product\":"
                                        + Bodies.GEL + "}]}"
                                : "{\"action\":\"" + action + "\",\"count\":3,\"minutes\":" + random.nextInt(30)
                                        + ",\"product\":" + Bodies.GEL + ",\"toWetness\":" + random.nextInt(101) + "}");
            }
            Answer answer = check(Bodies.check(Bodies.steps(String.join(",", steps))));
            assertEquals(answer.status(), 200, answer.body().toString());
        }
    }

    private static final String ASKED =
            "\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR;

    @DataProvider
    public Object[][] beside() {
        String shelf = ",\"shelf\":[" + Bodies.GEL + "]";
        return new Object[][] {
            {"/api/routines/schools", ASKED + shelf, "/questions"},
            {"/api/routines/air", ASKED + shelf, "/otherwise"},
            {"/api/routines/compare", ASKED + ",\"one\":" + Bodies.ROUTINE + ",\"other\":" + Bodies.ROUTINE, "/moved"},
            {"/api/routines/why", ASKED + ",\"step\":1,\"routine\":" + Bodies.ROUTINE, "/without"},
            {"/api/routines/text", ASKED + ",\"routine\":" + Bodies.ROUTINE, "/text"},
            {"/api/routines/refit", ASKED + shelf + ",\"routine\":" + Bodies.ROUTINE, "/changes"},
            {
                "/api/routines/halves",
                "\"step\":1,\"product\":" + Bodies.GEL.replace("\"gel\"", "\"other gel\"") + ",\"routine\":"
                        + Bodies.ROUTINE,
                "/routine/steps/2/half"
            },
        };
    }

    @Test(dataProvider = "beside")
    public void whatStandsBesideAPlanIsAnsweredAndRefusedInWords(String path, String body, String holds) {
        RunningServer.Answer answer = server.post(path, "{" + body + "}");
        assertEquals(answer.status(), 200, answer.body().toString());
        assertFalse(answer.body().at(holds).isMissingNode(), answer.body().toString());
        RunningServer.Answer empty = server.post(path, "{}");
        assertEquals(empty.status(), 422, empty.body().toString());
        assertTrue(empty.body().get("faults").size() > 0);
    }

    @Test
    public void aTemplateIsKeptRemovedAndPutBack() {
        String draft = "{\"name\":\"%s\",\"routine\":" + Bodies.ROUTINE + "}";
        assertEquals(server.post("/api/templates", draft.formatted(" ")).status(), 422);
        long id = server.post("/api/templates", draft.formatted("Fair day"))
                .body()
                .get("id")
                .asLong();
        assertEquals(server.get("/api/templates").body().size(), 1);
        assertEquals(server.delete("/api/templates/" + id).status(), 204);
        assertEquals(server.get("/api/templates").body().size(), 0);
        assertEquals(server.post("/api/templates/" + id + "/back", "").status(), 204);
        assertEquals(server.get("/api/templates").body().get(0).get("name").asString(), "Fair day");
        assertEquals(server.delete("/api/templates/99999").status(), 404);
    }

    @Test
    public void actionsAndTheOutsideAirAreThereToPickFrom() {
        assertEquals(server.get("/api/routines/actions").body().size(), 45);
        assertEquals(server.get("/api/air/outdoors").body().get("from").asString(), "simulated");
    }
}
