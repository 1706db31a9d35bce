package eventide.chair;

import static eventide.chair.Runs.NINE;
import static eventide.chair.Runs.at;
import static eventide.chair.Runs.event;
import static eventide.chair.Runs.intoTheGroup;
import static eventide.chair.Runs.look;
import static eventide.chair.Runs.section;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.chair.ChairEvent.Kind;
import eventide.drying.StepTide;
import eventide.drying.Tide;
import eventide.hair.Hair;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Amount;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** The water as it really ran, what is asked of hands, what rings when, and what could go. */
public class AtTheChairTest {
    private static final Air ROOM = Air.of(22, 52);
    private static final Goal GOAL = new Goal(2, 1, 0, 1, 1, null);
    private static final int GROUP = Runs.GROUP;

    private final Hair hair = Heads.curly();

    private AtTheChair chair(Routine routine, double now, ChairEvent... happened) {
        return AtTheChair.of(routine, hair, ROOM, null, ChairRecord.of(routine, List.of(happened)), at(now));
    }

    private AtTheChair chair(double now, ChairEvent... happened) {
        return chair(Runs.ROUTINE, now, happened);
    }

    private AtTheChair chair(double now, List<ChairEvent> happened) {
        return chair(now, happened.toArray(ChairEvent[]::new));
    }

    @Test
    public void beforeTheBeginningAllIsAsPlanned() {
        AtTheChair chair = chair(0);
        assertEquals(chair.course().tide().lengths(), chair.planned().tide().lengths());
        assertEquals(Live.of(chair).behindMinutes(), 0.0);
        assertFalse(Live.of(chair).late());
    }

    @Test
    public void stepsThatAreOverTookWhatTheyTook() {
        Tide tide = chair(9, intoTheGroup()).course().tide();
        assertEquals(tide.steps().get(0).endMinute(), 2.0);
        assertEquals(tide.steps().get(1).startMinute(), 2.0);
        assertEquals(tide.steps().get(1).endMinute(), 5.0);
    }

    @Test
    public void aStepThatRunsOverPushesTheRest() {
        AtTheChair onTime = chair(3, event(0, Kind.BEGIN, null), event(2, Kind.DONE, 0));
        AtTheChair late = chair(30, event(0, Kind.BEGIN, null), event(2, Kind.DONE, 0));
        assertEquals(late.course().tide().steps().get(1).endMinute(), 30, .01);
        assertTrue(Live.of(late).late());
        assertTrue(Live.of(late).endMinute() > Live.of(onTime).endMinute() + 15);
    }

    @Test
    public void sectionsKeepTheTimeEachTook() {
        AtTheChair chair = chair(18, intoTheGroup(section(9, 0), section(17, 1)));
        StepTide inner = chair.course().tide().steps().get(GROUP).inner().get(0);
        assertEquals(inner.startMinute(), 5.0);
        // By hand: sections took 4 and 8 minutes, so the third is reckoned at 6 and ends at 23.
        assertEquals(chair.course().tide().steps().get(GROUP).endMinute(), 23, .05);
    }

    @Test
    public void aSectionStillToComeIsForecastAtThePaceOfThoseDone() {
        AtTheChair quick = chair(8, intoTheGroup(section(7, 0)));
        AtTheChair slow = chair(16, intoTheGroup(section(15, 0)));
        assertEquals(quick.course().tide().steps().get(GROUP).endMinute(), 11, .05);
        assertEquals(slow.course().tide().steps().get(GROUP).endMinute(), 35, .05);
    }

    @Test
    public void aStepDoneInOneGoIsNotForecastBySections() {
        // Nine quick passes of one gel, and a bowl moved over eight places: nobody ticks those off.
        Routine routine = Routine.of(
                Step.of(Action.APPLY)
                        .product(Heads.GEL)
                        .sections(9)
                        .minutes(3.0)
                        .build(),
                Step.of(Action.CUP).sections(8).minutes(20.0).build());
        AtTheChair first = chair(routine, 2.5, event(0, Kind.BEGIN, null));
        assertEquals(
                first.course().minutes(), 23, .01, "two and a half of three minutes are gone, and that is on time");
        assertTrue(Double.isNaN(first.driestWaiting()), "no section of it waits to be asked for");
        AtTheChair second = chair(routine, 18, event(0, Kind.BEGIN, null), event(3, Kind.DONE, 0));
        assertEquals(second.course().minutes(), 23, .01);
        assertFalse(Live.of(second).late());
    }

    @Test
    public void aLookSetsTheWaterRightAndTheRestFollows() {
        AtTheChair blind = chair(8, intoTheGroup());
        AtTheChair seen = chair(8, intoTheGroup(look(7, Look.SQUEAKY)));
        assertTrue(blind.course().lengthsNow() > 60, "the model thinks it wet");
        assertEquals(seen.course().lengthsNow(), 50, 2);
        assertTrue(dryAt(seen) < dryAt(blind), "dry sooner");
        AtTheChair wet = chair(40, intoTheGroup(section(12, 0), section(20, 1), section(28, 2), look(39, Look.SLICK)));
        assertEquals(wet.course().lengthsNow(), 80, 2);
    }

