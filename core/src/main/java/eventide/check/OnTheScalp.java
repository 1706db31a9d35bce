package eventide.check;

import eventide.hair.Scalp;
import eventide.product.Role;
import eventide.routine.Part;
import eventide.routine.Step;
import eventide.wash.Layer;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The part of A1 on the scalp: a styler rubbed on the scalp, where nothing rinses it out. Product goes to just under the root [CP]. */
final class OnTheScalp {
    /** These make it worse. */
    private static final Set<Scalp> TROUBLED = Set.of(Scalp.FLAKING, Scalp.ITCHY, Scalp.OILY);

    private OnTheScalp() {}

    /** Leave-in product named for the scalp. The parts it was named with keep it; where the scalp was all, it goes to the roots. */
    static List<Finding> findings(Rule rule, Wash wash) {
        boolean troubled = wash.hair().scalpOrEmpty().stream().anyMatch(TROUBLED::contains);
        List<Finding> found = new ArrayList<>();
        for (Layer layer : wash.layers()) {
            Step step = layer.step();
            if (step.parts() == null
                    || !step.reaches(Part.SCALP)
                    || layer.product().role() == Role.DRY_SHAMPOO) {
                continue;
            }
            Set<Part> others = EnumSet.copyOf(step.parts());
            others.remove(Part.SCALP);
            Step off = step.but()
                    .parts(others.isEmpty() ? Set.of(Part.LENGTHS, Part.ENDS) : others)
                    .build();
            found.add(Finding.of(
                    rule,
                    troubled ? Severity.WARN : Severity.NOTE,
                    layer.place(),
                    null,
                    layer.product().name() + " goes on the scalp and stays there: keep it just under the root.",
                    new Mend("Keep it off the scalp", wash.routine().replacing(layer.place(), off))));
        }
        return found;
    }
}
