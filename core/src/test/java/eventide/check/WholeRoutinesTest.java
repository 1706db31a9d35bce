package eventide.check;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.DetangleFrom;
import eventide.routine.Extent;
import eventide.routine.Goal;
import eventide.routine.Heat;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Speed;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whole wash days as different stylists do them, from the first comb to the last: just what must be said, and nothing else. */
public class WholeRoutinesTest {
    private static final Product SHAMPOO = Product.of("shampoo", Role.CLEANSER, 0, 0, 0, 100);
    private static final Product CLARIFIER = Product.of("clarifier", Role.CLARIFIER, 0, 0, 0, 100);
    private static final Product CONDITIONER = Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100);
    private static final Product MASK = Product.of("mask", Role.MASK, 0, 8, 0, 100);
    private static final Product MOUSSE = Product.of("soft mousse", Role.MOUSSE, 3, 1, 30, 80);
    private static final Product GUARD = Product.of("heat mist", Role.HEAT_PROTECTANT, 0, 0, 0, 100);
    private static final Product LIGHT = Product.of("light gel", Role.GEL, 4, 1, 45, 98);
    private static final Product STRONG = Product.of("strong gel", Role.GEL, 9, 2, 60, 98);
    private static final Product GEL_CREAM = Product.of("gel-cream", Role.GEL, 5, 5, 50, 95);

    private static final Hair WAVY = Hair.of(Strand.FINE, Porosity.LOW, Pattern.WAVY_2B, Density.MEDIUM, 38);
    private static final Hair CURLY = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 40);
    private static final Hair COILY = Hair.of(Strand.COARSE, Porosity.LOW, Pattern.COILY_4B, Density.HIGH, 30);
    private static final Hair BLEACHED = Hair.of(Strand.FINE, Porosity.HIGH, Pattern.CURLY_3A, Density.LOW, 50)
            .withCondition(EnumSet.of(Condition.BLEACHED));

    private static StepBuilder on(Action action) {
        return Step.of(action);
    }

    private static Step done(Action action) {
        return Step.of(action).build();
    }

    private static StepBuilder put(Product product, Technique technique) {
        return Step.of(Action.APPLY).product(product).technique(technique);
    }

    private static Step detangled() {
        return on(Action.DETANGLE).from(DetangleFrom.ENDS).build();
    }

    private static Step with(Action action, Product product) {
        return on(action).product(product).build();
    }

    private static Step scrunched(int count) {
        return on(Action.SCRUNCH).count(count).build();
    }

    private static final List<Step> WASHED = List.of(
            with(Action.CLEANSE, SHAMPOO),
            on(Action.CONDITION).product(CONDITIONER).minutes(3.0).build(),
            detangled(),
            done(Action.RINSE));

    private static final Step GUARDED = put(GUARD, Technique.SPRAY).build();

    private static final List<Step> DIFFUSED = List.of(
            GUARDED,
            on(Action.HOVER).heat(Heat.HOT).speed(Speed.HIGH).untilDry(60.0).build(),
            on(Action.CUP)
                    .heat(Heat.WARM)
                    .speed(Speed.LOW)
                    .untilDry(100.0)
                    .position(List.of(Position.SIDE, Position.UPSIDE_DOWN))
                    .build(),
            on(Action.CUP).heat(Heat.COOL).minutes(2.0).build(),
            done(Action.BREAK_CAST));

    private static List<Step> all(Object... pieces) {
        List<Step> all = new ArrayList<>();
        for (Object piece : pieces) {
            if (piece instanceof Step step) {
                all.add(step);
            } else {
                ((List<?>) piece).forEach(step -> all.add((Step) step));
            }
        }
        return all;
    }

    /**
     * @param loud what must be warned of, and nothing else
     * @param quiet what may besides be noted, and nothing else
     */
    record Day(String name, Hair hair, Goal goal, Schools schools, Routine routine, String loud, String quiet) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Day day(String name, Hair hair, Goal goal, Schools schools, List<Step> steps) {
        return new Day(name, hair, goal, schools, Routine.of(steps), "", "");
    }

    private static Day saying(Day day, String loud, String quiet) {
        return new Day(day.name(), day.hair(), day.goal(), day.schools(), day.routine(), loud, quiet);
    }

    private static Schools school(String question, String side) {
        return Schools.DEFAULT.with(question, side);
    }

    private static final Goal VOLUME = new Goal(2, 3, 0, 1, 1, 1);
    private static final Goal DEFINED = new Goal(2, 1, 0, 1, 1, null);
    private static final Goal LASTING = new Goal(3, 0, 1, 3, 3, null);

    private static List<Day> onWaves() {
        return List.of(
                day(
                        "mousse on waves, clipped and cupped",
                        WAVY,
                        VOLUME,
                        null,
                        all(
                                with(Action.CLARIFY, CLARIFIER),
                                on(Action.CONDITION)
                                        .product(CONDITIONER)
                                        .minutes(2.0)
                                        .build(),
                                detangled(),
                                done(Action.SQUISH),
                                done(Action.RINSE),
                                on(Action.SQUEEZE).tool(Tool.TSHIRT).build(),
                                put(MOUSSE, Technique.PRAYING_HANDS).build(),
                                scrunched(15),
                                done(Action.SHAKE_ROOTS),
                                on(Action.PLOP).minutes(10.0).build(),
                                DIFFUSED,
                                done(Action.FLUFF))),
                day(
                        "gel on soaking hair, no cloth, upside down and shaken",
                        WAVY,
                        VOLUME,
                        school("fabric", "NO").with("gelOn", "SOAKING"),
                        all(
                                WASHED,
                                put(LIGHT, Technique.SCRUNCH)
                                        .position(List.of(Position.UPSIDE_DOWN))
                                        .build(),
                                on(Action.SCRUNCH)
                                        .count(15)
                                        .position(List.of(Position.UPSIDE_DOWN))
                                        .build(),
                                done(Action.SHAKE_ROOTS),
                                DIFFUSED,
                                done(Action.FLUFF))),
                day(
                        "cupped from the start by those who do",
                        WAVY,
                        VOLUME,
                        school("cup", "FROM_START"),
                        all(
                                WASHED,
                                on(Action.SQUEEZE).build(),
                                put(LIGHT, Technique.SCRUNCH).build(),
                                scrunched(12),
                                GUARDED,
                                on(Action.CUP)
                                        .heat(Heat.WARM)
                                        .speed(Speed.LOW)
                                        .untilDry(85.0)
                                        .build(),
                                on(Action.AIR).minutes(60.0).build(),
                                done(Action.FLUFF))));
    }

    private static List<Day> onCurls() {
        return List.of(
                day(
                        "brushed, the fringe down and rolled under",
                        CURLY,
                        new Goal(2, 2, 0, 1, 1, null),
                        null,
                        all(
                                WASHED,
                                on(Action.SQUEEZE).toWetness(88.0).build(),
                                put(Heads.CREAM, Technique.RAKE).build(),
                                put(Heads.GEL, Technique.RAKE).build(),
                                on(Action.BRUSH_STYLE)
                                        .zones(EnumSet.of(Zone.HAIRLINE))
                                        .brushDirection(BrushDirection.DOWN)
                                        .build(),
                                on(Action.BRUSH_STYLE)
                                        .zones(EnumSet.complementOf(EnumSet.of(Zone.HAIRLINE)))
                                        .brushDirection(BrushDirection.UP_AND_OUT)
                                        .sections(6)
                                        .build(),
                                done(Action.PRESS),
                                DIFFUSED)),
                day(
                        "oil between the rounds by those who do",
                        CURLY,
                        DEFINED,
                        school("oil", "BETWEEN"),
                        all(
                                WASHED,
                                put(Heads.LEAVE_IN, Technique.RAKE).build(),
                                on(Action.SQUEEZE).build(),
                                put(Heads.GEL, Technique.GLAZE).build(),
                                scrunched(3),
                                GUARDED,
                                on(Action.HOVER).heat(Heat.HOT).untilDry(65.0).build(),
                                put(Heads.OIL, Technique.DROPS).amountMl(.6).build(),
                                on(Action.CUP).heat(Heat.WARM).untilDry(100.0).build(),
                                on(Action.CUP).heat(Heat.COOL).minutes(2.0).build(),
                                done(Action.BREAK_CAST))));
    }

    private static List<Day> onCoils() {
        return List.of(
                day(
                        "shingled section by section, under the hood, then hours of air",
                        COILY,
                        LASTING,
                        null,
                        all(
                                put(CONDITIONER, Technique.SMOOTH).build(),
                                detangled(),
                                with(Action.CLEANSE, SHAMPOO),
                                done(Action.RINSE),
                                on(Action.MASK)
                                        .product(MASK)
                                        .minutes(25.0)
                                        .heatCap(true)
                                        .build(),
                                detangled(),
                                done(Action.RINSE),
                                on(Action.COVER).tool(Tool.TURBAN).build(),
                                on(Action.EACH_SECTION)
                                        .sections(16)
                                        .steps(List.of(
                                                on(Action.MIST).toWetness(80.0).build(),
                                                put(Heads.LEAVE_IN, Technique.SMOOTH)
                                                        .build(),
                                                put(GEL_CREAM, Technique.SMOOTH).build(),
                                                on(Action.SHINGLE).minutes(3.0).build()))
                                        .build(),
                                GUARDED,
                                on(Action.HOOD).heat(Heat.WARM).minutes(60.0).build(),
                                on(Action.AIR).untilDry(100.0).build(),
                                with(Action.BREAK_CAST, Heads.OIL),
                                on(Action.PICK).parts(EnumSet.of(Part.ROOTS)).build())),
                day(
                        "air first, then a warm dryer at the roots",
                        COILY,
                        LASTING,
                        school("dryTo", "AIR_THEN_DRYER"),
                        all(
                                WASHED,
                                on(Action.EACH_SECTION)
                                        .sections(12)
                                        .steps(List.of(
                                                on(Action.MIST).toWetness(80.0).build(),
                                                put(Heads.LEAVE_IN, Technique.SMOOTH)
                                                        .build(),
                                                put(GEL_CREAM, Technique.SMOOTH).build(),
                                                on(Action.COIL)
                                                        .extent(Extent.MID_TO_ENDS)
                                                        .minutes(2.0)
                                                        .build()))
                                        .build(),
                                on(Action.AIR).minutes(240.0).build(),
                                GUARDED,
                                on(Action.HOVER)
                                        .parts(EnumSet.of(Part.ROOTS))
                                        .heat(Heat.WARM)
                                        .tension(true)
                                        .untilDry(100.0)
                                        .build(),
                                on(Action.AIR).minutes(15.0).build(),
                                with(Action.BREAK_CAST, Heads.OIL))));
    }

    private static final Hair CHILD = Hair.of(Strand.FINE, Porosity.MEDIUM, Pattern.CURLY_3A, Density.LOW, 25);
    private static final Product JELLY = Product.of("thick jelly", Role.GEL, 7, 3, 45, 75);
    private static final Product PROTEIN = Product.of("protein", Role.PROTEIN, 0, 3, 0, 100);

    private static Day from(Day day, double wetness) {
        return new Day(
                day.name(),
                day.hair(),
                day.goal(),
                day.schools(),
                day.routine().startingAt(wetness),
                day.loud(),
                day.quiet());
    }

    private static List<Day> onOtherDays() {
        Day refreshed = day(
                "third day: the outside misted, the front coiled anew",
                CURLY,
                DEFINED,
                null,
                all(
                        done(Action.SHAKE_ROOTS),
                        on(Action.MIST)
                                .zones(EnumSet.of(Zone.CROWN, Zone.HAIRLINE))
                                .toWetness(30.0)
                                .build(),
                        put(LIGHT, Technique.SMOOTH)
                                .zones(EnumSet.of(Zone.CROWN, Zone.HAIRLINE))
                                .amountMl(1.0)
                                .build(),
                        on(Action.COIL)
                                .zones(EnumSet.of(Zone.HAIRLINE))
                                .minutes(3.0)
                                .build(),
                        on(Action.AIR).minutes(20.0).build()));
        Day overnight = day(
                "oiled overnight, protein in the morning, mousse alone on what bleach has left",
                BLEACHED,
                new Goal(2, 1, 0, 3, 1, null),
                null,
                all(
                        put(Heads.OIL, Technique.PAT)
                                .parts(EnumSet.of(Part.LENGTHS, Part.ENDS))
                                .build(),
                        on(Action.COVER_NIGHT).tool(Tool.CAP).build(),
                        with(Action.CLEANSE, SHAMPOO),
                        done(Action.RINSE),
                        on(Action.PROTEIN).product(PROTEIN).minutes(10.0).build(),
                        done(Action.RINSE),
                        on(Action.CONDITION).product(CONDITIONER).minutes(3.0).build(),
                        detangled(),
                        done(Action.RINSE),
                        put(Heads.LEAVE_IN, Technique.PRAYING_HANDS).build(),
                        on(Action.SQUEEZE).toWetness(65.0).build(),
                        put(MOUSSE, Technique.GLAZE).build(),
                        scrunched(3),
                        on(Action.MICROPLOP).tool(Tool.TSHIRT).build(),
                        GUARDED,
                        on(Action.CUP)
                                .heat(Heat.WARM)
                                .speed(Speed.LOW)
                                .untilDry(100.0)
                                .build(),
                        on(Action.CUP).heat(Heat.COOL).minutes(2.0).build()));
        Day child = day(
                "a child's, combed in the conditioner and left to the air",
                CHILD,
                new Goal(1, 0, 0, 3, 0, null),
                null,
                all(
                        with(Action.CONDITION, CONDITIONER),
                        detangled(),
                        done(Action.RINSE),
                        put(Heads.LEAVE_IN, Technique.RAKE).build(),
                        on(Action.AIR).untilDry(100.0).build()));
        Day night = day(
                "gathered and covered when the day is over",
                CURLY,
                LASTING,
                null,
                all(
                        WASHED,
                        on(Action.SQUEEZE).build(),
                        put(Heads.LEAVE_IN, Technique.RAKE).build(),
                        put(Heads.GEL, Technique.GLAZE).build(),
                        scrunched(3),
                        DIFFUSED,
                        done(Action.PIN_UP),
                        done(Action.COVER_NIGHT)));
        Day dripping = day(
                "thick jelly on soaking coils",
                COILY,
                LASTING,
                null,
                all(
                        WASHED,
                        put(Heads.LEAVE_IN, Technique.RAKE).sections(6).build(),
                        put(JELLY, Technique.GLAZE).sections(6).build(),
                        scrunched(2),
                        on(Action.AIR).untilDry(100.0).build()));
        Day many = day(
                "too many scrunches, and the dryer stopped early",
                WAVY,
                new Goal(1, 1, 0, 1, 0, null),
                null,
                all(
                        WASHED,
                        on(Action.SQUEEZE).toWetness(65.0).build(),
                        put(MOUSSE, Technique.SCRUNCH).count(10).build(),
                        scrunched(8),
                        GUARDED,
                        on(Action.CUP).heat(Heat.WARM).untilDry(90.0).build(),
                        scrunched(5)));
        return List.of(
                from(refreshed, 0),
                from(overnight, 0),
                child,
                night,
                saying(dripping, "W1", ""),
                saying(many, "", "D6"));
    }

    private static List<Day> faulty() {
        Day waves = day(
                "torn dry, rubbed, raked, scalded",
                BLEACHED,
                new Goal(2, 2, 0, 1, 1, 3),
                null,
                all(
                        on(Action.DETANGLE)
                                .tool(Tool.BRUSH)
                                .from(DetangleFrom.ROOTS)
                                .build(),
                        with(Action.CLEANSE, SHAMPOO),
                        done(Action.RINSE),
                        on(Action.SQUEEZE).tool(Tool.ROUGH_TOWEL).build(),
                        put(STRONG, Technique.RAKE).build(),
                        scrunched(20),
                        on(Action.CUP)
                                .heat(Heat.HOT)
                                .speed(Speed.HIGH)
                                .untilDry(80.0)
                                .build(),
                        done(Action.BREAK_CAST)));
        Day foam = day(
                "foam on dripping hair",
                WAVY,
                VOLUME,
                null,
                all(WASHED, put(MOUSSE, Technique.SCRUNCH).build(), scrunched(12), DIFFUSED));
        Day bare = day(
                "nothing to hold a style that is to last",
                COILY,
                LASTING,
                null,
                all(
                        WASHED,
                        put(Heads.CREAM, Technique.RAKE).build(),
                        on(Action.AIR).untilDry(100.0).build()));
        Day moved = day(
                "parted once it is dry",
                CURLY,
                DEFINED,
                null,
                all(
                        WASHED,
                        on(Action.SQUEEZE).build(),
                        put(Heads.LEAVE_IN, Technique.RAKE).build(),
                        put(Heads.GEL, Technique.GLAZE).build(),
                        DIFFUSED,
                        done(Action.SET_PART)));
        return List.of(
                saying(
                        new Day(
                                waves.name(),
                                waves.hair(),
                                waves.goal(),
                                null,
                                waves.routine().startingAt(0),
                                "",
                                ""),
                        "T7 T5 O4 D1 D4 D3",
                        "T2 D6"),
                saying(foam, "W1", ""),
                saying(bare, "O5", ""),
                saying(moved, "", "T9"));
    }

    @DataProvider
    public Object[][] days() {
        return Stream.of(onWaves(), onCurls(), onCoils(), onOtherDays(), faulty())
                .flatMap(List::stream)
                .map(day -> new Object[] {day})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "days")
    public void saysJustWhatAGoodStylistWould(Day day) {
        Wash wash = Wash.of(day.routine(), day.hair(), day.goal(), Air.of(22, 50), day.schools(), null);
        List<Finding> found = Checker.check(wash);
        assertEquals(ids(found, false), words(day.loud()), "warned: " + said(found));
        assertEquals(ids(found, true), words(day.quiet()), "noted: " + said(found));
    }

    /** What is meant is not only let be: every mend of what is not leaves fewer things to say. */
    @Test(dataProvider = "days")
    public void mendingOneByOneEndsInSilence(Day day) {
        Wash wash = Wash.of(day.routine(), day.hair(), day.goal(), Air.of(22, 50), day.schools(), null);
        for (int i = 0; i < 20; i++) {
            Finding next = Checker.check(wash).stream()
                    .filter(finding -> finding.severity() != Severity.NOTE && finding.mend() != null)
                    .findFirst()
                    .orElse(null);
            if (next == null) {
                break;
            }
            wash = wash.with(next.mend().routine());
        }
        List<Finding> left = Checker.check(wash).stream()
                .filter(finding -> finding.severity() != Severity.NOTE && finding.mend() != null)
                .toList();
        assertTrue(left.isEmpty(), "still: " + said(left));
    }

    private static Set<String> ids(List<Finding> found, boolean notes) {
        Set<String> ids = new TreeSet<>();
        found.stream()
                .filter(finding -> (finding.severity() == Severity.NOTE) == notes)
                .forEach(finding -> ids.add(finding.rule()));
        return ids;
    }

    private static Set<String> words(String text) {
        Set<String> words = new TreeSet<>(Arrays.asList(text.split(" ")));
        words.remove("");
        return words;
    }

    private static List<String> said(List<Finding> found) {
        return found.stream()
                .map(finding -> finding.rule() + " at " + finding.step() + ": " + finding.message())
                .toList();
    }
}
