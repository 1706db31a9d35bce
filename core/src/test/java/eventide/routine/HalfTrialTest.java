package eventide.routine;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.Heads;
import eventide.air.Air;
import eventide.check.Checker;
import eventide.shape.InvalidException;
import eventide.wash.Wash;
import java.util.List;
import org.testng.annotations.Test;

/** One head split for a trial: one difference, and no rule has anything to say against it. */
public class HalfTrialTest {
    private static final Routine WHOLE = Routine.of(
            Step.of(Action.CLARIFY).build(),
            Step.of(Action.RINSE).build(),
            Step.of(Action.EACH_SECTION)
                    .sections(4)
                    .steps(List.of(
                            Step.of(Action.APPLY)
                                    .product(Heads.GEL)
                                    .technique(Technique.SMOOTH)
                                    .build(),
                            Step.of(Action.SMOOTH).build()))
                    .build(),
            Step.of(Action.APPLY).product(Heads.OIL).amountMl(2.0).build(),
            Step.of(Action.AIR).untilDry(100.0).build());

    @Test
    public void aStepBecomesTwoEachOnItsHalf() {
        HalfTrial trial = HalfTrial.of(WHOLE, new StepPlace(3, -1), Heads.CREAM);
        List<Step> steps = trial.routine().steps();
        assertEquals(steps.size(), WHOLE.steps().size() + 1);
        assertEquals(steps.get(3).half(), Half.LEFT);
        assertEquals(steps.get(3).amountMl(), 1.0);
        assertEquals(steps.get(4).half(), Half.RIGHT);
        assertEquals(steps.get(4).product(), Heads.CREAM);
        assertEquals(trial.routine().trial(), Boolean.TRUE);
    }

    @Test
    public void insideASectionEachHalfGetsItsOwnAndOnlyOneThingDiffers() {
        HalfTrial trial = HalfTrial.of(WHOLE, new StepPlace(2, 0), Heads.SOFT_GEL);
        assertEquals(trial.routine().steps().get(2).steps().size(), 3);
        Wash wash = Wash.of(trial.routine(), Heads.curly(), new Goal(2, 1, 0, 1, 1, null), Air.of(22, 52), null, null);
        assertTrue(
                Checker.plainly(wash).stream().noneMatch(f -> f.rule().equals("L1")),
                Checker.plainly(wash).toString());
    }

    @Test
    public void noHalfIsHalvedAgain() {
        Routine split = HalfTrial.of(WHOLE, new StepPlace(3, -1), Heads.CREAM).routine();
        String again = expectThrows(InvalidException.class, () -> HalfTrial.of(split, new StepPlace(3, -1), Heads.GEL))
                .faults()
                .toString();
        assertTrue(again.contains("keeps to one half already"), again);
    }

    @Test
    public void swappedTwiceItIsWhatItWas() {
        for (StepPlace place : List.of(new StepPlace(3, -1), new StepPlace(2, 0))) {
            Routine split = HalfTrial.of(WHOLE, place, Heads.CREAM).routine();
            Routine swapped = HalfTrial.swapped(split);
            assertEquals(swapped.at(place).half(), Half.RIGHT);
            assertEquals(swapped.at(place).product(), split.at(place).product());
            assertEquals(HalfTrial.swapped(swapped), split);
        }
        assertEquals(HalfTrial.swapped(WHOLE), WHOLE);
    }

    @Test
    public void whatCannotBeTriedIsRefusedInWords() {
        String same = expectThrows(InvalidException.class, () -> HalfTrial.of(WHOLE, new StepPlace(3, -1), Heads.OIL))
                .faults()
                .toString();
        assertTrue(same.contains("both halves are alike"), same);
        expectThrows(InvalidException.class, () -> HalfTrial.of(WHOLE, new StepPlace(4, -1), Heads.OIL));
        expectThrows(InvalidException.class, () -> HalfTrial.of(WHOLE, new StepPlace(9, -1), Heads.OIL));
        expectThrows(InvalidException.class, () -> HalfTrial.of(WHOLE, new StepPlace(2, 7), Heads.OIL));
        expectThrows(InvalidException.class, () -> HalfTrial.of(WHOLE, new StepPlace(3, 2), Heads.CREAM));
    }
}
