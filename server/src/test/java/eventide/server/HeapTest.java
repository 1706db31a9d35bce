package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import org.testng.annotations.Test;

/** What a plan took is given back. */
@Test(groups = "process")
public class HeapTest {
    private static final int PLANS = 200;
    private static final int WARM = 40;
    /** Code learnt meanwhile and the like, kB. */
    private static final long SLACK = 8_000;

    private static final String PLAN = "{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":"
            + Bodies.AIR + ",\"limits\":{\"minutes\":60},\"shelf\":[" + Bodies.GEL + "]}";

    public void twoHundredPlansLeaveNothingBehind() throws IOException {
        try (ServerProcess server = ServerProcess.on(Files.createTempDirectory("eventide-heap"))) {
            plan(server, WARM);
            long before = server.liveKilobytes();
            plan(server, PLANS);
            long after = server.liveKilobytes();
            assertTrue(after < before + SLACK, before + " kB before, " + after + " kB after");
        }
    }

    private static void plan(ServerProcess server, int times) {
        for (int i = 0; i < times; i++) {
            assertEquals(server.post("/api/routines/suggest", PLAN).statusCode(), 200);
        }
    }
}
