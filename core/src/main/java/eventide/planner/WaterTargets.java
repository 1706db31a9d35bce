package eventide.planner;

import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Schools;

/**
 * The water that stylers are met with at least, percent: less of it is dry sooner. Rounded down, so that few are told apart.
 *
 * @param squeezed what any of them has hair squeezed to
 * @param aim what the one that holds has each section misted to
 * @param slippery the same for brushing and coiling
 */
record WaterTargets(double squeezed, double aim, double slippery) {
    static final WaterTargets NONE = new WaterTargets(100, 100, 100);

    private static final double STEP = 4;

    /**
     * @param met where in its window hair meets it
     */
    static WaterTargets of(Product product, Schools schools, Details.Water met) {
        double aim = Composer.within(product, met);
        double squeezed = Composer.squeezedTo(product, met);
        if (product.role() == Role.GEL && schools.gelOn() == Schools.GelOn.DAMP) {
            aim = Math.min(aim, Composer.DAMP);
            squeezed = Math.min(squeezed, Composer.DAMP);
        } else if (product.role() == Role.GEL && schools.gelOn() == Schools.GelOn.SOAKING) {
            aim = Math.min(aim, Composer.SOAKING);
        }
        return new WaterTargets(down(squeezed), down(aim), down(Composer.slippery(aim, product)));
    }

    private static double down(double percent) {
        return Math.floor(percent / STEP) * STEP;
    }

    /** What both have at least. */
    WaterTargets and(WaterTargets other) {
        return new WaterTargets(
                Math.min(squeezed, other.squeezed), Math.min(aim, other.aim), Math.min(slippery, other.slippery));
    }

    /** With what the one that holds asks for, squeezed for others besides. */
    WaterTargets heldBy(WaterTargets hold) {
        return new WaterTargets(Math.min(squeezed, hold.squeezed), hold.aim, hold.slippery);
    }
}
