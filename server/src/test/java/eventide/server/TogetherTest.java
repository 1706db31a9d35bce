package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer.Answer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Many at once on one wash, one bottle, one list: each succeeds exactly once, or is told why not. */
public class TogetherTest {
    private RunningServer server;
    private final ExecutorService hands = Executors.newFixedThreadPool(40);

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        hands.shutdown();
        server.close();
    }

    private <T> List<T> atOnce(int many, IntFunction<T> act) {
        CountDownLatch go = new CountDownLatch(1);
        List<Future<T>> running = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            int own = i;
            Callable<T> turn = () -> {
                go.await();
                return act.apply(own);
            };
            running.add(hands.submit(turn));
        }
        go.countDown();
        List<T> done = new ArrayList<>();
        try {
            for (Future<T> one : running) {
                done.add(one.get());
            }
        } catch (InterruptedException | ExecutionException failed) {
            throw new IllegalStateException(failed);
        }
        return done;
    }

    private long client() {
        return server.post("/api/clients", "{\"name\":\"Nell\"}")
                .body()
                .get("id")
                .asLong();
    }

    private long washDay(String routine) {
        return server.post("/api/clients/" + client() + "/wash-days", Bodies.washDay("Saturday", routine))
                .body()
                .get("id")
                .asLong();
    }

    private static String rating(int definition) {
        return "{\"castBroken\":true,\"rootsDry\":true,\"byZone\":{\"CROWN\":{\"definition\":" + definition
                + ",\"clumping\":6,\"frizz\":2,\"volume\":5}}}";
    }

    @Test
    public void oneOfTwentyRatingsOfOneVersionIsTakenAndTheOthersAreToldWhatStandsThere() {
        long day = washDay(Bodies.ROUTINE);
        String tag = server.get("/api/wash-days/" + day).etag();
        List<Answer> answers =
                atOnce(20, i -> server.put("/api/wash-days/" + day + "/rating?asPlanned=true", rating(i % 10), tag));
        assertEquals(answers.stream().filter(a -> a.status() == 200).count(), 1);
        assertEquals(answers.stream().filter(a -> a.status() == 412).count(), 19);
        Answer told =
                answers.stream().filter(a -> a.status() == 412).findFirst().orElseThrow();
        assertTrue(told.body().at("/current/rating").isObject(), "with what stands there");
        assertEquals(
                server.put("/api/wash-days/" + day + "/rating?asPlanned=true", rating(1), null)
                        .status(),
                428);
    }

    @Test
    public void everyRatingThatWasReplacedIsKept() {
        long day = washDay(Bodies.ROUTINE);
        List<Integer> retries = atOnce(20, i -> {
            int tries = 1;
            while (server.rate(day, rating(i % 10)).status() != 200) {
                tries++;
            }
            return tries;
        });
        assertEquals(retries.size(), 20);
        assertEquals(
                server.get("/api/wash-days/" + day + "/rating/before").body().size(), 19);
    }

    @Test
    public void followingDaysAtOnceAreAllKept() {
        long day = washDay(Bodies.ROUTINE);
        List<Integer> statuses = atOnce(29 * 2, i -> server.put(
                        "/api/wash-days/" + day + "/following/" + (2 + i % 29),
                        "{\"day\":" + (2 + i % 29) + ",\"definition\":5,\"frizz\":3,\"volume\":6}",
                        null)
                .status());
        assertEquals(Collections.frequency(statuses, 200), statuses.size(), statuses.toString());
        assertEquals(
                server.get("/api/wash-days/" + day + "/following")
                        .body()
                        .get("days")
                        .size(),
                29);
    }

    @Test
    public void headsThatFinishWithOneBottleAllDrawFromItOnce() {
        long bottle = server.post(
                        "/api/products",
                        """
                        {"name":"the last gel","role":"GEL","hold":7,"richness":2,"windowLow":60,"windowHigh":98,
                         "stockMl":5000,"sizeMl":5000}""")
                .body()
                .get("id")
                .asLong();
        String routine = Bodies.ROUTINE.replace(Bodies.GEL, "{\"id\":" + bottle + "}");
        List<Long> days = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            days.add(washDay(routine));
        }
        String run =
                """
                {"events":[{"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                           {"id":"b","at":"2026-05-01T09:05:00Z","kind":"DONE","step":0},
                           {"id":"c","at":"2026-05-01T09:15:00Z","kind":"DONE","step":1},
                           {"id":"d","at":"2026-05-01T09:20:00Z","kind":"FINISH"}]}""";
        // Each delivery twice, as from two devices.
        List<Integer> statuses = atOnce(24, i -> server.post("/api/wash-days/" + days.get(i % 12) + "/events", run)
                .status());
        assertEquals(Collections.frequency(statuses, 200), 24, statuses.toString());
        double drawn = 0;
        for (long day : days) {
            JsonNode moves = server.get("/api/wash-days/" + day + "/stock").body();
            assertEquals(moves.size(), 1, "drawn once");
            drawn += moves.get(0).get("ml").asDouble();
        }
        double left = stock(bottle);
        assertEquals(left + drawn, 5000, 12 * .006);
    }

    @Test
    public void givingBackNeverInventsWhatTheBottleDidNotHold() {
        long bottle = server.post(
                        "/api/products",
                        """
                        {"name":"a rest of gel","role":"GEL","hold":7,"richness":2,"windowLow":60,"windowHigh":98,
                         "stockMl":0.3,"sizeMl":500}""")
                .body()
                .get("id")
                .asLong();
        long day = washDay(Bodies.ROUTINE.replace(Bodies.GEL, "{\"id\":" + bottle + "}"));
        events(
                day,
                """
                {"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                {"id":"b","at":"2026-05-01T09:05:00Z","kind":"DONE","step":0},
                {"id":"c","at":"2026-05-01T09:15:00Z","kind":"DONE","step":1},
                {"id":"d","at":"2026-05-01T09:20:00Z","kind":"FINISH"}""");
        JsonNode move = server.get("/api/wash-days/" + day + "/stock").body().get(0);
        assertTrue(move.get("ml").asDouble() > .3, move.toString());
        assertEquals(move.get("takenMl").asDouble(), .3);
        assertEquals(stock(bottle), 0.0);
        assertEquals(server.post("/api/wash-days/" + day + "/stock/undo", "{}").status(), 200);
        assertEquals(stock(bottle), .3, "as much as it gave");
    }

    private double stock(long bottle) {
        for (JsonNode product : server.get("/api/products").body()) {
            if (product.get("id").asLong() == bottle) {
                return product.get("stockMl").asDouble();
            }
        }
        throw new IllegalStateException("no bottle " + bottle);
    }

    @Test
    public void manyListsAtOnceNeedNoSecondConnection() {
        for (int i = 0; i < 20; i++) {
            washDay(Bodies.ROUTINE);
        }
        // More than there are connections: were a second one needed while one is held, none would come to an end.
        int some = 14;
        for (String path : List.of("/api/clients", "/api/today", "/api/chair/running", "/api/exchange")) {
            List<Integer> statuses = atOnce(some, i -> server.get(path).status());
            assertEquals(Collections.frequency(statuses, 200), some, path + statuses);
        }
    }

    @Test
    public void washDaysWithANewProductAtOnceAreAllKept() {
        long client = client();
        String routine = Bodies.ROUTINE.replace("\"gel\"", "\"a gel nobody had before\"");
        List<Integer> statuses = atOnce(
                16, i -> server.post("/api/clients/" + client + "/wash-days", Bodies.washDay("Day " + i, routine))
                        .status());
        assertEquals(Collections.frequency(statuses, 201), 16, statuses.toString());
        assertEquals(server.get("/api/clients/" + client + "/wash-days").body().size(), 16);
    }

    @Test
    public void rubTestsOfOnePairAtOnceAreNoConflict() {
        List<Long> pair = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            pair.add(server.post("/api/products", Bodies.GEL).body().get("id").asLong());
        }
        String body = "{\"underId\":" + pair.get(0) + ",\"overId\":" + pair.get(1) + ",\"outcome\":\"SMOOTH\"}";
        List<Integer> statuses =
                atOnce(16, i -> server.put("/api/shelf/rub-tests", body, null).status());
        assertEquals(Collections.frequency(statuses, 200), 16, statuses.toString());
    }

    @Test
    public void aNoteAfterTheRatingIsKeptAndTheWashStaysFinished() {
        long day = washDay(Bodies.ROUTINE);
        events(day, "{\"id\":\"a\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"BEGIN\"}");
        assertEquals(server.rate(day, rating(7)).status(), 200);
        JsonNode rated = server.get("/api/wash-days/" + day).body();
        events(
                day,
                "{\"id\":\"n\",\"at\":\"2026-05-01T10:00:00Z\",\"kind\":\"NOTE\",\"zone\":\"CROWN\",\"sign\":\"FRIZZY\"}");
        JsonNode after = server.get("/api/wash-days/" + day).body();
        assertEquals(after.get("finishedAt"), rated.get("finishedAt"));
        assertEquals(after.get("version"), rated.get("version"), "a note is no other version of the wash");
        assertEquals(after.at("/record/notes").size(), 1);
        String clients = "/api/wash-days?client=" + after.get("clientId").asLong();
        assertEquals(server.get(clients).body().get("lines").size(), 1, "it is still in the log");
    }

    @Test
    public void onlyGoingBackToAStepOpensAFinishedRunAgain() {
        long day = washDay(Bodies.ROUTINE);
        events(
                day,
                """
                {"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                {"id":"b","at":"2026-05-01T09:05:00Z","kind":"DONE","step":0},
                {"id":"c","at":"2026-05-01T09:20:00Z","kind":"FINISH"}""");
        assertTrue(server.get("/api/wash-days/" + day).body().has("finishedAt"));
        events(day, "{\"id\":\"d\",\"at\":\"2026-05-01T09:25:00Z\",\"kind\":\"LOOK\",\"look\":\"COOL\"}");
        assertTrue(server.get("/api/wash-days/" + day).body().has("finishedAt"));
        events(day, "{\"id\":\"e\",\"at\":\"2026-05-01T09:30:00Z\",\"kind\":\"BACK\",\"step\":0}");
        assertTrue(!server.get("/api/wash-days/" + day).body().has("finishedAt"), "reopened: it says so");
    }

    private void events(long day, String events) {
        Answer taken = server.post("/api/wash-days/" + day + "/events", "{\"events\":[" + events + "]}");
        assertEquals(taken.status(), 200, taken.body().toString());
    }
}
