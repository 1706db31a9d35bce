package eventide.drying;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.Speed;
import eventide.routine.Step;
import eventide.shape.InvalidException;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What must hold of water on any head in any room. */
public class TideModelTest {
    private static final Air ROOM = Air.of(22, 52);

    private static Air room(Random random) {
        return Air.of(5 + random.nextInt(30), 10 + random.nextInt(85));
    }

    @Test
    public void waterNeverRisesWithoutAWettingStep() {
        Random random = new Random(1);
        for (int i = 0; i < 400; i++) {
            Tide tide = TideModel.run(Heads.randomRoutine(random), Heads.random(random), room(random))
                    .tide();
            for (int m = 1; m < tide.minutes().size(); m++) {
                assertTrue(tide.lengths().get(m) <= tide.lengths().get(m - 1) + .011, "lengths rose at " + m);
                assertTrue(tide.roots().get(m) <= tide.roots().get(m - 1) + .011, "roots rose at " + m);
            }
        }
    }

    @Test
    public void rootsNeverDryBeforeLengthsWithoutHelp() {
        Random random = new Random(2);
        for (int i = 0; i < 200; i++) {
            Routine air = Routine.of(Step.of(Action.AIR).minutes(600.0).build());
            Tide tide = TideModel.run(air, Heads.random(random), room(random)).tide();
            for (int m = 0; m < tide.minutes().size(); m++) {
                assertTrue(tide.roots().get(m) >= tide.lengths().get(m) - .011, "roots drier at " + m);
            }
        }
    }

    @Test
    public void noDryerBeatsItsHeat() {
        // P / 2.43 MJ/kg: 1500 W evaporate at most 37 g a minute.
        Random random = new Random(3);
        for (int i = 0; i < 300; i++) {
            Hair hair = Heads.random(random);
            Air room = room(random);
            Step dryer = Step.of(
                            Heads.one(random, new Action[] {Action.CUP, Action.HOVER, Action.HOOD, Action.HAMMOCK}))
                    .heat(Heat.HOT)
                    .speed(Speed.HIGH)
                    .minutes(10.0)
                    .build();
            Tide tide =
                    TideModel.run(Routine.of(dryer).startingAt(85), hair, room).tide();
            double gone = gramsGone(tide, hair, room, 10);
            assertTrue(gone <= 370.5, "evaporated " + gone + " g in 10 minutes");
        }
    }

    /** Water lost between the start and a minute, in g, from the drawn means (heads alike in every zone). */
    private static double gramsGone(Tide tide, Hair hair, Air room, int minute) {
        Cell cell = new Cell(
                Zone.BACK, eventide.routine.Half.LEFT, hair.overall(), HairMass.grams(hair), room.relativeHumidity());
        double lengths = tide.lengths().get(0) - tide.lengths().get(minute);
        double roots = tide.roots().get(0) - tide.roots().get(minute);
        return cell.gramsPerPercent * ((1 - cell.rootShare) * lengths + cell.rootShare * roots);
    }

    @Test
    public void theSizeOfTheTimeStepDoesNotMatter() {
        Random random = new Random(4);
        for (int i = 0; i < 200; i++) {
            Routine routine = Heads.randomRoutine(random);
            Hair hair = Heads.random(random);
            Air room = room(random);
            Course coarse = TideModel.run(routine, hair, room);
            Course fine = TideModel.run(routine, hair, room, .1);
            assertEquals(coarse.endLengths(), fine.endLengths(), 1, "lengths");
            assertEquals(coarse.endRoots(), fine.endRoots(), 1, "roots");
            assertEquals(coarse.minutes(), fine.minutes(), Math.max(.5, fine.minutes() * .01), "minutes");
        }
    }

