package eventide.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real server on a real H2 file in a directory of its own; it can be stopped and started again on the same data. */
public final class RunningServer implements AutoCloseable {
    private static final JsonMapper JSON = new JsonMapper();

    /** The demo as its first start leaves it, made once and copied: planning its past takes longest of all. */
    private static Path demoAsMade;

    /** The log of a process is one: two servers that set it up, or take it down, at once trip over each other. */
    private static final Object COMING_AND_GOING = new Object();

    /** What a plan says must not hang on how busy the machine is, ms. */
    private static final long WITHOUT_HURRY = 60_000;

    private final Path data;
    private final boolean demo;
    private final long workMillis;
    private final HttpClient http = HttpClient.newHttpClient();
    private ConfigurableApplicationContext context;
    private int port;

    public RunningServer(boolean demo) {
        this(demo, WITHOUT_HURRY);
    }

    /**
     * @param workMillis time for a plan
     */
    RunningServer(boolean demo, long workMillis) {
        this.workMillis = workMillis;
        try {
            data = Files.createTempDirectory("eventide-test");
        } catch (IOException ex) {
            throw new UncheckedIOException(ex);
        }
        this.demo = demo;
        if (demo) {
            copyDemo(data);
        }
        start(0);
    }

    /** On data that lie there already. */
    public RunningServer(Path data) {
        this.data = data;
        this.demo = false;
        this.workMillis = WITHOUT_HURRY;
        start(0);
    }

    private static synchronized void copyDemo(Path to) {
        try {
            if (demoAsMade == null) {
                Path made = Files.createTempDirectory("eventide-demo");
                stop(run(0, made, true, WITHOUT_HURRY));
                demoAsMade = made;
            }
            try (Stream<Path> files = Files.list(demoAsMade)) {
                for (Path file : files.toList()) {
                    Files.copy(file, to.resolve(file.getFileName()));
                }
            }
        } catch (IOException ex) {
            throw new UncheckedIOException(ex);
        }
    }

    private static ConfigurableApplicationContext run(int onPort, Path data, boolean demo, long workMillis) {
        synchronized (COMING_AND_GOING) {
            return new SpringApplicationBuilder(EvenTide.class)
                    .run(
                            "--server.port=" + onPort,
                            "--eventide.data=" + data,
                            "--eventide.demo=" + demo,
                            "--eventide.warm-up=false",
                            "--eventide.work.millis=" + workMillis,
                            "--eventide.backups=false");
        }
    }

    /** A part of the running server, to be asked without a request. */
    public <T> T part(Class<T> type) {
        return context.getBean(type);
    }

    private static void stop(ConfigurableApplicationContext running) {
        synchronized (COMING_AND_GOING) {
            running.close();
        }
    }

    private void start(int onPort) {
        context = run(onPort, data, demo, workMillis);
        port = Integer.parseInt(context.getEnvironment().getProperty("local.server.port"));
    }

    /** Goes down and comes up again on the same data and port. */
    public void restart() {
        stop();
        start(port);
    }

    public void stop() {
        stop(context);
    }

    public String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    /** An answer: its status, its content type and its body as a tree. */
    public record Answer(int status, String type, JsonNode body, String etag) {}

    /** Straight into the database: for filling it faster than any chair could. */
    public void execute(String sql) {
        context.getBean(org.springframework.jdbc.core.simple.JdbcClient.class)
                .sql(sql)
                .update();
    }

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(url(path))).build());
    }

    public Answer post(String path, String body) {
        return send(json(path).POST(HttpRequest.BodyPublishers.ofString(body)).build());
    }

    public Answer postIf(String path, String body, String ifMatch) {
        return send(json(path)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .header("If-Match", ifMatch)
                .build());
    }

    public Answer put(String path, String body, String ifMatch) {
        HttpRequest.Builder request = json(path).PUT(HttpRequest.BodyPublishers.ofString(body));
        return send((ifMatch == null ? request : request.header("If-Match", ifMatch)).build());
    }

    /** Over whatever version stands there. */
    public Answer rate(long day, String rating) {
        return put(
                "/api/wash-days/" + day + "/rating?asPlanned=true",
                rating,
                get("/api/wash-days/" + day).etag());
    }

    /** A kept picture of a wash, by the key its list tells. */
    public byte[] photo(long day, String view, String query) {
        for (JsonNode kept : get("/api/wash-days/" + day + "/photos").body()) {
            if (kept.get("view").asString().equals(view)) {
                return bytes("/api/wash-days/photos/" + kept.get("key").asString() + query);
            }
        }
        throw new IllegalStateException("no " + view);
    }

    public Answer delete(String path) {
        return send(HttpRequest.newBuilder(URI.create(url(path))).DELETE().build());
    }

    /** A file as it is served. */
    public String text(String path) {
        return new String(bytes(path), StandardCharsets.UTF_8);
    }

    public byte[] bytes(String path) {
        return raw(HttpRequest.newBuilder(URI.create(url(path))).build()).body();
    }

    /** As {@link #post} with the answer left unread: for timing the server, not the reading of what it says. */
    int getUnread(String path) {
        return raw(HttpRequest.newBuilder(URI.create(url(path))).build()).statusCode();
    }

    int postUnread(String path, String body) {
        return raw(json(path).POST(HttpRequest.BodyPublishers.ofString(body)).build())
                .statusCode();
    }

    /** Sends a picture; the status that came back. */
    public int upload(String path, byte[] body, String type) {
        return raw(HttpRequest.newBuilder(URI.create(url(path)))
                        .header("Content-Type", type)
                        .PUT(HttpRequest.BodyPublishers.ofByteArray(body))
                        .build())
                .statusCode();
    }

    /** Sends anything as anything. */
    public Answer send(String path, String body, String type) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    /** Sends a picture as a form does, with what else the form says. */
    public Answer form(String path, byte[] image, Map<String, String> fields) {
        String boundary = "----tide";
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        fields.forEach((name, value) -> body.writeBytes(
                ("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + name + "\"\r\n\r\n" + value + "\r\n")
                        .getBytes(StandardCharsets.UTF_8)));
        body.writeBytes(("--" + boundary
                        + "\r\nContent-Disposition: form-data; name=\"image\"; filename=\"lock\"\r\n"
                        + "Content-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(image);
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
                .build());
    }

    private HttpResponse<byte[]> raw(HttpRequest request) {
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException ex) {
            throw new UncheckedIOException(ex);
        } catch (InterruptedException ex) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(ex);
        }
    }

    private HttpRequest.Builder json(String path) {
        return HttpRequest.newBuilder(URI.create(url(path))).header("Content-Type", "application/json");
    }

    private Answer send(HttpRequest request) {
        try {
            HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
            String type = response.headers().firstValue("Content-Type").orElse("");
            JsonNode body = type.contains("json") ? JSON.readTree(response.body()) : JSON.nullNode();
            return new Answer(
                    response.statusCode(),
                    type,
                    body,
                    response.headers().firstValue("ETag").orElse(null));
        } catch (IOException ex) {
            throw new UncheckedIOException(ex);
        } catch (InterruptedException ex) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(ex);
        }
    }

    @Override
    public void close() {
        stop();
    }
}
