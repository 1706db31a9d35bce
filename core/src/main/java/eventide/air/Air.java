package eventide.air;

import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * The air of the room hair is dried in, and where it will be worn if that is known.
 *
 * @param temperatureC of the room, °C
 * @param relativeHumidity of the room, percent
 * @param outdoors where the hair goes afterwards; null for where it is
 */
public record Air(
        @Range(from = -10, to = 50, unit = "°C") Double temperatureC,
        @Range(from = 0, to = 100, unit = "percent") Double relativeHumidity,
        @Maybe Outdoors outdoors) {
    public Air {
        Shape.check(Air.class, temperatureC, relativeHumidity, outdoors);
    }

    /**
     * @param temperatureC °C
     * @param relativeHumidity percent, 0 to 100
     */
    /** A mild room and nothing else to wear hair in: dew point 12 °C [OURS, the middle of the easy band]. */
    public static final Air EASY = of(22, 52);

    /** Indoors only: degrees Celsius and percent of relative humidity. */
    public static Air of(double temperatureC, double relativeHumidity) {
        return new Air(temperatureC, relativeHumidity, null);
    }

    /** Of the room, °C. */
    public double dewPointC() {
        return Psychrometrics.dewPointC(temperatureC, relativeHumidity);
    }

    /**
     * The dew point the finished hair must stand: the more humid of the room and outdoors, where that is known.
     *
     * @return °C
     */
    public double wornDewPointC() {
        return outdoors == null ? dewPointC() : Math.max(dewPointC(), outdoors.dewPointC());
    }

    /**
     * The driest of the two: frost outdoors dries hair out however mild the room is.
     *
     * @return °C
     */
    public double driestDewPointC() {
        return outdoors == null ? dewPointC() : Math.min(dewPointC(), outdoors.dewPointC());
    }

    /**
     * Partial pressure of water vapour, hPa.
     *
     * @return hPa, from 0 to saturation
     */
    public double vapourHectopascals() {
        return Psychrometrics.vapourHectopascals(temperatureC, relativeHumidity);
    }
}
