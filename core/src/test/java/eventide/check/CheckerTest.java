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
import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.DetangleFrom;
import eventide.routine.Goal;
import eventide.routine.Heat;
import eventide.routine.Part;
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
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Small routines, each with the rules that must and must not speak. Sources: the trade's list of mistakes [CP]. */
public class CheckerTest {
    private static final Goal GOAL = new Goal(2, 1, 0, 1, 1, null);
    private static final Air ROOM = Air.of(22, 52);

    record Case(String name, Hair hair, Goal goal, Schools schools, Routine routine, String must, String mustNot) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static StepBuilder apply(Product product) {
        return Step.of(Action.APPLY).product(product).technique(Technique.GLAZE).minutes(3.0);
    }

    private static Step hover(double dry) {
        return Step.of(Action.HOVER).untilDry(dry).build();
    }

    private static Step cup(double dry) {
        return Step.of(Action.CUP).untilDry(dry).build();
    }

    private static Step of(Action action) {
        return Step.of(action).build();
    }

    private static Case curly(String name, String must, String mustNot, Step... steps) {
        return new Case(name, Heads.curly(), GOAL, null, Routine.of(steps), must, mustNot);
    }

    private static Case on(
            Hair hair, Goal goal, Schools schools, String name, String must, String mustNot, Step... steps) {
        return new Case(name, hair, goal, schools, Routine.of(steps), must, mustNot);
    }

    private static Schools school(Schools.GelOn gelOn, Schools.CupFrom cup, Schools.OilPlace oil) {
        return new Schools(null, gelOn, null, cup, null, null, oil, null, null, null, null, null, null);
    }

