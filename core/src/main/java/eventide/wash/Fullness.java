package eventide.wash;

import eventide.hair.Zone;
import eventide.product.Role;
import eventide.routine.Half;
import java.util.List;

/**
 * How much of what is advised went on in all, as a ratio: 1 where the layers of a kind together are as much as one of them would be
 * by itself. Too much, too little and bare strands are all read off this.
 */
public final class Fullness {
    private Fullness() {}

    /**
     * Of some layers in a zone, 0 where none went there.
     *
     * @return times the advised amount
     */
    public static double of(List<Layer> layers, Zone zone) {
        double full = 0;
        for (Layer layer : layers) {
            full += layer.isIn(zone) ? layer.fullness() : 0;
        }
        return full;
    }

    /** Of all that holds; what kept to one half counts for that half of the zone. */
    public static double ofHold(Wash wash, Zone zone) {
        double full = 0;
        for (Layer layer : wash.layersIn(zone)) {
            full += layer.holds() ? layer.fullness() * partOn(wash, layer) : 0;
        }
        return full;
    }

    /**
     * Of all that coats strands, at most 1: what only finishes does not.
     *
     * @return times the advised amount, from 0 to 1
     */
    public static double ofCoat(Wash wash, Zone zone) {
        double full = 0;
        for (Layer layer : wash.layersIn(zone)) {
            boolean styles = layer.product().role().kind() != Role.Group.FINISH
                    && layer.product().role() != Role.OIL;
            full += styles ? layer.fullness() : 0;
        }
        return Math.min(1, full);
    }

    /**
     * Of the hair that is looked at, the part a layer went on.
     *
     * @return a share: 1 or .5
     */
    private static double partOn(Wash wash, Layer layer) {
        boolean both = wash.isHalf() || layer.isOn(Half.LEFT) && layer.isOn(Half.RIGHT);
        return both ? 1 : .5;
    }
}
