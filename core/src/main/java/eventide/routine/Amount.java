package eventide.routine;

import eventide.hair.Zone;
import eventide.product.Product;
import eventide.shape.Maybe;
import java.util.Map;

/**
 * How much of a product a step takes.
 *
 * @param step index of the step in the routine, from 0
 * @param inner index inside an EACH_SECTION, absent where the step stands alone
 * @param ml given where the step says, else advised (foam for a mousse)
 * @param dose the same in the product's own unit, such as "6 pumps"
 * @param perSection one section's part, such as "1½ pumps"
 * @param advisedMl what the hair covered would ask for
 * @param given the step itself states the amount
 * @param byZone the same shared out by what each zone's hair asks for: finer or thinner zones get less
 */
public record Amount(
        int step,
        @Maybe Integer inner,
        Product product,
        double ml,
        double grams,
        String dose,
        String perSection,
        double advisedMl,
        boolean given,
        double costCents,
        Map<Zone, ZoneDose> byZone) {
    /**
     * One zone's part of it.
     *
     * @param ml millilitres
     * @param dose the same as a hand measures it
     */
    public record ZoneDose(double ml, String dose) {}

    /** Where in the routine it goes on. */
    public StepPlace place() {
        return new StepPlace(step, inner == null ? -1 : inner);
    }
}
