package eventide.server.planning;

import static org.testng.Assert.assertTrue;

import eventide.planner.Stop;
import eventide.server.RunningServer;
import eventide.server.json.Shapes;
import eventide.server.learning.LearningService;
import eventide.server.load.LongWork;
import org.testng.annotations.Test;

/** What is asked before anybody asks must be a question like any other, or nothing is made quicker by it. */
public class WarmUpTest {
    @Test
    public void everyHeadIsPlannedFor() {
        try (RunningServer server = new RunningServer(false)) {
            WarmUp warmUp = new WarmUp(
                    server.part(Shapes.class), server.part(LearningService.class), server.part(LongWork.class));
            for (int n = 0; n < 12; n++) {
                String answer = warmUp.answer(n, Stop.NEVER);
                assertTrue(answer.contains("\"name\":\"Best for the goal\""), n + ": " + answer);
            }
        }
    }
}
