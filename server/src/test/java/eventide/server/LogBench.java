package eventide.server;

import java.util.Arrays;
import java.util.Locale;
import java.util.function.IntFunction;

/** Prints how long the log takes to list, filter and open as it grows to 200 000 wash days; nothing is asserted. */
public final class LogBench {
    private static final int CALLS = 120;
    private static final int CLIENTS = 2_000;

    private static final String ROUTINE =
            Bodies.steps("{\"action\":\"APPLY\",\"product\":" + Bodies.GEL + "},{\"action\":\"AIR\"}");

    private LogBench() {}

    /** Adds copies of the first wash day, from one number to another, each with its rows. */
    private static void grow(RunningServer server, int from, int to) {
        server.execute(
                """
                insert into wash_day (client_id, planned_at, started_at, finished_at, name, hair, goal, air, routine,
                                      definition, clumping, frizz, volume, timely, dew_point)
                select mod(x.x, %d) + 1, dateadd('MINUTE', -17 * x.x, w.planned_at), w.started_at, w.finished_at, w.name,
                       w.hair, w.goal, w.air, w.routine, mod(x.x * 7, 100) / 10.0, 6, mod(x.x * 3, 100) / 10.0, 5, true,
                       mod(x.x, 25)
                  from system_range(%d, %d) x, wash_day w where w.id = 1
                """
                        .formatted(CLIENTS, from, to));
        server.execute(
                """
                insert into wash_word (wash_day_id, kind, word, planned_at)
                select d.id, 'PRODUCT', w.word, d.planned_at
                  from wash_day d, (values ('cleanser'), ('conditioner')) w (word)
                 where d.id > (select coalesce(max(wash_day_id), 0) from wash_word where word = 'cleanser')
                """);
        server.execute(
                """
                insert into wash_word (wash_day_id, kind, word, planned_at)
                select d.id, 'PRODUCT', 'gel ' || mod(d.id, 400), d.planned_at from wash_day d
                 where d.id > (select coalesce(max(wash_day_id), 0) from wash_word where word like 'gel %')
                """);
        server.execute(
                """
                insert into chair_event (wash_day_id, event_id, happened_at, kind)
                select d.id, k.kind, d.started_at, k.kind from wash_day d, (values ('BEGIN'), ('FINISH')) k (kind)
                 where d.id > (select coalesce(max(wash_day_id), 0) from chair_event where event_id = 'FINISH')
                """);
    }

    public static void main(String[] args) {
        try (RunningServer server = new RunningServer(false)) {
            server.post("/api/clients", "{\"name\":\"Client 1\",\"hair\":" + Bodies.HAIR + "}");
            server.execute("insert into client (name, hair, changed_at) select 'Client ' || x, c.hair, c.changed_at"
                    + " from system_range(2, " + CLIENTS + "), client c where c.id = 1");
            server.post(
                    "/api/clients/1/wash-days",
                    "{\"name\":\"By hand\",\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":"
                            + Bodies.AIR + ",\"routine\":" + ROUTINE + "}");
            server.post(
                    "/api/wash-days/1/events",
                    """
                    {"events":[{"id":"a","at":"2026-05-01T09:00:00Z","kind":"BEGIN"},
                               {"id":"z","at":"2026-05-01T10:00:00Z","kind":"FINISH"}]}""");
            int known = 1;
            for (int size : new int[] {2_000, 20_000, 200_000}) {
                grow(server, known, size);
                known = size;
                measure(server, size);
            }
        }
        System.exit(0);
    }

    private static void measure(RunningServer server, int size) {
        System.out.println(size + " wash days, 95th percentile:");
        print("no-op", server, i -> "/api/noop");
        print("the latest of all clients", server, i -> "/api/wash-days");
        print("the latest of one client", server, i -> "/api/wash-days?client=" + (i % CLIENTS + 1));
        print("with a product used now and then", server, i -> "/api/wash-days?product=gel%20" + i % 400);
        print("with a product used always", server, i -> "/api/wash-days?product=cleanser");
        print("with much definition and little frizz", server, i -> "/api/wash-days?leastDefinition=9.5&mostFrizz=0.5");
        print("in very humid air", server, i -> "/api/wash-days?air=VERY_HUMID");
        print("one client's log", server, i -> "/api/clients/" + (i % CLIENTS + 1) + "/wash-days");
        print("a head as it is today", server, i -> "/api/clients/" + (i % CLIENTS + 1) + "/hair");
        print("what a log not changed teaches", server, i -> "/api/clients/" + (i % CLIENTS + 1) + "/learning");
        print("one wash day", server, i -> "/api/wash-days/" + (i * 13 % size + 1));
        print("today", server, i -> "/api/today");
    }

    private static void print(String what, RunningServer server, IntFunction<String> path) {
        double[] millis = new double[CALLS];
        for (int i = -20; i < CALLS; i++) {
            long start = System.nanoTime();
            int status = server.getUnread(path.apply(Math.abs(i)));
            if (status >= 300) {
                throw new IllegalStateException(what + ": " + status);
            }
            if (i >= 0) {
                millis[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        Arrays.sort(millis);
        System.out.printf(Locale.ROOT, "  %-40s %8.2f ms%n", what, millis[CALLS * 95 / 100]);
    }
}
