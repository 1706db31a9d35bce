package eventide.chair;

import static eventide.chair.Runs.NINE;
import static eventide.chair.Runs.at;
import static eventide.chair.Runs.event;
import static eventide.chair.Runs.section;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.chair.ChairEvent.Kind;
import eventide.hair.Zone;
import eventide.routine.Routine;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A run is what its events add up to, in whatever order and however often they arrive. */
public class ChairRecordTest {
    private static final Routine ROUTINE = Runs.ROUTINE;

    private static ChairRecord record(ChairEvent... events) {
        return ChairRecord.of(ROUTINE, List.of(events));
    }

    @Test
    public void anyOrderOfArrivalAndAnyRepeatsGiveTheSameRecord() {
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            List<ChairEvent> run = Runs.random(random, ROUTINE, NINE);
            ChairRecord straight = ChairRecord.of(ROUTINE, run);
            List<ChairEvent> shaken = new ArrayList<>(run);
            for (int k = 0; k < 5 && !run.isEmpty(); k++) {
                shaken.add(run.get(random.nextInt(run.size())));
            }
            Collections.shuffle(shaken, random);
            assertEquals(ChairRecord.of(ROUTINE, shaken), straight, "run " + i);
        }
    }

    @Test
    public void aRunIsAlwaysInOnePlace() {
        Random random = new Random(8);
        int over = 0;
        for (int i = 0; i < 2000; i++) {
            ChairRecord record = ChairRecord.of(ROUTINE, Runs.random(random, ROUTINE, NINE));
            long running =
                    record.steps().stream().filter(s -> s.endedAt() == null).count();
            assertEquals(running, record.open() == null ? 0 : 1, record.toString());
            assertFalse(record.open() != null && record.finishedAt() != null, record.toString());
            for (StepDone step : record.steps()) {
                assertTrue(step.endedAt() == null || !step.endedAt().isBefore(step.startedAt()), record.toString());
            }
            over += record.finishedAt() == null ? 0 : 1;
        }
        assertTrue(over > 100, "some runs end");
    }

    @Test
    public void aDeliveryCutInTwoIsAsGoodAsWhole() {
        Random random = new Random(9);
        for (int i = 0; i < 500; i++) {
            List<ChairEvent> run = Runs.random(random, ROUTINE, NINE);
            int cut = run.isEmpty() ? 0 : random.nextInt(run.size());
            List<ChairEvent> twice = new ArrayList<>(run.subList(cut, run.size()));
            twice.addAll(run.subList(0, Math.min(run.size(), cut + 1)));
            assertEquals(ChairRecord.of(ROUTINE, twice), ChairRecord.of(ROUTINE, run));
        }
    }

    @Test
    public void stepsFollowEachOther() {
        ChairRecord record = record(event(0, Kind.BEGIN, null), event(2, Kind.DONE, 0), event(5, Kind.SKIP, 1));
        assertEquals(record.open(), Integer.valueOf(2));
        assertEquals(record.step(0), new StepDone(0, at(0), at(2), false, List.of()));
        assertEquals(record.step(1), new StepDone(1, at(2), at(5), true, List.of()));
        assertEquals(record.step(2), new StepDone(2, at(5), null, false, List.of()));
        assertEquals(record.startedAt(), at(0));
        assertNull(record.finishedAt());
    }

    @Test
    public void twoDevicesThatBothSayDoneCountOnce() {
        ChairRecord record = record(
                event(0, Kind.BEGIN, null),
                ChairEvent.of("here", at(2), Kind.DONE, 0),
                ChairEvent.of("there", at(2.01), Kind.DONE, 0));
        assertEquals(record.open(), Integer.valueOf(1));
        assertEquals(record.step(0).endedAt(), at(2));
    }

    @Test
    public void goingBackForgetsWhatCameAfter() {
        ChairRecord record = record(
                event(0, Kind.BEGIN, null),
                event(2, Kind.DONE, 0),
                event(5, Kind.DONE, 1),
                event(6, Kind.BACK, 0),
                event(8, Kind.DONE, 0));
        assertEquals(record.step(0), new StepDone(0, at(0), at(8), false, List.of()));
        assertEquals(record.open(), Integer.valueOf(1));
        assertEquals(record.step(1).startedAt(), at(8));
        assertNull(record.step(2));
    }

    @Test
    public void withItsLastSectionAStepIsDone() {
        int group = Runs.GROUP;
        ChairRecord record = record(
                event(0, Kind.BEGIN, null),
                event(1, Kind.DONE, 0),
                event(2, Kind.DONE, 1),
                section(5, group, 0),
                section(7, group, 1),
                section(8, group, 1), // said twice
                section(10, group, 2));
        assertEquals(record.step(group).sectionEnds(), List.of(at(5), at(7), at(10)));
        assertEquals(record.step(group).endedAt(), at(10));
        assertEquals(record.open(), Integer.valueOf(group + 1));
        ChairRecord before = record(
                event(0, Kind.BEGIN, null),
                event(1, Kind.DONE, 0),
                event(2, Kind.DONE, 1),
                section(5, group, 0),
                section(7, group, 1),
                event(7.5, Kind.BACK, group));
        assertEquals(before.step(group).sectionEnds(), List.of(at(5)));
    }

    @Test
    public void whatIsDroppedIsPassedOver() {
        ChairRecord record = record(
                event(0, Kind.BEGIN, null),
                event(1, Kind.DROP, 1),
                event(1.5, Kind.DROP, 0), // it is in hand already
                event(2, Kind.DONE, 0));
        assertEquals(record.open(), Integer.valueOf(2));
        assertEquals(record.dropped(), Set.of(1));
        assertNull(record.step(1));
    }

    @Test
    public void aPauseLastsUntilItIsEndedOrTheStepIs() {
        assertTrue(
                record(event(0, Kind.BEGIN, null), event(1, Kind.PAUSE, null)).isPaused());
        ChairRecord record = record(event(0, Kind.BEGIN, null), event(1, Kind.PAUSE, null), event(4, Kind.DONE, 0));
        assertEquals(record.pauses(), List.of(new ChairRecord.Pause(at(1), at(4))));
    }

    @Test
    public void theLastStepEndsTheRunAndGoingBackOpensItAgain() {
        List<ChairEvent> events = new ArrayList<>();
        events.add(event(0, Kind.BEGIN, null));
        int last = ROUTINE.steps().size() - 1;
        for (int i = 0; i <= last; i++) {
            events.add(event(i + 1, Kind.DONE, i));
        }
        ChairRecord over = ChairRecord.of(ROUTINE, events);
        assertEquals(over.finishedAt(), at(last + 1));
        assertNull(over.open());
        events.add(event(last + 3, Kind.BACK, last));
        ChairRecord again = ChairRecord.of(ROUTINE, events);
        assertNull(again.finishedAt());
        assertEquals(again.open(), Integer.valueOf(last));
    }

    @Test
    public void aSignSaidAgainIsTakenBack() {
        ChairEvent frizzy = new ChairEvent(
                "a",
                at(1),
                null,
                Kind.NOTE,
                null,
                null,
                null,
                null,
                null,
                Zone.CROWN,
                ChairEvent.Sign.FRIZZY,
                null,
                null,
                null);
        ChairEvent again = new ChairEvent(
                "b",
                at(2),
                null,
                Kind.NOTE,
                null,
                null,
                null,
                null,
                null,
                Zone.CROWN,
                ChairEvent.Sign.FRIZZY,
                null,
                null,
                null);
        assertEquals(record(event(0, Kind.BEGIN, null), frizzy).notes().size(), 1);
        assertEquals(record(event(0, Kind.BEGIN, null), frizzy, again).notes(), List.of());
    }

    @DataProvider
    public Object[][] incomplete() {
        return new Object[][] {
            {Kind.DONE, "step"}, {Kind.SECTION, "section"}, {Kind.AMOUNT, "ratio"}, {Kind.SWAP, "product"},
            {Kind.NOTE, "zone"}, {Kind.NOTE, "sign"}, {Kind.LOOK, "look"}, {Kind.ANSWERED, "timer"},
        };
    }

    @Test(dataProvider = "incomplete")
    public void anEventMustSayWhatItsKindNeeds(Kind kind, String missing) {
        InvalidException refused = expectThrows(InvalidException.class, () -> ChairEvent.of("x", NINE, kind, null));
        assertTrue(
                refused.getMessage().contains("/" + missing + ": " + missing + " must be given"), refused.getMessage());
    }
}
