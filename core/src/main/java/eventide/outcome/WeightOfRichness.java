package eventide.outcome;

import eventide.hair.Zone;
import eventide.wash.Layer;
import eventide.wash.Richness;
import eventide.wash.Wash;

/** How heavy a point of richness on a label makes a head, so that weight found in a log can be put down to the label. */
public final class WeightOfRichness {
    private WeightOfRichness() {}

    /**
     * Points of weight, 0 to 10, that one point more of richness on this layer's bottle would bring the whole head; 0 where it is on
     * none of it.
     */
    public static double pointsOf(Wash wash, Layer layer) {
        double shares = 0;
        for (Zone zone : layer.zones()) {
            double borne = Richness.borne(wash.hair().at(zone), wash.schools());
            shares += zone.share() / Bearing.of(wash, borne).here();
        }
        return Constants.BORNE_WEIGHS * Richness.perPoint(layer) * shares;
    }
}
