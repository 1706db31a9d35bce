package eventide.outcome;

import static eventide.outcome.PairsTest.Way.DOWN;
import static eventide.outcome.PairsTest.Way.NOT_DOWN;
import static eventide.outcome.PairsTest.Way.NOT_UP;
import static eventide.outcome.PairsTest.Way.SAME;
import static eventide.outcome.PairsTest.Way.UP;
import static eventide.wash.ScoreName.CLUMPING;
import static eventide.wash.ScoreName.DAYS;
import static eventide.wash.ScoreName.DEFINITION;
import static eventide.wash.ScoreName.FRIZZ;
import static eventide.wash.ScoreName.HOLD;
import static eventide.wash.ScoreName.SHRINKAGE;
import static eventide.wash.ScoreName.SOFTNESS;
import static eventide.wash.ScoreName.VOLUME;
import static eventide.wash.ScoreName.WEIGHT;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.air.Outdoors;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Amount;
import eventide.routine.BrushDirection;
import eventide.routine.DetangleFrom;
import eventide.routine.Extent;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.Heat;
import eventide.routine.MixPart;
import eventide.routine.NightCare;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * What the trade is sure of, pair by pair [CP]: same hair, same day, one thing otherwise. Each on 200 random heads it speaks of,
 * a third of them with zones of their own; the direction on 95 of 100, at least as large as a stylist would see.
 */
public class PairsTest {
    private static final int HEADS = 200;
    private static final double MOSTLY = .95;
    /** Points that a stylist would see. */
    private static final double SEEN = .3;

    private static final Goal GOAL = new Goal(2, 1, 1, 1, 1, null);
    private static final Air EASY = Air.of(22, 48);
    private static final Air HUMID = new Air(22.0, 48.0, new Outdoors(29.0, 85.0));
    private static final Air COOL = new Air(22.0, 48.0, new Outdoors(15.0, 50.0));
    private static final Air FROST = new Air(22.0, 30.0, new Outdoors(-4.0, 70.0));

