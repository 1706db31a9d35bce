package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Who is served, and what a page is allowed. */
public class OutsideTest {
    private RunningServer server;
    private int port;

    @BeforeClass
    public void start() {
        server = new RunningServer(false);
        port = URI.create(server.url("/")).getPort();
        server.post("/api/clients", "{\"name\":\"Nell\"}");
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    /** Word by word, as no library would send it. */
    private String raw(String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private record Asked(String line, String headers, int status) {
        @Override
        public String toString() {
            return line + " " + headers.replace("\r\n", " ");
        }
    }

    @DataProvider
    public Object[] asked() {
        String own = "localhost:" + port;
        return new Object[] {
            new Asked("GET /api/clients", "Host: " + own, 200),
            new Asked("GET /api/clients", "Host: 127.0.0.1:" + port, 200),
            new Asked("GET /api/clients", "Host: LOCALHOST:" + port, 200),
            new Asked("GET /api/clients", "Host: [::1]:" + port, 200),
            new Asked("GET /api/clients", "Host: salon.example:" + port, 403),
            new Asked("GET /api/clients", "Host: localhost.evil.example", 403),
            new Asked("GET /", "Host: salon.example", 403),
            new Asked("GET /api/clients", "Host: " + own + "\r\nOrigin: http://" + own, 200),
            new Asked("GET /api/clients", "Host: " + own + "\r\nOrigin: https://evil.example", 403),
            new Asked("GET /api/clients", "Host: " + own + "\r\nOrigin: http://localhost:1", 403),
            new Asked("GET /api/clients", "Host: " + own + "\r\nOrigin: null", 403),
            new Asked("POST /api/wash-days/1/stock/undo", "Host: " + own + "\r\nOrigin: http://evil.example", 403),
            new Asked("POST /api/wash-days/1/stock/undo", "Host: " + own + "\r\nSec-Fetch-Site: cross-site", 403),
            new Asked("POST /api/wash-days/1/stock/undo", "Host: " + own + "\r\nSec-Fetch-Site: same-site", 403),
            new Asked("POST /api/wash-days/1/stock/undo", "Host: " + own, 404),
            new Asked("DELETE /api/wash-days/1", "Host: " + own + "\r\nOrigin: http://evil.example", 403),
            new Asked("GET /api/backup", "Host: " + own + "\r\nSec-Fetch-Site: cross-site", 403),
            new Asked("GET /", "Host: " + own + "\r\nSec-Fetch-Site: cross-site", 200),
            new Asked("GET /api/clients", "Host: " + own + "\r\nSec-Fetch-Site: same-origin", 200),
        };
    }

    @Test(dataProvider = "asked")
    public void onlyTheAppsOwnPageOnThisMachineIsServed(Asked asked) throws IOException {
        String answer = raw(asked.line() + " HTTP/1.1\r\n" + asked.headers()
                + "\r\nContent-Length: 0\r\nConnection: close\r\n\r\n");
        assertTrue(answer.startsWith("HTTP/1.1 " + asked.status() + " "), answer);
        if (asked.status() == 403) {
            assertTrue(answer.contains("application/problem+json"), answer);
        }
    }

    @Test
    public void whatTheContainerRefusesIsAProblemToo() throws IOException {
        for (String line : new String[] {"GET /api/clients/%zz", "GET /api/cl\u0001ients", "BREW\u0000 /api/clients"}) {
            String answer = raw(line + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
            assertTrue(answer.startsWith("HTTP/1.1 400 "), answer);
            assertTrue(answer.contains("application/problem+json"), answer);
            assertFalse(answer.contains("Apache"), answer);
        }
        String long100 = "GET /api/clients HTTP/1.1\r\nHost: localhost\r\nX: " + "y".repeat(100_000) + "\r\n\r\n";
        assertTrue(raw(long100).contains("application/problem+json"));
    }

    @Test
    public void everyPageSaysWhatItMayLoadAndThatNobodyFramesIt() throws IOException, InterruptedException {
        for (String path : new String[] {"/", "/api/clients", "/api/nothing"}) {
            HttpResponse<String> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(server.url(path))).build(),
                            HttpResponse.BodyHandlers.ofString());
            String policy =
                    answer.headers().firstValue("Content-Security-Policy").orElse("");
            assertTrue(policy.contains("script-src 'self';"), policy);
            assertTrue(policy.contains("frame-ancestors 'none'"), policy);
            assertEquals(answer.headers().firstValue("X-Content-Type-Options").orElse(""), "nosniff");
            assertEquals(answer.headers().firstValue("Referrer-Policy").orElse(""), "no-referrer");
        }
        assertFalse(server.text("/").matches("(?s).*<script(?![^>]*src=).*"), "no script stands in the page itself");
    }

    @Test
    public void photographsAreNotToBeHadByCounting() {
        for (int i = 1; i < 20; i++) {
            assertEquals(server.get("/api/shelf/photos/" + i).status(), 404);
            assertEquals(server.get("/api/wash-days/photos/" + i).status(), 404);
            assertTrue(server.get("/api/shelf/items/" + i + "/photo").status() >= 400);
        }
    }

    @Test
    public void everyTextThatComesInHasItsLimitInTheDescription() {
        var api = server.get("/api/openapi.json").body();
        StringBuilder without = new StringBuilder();
        for (var schema : api.at("/components/schemas").properties()) {
            boolean asked = api.get("paths").toString().contains("\"#/components/schemas/" + schema.getKey() + "\"")
                    && isAsked(api, schema.getKey());
            for (var field : schema.getValue().path("properties").properties()) {
                var text = field.getValue();
                boolean open = text.path("type").asString("").equals("string")
                        && !text.has("enum")
                        && !text.has("format")
                        && !text.has("maxLength");
                // A whole file; the limit of a body holds.
                if (asked && open && !field.getKey().equals("text")) {
                    without.append(schema.getKey())
                            .append('.')
                            .append(field.getKey())
                            .append(' ');
                }
            }
        }
        assertEquals(without.toString(), "");
    }

    /** Whether a request carries it as its body. */
    private static boolean isAsked(tools.jackson.databind.JsonNode api, String name) {
        for (var path : api.get("paths").properties()) {
            for (var method : path.getValue()) {
                if (method.at("/requestBody/content").toString().contains("/schemas/" + name + "\"")) {
                    return true;
                }
            }
        }
        return false;
    }
}
