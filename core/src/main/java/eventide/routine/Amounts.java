package eventide.routine;

import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.hair.Zone;
import eventide.product.Dose;
import eventide.product.Product;
import eventide.shape.Frozen;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The amounts of a routine on one head: what each step says, else what is advised. */
public final class Amounts {
    private Amounts() {}

    /** Of every step that puts something on, in the order they are done. */
    public static List<Amount> of(Routine routine, Hair hair) {
        List<StepPlace> places = routine.places();
        Map<String, Double> reach = new HashMap<>();
        for (StepPlace place : places) {
            Step step = routine.at(place);
            if (step.worn() != null && step.amountMl() == null) {
                reach.merge(key(step.worn()), covered(routine, place, hair), Double::sum);
            }
        }
        List<Amount> amounts = new ArrayList<>();
        for (StepPlace place : places) {
            Step step = routine.at(place);
            if (step.worn() != null) {
                amounts.add(amount(routine, place, hair, reach.getOrDefault(key(step.worn()), 1.0)));
            }
        }
        return List.copyOf(amounts);
    }

    /**
     * What one step takes: as it says, else its share of what is advised for the hair the product reaches in all.
     *
     * @param reach how much of the head all steps of this product cover together, in heads
     */
    private static Amount amount(Routine routine, StepPlace place, Hair hair, double reach) {
        Step step = routine.at(place);
        Product product = step.worn();
        Step frame = routine.steps().get(place.index());
        double forHair = 0;
        Map<Zone, Double> asked = new EnumMap<>(Zone.class);
        for (Zone zone : zones(frame, step)) {
            double own = Advised.zoneMl(product, hair, zone) * half(frame, step);
            asked.put(zone, own);
            forHair += own;
        }
        // One product in several steps: the head's amount is shared among them by the hair each covers.
        double advised = step.amountMl() == null ? forHair / Math.max(1, reach) : forHair;
        double dilution = step.dilution() == null ? 0 : step.dilution();
        double ml = step.amountMl() == null ? advised : step.amountMl();
        Dose dose = Dose.of(ml, sections(routine, place, hair), product.dose());
        double cost = step.mix() == null ? product.costCents(ml) : Mixes.costCents(step.mix(), ml);
        String water = dilution == 0 ? "" : " in " + plain(dilution) + (dilution == 1 ? " part water" : " parts water");
        return new Amount(
                place.index(),
                place.isInner() ? place.inner() : null,
                product,
                round(ml),
                round(ml * product.density()),
                dose.whole() + water,
                dose.perSection(),
                round(advised),
                step.amountMl() != null,
                round(cost),
                byZone(product, asked, forHair == 0 ? 0 : ml / forHair));
    }

    /**
     * Those that get some of it: a step inside may reach only part of what its frame goes round.
     *
     * @return pieces, at least 1
     */
    private static int sections(Routine routine, StepPlace place, Hair hair) {
        if (!place.isInner()) {
            return routine.at(place).sectionsOrOne();
        }
        Step frame = routine.steps().get(place.index());
        double share = covered(routine, place, hair) / covered(frame, frame, hair);
        return (int) Math.max(1, Math.round(frame.sectionsOrOne() * share));
    }

    /**
     * @param asked millilitres each zone would take by itself
     * @param scale what goes on against what was asked
     */
    private static Map<Zone, Amount.ZoneDose> byZone(Product product, Map<Zone, Double> asked, double scale) {
        Map<Zone, Amount.ZoneDose> shares = new EnumMap<>(Zone.class);
        asked.forEach((zone, own) -> shares.put(
                zone, new Amount.ZoneDose(round(own * scale), product.dose().say(own * scale))));
        return Frozen.map(shares);
    }

    /** Share of the head's hair a step covers, from 0 to 1. */
    public static double covered(Routine routine, StepPlace place, Hair hair) {
        return covered(routine.steps().get(place.index()), routine.at(place), hair);
    }

    /** Of the head's hair by weight, 0 to 1. */
    private static double covered(Step frame, Step step, Hair hair) {
        if (frame.zones() == null && step.zones() == null) {
            return half(frame, step);
        }
        double grams = 0;
        for (Zone zone : zones(frame, step)) {
            grams += HairMass.grams(hair, zone) * half(frame, step);
        }
        return grams / HairMass.grams(hair);
    }

    private static final List<Zone> ALL_ZONES = List.copyOf(Zone.ALL);

    /** The zones both the frame and the step inside it name. */
    public static List<Zone> zones(Step frame, Step step) {
        if (frame.zones() == null && step.zones() == null) {
            return ALL_ZONES;
        }
        return step.zonesOrAll().stream().filter(frame.zonesOrAll()::contains).toList();
    }

    private static double half(Step frame, Step step) {
        return frame.half() == null && step.half() == null ? 1 : .5;
    }

    private static String key(Product product) {
        return product.id() == null ? product.name() : "#" + product.id();
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
