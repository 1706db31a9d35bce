package eventide.wash;

import eventide.hair.Zone;
import eventide.product.LabelReading.Load;
import eventide.product.LabelReading.Traits;

/**
 * What the labels of all that is worn name: nothing where none is known.
 *
 * @param films the most of film formers on any of them, 0 to 1
 * @param humectants the most of what draws water, 0 to 1
 */
public record LabelWorn(double films, double humectants) {
    public static LabelWorn of(Wash wash, Zone zone) {
        double films = 0;
        double humectants = 0;
        for (Layer layer : wash.layersIn(zone)) {
            if (layer.product().ingredients() != null) {
                Traits traits = layer.product().label().traits();
                films = Math.max(films, share(traits.filmFormers()));
                humectants = Math.max(humectants, share(traits.humectants()));
            }
        }
        return new LabelWorn(films, humectants);
    }

    /** Of none, little, some and much, in even steps [OURS]. */
    private static double share(Load load) {
        return load.ordinal() / (double) (Load.values().length - 1);
    }
}
