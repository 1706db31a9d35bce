package eventide.wash;

import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Schools;

/**
 * The wetness a product takes, in percent, widened by the school the client's stylist follows.
 *
 * @param low percent of water from which it spreads
 * @param high percent of water up to which it holds on
 */
public record Window(double low, double high) {
    /** The model's own error: less than this beyond the window is not called a miss, percent [OURS]. */
    public static final double TOLERANCE = 3;

    /** The water a product works in, as the school of gel has it. */
    public static Window of(Product product, Schools schools) {
        double low = product.windowLow();
        double high = product.windowHigh();
        if (product.role() == Role.GEL && schools.gelOn() == Schools.GelOn.SOAKING) {
            return new Window(Math.min(low, 75), 100);
        }
        if (product.role() == Role.GEL && schools.gelOn() == Schools.GelOn.DAMP) {
            return new Window(Math.min(low, 35), Math.max(high, 60));
        }
        return new Window(low, high);
    }

    /** Points below (negative) or above the window; 0 inside. */
    public double miss(double wetness) {
        return wetness < low ? wetness - low : wetness > high ? wetness - high : 0;
    }

    /**
     * Where to bring hair to: well inside, for it goes on drying.
     *
     * @return percent wet, in whole percent
     */
    public double aim() {
        return Math.round(low + (high - low) * .6);
    }
}
