package eventide.check;

import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Layer;
import eventide.wash.Wash;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * T8: styling that never visits the crown.
 *
 * <p>Asks what holds, else what moisturises: some of it is on the head and none at the crown, and no hands reach there either.
 * Silent in a refresh. Mend: the first of it, there too. Source: common practice.
 */
final class CrownForgotten implements Rule {

    @Override
    public String id() {
        return "T8";
    }

    @Override
    public String why() {
        return "The crown nobody visits frizzes and lies flat.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        if (wash.isRefresh()) {
            return List.of();
        }
        List<Layer> stylers = wash.layers().stream().filter(Layer::holds).toList();
        if (stylers.isEmpty()) {
            stylers = wash.layers().stream()
                    .filter(layer -> layer.product().role().moisturises())
                    .toList();
        }
        boolean visited = stylers.isEmpty() || stylers.stream().anyMatch(layer -> layer.isIn(Zone.CROWN));
        if (visited || handsReach(wash)) {
            return List.of();
        }
        Layer first = stylers.get(0);
        Set<Zone> with = EnumSet.copyOf(first.step().zonesOrAll());
        with.add(Zone.CROWN);
        boolean byFrame = first.place().isInner()
                && !wash.routine()
                        .steps()
                        .get(first.place().index())
                        .zonesOrAll()
                        .contains(Zone.CROWN);
        Mend mend;
        if (byFrame) {
            Step frame = wash.routine().steps().get(first.place().index());
            Set<Zone> zones = EnumSet.copyOf(frame.zonesOrAll());
            zones.add(Zone.CROWN);
            mend = new Mend(
                    "Include the crown",
                    wash.routine()
                            .replacing(
                                    first.place().index(),
                                    frame.but().zones(zones).build()));
        } else {
            mend = new Mend(
                    "Include the crown",
                    wash.routine()
                            .replacing(
                                    first.place(),
                                    first.step().but().zones(with).build()));
        }
        return List.of(Finding.of(
                this, Severity.WARN, first.place(), Zone.CROWN, "The styling never visits the crown.", mend));
    }

    /** Hands that shape the crown with what is on them visit it too. */
    private static boolean handsReach(Wash wash) {
        for (StepPlace place : wash.places()) {
            Action action = wash.routine().at(place).action();
            boolean shapes = action == Action.SCRUNCH
                    || action == Action.COIL
                    || action == Action.SHINGLE
                    || action == Action.BRUSH_STYLE
                    || action == Action.SMOOTH
                    || action == Action.PRESS;
            boolean named = wash.routine().at(place).zones() != null;
            if (shapes && named && wash.course().visits(place).stream().anyMatch(v -> v.isIn(Zone.CROWN))) {
                return true;
            }
        }
        return false;
    }
}
