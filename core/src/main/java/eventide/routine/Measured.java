package eventide.routine;

import eventide.hair.Zone;
import eventide.product.Dose;
import eventide.product.Product;
import eventide.shape.Frozen;
import java.util.EnumMap;
import java.util.Map;

/**
 * How much a step puts on, before anybody says it as a hand measures it: a search weighs thousands that nobody reads.
 *
 * @param ml given where the step says, else advised (foam for a mousse)
 * @param advisedMl what the hair covered would ask for
 * @param given the step itself states the amount
 * @param byZone millilitres each zone asks for by its own hair
 * @param exactMl as {@code ml}, not rounded
 * @param sections pieces it is shared out to, at least 1
 */
public record Measured(
        StepPlace place,
        Step step,
        Product product,
        double ml,
        double advisedMl,
        boolean given,
        Map<Zone, Double> byZone,
        double exactMl,
        int sections) {

    /** Grams of it, as rounded as the millilitres. */
    public double grams() {
        return Amounts.round(exactMl * product.density());
    }

    /** In the words a hand goes by, and with what it costs. */
    public Amount said() {
        Dose dose = Dose.of(exactMl, sections, product.dose());
        double cost = step.mix() == null ? product.costCents(exactMl) : Mixes.costCents(step.mix(), exactMl);
        return new Amount(
                place.index(),
                place.isInner() ? place.inner() : null,
                product,
                ml,
                grams(),
                dose.whole() + water(),
                dose.perSection(),
                advisedMl,
                given,
                Amounts.round(cost),
                zoneDoses());
    }

    private String water() {
        double parts = step.dilution() == null ? 0 : step.dilution();
        return parts == 0 ? "" : " in " + plain(parts) + (parts == 1 ? " part water" : " parts water");
    }

    private Map<Zone, Amount.ZoneDose> zoneDoses() {
        double asked = byZone.values().stream().mapToDouble(own -> own).sum();
        double scale = asked == 0 ? 0 : exactMl / asked;
        Map<Zone, Amount.ZoneDose> doses = new EnumMap<>(Zone.class);
        byZone.forEach((zone, own) -> doses.put(
                zone,
                new Amount.ZoneDose(Amounts.round(own * scale), product.dose().say(own * scale))));
        return Frozen.map(doses);
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
