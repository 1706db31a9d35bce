package eventide.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.air.Outdoors;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.Goal;
import eventide.routine.Heat;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The directions the trade is sure of [CP], listed once, each tried on many random heads and stylers. */
public class DirectionsTest {
    private static final double NOTHING = 1e-9;
    private static final int HEADS = 250;

    /** What the random part of a wash is. */
    private record Draw(Hair hair, double hold, double richness, int sections, Air air) {
        /** With what any hair bears. */
        Draw light() {
            return new Draw(hair, hold, Math.min(2, richness), sections, air);
        }

        static Draw of(Random random) {
            return new Draw(
                    Heads.random(random),
                    random.nextInt(9),
                    random.nextInt(9),
                    1 + random.nextInt(8),
                    Air.of(15 + random.nextInt(12), 30 + random.nextInt(50)));
        }

        Wash wash(Step... steps) {
            return wash(hair, air, Routine.of(steps));
        }

        static Wash wash(Hair hair, Air air, Routine routine) {
            return Wash.of(routine, hair, new Goal(1, 1, 1, 1, 1, null), air, null, null);
        }
    }

    /** Doing the second instead of the first never moves a score the wrong way. */
    private record Direction(
            String name,
            ScoreName score,
            boolean mayOnlyRise,
            Function<Draw, Wash> first,
            Function<Draw, Wash> second) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Product gel(double hold, double richness) {
        return Product.of("gel", Role.GEL, hold, richness, 30, 100);
    }

    private static Step put(Product product, int sections) {
        return Step.of(Action.APPLY)
                .product(product)
                .technique(Technique.GLAZE)
                .sections(sections)
                .minutes(3.0)
                .build();
    }

    private static Step cup(Heat heat) {
        return Step.of(Action.CUP).heat(heat).minutes(12.0).build();
    }

    private static Wash dried(Draw draw, Step... between) {
        List<Step> steps = new ArrayList<>(
                List.of(Step.of(Action.REWET).build(), put(gel(draw.hold(), draw.richness()), draw.sections())));
        steps.addAll(List.of(between));
        steps.add(Step.of(Action.HOVER).untilDry(100.0).build());
        return draw.wash(steps.toArray(Step[]::new));
    }

    private static Wash held(Draw draw, double hold) {
        return draw.wash(Step.of(Action.REWET).build(), put(gel(hold, draw.richness()), draw.sections()));
    }

    private static Wash rich(Draw draw, double richness) {
        return draw.wash(
                Step.of(Action.REWET).build(),
                put(Product.of("cream", Role.CREAM, 0, richness, 20, 100), draw.sections()));
    }

    private static Step of(Action action) {
        return Step.of(action).build();
    }

    private static Step scrunch(int count) {
        return Step.of(Action.SCRUNCH).count(count).minutes(1.0).build();
    }

    private static Step brush(BrushDirection direction) {
        return Step.of(Action.BRUSH_STYLE)
                .brushDirection(direction)
                .minutes(5.0)
                .build();
    }

    private static Wash outdoors(Draw draw, double celsius) {
        Air air = new Air(draw.air().temperatureC(), draw.air().relativeHumidity(), new Outdoors(celsius, 85.0));
        return Draw.wash(
                draw.hair(),
                air,
                Routine.of(of(Action.REWET), put(gel(draw.hold(), draw.richness()), draw.sections())));
    }

    /** Undried, so that the room weighs by its dew alone. */
    private static Wash room(Draw draw, double humidity) {
        return Draw.wash(
                draw.hair(),
                Air.of(20, humidity),
                Routine.of(of(Action.REWET), put(gel(draw.hold(), draw.richness()), draw.sections())));
    }

    private static Wash met(Draw draw, double low) {
        Product product = Product.of("gel", Role.GEL, draw.hold() + 1, draw.richness(), low, 100);
        return draw.wash(
                of(Action.REWET),
                Step.of(Action.SQUEEZE).toWetness(55.0).build(),
                Step.of(Action.APPLY).product(product).minutes(2.0).build());
    }

    private static Wash conditioned(Draw draw, Set<Condition> condition) {
        return Draw.wash(
                draw.hair().withCondition(condition),
                draw.air(),
                Routine.of(of(Action.REWET), put(gel(draw.hold(), draw.richness()), draw.sections())));
    }

