package eventide.server;

import java.util.Arrays;
import java.util.Locale;
import java.util.function.Supplier;

/** Prints how long calls take, measured at the client on loopback; nothing is asserted. */
public final class Bench {
    private static final int WARM_UP = 400;
    private static final int CALLS = 400;

    private Bench() {}

    public static void main(String[] args) {
        try (RunningServer server = new RunningServer(true)) {
            String shelf = server.get("/api/products").body().toString();
            String question = "{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":" + Bodies.AIR
                    + ",\"limits\":{\"minutes\":150}";
            String suggest = question + ",\"shelf\":" + shelf + "}";
            String routine = server.post("/api/routines/suggest", suggest)
                    .body()
                    .at("/suggestions/0/routine")
                    .toString();
            String check = question + ",\"routine\":" + routine + "}";
            double nothing = median("no-op", CALLS, () -> server.get("/api/noop"));
            double six = median(
                    "check, 6 steps", CALLS, () -> server.post("/api/routines/check", Bodies.check(Bodies.ROUTINE)));
            double real = median("check, a suggested routine", CALLS, () -> server.post("/api/routines/check", check));
            double found =
                    median("suggest, the salon's 15 products", 30, () -> server.post("/api/routines/suggest", suggest));
            print("check, 6 steps, above the no-op", six - nothing);
            print("check, a suggested routine, above the no-op", real - nothing);
            print("suggest, above the no-op", found - nothing);
        }
        System.exit(0);
    }

    private static double median(String name, int calls, Supplier<RunningServer.Answer> call) {
        for (int i = 0; i < Math.min(WARM_UP, calls * 4); i++) {
            call.get();
        }
        double[] millis = new double[calls];
        for (int i = 0; i < calls; i++) {
            long start = System.nanoTime();
            RunningServer.Answer answer = call.get();
            millis[i] = (System.nanoTime() - start) / 1e6;
            if (answer.status() >= 300) {
                throw new IllegalStateException(name + ": " + answer.body());
            }
        }
        Arrays.sort(millis);
        System.out.printf(
                Locale.ROOT,
                "%-48s median %7.2f ms   95th %7.2f ms%n",
                name,
                millis[calls / 2],
                millis[calls * 95 / 100]);
        return millis[calls / 2];
    }

    private static void print(String name, double millis) {
        System.out.printf(Locale.ROOT, "%-48s        %7.2f ms%n", name, millis);
    }
}
