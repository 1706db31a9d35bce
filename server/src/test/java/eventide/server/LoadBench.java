package eventide.server;

import java.util.Locale;
import java.util.Random;
import java.util.concurrent.TimeUnit;

/** Prints the figures of a busy minute in the demo salon, and of the heap over 500 plans. Asserts nothing. */
public final class LoadBench {
    private static final long SECONDS = 60;
    private static final int PLANS = 500;
    private static final int PRODUCTS = 60;

    private LoadBench() {}

    public static void main(String[] args) {
        try (RunningServer server = new RunningServer(true)) {
            String plan = plan();
            for (int i = 0; i < 20; i++) {
                server.postUnread("/api/routines/suggest", plan);
            }
            long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
            Load.Figures figures = new Load(server, plan).run(() -> System.nanoTime() < until);
            System.out.printf(
                    Locale.ROOT,
                    "load of %d readers and %d writers for %d s beside two plans: %d answered 2xx, %d 4xx, %d 5xx%n",
                    Load.READERS,
                    Load.WRITERS,
                    SECONDS,
                    figures.of(2),
                    figures.of(4),
                    figures.of(5));
            System.out.printf(
                    Locale.ROOT,
                    "  cheap requests: %d, median %.1f ms, 90th percentile %.1f ms, 99th %.1f ms; %d plans%n",
                    figures.cheapNanos().size(),
                    figures.cheapMillis(.5),
                    figures.cheapMillis(.9),
                    figures.cheapMillis(.99),
                    figures.plans());
            System.out.printf(Locale.ROOT, "heap before %d plans: %.1f MB%n", PLANS, heapMb());
            for (int i = 0; i < PLANS; i++) {
                server.postUnread("/api/routines/suggest", plan);
            }
            System.out.printf(Locale.ROOT, "heap after: %.1f MB%n", heapMb());
        }
    }

    /** What is held once everything that can go has gone. */
    private static double heapMb() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        Runtime runtime = Runtime.getRuntime();
        return (runtime.totalMemory() - runtime.freeMemory()) / 1e6;
    }

    private static String plan() {
        Random random = new Random(60);
        StringBuilder shelf = new StringBuilder();
        String[] roles = {"GEL", "CREAM", "LEAVE_IN", "MOUSSE", "OIL", "CLEANSER", "CONDITIONER", "MASK"};
        for (int i = 0; i < PRODUCTS; i++) {
            shelf.append(i == 0 ? "" : ",")
                    .append("{\"name\":\"p")
                    .append(i)
                    .append("\",\"role\":\"")
                    .append(roles[i % roles.length])
                    .append("\",\"hold\":")
                    .append(random.nextInt(10))
                    .append(",\"richness\":")
                    .append(random.nextInt(10))
                    .append(",\"windowLow\":")
                    .append(20 + random.nextInt(40))
                    .append(",\"windowHigh\":")
                    .append(75 + random.nextInt(25))
                    .append('}');
        }
        return "{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                + ",\"limits\":{\"minutes\":120,\"tools\":[\"DIFFUSER\",\"BRUSH\"]},\"shelf\":[" + shelf + "]}";
    }
}
