package eventide.check;

import eventide.product.Compatibility;
import eventide.product.Product;
import eventide.routine.Technique;
import eventide.shape.Source;
import eventide.wash.Layer;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * O6, a rule of this house: a styler over one it does not like. What the fingers saw of just these two bottles is sure; what their
 * labels say is only likely.
 */
final class Flakes implements Rule {
    @Override
    public String id() {
        return "O6";
    }

    @Override
    public String why() {
        return "Gel over a cream it does not like curdles into white flakes.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        List<Layer> layers = wash.layers();
        for (int over = 1; over < layers.size(); over++) {
            for (int under = 0; under < over; under++) {
                Finding finding = finding(wash, layers.get(under), layers.get(over));
                if (finding != null) {
                    found.add(finding);
                }
            }
        }
        return found;
    }

    /**
     * Null where the two never meet in a zone. What was rubbed between fingers and flaked is known; what only is of a kind to
     * flake is a likelihood and says so.
     */
    private Finding finding(Wash wash, Layer under, Layer over) {
        Product first = under.product();
        Product second = over.product();
        boolean meet = styles(under) && styles(over) && under.zones().stream().anyMatch(over::isIn) && first != second;
        if (!meet) {
            return null;
        }
        if (second.flakesOverOrEmpty().contains(first.name())) {
            return Finding.of(
                    this,
                    Severity.WARN,
                    over.place(),
                    null,
                    second.name() + " balled or flaked over " + first.name() + " when both were rubbed.",
                    new Mend("Leave " + first.name() + " out", wash.routine().without(under.place())));
        }
        boolean labelled = first.ingredients() != null && second.ingredients() != null;
        if (!labelled) {
            return null;
        }
        Compatibility read = Compatibility.of(first, second);
        return read.flakes() == Compatibility.Likelihood.LIKELY
                ? Finding.of(
                        this,
                        Severity.NOTE,
                        over.place(),
                        null,
                        second.name() + " is likely to flake over " + first.name() + ". " + read.advice(),
                        null)
                : null;
    }

    /** Drops on dry hair meet nothing that is wet. */
    private static boolean styles(Layer layer) {
        boolean styler = layer.holds() || layer.product().role().moisturises();
        return styler && layer.step().technique() != Technique.DROPS;
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }
}
