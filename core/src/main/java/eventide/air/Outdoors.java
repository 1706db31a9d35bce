package eventide.air;

import eventide.shape.Range;
import eventide.shape.Shape;

/**
 * The air where the hair will be worn.
 *
 * @param temperatureC °C
 * @param relativeHumidity percent
 */
public record Outdoors(
        @Range(from = -40, to = 55, unit = "°C") Double temperatureC,
        @Range(from = 0, to = 100, unit = "percent") Double relativeHumidity) {
    public Outdoors {
        Shape.check(Outdoors.class, temperatureC, relativeHumidity);
    }

    /** Where the hair is worn, °C. */
    public double dewPointC() {
        return Psychrometrics.dewPointC(temperatureC, relativeHumidity);
    }
}
