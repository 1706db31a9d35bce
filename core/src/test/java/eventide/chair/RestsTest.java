package eventide.chair;

import static eventide.chair.Runs.GROUP;
import static eventide.chair.Runs.NINE;
import static eventide.chair.Runs.at;
import static eventide.chair.Runs.counted;
import static eventide.chair.Runs.event;
import static eventide.chair.Runs.intoTheGroup;
import static eventide.chair.Runs.section;
import static eventide.chair.Runs.swap;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.chair.ChairEvent.Kind;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Amount;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** Pauses, clocks that go back, and what is changed in the middle of a step. */
public class RestsTest {
    private static final Air ROOM = Air.of(22, 50);
    private final Hair hair = Heads.curly();

    private AtTheChair chair(Routine routine, double now, List<ChairEvent> events) {
        return AtTheChair.of(routine, hair, ROOM, null, ChairRecord.of(routine, events), at(now));
    }

    @Test
    public void aPauseDelaysTheEndByItselfAndNoMore() {
        AtTheChair straight = chair(Runs.ROUTINE, 10, intoTheGroup(section(9, 0)));
        AtTheChair paused = chair(
                Runs.ROUTINE,
                30,
                intoTheGroup(section(9, 0), event(10, Kind.PAUSE, null), event(30, Kind.RESUME, null)));
        double later = paused.course().minutes() - straight.course().minutes();
        // Hair that dried for twenty minutes asks a little less of the dryer.
        assertTrue(later <= 20.1 && later > 12, "later by " + later);
        assertEquals(
                paused.course().tide().steps().get(GROUP).endMinute(),
                straight.course().tide().steps().get(GROUP).endMinute() + 20,
                .1,
                "the sections keep their pace");
    }

    @Test
    public void aNightIsNoWork() {
        AtTheChair night = chair(
                Runs.ROUTINE,
                700,
                intoTheGroup(section(9, 0), event(10, Kind.PAUSE, null), event(690, Kind.RESUME, null)));
        AtTheChair forgotten = chair(Runs.ROUTINE, 700, intoTheGroup(section(9, 0), section(695, 1)));
        for (AtTheChair chair : List.of(night, forgotten)) {
            double sections = chair.course().tide().steps().get(GROUP).endMinute();
            assertTrue(sections < 720, "the third section is not reckoned at a night: " + sections);
            assertTrue(
                    chair.course().lengthsNow() < 10,
                    "but the hair is dry: " + chair.course().lengthsNow());
            Rested rested = Live.of(chair).rests().get(0);
            assertTrue(rested.said().contains("the head dried from"), rested.said());
        }
        AtTheChair over = chair(
                Runs.ROUTINE,
                800,
                intoTheGroup(
                        section(9, 0),
                        event(10, Kind.PAUSE, null),
                        event(690, Kind.RESUME, null),
                        section(693, 1),
                        section(697, 2),
                        event(700, Kind.FINISH, null)));
        assertTrue(
                Ended.of(over).otherwise().stream()
                        .filter(own -> own.step() == GROUP)
                        .allMatch(own -> own.byMinutes() == null || own.byMinutes() < 30),
                Ended.of(over).otherwise().toString());
    }

    @Test
    public void whatWorksByItselfWorksThroughAPause() {
        Routine routine = Routine.of(
                Step.of(Action.PLOP).minutes(20.0).build(),
                Step.of(Action.HOVER).minutes(20.0).build());
        List<ChairEvent> plopped =
                List.of(event(0, Kind.BEGIN, null), event(5, Kind.PAUSE, null), event(15, Kind.RESUME, null));
        assertEquals(chair(routine, 16, plopped).course().minutes(), 40, .1);
        List<ChairEvent> hovered = List.of(
                event(0, Kind.BEGIN, null),
                event(20, Kind.DONE, 0),
                event(25, Kind.PAUSE, null),
                event(35, Kind.RESUME, null));
        AtTheChair dryer = chair(routine, 36, hovered);
        assertEquals(dryer.course().minutes(), 50, .1);
        List<StepTimer> timers = StepTimer.of(routine, dryer.planned().tide());
        assertEquals(Ring.next(dryer, timers, at(36)), new Ring("Hover", at(50)), "its clock stood meanwhile");
    }

