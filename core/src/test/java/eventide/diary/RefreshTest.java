package eventide.diary;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.check.Severity;
import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.hair.Zone;
import eventide.log.FollowingDay;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.Assert;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A morning's refresh, or the word that a wash is due [CP: section 9 of the trade]. */
public class RefreshTest {
    private static final Goal GOAL = new Goal(2, 2, 0, 2, 1, null);
    private static final Air ROOM = Air.of(22, 50);
    private static final List<Product> SHELF =
            List.of(Heads.GEL, Heads.SOFT_GEL, Heads.OIL, Product.of("foam", Role.MOUSSE, 4, 0, 35, 80));

    private static Routine worn(Product styler) {
        return Routine.of(
                Step.of(Action.RINSE).build(),
                Step.of(Action.APPLY).product(styler).build(),
                Step.of(Action.CUP).untilDry(100.0).build());
    }

    private static RefreshQuestion morning(Hair hair, Product styler, int day, Set<Zone> zones, Double minutes) {
        return new RefreshQuestion(hair, GOAL, ROOM, null, worn(styler), day, NightCare.SATIN, zones, minutes, SHELF);
    }

    /** On any head, whatever frizzes: dry in its minutes, a pea to a coin, nothing a rule would warn of. */
    @Test
    public void onAnyHead() {
        Random random = new Random(31);
        int tried = 0;
        for (int i = 0; i < 150; i++) {
            Hair hair = Days.head(random).withAllergies(null);
            Set<Zone> zones = EnumSet.noneOf(Zone.class);
            for (Zone zone : Zone.values()) {
                if (random.nextInt(3) == 0) {
                    zones.add(zone);
                }
            }
            double minutes = Heads.one(random, new Double[] {10.0, 15.0, 25.0, 40.0});
            RefreshQuestion asked = morning(
                    hair,
                    Heads.one(random, new Product[] {Heads.GEL, Heads.SOFT_GEL, SHELF.get(3)}),
                    2 + random.nextInt(5),
                    zones.isEmpty() ? null : zones,
                    minutes);
            Refresh refresh = Refresh.of(asked);
            assertFalse(refresh.washDue(), refresh.why().toString());
            assertTrue(refresh.minutes() <= minutes, hair + ": " + refresh.minutes() + " of " + minutes);
            assertTrue(
                    refresh.findings().stream().allMatch(finding -> finding.severity() == Severity.NOTE),
                    hair + "\n" + refresh.findings() + "\n" + refresh.routine());
            refresh.amounts().stream()
                    .filter(amount -> amount.product().role() == Role.GEL)
                    .forEach(amount -> assertTrue(amount.ml() >= .3 && amount.ml() <= 2, amount.toString()));
            for (Step step : refresh.routine().steps()) {
                if (step.action() == Action.MIST && asked.zones() != null) {
                    assertEquals(step.zones(), asked.zones());
                }
            }
            assertTrue(refresh.brings().definition() >= refresh.now().definition());
            assertTrue(refresh.brings().frizz() <= refresh.now().frizz());
            assertTrue(refresh.routine().isRefresh());
            tried += refresh.amounts().isEmpty() ? 0 : 1;
        }
        assertTrue(tried > 75, "with a styler: " + tried);
    }

    /** The drying table's row: a misted refresh of the outer hair takes 15 to 20 minutes of air [CP]. */
    @Test
    public void isDryInAQuarterOfAnHourToTwentyMinutes() {
        Refresh refresh = Refresh.of(morning(Days.CURLS, Heads.GEL, 2, EnumSet.of(Zone.CROWN, Zone.HAIRLINE), 60.0));
        double misted = 0;
        double dry = 0;
        for (int i = 0; i < refresh.routine().steps().size(); i++) {
            double end = refresh.tide().steps().get(i).endMinute();
            Action action = refresh.routine().steps().get(i).action();
            misted = action == Action.MIST ? end : misted;
            dry = action == Action.AIR ? end : dry;
        }
        double minutes = dry - misted;
        assertEquals(minutes, 17.5, 2.5);
    }

