package eventide.outcome;

import static eventide.outcome.Constants.FILM_GUARDS;
import static eventide.outcome.Constants.HUMECTANTS_DRAW;

import eventide.hair.Zone;
import eventide.product.LabelReading.Load;
import eventide.product.LabelReading.Traits;
import eventide.wash.Layer;
import eventide.wash.Wash;

/**
 * What the labels of all that is worn make of the air: nothing where none is known.
 *
 * @param films the most of film formers on any of them, 0 to 1
 * @param humectants the most of what draws water, 0 to 1
 */
record Label(double films, double humectants) {
    /** The best that any label could make of humid air. */
    static final double BEST = 1 - FILM_GUARDS;

    static Label of(Wash wash, Zone zone) {
        double films = 0;
        double humectants = 0;
        for (Layer layer : wash.layersIn(zone)) {
            if (layer.product().ingredients() != null) {
                Traits traits = layer.product().label().traits();
                films = Math.max(films, share(traits.filmFormers()));
                humectants = Math.max(humectants, share(traits.humectants()));
            }
        }
        return new Label(films, humectants);
    }

    /** Of none, little, some and much [OURS]. */
    private static double share(Load load) {
        return load.ordinal() / (double) (Load.values().length - 1);
    }

    /** What is left of humid air's frizz, against hair without a label. */
    double guards() {
        return 1 - FILM_GUARDS * films + HUMECTANTS_DRAW * draws();
    }

    /** How much humectants draw that no film keeps in, 0 to 1. */
    double draws() {
        return humectants * (1 - films);
    }
}
