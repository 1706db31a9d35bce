package eventide.planner;

import static org.testng.Assert.assertTrue;

import eventide.routine.SchoolQuestion;
import eventide.routine.Schools;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** What the search's exactness rests on. */
public class BoundsTest {
    @Test
    public void noPlanIsWorthMoreThanItsBound() {
        Random random = new Random(71);
        int plans = 0;
        for (int i = 0; i < 300; i++) {
            Schools schools = i % 2 == 0 ? null : schools(random);
            Query query = RandomShelf.query(random, RandomShelf.of(random, 4), schools);
            Search search = Planner.search(query);
            List<Choice> some = new ArrayList<>(search.everything());
            Collections.shuffle(some, random);
            for (Choice choice : some.subList(0, Math.min(15, some.size()))) {
                Planner.Judged plan = search.judge(choice);
                double most = search.bound(choice);
                plans++;
                boolean none = most == Bounds.IMPOSSIBLE;
                assertTrue(
                        none ? !plan.isFeasible() : plan.worth() <= most,
                        choice.words() + " is worth " + plan.worth() + ", bounded by " + most + ", case " + i);
            }
        }
        assertTrue(plans > 3000, "plans: " + plans);
    }

    private static Schools schools(Random random) {
        Schools schools = Schools.DEFAULT;
        for (SchoolQuestion question : SchoolQuestion.ALL) {
            if (random.nextInt(3) == 0) {
                List<SchoolQuestion.Side> sides = question.sides();
                schools = schools.with(
                        question.key(), sides.get(random.nextInt(sides.size())).word());
            }
        }
        return schools;
    }
}
