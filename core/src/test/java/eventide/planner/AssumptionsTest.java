package eventide.planner;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.ReadingField;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.planner.compare.Assumptions;
import eventide.planner.compare.RoutineDifference;
import eventide.planner.search.Evaluation;
import eventide.product.Product;
import eventide.routine.Goal;
import eventide.routine.Limits;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/** The assumption that matters most, against a search of our own over every level. */
public class AssumptionsTest {
    private static final Goal GOAL = new Goal(2, 2, 0, 1, 1, null);
    private static final Air ROOM = Air.of(22, 52);
    private static final List<Product> SHELF = List.of(Heads.LEAVE_IN, Heads.CREAM, Heads.GEL, Heads.SOFT_GEL);

    private static Assumptions of(Hair hair, Set<ReadingField> assumed) {
        return Assumptions.of(new Assumptions.Resting(hair, GOAL, ROOM, null, Limits.ofMinutes(150), SHELF, assumed));
    }

    private static Suggestion plan(Hair hair) {
        return Planner.suggest(new Query(hair, GOAL, ROOM, null, Limits.ofMinutes(150), SHELF))
                .suggestions()
                .get(0);
    }

    @Test
    public void isTheOneABruteSearchFinds() {
        Hair hair = Heads.curly();
        Evaluation taken = best(hair);
        List<Hair> strands = new ArrayList<>();
        List<Hair> porosities = new ArrayList<>();
        List<Hair> densities = new ArrayList<>();
        for (int level : new int[] {0, 2}) { // the head itself stands at the middle of each
            strands.add(Hair.of(Strand.values()[level], Porosity.MEDIUM, Pattern.CURLY_3B, Density.MEDIUM, 35));
            porosities.add(Hair.of(Strand.MEDIUM, Porosity.values()[level], Pattern.CURLY_3B, Density.MEDIUM, 35));
            densities.add(Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.values()[level], 35));
        }
        Map<ReadingField, Double> brute = Map.of(
                ReadingField.STRAND, mean(taken, strands),
                ReadingField.POROSITY, mean(taken, porosities),
                ReadingField.DENSITY, mean(taken, densities));
        ReadingField most = brute.entrySet().stream()
                .max(Map.Entry.<ReadingField, Double>comparingByValue()
                        .thenComparing(entry -> -entry.getKey().ordinal()))
                .orElseThrow()
                .getKey();
        Assumptions found = of(hair, EnumSet.of(ReadingField.STRAND, ReadingField.POROSITY, ReadingField.DENSITY));
        assertEquals(found.matters(), most, brute.toString());
        for (Assumptions.Assumption assumption : found.assumed()) {
            assertEquals(
                    assumption.changes(),
                    brute.get(assumption.field()),
                    .006,
                    assumption.field().word());
        }
        assertFalse(found.words().isBlank());
    }

    private static Query query(Hair hair) {
        return new Query(hair, GOAL, ROOM, null, Limits.ofMinutes(150), SHELF);
    }

    private static Evaluation best(Hair hair) {
        return Planner.bestOf(query(hair), frame -> true, Stop.NEVER);
    }

    /** By how much the plan would be another; by nothing where it is within half a point of the best one there. */
    private static double mean(Evaluation taken, List<Hair> others) {
        return others.stream()
                .mapToDouble(other -> {
                    Evaluation stays = Planner.search(
                                    query(other), taken.choice().details())
                            .judge(taken.choice());
                    boolean willDo =
                            stays.isFeasible() && stays.worth() >= best(other).worth() - .5;
                    return willDo
                            ? 0
                            : RoutineDifference.between(plan(Heads.curly()), plan(other))
                                    .size();
                })
                .average()
                .orElseThrow();
    }

    @Test
    public void aCentimetreIsNoOtherLength() {
        Hair hair = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.MEDIUM, 34);
        Assumptions found = of(hair, EnumSet.of(ReadingField.LENGTH));
        assertTrue(
                found.assumed().get(0).levels().stream()
                        .noneMatch(level -> level.value().equals("35")),
                found.toString());
    }

    @Test
    public void nothingAssumedIsNothingToSettle() {
        Assumptions none = of(Heads.curly(), Set.of());
        assertNull(none.matters());
        assertNull(none.test());
    }

    @Test
    public void aStraightZoneIsToldSo() {
        Hair hair = Heads.curly()
                .withZones(Map.of(Zone.LEFT, new ZoneReadings(null, null, Pattern.STRAIGHT, null, null, null)));
        assertTrue(
                plan(hair).why().stream().anyMatch(why -> why.text().startsWith("The left side is straight")),
                plan(hair).why().toString());
    }

    @Test
    public void aFinerFrontGetsLessThanTheCrown() {
        Hair hair = Heads.curly()
                .withZones(Map.of(Zone.HAIRLINE, new ZoneReadings(Strand.FINE, null, null, null, null, null)));
        Suggestion plan = plan(hair);
        int rinse = plan.routine().lastRinse();
        long seen = plan.amounts().stream()
                .filter(amount -> amount.step() > rinse
                        && amount.byZone().containsKey(Zone.HAIRLINE)
                        && amount.byZone().containsKey(Zone.CROWN))
                .peek(amount -> assertTrue(
                        amount.byZone().get(Zone.HAIRLINE).ml()
                                < amount.byZone().get(Zone.CROWN).ml(),
                        amount.toString()))
                .count();
        assertTrue(seen > 0, "something is worn at both");
        assertTrue(
                plan.why().stream().anyMatch(why -> why.text().startsWith("The hairline is finer than the crown")),
                plan.why().toString());
    }
}
