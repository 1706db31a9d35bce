package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Two touches are one: what comes twice under one key is done once, and both are given the same answer. */
public class OnceOnlyTest {
    private RunningServer server;
    private final HttpClient http = HttpClient.newHttpClient();

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    private CompletableFuture<HttpResponse<String>> client(String name, String key) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.url("/api/clients")))
                .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"" + name + "\"}"))
                .header("Content-Type", "application/json")
                .header("Idempotency-Key", key)
                .build();
        return http.sendAsync(request, HttpResponse.BodyHandlers.ofString());
    }

    private long count(String name) {
        return server.get("/api/clients").body().findValues("name").stream()
                .filter(own -> name.equals(own.asString()))
                .count();
    }

    @Test
    public void theSecondIsGivenTheFirstOnesAnswer() {
        HttpResponse<String> first = client("Once", "a").join();
        HttpResponse<String> again = client("Once", "a").join();
        assertEquals(again.statusCode(), 201);
        assertEquals(again.body(), first.body());
        assertEquals(
                again.headers().map().get("content-type"), first.headers().map().get("content-type"));
        assertEquals(count("Once"), 1);
    }

    @Test
    public void manyAtOnceAreOne() {
        List<CompletableFuture<HttpResponse<String>>> all =
                IntStream.range(0, 12).mapToObj(i -> client("Hasty", "b")).toList();
        assertEquals(all.stream().map(own -> own.join().body()).distinct().count(), 1, "one answer for all");
        assertEquals(count("Hasty"), 1);
    }

    @Test
    public void anotherBodyOrAnotherKeyIsAnotherClient() {
        assertNotEquals(
                client("One", "c").join().body(), client("Two", "c").join().body());
        client("Three", "d").join();
        client("Three", "e").join();
        assertEquals(count("Three"), 2, "two people of one name are two touches");
    }

    @Test
    public void whatWasRefusedMayBeSentAgain() {
        assertEquals(client("", "f").join().statusCode(), 422);
        assertEquals(client("", "f").join().statusCode(), 422);
    }
}
