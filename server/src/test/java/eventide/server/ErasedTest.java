package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Erased is erased: in every answer, in the export, in the file's own bytes and in the next backup. */
public class ErasedTest {
    /** Words that stand nowhere else, one for each place a client leaves a trace in. */
    private static final List<String> TRACES = List.of(
            "Quillon Ashgrove",
            "kelpfoot",
            "Zweigrohr cream",
            "scullerymark",
            "larboardish",
            "gullmouthed",
            "Tarnwick");

    @Test
    public void nothingOfAnErasedClientIsLeftAnywhere() throws IOException {
        Path data = Files.createTempDirectory("eventide-erased");
        try (RunningServer server = new RunningServer(data)) {
            long kept = id(server.post("/api/clients", "{\"name\":\"Stays Here\",\"hair\":" + Bodies.HAIR + "}"));
            long gone = id(server.post(
                    "/api/clients",
                    "{\"name\":\"Quillon Ashgrove\",\"notes\":\"kelpfoot\",\"hair\":" + Bodies.HAIR + "}"));
            long shelf = id(server.post("/api/shelves", "{\"name\":\"Tarnwick\",\"clientId\":" + gone + "}"));
            long own = id(server.post(
                    "/api/shelf/items",
                    "{\"shelfId\":" + shelf
                            + ",\"product\":{\"name\":\"Zweigrohr cream\",\"role\":\"CREAM\",\"hold\":2,"
                            + "\"richness\":5,\"windowLow\":40,\"windowHigh\":98,\"stockMl\":100},\"facts\":{}}"));
            long salons = id(server.post("/api/products", Bodies.GEL));
            assertEquals(
                    server.put(
                                    "/api/shelf/rub-tests",
                                    "{\"underId\":" + own + ",\"overId\":" + salons
                                            + ",\"outcome\":\"FLAKES\",\"note\":\"scullerymark\"}",
                                    null)
                            .status(),
                    200);
            long day = id(server.post(
                    "/api/clients/" + gone + "/wash-days",
                    "{\"name\":\"larboardish\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":"
                            + Bodies.AIR + ",\"routine\":"
                            + Bodies.steps("{\"action\":\"APPLY\",\"product\":{\"id\":" + own + "}}") + "}"));
            server.post(
                    "/api/wash-days/" + day + "/events",
                    "{\"events\":[{\"id\":\"a\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"BEGIN\"},"
                            + "{\"id\":\"b\",\"at\":\"2026-05-01T09:05:00Z\",\"kind\":\"DONE\",\"step\":0}]}");
            assertEquals(
                    server.put(
                                    "/api/wash-days/" + day + "/following/2",
                                    "{\"day\":2,\"definition\":5,\"frizz\":3,\"volume\":6,\"notes\":\"gullmouthed\"}",
                                    null)
                            .status(),
                    200);
            for (String trace : TRACES) {
                assertTrue(isIn(data, trace), "written before it is erased: " + trace);
            }
            RunningServer.Answer erased =
                    server.post("/api/clients/" + gone + "/erasing", "{\"name\":\"Quillon Ashgrove\"}");
            assertEquals(erased.status(), 200, erased.body().toString());
            assertTrue(
                    erased.body().get("fromTheFile").asBoolean(), erased.body().toString());
            StringBuilder answers = new StringBuilder();
            for (String path : List.of(
                    "/api/clients",
                    "/api/today",
                    "/api/exchange",
                    "/api/exchange/log.json",
                    "/api/wash-days",
                    "/api/products",
                    "/api/shelves",
                    "/api/shelf/items",
                    "/api/shelf/rub-tests",
                    "/api/templates",
                    "/api/chair/running")) {
                JsonNode answer = server.get(path).body();
                answers.append(answer);
            }
            for (String trace : TRACES) {
                assertFalse(answers.toString().contains(trace), "answered: " + trace);
                assertFalse(isIn(data, trace), "in the data folder: " + trace);
            }
            assertEquals(server.get("/api/clients/" + kept).status(), 200);
            server.stop();
            for (String trace : TRACES) {
                assertFalse(isIn(data, trace), "in the data folder once it is closed: " + trace);
            }
        }
    }

    @Test
    public void othersReadAndWriteOnWhileTheFileIsWrittenAnew() throws InterruptedException {
        try (RunningServer server = new RunningServer(false)) {
            AtomicBoolean over = new AtomicBoolean();
            List<Integer> statuses = new ArrayList<>();
            List<String> written = new ArrayList<>();
            Thread others = new Thread(() -> {
                for (int i = 0; !over.get(); i++) {
                    String name = "Shelf " + i;
                    int status = server.post("/api/shelves", "{\"name\":\"" + name + "\"}")
                            .status();
                    statuses.add(status);
                    if (status == 201) {
                        written.add(name);
                    }
                    statuses.add(server.get("/api/clients").status());
                }
            });
            others.start();
            for (int i = 0; i < 5; i++) {
                long id = id(server.post("/api/clients", "{\"name\":\"Gone " + i + "\"}"));
                assertEquals(
                        server.post("/api/clients/" + id + "/erasing", "{\"name\":\"Gone " + i + "\"}")
                                .status(),
                        200);
            }
            over.set(true);
            others.join();
            assertTrue(statuses.stream().allMatch(status -> status / 100 == 2), statuses.toString());
            server.restart();
            String shelves = server.get("/api/shelves").body().toString();
            for (String name : written) {
                assertTrue(shelves.contains("\"" + name + "\""), name);
            }
        }
    }

    private static long id(RunningServer.Answer added) {
        assertTrue(added.status() / 100 == 2, added.body().toString());
        return added.body().get("id").asLong();
    }

    /** In any file's bytes, those of zips unpacked. */
    private static boolean isIn(Path folder, String word) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                if (holds(Files.readAllBytes(file), word)) {
                    return true;
                }
                if (file.toString().endsWith(".zip")) {
                    try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
                        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                            if (holds(zip.readAllBytes(), word)) {
                                return true;
                            }
                        }
                    }
                }
            }
        }
        return false;
    }

    private static boolean holds(byte[] bytes, String word) {
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        return text.contains(word) || text.contains(spread(word));
    }

    /** As a database may keep it, two bytes a letter. */
    private static String spread(String word) {
        return new String(word.getBytes(StandardCharsets.UTF_16BE), StandardCharsets.ISO_8859_1);
    }
}
