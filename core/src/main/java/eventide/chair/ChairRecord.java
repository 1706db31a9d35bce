package eventide.chair;

import eventide.hair.Zone;
import eventide.product.Product;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import eventide.shape.Maybe;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;

/**
 * What was really done at the chair: the events of a run, taken in the order they were made. Any order of arrival and any
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
        Set<String> answered,
        List<Mended> mended) {
    /**
     * Hands were off: nothing is worked, hair goes on drying, and what works by itself works on.
     *
     * @param to absent while it lasts
     */
    public record Pause(Instant from, @Maybe Instant to) {}

    /**
     * More or less than planned was put on.
     *
     * @param inner the step inside its sections; null for the step itself
     * @param ratio of what was planned, 1 for just that
     */
    public record Given(int step, @Maybe Integer inner, double ratio) {
        public StepPlace place() {
            return new StepPlace(step, inner == null ? -1 : inner);
        }
    }

    /**
     * Another product was used.
     *
     * @param fromSection from this section on, from 0: those done before had what was used till then
     */
    public record Swapped(int step, @Maybe Integer inner, Product product, int fromSection) {
        public StepPlace place() {
            return new StepPlace(step, inner == null ? -1 : inner);
        }
    }

    /**
     * A sign seen at a zone.
     *
     * @param zone where it was seen
     */
    public record Noted(Instant at, Zone zone, ChairEvent.Sign sign) {}

    /**
     * How wet eyes and hands found it.
     *
     * @param trust how much this hand's looks are worth, 0 to 1; null for all
     */
    public record Looked(Instant at, Look look, @Maybe Double trust) {
        /** 0 to 1. */
        double trustOrAll() {
            return trust == null ? 1 : trust;
        }
    }

    /**
     * Hair had left the band it was to be in.
     *
     * @param step during which a section was found dry
     * @param did what was done about it
     */
    public record Righted(Instant at, int step, Did did) {
        /** What hands did about it. */
        public enum Did {
            MISTED,
            SQUEEZED,
            LEFT
        }
    }

    /**
     * The clock of a device was set back: its time was moved on.
     *
     * @param event its id
     */
    public record Mended(String event, Instant said, Instant taken) {}

    /** The record that events come to, in whatever order and however often each arrived. */
    public static ChairRecord of(Routine routine, Collection<ChairEvent> events) {
        Clocks clocks = Clocks.of(events);
        ChairFold fold = new ChairFold(routine);
        clocks.events().forEach(fold::take);
        return fold.record(clocks.mended());
    }

    /** A moment by the clock of the device that was at it last, as the run counts it. */
    public Instant moment(Instant said) {
        if (mended.isEmpty()) {
            return said;
        }
        Mended last = mended.get(mended.size() - 1);
        return said.plus(Duration.between(last.said(), last.taken()));
    }

    /** Whether the clock of the wash stands still. */
    public boolean isPaused() {
        return !pauses.isEmpty() && pauses.get(pauses.size() - 1).to() == null;
    }

    /** What is known of a step; null where it was not begun. */
    public StepDone step(int index) {
        return steps.stream().filter(step -> step.index() == index).findFirst().orElse(null);
    }
}
