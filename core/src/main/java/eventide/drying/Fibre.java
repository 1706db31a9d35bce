package eventide.drying;

import eventide.hair.Porosity;

/** Water in and between fibres, in g per g of dry hair. */
final class Fibre {
    /** Relative humidity and equilibrium regain at room temperature [MEM: Robbins; the last from "about 31"]. */
    private static final double[] HUMIDITY = {0, 29, 40, 50, 65, 70, 100};

    private static final double[] REGAIN = {0, .060, .076, .098, .128, .136, .31};

    private Fibre() {}

    /** What the fibre holds once level with air of this relative humidity, straight lines between the published points. */
    static double regain(double relativeHumidity) {
        double rh = Math.max(0, Math.min(100, relativeHumidity));
        int i = 1;
        while (i < HUMIDITY.length - 1 && rh > HUMIDITY[i]) {
            i++;
        }
        double at = (rh - HUMIDITY[i - 1]) / (HUMIDITY[i] - HUMIDITY[i - 1]);
        return REGAIN[i - 1] + at * (REGAIN[i] - REGAIN[i - 1]);
    }

    /**
     * Water between the fibres of dripping hair [OURS, inside 1.0–1.5]: lifted cuticles hold more.
     *
     * @return grams of water a gram of hair
     */
    static double betweenFibres(Porosity porosity) {
        return switch (porosity) {
            case LOW -> 1.1;
            case MEDIUM -> 1.2;
            case HIGH -> 1.35;
        };
    }

    /**
     * All that 100 % stands for: from level with this air to dripping.
     *
     * @return grams of water a gram of hair
     */
    static double capacity(Porosity porosity, double relativeHumidity) {
        return betweenFibres(porosity) + .31 - regain(relativeHumidity);
    }

    /**
     * Ease with which the last water leaves the fibre, against medium [OURS; CP: low is slow, high loses it fast].
     *
     * @return a factor about 1
     */
    static double release(Porosity porosity) {
        return switch (porosity) {
            case LOW -> .85;
            case MEDIUM -> 1;
            case HIGH -> 1.25;
        };
    }
}
