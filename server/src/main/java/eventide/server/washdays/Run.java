package eventide.server.washdays;

import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The chair's whole record so far. Sending it again changes nothing, so the chair may send it as often as it likes.
 *
 * @param revision counts the chair's changes; a record older than the one kept is not taken, so that deliveries may
 *     arrive out of order
 */
public record Run(
        List<StepDone> steps, @Maybe Boolean finished, @Maybe @Range(from = 0, to = 1_000_000_000) Integer revision) {
    public Run {
        List<Fault> faults = Shape.faults(Run.class, steps, finished, revision);
        Set<Integer> seen = new HashSet<>();
        for (int i = 0; faults.isEmpty() && i < steps.size(); i++) {
            if (!seen.add(steps.get(i).index())) {
                faults.add(new Fault(
                        "/steps/" + i + "/index", "step " + steps.get(i).index() + " is recorded twice"));
            }
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        steps = Frozen.list(steps);
    }
}
