package eventide.shape;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.Heads;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.routine.Schools;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What every value goes through on its way in, and how one is copied with one thing otherwise. */
public class ShapeTest {
    private static final ZoneReadings THINNER = new ZoneReadings(null, null, null, Density.LOW, null, null);

    @DataProvider
    public Object[][] lengths() {
        return new Object[][] {
            {0.5, null},
            {200.0, null},
            {35.0, null},
            {0.4999, "lengthCm must be from 0.5 to 200 cm, but was 0.4999"},
            {200.0001, "lengthCm must be from 0.5 to 200 cm, but was 200.0001"},
            {-3.0, "lengthCm must be from 0.5 to 200 cm, but was -3"},
            {Double.NaN, "lengthCm must be from 0.5 to 200 cm, but was NaN"},
            {Double.POSITIVE_INFINITY, "lengthCm must be from 0.5 to 200 cm, but was Infinity"},
            {1e300, "lengthCm must be from 0.5 to 200 cm, but was 1.0E300"},
            {null, "lengthCm must be given"},
        };
    }

    @Test(dataProvider = "lengths")
    public void bothEndsAreInAndNothingBeyond(Double lengthCm, String refused) {
        Hair head = Heads.curly();
        if (refused == null) {
            assertEquals(Changed.with(head, "lengthCm", lengthCm).lengthCm(), lengthCm);
            return;
        }
        InvalidException said = expectThrows(InvalidException.class, () -> Changed.with(head, "lengthCm", lengthCm));
        assertEquals(said.faults(), List.of(new Fault("/lengthCm", refused)));
    }

    @Test
    public void allFaultsAreSaidAtOnce() {
        InvalidException said = expectThrows(
                InvalidException.class,
                () -> new Product(
                        null, " ", null, 11.0, -1.0, 80.0, 60.0, null, null, null, 0.0, null, null, null, null));
        List<String> where = said.faults().stream().map(Fault::pointer).toList();
        assertEquals(where, List.of("/name", "/role", "/hold", "/richness", "/sizeMl", "/windowLow"));
        assertTrue(said.getMessage().contains("; /role: role must be given; "), said.getMessage());
    }

    @Test
    public void aFaultIsPointedToFromOutside() {
        Fault deep = new Fault("", "no").under("a/b").under("c~d");
        assertEquals(deep.pointer(), "/c~0d/a~1b", "RFC 6901 escapes");
    }

    @DataProvider
    public Object[][] heads() {
        return new Object[][] {
            {"zones", Map.of(Zone.CROWN, THINNER)},
            {"scalp", Set.of(Scalp.values()[0])},
            {"buildUp", true},
            {"daysSinceWash", 4.0},
            {"newClient", true},
            {"allergies", List.of("linalool")},
            {"density", Density.HIGH},
        };
    }

    /** Whatever is changed, only that is. */
    @Test(dataProvider = "heads")
    public void onlyOneThingIsOtherwise(String name, Object value) {
        Random random = new Random(name.hashCode());
        for (int i = 0; i < 50; i++) {
            Hair head = Heads.random(random).withAllergies(List.of("glycerin"));
            Hair other = Changed.with(head, name, value);
            for (RecordComponent component : Hair.class.getRecordComponents()) {
                Object expected = component.getName().equals(name) ? value : Changed.value(head, component.getName());
                assertEquals(Changed.value(other, component.getName()), expected, component.getName());
            }
        }
    }

    @Test
    public void noSuchThingIsSaid() {
        assertThrows(IllegalArgumentException.class, () -> Changed.with(Heads.curly(), "colour", "red"));
        assertThrows(IllegalArgumentException.class, () -> Changed.value(Heads.curly(), "colour"));
        assertThrows(IllegalArgumentException.class, () -> Schools.DEFAULT.with("colour", null));
        assertThrows(IllegalArgumentException.class, () -> Schools.DEFAULT.with("gelOn", "DRENCHED"));
        assertThrows(IllegalArgumentException.class, () -> Schools.DEFAULT.side("colour"));
    }

    @Test
    public void aWordOfTheWrongKindIsRefused() {
        assertThrows(RuntimeException.class, () -> Changed.with(Heads.curly(), "density", "HIGH"));
        assertThrows(InvalidException.class, () -> Changed.with(new Goal(1, 1, 1, 1, 1, null), "volume", 9));
    }

    @Test
    public void schoolsAreChangedByName() {
        for (RecordComponent question : Schools.class.getRecordComponents()) {
            for (Object side : question.getType().getEnumConstants()) {
                String word = ((Enum<?>) side).name();
                Schools taken = Schools.DEFAULT.with(question.getName(), word);
                assertEquals(taken.side(question.getName()), word);
                assertEquals(taken.with(question.getName(), null), Schools.DEFAULT);
            }
        }
    }

    @Test
    public void limitsAreLiftedOneByOne() {
        Limits tight = new Limits(45.0, 30.0, Set.of(OwnedTool.DIFFUSER), 40.0, 300.0);
        assertNull(Changed.with(tight, "mustBeDryBy", null).mustBeDryBy());
        assertNotNull(Changed.with(tight, "mustBeDryBy", null).chairMinutes());
        assertThrows(InvalidException.class, () -> Changed.with(tight, "minutes", null));
    }

    @Test
    public void whatIsHandedInMayChangeAfterwards() {
        List<String> words = new ArrayList<>(List.of("linalool"));
        Map<Zone, ZoneReadings> zones = new EnumMap<>(Zone.class);
        Hair head = Heads.curly().withAllergies(words).withZones(zones);
        words.add("limonene");
        zones.put(Zone.NAPE, THINNER);
        assertEquals(head.allergies(), List.of("linalool"));
        assertEquals(head.zones(), Map.of());
        assertThrows(UnsupportedOperationException.class, () -> head.allergies().add("x"));
    }

    @Test
    public void wordsKeepTheirOrder() {
        Set<Zone> shuffled = Frozen.set(List.of(Zone.NAPE, Zone.CROWN, Zone.BACK));
        List<Zone> order = new ArrayList<>(List.of(Zone.NAPE, Zone.CROWN, Zone.BACK));
        order.sort(null);
        assertEquals(new ArrayList<>(shuffled), order);
        assertEquals(Frozen.set(List.<Zone>of()), Set.of());
        assertNull(Frozen.set(null));
        assertNull(Frozen.list(null));
    }

    @Test
    public void aBottleIsChangedWithoutTouchingTheRest() {
        Product gel = Product.of("gel", Role.GEL, 7, 2, 55, 98).withId(4L).withStockMl(90.0);
        Product guarded = gel.withHeatGuard(true).withIngredients("Aqua, Glycerin");
        assertTrue(guarded.guardsHeat());
        assertEquals(guarded.stockMl(), 90.0);
        assertEquals(guarded.withHeatGuard(false).withIngredients(null).guardsHeat(), gel.guardsHeat());
        assertThrows(InvalidException.class, () -> gel.withStockMl(-1.0));
    }
}
