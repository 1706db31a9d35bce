package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Zone;
import eventide.planner.compare.AirCompared;
import eventide.planner.compare.Compared;
import eventide.planner.explain.Moved;
import eventide.planner.explain.StepWords;
import eventide.planner.explain.TakeAlong;
import eventide.routine.Action;
import eventide.routine.ActionCard;
import eventide.routine.DetangleFrom;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.Heat;
import eventide.routine.NightCare;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.RinseWater;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.routine.Tool;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Routines in words, laid over each other, and in today's air. */
public class TakeAlongTest {
    private static final Goal GOAL = new Goal(2, 1, 0, 1, 2, null);
    private static final Air MILD = Air.of(22, 52);

    @DataProvider
    public Object[][] steps() {
        return new Object[][] {
            {Step.of(Action.HOVER).heat(Heat.WARM).untilDry(57.0).build(), "Hover, warm, until 57 % dry"},
            {
                Step.of(Action.APPLY)
                        .product(Heads.GEL)
                        .technique(Technique.PRAYING_HANDS)
                        .sections(4)
                        .build(),
                "Apply gel, praying hands, 4 sections"
            },
            {Step.of(Action.DETANGLE).product(Heads.LEAVE_IN).build(), "Detangle with leave-in"},
            {Step.of(Action.SQUEEZE).toWetness(80.0).build(), "Squeeze out, to 80 % wet"},
            {
                Step.of(Action.DETANGLE)
                        .from(DetangleFrom.ENDS)
                        .tool(Tool.FINGERS)
                        .build(),
                "Detangle, from the ends, fingers"
            },
            {
                Step.of(Action.HOVER)
                        .parts(Set.of(Part.ROOTS, Part.SCALP))
                        .position(List.of(Position.UPSIDE_DOWN, Position.SIDE))
                        .tension(true)
                        .build(),
                "Hover, roots and scalp, to the side and upside down, under gentle tension"
            },
            {Step.of(Action.RINSE).water(RinseWater.COOL).half(Half.LEFT).build(), "Rinse, left half, cool water"},
            {Step.of(Action.SCRUNCH).count(3).zones(Set.of(Zone.CROWN)).build(), "Scrunch, crown, 3 times"},
        };
    }

    @Test(dataProvider = "steps")
    public void aStepIsSaidAsAStylistWould(Step step, String said) {
        assertEquals(StepWords.said(step), said);
    }

    @Test
    public void howItIsKeptStandsUnderTheSteps() {
        Routine bare = Routine.of(Step.of(Action.RINSE).build());
        assertFalse(text(bare).contains("night"), text(bare));
        assertFalse(text(bare.kept(false, NightCare.NONE)).contains("night"));
        String kept = text(bare.kept(true, NightCare.PINEAPPLE));
        assertTrue(
                kept.endsWith("\n\nAt night: a loose pineapple, with a tie that does not crease, under satin.\n"
                        + "Each morning: " + TakeAlong.MORNING + ".\n"),
                kept);
    }

    private static String text(Routine routine) {
        return TakeAlong.of(new Judgement.Question(Heads.curly(), GOAL, MILD, null, null, routine))
                .text();
    }

