package eventide.drying;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.routine.Action;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.shape.Changed;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.Test;

/** What a mist, damp air and one dense zone do to the minutes, on random heads. */
public class MistAndAirTest {
    private static final Air ROOM = Air.of(22, 50);
    private static final Step DAYS_OF_AIR = Step.of(Action.AIR).minutes(4000.0).build();

    private static double minutesUntilLengthsAre(double percent, Hair hair, Air air, Double start, Step... steps) {
        Routine routine = new Routine(1, List.of(steps), start, null, null, null, null);
        Tide tide = TideModel.run(routine, hair, air).tide();
        double last = 0;
        for (int i = 0; i < tide.minutes().size(); i++) {
            last = tide.lengths().get(i) > percent ? tide.minutes().get(i) : last;
        }
        return last;
    }

    private static double misted(Hair hair, double to) {
        return minutesUntilLengthsAre(
                2, hair, ROOM, 0.0, Step.of(Action.MIST).toWetness(to).build(), DAYS_OF_AIR);
    }

    @Test
    public void moreMistNeverDriesSooner() {
        Random random = new Random(12);
        for (int i = 0; i < 60; i++) {
            Hair hair = Heads.random(random);
            double before = 0;
            for (double to = 4; to <= 80; to += 4) {
                double now = misted(hair, to);
                assertTrue(now >= before, hair + ": to " + to + " % " + now + ", less took " + before);
                before = now;
            }
        }
    }

    @Test
    public void mistedToHalfDriesAsHairWettedToHalf() {
        Random random = new Random(13);
        for (int i = 0; i < 60; i++) {
            Hair hair = Heads.random(random);
            double wetted = minutesUntilLengthsAre(2, hair, ROOM, 50.0, DAYS_OF_AIR);
            assertEquals(misted(hair, 50), wetted, wetted * .12 + 3, hair.toString());
        }
    }

    @Test
    public void nearSaturationNextToNothingDries() {
        Hair hair = Heads.curly();
        double easy = minutesUntilLengthsAre(10, hair, Air.of(22, 70), 100.0, DAYS_OF_AIR);
        double damp = minutesUntilLengthsAre(10, hair, Air.of(22, 98), 100.0, DAYS_OF_AIR);
        assertTrue(damp > 8 * easy, "70 %: " + easy + " minutes, 98 %: " + damp);
        double before = 0;
        for (double humidity = 30; humidity <= 98; humidity += 2) {
            double now = minutesUntilLengthsAre(10, hair, Air.of(22, humidity), 100.0, DAYS_OF_AIR);
            assertTrue(now >= before, "damper never dries sooner: " + humidity);
            before = now;
        }
    }

    private static double diffused(Hair hair) {
        return TideModel.run(
                        Routine.of(
                                Step.of(Action.MICROPLOP).build(),
                                Step.of(Action.CUP)
                                        .position(List.of(Position.SIDE, Position.UPRIGHT))
                                        .untilDry(100.0)
                                        .build()),
                        hair,
                        ROOM)
                .minutes();
    }

    @Test
    public void oneDenseZoneIsDriedByTurningTheDryerToIt() {
        Hair even = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 35);
        Hair dense = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.HIGH, 35);
        Hair nape =
                even.withZones(Map.of(Zone.NAPE, new ZoneReadings(null, null, null, Density.HIGH, null, null, null)));
        assertTrue(diffused(nape) >= diffused(even), "denser never dries sooner");
        assertTrue(diffused(dense) >= diffused(nape), "dense all over takes longest");
        double added = diffused(nape) - diffused(even);
        assertTrue(
                added < (diffused(dense) - diffused(even)) / 2,
                "a dense nape adds " + added + " of " + (diffused(dense) - diffused(even)) + " minutes");
    }

    /** Whether it waits in the room or goes home wet, hair hangs in air as long. */
    @Test
    public void whatGoesHomeWetDriesNoFaster() {
        Random random = new Random(16);
        for (int i = 0; i < 60; i++) {
            Hair hair =
                    Changed.with(Heads.random(random), "lengthCm", 10.0 + random.nextInt(15)); // dry within two days
            Air air = Air.of(18 + random.nextInt(10), 30 + random.nextInt(35));
            double atOnce = after(0, hair, air).minutesDryingOn();
            double later = after(20, hair, air).minutesDryingOn();
            double dried = after(4000, hair, air).minutesDryingOn();
            assertEquals(later + 20, atOnce, 1e-6, hair + " in " + air);
            assertEquals(dried, 0, hair + " in " + air);
        }
    }

    /** In air that takes up nothing hair stays wet, and is waited for no longer than two days. */
    @Test
    public void inSaturatedAirNothingDriesAndTheWaitHasAnEnd() {
        for (double wet : new double[] {5, 30, 80}) {
            Routine routine =
                    new Routine(1, List.of(Step.of(Action.AIR).minutes(1.0).build()), wet, null, null, null, null);
            double on = TideModel.run(routine, Heads.curly(), Air.of(22, 100)).minutesDryingOn();
            assertEquals(on, DryingConstants.MOST_AIR_MINUTES, "from " + wet);
        }
    }

    /** Damp enough to take some hours, and too dry to drip. */
    private static Course after(double minutes, Hair hair, Air air) {
        Step step = Step.of(Action.AIR).minutes(minutes).build();
        return TideModel.run(new Routine(1, List.of(step), 80.0, null, null, null, null), hair, air);
    }
}
