package eventide.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Measured;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

/** Zones that are alike and treated alike score alike, what is done at one is not seen at another, and a school changes no hair. */
public class ZonesApartTest {
    private static final Goal GOAL = new Goal(2, 1, 1, 1, 1, null);
    private static final int WASHES = 300;

    private static Map<Zone, Scores> zones(Hair hair, Routine routine, Schools schools) {
        return OutcomeModel.predict(Wash.of(routine, hair, GOAL, Air.of(22, 60), schools, null))
                .byZone();
    }

    /** Without clips and upside-down work, which are the crown's and the hairline's own. */
    private static Routine anywhere(Random random) {
        List<Step> steps = new ArrayList<>();
        for (Step step : Heads.randomRoutine(random).steps()) {
            if (step.action() != Action.CLIP_ROOTS && step.action() != Action.UNCLIP) {
                steps.add(step.but().position(null).sections(null).build());
            }
        }
        return Routine.of(steps);
    }

    /** A wash in which no zone waits for another and none lies off the dryer's way. */
    private static Routine usual(Random random) {
        Action[] shaping = {Action.SCRUNCH, Action.PRESS, Action.FLUFF, Action.TWIST};
        return Routine.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.APPLY)
                        .product(random.nextBoolean() ? Heads.LEAVE_IN : Heads.CREAM)
                        .minutes(1.0)
                        .build(),
                Step.of(Action.APPLY)
                        .product(random.nextBoolean() ? Heads.GEL : Heads.SOFT_GEL)
                        .minutes(1.0)
                        .build(),
                Step.of(Heads.one(random, shaping)).minutes(1.0).build(),
                Step.of(Heads.one(random, new Action[] {Action.AIR, Action.FAN, Action.HOVER}))
                        .untilDry(100.0)
                        .build(),
                Step.of(Action.BREAK_CAST).build());
    }

    @Test
    public void alikeAndTreatedAlikeTheyScoreAlike() {
        Random random = new Random(61);
        for (int i = 0; i < WASHES; i++) {
            Map<Zone, Scores> zones = zones(Heads.random(random), usual(random), null);
            for (ScoreName score : ScoreName.values()) {
                double crown = zones.get(Zone.CROWN).of(score);
                for (Zone zone : Zone.values()) {
                    assertEquals(zones.get(zone).of(score), crown, .35, score + " at " + zone + ", wash " + i);
                }
            }
        }
    }

    /** Done in no time, so that the water elsewhere stays as it is. */
    @Test
    public void whatIsDoneAtOneZoneIsSeenAtNoOther() {
        Random random = new Random(62);
        Action[] shaping = {Action.COIL, Action.SHINGLE, Action.BRUSH_STYLE, Action.FLUFF, Action.SET_PART, Action.PICK
        };
        int seen = 0;
        for (int i = 0; i < WASHES; i++) {
            Hair hair = Heads.random(random);
            Routine routine = anywhere(random);
            Zone zone = Heads.one(random, Zone.values());
            Step step = Step.of(Heads.one(random, shaping))
                    .zones(Set.of(zone))
                    .minutes(0.0)
                    .build();
            Map<Zone, Scores> before = zones(hair, routine, null);
            Map<Zone, Scores> after =
                    zones(hair, routine.inserting(routine.steps().size(), step), null);
            for (Zone other : Zone.values()) {
                if (other != zone) {
                    assertEquals(after.get(other), before.get(other), step + " is seen at " + other);
                }
            }
            seen += after.get(zone).equals(before.get(zone)) ? 0 : 1;
        }
        assertTrue(seen > WASHES / 2, "seen where it is done: " + seen);
    }

    @Test
    public void whatIsDoneOnOneHalfIsNotSeenOnTheOtherSide() {
        Random random = new Random(63);
        for (int i = 0; i < WASHES; i++) {
            Hair hair = Heads.random(random);
            Routine routine = anywhere(random);
            Step step = Step.of(Action.COIL).half(Half.LEFT).minutes(0.0).build();
            Scores before = zones(hair, routine, null).get(Zone.RIGHT);
            Scores after = zones(hair, routine.inserting(routine.steps().size(), step), null)
                    .get(Zone.RIGHT);
            assertEquals(after, before, "wash " + i);
        }
    }

    /** What a ruler has measured has been drawn down and has lost its spring already. */
    @Test
    public void whatAZonesRulerSaysIsNotArguedWith() {
        ZoneReadings measured =
                new ZoneReadings(null, null, null, null, 60.0, Set.of(Condition.BLEACHED), new Measured(30.0, 60.0));
        Hair plain = Heads.curly();
        Hair hair = new Hair(
                plain.strand(),
                plain.porosity(),
                plain.pattern(),
                plain.density(),
                plain.lengthCm(),
                Map.of(Zone.NAPE, measured),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
        Routine wet = Routine.of(Step.of(Action.REWET).build());
        assertEquals(zones(hair, wet, null).get(Zone.NAPE).shrinkagePercent(), 50.0, .01);
    }

    @Test
    public void aSchoolChangesNoHair() {
        Random random = new Random(64);
        for (int i = 0; i < WASHES; i++) {
            Hair hair = Heads.random(random);
            Routine routine = Heads.randomRoutine(random);
            Schools schools = Schools.DEFAULT
                    .with("cup", "FROM_START")
                    .with("weight", random.nextBoolean() ? "STRAND" : "POROSITY")
                    .with("gelOn", random.nextBoolean() ? "SOAKING" : "DAMP")
                    .with("oil", "BETWEEN");
            assertEquals(zones(hair, routine, schools), zones(hair, routine, null), "wash " + i);
        }
    }
}
