package eventide.air;

/**
 * Moist air at sea-level pressure. Temperatures in °C, pressures in hPa, vapour densities in g/m³, relative humidity in
 * percent from 0 to 100.
 */
public final class Psychrometrics {
    /** Magnus form over water [PUB: Alduchov and Eskridge 1996, J. Appl. Meteorol. 35, 601–609, eq. 21]. */
    private static final double MAGNUS_HPA = 6.1094;

    /** Magnus coefficient over water, after Alduchov and Eskridge 1996. */
    private static final double MAGNUS_A = 17.625;
    /** The other one, °C. */
    private static final double MAGNUS_B_C = 243.04;

    /** Psychrometer constant of a ventilated wet bulb, per °C [MEM: 6.62e-4 at 1013 hPa, WMO guide]. */
    private static final double PSYCHROMETER = 6.62e-4;

    /** Standard pressure, hPa. */
    private static final double SEA_LEVEL_HPA = 1013.25;
    /** Water vapour, 1 / R_v, in g·K/(m³·hPa) [PUB: R_v = 461.5 J/(kg K)]. */
    private static final double DENSITY = 216.68;

    /** Kelvin at the melting point of ice. */
    private static final double ZERO_C_IN_K = 273.15;

    private Psychrometrics() {}

    /** Saturation vapour pressure over water, in hPa; good to 0.4 % from −40 to 50 °C. */
    public static double saturationHectopascals(double temperatureC) {
        return MAGNUS_HPA * Math.exp(MAGNUS_A * temperatureC / (MAGNUS_B_C + temperatureC));
    }

    /** Partial pressure of water vapour, hPa, at a relative humidity in percent over saturation at that temperature. */
    public static double vapourHectopascals(double temperatureC, double relativeHumidity) {
        return relativeHumidity / 100 * saturationHectopascals(temperatureC);
    }

    /** The temperature at which this air would be saturated, in °C. Humidity below 0.1 % is taken as 0.1 %. */
    public static double dewPointC(double temperatureC, double relativeHumidity) {
        double vapour = vapourHectopascals(temperatureC, Math.max(0.1, relativeHumidity));
        double x = Math.log(vapour / MAGNUS_HPA);
        return MAGNUS_B_C * x / (MAGNUS_A - x);
    }

    /**
     * Vapour held per volume of air, in g/m³.
     *
     * @return g/m³
     */
    public static double vapourDensity(double temperatureC, double vapourHectopascals) {
        return DENSITY * vapourHectopascals / (temperatureC + ZERO_C_IN_K);
    }

    /**
     * How much more vapour the air could hold, in g/m³.
     *
     * @return g/m³, 0 in saturated air
     */
    public static double vapourDeficit(double temperatureC, double relativeHumidity) {
        return vapourDensity(temperatureC, saturationHectopascals(temperatureC))
                - vapourDensity(temperatureC, vapourHectopascals(temperatureC, relativeHumidity));
    }

    /**
     * The temperature a wet surface takes in this air when nothing else warms it, in °C, to 0.0001. By Newton's method from the
     * air's own temperature: the balance rises and bends upward, so each step comes nearer from above.
     */
    public static double wetBulbC(double temperatureC, double vapourHectopascals) {
        double wet = temperatureC;
        double step = 1;
        for (int i = 0; i < MOST_NEWTON_STEPS && Math.abs(step) > 1e-4; i++) {
            double saturation = saturationHectopascals(wet);
            double balance = saturation - PSYCHROMETER * SEA_LEVEL_HPA * (temperatureC - wet) - vapourHectopascals;
            double slope = saturation * MAGNUS_A * MAGNUS_B_C / ((wet + MAGNUS_B_C) * (wet + MAGNUS_B_C))
                    + PSYCHROMETER * SEA_LEVEL_HPA;
            step = balance / slope;
            wet -= step;
        }
        return wet;
    }

    /** Far more than the wet bulb ever takes to be found. */
    private static final int MOST_NEWTON_STEPS = 20;
}
