package eventide.check;

import eventide.routine.Routine;
import eventide.wash.Layer;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * O1: cream or leave-in over gel or mousse.
 *
 * <p>Laid over hold on the same hair it breaks the film. On single pieces between rounds of the dryer it is a note. Mend: the
 * layer goes under the hold, where nothing stands against that. Source: common practice.
 */
final class MoistureOverHold implements Rule {
    @Override
    public String id() {
        return "O1";
    }

    @Override
    public String why() {
        return "Moisture laid over hold breaks its film.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (Layer layer : wash.layers()) {
            if (!layer.product().role().moisturises()) {
                continue;
            }
            Layer hold = firstHoldUnder(wash, layer);
            if (hold == null) {
                continue;
            }
            boolean between = Steps.driedBetween(wash, hold.startMinute(), layer.startMinute());
            String name = layer.product().name();
            String message = between
                    ? name + " goes over hold that has begun to dry: keep it to single pieces."
                    : name + " goes over " + hold.product().name() + ": put it under instead.";
            Routine moved = Steps.movedBefore(wash.routine(), layer.place(), hold.place());
            Mend mend = between || moved == null
                    ? null
                    : new Mend("Put it before " + hold.product().name(), moved);
            found.add(Finding.of(this, between ? Severity.NOTE : Severity.WARN, layer.place(), null, message, mend));
        }
        return found;
    }

    /** The first hold that some of the same hair already wears. */
    private static Layer firstHoldUnder(Wash wash, Layer layer) {
        for (Layer earlier : wash.layers()) {
            if (!earlier.holds() || !wash.isAfter(layer.place(), earlier.place())) {
                continue;
            }
            boolean under = earlier.visits().stream().anyMatch(v -> layer.visits().stream()
                    .anyMatch(own -> own.startMinute() >= v.endMinute() - 1e-9 && own.overlaps(v)));
            if (under) {
                return earlier;
            }
        }
        return null;
    }
}
