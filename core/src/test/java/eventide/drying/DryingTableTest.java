package eventide.drying;

import static org.testng.Assert.assertTrue;

import eventide.air.Air;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every row of the trade's drying table [CP], over the whole band of rooms it is said for. */
public class DryingTableTest {
    private static final Product LEAVE_IN = Product.of("leave-in", Role.LEAVE_IN, 0, 2, 40, 100);

    private static Hair hair(Strand strand, Porosity porosity, Pattern pattern, Density density, double cm) {
        return Hair.of(strand, porosity, pattern, density, cm);
    }

    private static final Hair ROW_1A = hair(Strand.MEDIUM, Porosity.LOW, Pattern.WAVY_2A, Density.MEDIUM, 22);
    private static final Hair ROW_1B = hair(Strand.MEDIUM, Porosity.LOW, Pattern.WAVY_2B, Density.MEDIUM, 22);
    private static final Hair ROW_2 = hair(Strand.COARSE, Porosity.LOW, Pattern.COILY_4B, Density.HIGH, 50);
    private static final Hair ROW_3 = hair(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 45);
    private static final Hair ROW_5 = hair(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.HIGH, 35);
    private static final Hair ROW_7 = hair(Strand.MEDIUM, Porosity.MEDIUM, Pattern.WAVY_2B, Density.MEDIUM, 40);

    private static Step air(double minutes) {
        return Step.of(Action.AIR).minutes(minutes).build();
    }

    private static Step diffuse(double minutes) {
        return Step.of(Action.CUP)
                .minutes(minutes)
                .position(List.of(Position.SIDE, Position.UPSIDE_DOWN, Position.UPRIGHT))
                .build();
    }

    @DataProvider
    Object[] rooms() {
        return new Object[] {Air.of(22, 52), Air.of(20, 60), Air.of(20, 45), Air.of(24, 60), Air.of(24, 45)};
    }

    private static double markMinute(Tide tide, Mark.Moment what) {
        return tide.marks().stream()
                .filter(m -> m.what() == what)
                .mapToDouble(Mark::minute)
                .findFirst()
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static double wholeHeadDry(Tide tide, int minute, double rootShare) {
        return 100
                - (1 - rootShare) * tide.lengths().get(minute)
                - rootShare * tide.roots().get(minute);
    }

    private static void within(double value, double from, double to, String what) {
        assertTrue(value >= from && value <= to, what + ": " + value + " not within " + from + " to " + to);
    }

    @Test(dataProvider = "rooms")
    public void shortWavyLeaveInOnlyAirDriesInTwoToThreeHours(Air room) {
        for (Hair hair : List.of(ROW_1A, ROW_1B)) {
            Routine routine = Routine.of(
                    Step.of(Action.APPLY).product(LEAVE_IN).minutes(3.0).build(), air(300));
            Tide tide = TideModel.run(routine, hair, room).tide();
            within(markMinute(tide, Mark.Moment.ROOTS_DRY), 120, 180, "roots dry, minutes");
            within(markMinute(tide, Mark.Moment.LENGTHS_DRY), 60, 180, "lengths dry, minutes");
        }
    }

    @Test(dataProvider = "rooms")
    public void longCoilyLowPorosityTakesFourHoursAndRootsADay(Air room) {
        Tide tide = TideModel.run(Routine.of(air(1800)), ROW_2, room).tide();
        int reached = 0;
        while (tide.lengths().get(reached) > 5) {
            reached++;
        }
        within(reached, 195, 285, "lengths 95 % dry, minutes");
        within(tide.roots().get(240), 30, 100, "roots at four hours");
        within(markMinute(tide, Mark.Moment.ROOTS_DRY), 20 * 60, Double.POSITIVE_INFINITY, "roots dry");
    }

    @Test
    public void longCoilyIsNinetyFivePercentDryAtFourHoursInTheMiddleOfTheBand() {
        Tide tide = TideModel.run(Routine.of(air(240)), ROW_2, Air.of(22, 52)).tide();
        within(tide.lengths().get(240), 0, 5, "lengths at four hours");
        within(tide.lengths().get(180), 5, 60, "lengths at three hours");
    }

    @Test(dataProvider = "rooms")
    public void microplopThenDiffuseThroughoutDriesInTwentyToThirtyFiveMinutes(Air room) {
        Routine routine = Routine.of(
                Step.of(Action.MICROPLOP).minutes(2.0).build(),
                Step.of(Action.CUP)
                        .untilDry(100.0)
                        .position(List.of(Position.SIDE, Position.UPSIDE_DOWN, Position.UPRIGHT))
                        .build());
        Course course = TideModel.run(routine, ROW_3, room);
        within(course.minutes() - 2, 20, 35, "diffusing, minutes");
        within(course.minutes(), 20, 35, "all, minutes");
    }

    @Test(dataProvider = "rooms")
    public void hoverTenThenAirIsNotDryAfterAnHourNorTwo(Air room) {
        Routine routine = Routine.of(Step.of(Action.HOVER).minutes(10.0).build(), air(120));
        Tide tide = TideModel.run(routine, ROW_3, room).tide();
        assertTrue(
                tide.lengths().get(70) > 5,
                "lengths after an hour of air: " + tide.lengths().get(70));
        assertTrue(
                tide.roots().get(130) > 5,
                "roots after two hours of air: " + tide.roots().get(130));
    }

    @Test(dataProvider = "rooms")
    public void threeRoundsOnDenseHairReachEightyToNinety(Air room) {
        for (double round : new double[] {11, 12, 13}) {
            List<Step> steps = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                steps.add(diffuse(round));
            }
            Tide tide = TideModel.run(Routine.of(steps), ROW_5, room).tide();
            within(wholeHeadDry(tide, (int) (3 * round), .22), 78, 92, "dry after rounds of " + round);
        }
    }

    @Test(dataProvider = "rooms")
    public void mistedRefreshDriesInFifteenToTwentyMinutes(Air room) {
        for (Hair hair : List.of(ROW_1A, ROW_3, ROW_7, ROW_2)) {
            Routine routine = Routine.of(Step.of(Action.MIST).minutes(1.0).build(), air(60))
                    .startingAt(0);
            Tide tide = TideModel.run(routine, hair, room).tide();
            within(markMinute(tide, Mark.Moment.LENGTHS_DRY) - 1, 14, 20, "misted hair dry, minutes");
        }
    }

    @Test
    public void coldDampRoomTakesMostOfADay() {
        Tide tide = TideModel.run(Routine.of(air(1440)), ROW_7, Air.of(16, 75)).tide();
        within(markMinute(tide, Mark.Moment.ROOTS_DRY) / 60, 8, 20, "dry, hours");
    }
}
