package eventide.server.washdays;

import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.time.Instant;
import java.util.List;

/**
 * When a step was really done, kept as times so that nothing is lost over a reload or a restart.
 *
 * @param endedAt absent while the step runs
 */
public record StepDone(
        @Range(from = 0, to = 199) Integer index, Instant startedAt, @Maybe Instant endedAt, @Maybe Boolean skipped) {
    public StepDone {
        List<Fault> faults = Shape.faults(StepDone.class, index, startedAt, endedAt, skipped);
        if (faults.isEmpty() && endedAt != null && endedAt.isBefore(startedAt)) {
            faults.add(new Fault(
                    "/endedAt", "endedAt must not be before startedAt (" + startedAt + "), but was " + endedAt));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
    }
}
