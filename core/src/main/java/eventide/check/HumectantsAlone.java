package eventide.check;

import eventide.air.Air;
import eventide.air.DewPointBand;
import eventide.product.LabelReading.Load;
import eventide.product.LabelReading.Traits;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.wash.Layer;
import eventide.wash.Wash;
import java.util.List;

/**
 * A4: much humectant and no film former where the air is very humid, or very dry; told by the labels only.
 *
 * <p>Asks the dew point where the hair is worn, in the bands of the trade: easy air is silent, humid a note, oppressive a warning
 * (it swells and frizzes), and so is dry (it is dried out). A bottle whose label is not known says nothing. Mend: what holds a
 * film, where the shelf has it. Source: common practice.
 */
final class HumectantsAlone implements Rule {
    @Override
    public String id() {
        return "A4";
    }

    @Override
    public String why() {
        return "Alone, what draws water swells hair in humid air and dries it out in frost.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        double dew = dewPoint(wash.air());
        DewPointBand band = DewPointBand.of(dew);
        if (band == DewPointBand.EASY) {
            return List.of();
        }
        Layer most = null;
        for (Layer layer : wash.layers()) {
            Product product = layer.product();
            if (product.ingredients() == null) {
                continue;
            }
            Traits traits = product.label().traits();
            if (traits.filmFormers() != Load.NONE) {
                return List.of();
            }
            most = traits.humectants() == Load.HIGH ? layer : most;
        }
        if (most == null) {
            return List.of();
        }
        boolean humid = band != DewPointBand.DRY;
        return List.of(Finding.of(
                this,
                band == DewPointBand.HUMID ? Severity.NOTE : Severity.WARN,
                most.place(),
                null,
                most.product().name() + " draws water and nothing over it keeps the air out: at a dew point of "
                        + Math.round(dew) + " °C hair " + (humid ? "swells and frizzes." : "is dried out."),
                new Mend(
                        "A gel that forms a film over it",
                        wash.routine()
                                .inserting(
                                        most.place().index() + 1,
                                        Step.of(Action.APPLY)
                                                .product(Generic.FILM)
                                                .technique(Technique.GLAZE)
                                                .build()))));
    }

    /**
     * Where it is worn: outdoors, where that is known, also where that is drier than the room.
     *
     * @return °C
     */
    private static double dewPoint(Air air) {
        return air.outdoors() == null ? air.dewPointC() : air.outdoors().dewPointC();
    }
}
