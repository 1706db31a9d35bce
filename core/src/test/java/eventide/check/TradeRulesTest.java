package eventide.check;

import static eventide.Heads.CREAM;
import static eventide.Heads.GEL;
import static eventide.Heads.LEAVE_IN;
import static eventide.Heads.OIL;
import static eventide.Heads.SOFT_GEL;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Scalp;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.DetangleFrom;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.Heat;
import eventide.routine.Limits;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Small routines, each with the rules that must and must not speak: the trade's list of mistakes with every exception as
 * written there [CP]. A rule followed by {@code !} means more than a note.
 */
public class TradeRulesTest {
    private static final Product GUARD = Product.of("guard", Role.HEAT_PROTECTANT, 0, 0, 0, 100);
    private static final Product CLEANSER =
            Product.of("cleanser", Role.CLEANSER, 0, 2, 0, 100).withIngredients("Aqua, Decyl Glucoside, Coco-Betaine");
    private static final Product DEEP =
            Product.of("deep cleanser", Role.CLEANSER, 0, 2, 0, 100).withIngredients("Aqua, Sodium Laureth Sulfate");
    private static final Product CONDITIONER = Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100);
    private static final Product RICH_MASK = Product.of("rich mask", Role.MASK, 0, 8, 0, 100);
    private static final Product PROTEIN = Product.of("protein", Role.PROTEIN, 0, 2, 0, 100);
    private static final Product SERUM = OIL.withIngredients("Dimethiconol, Argania Spinosa Kernel Oil");
    private static final Product MEDICATED = new Product(
            null, "scalp wash", Role.CLEANSER, 0.0, 1.0, 0.0, 100.0, null, null, null, null, null, null, 5.0, null);
    private static final Product SYRUP = Product.of("syrup", Role.LEAVE_IN, 0, 3, 40, 100)
            .withIngredients("Aqua, Glycerin, Propanediol, Sorbitol, Panthenol, Mel");
    private static final Product FILM =
            Product.of("film gel", Role.GEL, 6, 1, 40, 100).withIngredients("Aqua, PVP, Polyquaternium-11");
    private static final Hair THIRSTY = Hair.of(Strand.COARSE, Porosity.HIGH, Pattern.CURLY_3C, Density.MEDIUM, 30);
    private static final Step WET = Step.of(Action.REWET).build();

    /** A head, what is wanted and where, waiting for its steps. */
    private static final class Setting {
        private Hair hair = Heads.curly();
        private Goal goal = new Goal(2, 1, 0, 1, 1, null);
        private Air air = Air.of(22, 52);
        private Schools schools;
        private Limits limits;
        private Double start;
        private Double wear;
        private Boolean refresh;
        private Boolean trial;

        Setting hair(Hair value) {
            hair = value;
            return this;
        }

        Setting goal(int definition, int volume, int softness, int days) {
            goal = new Goal(definition, volume, 0, softness, days, null);
            return this;
        }

        Setting air(double celsius, double humidity) {
            air = Air.of(celsius, humidity);
            return this;
        }

        Setting dryTo(Schools.DryTo value) {
            schools = new Schools(null, null, null, null, null, null, null, null, value, null, null, null, null);
            return this;
        }

        Setting ingredients(Schools.IngredientRule value) {
            schools = new Schools(null, null, null, null, null, null, null, null, null, null, value, null, null);
            return this;
        }

        Setting limits(Double minutes, Double chair, Double dryBy) {
            limits = new Limits(minutes, chair, null, dryBy, null);
            return this;
        }

        Setting startingAt(double wetness) {
            start = wetness;
            return this;
        }

        Setting wornFor(Double days, Boolean refreshed) {
            wear = days;
            refresh = refreshed;
            return this;
        }

        Setting trial() {
            trial = true;
            return this;
        }

        Case is(String name, String must, String mustNot, Step... steps) {
            Routine routine = new Routine(1, List.of(steps), start, wear, refresh, trial, null);
            return new Case(name, Wash.of(routine, hair, goal, air, schools, limits), must, mustNot);
        }
    }

    record Case(String name, Wash wash, String must, String mustNot) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Setting on() {
        return new Setting();
    }

    private static Step of(Action action) {
        return Step.of(action).build();
    }

    private static StepBuilder put(Product product) {
        return Step.of(Action.APPLY).product(product).technique(Technique.GLAZE).minutes(3.0);
    }

    private static Step dryer(Action action, double untilDry) {
        return Step.of(action).untilDry(untilDry).build();
    }

    private static Step hot(Action action) {
        return Step.of(action).heat(Heat.HOT).untilDry(100.0).build();
    }

    private static Step cool() {
        return Step.of(Action.CUP).heat(Heat.COOL).minutes(2.0).build();
    }

    private static Step wash(Product product) {
        return Step.of(Action.CLEANSE).product(product).build();
    }

    private static Step minutes(Action action, Product product, double minutes) {
        return Step.of(action).product(product).minutes(minutes).build();
    }

    private static Hair since(Hair hair, Double protein, Double clarify, Boolean first) {
        return new Hair(
                hair.strand(),
                hair.porosity(),
                hair.pattern(),
                hair.density(),
                hair.lengthCm(),
                null,
                hair.condition(),
                null,
                null,
                null,
                protein,
                clarify,
                first,
                null,
                null,
                null);
    }

    private static Product stocked(double ml) {
        return GEL.withStockMl(ml);
    }

    @DataProvider
    Object[] cases() {
        Step gel = put(GEL).build();
        Step hover = dryer(Action.HOVER, 57);
        Step cup = dryer(Action.CUP, 100);
        Step guard = put(GUARD).technique(Technique.SPRAY).build();
        Step clip = Step.of(Action.CLIP_ROOTS).zones(Set.of(Zone.CROWN)).build();
        Step unclip = Step.of(Action.UNCLIP).zones(Set.of(Zone.CROWN)).build();
        Step upsideDown = Step.of(Action.SCRUNCH)
                .count(2)
                .position(List.of(Position.UPSIDE_DOWN))
                .build();
        Step air = dryer(Action.AIR, 100);
        Hair soft = Heads.curly().withCondition(Set.of(Condition.OVER_SOFT));
        Hair bleached = Heads.curly().withCondition(Set.of(Condition.BLEACHED));
        Hair fine = Hair.of(Strand.FINE, Porosity.LOW, Pattern.CURLY_3A, Density.MEDIUM, 35);
        Set<Zone> sides = Set.of(Zone.LEFT, Zone.RIGHT, Zone.BACK, Zone.NAPE, Zone.HAIRLINE);
        return new Object[] {
            // W3
            on().is("re-wet after gel has dried a while", "W3!", "", WET, gel, dryer(Action.AIR, 50), WET),
            on().is(
                            "a mist while shaping",
                            "",
                            "W3",
                            WET,
                            gel,
                            Step.of(Action.MIST).build()),
            on().is("wet again before more gel", "", "W3", WET, gel, dryer(Action.AIR, 50), WET, gel),
            on().is(
                            "one zone wetted",
                            "",
                            "W3",
                            WET,
                            gel,
                            dryer(Action.AIR, 60),
                            Step.of(Action.REWET).zones(Set.of(Zone.HAIRLINE)).build()),
            on().is("washed out and begun anew", "", "W3", WET, gel, of(Action.RINSE), gel),
            // O3
            on().hair(THIRSTY).is("gel alone on dry hair", "O3!", "", WET, gel),
            on().hair(THIRSTY)
                    .is("leave-in under it", "", "O3", WET, put(LEAVE_IN).build(), gel),
            on().hair(THIRSTY)
                    .is(
                            "a conditioning gel",
                            "",
                            "O3",
                            WET,
                            put(Product.of("gel-cream", Role.GEL, 6, 5, 40, 100))
                                    .build()),
            on().hair(Hair.of(Strand.FINE, Porosity.HIGH, Pattern.CURLY_3B, Density.MEDIUM, 30))
                    .is("fine hair", "", "O3", WET, gel),
            on().hair(Hair.of(Strand.COARSE, Porosity.HIGH, Pattern.WAVY_2C, Density.MEDIUM, 30))
                    .is("waves", "", "O3", WET, gel),
            on().is("medium hair is not dry hair", "", "O3", WET, gel),
            on().hair(THIRSTY)
                    .is("conditioner left in", "", "O3", WET, put(CONDITIONER).build(), gel),
            // O4
            on().is("warm air unguarded", "O4", "O4!", WET, gel, hover, cup),
            on().is("hot bowl unguarded", "O4!", "", WET, gel, hover, hot(Action.CUP)),
            on().hair(bleached).is("warm air on bleached hair", "O4!", "", WET, gel, hover),
            on().is("guarded", "", "O4", WET, gel, guard, hover, cup),
            on().is("guard after the heat", "O4", "", WET, gel, hover, guard, cup),
            on().is(
                            "a gel that guards",
                            "",
                            "O4",
                            WET,
                            put(new Product(
                                            null,
                                            "guard gel",
                                            Role.GEL,
                                            6.0,
                                            2.0,
                                            40.0,
                                            100.0,
                                            null,
                                            null,
                                            null,
                                            null,
                                            null,
                                            null,
                                            null,
                                            true))
                                    .build(),
                            hover),
            on().is(
                            "cool air needs no guard",
                            "",
                            "O4",
                            WET,
                            gel,
                            Step.of(Action.HOVER).heat(Heat.COOL).minutes(20.0).build()),
            on().is("air needs no guard", "", "O4", WET, gel, air),
            // A1
            on().hair(fine)
                    .is(
                            "two layers, each too rich by itself",
                            "A1!",
                            "",
                            WET,
                            put(Product.of("rich milk", Role.LEAVE_IN, 0, 9, 40, 100))
                                    .build(),
                            put(Product.of("butter", Role.CREAM, 1, 10, 40, 100))
                                    .build(),
                            gel,
                            hover,
                            cup),
            // O5
            on().goal(1, 1, 1, 2).is("nothing at all, long wear", "O5!", "", wash(CLEANSER), of(Action.RINSE), air),
            on().goal(1, 1, 1, 0).is("nothing, wear does not matter", "", "O5", wash(CLEANSER), of(Action.RINSE), air),
            on().goal(1, 1, 1, 2).is("only washed so far", "", "O5", wash(CLEANSER), of(Action.RINSE)),
            on().goal(1, 1, 1, 2).is("nothing put on dry hair", "", "O5", of(Action.SHAKE_ROOTS)),
            on().goal(1, 1, 1, 2)
                    .is("cream alone, long wear", "O5!", "", WET, put(CREAM).build(), air),
            on().goal(1, 1, 1, 0)
                    .is(
                            "cream alone, wear does not matter",
                            "",
                            "O5",
                            WET,
                            put(CREAM).build(),
                            air),
            on().goal(1, 1, 1, 0)
                    .wornFor(4.0, null)
                    .is(
                            "four days planned though wear does not matter",
                            "O5",
                            "O5!",
                            WET,
                            put(CREAM).build(),
                            air),
            on().goal(1, 1, 1, 2)
                    .wornFor(4.0, true)
                    .is("refreshed daily", "O5", "O5!", WET, put(CREAM).build(), air),
            on().goal(1, 1, 1, 3)
                    .is(
                            "a cream that holds",
                            "",
                            "O5",
                            WET,
                            put(Product.of("hold cream", Role.CREAM, 5, 5, 40, 100))
                                    .build(),
                            air),
            on().goal(1, 1, 1, 3)
                    .is(
                            "mousse holds",
                            "",
                            "O5",
                            WET,
                            put(LEAVE_IN).build(),
                            put(Product.of("foam", Role.MOUSSE, 3, 1, 30, 100)).build(),
                            air),
            // A2
            on().is(
                            "three times the gel",
                            "A2!",
                            "",
                            WET,
                            put(GEL).amountMl(38.0).build()),
            on().is(
                            "a heavy hand is no fault",
                            "",
                            "A2",
                            WET,
                            put(GEL).amountMl(17.0).build()),
            on().is("as advised", "", "A2", WET, gel),
            on().is(
                            "two gels, one for hold and one for shine",
                            "",
                            "A2",
                            WET,
                            gel,
                            put(SOFT_GEL).build()),
            // T3
            on().goal(1, 2, 1, 1)
                    .is(
                            "brushed down for volume",
                            "T3!",
                            "",
                            WET,
                            gel,
                            Step.of(Action.BRUSH_STYLE)
                                    .brushDirection(BrushDirection.DOWN)
                                    .build()),
            on().goal(1, 2, 1, 1)
                    .is(
                            "the fringe brushed down",
                            "",
                            "T3",
                            WET,
                            gel,
                            Step.of(Action.BRUSH_STYLE)
                                    .zones(Set.of(Zone.HAIRLINE))
                                    .brushDirection(BrushDirection.DOWN)
                                    .build()),
            on().goal(3, 0, 1, 1)
                    .is(
                            "down where volume does not matter",
                            "",
                            "T3",
                            WET,
                            gel,
                            Step.of(Action.BRUSH_STYLE)
                                    .brushDirection(BrushDirection.DOWN)
                                    .build()),
            on().goal(1, 3, 1, 1).is("no direction said", "", "T3", WET, gel, of(Action.BRUSH_STYLE)),
            // T4
            on().limits(60.0, null, null)
                    .is(
                            "every curl in an hour",
                            "T4!",
                            "",
                            WET,
                            gel,
                            Step.of(Action.SHINGLE).minutes(70.0).build()),
            on().limits(200.0, 40.0, null)
                    .is(
                            "hands-on minutes run out",
                            "T4!",
                            "",
                            WET,
                            gel,
                            Step.of(Action.COIL).minutes(50.0).build()),
            on().limits(200.0, 90.0, null)
                    .is(
                            "in time",
                            "",
                            "T4",
                            WET,
                            gel,
                            Step.of(Action.COIL).minutes(50.0).build()),
            on().is(
                            "no limit said",
                            "",
                            "T4",
                            WET,
                            gel,
                            Step.of(Action.SHINGLE).minutes(170.0).build()),
            // T5
            on().is(
                            "rough towel",
                            "T5!",
                            "",
                            WET,
                            Step.of(Action.SQUEEZE).tool(Tool.ROUGH_TOWEL).build()),
            on().is(
                            "turban wrapped and pressed",
                            "",
                            "T5",
                            WET,
                            Step.of(Action.PLOP).tool(Tool.TURBAN).minutes(10.0).build()),
            on().is(
                            "T-shirt",
                            "",
                            "T5",
                            WET,
                            Step.of(Action.MICROPLOP).tool(Tool.TSHIRT).build()),
            // T6
            on().goal(1, 1, 1, 1).is("upside down, not lifted", "T6", "T6!", WET, gel, upsideDown, air),
            on().goal(3, 1, 1, 1).is("upside down, no frizz wanted", "T6!", "", WET, gel, upsideDown, air),
            on().is("shaken after the turn", "", "T6", WET, gel, upsideDown, of(Action.SHAKE_ROOTS), air),
            on().is("clipped after the turn", "", "T6", WET, gel, upsideDown, clip, dryer(Action.AIR, 70), unclip),
            on().is("lifted before the last turn only", "T6", "", WET, gel, of(Action.LIFT_ROOTS), upsideDown, air),
            on().is(
                            "washed upside down",
                            "",
                            "T6",
                            Step.of(Action.CLEANSE)
                                    .position(List.of(Position.UPSIDE_DOWN))
                                    .build(),
                            of(Action.RINSE),
                            gel,
                            air),
            on().is(
                            "upright",
                            "",
                            "T6",
                            WET,
                            gel,
                            Step.of(Action.SCRUNCH)
                                    .count(2)
                                    .position(List.of(Position.UPRIGHT))
                                    .build(),
                            air),
            // T7
            on().is(
                            "from the root",
                            "T7!",
                            "",
                            of(Action.CONDITION),
                            Step.of(Action.DETANGLE).from(DetangleFrom.ROOTS).build(),
                            of(Action.RINSE)),
            on().is("no slip, washed elsewhere", "T7", "T7!", WET, of(Action.DETANGLE)),
            on().is("no slip after the wash", "T7!", "", wash(CLEANSER), of(Action.RINSE), of(Action.DETANGLE)),
            on().startingAt(20)
                    .is(
                            "a treatment on misted hair, at any wetness",
                            "",
                            "T7",
                            Step.of(Action.MASK)
                                    .product(CONDITIONER)
                                    .minutes(30.0)
                                    .build(),
                            of(Action.DETANGLE),
                            wash(CLEANSER),
                            of(Action.RINSE)),
            on().is(
                            "from the root once the ends pass was done",
                            "",
                            "T7",
                            of(Action.CONDITION),
                            Step.of(Action.DETANGLE).from(DetangleFrom.ENDS).build(),
                            Step.of(Action.DETANGLE).from(DetangleFrom.ROOTS).build(),
                            of(Action.RINSE)),
            // T11
            on().hair(Heads.coarseCoily())
                    .is("tight hair, never detangled", "T11!", "", wash(CLEANSER), of(Action.RINSE), gel),
            on().hair(Heads.coarseCoily())
                    .is(
                            "detangled in the conditioner",
                            "",
                            "T11",
                            of(Action.CONDITION),
                            of(Action.DETANGLE),
                            of(Action.RINSE),
                            gel),
            on().hair(Heads.coarseCoily()).is("washed and detangled elsewhere", "", "T11", WET, gel),
            on().hair(fine)
                    .is(
                            "waves brushed into shape over knots",
                            "T11!",
                            "",
                            wash(CLEANSER),
                            of(Action.RINSE),
                            gel,
                            of(Action.BRUSH_STYLE)),
            on().hair(fine).is("loose hair only scrunched", "", "T11", wash(CLEANSER), of(Action.RINSE), gel),
            // A4
            on().air(30, 80)
                    .is(
                            "humectants alone in swelter",
                            "A4!",
                            "",
                            WET,
                            put(SYRUP).build()),
            on().air(20, 5)
                    .is(
                            "humectants alone in very dry air",
                            "A4!",
                            "",
                            WET,
                            put(SYRUP).build()),
            on().air(25, 60)
                    .is("humid, and no worse", "A4", "A4!", WET, put(SYRUP).build()),
            on().is("easy air", "", "A4", WET, put(SYRUP).build()),
            on().air(30, 80)
                    .is(
                            "a film former over it",
                            "",
                            "A4",
                            WET,
                            put(SYRUP).build(),
                            put(FILM).build()),
            on().air(30, 80).is("no label, nothing said", "", "A4", WET, gel),
            // P6
            on().is("a cleanser never rinsed", "P6!", "", WET, wash(CLEANSER), gel),
            on().is("rinsed", "", "P6", WET, wash(CLEANSER), of(Action.RINSE), gel),
            on().is("a mask never rinsed", "P6!", "", of(Action.MASK), gel),
            on().is(
                            "a little conditioner left in",
                            "P6",
                            "P6!",
                            wash(CLEANSER),
                            of(Action.RINSE),
                            of(Action.CONDITION),
                            gel),
            // P7
            on().hair(bleached)
                    .is(
                            "clarified twice on bleached hair",
                            "P7!",
                            "",
                            of(Action.CLARIFY),
                            of(Action.CLARIFY),
                            of(Action.RINSE)),
            on().hair(bleached)
                    .is("clarified, then protein", "P7!", "", of(Action.CLARIFY), of(Action.PROTEIN), of(Action.RINSE)),
            on().hair(fine)
                    .is("twice on sound hair", "P7", "P7!", of(Action.CLARIFY), of(Action.CLARIFY), of(Action.RINSE)),
            on().hair(bleached).is("once", "", "P7", of(Action.CLARIFY), of(Action.RINSE)),
            // P8
            on().ingredients(Schools.IngredientRule.STRICT)
                    .is(
                            "a sulfate under a strict list",
                            "P8!",
                            "",
                            wash(CLEANSER.withIngredients("Aqua, Sodium Laureth Sulfate")),
                            of(Action.RINSE)),
            on().is(
                            "a sulfate and no list",
                            "",
                            "P8",
                            wash(CLEANSER.withIngredients("Aqua, Sodium Laureth Sulfate")),
                            of(Action.RINSE)),
            // S1, S2
            on().hair(Heads.curly().withAllergies(List.of("nuts")))
                    .is(
                            "only related",
                            "S1!",
                            "",
                            WET,
                            put(LEAVE_IN.withIngredients("Aqua, Butyrospermum Parkii Butter"))
                                    .build()),
            on().hair(Heads.curly().withAllergies(List.of("nuts"))).is("no label to read", "S1!", "", WET, gel),
            on().hair(Heads.curly().withScalp(Set.of(Scalp.SHEDDING))).is("shedding refers", "S2!", "", WET, gel),
            on().hair(Heads.curly().withScalp(Set.of(Scalp.BURNS))).is("burns stop", "S2!", "", WET, gel),
            on().hair(Heads.curly().withScalp(Set.of(Scalp.OILY))).is("an oily scalp is styled", "", "S2", WET, gel),
            // D4
            on().hair(Heads.curly().ofAChild()).is("hot air on a child", "D4!", "", WET, gel, guard, hot(Action.HOVER)),
            on().hair(bleached).is("hot air on damaged hair", "D4!", "", WET, gel, guard, hot(Action.HOVER)),
            on().is(
                            "a long hot hood",
                            "D4!",
                            "",
                            WET,
                            gel,
                            guard,
                            Step.of(Action.HOOD).heat(Heat.HOT).minutes(40.0).build()),
            on().is(
                            "a short one",
                            "",
                            "D4!",
                            WET,
                            gel,
                            guard,
                            Step.of(Action.HOOD).heat(Heat.HOT).minutes(20.0).build()),
            on().is("in conditioner", "", "T7", of(Action.CONDITION), of(Action.DETANGLE), of(Action.RINSE)),
            on().is(
                            "after it is rinsed, still wet",
                            "",
                            "T7",
                            of(Action.CONDITION),
                            of(Action.RINSE),
                            of(Action.DETANGLE)),
            on().is(
                            "slip dried away",
                            "T7!",
                            "",
                            of(Action.CONDITION),
                            of(Action.RINSE),
                            dryer(Action.AIR, 60),
                            of(Action.DETANGLE)),
            on().is("with a leave-in", "", "T7", WET, put(LEAVE_IN).build(), of(Action.DETANGLE)),
            on().hair(Heads.fineWavy())
                    .startingAt(0)
                    .is(
                            "waves combed dry before washing",
                            "T7",
                            "T7!",
                            of(Action.DETANGLE),
                            wash(CLEANSER),
                            of(Action.RINSE)),
            on().startingAt(0).is("curls combed dry", "T7!", "", of(Action.DETANGLE), wash(CLEANSER), of(Action.RINSE)),
            on().is(
                            "combed again once loaded",
                            "",
                            "T7",
                            of(Action.CONDITION),
                            of(Action.DETANGLE),
                            of(Action.RINSE),
                            put(LEAVE_IN).build(),
                            dryer(Action.AIR, 45),
                            of(Action.DETANGLE)),
            // T8
            on().is("the crown forgotten", "T8!", "", WET, put(GEL).zones(sides).build()),
            on().is(
                            "the crown in a step of its own",
                            "",
                            "T8",
                            WET,
                            put(GEL).zones(sides).build(),
                            put(GEL).zones(Set.of(Zone.CROWN)).build()),
            on().startingAt(0)
                    .is(
                            "a refresh of the hairline",
                            "",
                            "T8",
                            of(Action.MIST),
                            put(GEL).zones(Set.of(Zone.HAIRLINE)).amountMl(.3).build()),
            // T9
            on().is("parted after drying", "T9", "T9!", WET, gel, air, of(Action.SET_PART)),
            on().is("parted wet", "", "T9", WET, of(Action.SET_PART), gel, air),
            on().is(
                            "picked through dry lengths",
                            "T9",
                            "T9!",
                            WET,
                            gel,
                            air,
                            Step.of(Action.PICK).parts(Set.of(Part.LENGTHS)).build()),
            on().is(
                            "picked at the roots",
                            "",
                            "T9",
                            WET,
                            gel,
                            air,
                            Step.of(Action.PICK).parts(Set.of(Part.ROOTS)).build()),
            on().is("a pick of which nothing is said", "", "T9", WET, gel, air, of(Action.PICK)),
            on().is(
                            "picked through wet lengths frees them",
                            "",
                            "T9",
                            WET,
                            Step.of(Action.PICK).parts(Set.of(Part.LENGTHS)).build(),
                            gel,
                            air),
            // A1, on the scalp
            on().is(
                            "gel rubbed on the scalp",
                            "A1",
                            "A1!",
                            WET,
                            put(GEL).parts(Set.of(Part.SCALP, Part.ROOTS, Part.LENGTHS))
                                    .build(),
                            air),
            on().hair(Heads.curly().withScalp(Set.of(Scalp.OILY)))
                    .is(
                            "gel rubbed on an oily scalp",
                            "A1!",
                            "",
                            WET,
                            put(GEL).parts(Set.of(Part.SCALP, Part.ROOTS, Part.LENGTHS))
                                    .build(),
                            air),
            on().is(
                            "gel to the root",
                            "",
                            "A1",
                            WET,
                            put(GEL).parts(Set.of(Part.ROOTS, Part.LENGTHS)).build(),
                            air),
            // T10
            on().goal(1, 2, 1, 1)
                    .is(
                            "twenty minutes in one position",
                            "T10",
                            "T10!",
                            WET,
                            gel,
                            Step.of(Action.HOVER)
                                    .minutes(20.0)
                                    .position(List.of(Position.UPRIGHT))
                                    .build()),
            on().goal(1, 2, 1, 1)
                    .is(
                            "no position said",
                            "",
                            "T10",
                            WET,
                            gel,
                            Step.of(Action.HOVER).minutes(20.0).build()),
            on().goal(1, 2, 1, 1)
                    .is(
                            "positions changed",
                            "",
                            "T10",
                            WET,
                            gel,
                            Step.of(Action.HOVER)
                                    .minutes(20.0)
                                    .position(List.of(Position.SIDE, Position.UPRIGHT))
                                    .build()),
            on().goal(1, 2, 1, 1)
                    .is(
                            "air does not count",
                            "",
                            "T10",
                            WET,
                            gel,
                            Step.of(Action.AIR)
                                    .minutes(60.0)
                                    .position(List.of(Position.UPRIGHT))
                                    .build()),
            on().goal(3, 0, 1, 1)
                    .is(
                            "volume not wanted",
                            "",
                            "T10",
                            WET,
                            gel,
                            Step.of(Action.HOVER)
                                    .minutes(20.0)
                                    .position(List.of(Position.UPRIGHT))
                                    .build()),
            // D2
            on().is("clipped to the end", "D2!", "", WET, gel, clip, hover, cup, unclip),
            on().is("out at seventy", "", "D2", WET, gel, clip, dryer(Action.HOVER, 70), unclip, cup),
            on().is("never taken out", "D2!", "", WET, gel, clip, hover, cup),
            on().is("hours of air with clips", "D2", "D2!", WET, gel, clip, air, unclip),
            // D4
            on().is("hot air in contact", "D4!", "", WET, gel, hover, hot(Action.CUP)),
            on().is("hot air far off", "", "D4!", WET, gel, hot(Action.HOVER)),
            on().is("no cool finish", "D4", "D4!", WET, gel, hover, cup),
            on().is("ends cool", "", "D4", WET, gel, hover, cup, cool()),
            on().is("air after the dryer", "", "D4", WET, gel, hover, dryer(Action.CUP, 90), air),
            // D5
            on().air(20, 80).is("air in a damp room", "D5!", "", WET, gel, air),
            on().air(20, 80).is("a fan in it", "", "D5", WET, gel, dryer(Action.FAN, 100)),
            on().is("air in an easy room", "", "D5", WET, gel, air),
            // D6
            on().limits(240.0, null, 30.0).is("must be dry in half an hour", "D6!", "", WET, gel, air),
            on().is(
                            "the dryer stops while it is wet",
                            "D6!",
                            "",
                            WET,
                            gel,
                            Step.of(Action.HOVER).minutes(8.0).build()),
            on().is("left undried, nothing due", "", "D6", WET, gel),
            on().is(
                            "ends in air, nothing due",
                            "",
                            "D6",
                            WET,
                            gel,
                            hover,
                            Step.of(Action.AIR).minutes(20.0).build()),
            on().is("stopped on purpose", "D6", "D6!", WET, gel, hover, dryer(Action.CUP, 85)),
            on().dryTo(Schools.DryTo.PART_THEN_AIR)
                    .is("stopped by that school", "", "D6", WET, gel, hover, dryer(Action.CUP, 85)),
            on().is("dry", "", "D6", WET, gel, hover, cup),
            // P1
            on().hair(fine)
                    .is(
                            "rich mask on fine hair",
                            "P1!",
                            "",
                            wash(CLEANSER),
                            minutes(Action.MASK, RICH_MASK, 15),
                            of(Action.RINSE)),
            on().hair(fine)
                    .is(
                            "until the rinse",
                            "P1!",
                            "",
                            wash(CLEANSER),
                            minutes(Action.MASK, RICH_MASK, 2),
                            Step.of(Action.WAIT).minutes(12.0).build(),
                            of(Action.RINSE)),
            on().hair(fine)
                    .is("two minutes", "", "P1", wash(CLEANSER), minutes(Action.MASK, RICH_MASK, 2), of(Action.RINSE)),
            on().hair(fine)
                    .is(
                            "before shampoo",
                            "",
                            "P1",
                            WET,
                            minutes(Action.MASK, RICH_MASK, 30),
                            of(Action.RINSE),
                            wash(CLEANSER),
                            of(Action.RINSE)),
            on().hair(Heads.coarseCoily())
                    .is(
                            "on coarse hair",
                            "",
                            "P1",
                            wash(CLEANSER),
                            minutes(Action.MASK, RICH_MASK, 20),
                            of(Action.RINSE)),
            on().hair(fine)
                    .is(
                            "protein is not meant",
                            "",
                            "P1",
                            wash(CLEANSER),
                            minutes(Action.PROTEIN, PROTEIN, 15),
                            of(Action.RINSE)),
            // P2
            on().hair(since(Heads.curly(), 4.0, null, null))
                    .is(
                            "protein again after four days",
                            "P2!",
                            "",
                            wash(CLEANSER),
                            minutes(Action.PROTEIN, PROTEIN, 15),
                            of(Action.RINSE)),
            on().hair(since(Heads.curly(), 30.0, null, null))
                    .is(
                            "after a month",
                            "",
                            "P2",
                            wash(CLEANSER),
                            minutes(Action.PROTEIN, PROTEIN, 15),
                            of(Action.RINSE)),
            on().hair(since(fine, 8.0, null, null))
                    .is(
                            "weekly where it thrives",
                            "",
                            "P2",
                            wash(CLEANSER),
                            minutes(Action.PROTEIN, PROTEIN, 15),
                            of(Action.RINSE)),
            on().hair(soft).is("over-soft and none", "P2!", "", wash(CLEANSER), of(Action.RINSE), gel),
            on().hair(soft)
                    .is(
                            "over-soft and fed",
                            "",
                            "P2",
                            wash(CLEANSER),
                            minutes(Action.PROTEIN, PROTEIN, 15),
                            of(Action.RINSE),
                            gel),
            // W1 on hair that is styled already
            on().startingAt(0).is("gel through all of the dry hair", "W1!", "", gel, of(Action.AIR)),
            on().startingAt(0)
                    .is(
                            "gel on a misted refresh",
                            "",
                            "W1",
                            Step.of(Action.MIST).toWetness(40.0).build(),
                            gel,
                            of(Action.AIR)),
            on().startingAt(0)
                    .is(
                            "a little gel on the dry front",
                            "",
                            "W1",
                            gel.but().zones(Set.of(Zone.HAIRLINE)).amountMl(.5).build()),
            // P3
            on().trial().is("a trial not clarified", "P3", "P3!", wash(CLEANSER), of(Action.RINSE), gel),
            on().hair(since(Heads.curly(), null, null, true))
                    .is("new client not clarified", "P3", "P3!", wash(CLEANSER), of(Action.RINSE), gel),
            on().hair(since(Heads.curly(), null, 3.0, true))
                    .is("clarified this week", "", "P3", wash(CLEANSER), of(Action.RINSE), gel),
            on().trial().is("clarified", "", "P3", of(Action.CLARIFY), of(Action.RINSE), gel),
            on().is("neither new nor a trial", "", "P3", wash(CLEANSER), of(Action.RINSE), gel),
            // P4
            on().is(
                            "silicone and a mild cleanser",
                            "P4",
                            "P4!",
                            wash(CLEANSER),
                            of(Action.RINSE),
                            gel,
                            put(SERUM).build()),
            on().ingredients(Schools.IngredientRule.STRICT)
                    .is(
                            "by a strict list",
                            "P4!",
                            "",
                            wash(CLEANSER),
                            of(Action.RINSE),
                            put(SERUM).build()),
            on().is(
                            "an unnamed cleanser",
                            "",
                            "P4",
                            of(Action.CLEANSE),
                            of(Action.RINSE),
                            put(SERUM).build()),
            on().ingredients(Schools.IngredientRule.STRICT)
                    .is(
                            "an unnamed cleanser by a strict list",
                            "P4!",
                            "",
                            of(Action.CLEANSE),
                            of(Action.RINSE),
                            put(SERUM).build()),
            on().is(
                            "a cleanser that lifts it",
                            "",
                            "P4",
                            wash(DEEP),
                            of(Action.RINSE),
                            put(SERUM).build()),
            on().is(
                            "clarified",
                            "",
                            "P4",
                            of(Action.CLARIFY),
                            of(Action.RINSE),
                            put(SERUM).build()),
            on().is(
                            "soluble silicone",
                            "",
                            "P4",
                            wash(CLEANSER),
                            of(Action.RINSE),
                            put(OIL.withIngredients("Aqua, PEG-12 Dimethicone")).build()),
            // P5
            on().is("medicated, rinsed at once", "P5!", "", minutes(Action.CLEANSE, MEDICATED, 2), of(Action.RINSE)),
            on().is(
                            "left its time",
                            "",
                            "P5",
                            minutes(Action.CLEANSE, MEDICATED, 2),
                            Step.of(Action.WAIT).minutes(4.0).build(),
                            of(Action.RINSE)),
            on().is("by its own minutes", "", "P5", wash(MEDICATED), of(Action.RINSE)),
            // L1
            on().is(
                            "halves with two differences",
                            "L1",
                            "L1!",
                            WET,
                            put(GEL).half(Half.LEFT).build(),
                            put(SOFT_GEL)
                                    .half(Half.RIGHT)
                                    .technique(Technique.RAKE)
                                    .build()),
            on().is(
                            "halves with one",
                            "",
                            "L1",
                            WET,
                            put(GEL).half(Half.LEFT).build(),
                            put(SOFT_GEL).half(Half.RIGHT).build()),
            on().is(
                            "the same on both",
                            "",
                            "L1",
                            WET,
                            put(GEL).half(Half.LEFT).build(),
                            put(GEL).half(Half.RIGHT).build()),
            // L3
            on().is("three ml left", "L3", "L3!", WET, put(stocked(3)).build()),
            on().is("enough left", "", "L3", WET, put(stocked(300)).build()),
            on().is("nobody says what is left", "", "L3", WET, gel),
        };
    }

    @Test(dataProvider = "cases")
    public void speaksWhereItMust(Case row) {
        Set<String> rules = new TreeSet<>();
        List<Finding> findings = Checker.check(row.wash());
        for (Finding finding : findings) {
            rules.add(finding.rule());
            if (finding.severity() != Severity.NOTE) {
                rules.add(finding.rule() + "!");
            }
        }
        for (String rule : words(row.must())) {
            assertTrue(rules.contains(rule), rule + " must speak, but only " + rules + " did");
        }
        for (String rule : words(row.mustNot())) {
            assertFalse(
                    rules.contains(rule),
                    rule + " must be silent, but said "
                            + findings.stream().map(Finding::message).toList());
        }
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.split(" ")).filter(word -> !word.isEmpty()).toList();
    }

    /** L2 is the log's; what nothing in the routine could mend carries no button. */
    private static final Set<String> WITHOUT_MEND = Set.of("L1", "L3", "S2");

    @Test(dataProvider = "cases")
    public void whatItSaysItAlsoMends(Case row) {
        for (Finding finding : Checker.check(row.wash())) {
            boolean asked = words(row.must()).stream()
                    .anyMatch(rule -> rule.replace("!", "").equals(finding.rule()));
            boolean air = finding.rule().equals("D2") && finding.severity() == Severity.NOTE;
            boolean stopped = finding.rule().equals("D6");
            boolean unread = finding.message().contains("no label here");
            if (asked && !air && !stopped && !unread && !WITHOUT_MEND.contains(finding.rule())) {
                assertTrue(finding.mend() != null, finding.rule() + " offers no mend: " + finding.message());
            }
        }
    }

    /** O6 is this house's own: it is not on the trade's list. */
    @Test
    public void everyRuleOfTheTradeIsHereOnce() {
        List<String> ids = new ArrayList<>();
        Checker.rules().forEach(rule -> ids.add(rule.id()));
        assertTrue(ids.remove("O6"));
        ids.sort(null);
        assertEquals(
                String.join(" ", ids),
                "A1 A2 A3 A4 D1 D2 D3 D4 D5 D6 L1 L3 O1 O2 O3 O4 O5 P1 P2 P3 P4 P5 P6 P7 P8 S1 S2 T1 T10 T11 T2 T3 T4 T5 T6 T7 T8 T9 W1 W2 W3");
        assertTrue(Checker.rules().stream().noneMatch(rule -> rule.why().isBlank()));
    }

    @Test
    public void theTableCoversEveryRuleBothWays() {
        Set<String> spoken = new TreeSet<>();
        Set<String> silent = new TreeSet<>();
        for (Object row : cases()) {
            words(((Case) row).must()).forEach(rule -> spoken.add(rule.replace("!", "")));
            words(((Case) row).mustNot()).forEach(rule -> silent.add(rule.replace("!", "")));
        }
        Set<String> covered = new TreeSet<>(spoken);
        covered.retainAll(silent);
        assertEquals(
                String.join(" ", covered),
                "A1 A2 A4 D2 D4 D5 D6 L1 L3 O3 O4 O5 P1 P2 P3 P4 P5 P6 P7 P8 S2 T10 T11 T3 T4 T5 T6 T7 T8 T9 W1 W3",
                "the others stand in CheckerTest");
    }
}
