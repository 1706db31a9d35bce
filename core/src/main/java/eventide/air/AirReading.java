package eventide.air;

import eventide.shape.Maybe;

/** What the air is like in the stylist's words. */
public record AirReading(
        Double temperatureC,
        Double relativeHumidity,
        Double dewPointC,
        DewPointBand band,
        String words,
        /** @param from where the figures come from, as the screen says it: typed, or a simulated station */
        @Maybe String from) {
    public static AirReading of(Air air, String from) {
        double dewPoint = Math.round(air.dewPointC() * 10) / 10.0;
        DewPointBand band = DewPointBand.of(dewPoint);
        return new AirReading(
                air.temperatureC(), air.relativeHumidity(), dewPoint, band, band.label() + ": " + band.advice(), from);
    }
}