    /** Slow drying is run in longer pieces: what is drawn through them is still what a minute at a time would be. */
    @Test
    public void noLineThroughSlowDryingCanBeToldFromItsCurve() {
        Random random = new Random(6);
        for (int i = 0; i < 150; i++) {
            Hair hair = Heads.random(random);
            Air room = room(random);
            Action action = random.nextInt(3) == 0 ? Action.FAN : Action.AIR;
            Routine routine = Routine.of(Step.of(action).minutes(400.0).build()).startingAt(30 + random.nextInt(59));
            Tide drawn = TideModel.run(routine, hair, room).tide();
            Tide fine = TideModel.run(routine, hair, room, .25).tide();
            for (int minute = 0; minute <= 400; minute++) {
                assertEquals(drawn.lengths().get(minute), fine.lengths().get(minute), .2, "lengths at " + minute);
                assertEquals(drawn.roots().get(minute), fine.roots().get(minute), .2, "roots at " + minute);
            }
            assertEquals(drawn.marks().size(), fine.marks().size());
            for (int k = 0; k < fine.marks().size(); k++) {
                assertEquals(drawn.marks().get(k).what(), fine.marks().get(k).what());
                assertEquals(
                        drawn.marks().get(k).minute(),
                        fine.marks().get(k).minute(),
                        2,
                        "when " + fine.marks().get(k).what());
            }
        }
    }

    /** Hands do not go on drying what is dry: on dense heads the roots would otherwise take twice as long as all else. */
    @Test
    public void onceTheLengthsAreDryTheDryerIsTurnedToTheRoots() {
        Random random = new Random(7);
        for (int i = 0; i < 100; i++) {
            Hair any = Heads.random(random);
            Hair dense = any.with(any.strand(), any.porosity(), any.pattern(), Density.HIGH, 20 + random.nextInt(30));
            Step cup = Step.of(Action.CUP).untilDry(100.0).build();
            Course course = TideModel.run(Routine.of(cup), dense, ROOM);
            double lengths = course.tide().marks().stream()
                    .filter(mark -> mark.what() == Mark.Moment.LENGTHS_DRY)
                    .mapToDouble(Mark::minute)
                    .findFirst()
                    .orElseThrow();
            assertTrue(course.minutes() < 2.1 * lengths, course.minutes() + " against " + lengths);
            Step past = cup.but()
                    .parts(EnumSet.of(Part.LENGTHS, Part.ENDS))
                    .minutes(course.minutes())
                    .build();
            double left = TideModel.run(Routine.of(past), dense, ROOM).endRoots();
            assertTrue(left > course.endRoots(), "aimed past the roots: " + left);
        }
    }

    @Test
    public void theSameRoutineGivesTheSameTide() {
        Random random = new Random(5);
        for (int i = 0; i < 50; i++) {
            Routine routine = Heads.randomRoutine(random);
            Hair hair = Heads.random(random);
            assertEquals(
                    TideModel.run(routine, hair, ROOM).tide(),
                    TideModel.run(routine, hair, ROOM).tide());
        }
    }

    @Test
    public void damperAirNeverDriesFaster() {
        Random random = new Random(6);
        for (int i = 0; i < 100; i++) {
            Hair hair = Heads.random(random);
            Routine air = Routine.of(Step.of(Action.AIR).minutes(120.0).build());
            double t = 15 + random.nextInt(12);
            double dry = TideModel.run(air, hair, Air.of(t, 35)).endLengths();
            double damp = TideModel.run(air, hair, Air.of(t, 80)).endLengths();
            assertTrue(dry <= damp + .01, "dry room " + dry + ", damp room " + damp);
        }
    }

    @Test
    public void cutAtASectionBoundaryTheHeadKeepsItsMass() {
        for (int sections : new int[] {1, 2, 3, 7, 12, 40}) {
            Step each = Step.of(Action.EACH_SECTION)
                    .sections(sections)
                    .steps(List.of(Step.of(Action.APPLY)
                            .product(Heads.GEL)
                            .minutes(1.0)
                            .build()))
                    .build();
            Course course = TideModel.run(Routine.of(each), Heads.curly(), ROOM);
            assertEquals(course.hairGrams(), HairMass.grams(Heads.curly()), 1e-6);
            double worked = course.visits().stream().mapToDouble(Visit::grams).sum();
            assertEquals(worked, course.hairGrams(), 1e-6, sections + " sections");
        }
    }