    @DataProvider
    Object[] cases() {
        Step wet = Step.of(Action.REWET).build();
        Step dampen = Step.of(Action.SQUEEZE).toWetness(40.0).build();
        Product butter = Product.of("butter", Role.CREAM, 0, 10, 30, 100);
        Goal soft = new Goal(1, 1, 0, 3, 1, null);
        Goal smooth = new Goal(3, 0, 0, 1, 1, 3);
        Product nutOil = OIL.withIngredients("Prunus Amygdalus Dulcis Oil, Tocopherol");
        Product jelly = Product.of("jelly", Role.GEL, 6, 1, 40, 70);
        Step brush = Step.of(Action.BRUSH_STYLE).sections(8).minutes(40.0).build();
        return new Object[] {
            // W1
            curly("gel on damp hair", "W1", "", wet, dampen, apply(GEL).build()),
            curly("gel on soaking hair", "", "W1", wet, apply(GEL).build()),
            curly("thick jelly on dripping hair", "W1", "", wet, apply(jelly).build()),
            curly(
                    "thick jelly after squeezing",
                    "",
                    "W1",
                    wet,
                    Step.of(Action.SQUEEZE).toWetness(65.0).build(),
                    apply(jelly).build()),
            curly(
                    "a mask never misses its water",
                    "",
                    "W1",
                    dampen,
                    Step.of(Action.MASK)
                            .product(Product.of("mask", Role.MASK, 0, 7, 80, 100))
                            .build(),
                    of(Action.RINSE)),
            on(
                    Heads.curly(),
                    GOAL,
                    school(Schools.GelOn.DAMP, null, null),
                    "gel on damp hair, by that school",
                    "",
                    "W1",
                    wet,
                    dampen,
                    apply(GEL).build()),
            curly(
                    "a little more gel between dryer rounds",
                    "",
                    "W1",
                    wet,
                    apply(GEL).build(),
                    hover(60),
                    apply(GEL).zones(Set.of(Zone.CROWN)).amountMl(.3).build(),
                    cup(100)),
            new Case(
                    "a misted refresh with a little gel",
                    Heads.curly(),
                    GOAL,
                    null,
                    Routine.of(
                                    Step.of(Action.MIST).build(),
                                    apply(GEL)
                                            .zones(Set.of(Zone.CROWN))
                                            .amountMl(1.0)
                                            .build())
                            .startingAt(0),
                    "",
                    "W1 A3"),
            curly("coiling on drying hair is a note", "W1", "", wet, dampen, of(Action.COIL)),
            // W2
            curly(
                    "loaded hair waits too long for the brush",
                    "W2",
                    "",
                    wet,
                    apply(GEL).build(),
                    Step.of(Action.WAIT).minutes(25.0).build(),
                    brush),
            curly(
                    "misted section by section it does not wait",
                    "",
                    "W2",
                    wet,
                    Step.of(Action.EACH_SECTION)
                            .sections(8)
                            .steps(List.of(
                                    Step.of(Action.MIST)
                                            .toWetness(85.0)
                                            .minutes(.2)
                                            .build(),
                                    apply(GEL).minutes(1.0).build(),
                                    Step.of(Action.BRUSH_STYLE).minutes(3.0).build()))
                            .build()),
            // O1
            curly(
                    "leave-in over gel",
                    "O1",
                    "",
                    wet,
                    apply(GEL).build(),
                    apply(LEAVE_IN).build()),
            curly(
                    "leave-in under gel",
                    "",
                    "O1",
                    wet,
                    apply(LEAVE_IN).build(),
                    apply(GEL).build()),
            curly(
                    "gel-cream over gel is gel",
                    "",
                    "O1",
                    wet,
                    apply(GEL).build(),
                    apply(Product.of("gel-cream", Role.GEL, 6, 6, 40, 100)).build()),
            curly(
                    "rinsed-out gel does not count",
                    "",
                    "O1",
                    wet,
                    apply(GEL).build(),
                    of(Action.RINSE),
                    apply(LEAVE_IN).build()),
            curly(
                    "each on its own zone",
                    "",
                    "O1",
                    wet,
                    apply(GEL).zones(Set.of(Zone.NAPE)).build(),
                    apply(LEAVE_IN).zones(Set.of(Zone.CROWN)).build()),
            // O2
            curly(
                    "oil over wet gel",
                    "O2",
                    "",
                    wet,
                    apply(GEL).build(),
                    apply(OIL).build(),
                    hover(100)),
            curly("oil under gel", "", "O2", wet, apply(OIL).build(), apply(GEL).build()),
            curly(
                    "oil on dry hair",
                    "",
                    "O2 W1",
                    wet,
                    apply(GEL).build(),
                    hover(57),
                    cup(100),
                    Step.of(Action.BREAK_CAST).product(OIL).build()),
            on(
                    Heads.curly(),
                    GOAL,
                    school(null, null, Schools.OilPlace.BETWEEN),
                    "oil between rounds, by that school",
                    "",
                    "O2",
                    wet,
                    apply(GEL).build(),
                    hover(70),
                    apply(OIL).amountMl(.2).build(),
                    cup(100)),
            // A1
            on(
                    Heads.fineWavy(),
                    GOAL,
                    null,
                    "butter on fine hair",
                    "A1",
                    "",
                    wet,
                    apply(butter).build()),
            on(
                    Heads.fineWavy(),
                    GOAL,
                    null,
                    "light gel on fine hair",
                    "",
                    "A1",
                    wet,
                    apply(SOFT_GEL).build()),
            on(
                    Heads.coarseCoily(),
                    GOAL,
                    null,
                    "butter on coarse hair",
                    "",
                    "A1",
                    wet,
                    apply(butter).build(),
                    apply(GEL).build()),
            on(
                    Heads.coarseCoily(),
                    soft,
                    null,
                    "three rich layers, softness first, coarse",
                    "",
                    "A1",
                    wet,
                    apply(LEAVE_IN).build(),
                    apply(butter).amountMl(40.0).build(),
                    apply(CREAM).amountMl(40.0).build()),
            // Two halves with two gels, as in a trial, are not two layers.
            curly(
                    "a rich gel-cream on one half only",
                    "",
                    "A1",
                    wet,
                    apply(LEAVE_IN).build(),
                    apply(GEL).half(eventide.routine.Half.LEFT).build(),
                    apply(Product.of("gel-cream", Role.GEL, 5, 7, 40, 100))
                            .half(eventide.routine.Half.RIGHT)
                            .build()),
            curly(
                    "leave-in, cream and gel on medium curls, oil to finish",
                    "",
                    "A1",
                    wet,
                    apply(LEAVE_IN).build(),
                    apply(CREAM).build(),
                    apply(GEL).build(),
                    hover(100),
                    Step.of(Action.BREAK_CAST).product(OIL).build()),
            new Case(
                    "a misted piece redefined by coil",
                    Heads.curly(),
                    GOAL,
                    null,
                    Routine.of(
                                    of(Action.MIST),
                                    Step.of(Action.COIL)
                                            .zones(Set.of(Zone.HAIRLINE))
                                            .build())
                            .startingAt(0),
                    "",
                    "W1"),
            // A3
            curly("two drops of gel", "A3", "", wet, apply(GEL).amountMl(.5).build()),
            curly("as advised", "", "A3", wet, apply(GEL).build()),
            curly(
                    "a full amount in ml",
                    "",
                    "A3",
                    wet,
                    apply(GEL).amountMl(11.0).build()),
            // T1
            curly(
                    "raking gel over coils",
                    "T1",
                    "",
                    wet,
                    apply(LEAVE_IN).build(),
                    of(Action.COIL),
                    apply(GEL).technique(Technique.RAKE).build()),
            curly(
                    "glazing gel over coils",
                    "",
                    "T1",
                    wet,
                    apply(LEAVE_IN).build(),
                    of(Action.COIL),
                    wet,
                    apply(GEL).build()),
            curly(
                    "raking gel before shaping",
                    "",
                    "T1",
                    wet,
                    apply(GEL).technique(Technique.RAKE).build(),
                    of(Action.COIL)),
            curly(
                    "dividing clumps on purpose",
                    "",
                    "T1",
                    wet,
                    apply(GEL).build(),
                    of(Action.COIL),
                    of(Action.DIVIDE_CLUMPS)),
            curly(
                    "detangling in the conditioner",
                    "",
                    "T1",
                    of(Action.CONDITION),
                    Step.of(Action.DETANGLE).from(DetangleFrom.ENDS).build(),
                    of(Action.RINSE),
                    apply(GEL).build()),
            // T2
            curly(
                    "ten scrunches on curls",
                    "T2",
                    "",
                    wet,
                    apply(GEL).build(),
                    Step.of(Action.SCRUNCH).count(10).build()),
            curly(
                    "three scrunches on curls",
                    "",
                    "T2",
                    wet,
                    apply(GEL).build(),
                    Step.of(Action.SCRUNCH).count(3).build()),
            on(
                    Heads.fineWavy(),
                    GOAL,
                    null,
                    "fifteen scrunches on waves",
                    "",
                    "T2",
                    wet,
                    apply(SOFT_GEL).build(),
                    Step.of(Action.SCRUNCH).count(15).build()),
            curly(
                    "two and two add up",
                    "T2",
                    "",
                    wet,
                    apply(GEL).technique(Technique.SCRUNCH).count(2).build(),
                    Step.of(Action.SCRUNCH).count(2).build()),
            on(
                    Heads.coarseCoily(),
                    smooth,
                    null,
                    "nine scrunches, tight hair, no frizz wanted",
                    "T2!",
                    "",
                    wet,
                    apply(GEL).build(),
                    Step.of(Action.SCRUNCH).count(9).build()),
            // D1
            curly("cup-diffusing wet gel", "D1", "", wet, apply(GEL).build(), cup(100)),
            curly("hover first", "", "D1", wet, apply(GEL).build(), hover(57), cup(100)),
            curly(
                    "a soft hold has no cast to guard",
                    "",
                    "D1",
                    wet,
                    apply(SOFT_GEL).build(),
                    cup(100)),
            on(
                    Heads.curly(),
                    GOAL,
                    school(null, Schools.CupFrom.FROM_START, null),
                    "cup from the start, by that school",
                    "",
                    "D1",
                    wet,
                    apply(GEL).build(),
                    cup(100)),
            curly(
                    "scrunching while it dries",
                    "D1",
                    "",
                    wet,
                    apply(GEL).build(),
                    hover(20),
                    Step.of(Action.SCRUNCH).count(2).build(),
                    hover(100)),
            curly(
                    "scrunching before it dries",
                    "",
                    "D1",
                    wet,
                    apply(GEL).build(),
                    Step.of(Action.SCRUNCH).count(2).build(),
                    hover(100)),
            curly(
                    "squeezing it by hand while it dries",
                    "D1",
                    "",
                    wet,
                    apply(GEL).build(),
                    hover(20),
                    Step.of(Action.SQUEEZE).tool(Tool.FINGERS).toWetness(60.0).build(),
                    hover(100)),
            curly(
                    "squeezing water out before it dries",
                    "",
                    "D1",
                    wet,
                    apply(GEL).build(),
                    Step.of(Action.SQUEEZE).tool(Tool.FINGERS).toWetness(75.0).build(),
                    hover(100)),
            // D3
            curly("breaking a damp cast", "D3", "", wet, apply(GEL).build(), hover(57), cup(75), of(Action.BREAK_CAST)),
            curly("breaking a dry cast", "", "D3", wet, apply(GEL).build(), hover(57), cup(100), of(Action.BREAK_CAST)),
            curly("a pick on wet hair frees stuck layers", "", "D3!", wet, of(Action.PICK)),
            curly(
                    "roots lifted while the dryer finishes them",
                    "",
                    "D3!",
                    wet,
                    apply(GEL).build(),
                    hover(57),
                    Step.of(Action.CUP)
                            .untilDry(97.0)
                            .parts(Set.of(Part.LENGTHS, Part.ENDS))
                            .build(),
                    of(Action.PICK),
                    Step.of(Action.CUP)
                            .parts(Set.of(Part.ROOTS))
                            .untilDry(100.0)
                            .build()),
            // S1, S2
            on(
                    Heads.curly().withAllergies(List.of("almond")),
                    GOAL,
                    null,
                    "almond on the label by its botanical name",
                    "S1!",
                    "",
                    apply(nutOil).build()),
            on(
                    Heads.curly().withAllergies(List.of("nuts")),
                    GOAL,
                    null,
                    "a nut allergy and almond oil",
                    "S1!",
                    "",
                    apply(nutOil).build()),
            on(
                    Heads.curly().withAllergies(List.of("nut")),
                    GOAL,
                    null,
                    "nutmeg is no nut",
                    "",
                    "S1",
                    apply(GEL.withIngredients("Aqua, Nutmeg Extract, Nutrient Complex"))
                            .build()),
            on(Heads.curly().withScalp(Set.of(Scalp.SORES)), GOAL, null, "sores", "S2!", "", of(Action.RINSE)),
            on(
                    Heads.curly().withScalp(Set.of(Scalp.FLAKING, Scalp.ITCHY)),
                    GOAL,
                    null,
                    "flaking is no stop",
                    "",
                    "S2",
                    of(Action.RINSE)),
        };
    }

