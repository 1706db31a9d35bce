package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The server process killed in the middle of mixed writes, again and again, on one file. */
@Test(groups = "process")
public class KilledTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int ROUNDS = 10;
    private static final int WRITERS = 4;
    /** Writes acknowledged in a round before the plug is pulled, at least and at most. */
    private static final int LEAST = 10;

    private static final int MOST = 80;
    private static final double STOCK_ML = 50_000;
    private static final String BOTTLE =
            """
            {"name":"gel","role":"GEL","hold":7,"richness":2,"windowLow":60,"windowHigh":98,"stockMl":50000,"sizeMl":50000}""";

    private final Random random = new Random(20261129);
    private final AtomicInteger acknowledged = new AtomicInteger();
    /** Names and ids of what was answered 2xx. */
    private final Map<String, Long> clients = new ConcurrentHashMap<>();

    private final ConcurrentSkipListSet<String> templates = new ConcurrentSkipListSet<>();
    private final ConcurrentSkipListSet<String> events = new ConcurrentSkipListSet<>();
    private final ConcurrentSkipListSet<Long> finished = new ConcurrentSkipListSet<>();
    /** Deliveries without an answer: the chair sends them again. */
    private final ConcurrentSkipListSet<String> unanswered = new ConcurrentSkipListSet<>();
    /** What was sent for each day after, in order, and how much of it was answered. */
    private final Map<Integer, List<String>> notes = new ConcurrentHashMap<>();

    private final Map<Integer, Integer> notesAnswered = new ConcurrentHashMap<>();
    private long client;
    private long day;
    private long bottle;

    public void whatWasAnsweredIsThereAfterEveryKillOnceAndWhole() throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("eventide-killed");
        try (ServerProcess server = ServerProcess.on(data)) {
            bottle = id(server.post("/api/products", BOTTLE));
            client = id(server.post("/api/clients", "{\"name\":\"Wilf\"}"));
            day = id(server.post("/api/clients/" + client + "/wash-days", Bodies.washDay("Saturday")));
        }
        for (int round = 0; round < ROUNDS; round++) {
            ServerProcess server = ServerProcess.on(data);
            holds(server, "after " + round + " kills");
            for (String key : List.copyOf(unanswered)) {
                deliver(server, key);
            }
            writeUntilKilled(server, round);
        }
        try (ServerProcess server = ServerProcess.on(data)) {
            holds(server, "in the end");
        }
        assertTrue(acknowledged.get() >= ROUNDS * LEAST, "something was written");
    }

    private void writeUntilKilled(ServerProcess server, int round) throws InterruptedException {
        int enough = acknowledged.get() + LEAST + random.nextInt(MOST - LEAST);
        ExecutorService writers = Executors.newFixedThreadPool(WRITERS);
        CountDownLatch reached = new CountDownLatch(1);
        for (int i = 0; i < WRITERS; i++) {
            int writer = i;
            writers.execute(() -> {
                try {
                    for (int turn = 0; true; turn++) {
                        write(server, writer, "round " + round + " writer " + writer + " turn " + turn, turn);
                        if (acknowledged.incrementAndGet() >= enough) {
                            reached.countDown();
                        }
                    }
                } catch (UncheckedIOException pulled) {
                    reached.countDown();
                }
            });
        }
        assertTrue(reached.await(1, TimeUnit.MINUTES));
        server.kill();
        writers.shutdown();
        assertTrue(writers.awaitTermination(1, TimeUnit.MINUTES));
    }

    private void write(ServerProcess server, int writer, String key, int turn) {
        switch (turn % 5) {
            case 0 ->
                clients.put(
                        key,
                        id(server.post("/api/clients", "{\"name\":\"" + key + "\",\"hair\":" + Bodies.HAIR + "}")));
            case 1 -> deliver(server, key);
            case 2 -> follow(server, 2 + writer + WRITERS * (turn % 6), key);
            case 3 -> {
                id(server.post("/api/templates", "{\"name\":\"" + key + "\",\"routine\":" + Bodies.ROUTINE + "}"));
                templates.add(key);
            }
            default -> finish(server);
        }
    }

    private void deliver(ServerProcess server, String key) {
        unanswered.add(key);
        ok(server.post(
                "/api/wash-days/" + day + "/events",
                "{\"events\":[{\"id\":\"" + key
                        + "\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"LOOK\",\"look\":\"COOL\"}]}"));
        events.add(key);
        unanswered.remove(key);
    }

    private void follow(ServerProcess server, int no, String key) {
        List<String> sent = notes.computeIfAbsent(no, any -> new CopyOnWriteArrayList<>());
        sent.add(key);
        ok(server.put(
                "/api/wash-days/" + day + "/following/" + no,
                "{\"day\":" + no + ",\"definition\":5,\"frizz\":3,\"volume\":6,\"notes\":\"" + key + "\"}"));
        notesAnswered.put(no, sent.size());
    }

    /** A run that ends draws from the shelf: rows of four tables, all of them or none. */
    private void finish(ServerProcess server) {
        String routine = Bodies.ROUTINE.replace(Bodies.GEL, "{\"id\":" + bottle + "}");
        long own = id(server.post("/api/clients/" + client + "/wash-days", Bodies.washDay("Run", routine)));
        ok(
                server.post(
                        "/api/wash-days/" + own + "/events",
                        """
                {"events":[{"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                           {"id":"b","at":"2026-05-01T09:05:00Z","kind":"DONE","step":0},
                           {"id":"c","at":"2026-05-01T09:15:00Z","kind":"DONE","step":1},
                           {"id":"d","at":"2026-05-01T09:20:00Z","kind":"FINISH"}]}"""));
        finished.add(own);
    }

    private void holds(ServerProcess server, String when) {
        Map<String, Integer> names = counted(read(server, "/api/clients"), "/name");
        clients.forEach((name, id) -> {
            assertEquals(names.get(name), Integer.valueOf(1), name + " " + when);
            assertEquals(read(server, "/api/clients/" + id).get("name").asString(), name);
            assertEquals(read(server, "/api/clients/" + id + "/readings").size(), 1, "with its reading " + when);
        });
        Map<String, Integer> kept = counted(read(server, "/api/templates"), "/name");
        templates.forEach(name -> assertEquals(kept.get(name), Integer.valueOf(1), name + " " + when));
        Map<String, Integer> happened = counted(read(server, "/api/wash-days/" + day + "/events"), "/id");
        events.forEach(id -> assertEquals(happened.get(id), Integer.valueOf(1), id + " " + when));
        assertTrue(happened.values().stream().allMatch(times -> times == 1), "no event twice " + when);
        for (JsonNode after :
                read(server, "/api/wash-days/" + day + "/following").get("days")) {
            int no = after.get("day").asInt();
            int place = notes.get(no).indexOf(after.get("notes").asString()) + 1;
            assertTrue(place >= notesAnswered.getOrDefault(no, 0), "day " + no + " is an older one " + when);
        }
        stockAddsUp(server, when);
    }

    private void stockAddsUp(ServerProcess server, String when) {
        double left = 0;
        for (JsonNode product : read(server, "/api/products")) {
            left = product.get("stockMl").asDouble();
        }
        double drawn = 0;
        for (JsonNode run : read(server, "/api/clients/" + client + "/wash-days")) {
            long id = run.get("id").asLong();
            JsonNode moves = read(server, "/api/wash-days/" + id + "/stock");
            assertEquals(moves.size(), run.has("finishedAt") ? 1 : 0, "drawn with the end of the run " + when);
            assertTrue(run.has("finishedAt") || !finished.contains(id), "a finished run " + when);
            for (JsonNode move : moves) {
                drawn += Math.round(move.get("ml").asDouble() * 100) / 100.0;
            }
        }
        assertEquals(left + drawn, STOCK_ML, finished.size() * .011 + .1, "what is left and what was drawn " + when);
    }

    private static JsonNode read(ServerProcess server, String path) {
        return JSON.readTree(ok(server.get(path)).body());
    }

    private static long id(HttpResponse<String> answer) {
        return JSON.readTree(ok(answer).body()).get("id").asLong();
    }

    private static HttpResponse<String> ok(HttpResponse<String> answer) {
        assertTrue(answer.statusCode() / 100 == 2, answer.statusCode() + " " + answer.body());
        return answer;
    }

    private static Map<String, Integer> counted(JsonNode list, String pointer) {
        Map<String, Integer> times = new TreeMap<>();
        for (JsonNode one : list) {
            times.merge(one.at(pointer).asString(), 1, Integer::sum);
        }
        return times;
    }
}