    private static final Product MILK = Product.of("milk", Role.CREAM, 1, 4, 40, 100);
    private static final Product RICH = Product.of("rich cream", Role.CREAM, 2, 8, 40, 100);
    private static final Product LIGHT = Product.of("light leave-in", Role.LEAVE_IN, 0, 2, 40, 100);
    private static final Product RICH_LEAVE_IN = Product.of("rich leave-in", Role.LEAVE_IN, 0, 6, 40, 100);
    private static final Product GEL = Product.of("gel", Role.GEL, 7, 1, 40, 98);
    private static final Product SOFT = Product.of("soft gel", Role.GEL, 4, 1, 40, 98);
    private static final Product DAMP_GEL = Product.of("damp gel", Role.GEL, 7, 1, 35, 60);
    private static final Product MOUSSE = Product.of("mousse", Role.MOUSSE, 4, 1, 30, 80);
    private static final Product OIL = Product.of("oil", Role.OIL, 0, 7, 0, 100);
    private static final Product CLEANSER = Product.of("cleanser", Role.CLEANSER, 0, 1, 0, 100);
    private static final Product CLARIFIER = Product.of("clarifier", Role.CLARIFIER, 0, 0, 0, 100);
    private static final Product CONDITIONER = Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100);
    private static final Product MASK = Product.of("mask", Role.MASK, 0, 7, 0, 100);
    private static final Product PROTEIN = Product.of("protein", Role.PROTEIN, 0, 3, 0, 100);

    enum Way {
        UP,
        DOWN,
        SAME,
        NOT_UP,
        NOT_DOWN;

        boolean holds(double by, double seen) {
            return switch (this) {
                case UP -> by >= seen;
                case DOWN -> by <= -seen;
                case SAME -> Math.abs(by) <= SEEN;
                case NOT_UP -> by <= SEEN;
                case NOT_DOWN -> by >= -SEEN;
            };
        }
    }

    /** A wash of a head. */
    private interface Washed extends Function<Hair, Wash> {}

    private record Pair(
            int row,
            Predicate<Hair> on,
            Washed first,
            Washed second,
            Zone zone,
            Map<ScoreName, Way> says,
            Way minutes) {
        @Override
        public String toString() {
            return "row " + row;
        }
    }

    // How a wash is written down here: washed, styled, dried, finished.

    private static StepBuilder of(Action action) {
        return Step.of(action);
    }

    private static StepBuilder put(Product product) {
        return of(Action.APPLY).product(product).technique(Technique.PRAYING_HANDS);
    }

    private static List<Step> steps(StepBuilder... steps) {
        return java.util.Arrays.stream(steps).map(StepBuilder::build).toList();
    }

    private static final List<Step> WASHED = steps(
            of(Action.CLEANSE).product(CLEANSER),
            of(Action.CONDITION).product(CONDITIONER),
            of(Action.DETANGLE).from(DetangleFrom.ENDS),
            of(Action.RINSE),
            of(Action.SQUEEZE).toWetness(75.0));
    private static final List<Step> DAMP =
            with(WASHED.subList(0, 4), steps(of(Action.SQUEEZE).toWetness(60.0)));
    private static final List<Position> TURNED = List.of(Position.SIDE, Position.UPSIDE_DOWN, Position.UPRIGHT);
    private static final Step HOVER = of(Action.HOVER)
            .untilDry(60.0)
            .heat(Heat.WARM)
            .position(List.of(Position.UPRIGHT, Position.SIDE))
            .build();
    private static final List<Step> DRIED = List.of(HOVER, cup(100));
    private static final List<Step> BROKEN = steps(of(Action.BREAK_CAST));
    private static final List<Step> SCRUNCHED = steps(of(Action.SCRUNCH).count(3));
    private static final List<Step> STYLED = steps(put(LIGHT), put(GEL));

    private static Step cup(double untilDry) {
        return of(Action.CUP)
                .untilDry(untilDry)
                .heat(Heat.WARM)
                .position(TURNED)
                .build();
    }

    @SafeVarargs
    private static List<Step> with(List<Step>... parts) {
        List<Step> all = new ArrayList<>();
        for (List<Step> part : parts) {
            all.addAll(part);
        }
        return List.copyOf(all);
    }

    private static Washed wash(List<Step> steps) {
        return wash(steps, EASY);
    }

    private static Washed wash(List<Step> steps, Air air) {
        return hair -> Wash.of(Routine.of(steps), hair, GOAL, air, null, null);
    }

    private static List<Step> styled(List<Step> styling) {
        return with(WASHED, styling, SCRUNCHED, DRIED, BROKEN);
    }

    private static List<Step> shaped(StepBuilder... shaping) {
        return with(WASHED, STYLED, steps(shaping), DRIED, BROKEN);
    }

    private static List<Step> dried(List<Step> drying) {
        return with(WASHED, STYLED, SCRUNCHED, drying, BROKEN);
    }

    private static List<Step> finished(List<Step> finish) {
        return with(WASHED, STYLED, SCRUNCHED, DRIED, finish);
    }

    private static List<Step> washed(List<Step> washing) {
        return with(washing, STYLED, SCRUNCHED, DRIED, BROKEN);
    }

    private static List<Step> masked(Product product, Action action, double minutes) {
        return washed(steps(
                of(Action.DETANGLE).from(DetangleFrom.ENDS),
                of(Action.CLEANSE).product(CLEANSER),
                of(action).product(product).minutes(minutes),
                of(Action.RINSE),
                of(Action.SQUEEZE).toWetness(75.0)));
    }

    private static List<Step> parts(Set<Part> parts) {
        return styled(steps(put(LIGHT).parts(parts), put(GEL).parts(parts)));
    }

    /** The usual wash with so many times the advised amounts of its stylers. */
    private static Washed times(double times) {
        return hair -> {
            Wash usual = wash(styled(STYLED)).apply(hair);
            Routine routine = usual.routine();
            for (Amount amount : usual.amounts()) {
                Step step = routine.at(amount.place());
                if (step.action() == Action.APPLY) {
                    routine = routine.replacing(
                            amount.place(),
                            step.but()
                                    .amountMl(Math.max(.01, amount.ml() * times))
                                    .build());
                }
            }
            return usual.with(routine);
        };
    }

    private static Washed on(Function<Hair, Hair> other) {
        return hair -> wash(styled(STYLED)).apply(other.apply(hair));
    }

    private static Hair like(Hair hair, double lengthCm, Set<Condition> condition) {
        return new Hair(
                hair.strand(),
                hair.porosity(),
                hair.pattern(),
                hair.density(),
                lengthCm,
                hair.zones(),
                condition,
                null,
                hair.buildUp(),
                null,
                hair.daysSinceProtein(),
                null,
                null,
                null,
                null,
                null);
    }

    // Whom a row speaks of.

    private static final Predicate<Hair> ANY = hair -> !hair.pattern().isStraight();
    private static final Predicate<Hair> FINE = ANY.and(hair -> hair.strand() == Strand.FINE);
    private static final Predicate<Hair> CURLY_UP =
            hair -> hair.pattern().isCurly() || hair.pattern().isCoily();
    private static final Predicate<Hair> TIGHT = from(Pattern.CURLY_3B);
    private static final Predicate<Hair> COILY = from(Pattern.CURLY_3C);
    private static final Predicate<Hair> WAVY = hair -> hair.pattern().isWavy();
    private static final Predicate<Hair> FINE_OR_MEDIUM_3A = hair -> hair.strand() != Strand.COARSE
            && hair.pattern().compareTo(Pattern.WAVY_2C) >= 0
            && hair.pattern().compareTo(Pattern.CURLY_3B) <= 0;

    private static Predicate<Hair> from(Pattern pattern) {
        return hair -> hair.pattern().compareTo(pattern) >= 0;
    }

    private static Pair pair(int row, Predicate<Hair> on, List<Step> first, List<Step> second, Object... says) {
        return pair(row, on, wash(first), wash(second), null, says);
    }

    private static Pair pair(int row, Predicate<Hair> on, Washed first, Washed second, Zone zone, Object... says) {
        Map<ScoreName, Way> scores = new LinkedHashMap<>();
        Way minutes = null;
        for (int i = 0; i < says.length; i += 2) {
            if (says[i] instanceof ScoreName score) {
                scores.put(score, (Way) says[i + 1]);
            } else {
                minutes = (Way) says[i + 1];
            }
        }
        return new Pair(row, on, first, second, zone, scores, minutes);
    }

    private static final String MINUTES = "minutes";

    @DataProvider
    Object[] pairs() {
        List<Step> mousseAlone = with(DAMP, steps(put(MOUSSE)), SCRUNCHED, DRIED, BROKEN);
        List<Step> brushed = steps(put(LIGHT), put(GEL), of(Action.BRUSH_STYLE).sections(8));
        Product humectantLeaveIn = labelled(LIGHT, "Aqua, Glycerin, Propanediol, Panthenol, Cetearyl Alcohol");
        Product humectantGel = labelled(GEL, "Aqua, Glycerin, Aloe Barbadensis Leaf Juice, Xanthan Gum");
        List<Step> humectants = styled(steps(put(humectantLeaveIn), put(humectantGel)));
        List<Step> upsideDown = steps(
                put(LIGHT).position(List.of(Position.UPSIDE_DOWN)), put(GEL).position(List.of(Position.UPSIDE_DOWN)));
        List<Step> inAir = steps(of(Action.AIR).untilDry(100.0));
        Set<Part> all = Set.of(Part.ROOTS, Part.LENGTHS, Part.ENDS);
        Set<Part> free = Set.of(Part.LENGTHS, Part.ENDS);
        List<Step> picked = with(BROKEN, steps(of(Action.PICK).parts(Set.of(Part.ROOTS))));
        return new Object[] {
            pair(
                    1,
                    FINE_OR_MEDIUM_3A,
                    styled(steps(put(MILK), put(GEL))),
                    mousseAlone,
                    DEFINITION,
                    DOWN,
                    VOLUME,
                    UP,
                    FRIZZ,
                    UP,
                    SOFTNESS,
                    UP,
                    WEIGHT,
                    DOWN),
            pair(2, FINE, mousseAlone, styled(steps(put(RICH), put(GEL))), VOLUME, DOWN, WEIGHT, UP, DAYS, NOT_UP),
            pair(
                    3,
                    TIGHT.and(hair -> hair.strand() == Strand.COARSE),
                    styled(steps(put(GEL))),
                    styled(steps(put(RICH_LEAVE_IN), put(GEL))),
                    SOFTNESS,
                    UP,
                    FRIZZ,
                    DOWN,
                    CLUMPING,
                    UP),
            pair(
                    4,
                    ANY,
                    styled(steps(put(MILK))),
                    styled(steps(put(MILK), put(GEL))),
                    DEFINITION,
                    UP,
                    DAYS,
                    UP,
                    HOLD,
                    UP,
                    SOFTNESS,
                    DOWN),
            pair(
                    5,
                    ANY,
                    with(WASHED, SCRUNCHED, DRIED),
                    with(WASHED, steps(put(LIGHT)), SCRUNCHED, DRIED),
                    FRIZZ,
                    DOWN,
                    DEFINITION,
                    UP),
            pair(
                    6,
                    ANY.and(hair -> hair.porosity() == Porosity.LOW),
                    styled(steps(put(RICH), put(GEL))),
                    styled(STYLED),
                    VOLUME,
                    UP,
                    WEIGHT,
                    DOWN),
            pair(7, CURLY_UP, sectioned(4), sectioned(12), DEFINITION, UP, VOLUME, DOWN, MINUTES, UP, DAYS, UP),
            pair(
                    8,
                    COILY,
                    shaped(of(Action.SHINGLE).sections(16)),
                    shaped(of(Action.SCRUNCH).count(3)),
                    DEFINITION,
                    DOWN,
                    MINUTES,
                    DOWN,
                    VOLUME,
                    UP),
            pair(
                    9,
                    COILY,
                    coiled(Extent.FULL),
                    coiled(Extent.MID_TO_ENDS),
                    VOLUME,
                    UP,
                    DEFINITION,
                    DOWN,
                    SHRINKAGE,
                    DOWN),
            pair(
                    10,
                    WAVY,
                    shaped(of(Action.SCRUNCH).count(3)),
                    shaped(of(Action.SCRUNCH).count(15)),
                    DEFINITION,
                    UP,
                    CLUMPING,
                    UP,
                    SHRINKAGE,
                    UP),
            pair(
                    11,
                    TIGHT,
                    shaped(of(Action.SCRUNCH).count(3)),
                    shaped(of(Action.SCRUNCH).count(20)),
                    FRIZZ,
                    UP,
                    SHRINKAGE,
                    UP,
                    DEFINITION,
                    NOT_UP),
            pair(12, ANY, brushed(BrushDirection.UP_AND_OUT), brushed(BrushDirection.DOWN), VOLUME, DOWN),
            pair(13, ANY, shaped(), shaped(of(Action.BRUSH_STYLE).sections(12)), DEFINITION, UP, FRIZZ, DOWN),
            pair(
                    14,
                    CURLY_UP,
                    with(WASHED, brushed, steps(of(Action.PRESS)), DRIED, BROKEN),
                    with(WASHED, brushed, SCRUNCHED, DRIED, BROKEN),
                    CLUMPING,
                    DOWN),
            pair(
                    14,
                    WAVY,
                    with(WASHED, brushed, steps(of(Action.PRESS)), DRIED, BROKEN),
                    with(WASHED, brushed, SCRUNCHED, DRIED, BROKEN),
                    CLUMPING,
                    SAME),
            pair(
                    15,
                    ANY,
                    dried(DRIED),
                    dried(with(steps(of(Action.HOVER).minutes(.5), of(Action.FLUFF)), DRIED)),
                    FRIZZ,
                    UP,
                    DEFINITION,
                    DOWN),
            pair(16, ANY, dried(DRIED), dried(List.of(cup(100))), FRIZZ, UP),
            pair(17, ANY, dried(inAir), dried(DRIED), VOLUME, UP, MINUTES, DOWN, DAYS, SAME),
            pair(18, ANY, dried(inOnePosition()), dried(DRIED), VOLUME, UP),
            pair(19, ANY, wash(dried(DRIED)), wash(dried(clipped())), Zone.CROWN, VOLUME, UP),
            pair(
                    20,
                    ANY,
                    with(WASHED, STYLED, steps(of(Action.SET_PART)), SCRUNCHED, DRIED, BROKEN),
                    styled(STYLED),
                    VOLUME,
                    UP),
            pair(21, ANY, styled(STYLED), styled(with(upsideDown, steps(of(Action.SHAKE_ROOTS)))), VOLUME, UP),
            pair(
                    22,
                    ANY,
                    wash(with(WASHED, upsideDown, steps(of(Action.SHAKE_ROOTS)), inAir, BROKEN)),
                    wash(with(WASHED, upsideDown, inAir, BROKEN)),
                    Zone.CROWN,
                    FRIZZ,
                    UP,
                    VOLUME,
                    DOWN),
            pair(23, ANY, parts(all), parts(free), VOLUME, UP, DAYS, UP),
            pair(24, ANY, finished(List.of()), finished(BROKEN), SOFTNESS, UP, VOLUME, UP, DEFINITION, DOWN),
            pair(25, ANY, wash(finished(BROKEN), HUMID), wash(finished(List.of()), HUMID), null, FRIZZ, DOWN),
            pair(
                    26,
                    ANY,
                    finished(BROKEN),
                    finished(with(steps(put(OIL).technique(Technique.DROPS).amountMl(.1)), BROKEN)),
                    SOFTNESS,
                    UP,
                    WEIGHT,
                    UP),
            pair(
                    27,
                    FINE,
                    finished(with(
                            BROKEN, steps(put(OIL).technique(Technique.DROPS).amountMl(.1)))),
                    finished(with(BROKEN, steps(put(OIL).amountMl(2.4)))),
                    WEIGHT,
                    UP,
                    VOLUME,
                    DOWN),
            pair(28, ANY, dried(DRIED), dried(List.of(HOVER, cup(85))), FRIZZ, UP),
            pair(29, ANY, finished(BROKEN), finished(picked), VOLUME, UP, FRIZZ, NOT_DOWN),
            pair(
                    30,
                    ANY,
                    finished(picked),
                    finished(with(BROKEN, steps(of(Action.PICK).parts(all)))),
                    VOLUME,
                    UP,
                    DEFINITION,
                    DOWN,
                    FRIZZ,
                    UP),
            pair(
                    31,
                    TIGHT,
                    dried(DRIED),
                    dried(List.of(HOVER, cup(92), tensed())),
                    SHRINKAGE,
                    DOWN,
                    VOLUME,
                    UP,
                    DEFINITION,
                    DOWN),
            pair(
                    31,
                    TIGHT,
                    finished(BROKEN),
                    finished(with(BROKEN, steps(of(Action.STRETCH).minutes(5.0).heat(Heat.COOL)))),
                    SHRINKAGE,
                    DOWN,
                    VOLUME,
                    UP,
                    DEFINITION,
                    DOWN),
            pair(32, ANY, onDampGel(), onDampGel(of(Action.SQUEEZE).toWetness(52.0)), DEFINITION, UP, HOLD, UP),
            pair(
                    33,
                    ANY,
                    styled(STYLED),
                    styled(steps(
                            put(LIGHT),
                            of(Action.SQUEEZE).toWetness(30.0),
                            of(Action.AIR).untilDry(80.0),
                            put(GEL))),
                    DEFINITION,
                    DOWN,
                    FRIZZ,
                    UP,
                    CLUMPING,
                    DOWN),
            pair(
                    35,
                    ANY,
                    wash(dried(DRIED)),
                    wash(dried(between(
                            put(GEL).technique(Technique.GLAZE).amountMl(.3).zones(Set.of(Zone.CROWN))))),
                    Zone.CROWN,
                    FRIZZ,
                    DOWN),
            pair(
                    36,
                    ANY,
                    dried(DRIED),
                    dried(between(put(OIL).technique(Technique.DROPS).amountMl(.5))),
                    SOFTNESS,
                    UP,
                    HOLD,
                    DOWN),
            pair(
                    37,
                    ANY,
                    wash(styled(STYLED)),
                    wash(washed(with(steps(of(Action.CLARIFY).product(CLARIFIER)), WASHED.subList(1, 5)))),
                    null,
                    VOLUME,
                    UP,
                    DEFINITION,
                    UP),
            pair(
                    38,
                    FINE,
                    masked(MASK, Action.MASK, 2),
                    masked(MASK, Action.MASK, 20),
                    VOLUME,
                    DOWN,
                    DEFINITION,
                    DOWN,
                    SOFTNESS,
                    UP),
            pair(
                    39,
                    ANY.and(hair -> hair.strand() == Strand.COARSE && hair.porosity() == Porosity.HIGH),
                    styled(STYLED),
                    masked(MASK, Action.MASK, 15),
                    SOFTNESS,
                    UP,
                    FRIZZ,
                    DOWN),
            pair(
                    40,
                    ANY,
                    wash(styled(STYLED)),
                    wash(masked(PROTEIN, Action.PROTEIN, 20)),
                    null,
                    DEFINITION,
                    UP,
                    SHRINKAGE,
                    UP),
            pair(
                    41,
                    ANY,
                    on(hair -> like(hair, hair.lengthCm(), null)),
                    on(hair -> like(hair, hair.lengthCm(), Set.of(Condition.BLEACHED))),
                    null,
                    DEFINITION,
                    DOWN,
                    SHRINKAGE,
                    DOWN,
                    FRIZZ,
                    UP),
            pair(
                    42,
                    ANY,
                    wash(styled(STYLED), COOL),
                    wash(styled(STYLED), HUMID),
                    null,
                    FRIZZ,
                    UP,
                    VOLUME,
                    UP,
                    DAYS,
                    DOWN),
            pair(43, ANY, wash(humectants, EASY), wash(humectants, FROST), null, SOFTNESS, DOWN, FRIZZ, UP),
            pair(
                    45,
                    ANY,
                    styled(STYLED),
                    with(
                            WASHED.subList(0, 4),
                            steps(of(Action.MICROPLOP).tool(Tool.ROUGH_TOWEL)),
                            STYLED,
                            SCRUNCHED,
                            DRIED,
                            BROKEN),
                    FRIZZ,
                    UP,
                    CLUMPING,
                    DOWN),
            pair(
                    46,
                    WAVY.or(hair -> hair.pattern().isCurly()),
                    with(WASHED.subList(0, 4), STYLED, SCRUNCHED, DRIED),
                    with(
                            WASHED.subList(0, 4),
                            STYLED,
                            SCRUNCHED,
                            steps(of(Action.MICROPLOP).tool(Tool.TSHIRT)),
                            DRIED),
                    MINUTES,
                    DOWN,
                    FRIZZ,
                    SAME),
            pair(47, ANY, times(1), times(1 / 3.0), null, FRIZZ, UP, DEFINITION, DOWN),
            pair(48, ANY, times(1), times(3), null, WEIGHT, UP, SOFTNESS, DOWN, VOLUME, DOWN),
            pair(
                    49,
                    ANY,
                    on(hair -> like(hair, 20, null)),
                    on(hair -> like(hair, 60, null)),
                    null,
                    VOLUME,
                    DOWN,
                    SHRINKAGE,
                    DOWN,
                    MINUTES,
                    UP),
        };
    }

    private static Product labelled(Product product, String ingredients) {
        return new Product(
                null,
                product.name(),
                product.role(),
                product.hold(),
                product.richness(),
                product.windowLow(),
                product.windowHigh(),
                ingredients,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    private static List<Step> sectioned(int sections) {
        return styled(
                steps(put(LIGHT), of(Action.EACH_SECTION).sections(sections).steps(steps(put(GEL)))));
    }

    private static List<Step> coiled(Extent extent) {
        return shaped(of(Action.COIL).sections(12).extent(extent));
    }

    private static List<Step> brushed(BrushDirection direction) {
        return shaped(of(Action.BRUSH_STYLE).sections(8).brushDirection(direction));
    }

    private static List<Step> inOnePosition() {
        List<Position> upright = List.of(Position.UPRIGHT);
        return steps(
                of(Action.HOVER).untilDry(60.0).heat(Heat.WARM).position(upright),
                of(Action.CUP).untilDry(100.0).heat(Heat.WARM).position(upright));
    }

    private static List<Step> clipped() {
        return with(
                steps(
                        of(Action.CLIP_ROOTS).zones(Set.of(Zone.CROWN)).count(6),
                        of(Action.HOVER).untilDry(70.0).heat(Heat.WARM),
                        of(Action.UNCLIP)),
                List.of(cup(100)));
    }

    private static Step tensed() {
        return of(Action.HOVER)
                .parts(Set.of(Part.ROOTS))
                .tension(true)
                .untilDry(100.0)
                .heat(Heat.WARM)
                .build();
    }

    private static List<Step> onDampGel(StepBuilder... before) {
        return with(
                WASHED.subList(0, 4), steps(put(LIGHT)), steps(before), steps(put(DAMP_GEL)), SCRUNCHED, DRIED, BROKEN);
    }

    private static List<Step> between(StepBuilder layer) {
        return with(List.of(HOVER, cup(80)), steps(layer), List.of(cup(100)));
    }

    private static Hair head(Random random, int row) {
        Hair plain = Heads.random(random);
        boolean built = row == 37;
        boolean wants = row == 40;
        // Denser at the nape, as often; the strand itself is what the row speaks of.
        ZoneReadings denser = new ZoneReadings(null, null, null, Density.HIGH, null, null);
        Map<Zone, ZoneReadings> zones =
                random.nextInt(3) == 0 ? Map.of(Heads.one(random, Zone.values()), denser) : null;
        return new Hair(
                plain.strand(),
                plain.porosity(),
                plain.pattern(),
                plain.density(),
                Math.max(15, Math.min(60, plain.lengthCm())),
                zones,
                wants ? Set.of(random.nextBoolean() ? Condition.BLEACHED : Condition.OVER_SOFT) : null,
                null,
                built ? true : null,
                null,
                wants ? 35.0 : null,
                null,
                null,
                null,
                null,
                null);
    }

    @Test(dataProvider = "pairs")
    public void goesTheWayTheTradeSays(Pair pair) {
        Random random = new Random(pair.row());
        Map<Object, List<Double>> by = new LinkedHashMap<>();
        int heads = 0;
        while (heads < HEADS) {
            Hair hair = head(random, pair.row());
            if (!pair.on().test(hair)) {
                continue;
            }
            heads++;
            Wash first = pair.first().apply(hair);
            Wash second = pair.second().apply(hair);
            Scores before = scores(first, pair.zone());
            Scores after = scores(second, pair.zone());
            pair.says().forEach((score, way) -> by.computeIfAbsent(score, any -> new ArrayList<>())
                    .add(after.of(score) - before.of(score)));
            by.computeIfAbsent(MINUTES, any -> new ArrayList<>())
                    .add(second.course().minutes() - first.course().minutes());
        }
        pair.says().forEach((score, way) -> assertGoes(pair, score, way, by.get(score), SEEN));
        if (pair.minutes() != null) {
            assertGoes(pair, MINUTES, pair.minutes(), by.get(MINUTES), .25);
        }
    }

    private static Scores scores(Wash wash, Zone zone) {
        Outcome outcome = OutcomeModel.predict(wash);
        return zone == null ? outcome.overall() : outcome.byZone().get(zone);
    }

    private static void assertGoes(Pair pair, Object what, Way way, List<Double> by, double seen) {
        long so = by.stream().filter(own -> way.holds(own, seen - 1e-9)).count();
        double[] sorted = by.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        assertTrue(
                so >= MOSTLY * by.size(),
                pair + ", " + what + " " + way + " on " + so + " of " + by.size() + ": " + sorted[0] + " … "
                        + sorted[sorted.length / 2] + " … " + sorted[sorted.length - 1]);
    }

    /** Row 34: two gels half and half lie between the two. */
    @Test
    public void aMixLiesBetween() {
        Random random = new Random(34);
        for (int i = 0; i < HEADS; i++) {
            Hair hair = Heads.random(random);
            Scores strong = scores(wash(styled(STYLED)).apply(hair), null);
            Scores soft = scores(wash(styled(steps(put(LIGHT), put(SOFT)))).apply(hair), null);
            Step half = of(Action.APPLY)
                    .mix(List.of(new MixPart(GEL, .5), new MixPart(SOFT, .5)))
                    .technique(Technique.PRAYING_HANDS)
                    .build();
            Scores mixed =
                    scores(wash(styled(with(steps(put(LIGHT)), List.of(half)))).apply(hair), null);
            for (ScoreName score : List.of(DEFINITION, HOLD, SOFTNESS, FRIZZ, DAYS)) {
                double low = Math.min(strong.of(score), soft.of(score)) - .05;
                double high = Math.max(strong.of(score), soft.of(score)) + .05;
                assertTrue(mixed.of(score) >= low && mixed.of(score) <= high, score + " on " + hair);
            }
        }
    }

    /** Row 50: each half as it was done, the head between. */
    @Test
    public void eachHalfIsAsItWasDone() {
        Random random = new Random(50);
        int heads = 0;
        while (heads < HEADS) {
            Hair hair = Heads.random(random);
            if (!FINE_OR_MEDIUM_3A.test(hair)) {
                continue;
            }
            heads++;
            Outcome left = OutcomeModel.predict(
                    wash(styled(steps(put(MILK), put(GEL)))).apply(hair));
            Outcome right =
                    OutcomeModel.predict(wash(styled(steps(put(MOUSSE)))).apply(hair));
            Outcome both = OutcomeModel.predict(wash(styled(steps(
                            put(MILK).half(Half.LEFT),
                            put(GEL).half(Half.LEFT),
                            put(MOUSSE).half(Half.RIGHT))))
                    .apply(hair));
            double between = both.overall().definition();
            assertTrue(
                    Math.abs(both.byZone().get(Zone.LEFT).definition()
                                    - left.byZone().get(Zone.LEFT).definition())
                            < .5,
                    "left of " + hair);
            assertTrue(
                    Math.abs(both.byZone().get(Zone.RIGHT).definition()
                                    - right.byZone().get(Zone.RIGHT).definition())
                            < .5,
                    "right of " + hair);
            assertTrue(
                    between <= left.overall().definition() + .05
                            && between >= right.overall().definition() - .05,
                    "between: " + hair);
        }
    }

    /** Row 44: day by day definition goes slowly, volume and softness come; slower where hair is kept at night. */
    @Test
    public void shapeGoesSlowlyAndSlowerUnderABonnet() {
        Random random = new Random(44);
        Routine open = Routine.of(styled(STYLED));
        for (int i = 0; i < HEADS; i++) {
            Hair hair = Heads.random(random);
            List<WornDay> days = byDay(hair, open);
            List<WornDay> bonnet = byDay(hair, open.kept(false, NightCare.SATIN));
            assertEquals(
                    days.get(0).definition(),
                    OutcomeModel.predict(wash(open.steps()).apply(hair))
                            .overall()
                            .definition(),
                    .01);
            for (int day = 1; day < 4; day++) {
                assertTrue(days.get(day).definition() < days.get(day - 1).definition(), hair + ", day " + (day + 1));
                assertTrue(days.get(day).volume() > days.get(day - 1).volume(), hair + ", day " + (day + 1));
                assertTrue(days.get(day).softness() > days.get(day - 1).softness(), hair + ", day " + (day + 1));
            }
            double lost = days.get(0).definition() - days.get(3).definition();
            double lostUnderABonnet = bonnet.get(0).definition() - bonnet.get(3).definition();
            assertTrue(lost >= SEEN && lostUnderABonnet < lost, hair + ": " + lost + ", " + lostUnderABonnet);
        }
    }

    private static List<WornDay> byDay(Hair hair, Routine routine) {
        return OutcomeModel.predict(Wash.of(routine, hair, GOAL, EASY, null, null))
                .byDay();
    }
}
