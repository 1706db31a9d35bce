package eventide.planner;

import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.planner.compose.Candidate;
import eventide.planner.search.Evaluation;
import eventide.planner.search.Objective;
import eventide.planner.search.Refinement;
import eventide.planner.search.Search;
import eventide.planner.search.Tidied;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** What is handed to the stylist is the plan that was weighed, less what does nothing. */
public class TidiedTest {
    @Test
    public void takesOutWhatDoesNothingAndMakesNothingWorse() {
        int fewer = 0;
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            Query query = RandomShelf.query(random, RandomShelf.of(random, 6), null);
            Search search = Planner.search(query, null);
            List<Candidate> all = new ArrayList<>(search.everything());
            Collections.shuffle(all, random);
            for (Candidate choice : all.subList(0, Math.min(40, all.size()))) {
                Evaluation plan = search.judge(choice);
                if (!plan.isFeasible()) {
                    continue;
                }
                Wash tidied = Tidied.of(plan, query.limits());
                String what = choice.words() + ", seed " + seed;
                assertNull(Objective.broken(tidied.routine(), query.hair(), tidied.course(), query.limits()), what);
                assertTrue(Objective.of(tidied) >= plan.worth() - Refinement.WORTH_CHANGING, what);
                fewer += tidied.places().size() < plan.wash().places().size() ? 1 : 0;
            }
        }
        assertTrue(fewer > 50, "with fewer steps: " + fewer);
    }
}
