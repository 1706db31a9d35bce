package eventide.server;

import java.util.Arrays;
import java.util.Locale;
import java.util.Random;

/**
 * Prints how long suggestions take on heads nobody built them on: random, with zones, conditions, wishes, airs, tools and limits of
 * their own, over random shelves. The first questions after a start are measured apart. Nothing is asserted.
 */
public final class HeadsBench {
    private static final int FIRST = 8;
    private static final int HEADS = 120;
    private static final String[] ROLES = {
        "GEL", "GEL", "GEL", "CREAM", "CREAM", "LEAVE_IN", "LEAVE_IN", "MOUSSE", "MOUSSE", "PRIMER"
    };

    private HeadsBench() {}

    public static void main(String[] args) {
        Random random = new Random(args.length == 0 ? 11 : Long.parseLong(args[0]));
        try (RunningServer server = new RunningServer(true)) {
            print("the first " + FIRST + " after a start, 60 products", times(server, random, 60, FIRST));
            times(server, random, 60, HEADS / 2);
            print("60 products", times(server, random, 60, HEADS));
            print("300 products", times(server, random, 300, HEADS / 2));
        }
        System.exit(0);
    }

    private static double[] times(RunningServer server, Random random, int products, int heads) {
        double[] millis = new double[heads];
        for (int i = 0; i < heads; i++) {
            String body = query(random, products);
            long start = System.nanoTime();
            int status = server.postUnread("/api/routines/suggest", body);
            millis[i] = (System.nanoTime() - start) / 1e6;
            if (status >= 300) {
                throw new IllegalStateException(status + " to " + body);
            }
        }
        Arrays.sort(millis);
        return millis;
    }

    private static void print(String what, double[] millis) {
        System.out.printf(
                Locale.ROOT,
                "suggest, random heads, %-40s median %5.0f ms   90th %5.0f ms   worst %5.0f ms%n",
                what,
                millis[millis.length / 2],
                millis[millis.length * 9 / 10],
                millis[millis.length - 1]);
    }

    private static String one(Random random, String... of) {
        return of[random.nextInt(of.length)];
    }

    private static String query(Random random, int products) {
        StringBuilder tools = new StringBuilder();
        for (String tool : new String[] {
            "DIFFUSER", "COOL_SETTING", "HOODED_DRYER", "BRUSH", "COMB", "PICK", "CLIPS", "CAP", "TSHIRT"
        }) {
            if (random.nextDouble() < .75) {
                tools.append(tools.isEmpty() ? "" : ",")
                        .append('"')
                        .append(tool)
                        .append('"');
            }
        }
        return String.format(
                Locale.ROOT,
                "{\"hair\":%s,\"goal\":{\"definition\":%d,\"volume\":%d,\"length\":%d,\"softness\":%d,\"longevity\":%d},"
                        + "\"air\":{\"temperatureC\":%d,\"relativeHumidity\":%d%s},"
                        + "\"limits\":{\"minutes\":%s,\"tools\":[%s]},\"shelf\":%s}",
                hair(random),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                random.nextInt(4),
                16 + random.nextInt(14),
                25 + random.nextInt(56),
                random.nextDouble() < .4
                        ? ",\"outdoors\":{\"temperatureC\":" + one(random, "-6", "8", "18", "28", "31")
                                + ",\"relativeHumidity\":" + one(random, "35", "60", "85") + "}"
                        : "",
                one(random, "40", "60", "90", "120", "180", "240"),
                tools,
                shelf(random, products));
    }

    private static String hair(Random random) {
        String level = "\"" + one(random, "LOW", "MEDIUM", "HIGH") + "\"";
        String zones = random.nextBoolean()
                ? ",\"zones\":{\"HAIRLINE\":{\"strand\":\"FINE\"},\"" + one(random, "LEFT", "NAPE", "CROWN", "BACK")
                        + "\":"
                        + one(
                                random,
                                "{\"density\":\"HIGH\"}",
                                "{\"porosity\":\"HIGH\",\"condition\":[\"BLEACHED\"]}",
                                "{\"pattern\":\"2B\"}",
                                "{\"pattern\":\"4A\"}")
                        + "}"
                : "";
        String condition = random.nextDouble() < .3
                ? ",\"condition\":[\"" + one(random, "BLEACHED", "COLOURED", "HEAT_DAMAGED", "OVER_SOFT", "BRITTLE")
                        + "\"]"
                : "";
        return String.format(
                Locale.ROOT,
                "{\"strand\":\"%s\",\"porosity\":%s,\"pattern\":\"%s\",\"density\":\"%s\",\"lengthCm\":%d%s%s%s}",
                one(random, "FINE", "MEDIUM", "COARSE"),
                level,
                one(random, "1", "2A", "2B", "2C", "3A", "3B", "3C", "4A", "4B", "4C"),
                one(random, "LOW", "MEDIUM", "HIGH"),
                8 + random.nextInt(58),
                zones,
                condition,
                random.nextDouble() < .2 ? ",\"newClient\":true" : "");
    }

    private static String shelf(Random random, int products) {
        StringBuilder shelf = new StringBuilder("[");
        String[] others = {"CLEANSER", "CLARIFIER", "CONDITIONER", "MASK", "PROTEIN", "HEAT_PROTECTANT", "OIL"};
        for (int i = 0; i < products; i++) {
            String role = i < others.length ? others[i] : one(random, ROLES);
            int hold =
                    switch (role) {
                        case "GEL" -> 3 + random.nextInt(7);
                        case "CREAM" -> random.nextInt(5);
                        case "MOUSSE" -> 2 + random.nextInt(5);
                        case "LEAVE_IN", "PRIMER" -> random.nextInt(2);
                        default -> 0;
                    };
            int richness =
                    switch (role) {
                        case "GEL" -> random.nextInt(6);
                        case "CREAM" -> 4 + random.nextInt(6);
                        case "MOUSSE" -> random.nextInt(3);
                        default -> 1 + random.nextInt(7);
                    };
            boolean styler = i >= others.length;
            shelf.append(i == 0 ? "" : ",")
                    .append(String.format(
                            Locale.ROOT,
                            "{\"name\":\"%s %d\",\"role\":\"%s\",\"hold\":%d,\"richness\":%d,\"windowLow\":%s,"
                                    + "\"windowHigh\":%s}",
                            role.toLowerCase(Locale.ROOT),
                            i,
                            role,
                            hold,
                            richness,
                            styler ? one(random, "30", "45", "60") : "0",
                            styler ? one(random, "75", "90", "100") : "100"));
        }
        return shelf.append("]").toString();
    }
}