    @Test
    public void everyStepStandsInTheMessageWithItsAmountAndCaution() {
        Routine routine = Routine.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.APPLY)
                        .product(Heads.GEL)
                        .technique(Technique.GLAZE)
                        .sections(4)
                        .build(),
                Step.of(Action.CUP).heat(Heat.WARM).untilDry(100.0).build());
        String text = text(routine);
        assertTrue(text.contains("2. Apply gel, glazed"), text);
        assertTrue(text.contains("a section)"), text);
        assertTrue(text.contains("dripping hair") || text.contains("soaking hair"), text);
        assertTrue(text.contains("! No cord near the basin"), text);
    }

    @Test
    public void aRoutineBesideItselfDiffersInNothing() {
        Random random = new Random(3);
        for (int i = 0; i < 40; i++) {
            Routine routine = Heads.randomRoutine(random);
            Compared same =
                    Compared.of(new Compared.Pairing(Heads.random(random), GOAL, MILD, null, null, routine, routine));
            assertTrue(same.moved().isEmpty()
                    && same.movedByZone().isEmpty()
                    && same.otherwise().isEmpty()
                    && same.steps().isEmpty());
            assertEquals(same.minutes(), 0.0);
        }
    }

    @DataProvider
    public Object[][] rewritten() {
        Routine grouped = DIFFUSED.inserting(
                2,
                Step.of(Action.EACH_SECTION)
                        .sections(4)
                        .steps(List.of(
                                Step.of(Action.MIST).minutes(.25).build(),
                                Step.of(Action.SMOOTH).minutes(1.0).build()))
                        .build());
        return new Object[][] {
            {DIFFUSED.without(4), "Break the cast → "},
            {DIFFUSED.replacing(0, Step.of(Action.RINSE).minutes(3.0).build()), "Rinse → Rinse, 3 min"},
            {
                DIFFUSED.replacing(
                        1, DIFFUSED.steps().get(1).but().amountMl(4.0).build()),
                "Apply gel, glazed → Apply gel, glazed, 4.0 ml"
            },
            {grouped, " → Section by section, 4 sections + on each section: Mist, 15 s + on each section: Smooth, 1 min"
            },
        };
    }

    @Test(dataProvider = "rewritten")
    public void stepsThatStandOtherwiseAreSetSideBySide(Routine other, String told) {
        Compared compared = Compared.of(new Compared.Pairing(Heads.curly(), GOAL, MILD, null, null, DIFFUSED, other));
        List<String> said = compared.steps().stream()
                .map(step -> String.join(" + ", step.was()) + " → " + String.join(" + ", step.now()))
                .toList();
        assertEquals(String.join("; ", said), told);
    }

    @Test
    public void anotherProductIsNamedAndWhatItMovesIsTheDifferenceOfTheScores() {
        Routine one = Routine.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.APPLY)
                        .product(Heads.SOFT_GEL)
                        .technique(Technique.GLAZE)
                        .build(),
                Step.of(Action.AIR).untilDry(100.0).build());
        Routine other =
                one.replacing(1, one.steps().get(1).but().product(Heads.GEL).build());
        Compared compared = Compared.of(new Compared.Pairing(Heads.curly(), GOAL, MILD, null, null, one, other));
        assertTrue(
                compared.otherwise().contains("gel instead of soft gel"),
                compared.otherwise().toString());
        for (Moved moved : compared.moved()) {
            double by = compared.other().outcome().overall().of(moved.score())
                    - compared.one().outcome().overall().of(moved.score());
            assertEquals(moved.by(), by, .051);
        }
    }

    private static final Routine DIFFUSED = Routine.of(
            Step.of(Action.RINSE).build(),
            Step.of(Action.APPLY).product(Heads.GEL).technique(Technique.GLAZE).build(),
            Step.of(Action.HOVER).heat(Heat.WARM).untilDry(57.0).build(),
            Step.of(Action.CUP).heat(Heat.WARM).untilDry(100.0).build(),
            Step.of(Action.BREAK_CAST).build());

    @DataProvider
    public Object[][] others() {
        Step stopped = Step.of(Action.CUP).heat(Heat.WARM).untilDry(85.0).build();
        Step air = Step.of(Action.AIR).untilDry(100.0).build();
        return new Object[][] {
            {DIFFUSED.replacing(3, stopped), "cup: 100 % dry → 85 % dry"},
            {DIFFUSED.replacing(3, stopped).inserting(4, air), "air dry added"},
            {DIFFUSED.without(3).replacing(2, air), "air dry instead of hover"},
            {DIFFUSED.without(4).without(3).without(2), "cup left out"},
            {DIFFUSED.inserting(2, Step.of(Action.CLIP_ROOTS).build()), "clip the roots added"},
            {DIFFUSED.without(4), "break the cast left out"},
            {DIFFUSED.kept(false, NightCare.SATIN), "at night nothing over it → a satin bonnet or pillow"},
            {DIFFUSED.kept(true, NightCare.NONE), "refreshed each morning"},
        };
    }

    /** And the other way round it is told as well. */
    @Test(dataProvider = "others")
    public void whatIsDoneOtherwiseIsTold(Routine other, String said) {
        assertTrue(
                otherwise(DIFFUSED, other).contains(said),
                otherwise(DIFFUSED, other).toString());
        assertFalse(otherwise(other, DIFFUSED).isEmpty());
        assertTrue(otherwise(other, other).isEmpty());
    }

    private static List<String> otherwise(Routine one, Routine other) {
        return Compared.of(new Compared.Pairing(Heads.curly(), GOAL, MILD, null, null, one, other))
                .otherwise();
    }

    @Test
    public void easyAirAsksNothingAndDampAirSomething() {
        java.util.List<eventide.product.Product> shelf =
                java.util.List.of(Heads.LEAVE_IN, Heads.CREAM, Heads.GEL, Heads.SOFT_GEL);
        AirCompared easy = AirCompared.of(new Query(Heads.curly(), GOAL, MILD, null, null, shelf));
        assertTrue(easy.otherwise().isEmpty() && easy.moved().isEmpty());
        assertEquals(easy.words(), "dew point 12 °C, easy: nothing special to guard against");
        AirCompared damp = AirCompared.of(new Query(Heads.curly(), GOAL, Air.of(27, 85), null, null, shelf));
        assertTrue(!damp.moved().isEmpty(), damp.toString());
        assertTrue(damp.words().startsWith("dew point 24 °C, very humid: film formers"), damp.words());
    }

    @Test
    public void everyActionHasACardWithJustTheFieldsThatMeanSomething() {
        assertEquals(ActionCard.ALL.size(), Action.values().length);
        ActionCard.ALL.forEach(card -> assertEquals(card.fields(), card.action().meaningful()));
    }
}
