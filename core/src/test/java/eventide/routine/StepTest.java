package eventide.routine;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import eventide.Heads;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a step refuses, keeps and ignores. */
public class StepTest {
    @DataProvider
    Object[][] refused() {
        Step inner = Step.of(Action.SCRUNCH).build();
        Step frame =
                Step.of(Action.EACH_SECTION).sections(2).steps(List.of(inner)).build();
        return new Object[][] {
            {Step.of(Action.AIR).minutes(-1.0), "/minutes"},
            {Step.of(Action.AIR).untilDry(101.0), "/untilDry"},
            {Step.of(Action.APPLY).amountMl(Double.NaN), "/amountMl"},
            {Step.of(Action.APPLY).product(Heads.GEL).mix(List.of(new MixPart(Heads.GEL, 1.0))), "/mix"},
            {Step.of(Action.APPLY).mix(List.of(new MixPart(Heads.GEL, .4), new MixPart(Heads.OIL, .4))), "/mix"},
            {Step.of(Action.EACH_SECTION).steps(List.of(inner)), "/sections"},
            {Step.of(Action.EACH_SECTION).sections(3), "/steps"},
            {Step.of(Action.EACH_SECTION).sections(3).steps(List.of(frame)), "/steps"},
        };
    }

    @Test(dataProvider = "refused")
    public void refusesWithThePlace(StepBuilder builder, String pointer) {
        InvalidException refused = expectThrows(InvalidException.class, builder::build);
        assertEquals(refused.faults().stream().map(Fault::pointer).toList(), List.of(pointer));
    }

    @Test
    public void whatMeansNothingIsListedAndKept() {
        Step odd = Step.of(Action.RINSE).heat(Heat.HOT).water(RinseWater.COOL).build();
        Routine routine = Routine.of(
                odd,
                Step.of(Action.EACH_SECTION)
                        .sections(2)
                        .steps(List.of(Step.of(Action.SCRUNCH).untilDry(3.0).build()))
                        .build());
        assertEquals(IgnoredFields.of(routine), List.of("/routine/steps/0/heat", "/routine/steps/1/steps/0/untilDry"));
        assertEquals(routine.steps().get(0).heat(), Heat.HOT);
    }

    @Test
    public void aMixHoldsAndWeighsByItsShares() {
        Step mixed = Step.of(Action.APPLY)
                .mix(List.of(new MixPart(Heads.GEL, .5), new MixPart(Heads.SOFT_GEL, .5)))
                .build();
        assertEquals(mixed.worn().hold(), (Heads.GEL.hold() + Heads.SOFT_GEL.hold()) / 2, 1e-9);
    }

    @Test
    public void timesReallyTakenReplaceThePlannedOnes() {
        Routine planned = Routine.of(
                Step.of(Action.RINSE).minutes(2.0).build(),
                Step.of(Action.SCRUNCH).minutes(3.0).build(),
                Step.of(Action.CUP).untilDry(100.0).build());
        Routine done =
                DoneRoutine.of(planned, Map.of(0, new DoneRoutine.Done(5, false), 1, new DoneRoutine.Done(.5, true)));
        assertEquals(done.steps().get(0).minutes(), 5.0);
        assertEquals(done.steps().get(1).action(), Action.WAIT);
        assertEquals(done.steps().get(2), planned.steps().get(2));
    }

    @Test
    public void aGroupKeepsItsWholeTime() {
        Step frame = Step.of(Action.EACH_SECTION)
                .sections(4)
                .steps(List.of(
                        Step.of(Action.MIST).build(),
                        Step.of(Action.APPLY).product(Heads.GEL).build(),
                        Step.of(Action.COIL).build()))
                .build();
        Step done = DoneRoutine.of(Routine.of(frame), Map.of(0, new DoneRoutine.Done(30, false)))
                .steps()
                .get(0);
        double each = done.steps().stream().mapToDouble(Step::minutes).sum();
        assertEquals(each * 4, 30, 1e-9);
    }
}