    @Test
    public void whatTheClientReactsToIsNeverTaken() {
        Product walnut = Heads.GEL.withIngredients("Aqua, Juglans Regia Seed Oil, PVP");
        Product plain = Heads.SOFT_GEL.withIngredients("Aqua, PVP, Panthenol");
        Hair hair = Days.CURLS.withAllergies(List.of("walnut"));
        Refresh refresh = Refresh.of(
                new RefreshQuestion(hair, GOAL, ROOM, null, worn(walnut), 2, null, null, null, List.of(walnut, plain)));
        assertEquals(
                refresh.amounts().stream()
                        .map(amount -> amount.product().name())
                        .toList(),
                List.of(plain.name()));
        Refresh alone = Refresh.of(
                new RefreshQuestion(hair, GOAL, ROOM, null, worn(walnut), 2, null, null, null, List.of(walnut)));
        assertEquals(alone.amounts(), List.of());
    }

    record Due(String says, RefreshQuestion asked, boolean due) {
        @Override
        public String toString() {
            return says;
        }
    }

    @DataProvider
    Object[] mornings() {
        Hair hair = Days.CURLS;
        Set<Zone> everywhere = EnumSet.allOf(Zone.class);
        List<Due> rows = new ArrayList<>();
        rows.add(new Due("worn seven days", morning(hair, Heads.GEL, 8, null, null), true));
        rows.add(new Due("worn six days", morning(hair, Heads.GEL, 7, null, null), false));
        rows.add(new Due(
                "an itching scalp on day 4",
                morning(hair.withScalp(Set.of(Scalp.ITCHY)), Heads.GEL, 4, null, null),
                true));
        rows.add(new Due(
                "an itching scalp on day 2",
                morning(hair.withScalp(Set.of(Scalp.ITCHY)), Heads.GEL, 2, null, null),
                false));
        rows.add(new Due("moisture alone, frizz everywhere", morning(hair, Heads.CREAM, 3, everywhere, null), true));
        rows.add(new Due("held, frizz everywhere", morning(hair, Heads.GEL, 3, everywhere, null), false));
        return rows.toArray();
    }

    @Test(dataProvider = "mornings")
    public void aWashIsDueWhereNoRefreshHelps(Due row) {
        Refresh refresh = Refresh.of(row.asked());
        assertEquals(refresh.washDue(), row.due(), refresh.why().toString());
        assertEquals(refresh.routine() == null, row.due());
        assertFalse(refresh.why().isEmpty());
        if (row.due()) {
            assertNull(refresh.tide());
        }
    }

    @Test
    public void noZonesAtAllAreRefused() {
        InvalidException refused = Assert.expectThrows(
                InvalidException.class, () -> morning(Days.CURLS, Heads.GEL, 2, EnumSet.noneOf(Zone.class), null));
        assertEquals(refused.faults().get(0).pointer(), "/zones");
    }

    /** What the log of the day calls a refresh is what its steps do, those done section by section among them. */
    @Test
    public void theLogCallsItByItsSteps() {
        assertEquals(
                FollowingDay.Refresh.by(Routine.of(
                        Step.of(Action.SHAKE_ROOTS).build(),
                        Step.of(Action.EACH_SECTION)
                                .sections(2)
                                .steps(List.of(
                                        Step.of(Action.MIST).build(),
                                        Step.of(Action.APPLY).product(Heads.GEL).build()))
                                .build(),
                        Step.of(Action.APPLY).product(Heads.OIL).build())),
                EnumSet.of(
                        FollowingDay.Refresh.SHAKEN,
                        FollowingDay.Refresh.MISTED,
                        FollowingDay.Refresh.MORE_STYLER,
                        FollowingDay.Refresh.OIL));
        assertEquals(
                FollowingDay.Refresh.by(Routine.of(Step.of(Action.COIL).build())),
                EnumSet.of(FollowingDay.Refresh.RECOILED));
    }
}
