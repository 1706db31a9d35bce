package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What the log teaches, at the front door of the demo salon, whose truth is hidden from it. */
public class LearningHttpTest {
    private RunningServer server;

    @BeforeClass
    public void start() {
        server = new RunningServer(true);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private long client(String name) {
        for (JsonNode client : server.get("/api/clients").body()) {
            if (client.get("name").asString().equals(name)) {
                return client.get("id").asLong();
            }
        }
        throw new IllegalStateException("no " + name);
    }

    private JsonNode learning(String name) {
        Answer answer = server.get("/api/clients/" + client(name) + "/learning");
        assertEquals(answer.status(), 200, answer.body().toString());
        return answer.body();
    }

    private static JsonNode score(JsonNode learning, String name) {
        for (JsonNode score : learning.get("scores")) {
            if (score.get("score").asString().equals(name)) {
                return score;
            }
        }
        throw new IllegalStateException("no " + name);
    }

    private static JsonNode found(JsonNode score, String what) {
        for (JsonNode thing : score.get("found")) {
            if (thing.get("what").asString().equals(what)) {
                return thing;
            }
        }
        throw new IllegalStateException("no " + what);
    }

    /** What she reads off swatches whose truth is known is one more witness of what her eye does to the log. */
    @Test
    public void whatAnEyeReadsOffSwatchesIsTakenAlong() {
        try (RunningServer salon = new RunningServer(true)) {
            String jory = "/api/clients/" + client("Jory Penhale") + "/learning";
            JsonNode before = found(score(salon.get(jory).body(), "frizz"), "Hester Lund's eye")
                    .get("estimate");
            JsonNode items = salon.post("/api/practice/swatches", "{\"seed\":8,\"count\":14}")
                    .body()
                    .get("items");
            for (JsonNode item : items) {
                String scored = "{\"item\":" + item + ",\"definition\":5,\"clumping\":5,\"frizz\":";
                double truth = salon.post("/api/practice/eye", "[" + scored + "5}]")
                        .body()
                        .at("/read/0/frizz")
                        .asDouble();
                Answer told = salon.post(
                        "/api/practice/people/Hester%20Lund/readings", scored + Math.max(0, truth - 1) + "}");
                assertEquals(told.status(), 200, told.body().toString());
            }
            JsonNode after = found(score(salon.get(jory).body(), "frizz"), "Hester Lund's eye")
                    .get("estimate");
            assertTrue(after.get("points").asDouble() < 0, after.toString());
            assertTrue(reach(after) < reach(before), after + " is surer than " + before);
        }
    }

    private static double reach(JsonNode estimate) {
        return estimate.get("high").asDouble() - estimate.get("low").asDouble();
    }

    @Test
    public void theHiddenTruthIsFound() {
        JsonNode jory = learning("Jory Penhale");
        JsonNode definition = score(jory, "definition");
        assertTrue(found(definition, "Fathom firm gel").at("/estimate/high").asDouble() < 0, "the praised gel fails");
        assertTrue(found(definition, "Left side").at("/estimate/high").asDouble() < 0, "the left side is weak");
        JsonNode frizz = score(jory, "frizz");
        assertTrue(found(frizz, "Hester Lund's eye").at("/estimate/points").asDouble() < -.1, "she reads frizz low");
        assertEquals(jory.at("/answers/doesNot/0/what").asString(), "Fathom firm gel");
        JsonNode accuracy = definition.get("accuracy");
        assertTrue(accuracy.get("helps").asBoolean());
        assertTrue(accuracy.get("correctedError").asDouble()
                < accuracy.get("modelError").asDouble());
        assertEquals(learning("Perrin Vane").get("washes").asInt(), 0);
    }

    /** Nine washes with nothing clear still say which way they lean, and how far that is to be trusted. */
    @Test
    public void whatIsLikelyIsSaidWhereNothingIsClear() {
        int leaning = 0;
        for (JsonNode one : server.get("/api/clients").body()) {
            JsonNode answers = learning(one.get("name").asString()).get("answers");
            for (String[] side : new String[][] {{"works", "mayWork"}, {"doesNot", "mayNot"}}) {
                JsonNode clear = answers.get(side[0]);
                JsonNode may = answers.path(side[1]);
                for (JsonNode answer : clear) {
                    assertTrue(answer.get("chancePercent").asInt() >= 90, answer.toString());
                }
                if (may.isObject()) {
                    leaning++;
                    assertTrue(clear.isEmpty(), answers.toString());
                    int chance = may.get("chancePercent").asInt();
                    assertTrue(chance >= 67 && chance <= 90, may.toString());
                    assertEquals(may.at("/estimate/points").asDouble() > 0, side[0].equals("works"), may.toString());
                }
            }
        }
        assertTrue(leaning > 3, leaning + " heads lean without being clear");
    }

    @Test
    public void aPlanTakesItAlongAndTheSwitchLeavesItOut() {
        JsonNode client = server.get("/api/clients/" + client("Jory Penhale")).body();
        String shelf = IntStream.rangeClosed(1, 9)
                .mapToObj(id -> "{\"id\":" + id + "}")
                .collect(Collectors.joining(","));
        String query = "\"hair\":" + client.get("hair") + ",\"goal\":" + client.get("goal") + ",\"air\":" + Bodies.AIR
                + ",\"limits\":" + client.get("limits") + ",\"shelf\":[" + shelf + "]";
        JsonNode book = server.post("/api/routines/suggest", "{" + query + "}").body();
        String learned = ",\"learned\":" + learning("Jory Penhale").get("correction");
        Answer taught = server.post("/api/routines/suggest", "{" + query + learned + "}");
        assertEquals(taught.status(), 200, taught.body().toString());
        String outcome = "/suggestions/0/outcome/";
        assertNotEquals(taught.body().at(outcome + "overall"), book.at(outcome + "overall"));
        double[] wide = {width(book), width(taught.body())};
        assertTrue(wide[1] < wide[0], "what is known is said more narrowly");
        assertFalse(taught.body().at("/suggestions/0/routine").toString().contains("Fathom firm gel"));
        JsonNode clarifier = bottle("CLARIFIER");
        Answer next = server.post(
                "/api/clients/" + client("Jory Penhale") + "/learning/next",
                "{" + query.substring(0, query.length() - 1) + ",{\"id\":" + clarifier.get("id") + "}]" + learned
                        + "}");
        assertEquals(next.status(), 200, next.body().toString());
        assertTrue(!next.body().isEmpty() && next.body().size() <= 3);
        for (JsonNode trial : next.body()) {
            double gain = trial.get("gainPoints").asDouble();
            assertTrue(gain >= 0, trial.toString());
            assertEquals(gain >= .05, trial.get("worthwhile").asBoolean(), trial.toString());
            boolean halves = trial.get("way").asString().equals("HALVES");
            assertEquals(trial.get("routine").toString().contains("\"half\""), halves, trial.toString());
            assertTrue(trial.at("/routine/trial").asBoolean());
            assertTrue(
                    trial.get("routine").toString().contains("CLARIFY"), "not clarified this week: first of all it is");
        }
    }

    /** What was given in the log's washes is known of the head today: what builds up is learned, said, and clarified when it is due. */
    @Test
    public void careIsKnownFromTheLog() {
        long ottoline = client("Ottoline Marsh");
        JsonNode hair = server.get("/api/clients/" + ottoline + "/hair").body();
        assertEquals(hair.get("daysSinceWash").asDouble(), 5.0, hair.toString());
        assertEquals(hair.get("daysSinceClarify").asDouble(), 26.0, hair.toString());
        JsonNode learning = learning("Ottoline Marsh");
        JsonNode week = found(score(learning, "definition"), "Each week since clarifying");
        assertTrue(
                week.at("/estimate/low").asDouble() < -.4
                        && week.at("/estimate/high").asDouble() < -.2,
                "the hidden truth is -0.4 a week: " + week);
        assertTrue(week.get("association").asBoolean());
        JsonNode against = learning.at("/answers/doesNot/0");
        assertEquals(against.get("what").asString(), "Each week since clarifying");
        assertTrue(against.get("words").asString().endsWith(", association"), against.toString());
        String ask = "{\"hair\":" + hair + ",\"goal\":{\"definition\":2,\"volume\":3,\"length\":0,\"softness\":1,"
                + "\"longevity\":1},\"air\":{\"temperatureC\":22,\"relativeHumidity\":52},\"limits\":{\"minutes\":120},"
                + "\"shelf\":" + server.get("/api/products").body();
        String learned = ",\"learned\":" + learning.get("correction");
        assertFalse(first(ask + "}").contains("CLARIFY"), "by the book its water is what it was");
        assertTrue(first(ask + learned + "}").contains("CLARIFY"), "26 days cost a point and a half");
        String fresh = ask.replaceFirst("\"daysSinceClarify\":[0-9.]+", "\"daysSinceClarify\":0");
        assertFalse(first(fresh + learned + "}").contains("CLARIFY"));
    }

    private String first(String ask) {
        Answer answer = server.post("/api/routines/suggest", ask);
        assertEquals(answer.status(), 200, answer.body().toString());
        return answer.body().at("/suggestions/0/routine").toString();
    }

    /** A label that is put right counts for every wash the bottle was in: the same fault is not taken off twice. */
    @Test
    public void aLabelPutRightIsLearnedFromAnew() {
        JsonNode before = learnedOf("Kelp jelly");
        JsonNode item = null;
        for (JsonNode one : server.get("/api/shelf/items").body()) {
            item = one.at("/product/name").asString().equals("Kelp jelly") ? one : item;
        }
        double hold = item.at("/product/hold").asDouble();
        String product = item.get("product").toString().replaceFirst("\"hold\":[0-9.]+", "\"hold\":" + (hold - 3));
        Answer saved = server.put(
                "/api/shelf/items/" + item.get("id"),
                "{\"product\":" + product + ",\"shelfId\":" + item.get("shelfId") + "}",
                "\"" + item.get("version") + "\"");
        assertEquals(saved.status(), 200, saved.body().toString());
        JsonNode after = learnedOf("Kelp jelly");
        assertTrue(
                definition(after) > definition(before) + .2,
                "said to hold less it did better than said: " + definition(before) + ", then " + definition(after));
        assertEquals(after.get("washes"), before.get("washes"));
        server.put(
                "/api/shelf/items/" + item.get("id"),
                "{\"product\":" + item.get("product") + ",\"shelfId\":" + item.get("shelfId") + "}",
                "\"" + saved.body().get("version") + "\"");
        assertEquals(definition(learnedOf("Kelp jelly")), definition(before), 1e-9);
    }

    private JsonNode learnedOf(String bottle) {
        for (JsonNode one : server.get("/api/learning/bottles").body()) {
            if (one.get("bottle").asString().equals(bottle)) {
                return one;
            }
        }
        throw new AssertionError("nothing learned of " + bottle);
    }

    private static double definition(JsonNode bottle) {
        double sum = 0;
        for (JsonNode kind : bottle.get("onKinds")) {
            for (JsonNode moved : kind.get("scores")) {
                sum += moved.get("score").asString().equals("definition")
                        ? moved.at("/known/points").asDouble()
                        : 0;
            }
        }
        return sum / bottle.get("onKinds").size();
    }

    private JsonNode bottle(String role) {
        for (JsonNode product : server.get("/api/products").body()) {
            if (product.get("role").asString().equals(role)) {
                return product;
            }
        }
        throw new AssertionError("the demo's shelf has no " + role);
    }

    private static double width(JsonNode suggestions) {
        JsonNode likely = suggestions.at("/suggestions/0/outcome/likely/0");
        return likely.get("high").asDouble() - likely.get("low").asDouble();
    }

    @Test
    public void trialsAreKeptReadStoppedAndTakenUp() {
        long wren = client("Wren Castellan");
        JsonNode running = server.get("/api/clients/" + wren + "/trials").body().get(0);
        assertEquals(running.at("/reading/pairs").size(), 3);
        assertTrue(running.at("/reading/early").asBoolean());
        JsonNode jory = server.get("/api/clients/" + client("Jory Penhale") + "/trials")
                .body()
                .get(0);
        assertEquals(jory.at("/reading/readings/0/trial/verdict").asString(), "WORSE");
        String path = "/api/trials/" + running.get("id").asLong();
        String plan = running.get("plan").toString();
        String out = plan.substring(0, plan.length() - 1) + ",\"leftOut\":[{\"washDay\":"
                + running.at("/reading/pairs/0/washes/0").asLong() + ",\"because\":\"rain\"}]}";
        int washes = washesLearned(wren);
        Answer saved = server.put(path, out, "\"" + running.get("version").asInt() + "\"");
        assertEquals(saved.status(), 200, saved.body().toString());
        assertEquals(saved.body().at("/reading/pairs").size(), 2);
        assertEquals(washesLearned(wren), washes - 1, "what rain spoilt teaches nothing");
        assertEquals(server.put(path, plan, "\"1\"").status(), 412, "somebody was quicker");
        assertEquals(server.put(path, plan, null).status(), 428);
        server.restart();
        assertEquals(
                server.get("/api/clients/" + wren + "/trials")
                        .body()
                        .at("/0/plan/leftOut/0/because")
                        .asString(),
                "rain");
        assertEquals(server.delete(path).status(), 204);
        assertEquals(server.get("/api/clients/" + wren + "/trials").body().size(), 0);
        assertEquals(server.post(path + "/back", "").status(), 200);
        assertEquals(server.put(path, plan, saved.etag().replace("2", "4")).status(), 200);
        assertEquals(washesLearned(wren), washes, "counted again");
    }

    private int washesLearned(long client) {
        return server.get("/api/clients/" + client + "/learning")
                .body()
                .get("washes")
                .asInt();
    }

    @Test
    public void theFirstHonestScoreCounts() {
        long tamsin = client("Tamsin Hale");
        JsonNode day =
                server.get("/api/clients/" + tamsin + "/wash-days").body().get(0);
        double before = told(tamsin, day.get("id").asString());
        String rating = day.get("rating").toString().replaceAll("\"definition\":[0-9.]+", "\"definition\":0.5");
        assertEquals(server.rate(day.get("id").asLong(), rating).status(), 200);
        assertEquals(told(tamsin, day.get("id").asString()), before, 1e-9, "a mind changed later");
    }

    private double told(long client, String wash) {
        JsonNode learning = server.get("/api/clients/" + client + "/learning").body();
        for (JsonNode one : score(learning, "definition").get("washes")) {
            if (one.get("id").asString().equals(wash)) {
                return one.get("scored").asDouble();
            }
        }
        throw new IllegalStateException("no " + wash);
    }

    private static String past(double definition) {
        return "{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR + ",\"routine\":"
                + Bodies.ROUTINE + ",\"scores\":{\"definition\":" + definition + "}}";
    }

    private static String predict(String history) {
        return "{\"history\":[" + history + "],\"next\":{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL
                + ",\"air\":" + Bodies.AIR + ",\"routine\":" + Bodies.ROUTINE + "}}";
    }

    @Test
    public void aPredictionLeansOnTheWashesGiven() {
        JsonNode none = server.post("/api/learning/predict", predict("")).body();
        double model = none.at("/scores/definition/model").asDouble();
        assertEquals(none.at("/scores/definition/corrected").asDouble(), model);
        assertEquals(none.get("washes").asInt(), 0);
        String low = IntStream.range(0, 9).mapToObj(i -> past(3 + .1 * (i % 3))).collect(Collectors.joining(","));
        Answer answer = server.post("/api/learning/predict", predict(low));
        assertEquals(answer.status(), 200, answer.body().toString());
        JsonNode said = answer.body().at("/scores/definition");
        assertEquals(said.get("corrected").asDouble(), 3.1, .5);
        assertTrue(said.get("low").asDouble() < said.get("corrected").asDouble());
        assertTrue(answer.body().at("/accuracy/definition/correctedError").asDouble()
                < answer.body().at("/accuracy/definition/modelError").asDouble());
        assertEquals(answer.body().at("/parts/0/washes").asInt(), 9);
    }

    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {"/api/learning/trial", "{\"pairs\":[]}", "at least one pair"},
            {"/api/learning/trial", "{\"pairs\":[{\"a\":11,\"b\":3}]}", "/pairs/0/a"},
            {"/api/learning/trial", "{\"pairs\":[{\"a\":1,\"b\":3,\"aSide\":\"FRONT\"}]}", "/pairs/0/aSide"},
            {"/api/learning/trial", "{}", "/pairs"},
            {"/api/learning/predict", predict(past(12)), "/history/0/scores/definition"},
            {"/api/learning/predict", predict(past(3).replace("\"definition\":3.0", "")), "at least one score"},
            {"/api/learning/predict", "{\"history\":[]}", "/next"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsSaid(String path, String body, String said) {
        Answer answer = server.post(path, body);
        assertTrue(answer.status() == 400 || answer.status() == 422, answer.status() + " " + answer.body());
        assertTrue(answer.type().contains("problem+json"), answer.type());
        assertTrue(answer.body().toString().contains(said), answer.body().toString());
    }

    /** Far more washes than any salon sends at once: refused or answered, never an error of ours. */
    @Test
    public void tooManyWashesAreRefused() {
        String one = past(4);
        String many = String.join(",", java.util.Collections.nCopies(20_000, one));
        Answer answer = server.post("/api/learning/predict", predict(many));
        assertTrue(answer.status() == 413 || answer.status() == 422, "" + answer.status());
    }

    @Test
    public void aTrialReadsAsTheApiSays() {
        JsonNode trial = server.post(
                        "/api/learning/trial",
                        "{\"pairs\":[{\"a\":5,\"b\":7,\"aSide\":\"LEFT\"},{\"a\":5,\"b\":6.5,\"aSide\":\"RIGHT\"},"
                                + "{\"a\":4,\"b\":6,\"aSide\":\"LEFT\"},{\"a\":5,\"b\":7.5,\"aSide\":\"RIGHT\"},"
                                + "{\"a\":5,\"b\":7,\"aSide\":\"LEFT\"},{\"a\":6,\"b\":7.5,\"aSide\":\"RIGHT\"}]}")
                .body();
        assertEquals(trial.get("pairs").asInt(), 6);
        assertEquals(trial.get("verdict").asString(), "BETTER");
        assertEquals(trial.get("pairsStillNeeded").asInt(), 0);
        assertEquals(trial.get("pValue").asDouble(), 2 / 64.0, 1e-9);
        assertTrue(trial.has("sideEffect") && trial.get("low").asDouble() > 0);
    }

    @Test
    public void bottlesAreJudgedByTheirWashes() {
        for (JsonNode bottle : server.get("/api/learning/bottles").body()) {
            boolean few = bottle.get("washes").asInt() < 8;
            assertTrue(!few || bottle.get("verdict").asString().equals("WAITS"), bottle.toString());
        }
    }
}
