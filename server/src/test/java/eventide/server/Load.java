package eventide.server;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;

/** A busy Saturday: many who look, some who write, and two plans being worked out all the while. */
final class Load {
    static final int READERS = 30;
    static final int WRITERS = 10;
    private static final int PLANNERS = 2;

    /** What came of it: how often each status, and how long the cheap requests took, ns. */
    record Figures(Map<Integer, AtomicInteger> statuses, Collection<Long> cheapNanos, int plans, int written) {
        int of(int hundreds) {
            return statuses.entrySet().stream()
                    .filter(entry -> entry.getKey() / 100 == hundreds)
                    .mapToInt(entry -> entry.getValue().get())
                    .sum();
        }

        double cheapMillis(double share) {
            long[] sorted =
                    cheapNanos.stream().mapToLong(Long::longValue).sorted().toArray();
            return sorted.length == 0 ? 0 : sorted[(int) Math.min(sorted.length - 1, share * sorted.length)] / 1e6;
        }

        @Override
        public String toString() {
            return statuses + ", " + plans + " plans, " + written + " written, cheap ones " + cheapNanos.size() + " at "
                    + Arrays.toString(new double[] {cheapMillis(.5), cheapMillis(.9), cheapMillis(.99)}) + " ms";
        }
    }

    private final RunningServer server;
    private final HttpClient http =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
    private final Map<Integer, AtomicInteger> statuses = new ConcurrentHashMap<>();
    private final Collection<Long> cheap = new ConcurrentLinkedQueue<>();
    private final AtomicInteger plans = new AtomicInteger();
    private final AtomicInteger written = new AtomicInteger();
    private final String plan;
    private final long client;
    private final long[] days = new long[WRITERS];

    Load(RunningServer server, String plan) {
        this.server = server;
        this.plan = plan;
        client = server.post("/api/clients", "{\"name\":\"Saturday\"}")
                .body()
                .get("id")
                .asLong();
        for (int i = 0; i < WRITERS; i++) {
            days[i] = server.post("/api/clients/" + client + "/wash-days", Bodies.washDay("Saturday " + i))
                    .body()
                    .get("id")
                    .asLong();
        }
    }

    /**
     * @param goesOn asked before each request
     */
    Figures run(BooleanSupplier goesOn) {
        ExecutorService people = Executors.newFixedThreadPool(READERS + WRITERS + PLANNERS);
        for (int i = 0; i < READERS; i++) {
            Random random = new Random(i);
            repeat(people, goesOn, () -> cheap(get(readable(random))));
        }
        for (int i = 0; i < WRITERS; i++) {
            int own = i;
            AtomicInteger turn = new AtomicInteger();
            repeat(people, goesOn, () -> {
                if (cheap(write(own, turn.getAndIncrement())) / 100 == 2) {
                    written.incrementAndGet();
                }
            });
        }
        for (int i = 0; i < PLANNERS; i++) {
            repeat(people, goesOn, () -> {
                counted(send(json("/api/routines/suggest", "POST", plan)));
                plans.incrementAndGet();
            });
        }
        people.shutdown();
        try {
            people.awaitTermination(5, TimeUnit.MINUTES);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        return new Figures(statuses, cheap, plans.get(), written.get());
    }

    private static void repeat(ExecutorService people, BooleanSupplier goesOn, Runnable act) {
        people.execute(() -> {
            while (goesOn.getAsBoolean()) {
                act.run();
            }
        });
    }

    private String readable(Random random) {
        String[] paths = {
            "/api/clients",
            "/api/today",
            "/api/products",
            "/api/wash-days?limit=20",
            "/api/clients/" + client + "/wash-days",
            "/api/wash-days/" + days[random.nextInt(WRITERS)] + "/events",
            "/api/chair/running",
            "/api/shelf/items",
        };
        return paths[random.nextInt(paths.length)];
    }

    private HttpRequest write(int writer, int turn) {
        return switch (turn % 3) {
            case 0 ->
                json(
                        "/api/wash-days/" + days[writer] + "/events",
                        "POST",
                        "{\"events\":[{\"id\":\"" + writer + "-" + turn
                                + "\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"LOOK\",\"look\":\"COOL\"}]}");
            case 1 -> {
                int no = 2 + turn / 3 % 29;
                yield json(
                        "/api/wash-days/" + days[writer] + "/following/" + no,
                        "PUT",
                        "{\"day\":" + no + ",\"definition\":5,\"frizz\":3,\"volume\":6}");
            }
            default -> json("/api/shelves", "POST", "{\"name\":\"Shelf " + writer + "-" + turn + "\"}");
        };
    }

    private HttpRequest get(String path) {
        return HttpRequest.newBuilder(URI.create(server.url(path))).build();
    }

    private HttpRequest json(String path, String method, String body) {
        return HttpRequest.newBuilder(URI.create(server.url(path)))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    private int cheap(HttpRequest request) {
        long start = System.nanoTime();
        int status = counted(send(request));
        cheap.add(System.nanoTime() - start);
        return status;
    }

    private int counted(int status) {
        statuses.computeIfAbsent(status, any -> new AtomicInteger()).incrementAndGet();
        return status;
    }

    /** 599 where nobody answered. */
    private int send(HttpRequest request) {
        try {
            return http.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
        } catch (java.io.IOException gone) {
            return 599;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return 599;
        }
    }
}