    private static Wash kept(Draw draw, boolean refreshed, NightCare night) {
        Routine routine = Routine.of(of(Action.REWET), put(gel(draw.hold(), 1), 4));
        return Draw.wash(draw.hair(), draw.air(), routine.kept(refreshed, night));
    }

    private static Wash given(Draw draw, double ml) {
        return draw.wash(
                of(Action.REWET),
                Step.of(Action.APPLY)
                        .product(gel(draw.hold() + 1, 0))
                        .amountMl(ml)
                        .minutes(3.0)
                        .build());
    }

    @DataProvider
    Object[] directions() {
        Step clips = Step.of(Action.CLIP_ROOTS).zones(Set.of(Zone.CROWN)).build();
        return new Object[] {
            new Direction(
                    "more hold, definition",
                    ScoreName.DEFINITION,
                    true,
                    d -> held(d, d.hold()),
                    d -> held(d, d.hold() + 1)),
            new Direction(
                    "more hold, frizz", ScoreName.FRIZZ, false, d -> held(d, d.hold()), d -> held(d, d.hold() + 1)),
            new Direction("more hold, days", ScoreName.DAYS, true, d -> held(d, d.hold()), d -> held(d, d.hold() + 1)),
            new Direction(
                    "more hold, volume", ScoreName.VOLUME, false, d -> held(d, d.hold()), d -> held(d, d.hold() + 1)),
            new Direction(
                    "richer, volume",
                    ScoreName.VOLUME,
                    false,
                    d -> rich(d, d.richness()),
                    d -> rich(d, d.richness() + 1)),
            new Direction(
                    "richer, weight",
                    ScoreName.WEIGHT,
                    true,
                    d -> rich(d, d.richness()),
                    d -> rich(d, d.richness() + 1)),
            new Direction(
                    "richer, softness",
                    ScoreName.SOFTNESS,
                    true,
                    d -> rich(d, d.richness()),
                    d -> rich(d, d.richness() + 1)),
            new Direction(
                    "smaller sections, definition",
                    ScoreName.DEFINITION,
                    true,
                    d -> d.wash(of(Action.REWET), put(gel(5, 1), 4)),
                    d -> d.wash(of(Action.REWET), put(gel(5, 1), 8))),
            new Direction(
                    "smaller sections, volume",
                    ScoreName.VOLUME,
                    false,
                    d -> d.wash(of(Action.REWET), put(gel(5, 1), 4)),
                    d -> d.wash(of(Action.REWET), put(gel(5, 1), 8))),
            new Direction(
                    "hot air in contact, softness",
                    ScoreName.SOFTNESS,
                    false,
                    d -> dried(d, cup(Heat.WARM)),
                    d -> dried(d, cup(Heat.HOT))),
            new Direction(
                    "roots lifted, volume",
                    ScoreName.VOLUME,
                    true,
                    d -> dried(d, of(Action.PRESS)),
                    d -> dried(d, of(Action.PRESS), of(Action.LIFT_ROOTS))),
            new Direction("root clips, volume", ScoreName.VOLUME, true, d -> dried(d), d -> dried(d, clips)),
            new Direction(
                    "brushed up and not down, volume",
                    ScoreName.VOLUME,
                    true,
                    d -> dried(d, brush(BrushDirection.DOWN)),
                    d -> dried(d, brush(BrushDirection.UP_AND_OUT))),
            new Direction(
                    "scrunched past the count, frizz",
                    ScoreName.FRIZZ,
                    true,
                    d -> dried(d, scrunch(20)),
                    d -> dried(d, scrunch(40))),
            new Direction(
                    "coiled, definition", ScoreName.DEFINITION, true, d -> dried(d), d -> dried(d, of(Action.COIL))),
            new Direction("more dew, frizz", ScoreName.FRIZZ, true, d -> outdoors(d, 16), d -> outdoors(d, 28)),
            new Direction("more dew, weight", ScoreName.WEIGHT, true, d -> outdoors(d, 16), d -> outdoors(d, 28)),
            // Under more than it bears humid air weighs hair down as much as it swells it.
            new Direction(
                    "more dew, volume",
                    ScoreName.VOLUME,
                    true,
                    d -> outdoors(d.light(), 16),
                    d -> outdoors(d.light(), 28)),
            new Direction("less dew, weight", ScoreName.WEIGHT, false, d -> room(d, 45), d -> room(d, 8)),
            new Direction("missed water, definition", ScoreName.DEFINITION, false, d -> met(d, 30), d -> met(d, 85)),
            new Direction("missed water, hold", ScoreName.HOLD, false, d -> met(d, 30), d -> met(d, 85)),
            new Direction("missed water, frizz", ScoreName.FRIZZ, true, d -> met(d, 30), d -> met(d, 85)),
            new Direction(
                    "bleached, frizz",
                    ScoreName.FRIZZ,
                    true,
                    d -> conditioned(d, Set.of()),
                    d -> conditioned(d, Set.of(Condition.BLEACHED))),
            new Direction(
                    "bleached, definition",
                    ScoreName.DEFINITION,
                    false,
                    d -> conditioned(d, Set.of()),
                    d -> conditioned(d, Set.of(Condition.BLEACHED))),
            new Direction(
                    "cast broken, softness",
                    ScoreName.SOFTNESS,
                    true,
                    d -> dried(d),
                    d -> d.wash(
                            of(Action.REWET),
                            put(gel(d.hold(), d.richness()), d.sections()),
                            Step.of(Action.HOVER).untilDry(100.0).build(),
                            of(Action.BREAK_CAST))),
            new Direction(
                    "refreshed daily, days",
                    ScoreName.DAYS,
                    true,
                    d -> kept(d, false, NightCare.NONE),
                    d -> kept(d, true, NightCare.NONE)),
            new Direction(
                    "slept on satin, days",
                    ScoreName.DAYS,
                    true,
                    d -> kept(d, false, NightCare.NONE),
                    d -> kept(d, false, NightCare.SATIN)),
            new Direction(
                    "gathered under it, days",
                    ScoreName.DAYS,
                    true,
                    d -> kept(d, false, NightCare.SATIN),
                    d -> kept(d, false, NightCare.PINEAPPLE)),
            new Direction("twice the gel, hold", ScoreName.HOLD, true, d -> given(d, 3), d -> given(d, 6)),
            new Direction(
                    "touched before the cast, frizz",
                    ScoreName.FRIZZ,
                    true,
                    d -> dried(d, Step.of(Action.HOVER).untilDry(20.0).build()),
                    d -> dried(d, Step.of(Action.HOVER).untilDry(20.0).build(), of(Action.FLUFF))),
            new Direction(
                    "combed out dry, definition",
                    ScoreName.DEFINITION,
                    false,
                    d -> dried(d, of(Action.COIL)),
                    d -> d.wash(
                            of(Action.REWET),
                            put(gel(d.hold(), d.richness()), d.sections()),
                            of(Action.COIL),
                            Step.of(Action.HOVER).untilDry(100.0).build(),
                            of(Action.DETANGLE))),
            new Direction(
                    "stretched, shrinkage",
                    ScoreName.SHRINKAGE,
                    false,
                    d -> dried(d),
                    d -> dried(d, of(Action.STRETCH))),
        };
    }

