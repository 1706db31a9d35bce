package eventide.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.HalfTrial;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.wash.Correction;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** What a trial on two halves shows corrects what is said of the head it was on, over random heads whose truth is known. */
public class HalvesLearnedTest {
    private static final int HEADS = 40;
    private static final int WASHES = 6;
    private static final String HEAD = "head";
    private static final Routine WHOLE = Routine.of(List.of(
            Step.of(Action.REWET).build(),
            Step.of(Action.APPLY)
                    .product(Heads.GEL)
                    .technique(Technique.GLAZE)
                    .sections(4)
                    .build(),
            Step.of(Action.SCRUNCH).count(6).build(),
            Step.of(Action.CUP).untilDry(100.0).build()));
    private static final Routine HALVES =
            HalfTrial.of(WHOLE, new StepPlace(1, -1), Heads.SOFT_GEL).routine();
    private static final Goal WISHES = new Goal(3, 0, 0, 0, 0, null);

    /** Points by which the half with the soft gel comes out otherwise than the model says. */
    private static List<Sample> trial(Hair hair, Random random, double soft, double leftSide, boolean sidesScored) {
        List<Sample> washes = new ArrayList<>();
        for (int i = 0; i < WASHES; i++) {
            boolean swapped = i % 2 == 1;
            Wash wash = Wash.of(swapped ? HalfTrial.swapped(HALVES) : HALVES, hair, WISHES, Air.of(22, 50), null, null);
            Outcome said = OutcomeModel.predict(wash);
            Map<Zone, Map<ScoreName, Double>> byZone = new EnumMap<>(Zone.class);
            double sum = 0;
            for (Zone zone : Zone.values()) {
                boolean hasSoft = zone == (swapped ? Zone.LEFT : Zone.RIGHT);
                double both = zone == Zone.LEFT || zone == Zone.RIGHT ? 0 : soft / 2;
                double scored = said.byZone().get(zone).of(ScoreName.DEFINITION)
                        + (hasSoft ? soft : both)
                        + (zone == Zone.LEFT ? leftSide : 0)
                        + .6 * random.nextGaussian();
                sum += scored / Zone.values().length;
                if (sidesScored || zone == Zone.CROWN) {
                    byZone.put(zone, Map.of(ScoreName.DEFINITION, scored));
                }
            }
            washes.add(Sample.of("wash " + i, HEAD, null, wash, Map.of(ScoreName.DEFINITION, sum), false, byZone));
        }
        return washes;
    }

    private static HeadLearned learned(int seed, double soft, double leftSide, boolean sidesScored) {
        Random random = new Random(seed);
        Hair hair = Heads.random(random);
        List<Sample> washes = trial(hair, random, soft, leftSide, sidesScored);
        return HeadLearned.of(Learned.of(washes), HEAD, hair, WISHES, null, Set.of());
    }

    /** The soft gel's points less the gel's; null where nothing was found. */
    private static Double difference(HeadLearned learned) {
        Map<String, Double> points = new HashMap<>();
        learned.scores().get(0).found().stream()
                .filter(thing -> thing.kind() == Correction.Kind.BOTTLE)
                .forEach(thing -> points.put(thing.bottle(), thing.estimate().points()));
        return points.size() < 2 ? null : points.get("soft gel") - points.get("gel");
    }

    @Test
    public void whatOneHalfShowedIsKnownOfTheBottles() {
        for (double soft : new double[] {-2, 0, 2}) {
            double mean = 0;
            int heard = 0;
            for (int seed = 0; seed < HEADS; seed++) {
                HeadLearned learned = learned(seed, soft, -1, true);
                double found = difference(learned);
                mean += found / HEADS;
                Set<String> works = learned.answers().works().stream()
                        .map(Answers.Answer::bottle)
                        .collect(Collectors.toSet());
                boolean better = works.contains("soft gel");
                boolean worse = works.contains("gel");
                heard += better == soft > 0 && worse == soft < 0 ? 1 : 0;
                assertEquals(learned.washes(), WASHES, "a wash in halves is one wash");
                assertEquals(learned.scores().get(0).accuracy().washes(), WASHES);
            }
            assertEquals(mean, soft, .35 * Math.abs(soft) + .15, "drawn toward nothing, and no further: " + soft);
            // Bands hold four in five: one in five says something of two that are alike.
            assertTrue(
                    heard >= HEADS * (soft == 0 ? 2 : 3) / (soft == 0 ? 3 : 4),
                    soft + ": said on " + heard + " of " + HEADS);
        }
    }

    /** The head's score alone cannot tell them apart: both were worn each time. */
    @Test
    public void withoutBothSidesItTellsNothing() {
        for (int seed = 0; seed < HEADS; seed++) {
            HeadLearned learned = learned(seed, 2, 0, false);
            assertEquals(difference(learned), 0, 1e-9);
            assertTrue(learned.scores().get(0).compared().isEmpty());
        }
    }

    @Test
    public void itIsCalledEvidence() {
        HeadLearned learned = learned(5, 2, 0, true);
        List<LearnedThing> bottles = learned.scores().get(0).found().stream()
                .filter(thing -> thing.kind() == Correction.Kind.BOTTLE)
                .toList();
        assertEquals(bottles.size(), 2);
        for (LearnedThing thing : bottles) {
            assertTrue(thing.tried());
            assertTrue(thing.here(), "it was on this head");
            assertTrue(thing.because().endsWith("6 washes, half against half"), thing.because());
        }
    }

    /** Put on twice on one side it is one bottle there, not two. */
    @Test
    public void aBottleTwiceOnOneHalfIsThereOnce() {
        List<Step> twice = new ArrayList<>(HALVES.steps());
        twice.stream().filter(step -> step.half() == Half.LEFT).findFirst().ifPresent(step -> twice.add(2, step));
        Wash wash = Wash.of(Routine.of(twice), Heads.curly(), WISHES, Air.of(22, 50), null, null);
        Map<ScoreName, Double> five = Map.of(ScoreName.DEFINITION, 5.0);
        Contrast halves = Sample.of("a", HEAD, null, wash, five, false, Map.of(Zone.LEFT, five, Zone.RIGHT, five))
                .halves();
        assertEquals(halves.effects().get(new Effect(Origin.BOTTLE, "gel")), 1.0);
        assertEquals(halves.effects().get(new Effect(Origin.BOTTLE, "soft gel")), -1.0);
    }

    /** Whole heads have no halves to tell of each other. */
    @Test
    public void bothHalvesAlikeAreNoTrial() {
        Wash wash = Wash.of(WHOLE, Heads.curly(), WISHES, Air.of(22, 50), null, null);
        Map<ScoreName, Double> five = Map.of(ScoreName.DEFINITION, 5.0);
        assertNull(Sample.of("a", HEAD, null, wash, five, false, Map.of(Zone.LEFT, five, Zone.RIGHT, five))
                .halves());
    }
}
