package eventide.planner;

import static org.testng.Assert.assertTrue;

import eventide.product.Product;
import eventide.routine.Limits;
import eventide.routine.SchoolQuestion;
import eventide.routine.Schools;
import eventide.shape.Changed;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** What the search's exactness rests on, whatever the smaller things are. */
public class BoundsTest {
    @Test
    public void noPlanIsWorthMoreThanItsBound() {
        Random random = new Random(71);
        int plans = 0;
        for (int i = 0; i < 220; i++) {
            Schools schools = i % 2 == 0 ? null : schools(random);
            Query query = RandomShelf.query(random, RandomShelf.of(random, 4), schools);
            Search usual = Planner.search(query, null);
            List<Choice> some = new ArrayList<>(usual.everything());
            Collections.shuffle(some, random);
            Details details = i % 3 == 0 ? usual.details() : details(random, query, some.get(0), usual);
            Search search = Planner.search(query, details);
            for (Choice any : some.subList(0, Math.min(15, some.size()))) {
                Choice choice = any.with(details);
                Judged plan = search.judge(choice);
                double most = search.bound(choice);
                plans++;
                boolean none = most == Bounds.IMPOSSIBLE;
                assertTrue(
                        none ? !plan.isFeasible() : plan.worth() <= most,
                        choice.words() + " is worth " + plan.worth() + ", bounded by " + most + ", case " + i);
            }
        }
        assertTrue(plans > 2000, "plans: " + plans);
    }

    /** With just the minutes it takes, in all and of hands: no estimate of the driest wash may rule it out. */
    @Test
    public void noPlanThatJustKeepsItsMinutesIsRuledOut() {
        Random random = new Random(72);
        int plans = 0;
        for (int i = 0; i < 150; i++) {
            Query drawn = RandomShelf.query(random, RandomShelf.of(random, 5), i % 2 == 0 ? null : schools(random));
            Query query = Changed.with(drawn, "limits", ALL_DAY);
            Search usual = Planner.search(query, null);
            List<Choice> some = new ArrayList<>(usual.everything());
            Collections.shuffle(some, random);
            Details details = details(random, query, some.get(0), usual);
            for (Choice any : some.subList(0, Math.min(3, some.size()))) {
                Choice choice = any.with(details);
                Judged plan = usual.judge(choice);
                if (!plan.isFeasible()) {
                    continue;
                }
                double minutes = plan.wash().course().minutes() + ROUNDED;
                Double hands = random.nextBoolean() ? plan.wash().course().chairMinutes() + ROUNDED : null;
                Limits just = Changed.with(Limits.ofMinutes(minutes), "chairMinutes", hands);
                Search search = Planner.search(Changed.with(query, "limits", just), details);
                Judged kept = search.judge(choice);
                plans++;
                assertTrue(kept.isFeasible(), kept.limit());
                double most = search.bound(choice);
                assertTrue(
                        kept.worth() <= most,
                        choice.words() + " is worth " + kept.worth() + ", bounded by " + most + ", case " + i);
            }
        }
        assertTrue(plans > 300, "plans: " + plans);
    }

    /** A tide's minutes are said to the hundredth. */
    private static final double ROUNDED = .01;

    private static final Limits ALL_DAY = Limits.ofMinutes(1440);

    /** The smaller things otherwise than usual, a few times over. */
    private static Details details(Random random, Query query, Choice from, Search search) {
        List<Product> allowed = new ShelfFilter(query).allowed();
        Refinement refinement =
                new Refinement(query, new Preparation(query, new Bottles(query, allowed)), search::judge, Stop.NEVER);
        Choice choice = from;
        for (int change = 0; change < 4; change++) {
            List<Details> all = refinement.all(choice);
            choice = choice.with(all.get(random.nextInt(all.size())));
        }
        return choice.details();
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
