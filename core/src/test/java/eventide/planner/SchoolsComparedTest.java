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
import eventide.routine.OwnedTool;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.SchoolQuestion;
import eventide.routine.Schools;
import eventide.routine.Step;
import java.util.List;
import java.util.Random;
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

    /** Random heads: every answer names its school first, does it, and leaves the rest of today's plan where it serves. */
    @Test
    public void anotherSchoolDoesWhatItIsAskedAndIsNotAnotherPlanByChance() {
        int answers = 0;
        for (int i = 0; i < 14; i++) {
            Query query = RandomQuery.of(new Random(900 + i), 40);
            SchoolsCompared compared = SchoolsCompared.of(query);
            Suggestion taken = Planner.best(query, Stop.NEVER);
            for (SchoolsCompared.Disagreement question : compared.questions()) {
                for (SchoolsCompared.OtherSchool other : question.others()) {
                    String said = i + " " + question.key() + " " + other.side();
                    assertEquals(
                            other.otherwise().get(0),
                            side(question.key(), other.side()).does(),
                            said);
                    assertTrue(
                            !other.moved().isEmpty()
                                    || Math.abs(other.minutes()) >= 3
                                    || Math.abs(other.chairMinutes()) >= 3,
                            said + " moves nothing");
                    assertNotEquals(other.routine(), taken.routine(), said);
                    done(question.key(), other, query, said);
                    answers++;
                }
            }
        }
        assertTrue(answers > 100, "answers: " + answers);
    }

    private static SchoolQuestion.Side side(String key, String word) {
        return SchoolQuestion.ALL.stream()
                .filter(question -> question.key().equals(key))
                .flatMap(question -> question.sides().stream())
                .filter(side -> side.word().equals(word))
                .findFirst()
                .orElseThrow();
    }

    private static void done(String key, SchoolsCompared.OtherSchool other, Query query, String said) {
        Routine routine = other.routine();
        boolean dryer = any(routine, step -> step.action().isDryer());
        boolean free = any(
                routine,
                step -> step.action() == Action.APPLY
                        && step.worn().role().holds()
                        && Set.of(Part.LENGTHS, Part.ENDS).equals(step.parts()));
        switch (key + " " + other.side()) {
            case "hands BRUSH" -> {
                assertTrue(any(routine, step -> step.action() == Action.BRUSH_STYLE), said);
                assertTrue(query.limits().has(OwnedTool.BRUSH), said + " with no brush");
            }
            case "hands COIL" -> assertTrue(any(routine, step -> step.action() == Action.COIL), said);
            case "hands SHINGLE" -> assertTrue(any(routine, step -> step.action() == Action.SHINGLE), said);
            case "dryTo AIR" -> assertTrue(!dryer, said);
            case "roots FREE" -> assertTrue(free, said);
            case "roots TO_ROOT" -> assertTrue(!free, said);
            case "mask BEFORE", "mask BOTH" -> assertTrue(any(routine, step -> step.action() == Action.MASK), said);
            case "mousse UNDER", "mousse OVER" ->
                assertTrue(
                        any(routine, step -> worn(step, Role.MOUSSE)) && any(routine, step -> worn(step, Role.GEL)),
                        said);
            case "mousse INSTEAD" ->
                assertTrue(
                        any(routine, step -> worn(step, Role.MOUSSE)) && !any(routine, step -> worn(step, Role.GEL)),
                        said);
            case "oil BASE", "oil BETWEEN", "oil FINISH" ->
                assertTrue(any(routine, step -> worn(step, Role.OIL)), said);
            case "oil NEVER" -> assertTrue(!any(routine, step -> worn(step, Role.OIL)), said);
            case "scrunchAfterBrush NO" -> assertTrue(any(routine, step -> step.action() == Action.PRESS), said);
            default -> {}
        }
    }

    private static boolean worn(Step step, Role role) {
        return step.worn() != null && step.worn().role() == role;
    }

    /** Who takes no side gets the default, as if it had been chosen. */
    @Test
    public void noSideTakenIsTheUsualOne() {
        for (int i = 0; i < 8; i++) {
            Query query = RandomQuery.of(new Random(70 + i), 25);
            Suggestion usual = Planner.best(query, Stop.NEVER);
            for (String[] named : new String[][] {
                {"roots", "BY_GOAL"}, {"scrunchAfterBrush", "BY_PATTERN"}, {"hands", "BY_GOAL"}, {"weight", "BOTH"},
                {"gelOn", "PRODUCT"}, {"cup", "ONCE_SET"}, {"mask", "AFTER"}, {"oil", "FINISH"}
            }) {
                Query asked = query.under(Schools.DEFAULT.with(named[0], named[1]));
                assertEquals(
                        Planner.best(asked, Stop.NEVER).routine(),
                        usual.routine(),
                        i + " " + named[0] + " " + named[1]);
            }
        }
    }

    @Test
    public void whoWouldBrushAndHasNoneIsStillStyled() {
        Query asked = query(Schools.DEFAULT.with("hands", "BRUSH"));
        Limits bare = new Limits(240.0, null, Set.of(OwnedTool.DIFFUSER), null, null);
        Routine routine = Planner.best(
                        new Query(asked.hair(), asked.goal(), asked.air(), asked.schools(), bare, SHELF), Stop.NEVER)
                .routine();
        assertTrue(!any(routine, step -> step.action() == Action.BRUSH_STYLE));
        assertTrue(any(routine, step -> worn(step, Role.GEL)), routine.toString());
    }
}
