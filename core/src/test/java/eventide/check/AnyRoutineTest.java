package eventide.check;

import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.DetangleFrom;
import eventide.routine.Extent;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.Heat;
import eventide.routine.Limits;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Speed;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;

/** Strangers' routines: any action with any field in any order gets a tide, findings and scores, and never a crash. */
public class AnyRoutineTest {
    private static final String[] LABELS = {
        null, "Aqua, Dimethicone", "Aqua, Hydrolyzed Silk, PVP", "Cera Alba, Parfum", "Aqua, Sodium Laureth Sulfate"
    };

    private static <T> T maybe(Random random, T[] of) {
        return random.nextInt(3) > 0 ? null : Heads.one(random, of);
    }

    private static Product product(Random random) {
        double low = random.nextInt(60);
        Product product = Product.of(
                "p" + random.nextInt(6),
                Heads.one(random, Role.values()),
                random.nextInt(11),
                random.nextInt(11),
                low,
                low + random.nextInt(41));
        String label = Heads.one(random, LABELS);
        return label == null ? product : product.withIngredients(label);
    }

    private static Step step(Random random, boolean inner) {
        Action action = Heads.one(random, Action.values());
        if (action == Action.EACH_SECTION) {
            if (inner) {
                return step(random, true);
            }
            List<Step> steps = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(3); i++) {
                steps.add(step(random, true));
            }
            return Step.of(action).sections(1 + random.nextInt(12)).steps(steps).build();
        }
        StepBuilder step = Step.of(action)
                .technique(maybe(random, Technique.values()))
                .half(random.nextInt(8) == 0 ? Heads.one(random, Half.values()) : null)
                .tool(maybe(random, Tool.values()))
                .from(maybe(random, DetangleFrom.values()))
                .brushDirection(maybe(random, BrushDirection.values()))
                .extent(maybe(random, Extent.values()))
                .heat(maybe(random, Heat.values()))
                .speed(maybe(random, Speed.values()));
        if (random.nextInt(2) == 0) {
            step.product(product(random));
        }
        if (random.nextInt(4) == 0) {
            step.zones(Set.of(Heads.one(random, Zone.values())));
        }
        if (random.nextInt(5) == 0) {
            step.parts(Set.of(Heads.one(random, Part.values())));
        }
        if (random.nextInt(4) == 0) {
            step.position(List.of(Heads.one(random, Position.values())));
        }
        if (random.nextInt(3) == 0) {
            step.minutes(random.nextInt(40) / 2.0);
        }
        if (random.nextInt(4) == 0) {
            step.untilDry((double) random.nextInt(101));
        }
        if (random.nextInt(4) == 0) {
            step.toWetness((double) random.nextInt(101));
        }
        if (random.nextInt(4) == 0) {
            step.amountMl(random.nextInt(60) / 2.0);
        }
        if (random.nextInt(4) == 0) {
            step.count(random.nextInt(30));
        }
        return (inner ? step : step.sections(random.nextInt(3) == 0 ? 1 + random.nextInt(10) : null)).build();
    }

    private static Hair hair(Random random) {
        Map<Zone, ZoneReadings> zones = new EnumMap<>(Zone.class);
        if (random.nextBoolean()) {
            Hair other = Heads.random(random);
            zones.put(
                    Heads.one(random, Zone.values()),
                    new ZoneReadings(other.strand(), null, other.pattern(), null, other.lengthCm(), null));
        }
        return Heads.random(random)
                .withZones(zones)
                .withCondition(random.nextBoolean() ? Set.of() : Set.of(Heads.one(random, Condition.values())));
    }

    private static Schools schools(Random random) {
        return new Schools(
                maybe(random, Schools.Weight.values()),
                maybe(random, Schools.GelOn.values()),
                maybe(random, Schools.YesNo.values()),
                maybe(random, Schools.CupFrom.values()),
                null,
                null,
                maybe(random, Schools.OilPlace.values()),
                null,
                maybe(random, Schools.DryTo.values()),
                null,
                maybe(random, Schools.IngredientRule.values()),
                null,
                null);
    }

    @Test
    public void getsAnAnswer() {
        Random random = new Random(81);
        int spoke = 0;
        for (int i = 0; i < 600; i++) {
            List<Step> steps = new ArrayList<>();
            int n = random.nextInt(14);
            for (int k = 0; k < n; k++) {
                steps.add(step(random, false));
            }
            Routine routine = Routine.of(steps).startingAt(random.nextInt(101));
            Wash wash = Wash.of(
                    routine,
                    hair(random),
                    new Goal(
                            random.nextInt(4),
                            random.nextInt(4),
                            random.nextInt(4),
                            random.nextInt(4),
                            random.nextInt(4),
                            null),
                    Air.of(10 + random.nextInt(25), random.nextInt(96)), // in saturated air nothing ever dries
                    schools(random),
                    random.nextBoolean()
                            ? null
                            : new Limits(
                                    20.0 + random.nextInt(200), null, null, random.nextBoolean() ? null : 60.0, null));
            spoke += Checker.check(wash).size();
            Outcome outcome = OutcomeModel.predict(wash);
            for (ScoreName name : ScoreName.values()) {
                double score = outcome.overall().of(name);
                assertTrue(score >= 0 && score <= name.most(), name + " " + score + " of " + routine);
            }
        }
        assertTrue(spoke > 1000, "findings: " + spoke);
    }
}