    @Test
    public void hairDriesInAPauseAsTheRoomDriesIt() {
        Random random = new Random(4);
        for (int i = 0; i < 40; i++) {
            Hair head = Heads.random(random);
            Routine routine = Routine.of(
                    Step.of(Action.DETANGLE).minutes(10.0).build(),
                    Step.of(Action.WAIT).minutes(30.0).build());
            List<ChairEvent> paused =
                    List.of(event(0, Kind.BEGIN, null), event(4, Kind.PAUSE, null), event(34, Kind.RESUME, null));
            double after = AtTheChair.of(routine, head, ROOM, null, ChairRecord.of(routine, paused), at(40))
                    .course()
                    .lengthsNow();
            double waited = AtTheChair.of(
                            routine,
                            head,
                            ROOM,
                            null,
                            ChairRecord.of(routine, List.of(event(0, Kind.BEGIN, null), event(10, Kind.DONE, 0))),
                            at(40))
                    .course()
                    .lengthsNow();
            assertEquals(after, waited, .2, head.toString());
        }
    }

    @Test
    public void noTimerEndsBeforeItBegins() {
        Random random = new Random(5);
        int seen = 0;
        for (int i = 0; i < 400; i++) {
            Routine routine = i % 2 == 0 ? Runs.ROUTINE : Heads.randomRoutine(random);
            ChairRecord record = ChairRecord.of(routine, Runs.random(random, routine, NINE));
            AtTheChair chair = AtTheChair.of(routine, hair, ROOM, null, record, at(random.nextInt(900)));
            for (WaterTimer timer : WaterTimer.of(chair)) {
                assertTrue(timer.fromMinute() <= timer.untilMinute(), timer.toString());
                seen++;
            }
        }
        assertTrue(seen > 100, "timers: " + seen);
    }

    @Test
    public void aClockThatGoesBackLosesNoTap() {
        List<ChairEvent> events = List.of(
                counted("a", 0, 0, Kind.BEGIN, null),
                counted("a", 1, 5, Kind.DONE, 0),
                counted("a", 2, 4.5, Kind.DONE, 1));
        ChairRecord record = ChairRecord.of(Runs.ROUTINE, events);
        assertEquals(record.open(), Integer.valueOf(GROUP));
        assertEquals(record.step(1).endedAt(), at(5));
        assertEquals(record.mended(), List.of(new ChairRecord.Mended("a2", at(4.5), at(5))));
        assertEquals(record.moment(at(6)), at(6.5), "the device is half a minute behind from then on");
    }

    @Test
    public void aClockMayGoBackAnywhereInAnyRun() {
        Random random = new Random(6);
        int mended = 0;
        for (int i = 0; i < 1000; i++) {
            List<ChairEvent> run = Runs.random(random, Runs.ROUTINE, NINE);
            int cut = run.isEmpty() ? 0 : random.nextInt(run.size());
            long back = random.nextInt(3_600_000);
            List<ChairEvent> set = new ArrayList<>();
            for (int k = 0; k < run.size(); k++) {
                ChairEvent own = run.get(k);
                set.add(k < cut ? own : own.takenAt(own.at().minusMillis(back)));
            }
            ChairRecord straight = ChairRecord.of(Runs.ROUTINE, run);
            ChairRecord record = ChairRecord.of(Runs.ROUTINE, set);
            assertEquals(
                    record.steps().stream().map(StepDone::index).toList(),
                    straight.steps().stream().map(StepDone::index).toList());
            assertEquals(record.open(), straight.open());
            assertEquals(record.finishedAt() == null, straight.finishedAt() == null);
            mended += record.mended().isEmpty() ? 0 : 1;
        }
        assertTrue(mended > 200, "mended: " + mended);
    }

    @Test
    public void twoDevicesKeepEachItsOwnOrder() {
        ChairRecord record = ChairRecord.of(
                Runs.ROUTINE,
                List.of(
                        counted("a", 0, 0, Kind.BEGIN, null),
                        counted("b", 1, 2, Kind.DONE, 0),
                        counted("a", 1, 3, Kind.PAUSE, null),
                        counted("b", 2, 8, Kind.DONE, 1)));
        assertEquals(record.open(), Integer.valueOf(GROUP));
        assertTrue(record.mended().isEmpty());
    }

    @Test
    public void aSwapInMidStepLeavesWhatWasDone() {
        AtTheChair chair = chair(
                Runs.ROUTINE,
                40,
                intoTheGroup(section(9, 0), section(13, 1), swap(14, GROUP, 0, Heads.SOFT_GEL), section(18, 2)));
        List<Used> used = chair.ledger();
        double gel = ml(used, Heads.GEL);
        double soft = ml(used, Heads.SOFT_GEL);
        assertEquals(gel, 2 * soft, .05, "two of three sections had the first gel");
        AtTheChair corrected = chair(
                Runs.ROUTINE,
                40,
                intoTheGroup(section(9, 0), section(13, 1), section(18, 2), swap(19, GROUP, 0, Heads.SOFT_GEL)));
        assertEquals(ml(corrected.ledger(), Heads.GEL), 0.0, "said afterwards, it was all of it");
    }

