package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.air.Outdoors;
import eventide.check.Severity;
import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.NightCare;
import eventide.routine.OwnedTool;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Changed;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a plan must be for the heads the trade is sure of, and never be for any. */
public class PlannerTest {
    private static final Air ROOM = Air.of(22, 52);
    private static final Goal ROUND = new Goal(2, 2, 0, 2, 2, null);
    private static final Product BUTTER = Product.of("butter", Role.CREAM, 1, 9, 45, 98);
    private static final Product FIRM = Product.of("firm gel", Role.GEL, 8, 2, 55, 98);
    private static final Product LIGHT = Product.of("light gel", Role.GEL, 4, 1, 55, 98);
    private static final Product FOAM = Product.of("foam", Role.MOUSSE, 4, 1, 35, 80);
    private static final List<Product> SHELF = List.of(
            Product.of("light leave-in", Role.LEAVE_IN, 0, 2, 45, 100),
            Product.of("milk", Role.LEAVE_IN, 1, 5, 45, 100),
            Product.of("cream", Role.CREAM, 2, 6, 45, 98),
            BUTTER,
            FIRM,
            LIGHT,
            FOAM,
            Product.of("oil", Role.OIL, 0, 7, 0, 100),
            Product.of("cleanser", Role.CLEANSER, 0, 2, 0, 100),
            Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100));

    private static Suggestions plan(Hair hair, Goal goal, Limits limits, List<Product> shelf, Schools schools) {
        return Planner.suggest(new Query(hair, goal, ROOM, schools, limits, shelf));
    }

    private static Suggestion best(Hair hair, Goal goal) {
        return plan(hair, goal, Limits.ofMinutes(300), SHELF, null)
                .suggestions()
                .get(0);
    }

    private static List<Role> worn(Routine routine) {
        List<Role> roles = new ArrayList<>();
        for (StepPlace place : routine.places()) {
            Step step = routine.at(place);
            if (step.worn() != null && !step.washes()) {
                roles.add(step.worn().role());
            }
        }
        return roles;
    }

    private static double hold(Routine routine) {
        return routine.places().stream()
                .map(routine::at)
                .filter(Step::holds)
                .mapToDouble(step -> step.worn().hold())
                .max()
                .orElse(0);
    }

    @Test
    public void fineWavyGetsNoCreamAndALightHold() {
        Suggestion suggestion = best(Heads.fineWavy(), ROUND);
        assertFalse(
                worn(suggestion.routine()).contains(Role.CREAM),
                worn(suggestion.routine()).toString());
        assertTrue(
                hold(suggestion.routine()) > 0 && hold(suggestion.routine()) < 8, "hold " + hold(suggestion.routine()));
    }

    @Test
    public void coarseCoilyGetsARichLayerAndAStrongGel() {
        Suggestion suggestion = best(Heads.coarseCoily(), ROUND);
        List<Role> worn = worn(suggestion.routine());
        assertTrue(worn.contains(Role.CREAM) || worn.contains(Role.LEAVE_IN), worn.toString());
        assertEquals(hold(suggestion.routine()), 8.0, worn.toString());
    }

    @Test
    public void mediumCurlyIsLayeredLightestUnderHold() {
        Suggestion suggestion = best(Heads.curly(), ROUND);
        List<Role> worn = worn(suggestion.routine());
        assertTrue(worn.contains(Role.LEAVE_IN) || worn.contains(Role.CREAM), worn.toString());
        assertTrue(worn.contains(Role.GEL) || worn.contains(Role.MOUSSE), worn.toString());
        assertTrue(worn.indexOf(Role.LEAVE_IN) < worn.indexOf(Role.GEL), worn.toString());
    }

    @Test
    public void amountsAreSaidToTheTenthOfAMillilitre() {
        java.util.Random random = new java.util.Random(17);
        int said = 0;
        for (int i = 0; i < 25; i++) {
            Query query = RandomShelf.query(random, RandomShelf.of(random, 3), null);
            for (Suggestion plan : Planner.suggest(query).suggestions()) {
                for (StepPlace place : plan.routine().places()) {
                    Double ml = plan.routine().at(place).amountMl();
                    said += ml == null ? 0 : 1;
                    assertTrue(ml == null || ml == Math.round(ml * 10) / 10.0, "ml " + ml);
                }
            }
        }
        assertTrue(said > 0, "some go on thinner than advised");
    }

    /** By itself on fine hair, else with the gel there is; by itself too where there is none [CP]. */
    @Test
    public void hairThatGoesOutWetIsSaidTo() {
        Random random = new Random(23);
        int wet = 0;
        for (int i = 0; i < 12; i++) {
            Query query = RandomShelf.query(random, RandomShelf.of(random, 3), null);
            for (Suggestion plan : Planner.suggest(query).suggestions()) {
                boolean said =
                        plan.why().stream().anyMatch(reason -> reason.text().startsWith("Goes out "));
                List<Double> lengths = plan.tide().lengths();
                List<Double> roots = plan.tide().roots();
                double left = Math.max(lengths.get(lengths.size() - 1), roots.get(roots.size() - 1));
                // Around the limit itself, the last minute's tenth may fall to either side.
                assertTrue(said || left < 8.2, left + " left, and " + plan.why());
                assertTrue(!said || left > 7.8, left + " left, and " + plan.why());
                wet += said ? 1 : 0;
            }
        }
        assertTrue(wet > 3, wet + " went out wet");
    }

    @Test
    public void mousseStandsAloneWhereTheTradeLetsIt() {
        Goal volume = new Goal(0, 3, 0, 1, 1, 0);
        for (Hair hair : List.of(Heads.curly(), Heads.coarseCoily(), Heads.fineWavy())) {
            for (Suggestion plan :
                    plan(hair, volume, Limits.ofMinutes(300), SHELF, null).suggestions()) {
                List<Role> worn = worn(plan.routine());
                boolean fine = hair.strand() == eventide.hair.Strand.FINE;
                assertTrue(!worn.contains(Role.MOUSSE) || worn.contains(Role.GEL) != fine, hair.strand() + ": " + worn);
            }
        }
        List<Role> foamOnly = worn(plan(Heads.curly(), volume, Limits.ofMinutes(300), List.of(FOAM), null)
                .suggestions()
                .get(0)
                .routine());
        assertEquals(foamOnly, List.of(Role.MOUSSE));
    }

    @Test
    public void oneHeadAsFineAndAsCoarseDiffersAsTheTradeSays() {
        Hair fine = Heads.curly();
        Hair asFine = Hair.of(eventide.hair.Strand.FINE, fine.porosity(), fine.pattern(), fine.density(), 35);
        Hair asCoarse = Hair.of(eventide.hair.Strand.COARSE, fine.porosity(), fine.pattern(), fine.density(), 35);
        assertTrue(hold(best(asFine, ROUND).routine())
                <= hold(best(asCoarse, ROUND).routine()));
        assertFalse(worn(best(asFine, ROUND).routine()).contains(Role.CREAM));
    }

    @DataProvider
    public Object[][] nights() {
        return new Object[][] {
            {"days do not matter", 0, 35.0, null},
            {"a few days", 1, 35.0, NightCare.SATIN},
            {"days above all", 3, 35.0, NightCare.PINEAPPLE},
            {"too short to gather", 3, 15.0, NightCare.SATIN},
        };
    }

    /** Nights are kept as far as the days are wanted and the hair is long enough; what it brings is said. */
    @Test(dataProvider = "nights")
    public void nightsAreKeptForTheDaysWanted(String name, int longevity, double lengthCm, NightCare expected) {
        Hair hair = Changed.with(Heads.curly(), "lengthCm", lengthCm);
        Suggestion best = best(hair, new Goal(2, 1, 0, 1, longevity, null));
        assertEquals(best.routine().nightCare(), expected, name);
        assertEquals(best.why().stream().anyMatch(reason -> reason.text().startsWith("Nights: ")), expected != null);
    }

    private static boolean does(Hair hair, Goal goal, Set<OwnedTool> tools, Action action) {
        Limits limits = new Limits(240.0, null, tools, null, null);
        return plan(hair, goal, limits, SHELF, null).suggestions().get(0).routine().steps().stream()
                .anyMatch(step -> step.action() == action);
    }

    private static final Set<OwnedTool> ALL_TOOLS = EnumSet.allOf(OwnedTool.class);

    @Test
    public void rootsArePickedForVolumeAndStretchedForLength() {
        Goal volume = new Goal(1, 3, 0, 1, 1, null);
        Goal length = new Goal(1, 1, 3, 1, 1, null);
        assertTrue(does(Heads.curly(), volume, ALL_TOOLS, Action.PICK));
        assertTrue(does(Heads.coarseCoily(), length, ALL_TOOLS, Action.STRETCH), "coils shrink");
        assertFalse(does(Heads.coarseCoily(), volume, ALL_TOOLS, Action.STRETCH), "nobody asked for length");
        assertFalse(does(Heads.fineWavy(), length, ALL_TOOLS, Action.STRETCH), "waves have little to stretch");
        Set<OwnedTool> bare = EnumSet.of(OwnedTool.DIFFUSER);
        assertFalse(does(Heads.curly(), volume, bare, Action.PICK), "no pick here");
        assertFalse(does(Heads.coarseCoily(), length, bare, Action.STRETCH), "no cool air here");
    }

    /** Warm and humid: drop the cream; dry and cold: cream under gel [CP]. */
    @Test
    public void humidAirTakesTheRichLayerAwayAndColdDryAirLeavesIt() {
        Air humid = new Air(24.0, 55.0, new Outdoors(30.0, 75.0));
        Air cold = new Air(20.0, 25.0, new Outdoors(-5.0, 60.0));
        assertTrue(rich(cold) > 0, "cream under gel");
        assertTrue(rich(humid) < rich(cold), rich(humid) + " where it is humid, " + rich(cold) + " where it is dry");
    }

    /** Points of richness that the creams of a plan leave. */
    private static double rich(Air air) {
        List<Product> shelf = List.of(BUTTER, FIRM);
        Query query = new Query(Heads.curly(), ROUND, air, null, Limits.ofMinutes(240), shelf);
        return Planner.suggest(query).suggestions().get(0).amounts().stream()
                .filter(amount -> amount.product().role() == Role.CREAM)
                .mapToDouble(amount -> amount.product().richness() * amount.ml())
                .sum();
    }

    @Test
    public void suggestionsDifferAreNamedAndCarryReasons() {
        for (Hair hair : List.of(Heads.fineWavy(), Heads.curly(), Heads.coarseCoily())) {
            List<Suggestion> suggestions =
                    plan(hair, ROUND, Limits.ofMinutes(300), SHELF, null).suggestions();
            assertTrue(suggestions.size() >= 2 && suggestions.size() <= 3, suggestions.size() + " suggestions");
            assertEquals(suggestions.stream().map(Suggestion::name).distinct().count(), suggestions.size());
            assertEquals(
                    suggestions.stream().map(Suggestion::routine).distinct().count(), suggestions.size());
            assertTrue(
                    suggestions.get(0).why().size() >= 4,
                    suggestions.get(0).why().toString());
        }
    }

    @Test
    public void noSuggestionBreaksALimitOrStops() {
        Random random = new Random(31);
        int planned = 0;
        for (int i = 0; i < 15; i++) {
            Hair hair = Heads.random(random);
            Limits limits = new Limits(
                    60.0 + random.nextInt(200),
                    null,
                    random.nextBoolean() ? null : Set.of(OwnedTool.TSHIRT),
                    null,
                    null);
            for (Suggestion suggestion : plan(hair, ROUND, limits, SHELF, null).suggestions()) {
                planned++;
                assertTrue(suggestion.minutes() <= limits.minutes(), "minutes " + suggestion.minutes());
                assertTrue(suggestion.findings().stream().noneMatch(f -> f.severity() == Severity.STOP));
                if (limits.tools() != null) {
                    assertTrue(suggestion.routine().steps().stream()
                            .noneMatch(s -> s.action().isDryer() || s.action() == Action.CLIP_ROOTS));
                }
            }
        }
        assertTrue(planned > 40, planned + " planned");
    }

    @Test
    public void suggestionsForOrdinaryHeadsRaiseNoWarning() {
        for (Hair hair : List.of(Heads.fineWavy(), Heads.curly(), Heads.coarseCoily())) {
            for (Suggestion suggestion :
                    plan(hair, ROUND, Limits.ofMinutes(300), SHELF, null).suggestions()) {
                assertEquals(
                        suggestion.findings().stream()
                                .filter(f -> f.severity() != Severity.NOTE)
                                .map(f -> f.message())
                                .toList(),
                        List.of(),
                        suggestion.name());
            }
        }
    }

    @Test
    public void allergiesListsAndStockKeepProductsOut() {
        Product nutty = FIRM.withIngredients("Aqua, Prunus Amygdalus Dulcis Oil");
        Product silicone = LIGHT.withIngredients("Aqua, Dimethicone");
        Schools strict = Heads.keeping(Schools.IngredientRule.STRICT);
        Suggestions suggestions = plan(
                Heads.curly().withAllergies(List.of("almond")),
                ROUND,
                Limits.ofMinutes(300),
                List.of(nutty, silicone, FOAM),
                strict);
        assertEquals(suggestions.refused().size(), 2, suggestions.refused().toString());
        for (Suggestion suggestion : suggestions.suggestions()) {
            assertTrue(suggestion.routine().places().stream()
                    .map(suggestion.routine()::at)
                    .noneMatch(s -> s.worn() == nutty || s.worn() == silicone));
        }
    }

    @Test
    public void aStoppedScalpGetsNoPlanButAReason() {
        Suggestions suggestions = plan(Heads.curly().withScalp(Set.of(Scalp.SORES)), ROUND, null, SHELF, null);
        assertEquals(suggestions.suggestions(), List.of());
        assertNotNull(suggestions.nothing());
    }

    @Test
    public void tooLittleTimeGetsNoPlanButAReason() {
        Suggestions suggestions = plan(Heads.coarseCoily(), ROUND, Limits.ofMinutes(5), SHELF, null);
        assertEquals(suggestions.suggestions(), List.of());
        assertTrue(suggestions.nothing().contains("minutes"), suggestions.nothing());
    }

    @Test
    public void anEmptyShelfStillGetsAnAnswer() {
        assertNotNull(plan(Heads.curly(), ROUND, Limits.ofMinutes(300), List.of(), null));
    }

    @Test
    public void theSchoolsHandsAndFabricAreKept() {
        Schools schools = new Schools(
                null,
                null,
                Schools.YesNo.NO,
                null,
                null,
                null,
                null,
                null,
                Schools.DryTo.AIR,
                null,
                null,
                null,
                Schools.Hands.COIL);
        for (Suggestion suggestion : plan(Heads.curly(), ROUND, Limits.ofMinutes(600), SHELF, schools)
                .suggestions()) {
            List<Action> actions = suggestion.routine().places().stream()
                    .map(p -> suggestion.routine().at(p).action())
                    .toList();
            assertFalse(actions.contains(Action.MICROPLOP) || actions.contains(Action.CUP), actions.toString());
        }
    }

    private static List<Step> washing(Scalp seen, List<Product> shelf) {
        return washing(Heads.curly(), seen, shelf);
    }

    private static List<Step> washing(Hair hair, Scalp seen, List<Product> shelf) {
        Suggestion best = plan(hair.withScalp(Set.of(seen)), ROUND, Limits.ofMinutes(300), shelf, null)
                .suggestions()
                .get(0);
        String why = best.why().stream().map(Reason::text).collect(Collectors.joining(" "));
        assertTrue(why.toLowerCase(Locale.ROOT).contains("scalp"), "and says why: " + why);
        return best.routine().places().stream().map(best.routine()::at).toList();
    }

    @Test
    public void whatTheScalpShowsChangesTheWash() {
        Product plain =
                Product.of("plain wash", Role.CLEANSER, 0, 3, 0, 100).withIngredients("Aqua, Sodium Laureth Sulfate");
        Product mild = Product.of("mild wash", Role.CLEANSER, 0, 8, 0, 100).withIngredients("Aqua, Coco-Glucoside");
        Product medicated = new Product(
                null, "scalp wash", Role.CLEANSER, 0.0, 9.0, 0.0, 100.0, null, null, null, null, null, null, 5.0, null);
        List<Product> shelf = List.of(plain, mild, medicated, LIGHT, FOAM);
        assertTrue(washing(Scalp.FLAKING, shelf).stream().anyMatch(s -> s.product() == medicated));
        assertTrue(washing(Scalp.ITCHY, shelf).stream().anyMatch(s -> s.product() == medicated));
        assertEquals(
                washing(Scalp.OILY, shelf).stream()
                        .filter(s -> s.action() == Action.CLEANSE)
                        .count(),
                2);
        assertTrue(washing(Scalp.DRY, shelf).stream().anyMatch(s -> s.product() == mild));
        Product clarifier = Product.of("clarifier", Role.CLARIFIER, 0, 0, 0, 100);
        List<Product> clarified = List.of(plain, medicated, clarifier, LIGHT, FOAM);
        Hair builtUp = Changed.with(Heads.curly(), "buildUp", true);
        assertEquals(
                washing(builtUp, Scalp.FLAKING, clarified).stream()
                        .map(Step::product)
                        .filter(product -> product == clarifier || product == medicated || product == plain)
                        .toList(),
                List.of(clarifier, medicated));
        assertTrue(
                washing(Scalp.OILY, List.of(clarifier, LIGHT, FOAM)).stream().anyMatch(s -> s.product() == clarifier),
                "not left unwashed where only a clarifier would do it");
        assertTrue(washing(Scalp.OILY, shelf).stream()
                .filter(s -> s.action() == Action.APPLY && s.worn().role().holds())
                .allMatch(s -> s.parts() != null && !s.parts().contains(Part.ROOTS)));
    }
}