    /** A hand whose practice says so moves the water only part of the way. */
    @Test
    public void aLookThatIsTrustedHalfMovesTheWaterHalfway() {
        double blind = chair(7, intoTheGroup()).course().lengthsNow();
        double half = chair(7, intoTheGroup(look(7, Look.SQUEAKY, .5))).course().lengthsNow();
        assertEquals(half, (blind + 50) / 2, 1);
        assertEquals(chair(7, intoTheGroup(look(7, Look.SQUEAKY, 0.0))).course().lengthsNow(), blind, 1e-9);
    }

    private static double dryAt(AtTheChair chair) {
        return chair.course().tide().marks().stream()
                .filter(mark -> mark.what() == eventide.drying.Mark.Moment.LENGTHS_DRY)
                .mapToDouble(eventide.drying.Mark::minute)
                .max()
                .orElseThrow();
    }

    @Test
    public void whatWaitsTooLongIsAskedFor() {
        assertNull(Live.of(chair(6, intoTheGroup())).ask());
        AtTheChair long1 = chair(95, intoTheGroup(section(94, 0)));
        Ask ask = Live.of(long1).ask();
        assertNotNull(ask, "after an hour and a half what waits is dry");
        assertEquals(ask.what(), Ask.Remedy.MIST_WAITING);
        assertTrue(ask.wetness() < Heads.GEL.windowLow());
        AtTheChair misted = chair(96, intoTheGroup(section(94, 0), event(95.5, Kind.MISTED, GROUP)));
        assertNull(Live.of(misted).ask());
        assertTrue(misted.driestWaiting() > Heads.GEL.windowLow(), "misted to " + misted.driestWaiting());
        AtTheChair left = chair(96, intoTheGroup(section(94, 0), event(95.5, Kind.LEFT, GROUP)));
        assertNull(Live.of(left).ask(), "answered");
        assertTrue(left.driestWaiting() < Heads.GEL.windowLow());
    }

