package eventide.drying;

import static eventide.drying.DryingConstants.CRITICAL;
import static eventide.drying.DryingConstants.DRAINS_IN_MINUTES;
import static eventide.drying.DryingConstants.DRAINS_TO;
import static eventide.drying.DryingConstants.TAIL;

/**
 * Constant rate down to the critical content, then falling toward the room's equilibrium [PUB: standard drying theory,
 * two periods]. Each piece is solved exactly, so that the answer does not depend on the size of the time step.
 */
final class Evaporation {
    private Evaporation() {}

    /**
     * Wetness after some minutes.
     *
     * @param wet percent at the start
     * @param rate percent a minute while fully wet, 0 or more
     * @param release ease of the falling period, 1 for medium porosity
     * @return percent wet
     */
    static double after(double wet, double rate, double release, double minutes) {
        return after(wet, rate, release, minutes, Double.NaN);
    }

    /**
     * As {@link #after}, with what {@link #falls} gives for the whole time where it is known already.
     *
     * @return percent wet
     */
    static double after(double wet, double rate, double release, double minutes, double falls) {
        if (wet <= 0 || rate <= 0 || minutes <= 0) {
            return Math.max(0, wet);
        }
        double left = minutes;
        double level = wet;
        if (level > CRITICAL) {
            double toCritical = (level - CRITICAL) / rate;
            if (left <= toCritical) {
                return level - rate * left;
            }
            left -= toCritical;
            level = CRITICAL;
        }
        double kept = left < minutes || Double.isNaN(falls) ? falls(rate, release, left) : falls;
        return Math.max(0, (level + TAIL) * kept - TAIL);
    }

    /**
     * Minutes until hair is as dry as that, none where it is: {@link #after} turned round.
     *
     * @param wet percent at the start
     * @param rate percent a minute while fully wet, 0 or more; at 0 it never dries
     * @param release ease of the falling period, 1 for medium porosity
     * @param target percent, over 0
     */
    static double minutesTo(double target, double wet, double rate, double release) {
        if (wet <= target) {
            return 0;
        }
        if (rate <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        double steady = Math.max(0, wet - Math.max(CRITICAL, target)) / rate;
        double falling =
                Math.log((Math.min(wet, CRITICAL) + TAIL) / (target + TAIL)) * (CRITICAL + TAIL) / (rate * release);
        return steady + Math.max(0, falling);
    }

    /** The part of what is left, tail and all, that some minutes of the falling period leave. */
    static double falls(double rate, double release, double minutes) {
        return Math.exp(-minutes * rate * release / (CRITICAL + TAIL));
    }

    /**
     * What gravity leaves of dripping hair.
     *
     * @param kept as {@link #drains} gives it for the time
     * @return percent wet
     */
    static double drained(double wet, double kept) {
        return wet <= DRAINS_TO ? wet : DRAINS_TO + (wet - DRAINS_TO) * kept;
    }

    /** The part of what can run off that is still there after some minutes. */
    static double drains(double minutes) {
        return Math.exp(-minutes / DRAINS_IN_MINUTES);
    }
}
