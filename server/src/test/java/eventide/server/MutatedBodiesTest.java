package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Every write of the published description, with bodies as it allows them and spoilt: done, or a problem; never our fault. */
public class MutatedBodiesTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int REQUESTS = 6000;
    /** Another one may be asked for, to look further. */
    private static final long SEED = Long.getLong("eventide.seed", 20261129);
    /** A computation on a mutated question need not be finished here, ms. */
    private static final long LITTLE_TIME = 30;

    private static final List<String> TYPES = List.of(
            "application/json",
            "application/json",
            "application/json",
            "application/json",
            "application/json",
            "application/json",
            "*/*",
            "text/plain",
            "application/xml",
            "multipart/form-data",
            "application/x-www-form-urlencoded",
            "image/png",
            "no type at all",
            "application/json; charset=nonsense");

    /** Pointers, words of the machine's libraries, nothing where something should stand. */
    private static final Pattern OF_MACHINES = Pattern.compile(
            "(^| )/[a-zA-Z]|\\b(null|NaN|token|REDACTED|byte|input|deserialize|parse)\\b|\\b(java|tools|org)\\.|Exception");

    private record Write(String method, String path, JsonNode schema) {}

    private RunningServer server;
    private final HttpClient http = HttpClient.newHttpClient();
    private final Random random = new Random(SEED);
    /** What the problems said, numbers and quotations left out. */
    private final Set<String> said = new TreeSet<>();

    @BeforeClass
    public void start() {
        server = new RunningServer(false, LITTLE_TIME);
        for (int i = 0; i < 3; i++) {
            server.post("/api/clients", "{\"name\":\"Client " + i + "\",\"hair\":" + Bodies.HAIR + "}");
            server.post("/api/clients/1/wash-days", Bodies.washDay("Day " + i));
            server.post("/api/products", Bodies.GEL);
        }
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private List<Write> writes(JsonNode api) {
        List<Write> writes = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : api.get("paths").properties()) {
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                if (!method.getKey().equals("get")) {
                    JsonNode content = method.getValue().at("/requestBody/content");
                    JsonNode schema = content.isMissingNode()
                            ? JSON.createObjectNode()
                            : content.iterator().next().path("schema");
                    writes.add(new Write(method.getKey().toUpperCase(java.util.Locale.ROOT), path.getKey(), schema));
                }
            }
        }
        return writes;
    }

    private String address(String path) {
        return path.replace("{id}", pick("1", "2", "3", "3", "99", "0", "-1", "9223372036854775807", "abc", "1e3"))
                .replace("{view}", pick("FRONT", "BACK", "front", "ABOVE"))
                .replace("{key}", pick("613779db-b24a-47c4-b600-955373db083e", "0", "..%2F", "x".repeat(70)))
                .replace("{person}", pick("Hester", "Piran%20K", "%20", "x".repeat(70)))
                .replace("{day}", pick("2", "3", "30", "31", "x"));
    }

    private String pick(String... some) {
        return some[random.nextInt(some.length)];
    }

    @Test
    public void eachIsDoneOrAProblemThatSaysWhatToDo() throws Exception {
        JsonNode api = server.get("/api/openapi.json").body();
        List<Write> writes = writes(api);
        FromSchema bodies = new FromSchema(api, random);
        int done = 0;
        int refused = 0;
        for (int i = 0; i < REQUESTS; i++) {
            Write write = writes.get(i % writes.size());
            JsonNode body = bodies.body(write.schema());
            String sent = (random.nextInt(4) == 0 ? body : bodies.spoilt(body)).toString();
            sent = random.nextInt(12) == 0 ? sent.substring(0, sent.length() / 2) : sent;
            String path = address(write.path());
            String type = TYPES.get(random.nextInt(TYPES.size()));
            HttpResponse<String> answer = send(write.method(), path, type, sent);
            String what = "request " + i + " of seed " + SEED + ": " + write.method() + " " + path + " " + type + " "
                    + sent.substring(0, Math.min(2000, sent.length())) + " -> " + answer.statusCode() + " "
                    + answer.body();
            if (answer.statusCode() / 100 == 2) {
                done++;
                meansWhatItSays(write, answer, what);
            } else {
                refused++;
                isAProblem(answer, what);
            }
        }
        assertTrue(done > REQUESTS / 20 && refused > REQUESTS / 2, done + " done, " + refused + " refused");
        allCanStillBeRead();
        isSaidInAStylistsWords();
    }

    /** {@code -Dsaid=FILE} writes them out to be read. */
    private void isSaidInAStylistsWords() throws IOException {
        String to = System.getProperty("said");
        if (to != null) {
            Files.write(Path.of(to), said);
        }
        List<String> wrong = said.stream()
                .filter(text -> OF_MACHINES.matcher(text).find())
                .limit(20)
                .toList();
        assertTrue(said.size() > 100 && wrong.isEmpty(), said.size() + " faults, of them " + String.join("\n", wrong));
    }

    private HttpResponse<String> send(String method, String path, String type, String body) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(server.url(path)))
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .header("Content-Type", type);
        if (random.nextInt(3) > 0) {
            request.header("If-Match", pick("\"1\"", "\"2\"", "1", "W/\"1\"", "\"999999999\"", "nonsense"));
        }
        return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** What was made is there under its number. */
    private void meansWhatItSays(Write write, HttpResponse<String> answer, String what) {
        if (answer.statusCode() == 201 && write.path().equals("/api/clients")) {
            JsonNode made = JSON.readTree(answer.body());
            JsonNode kept =
                    server.get("/api/clients/" + made.get("id").asLong()).body();
            assertEquals(kept, made, what);
        }
    }

    private void isAProblem(HttpResponse<String> answer, String what) {
        assertEquals(answer.statusCode() / 100, 4, what);
        assertEquals(answer.headers().firstValue("Content-Type").orElse(""), "application/problem+json", what);
        JsonNode problem = JSON.readTree(answer.body());
        assertEquals(problem.get("status").asInt(), answer.statusCode(), what);
        assertTrue(!problem.path("title").asString("").isBlank(), what);
        assertTrue(!problem.path("detail").asString("").isBlank(), what);
        assertTrue(!problem.get("detail").asString().contains("Exception"), what);
        said.add(problem.get("detail")
                .asString()
                .replaceAll("\"[^\"]*\"", "\"…\"")
                .replaceAll("-?\\d[\\d.E]*", "n"));
    }

    /** Whatever was let in comes out again, and the file it makes would be let in elsewhere. */
    private void allCanStillBeRead() {
        for (String path : List.of(
                "/api/clients",
                "/api/today",
                "/api/products",
                "/api/shelf/items",
                "/api/shelves",
                "/api/templates",
                "/api/wash-days",
                "/api/chair/running",
                "/api/exchange/log.json",
                "/api/shelf/export")) {
            assertEquals(server.get(path).status(), 200, path);
        }
        String all = server.get("/api/exchange").body().toString();
        JsonNode preview = server.post(
                        "/api/exchange/preview",
                        JSON.createObjectNode().put("text", all).toString())
                .body();
        assertEquals(preview.path("faulty").asInt(-1), 0, preview.toString());
    }
}
