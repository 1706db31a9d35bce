package eventide.hair;

import java.util.EnumMap;
import java.util.Map;

/**
 * What follows from a head of readings by arithmetic alone.
 *
 * @param hairGrams dry hair on the whole head
 */
public record HairFacts(double hairGrams, Map<Zone, ZoneFacts> byZone) {
    /**
     * One zone's part.
     *
     * @param naturalCm how long it hangs dry
     * @param curlIndex stretched over dry length
     */
    public record ZoneFacts(double hairGrams, double shrinkagePercent, double curlIndex, double naturalCm) {}

    public static HairFacts of(Hair hair) {
        Map<Zone, ZoneFacts> byZone = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            Reading reading = hair.at(zone);
            byZone.put(
                    zone,
                    new ZoneFacts(
                            tenth(HairMass.grams(hair, zone)),
                            tenth(reading.shrinkage() * 100),
                            Math.round(CurlGeometry.curlIndex(reading.shrinkage()) * 100) / 100.0,
                            tenth(CurlGeometry.naturalCm(reading.lengthCm(), reading.shrinkage()))));
        }
        return new HairFacts(Math.round(HairMass.grams(hair)), byZone);
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
