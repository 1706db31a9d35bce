package eventide.chair;

import eventide.shape.Maybe;
import java.time.Duration;
import java.time.Instant;
import java.util.List;

/**
 * When a step was really done, kept as times so that nothing is lost over a reload or a restart.
 *
 * @param endedAt absent while the step runs
 * @param skipped left out; with sections done, left in the middle
 * @param sectionEnds when each section was done, in the order worked; empty where they were not counted
 */
public record StepDone(
        int index, Instant startedAt, @Maybe Instant endedAt, boolean skipped, List<Instant> sectionEnds) {
    public StepDone {
        sectionEnds = List.copyOf(sectionEnds);
    }

    /** Nothing of it was done. */
    boolean isLeftOut() {
        return skipped && sectionEnds.isEmpty();
    }

    /** Minutes it took, up to a moment while it runs. */
    public double minutes(Instant now) {
        return Math.max(0, minutes(startedAt, endedAt == null ? now : endedAt));
    }

    /** Minutes between two moments, negative where the second is before the first. */
    static double minutes(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / 60_000.0;
    }
}
