package eventide.wash;

import eventide.air.Air;

/** How damp the air is where hair is worn, as a log can tell washes apart by it. */
public final class DampAir {
    /** Dew point at which air is easy on hair, °C [CP]. */
    public static final double EASY_DEW_POINT = 12;
    /** A difference a stylist would speak of, °C [OURS]. */
    public static final double STEP = 5;

    /** Air farther from easy than so many steps is read as so far [OURS]. */
    private static final double MOST_STEPS = 3;

    private DampAir() {}

    /**
     * Steps of dew point above easy air, below 0 in dry air, from -3 to 3.
     *
     * @return steps of {@link #STEP} °C of dew point, from -3 to 3
     */
    public static double steps(Air air) {
        return Math.max(-MOST_STEPS, Math.min(MOST_STEPS, (air.wornDewPointC() - EASY_DEW_POINT) / STEP));
    }
}
