package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details.Stay;
import eventide.planner.search.Evaluation;
import eventide.planner.search.Search;
import eventide.routine.OwnedTool;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** What goes home wet stays as long as there is time, and no longer for what was asked before it. */
public class StayTest {
    private static final int HEADS = 40;
    private static final int PLANS = 6;

    private static List<Candidate> goingHomeWet(Search search) {
        return search.everything().stream()
                .filter(choice -> !choice.drying().ends())
                .filter(choice -> choice.details().finish().stays() == Stay.REST)
                .limit(PLANS)
                .toList();
    }

    /** Where there is a hood and nothing else that blows, to within ten: nobody is set under it for less. */
    @Test
    public void whatIsLeftIsUsedToWithinFiveMinutes() {
        int asked = 0;
        for (int head = 0; head < HEADS; head++) {
            Query query = RandomQuery.of(new Random(5200 + head), 17);
            Search search = Planner.search(query, null);
            for (Candidate choice : goingHomeWet(search)) {
                Evaluation plan = search.judge(choice);
                double left =
                        query.limitsOrUsual().minutes() - plan.wash().course().minutes();
                if (plan.isFeasible()) {
                    asked++;
                    boolean hood = query.limitsOrUsual().has(OwnedTool.HOODED_DRYER)
                            && !query.limitsOrUsual().has(OwnedTool.DIFFUSER);
                    assertTrue(left >= 0 && left < (hood ? 10.001 : 5.001), "head " + head + ", minutes left: " + left);
                }
            }
        }
        assertTrue(asked > HEADS, "asked: " + asked);
    }

    @Test
    public void theOrderOfAskingChangesNothing() {
        for (int head = 0; head < HEADS; head++) {
            Query query = RandomQuery.of(new Random(5200 + head), 17);
            Search forwards = Planner.search(query, null);
            Search backwards = Planner.search(query, null);
            List<Candidate> choices = new ArrayList<>(goingHomeWet(forwards));
            choices.forEach(forwards::judge);
            Collections.reverse(choices);
            choices.forEach(backwards::judge);
            for (Candidate choice : choices) {
                assertEquals(
                        forwards.judge(choice).routine(),
                        backwards.judge(choice).routine(),
                        "head " + head);
            }
        }
    }
}