    @Test(dataProvider = "directions")
    public void holdsOnEveryHead(Direction direction) {
        Random random = new Random(direction.name().hashCode());
        double moved = 0;
        for (int i = 0; i < HEADS; i++) {
            Draw draw = Draw.of(random);
            double first = OutcomeModel.scores(direction.first().apply(draw)).of(direction.score());
            double second = OutcomeModel.scores(direction.second().apply(draw)).of(direction.score());
            double by = direction.mayOnlyRise() ? second - first : first - second;
            assertTrue(by >= -NOTHING, direction + " by " + by + " on " + draw);
            moved = Math.max(moved, by);
        }
        assertTrue(moved > NOTHING, direction + " never moved anything");
    }

    @Test
    public void contributionsAddUpToTheirScore() {
        Random random = new Random(7);
        for (int i = 0; i < 100; i++) {
            Draw draw = Draw.of(random);
            Outcome outcome = OutcomeModel.predict(dried(draw, cup(Heat.WARM)));
            for (Zone zone : Zone.values()) {
                for (ScoreName name : ScoreName.values()) {
                    double sum = outcome.contributions().stream()
                            .filter(c -> c.zone() == zone && c.score() == name)
                            .mapToDouble(Contribution::by)
                            .sum();
                    assertEquals(sum, outcome.byZone().get(zone).of(name), .1, zone + " " + name);
                }
            }
        }
    }
}
