package eventide.routine;

import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.hair.Zone;
import eventide.product.Product;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The amounts of a routine on one head: what each step says, else what is advised. */
public final class Amounts {
    private Amounts() {}

    /** Of every step that puts something on, in the order they are done. */
    public static List<Amount> of(Routine routine, Hair hair) {
        return measured(routine, hair).stream().map(Measured::said).toList();
    }

    /** The same, not put in words. */
    public static List<Measured> measured(Routine routine, Hair hair) {
        List<StepPlace> places = routine.places();
        Map<String, Double> reach = new HashMap<>();
        for (StepPlace place : places) {
            Step step = routine.at(place);
            if (step.worn() != null && step.amountMl() == null) {
                reach.merge(key(step.worn()), covered(routine, place, hair), Double::sum);
            }
        }
        List<Measured> amounts = new ArrayList<>();
        for (StepPlace place : places) {
            Step step = routine.at(place);
            if (step.worn() != null) {
                amounts.add(measured(routine, place, hair, reach.getOrDefault(key(step.worn()), 1.0)));
            }
        }
        return List.copyOf(amounts);
    }

    /**
     * What one step takes: as it says, else its share of what is advised for the hair the product reaches in all.
     *
     * @param reach how much of the head all steps of this product cover together, in heads
     */
    private static Measured measured(Routine routine, StepPlace place, Hair hair, double reach) {
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
        double ml = step.amountMl() == null ? advised : step.amountMl();
        return new Measured(
                place,
                step,
                product,
                round(ml),
                round(advised),
                step.amountMl() != null,
                Collections.unmodifiableMap(asked),
                ml,
                sections(routine, place, hair));
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

    static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
