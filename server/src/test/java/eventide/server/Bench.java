package eventide.server;

import java.util.Arrays;
import java.util.Locale;
import java.util.Random;
import java.util.function.IntSupplier;

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
            double nothing =
                    median("no-op", CALLS, () -> server.get("/api/noop").status());
            double six = median(
                    "check, 6 steps",
                    CALLS,
                    () -> server.postUnread("/api/routines/check", Bodies.check(Bodies.ROUTINE)));
            double real =
                    median("check, a suggested routine", CALLS, () -> server.postUnread("/api/routines/check", check));
            double found = median(
                    "suggest, the salon's products", 30, () -> server.postUnread("/api/routines/suggest", suggest));
            print("check, 6 steps, above the no-op", six - nothing);
            print("check, a suggested routine, above the no-op", real - nothing);
            print("suggest, above the no-op", found - nothing);
            String label = "{\"ingredients\":\"" + longLabel() + "\"}";
            double read =
                    median("a label of 60 ingredients", CALLS, () -> server.postUnread("/api/labels/read", label));
            print("label, above the no-op", read - nothing);
            double longest = median(
                    "check, 30 steps, 12 sections",
                    CALLS,
                    () -> server.postUnread(
                            "/api/routines/check", question + ",\"routine\":" + Bodies.LONG_ROUTINE + "}"));
            print("check, 30 steps, 12 sections, above the no-op", longest - nothing);
            for (int products : new int[] {15, 30, 60, 120, 300}) {
                String large = question + ",\"shelf\":" + shelf(products) + "}";
                double took = median(
                        "suggest, " + products + " products",
                        products > 100 ? 9 : 30,
                        () -> server.postUnread("/api/routines/suggest", large));
                double considered = server.post("/api/routines/suggest", large)
                        .body()
                        .get("considered")
                        .asDouble();
                count("plans run through the water a second", considered / took * 1000);
                count("plans a bare loop would run", loop(products));
                count("of those, one is run in", loop(products) / considered);
            }
        }
        System.exit(0);
    }

    /** Sixty names, with slips and strangers among them. */
    private static String longLabel() {
        StringBuilder label = new StringBuilder("Aqua");
        String[] names = {
            "Glycerin", "Cetearyl Alcohol", "Panthenoll", "Moonbeam Extract", "Polyquaternium-11", "Linalool"
        };
        for (int i = 1; i < 60; i++) {
            label.append(", ").append(names[i % names.length]).append(i > 12 ? " " + (char) ('A' + i % 26) + i : "");
        }
        return label.toString();
    }

    private static final String[] ROLES = {"LEAVE_IN", "CREAM", "GEL", "GEL", "MOUSSE", "OIL"};
    /** The most hold and richness that bottles of each role have. */
    private static final int[] HOLD = {1, 3, 10, 10, 6, 0};

    private static final int[] RICHNESS = {6, 10, 5, 5, 2, 8};

    /** Invented bottles, the same every time. */
    private static String shelf(int products) {
        Random random = new Random(5);
        StringBuilder shelf = new StringBuilder("[");
        for (int i = 0; i < products; i++) {
            int low = 35 + random.nextInt(7) * 5;
            shelf.append(i == 0 ? "" : ",")
                    .append(String.format(
                            Locale.ROOT,
                            "{\"name\":\"bottle %d\",\"role\":\"%s\",\"hold\":%.1f,\"richness\":%.1f,"
                                    + "\"windowLow\":%d,\"windowHigh\":%d}",
                            i,
                            ROLES[i % ROLES.length],
                            random.nextInt(2 * HOLD[i % ROLES.length] + 1) / 2.0,
                            random.nextInt(2 * RICHNESS[i % ROLES.length] + 1) / 2.0,
                            ROLES[i % ROLES.length].equals("OIL") ? 0 : low,
                            Math.min(100, low + 25 + random.nextInt(6) * 5)));
        }
        return shelf.append("]").toString();
    }

    /** Every layering under every way of shaping and drying. */
    private static double loop(int products) {
        double each = Math.floor(products / (double) ROLES.length);
        return (each + 1) * (each + 1) * (2 * each + 1) * (each + 1) * 20;
    }

    private static double median(String name, int calls, IntSupplier call) {
        for (int i = 0; i < Math.min(WARM_UP, calls * 3); i++) {
            call.getAsInt();
        }
        double[] millis = new double[calls];
        for (int i = 0; i < calls; i++) {
            long start = System.nanoTime();
            int status = call.getAsInt();
            millis[i] = (System.nanoTime() - start) / 1e6;
            if (status >= 300) {
                throw new IllegalStateException(name + ": " + status);
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

    private static void count(String name, double plans) {
        System.out.printf(Locale.ROOT, "%-48s        %,12.0f%n", name, plans);
    }

    private static void print(String name, double millis) {
        System.out.printf(Locale.ROOT, "%-48s        %7.2f ms%n", name, millis);
    }
}
