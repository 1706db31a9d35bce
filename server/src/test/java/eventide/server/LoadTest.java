package eventide.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;

/** A busy Saturday's requests: each is answered, and what was written is there. How long they take is the bench's to say. */
public class LoadTest {
    private static final int REQUESTS = 4000;
    private static final String PLAN = "{\"hair\":" + Bodies.HAIR + ",\"goal\":" + Bodies.GOAL + ",\"air\":"
            + Bodies.AIR + ",\"limits\":{\"minutes\":120},\"shelf\":[" + Bodies.GEL + "]}";

    @Test
    public void everyRequestOfABusySaturdayIsAnswered() {
        try (RunningServer server = new RunningServer(true)) {
            AtomicInteger left = new AtomicInteger(REQUESTS);
            Load.Figures figures = new Load(server, PLAN).run(() -> left.decrementAndGet() > 0);
            assertEquals(
                    figures.of(2),
                    figures.statuses().values().stream()
                            .mapToInt(AtomicInteger::get)
                            .sum(),
                    figures.toString());
            assertTrue(figures.written() > REQUESTS / 20, figures.toString());
        }
    }
}
