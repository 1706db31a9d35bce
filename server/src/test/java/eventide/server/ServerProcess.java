package eventide.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** The app in a process of its own, as the start scripts run it: it can be killed. */
final class ServerProcess implements AutoCloseable {
    private static final long MOST_STARTING_NANOS = TimeUnit.MINUTES.toNanos(5);

    private final HttpClient http = HttpClient.newHttpClient();
    private final Process process;
    private final int port;

    private ServerProcess(Path data, boolean backups, String... more) {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
        List<String> command = new ArrayList<>(List.of(
                "-XX:TieredStopAtLevel=1", "-Xshare:auto", "-Xmx300m", "-cp", System.getProperty("java.class.path")));
        command.add(EvenTide.class.getName());
        command.addAll(List.of(more));
        command.add("--server.port=" + port);
        command.add("--eventide.data=" + data);
        command.add("--eventide.warm-up=false");
        command.add("--eventide.backups=" + backups);
        process = start(command);
    }

    private static Process start(List<String> arguments) {
        List<String> command = new ArrayList<>(arguments);
        command.add(0, Path.of(System.getProperty("java.home"), "bin", "java").toString());
        try {
            return new ProcessBuilder(command).redirectErrorStream(true).start();
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
    }

    /** Up and answering. */
    static ServerProcess on(Path data) {
        return new ServerProcess(data, false).answering();
    }

    static ServerProcess withBackups(Path data) {
        return new ServerProcess(data, true).answering();
    }

    /** How a process ended that was not to start, and what it said. */
    record Ended(int code, List<String> lines) {}

    static Ended refused(Path data) {
        return ended(new ServerProcess(data, false).process);
    }

    /** What became of a start: up and answering, or ended; the other is null. */
    record Tried(ServerProcess up, Ended ended) {}

    static Tried tried(Path data) {
        ServerProcess server = new ServerProcess(data, false);
        try {
            return new Tried(server.answering(), null);
        } catch (DidNotComeUp ended) {
            return new Tried(null, ended.ended);
        }
    }

    /** With what it said. */
    private static final class DidNotComeUp extends IllegalStateException {
        private static final long serialVersionUID = 1;
        private final transient Ended ended;

        DidNotComeUp(Ended ended) {
            super("The server did not come up: " + ended);
            this.ended = ended;
        }
    }

    /** The command that lists and puts back. */
    static Ended restore(Path data, String... wanted) {
        List<String> arguments = new ArrayList<>(
                List.of("-cp", System.getProperty("java.class.path"), EvenTide.class.getName(), "restore"));
        arguments.addAll(Arrays.asList(wanted));
        arguments.add("--eventide.data=" + data);
        return ended(start(arguments));
    }

    private static Ended ended(Process process) {
        try {
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return new Ended(process.waitFor(), said.lines().toList());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private ServerProcess answering() {
        long until = System.nanoTime() + MOST_STARTING_NANOS;
        while (System.nanoTime() < until && process.isAlive()) {
            try {
                if (get("/api/noop").statusCode() == 204) {
                    return this;
                }
            } catch (UncheckedIOException notYet) {
                LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(50));
            }
        }
        Ended ended = process.isAlive() ? new Ended(0, List.of("still starting")) : ended(process);
        process.destroyForcibly();
        throw new DidNotComeUp(ended);
    }

    HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(uri(path)).build());
    }

    HttpResponse<String> post(String path, String body) {
        return send(json(path).POST(HttpRequest.BodyPublishers.ofString(body)).build());
    }

    HttpResponse<String> put(String path, String body) {
        return send(json(path).PUT(HttpRequest.BodyPublishers.ofString(body)).build());
    }

    private HttpRequest.Builder json(String path) {
        return HttpRequest.newBuilder(uri(path)).header("Content-Type", "application/json");
    }

    private URI uri(String path) {
        return URI.create("http://127.0.0.1:" + port + path);
    }

    /**
     * @throws UncheckedIOException where nobody answered
     */
    private HttpResponse<String> send(HttpRequest request) {
        try {
            return http.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    /** What its heap holds once everything that can go has gone, by the tool that comes with Java. */
    long liveKilobytes() throws IOException {
        String tool = Path.of(System.getProperty("java.home"), "bin", "jcmd").toString();
        Process asked = new ProcessBuilder(tool, Long.toString(process.pid()), "GC.class_histogram").start();
        List<String> lines = ended(asked).lines();
        String[] total = lines.get(lines.size() - 1).strip().split("\\s+");
        return Long.parseLong(total[2]) / 1000;
    }

    /** As if the plug were pulled. */
    void kill() {
        process.destroyForcibly();
        awaitEnd();
    }

    private void awaitEnd() {
        try {
            process.waitFor();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        process.destroy();
        awaitEnd();
    }
}
