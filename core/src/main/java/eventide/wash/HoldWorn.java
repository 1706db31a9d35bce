package eventide.wash;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;

/** Hold as it went on and as it met its water, 0 to 10. Sizes [OURS]. */
public final class HoldWorn {
    /** Of a second holding layer this much counts, on what is left of the scale. */
    public static final double SECOND_HOLD_COUNTS = .35;
    /** The most that any amount of a product does, against the advised one. */
    public static final double AMOUNT_AT_MOST = 1.2;
    /** How soon more of it does no more; chosen so that the advised amount does 1. */
    public static final double AMOUNT_SATURATES = 1.79;
    /** Percent outside its window at which hold is down to about a third. */
    public static final double MISS_HALVES_HOLD = 40;

    private HoldWorn() {}

    /**
     * What went on, whatever water it met.
     *
     * @return on the scale of a bottle's hold, 0 to 10
     */
    public static double put(Wash wash, Zone zone) {
        return hold(wash, zone, false);
    }

    /**
     * What met its water: diluted or half spread it holds less.
     *
     * @return on the scale of a bottle's hold, at most {@link #put}
     */
    public static double met(Wash wash, Zone zone) {
        return hold(wash, zone, true);
    }

    /**
     * Of all layers together: the strongest, and a part of the next on what is left of the scale.
     *
     * @return from 0 to 10
     */
    private static double hold(Wash wash, Zone zone, boolean met) {
        double best = 0;
        double second = 0;
        for (Layer layer : wash.layersIn(zone)) {
            Product product = layer.product();
            double hold =
                    counts(product) ? product.hold() * taken(layer.fullness()) * (met ? met(wash, layer, zone) : 1) : 0;
            second = Math.max(second, Math.min(best, hold));
            best = Math.max(best, hold);
        }
        return together(best, second);
    }

    /** Whether a product of this role holds at all. */
    public static boolean counts(Product product) {
        return product.role().holds()
                || product.role() == Role.SPRAY
                || product.role() == Role.CREAM
                || product.role() == Role.LEAVE_IN;
    }

    /**
     * Hold of the strongest and the next, rising with either.
     *
     * @return from 0 to 10
     */
    public static double together(double best, double second) {
        return best + SECOND_HOLD_COUNTS * second * (1 - best / 10);
    }

    /** What an amount does against the advised one: nothing for none, 1 for as advised, at most a fifth more. */
    public static double taken(double fullness) {
        return AMOUNT_AT_MOST * (1 - Math.exp(-AMOUNT_SATURATES * fullness));
    }

    /** The layer of most hold, null where nothing is worn. */
    public static Layer strongest(Wash wash, Zone zone) {
        Layer strongest = null;
        for (Layer layer : wash.layersIn(zone)) {
            if (strongest == null
                    || layer.product().hold() > strongest.product().hold()) {
                strongest = layer;
            }
        }
        return strongest;
    }

    /**
     * What has a cast of its own, of one product; 0 where nothing is worn.
     *
     * @return from 0 to 10
     */
    public static double strongestHold(Wash wash, Zone zone) {
        Layer strongest = strongest(wash, zone);
        return strongest == null ? 0 : strongest.product().hold();
    }

    /**
     * What is left of hold where hair was outside the window, 1 inside it.
     *
     * @return on the scale of a bottle's hold, at most {@link #put}
     */
    private static double met(Wash wash, Layer layer, Zone zone) {
        return TouchUp.onFrizz(wash, layer) ? 1 : Math.exp(-Math.abs(missed(layer, zone)) / MISS_HALVES_HOLD);
    }

    /** Percent outside the window in a zone, 0 inside; negative where too dry. */
    public static double missed(Layer layer, Zone zone) {
        double wetness = wetness(layer, zone);
        if (Double.isNaN(wetness)) {
            return 0;
        }
        Product product = layer.product();
        return wetness < product.windowLow()
                ? wetness - product.windowLow()
                : Math.max(0, wetness - product.windowHigh());
    }

    /** Percent of water at which a layer went on in a zone, the mean of its turns; NaN where it did not. */
    public static double wetness(Layer layer, Zone zone) {
        double wetness = 0;
        int turns = 0;
        for (Visit visit : layer.visits()) {
            if (visit.isIn(zone)) {
                wetness += visit.wetness(zone);
                turns++;
            }
        }
        return turns == 0 ? Double.NaN : wetness / turns;
    }
}
