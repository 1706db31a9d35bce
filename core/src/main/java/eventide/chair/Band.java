package eventide.chair;

import eventide.hair.Hair;
import eventide.product.Product;
import eventide.routine.Amount;
import eventide.routine.Amounts;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Shaping;
import eventide.routine.Step;
import eventide.routine.WaterDone;
import eventide.wash.Window;

/**
 * The wetness a step works in, percent along the lengths.
 *
 * @param aim where to bring hair that has left it
 * @param product whose band it is
 */
public record Band(int step, double low, double high, double aim, String product) {
    /** The band of what a step puts on; of what the hair carries, where hands shape it; null where any water will do. */
    public static Band of(Routine routine, Hair hair, Schools schools, int index) {
        Step step = routine.steps().get(index);
        Product worn = null;
        for (Amount amount : Amounts.of(routine, hair)) {
            boolean own = amount.step() == index;
            boolean carried = amount.step() < index && amount.step() > routine.lastRinse() && shapes(step);
            if ((own || carried) && !routine.at(amount.place()).washes()) {
                worn = amount.product();
            }
        }
        if (worn == null) {
            return null;
        }
        Window window = Window.of(worn, schools);
        boolean any = window.low() <= 1 && window.high() >= 99;
        Double said = levelSaid(routine, index);
        return any
                ? null
                : new Band(index, window.low(), window.high(), said == null ? window.aim() : said, worn.name());
    }

    /** Where the step itself, or the one just before it, brings the hair; null where the plan leaves it to the product. */
    private static Double levelSaid(Routine routine, int index) {
        Step step = routine.steps().get(index);
        Double said = null;
        if (step.isEachSection()) {
            for (Step inner : step.steps()) {
                if (inner.worn() != null) {
                    break;
                }
                said = setsWater(inner) ? inner.toWetness() : said;
            }
        }
        for (int i = index - 1; said == null && i >= 0; i--) {
            Step before = routine.steps().get(i);
            if (setsWater(before)) {
                return before.toWetness();
            }
            if (before.worn() != null
                    || before.isEachSection()
                    || before.action().isDrying()) {
                return null;
            }
        }
        return said;
    }

    private static boolean setsWater(Step step) {
        return step.action().water() != WaterDone.NOTHING;
    }

    /** Whether hands lay or shape clumps in it, inside its sections too. */
    private static boolean shapes(Step step) {
        Shaping shaping = step.action().shaping();
        return step.isEachSection()
                ? step.steps().stream().anyMatch(Band::shapes)
                : shaping == Shaping.LAID || shaping == Shaping.BY_PIECE;
    }
}
