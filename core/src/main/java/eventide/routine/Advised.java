package eventide.routine;

import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;

/** How much of a product a head asks for. */
public final class Advised {
    /** Fine hair has more surface a gram but bears less weight [OURS, from the trade's figures]. */
    private static final double RICH_FINE = .75;

    private static final double RICH_COARSE = 1.15;
    private static final double LOW_POROSITY = .85;
    private static final double HIGH_POROSITY = 1.15;
    /** Each step of richness from light to butter takes this much off the amount [OURS]. */
    private static final double RICHER_IS_LESS = .03;

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
        double base =
                switch (product.role()) {
                    // 6 pumps for long low-density hair [CP]
                    case LEAVE_IN, PRIMER -> .040 * rich(reading);
                    // 1–2 pumps a section [CP]: six for a medium head worked in quarters
                    case CREAM -> .055 * rich(reading);
                    // a pea to a small section of fine medium-density hair [CP]
                    case GEL -> .095;
                    // 6 pumps to each half of a medium-to-long head [CP], ml of foam
                    case MOUSSE -> 1.5;
                    // 1–2 drops on fine hair, at most 1½ pumps on a long head [CP]
                    case OIL -> oil(reading.strand());
                    case HEAT_PROTECTANT, SPRAY, SHINE, DRY_SHAMPOO -> .020;
                    case EDGE -> .006;
                    case CLEANSER, CLARIFIER -> .10;
                    case CONDITIONER -> .20;
                    case MASK, PROTEIN -> .22;
                };
        double weight = product.role().moisturises() ? 1 - RICHER_IS_LESS * (product.richness() - USUAL_RICHNESS) : 1;
        return base * weight * porosity(reading.porosity());
    }

    private static double rich(Reading reading) {
        return switch (reading.strand()) {
            case FINE -> RICH_FINE;
            case MEDIUM -> 1;
            case COARSE -> RICH_COARSE;
        };
    }

    private static double oil(Strand strand) {
        return switch (strand) {
            case FINE -> .0018;
            case MEDIUM -> .004;
            case COARSE -> .006;
        };
    }

    private static double porosity(Porosity porosity) {
        return switch (porosity) {
            case LOW -> LOW_POROSITY;
            case MEDIUM -> 1;
            case HIGH -> HIGH_POROSITY;
        };
    }
}
