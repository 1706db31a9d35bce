package eventide.routine;

import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.product.Product;

/** How much of a product a head asks for. */
public final class Advised {
    /** Against usual porosity, ratio [OURS]. */
    private static final double LOW_POROSITY = .85;

    /** Times as much as middling porosity takes [OURS]. */
    private static final double HIGH_POROSITY = 1.15;
    /** Each step of richness from light to butter takes this much off the amount [OURS]. */
    private static final double RICHER_IS_LESS = .03;

    /** Richness of which the advised amounts speak, 0 to 10: of what is richer less is taken [OURS]. */
    private static final double USUAL_RICHNESS = 4;
    /** At most 1½ pumps of finishing oil on a long head [CP]; a pump of oil taken as 0.8 ml. */
    private static final double MOST_OIL_ML = 1.2;

    private Advised() {}

    /** For the whole head, in ml (of foam for a mousse). */
    public static double headMl(Product product, Hair hair) {
        double ml = 0;
        for (Zone zone : Zone.values()) {
            ml += zoneMl(product, hair, zone);
        }
        return ml;
    }

    /** For one zone, in ml (of foam for a mousse). */
    public static double zoneMl(Product product, Hair hair, Zone zone) {
        Reading reading = hair.at(zone);
        double grams = HairMass.grams(hair, zone);
        double perGram = perGram(product, reading);
        double ml = perGram * grams;
        return product.role() == eventide.product.Role.OIL ? Math.min(ml, MOST_OIL_ML * zone.share()) : ml;
    }

    /** ml to a gram of hair of this reading. */
    static double perGram(Product product, Reading reading) {
        double weight = product.role().moisturises() ? 1 - RICHER_IS_LESS * (product.richness() - USUAL_RICHNESS) : 1;
        return product.role().mlPerGram(reading) * weight * porosity(reading.porosity());
    }

    /**
     * Times as much as middling porosity takes.
     *
     * @return a factor about 1
     */
    private static double porosity(Porosity porosity) {
        return switch (porosity) {
            case LOW -> LOW_POROSITY;
            case MEDIUM -> 1;
            case HIGH -> HIGH_POROSITY;
        };
    }
}