    @Test(dataProvider = "cases")
    public void speaksWhereItMust(Case row) {
        List<Finding> findings = Checker.check(wash(row));
        Set<String> rules = new TreeSet<>();
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

    private static Wash wash(Case row) {
        return Wash.of(row.routine(), row.hair(), row.goal(), ROOM, row.schools(), null);
    }

    @Test(dataProvider = "cases")
    public void aMendIsOfferedWhereTheTradeHasOneAndItWorks(Case row) {
        Wash wash = wash(row);
        for (Finding finding : Checker.check(wash)) {
            if (finding.mend() == null) {
                continue;
            }
            List<Finding> after = Checker.check(wash.with(finding.mend().routine()));
            long before = Checker.check(wash).stream()
                    .filter(f -> f.rule().equals(finding.rule()))
                    .count();
            assertTrue(
                    after.stream().filter(f -> f.rule().equals(finding.rule())).count() < before,
                    finding.rule() + ": " + finding.mend().label());
        }
    }

    @Test
    public void everyAllergyOfALabelIsNamed() {
        Hair hair = Heads.curly().withAllergies(List.of("linalool", "almonds", "soy"));
        Product oil = OIL.withIngredients("Prunus Amygdalus Dulcis Oil, Linalool");
        Wash wash = Wash.of(Routine.of(apply(oil).build()), hair, GOAL, ROOM, null, null);
        assertEquals(
                Checker.check(wash).get(0).message(),
                oil.name()
                        + " names linalool and Prunus Amygdalus Dulcis Oil (almonds), which this client is known to react to.");
    }

    @Test
    public void aMendMayLeaveNoMoreThanANoteOfItsRule() {
        Product foam = Product.of("foam", Role.MOUSSE, 3, 0, 35, 75);
        Step hairline =
                Step.of(Action.COIL).zones(Set.of(Zone.HAIRLINE)).minutes(4.0).build();
        Routine routine = Routine.of(
                of(Action.REWET),
                Step.of(Action.SQUEEZE).toWetness(85.0).build(),
                apply(foam).zones(Set.of(Zone.HAIRLINE)).build(),
                hairline);
        Wash wash = Wash.of(routine, Heads.curly(), GOAL, ROOM, null, null);
        Finding tooWet = Checker.check(wash).stream()
                .filter(f -> f.rule().equals("W1"))
                .findFirst()
                .orElseThrow();
        List<Finding> after = Checker.plainly(wash.with(tooWet.mend().routine()));
        assertTrue(after.stream().anyMatch(f -> f.rule().equals("W1")), "the coil now meets drier hair");
        assertTrue(after.stream().allMatch(f -> !f.rule().equals("W1") || f.severity() == Severity.NOTE));
    }

    @Test
    public void noMendLeavesAWorseRoutine() {
        Random random = new Random(11);
        int mends = 0;
        for (int i = 0; i < 300; i++) {
            Wash wash = Wash.of(Heads.randomRoutine(random), Heads.random(random), GOAL, ROOM, null, null);
            List<Finding> findings = Checker.check(wash);
            long warned =
                    findings.stream().filter(f -> f.severity() != Severity.NOTE).count();
            for (Finding finding : findings) {
                if (finding.mend() != null) {
                    mends++;
                    long now = Checker.check(wash.with(finding.mend().routine())).stream()
                            .filter(f -> f.severity() != Severity.NOTE)
                            .count();
                    assertTrue(now <= warned, finding.rule() + " mended: " + now + " warnings after " + warned);
                }
            }
        }
        assertTrue(mends > 50, "only " + mends + " mends were tried");
    }

    /** What one mend makes necessary is offered with it, two faults of one step together, and one fault wherever it is. */
    @Test
    public void aMendTakesAlongWhatItMakesNecessary() {
        Product moist = Product.of("own cream", Role.CREAM, 1, 7, 50, 95);
        Product strong = Product.of("own gel", Role.GEL, 8, 1, 60, 95);
        Step hot = Step.of(Action.CUP).heat(Heat.HOT).untilDry(70.0).build();
        Routine routine = Routine.of(List.of(
                Step.of(Action.CLEANSE).build(),
                Step.of(Action.DETANGLE).from(DetangleFrom.ROOTS).build(),
                Step.of(Action.RINSE).build(),
                Step.of(Action.SQUEEZE).toWetness(40.0).build(),
                apply(moist).build(),
                apply(strong).build(),
                hot,
                hot.but().untilDry(100.0).build()));
        Wash wash = Wash.of(routine, Heads.curly(), GOAL, ROOM, null, null);
        Map<String, String> offered = new TreeMap<>();
        for (Finding finding : Checker.check(wash)) {
            if (finding.severity() != Severity.NOTE) {
                assertTrue(finding.mend() != null, finding.message() + " offers no mend");
                offered.putIfAbsent(finding.rule(), finding.mend().label());
            }
        }
        assertEquals(offered.get("T7"), "Start at the ends, then in conditioner");
        assertEquals(offered.get("W1"), "Mist it to 77 % first, then hover until the cast sets");
        assertEquals(offered.get("D4"), "Warm instead");
    }

    /** Of warnings on routines nobody would do, nearly every one can still be mended at a tap. */
    @Test
    public void nearlyEveryWarningCanBeMended() {
        Random random = new Random(12);
        int warned = 0;
        int mended = 0;
        for (int i = 0; i < 200; i++) {
            Wash wash = Wash.of(Heads.randomRoutine(random), Heads.random(random), GOAL, ROOM, null, null);
            for (Finding finding : Checker.check(wash)) {
                if (finding.severity() == Severity.WARN) {
                    warned++;
                    mended += finding.mend() == null ? 0 : 1;
                }
            }
        }
        assertTrue(warned > 100 && mended >= .95 * warned, mended + " of " + warned + " warnings can be mended");
    }

    @Test
    public void everyWarningOfTheTableOffersItsMend() {
        List<String> without = new ArrayList<>();
        for (Object row : cases()) {
            Case one = (Case) row;
            for (Finding finding : Checker.check(wash(one))) {
                boolean asked = words(one.must()).stream()
                        .anyMatch(r -> r.replace("!", "").equals(finding.rule()));
                if (asked && finding.mend() == null && !finding.rule().equals("S2")) {
                    without.add(one.name() + " " + finding.rule());
                }
            }
        }
        assertEquals(String.join("; ", without), "");
    }
}