    @Test
    public void hairTooWetForAFoamIsToBeSqueezed() {
        Product foam = Product.of("foam", Role.MOUSSE, 4, 1, 35, 60);
        Routine routine = Routine.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.APPLY).product(foam).build(),
                Step.of(Action.AIR).build());
        AtTheChair wet = chair(routine, 2.1, event(0, Kind.BEGIN, null), event(2, Kind.DONE, 0));
        assertEquals(Live.of(wet).ask().what(), Ask.Remedy.SQUEEZE);
        AtTheChair squeezed =
                chair(routine, 2.5, event(0, Kind.BEGIN, null), event(2, Kind.DONE, 0), event(2.2, Kind.SQUEEZED, 1));
        assertNull(Live.of(squeezed).ask());
        assertEquals(squeezed.course().lengthsNow(), 50, 2);
    }

    @Test
    public void whatWasReallyUsedIsCounted() {
        ChairEvent more =
                new ChairEvent("m", at(3), null, Kind.AMOUNT, 1, null, null, 1.5, null, null, null, null, null, null);
        ChairEvent other = new ChairEvent(
                "w", at(6), null, Kind.SWAP, GROUP, 0, null, null, Heads.SOFT_GEL, null, null, null, null, null);
        AtTheChair chair = chair(40, intoTheGroup(more, other, section(9, 0), section(13, 1), section(18, 2)));
        Amount planned = eventide.routine.Amounts.of(Runs.ROUTINE, hair).get(0);
        List<Amount> used = chair.used();
        assertEquals(used.get(0).ml(), planned.ml() * 1.5, .02);
        assertEquals(used.get(1).product(), Heads.SOFT_GEL);
        AtTheChair skipped = chair(40, event(0, Kind.BEGIN, null), event(2, Kind.DONE, 0), event(3, Kind.SKIP, 1));
        assertEquals(skipped.used(), List.of(), "what was skipped was not used");
    }

    @Test
    public void aMaskWorksOnUntilItIsRinsed() {
        Product mask = Product.of("mask", Role.MASK, 0, 8, 0, 100);
        Routine routine = Routine.of(
                Step.of(Action.MASK).product(mask).minutes(10.0).build(),
                Step.of(Action.DETANGLE).build(),
                Step.of(Action.RINSE).build(),
                Step.of(Action.PLOP).build());
        List<StepTimer> timers =
                StepTimer.of(routine, chair(routine, 0).planned().tide());
        assertEquals(timers.get(0).untilStep(), Integer.valueOf(2));
        Ring mid = Ring.next(chair(routine, 4, event(0, Kind.BEGIN, null), event(1, Kind.DONE, 0)), timers, at(4));
        assertEquals(mid, new Ring("Mask", at(10)), "detangling meanwhile");
        Ring rinsed = Ring.next(
                chair(routine, 5, event(0, Kind.BEGIN, null), event(1, Kind.DONE, 0), event(4, Kind.DONE, 1)),
                timers,
                at(5));
        assertNull(rinsed);
    }

    @Test
    public void aMedicatedCleanserHasItsTimeAndTheBowlItsBeat() {
        Product medicated = new Product(
                null, "medicated", Role.CLEANSER, 0.0, 1.0, 0.0, 100.0, null, null, null, null, null, null, 5.0, null);
        Routine routine = Routine.of(
                Step.of(Action.CLEANSE).product(medicated).build(),
                Step.of(Action.RINSE).build(),
                Step.of(Action.CUP).untilDry(100.0).build());
        List<StepTimer> timers =
                StepTimer.of(routine, chair(routine, 0).planned().tide());
        assertEquals(timers.get(0).minutes(), 5.0);
        // 10 to 20 s a section [CP].
        assertTrue(timers.get(1).everySeconds() >= 10 && timers.get(1).everySeconds() <= 20);
    }

    @Test
    public void theWaterSaysWhenHandsMayComeBack() {
        AtTheChair chair =
                chair(30, intoTheGroup(section(9, 0), section(13, 1), section(18, 2), event(20, Kind.DONE, 3)));
        List<WaterTimer> timers = WaterTimer.of(chair);
        WaterTimer cast = timers.get(0);
        assertEquals(cast.what(), WaterTimer.Awaited.CAST);
        assertTrue(cast.fromMinute() >= 20 - .01, "the last scrunch is over first: " + cast);
        WaterTimer dry = timers.get(timers.size() - 1);
        assertEquals(dry.what(), WaterTimer.Awaited.DRY);
        assertTrue(dry.untilMinute() > cast.untilMinute());
    }

    @Test
    public void whatCouldGoIsCostedAndNeverPast() {
        AtTheChair late = chair(60, intoTheGroup(section(20, 0), section(40, 1)));
        List<Drops.Drop> drops = Drops.of(late, GOAL, null);
        assertFalse(drops.isEmpty());
        for (Drops.Drop drop : drops) {
            assertTrue(drop.step() > GROUP, "still to come: " + drop);
            assertTrue(drop.savesMinutes() > 0);
        }
    }

    @Test
    public void aRunIsLaidAgainstItsPlan() {
        ChairEvent more =
                new ChairEvent("m", at(3), null, Kind.AMOUNT, 1, null, null, 1.25, null, null, null, null, null, null);
        AtTheChair chair = chair(
                60,
                intoTheGroup(
                        more,
                        section(9, 0),
                        section(13, 1),
                        section(18, 2),
                        event(20, Kind.SKIP, 3),
                        event(21, Kind.FINISH, null)));
        Ended ended = Ended.of(chair);
        assertEquals(ended.minutes(), 21.0, "until it was finished, not until it is asked");
        assertTrue(ended.wet(), "no dryer ever ran");
        AtTheChair slowClock = chair(1, intoTheGroup(section(9, 0), event(21, Kind.FINISH, null)));
        assertEquals(Ended.of(slowClock).minutes(), 21.0, "the asker's clock is not the chair's");
        Ended.Otherwise leaveIn = ended.otherwise().stream()
                .filter(o -> o.step() == 1)
                .findFirst()
                .orElseThrow();
        assertEquals(leaveIn.ratio(), Double.valueOf(1.25));
        assertTrue(ended.otherwise().stream().anyMatch(o -> o.step() == 3 && o.leftOut()), "skipped");
        assertTrue(ended.otherwise().stream().anyMatch(o -> o.step() == 6 && o.leftOut()), "never come to");
        assertTrue(ended.otherwise().stream().noneMatch(o -> o.step() == 0), "two minutes of rinsing, as planned");
    }

    @Test
    public void anyRunHasATide() {
        Random random = new Random(31);
        for (int i = 0; i < 300; i++) {
            Routine routine = i % 2 == 0 ? Runs.ROUTINE : Heads.randomRoutine(random);
            ChairRecord record = ChairRecord.of(routine, Runs.random(random, routine, NINE));
            AtTheChair chair =
                    AtTheChair.of(routine, Heads.random(random), ROOM, null, record, at(random.nextInt(400)));
            Live live = Live.of(chair);
            assertTrue(live.lengths() >= 0 && live.lengths() <= 100, live.toString());
            assertTrue(live.endMinute() >= 0);
            Drops.of(chair, GOAL, null);
            Ring.next(chair, StepTimer.of(routine, chair.planned().tide()), at(400));
            Cue.of(routine, chair.planned());
        }
    }
}
