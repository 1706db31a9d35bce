package eventide.wash;

import eventide.hair.Zone;
import eventide.product.LabelReading.Load;
import eventide.product.LabelReading.Traits;
import eventide.product.Product;
import java.util.function.Predicate;

/**
 * What the labels of all that is worn name: nothing where none is known.
 *
 * @param films the most of film formers on any of them, 0 to 1
 * @param humectants the most of what draws water, 0 to 1
 */
public record LabelWorn(double films, double humectants) {
    private static final LabelWorn NONE = new LabelWorn(0, 0);

    /** What the labels of all layers on a zone bring, the most of each. */
    public static LabelWorn of(Wash wash, Zone zone) {
        return of(wash, zone, layer -> true);
    }

    /** Of some layers only. */
    public static LabelWorn of(Wash wash, Zone zone, Predicate<Layer> wanted) {
        double films = 0;
        double humectants = 0;
        for (Layer layer : wash.layersIn(zone)) {
            if (wanted.test(layer)) {
                LabelWorn own = of(layer.product());
                films = Math.max(films, own.films());
                humectants = Math.max(humectants, own.humectants());
            }
        }
        return new LabelWorn(films, humectants);
    }

    /** The most of both. */
    public LabelWorn and(LabelWorn other) {
        return new LabelWorn(Math.max(films, other.films), Math.max(humectants, other.humectants));
    }

    /** Of one product. */
    public static LabelWorn of(Product product) {
        if (product.ingredients() == null) {
            return NONE;
        }
        Traits traits = product.label().traits();
        return new LabelWorn(share(traits.filmFormers()), share(traits.humectants()));
    }

    /**
     * Of none, little, some and much, in even steps [OURS].
     *
     * @return from 0 (none) to 1 (much)
     */
    private static double share(Load load) {
        return load.ordinal() / (double) (Load.values().length - 1);
    }
}
