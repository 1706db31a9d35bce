package eventide.routine;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Dose;
import eventide.product.DoseUnit;
import eventide.product.Product;
import eventide.product.Role;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The trade's own figures for how much [CP], on the heads they are said of. */
public class AmountsTest {
    record Figure(String said, Product product, Hair hair, double leastMl, double mostMl) {
        @Override
        public String toString() {
            return said;
        }
    }

    @DataProvider
    Object[] tradeFigures() {
        Hair mediumToLong = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 35);
        Hair longLowDensity = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.LOW, 60);
        Hair fineMedium = Hair.of(Strand.FINE, Porosity.MEDIUM, Pattern.WAVY_2B, Density.MEDIUM, 30);
        Hair fine = Hair.of(Strand.FINE, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 40);
        Product foam = Product.of("foam", Role.MOUSSE, 4, 1, 30, 80);
        Product leaveIn = Product.of("leave-in cream", Role.LEAVE_IN, 0, 4, 40, 100);
        Product gel = Product.of("gel", Role.GEL, 5, 1, 50, 100);
        Product oil = Product.of("oil", Role.OIL, 0, 7, 0, 100);
        return new Object[] {
            // 12 pumps of foam, about 16 ml each
            new Figure("6 pumps mousse for each half of a medium-to-long head", foam, mediumToLong, 150, 240),
            // pumps of 0.8 to 1.5 ml
            new Figure("6 pumps leave-in cream for long low-density hair", leaveIn, longLowDensity, 4.8, 9),
            // 16 to 24 small sections, a pea of 0.3 ml each
            new Figure("a pea of gel per small section on fine medium-density hair", gel, fineMedium, 4.5, 7.2),
            new Figure("1–2 drops of oil on fine hair", oil, fine, .05, .15),
            new Figure(
                    "1½ pumps of finishing oil at most",
                    oil,
                    Hair.of(Strand.COARSE, Porosity.HIGH, Pattern.COILY_4A, Density.HIGH, 70),
                    .8,
                    1.2),
        };
    }

    @Test(dataProvider = "tradeFigures")
    public void advisesWhatTheTradeSays(Figure row) {
        double ml = Advised.headMl(row.product(), row.hair());
        assertTrue(
                ml >= row.leastMl() && ml <= row.mostMl(),
                ml + " ml not within " + row.leastMl() + " to " + row.mostMl());
    }

    @Test
    public void oneProductInTwoStepsIsShared() {
        Step half = Step.of(Action.APPLY).product(Heads.GEL).build();
        List<Amount> one = Amounts.of(Routine.of(half), Heads.curly());
        List<Amount> two = Amounts.of(Routine.of(half, half), Heads.curly());
        assertEquals(two.get(0).ml() + two.get(1).ml(), one.get(0).ml(), .02);
    }

    @Test
    public void aZoneGetsItsShareByItsOwnHair() {
        Step crown = Step.of(Action.APPLY)
                .product(Heads.GEL)
                .zones(Set.of(Zone.CROWN))
                .build();
        Step all = Step.of(Action.APPLY).product(Heads.GEL).build();
        double share = Amounts.of(Routine.of(crown), Heads.curly()).get(0).ml()
                / Amounts.of(Routine.of(all), Heads.curly()).get(0).ml();
        assertEquals(share, Zone.CROWN.share(), .01);
    }

    @DataProvider
    Object[][] spoken() {
        DoseUnit pump = new DoseUnit("pump", 1.0);
        DoseUnit spritz = new DoseUnit("spritz", .15);
        return new Object[][] {
            {pump, 6.0, "6 pumps"},
            {pump, 1.5, "1½ pumps"},
            {pump, .5, "½ pump"},
            {pump, 1.0, "1 pump"},
            {pump, .05, "a trace"},
            {pump, .1, "½ pea"},
            {pump, 0.0, "none"},
            {pump, 9.5, "9½ pumps"},
            {pump, 12.6, "13 pumps"},
            {spritz, .6, "4 spritzes"},
            {spritz, .375, "3 spritzes"},
            {new DoseUnit("drop", .05), .12, "2 drops"},
            {new DoseUnit("drop", .05), .02, "a trace"},
        };
    }

    @Test(dataProvider = "spoken")
    public void dosesAreSaidAsAtTheChair(DoseUnit unit, double ml, String said) {
        assertEquals(unit.say(ml), said);
    }

    /** The whole, so many times the part, and the millilitres say one thing. */
    @Test
    public void theWholeAndThePartsAgreeWithinATenth() {
        Random random = new Random(14);
        DoseUnit[] units = {
            new DoseUnit("pump", 1.0),
            new DoseUnit("pump", .8),
            new DoseUnit("pump", 16.0),
            new DoseUnit("pea", .3),
            new DoseUnit("coin", 2.0),
            new DoseUnit("walnut", 5.0)
        };
        int rough = 0;
        for (int i = 0; i < 4000; i++) {
            DoseUnit unit = units[random.nextInt(units.length)];
            int sections = 1 + random.nextInt(30);
            double ml = sections * unit.ml() * (.1 + 2.9 * random.nextDouble());
            Dose dose = Dose.of(ml, sections, unit);
            if (dose.perSection().equals("a trace") || dose.perSection().contains(" every ")) {
                continue; // a tenth of a pea is nothing to a hand, and a press of foam is not parted
            }
            double whole = ml(dose.whole(), unit);
            double parts = sections * ml(dose.perSection(), unit);
            String said = dose + " of " + ml + " ml in " + sections + " by " + unit;
            assertEquals(whole, parts, .1 * parts, said);
            rough += Math.abs(parts - ml) > .1 * ml ? 1 : 0;
        }
        assertTrue(rough < 600, "further from the millilitres than a tenth: " + rough + " of 4000");
    }

    /** What a hand reads out of the words. */
    private static double ml(String said, DoseUnit unit) {
        String[] words = said.split(" ");
        String of = words[words.length - 1];
        double count = words.length == 3
                ? words[1].equals("light") ? .75 : 1.25
                : Double.parseDouble("0" + words[0].replaceAll("[¼½¾]", ""))
                        + (words[0].endsWith("½")
                                ? .5
                                : words[0].endsWith("¼") ? .25 : words[0].endsWith("¾") ? .75 : 0);
        for (DoseUnit known : List.of(
                unit,
                new DoseUnit("pea", .3),
                new DoseUnit("hazelnut", 1.0),
                new DoseUnit("coin", 2.0),
                new DoseUnit("walnut", 5.0))) {
            if (of.equals(known.name()) || of.equals(known.name() + "s")) {
                return count * known.ml();
            }
        }
        throw new AssertionError(said);
    }

    @Test
    public void whatOnlyPartOfTheSectionsGetIsSharedAmongThose() {
        Step gel = Step.of(Action.APPLY).product(Heads.GEL).build();
        Step whole =
                Step.of(Action.EACH_SECTION).sections(8).steps(List.of(gel)).build();
        Step left = Step.of(Action.EACH_SECTION)
                .sections(8)
                .steps(List.of(gel.but().half(Half.LEFT).build()))
                .build();
        Amount all = Amounts.of(Routine.of(whole), Heads.curly()).get(0);
        Amount half = Amounts.of(Routine.of(left), Heads.curly()).get(0);
        assertEquals(half.ml(), all.ml() / 2, .02);
        assertEquals(half.perSection(), all.perSection(), "a section gets what a section gets");
    }
}
