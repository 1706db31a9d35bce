package eventide.server.planning;

import static org.testng.Assert.assertTrue;

import eventide.server.RunningServer;
import eventide.server.json.Shapes;
import eventide.server.learning.LearningService;
import org.testng.annotations.Test;

/** What is asked before anybody asks must be a question like any other, or nothing is made quicker by it. */
public class WarmUpTest {
    @Test
    public void everyHeadIsPlannedFor() {
        try (RunningServer server = new RunningServer(false)) {
            new WarmUp(server.part(Shapes.class), server.part(LearningService.class))
                    .round()
                    .forEach(answer -> assertTrue(answer.contains("\"name\":\"Best for the goal\""), answer));
        }
    }
}