    @Test
    public void aRunNobodyTappedThroughWasDoneAsPlanned() {
        List<ChairEvent> all =
                intoTheGroup(section(9, 0), section(13, 1), section(18, 2), event(60, Kind.FINISH, null));
        List<ChairEvent> untapped = List.of(event(0, Kind.BEGIN, null), event(60, Kind.FINISH, null));
        AtTheChair chair = chair(Runs.ROUTINE, 70, untapped);
        assertEquals(chair.meant().steps().size(), Runs.ROUTINE.steps().size());
        for (Product product : List.of(Heads.LEAVE_IN, Heads.GEL)) {
            assertEquals(
                    ml(chair.ledger(), product),
                    ml(chair(Runs.ROUTINE, 70, all).ledger(), product),
                    .05,
                    product.name());
        }
    }

    @Test
    public void whatIsLeftInTheMiddleUsedItsPart() {
        List<ChairEvent> all = intoTheGroup(section(9, 0), section(13, 1), section(18, 2));
        double whole = ml(chair(Runs.ROUTINE, 40, all).ledger(), Heads.GEL);
        for (Kind end : List.of(Kind.SKIP, Kind.FINISH)) {
            List<ChairEvent> left = intoTheGroup(section(9, 0), event(12, end, end == Kind.SKIP ? GROUP : null));
            assertEquals(ml(chair(Runs.ROUTINE, 40, left).ledger(), Heads.GEL), whole / 3, .05, end.toString());
            assertTrue(
                    Ended.of(chair(Runs.ROUTINE, 40, left)).otherwise().stream()
                            .anyMatch(own ->
                                    own.step() == GROUP && Integer.valueOf(1).equals(own.sectionsDone())),
                    "and says so");
        }
    }

    private static double ml(List<Used> used, Product product) {
        return used.stream()
                .filter(own -> own.product().equals(product))
                .mapToDouble(Used::ml)
                .sum();
    }

    @Test
    public void theLedgerAddsUpToTheAmountsWhateverWasSwapped() {
        Random random = new Random(9);
        for (int i = 0; i < 300; i++) {
            Routine routine = i % 3 == 0 ? Heads.randomRoutine(random) : Runs.ROUTINE;
            ChairRecord record = ChairRecord.of(routine, Runs.random(random, routine, NINE));
            AtTheChair chair = AtTheChair.of(routine, hair, ROOM, null, record, at(500));
            double said = chair.used().stream().mapToDouble(Amount::ml).sum();
            double drawn = chair.ledger().stream().mapToDouble(Used::ml).sum();
            assertEquals(drawn, said, .02 * (1 + chair.ledger().size()));
        }
    }

    @Test
    public void clipsThatNeverWentInAreNotTakenOut() {
        Routine routine = Routine.of(
                Step.of(Action.CLIP_ROOTS).build(),
                Step.of(Action.HOVER).minutes(10.0).build(),
                Step.of(Action.UNCLIP).build(),
                Step.of(Action.CUP).untilDry(100.0).build());
        ChairRecord skipped = ChairRecord.of(
                routine, List.of(event(0, Kind.BEGIN, null), event(.1, Kind.SKIP, 0), event(10, Kind.DONE, 1)));
        assertEquals(skipped.open(), Integer.valueOf(3));
        assertTrue(skipped.dropped().contains(2));
        ChairRecord clipped = ChairRecord.of(
                routine, List.of(event(0, Kind.BEGIN, null), event(2, Kind.DONE, 0), event(10, Kind.DONE, 1)));
        assertEquals(clipped.open(), Integer.valueOf(2));
        assertFalse(clipped.dropped().contains(2));
    }

    @Test
    public void theBandAimsWhereItsStepSays() {
        Routine routine = Routine.of(
                Step.of(Action.SQUEEZE).toWetness(86.0).build(),
                Step.of(Action.APPLY).product(Heads.GEL).build(),
                Step.of(Action.EACH_SECTION)
                        .sections(4)
                        .steps(List.of(
                                Step.of(Action.MIST).toWetness(71.0).build(),
                                Step.of(Action.APPLY).product(Heads.GEL).build()))
                        .build());
        assertEquals(Band.of(routine, hair, Schools.DEFAULT, 1).aim(), 86.0);
        assertEquals(Band.of(routine, hair, Schools.DEFAULT, 2).aim(), 71.0);
    }
}