    @Test
    public void drippingHairCarriesMassTimesCapacity() {
        // By hand: 34 cm, medium, medium: 123.5 g; capacity 1.2 + 0.31 − 0.098 (regain at 50 %) = 1.412 g/g: 174.4 g.
        Hair hair = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 34);
        Tide tide = TideModel.run(Routine.of(Step.of(Action.AIR).minutes(60.0).build()), hair, Air.of(22, 50))
                .tide();
        assertEquals(tide.hairGrams(), 123.5, .1);
        assertEquals(tide.waterGrams(), 174.4, .2);
    }

    @Test
    public void waterLostIsWaterEvaporatedWhateverTheSections() {
        // The same waiting in one piece and in twelve loses the same water.
        Step whole = Step.of(Action.SMOOTH).minutes(24.0).build();
        Step cut = Step.of(Action.SMOOTH).minutes(24.0).sections(12).build();
        Course one = TideModel.run(Routine.of(whole), Heads.curly(), ROOM);
        Course twelve = TideModel.run(Routine.of(cut), Heads.curly(), ROOM);
        assertEquals(twelve.endLengths(), one.endLengths(), 1e-6);
        assertEquals(twelve.endRoots(), one.endRoots(), 1e-6);
    }

    @Test
    public void sectionsThatWaitAreDrierWhenTheirTurnComes() {
        Step pass = Step.of(Action.APPLY)
                .product(Heads.GEL)
                .sections(6)
                .minutes(24.0)
                .build();
        StepTide step = TideModel.run(Routine.of(pass), Heads.curly(), ROOM)
                .tide()
                .steps()
                .get(0);
        assertEquals(step.wetnessBySection().size(), 6);
        for (int i = 1; i < 6; i++) {
            assertTrue(step.wetnessBySection().get(i) < step.wetnessBySection().get(i - 1), step.toString());
        }
    }

    @Test
    public void aCoverKeepsWaterIn() {
        Routine open = Routine.of(Step.of(Action.WAIT).minutes(20.0).build()).startingAt(80);
        Routine covered = Routine.of(
                        Step.of(Action.COVER).build(),
                        Step.of(Action.WAIT).minutes(20.0).build())
                .startingAt(80);
        assertTrue(TideModel.run(covered, Heads.curly(), ROOM).endLengths()
                > TideModel.run(open, Heads.curly(), ROOM).endLengths() + 8);
    }

    @Test
    public void aWettingLevelBelowThePresentOneChangesNothing() {
        Course course = TideModel.run(
                Routine.of(Step.of(Action.REWET).toWetness(40.0).minutes(0.0).build())
                        .startingAt(70),
                Heads.curly(),
                ROOM);
        assertEquals(course.endLengths(), 70, 1e-9);
        Course pressed = TideModel.run(
                Routine.of(Step.of(Action.SQUEEZE).toWetness(90.0).minutes(0.0).build())
                        .startingAt(70),
                Heads.curly(),
                ROOM);
        assertEquals(pressed.endLengths(), 70, 1e-9);
    }

    @Test
    public void washingLeavesHairDripping() {
        for (Action action : List.of(Action.CLEANSE, Action.CLARIFY, Action.CONDITION, Action.RINSE)) {
            Course course = TideModel.run(Routine.of(Step.of(action).build()).startingAt(0), Heads.curly(), ROOM);
            assertEquals(course.endLengths(), 100, 1e-9, action.name());
            assertEquals(course.endRoots(), 100, 1e-9, action.name());
        }
    }

    @Test
    public void aDryingStepEndsAtItsLevelOrItsTime() {
        Course level = TideModel.run(
                Routine.of(Step.of(Action.CUP).untilDry(50.0).minutes(90.0).build()), Heads.curly(), ROOM);
        assertTrue(level.minutes() < 90);
        Course time = TideModel.run(
                Routine.of(Step.of(Action.CUP).untilDry(100.0).minutes(3.0).build()), Heads.curly(), ROOM);
        assertEquals(time.minutes(), 3, 1e-6);
    }

    @Test
    public void whatJustDriesDriesToTheRoots() {
        Random random = new Random(12);
        for (int i = 0; i < 60; i++) {
            Action action = Heads.one(random, new Action[] {Action.AIR, Action.FAN, Action.CUP, Action.HOVER});
            Course open = TideModel.run(Routine.of(Step.of(action).build()), Heads.random(random), ROOM);
            boolean longest = open.minutes() >= (action.isDryer() ? 240 : 2880) - 1e-6;
            assertTrue(longest || open.endRoots() <= Wetness.DRY_BELOW && open.endLengths() <= Wetness.DRY_BELOW);
        }
    }

    @Test
    public void hoverBeforeMoreDryingEndsOnceTheCastHasSet() {
        Step hover = Step.of(Action.HOVER).build();
        Step cup = Step.of(Action.CUP).build();
        Course both = TideModel.run(Routine.of(hover, cup), Heads.curly(), ROOM);
        Course told = TideModel.run(Routine.of(hover.but().untilDry(57.0).build(), cup), Heads.curly(), ROOM);
        assertEquals(both.tide(), told.tide());
        assertTrue(both.visits().get(1).startMinute() < both.minutes() - 5, "something is left for the bowl");
        Step each =
                Step.of(Action.EACH_SECTION).sections(2).steps(List.of(hover)).build();
        Course bySection = TideModel.run(Routine.of(each, cup), Heads.curly(), ROOM);
        assertEquals(
                bySection.visits().get(0).endMinute(), both.visits().get(0).endMinute(), 5, "a section at a time too");
        Course timed = TideModel.run(Routine.of(hover.but().minutes(4.0).build(), cup), Heads.curly(), ROOM);
        assertEquals(timed.visits().get(1).startMinute(), 4, 1e-6);
    }

    @Test
    public void aDryerAimedAtTheRootsDriesThemFaster() {
        Step all = Step.of(Action.CUP).minutes(10.0).build();
        Step roots = Step.of(Action.CUP).minutes(10.0).parts(Set.of(Part.ROOTS)).build();
        Course even = TideModel.run(Routine.of(all).startingAt(80), Heads.curly(), ROOM);
        Course aimed = TideModel.run(Routine.of(roots).startingAt(80), Heads.curly(), ROOM);
        assertTrue(aimed.endRoots() < even.endRoots() && aimed.endLengths() > even.endLengths());
    }

    @Test
    public void longerThanAWeekIsRefused() {
        List<Step> days = java.util.Collections.nCopies(
                8, Step.of(Action.WAIT).minutes(1440.0).build());
        expectThrows(InvalidException.class, () -> TideModel.run(Routine.of(days), Heads.curly(), ROOM));
    }

    @Test
    public void anEmptyRoutineHasATide() {
        Tide tide = TideModel.run(Routine.of(List.of()), Heads.curly(), ROOM).tide();
        assertEquals(tide.steps(), List.of());
        assertEquals(tide.lengths().get(0), 100.0);
    }

    @Test
    public void aWaitingSectionOnlyDriesAndEndsWhereItsTurnFindsIt() {
        Random random = new Random(21);
        int lines = 0;
        for (int i = 0; i < 200; i++) {
            Tide tide = TideModel.run(Heads.randomRoutine(random), Heads.random(random), room(random))
                    .drawn();
            for (Waiting waiting : tide.waiting()) {
                lines++;
                List<Double> levels = waiting.wetness();
                for (int k = 1; k < levels.size(); k++) {
                    assertTrue(levels.get(k) <= levels.get(k - 1) + .011, "rose while it waited: " + waiting);
                }
                StepTide step = tide.steps().get(waiting.step());
                if (step.inner() == null) {
                    assertEquals(
                            levels.get(levels.size() - 1),
                            step.wetnessBySection().get(waiting.section()),
                            .011);
                }
            }
        }
        assertTrue(lines > 50, "some sections wait");
    }

    @DataProvider
    Object[][] sectioned() {
        return new Object[][] {{2}, {4}, {8}, {12}};
    }

    /** TRADE 5: smaller sections take longer. A quarter of a minute each [OURS]; a stated time is taken as it is. */
    @Test(dataProvider = "sectioned")
    public void everySectionTakesItsQuarterOfAMinute(int sections) {
        Step gel = Step.of(Action.APPLY)
                .product(Product.of("gel", Role.GEL, 6, 2, 30, 90))
                .build();
        double one = minutes(gel);
        double passes = minutes(gel.but().sections(sections).build());
        double each = minutes(Step.of(Action.EACH_SECTION)
                .sections(sections)
                .steps(List.of(gel, Step.of(Action.SMOOTH).build()))
                .build());
        double smooth = minutes(Step.of(Action.SMOOTH).build());
        assertEquals(passes - one, sections / 4.0, 1e-6);
        assertEquals(each - one - smooth, sections / 4.0, 1e-6);
        assertEquals(minutes(gel.but().sections(sections).minutes(7.0).build()), 7, 1e-6);
    }

    private static double minutes(Step step) {
        return TideModel.run(Routine.of(List.of(Step.of(Action.REWET).build(), step)), Heads.curly(), Air.of(22, 52))
                        .minutes()
                - 2;
    }
}
