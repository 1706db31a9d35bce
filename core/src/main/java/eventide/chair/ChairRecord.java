package eventide.chair;

import eventide.hair.Zone;
import eventide.product.Product;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import eventide.shape.Maybe;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;

/**
 * What was really done at the chair: the events of a run, taken in the order of their time. Any order of arrival and any
 * number of deliveries give the same record.
 *
 * @param steps in the order of the routine; those not begun are left out
 * @param open index of the step in hand; absent before the beginning and after the end
 * @param dropped steps still to come that will be left out
 */
public record ChairRecord(
        List<StepDone> steps,
        @Maybe Integer open,
        @Maybe Instant startedAt,
        @Maybe Instant finishedAt,
        List<Pause> pauses,
        Set<Integer> dropped,
        List<Given> given,
        List<Swapped> swapped,
        List<Noted> notes,
        List<Looked> looks,
        List<Righted> righted,
        Set<String> answered) {
    /**
     * Hands were off. Water and timers run on.
     *
     * @param to absent while it lasts
     */
    public record Pause(Instant from, @Maybe Instant to) {}

    /** More or less than planned was put on. */
    public record Given(int step, @Maybe Integer inner, double ratio) {
        public StepPlace place() {
            return new StepPlace(step, inner == null ? -1 : inner);
        }
    }

    /** Another product was used. */
    public record Swapped(int step, @Maybe Integer inner, Product product) {
        public StepPlace place() {
            return new StepPlace(step, inner == null ? -1 : inner);
        }
    }

    /** A sign seen at a zone. */
    public record Noted(Instant at, Zone zone, ChairEvent.Sign sign) {}

    /** How wet eyes and hands found it. */
    public record Looked(Instant at, Look look) {}

    /** Hair had left the band it was to be in. */
    public record Righted(Instant at, int step, Did did) {
        /** What hands did about it. */
        public enum Did {
            MISTED,
            SQUEEZED,
            LEFT
        }
    }

    public static ChairRecord of(Routine routine, Collection<ChairEvent> events) {
        ChairFold fold = new ChairFold(routine);
        events.stream().sorted(ChairEvent.IN_TIME).forEach(fold::take);
        return fold.record();
    }

    public boolean isPaused() {
        return !pauses.isEmpty() && pauses.get(pauses.size() - 1).to() == null;
    }

    /** What is known of a step; null where it was not begun. */
    public StepDone step(int index) {
        return steps.stream().filter(step -> step.index() == index).findFirst().orElse(null);
    }
}
