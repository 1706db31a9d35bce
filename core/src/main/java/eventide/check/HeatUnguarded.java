package eventide.check;

import eventide.drying.Visit;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.wash.HeatMet;
import eventide.wash.Layer;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.List;

/**
 * O4: heat with no protectant before it.
 *
 * <p>A product with a heat guard counts whatever its role, and has to be on the hair the heat reaches before it does. A note for
 * warm air; a warning for hot air held in contact or hair that is damaged. Cool air is none. Mend: a protectant from the
 * shelf, before the first heat. Source: common practice.
 */
final class HeatUnguarded implements Rule {

    @Override
    public String id() {
        return "O4";
    }

    @Override
    public String why() {
        return "Unguarded heat damages; warm air less than hot air in contact.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        Finding softest = null;
        StepPlace first = null;
        for (Visit visit : wash.course().visits()) {
            Step step = visit.step();
            if (!isWarm(step) || visit.minutes() <= 0 || HeatMet.isGuarded(wash, visit)) {
                continue;
            }
            boolean contact = step.heat() == Heat.HOT
                    && (step.action() == Action.CUP
                            || step.action() == Action.HAMMOCK
                            || step.action() == Action.STRETCH);
            boolean damaged =
                    visit.zones().stream().anyMatch(zone -> wash.hair().at(zone).isDamaged());
            StepPlace later = guardAfter(wash, visit);
            Finding finding = Finding.of(
                    this,
                    contact || damaged ? Severity.WARN : Severity.NOTE,
                    visit.place(),
                    null,
                    later == null
                            ? "Heat with no protectant under it."
                            : wash.productOf(later).name() + " comes after the heat: it guards only what follows.",
                    mend(wash.routine(), first == null ? visit.place() : first, later));
            first = first == null ? visit.place() : first;
            if (contact || damaged) {
                return List.of(finding);
            }
            softest = softest == null ? finding : softest;
        }
        return softest == null ? List.of() : List.of(softest);
    }

    /** A dryer that is not said to be cool is warm; a stretch is warm only where heat is said. */
    private static boolean isWarm(Step step) {
        if (step.action() == Action.STRETCH) {
            return step.heat() != null && step.heat() != Heat.COOL;
        }
        return step.action().isDryer() && step.heat() != Heat.COOL;
    }

    /** A protectant that goes on once the heat is over already, null for none. */
    private static StepPlace guardAfter(Wash wash, Visit dryer) {
        return wash.layers().stream()
                .filter(layer -> layer.product().guardsHeat() && layer.startMinute() > dryer.startMinute())
                .map(Layer::place)
                .findFirst()
                .orElse(null);
    }

    /** Moves the protectant there is; adds one where there is none, or where it cannot be moved without breaking a step apart. */
    private static Mend mend(Routine routine, StepPlace dryer, StepPlace later) {
        Routine moved = later == null ? null : Steps.movedBefore(routine, later, dryer);
        if (moved != null) {
            return new Mend("Put it on before the heat", moved);
        }
        Product guard = Generic.GUARD;
        Step spray =
                Step.of(Action.APPLY).product(guard).technique(Technique.SPRAY).build();
        return new Mend("Spray a protectant first", routine.inserting(dryer.index(), spray));
    }
}
