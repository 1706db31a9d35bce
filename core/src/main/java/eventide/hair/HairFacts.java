package eventide.hair;

import java.util.EnumMap;
import java.util.Map;

/**
 * What follows from a head of readings by arithmetic alone.
 *
 * @param hairGrams dry hair on the whole head
 * @param whole the whole head: zones count by their share of the hair
 */
public record HairFacts(double hairGrams, ZoneFacts whole, Map<Zone, ZoneFacts> byZone) {
    /**
     * One zone's part.
     *
     * @param naturalCm how long it hangs dry
     * @param curlIndex stretched over dry length
     */
    public record ZoneFacts(double hairGrams, double shrinkagePercent, double curlIndex, double naturalCm) {}

    /** Shrinkage, curl index and grams of hair that follow from the readings, by zone. */
    public static HairFacts of(Hair hair) {
        Map<Zone, ZoneFacts> byZone = new EnumMap<>(Zone.class);
        double grams = HairMass.grams(hair);
        double shrinkage = 0;
        double natural = 0;
        for (Zone zone : Zone.values()) {
            Reading reading = hair.at(zone);
            double own = HairMass.grams(hair, zone);
            double hangs = CurlGeometry.naturalCm(reading.lengthCm(), reading.shrinkage());
            byZone.put(zone, facts(own, reading.shrinkage(), hangs));
            shrinkage += own / grams * reading.shrinkage();
            natural += own / grams * hangs;
        }
        return new HairFacts(Math.round(grams), facts(grams, shrinkage, natural), byZone);
    }

    /**
     * @param grams of dry hair
     * @param shrinkage from 0 to 1
     * @param naturalCm as it hangs
     */
    private static ZoneFacts facts(double grams, double shrinkage, double naturalCm) {
        return new ZoneFacts(
                tenth(grams),
                tenth(shrinkage * 100),
                Math.round(CurlGeometry.curlIndex(shrinkage) * 100) / 100.0,
                tenth(naturalCm));
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
