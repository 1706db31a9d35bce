package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Hair;
import eventide.planner.compare.SchoolsCompared;
import eventide.planner.search.Objective;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.SchoolQuestion;
import eventide.routine.Schools;
import eventide.routine.Step;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each school is planned as it works, and laid beside the plan that was taken. */
public class SchoolsComparedTest {
    private static final List<Product> SHELF = List.of(
            Heads.LEAVE_IN,
            Heads.CREAM,
            Heads.GEL,
            Heads.OIL,
            Product.of("mousse", Role.MOUSSE, 4, 1, 35, 80),
            Product.of("mask", Role.MASK, 0, 8, 0, 100),
            Product.of("cleanser", Role.CLEANSER, 0, 2, 0, 100));

    private static Query query(Schools schools) {
        return new Query(
                Heads.coarseCoily(),
                new Goal(2, 1, 1, 2, 2, null),
                Air.of(22, 52),
                schools,
                Limits.ofMinutes(420),
                SHELF);
    }

    private static Routine plan(String key, String side) {
        return Planner.best(query(Schools.DEFAULT.with(key, side)), Stop.NEVER).routine();
    }

    private static boolean any(Routine routine, java.util.function.Predicate<Step> wanted) {
        return routine.places().stream().map(routine::at).anyMatch(wanted);
    }

    @Test
    public void aSchoolIsDoneAsItSays() {
        assertTrue(any(plan("mask", "BEFORE"), s -> s.action() == Action.MASK));
        List<Step> before = plan("mask", "BEFORE").steps();
        assertTrue(before.stream().map(Step::action).toList().indexOf(Action.MASK)
                < before.stream().map(Step::action).toList().indexOf(Action.CLEANSE));
        assertTrue(any(
                plan("dryTo", "AIR_THEN_DRYER"),
                s -> s.action() == Action.HOVER && s.parts() != null && Boolean.TRUE.equals(s.tension())));
        assertTrue(any(plan("oil", "BASE"), s -> s.action() == Action.APPLY && s.product() == Heads.OIL));
        assertTrue(!any(plan("oil", "NEVER"), s -> s.product() == Heads.OIL));
        assertTrue(any(
                plan("diffuseFrom", "ENDS"),
                s -> s.action() == Action.HOVER
                        && Set.of(Part.LENGTHS, Part.ENDS).equals(s.parts())));
        assertTrue(any(
                plan("diffuseFrom", "ROOTS"),
                s -> s.action() == Action.HOVER && Set.of(Part.ROOTS).equals(s.parts())));
        assertTrue(any(plan("hands", "COIL"), s -> s.action() == Action.COIL));
        assertTrue(!any(plan("cup", "FROM_START"), s -> s.action() == Action.HOVER));
    }

    private static Routine brushed(Hair hair, String afterwards) {
        Schools school = Schools.DEFAULT.with("hands", "BRUSH").with("scrunchAfterBrush", afterwards);
        Query asked = query(school);
        return Planner.best(
                        new Query(hair, asked.goal(), asked.air(), school, Limits.ofMinutes(420), SHELF), Stop.NEVER)
                .routine();
    }

    @Test
    public void brushedClumpsAreScrunchedPressedOrByThePattern() {
        Hair waves = Heads.fineWavy();
        assertTrue(any(brushed(waves, "YES"), s -> s.action() == Action.SCRUNCH));
        assertTrue(any(brushed(waves, "NO"), s -> s.action() == Action.PRESS));
        assertTrue(!any(brushed(waves, "NO"), s -> s.action() == Action.SCRUNCH));
        assertTrue(any(brushed(waves, "BY_PATTERN"), s -> s.action() == Action.SCRUNCH));
        assertTrue(any(brushed(Heads.curly(), "BY_PATTERN"), s -> s.action() == Action.PRESS));
    }

    @Test
    public void rootsAreLeftFreeByTheGoalWhereTheSchoolSaysSo() {
        for (int volume : new int[] {0, 3}) {
            Query asked = new Query(
                    Heads.curly(),
                    new Goal(2, volume, 1, 2, 2, null),
                    Air.of(22, 52),
                    Schools.DEFAULT.with("roots", "BY_GOAL"),
                    Limits.ofMinutes(420),
                    SHELF);
            boolean free = any(
                    Planner.best(asked, Stop.NEVER).routine(),
                    s -> s.action() == Action.APPLY
                            && s.worn().role().holds()
                            && Set.of(Part.LENGTHS, Part.ENDS).equals(s.parts()));
            assertEquals(free, volume >= 2, "volume " + volume);
        }
    }

    @Test
    public void whatDiffersIsLaidBesideWhatWasTaken() {
        SchoolsCompared compared = SchoolsCompared.of(query(null));
        Routine taken = Planner.best(query(null), Stop.NEVER).routine();
        assertTrue(compared.questions().size() >= 3, compared.toString());
        for (SchoolsCompared.Disagreement question : compared.questions()) {
            assertNotEquals(question.key(), "ingredients");
            for (SchoolsCompared.OtherSchool other : question.others()) {
                assertEquals(
                        other.worth(),
                        Math.round((worth(other.routine()) - worth(taken)) * 10) / 10.0,
                        .051,
                        question.key() + " " + other.side());
                assertNotEquals(other.routine(), taken);
            }
        }
    }

    private static double worth(Routine routine) {
        Query asked = query(null);
        Judgement judged = Judgement.of(
                new Judgement.Question(asked.hair(), asked.goal(), asked.air(), null, asked.limits(), routine));
        return Objective.ofScores(asked.goal(), judged.outcome().overall());
    }

    @DataProvider
    public Object[][] questions() {
        return SchoolQuestion.ALL.stream().map(q -> new Object[] {q}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "questions")
    public void everySideCanBeTakenAndReadBack(SchoolQuestion question) {
        for (SchoolQuestion.Side side : question.sides()) {
            Schools taken = Schools.DEFAULT.with(question.key(), side.word());
            assertEquals(taken.side(question.key()), side.word());
            assertEquals(taken.with(question.key(), null).side(question.key()), null);
        }
    }

    @Test(expectedExceptions = IllegalArgumentException.class)
    public void aSideThereIsNotIsRefused() {
        Schools.DEFAULT.with("oil", "SOMEWHERE");
    }
}
