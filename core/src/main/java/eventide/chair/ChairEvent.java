package eventide.chair;

import eventide.hair.Zone;
import eventide.product.Product;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Said;
import eventide.shape.Shape;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;

/**
 * One thing that happened at the chair. It is never changed once made: what was wrong is put right by a later one.
 *
 * @param id made by the device, so that an event delivered twice is known for the same
 * @param seq counts the events of one device in the order it made them
 * @param step index of the step it is about, from 0
 * @param inner index inside an EACH_SECTION
 * @param section the section that was finished, from 0 in the order worked
 * @param ratio what was put on, against what the plan said: 1 as planned
 * @param product what was used instead
 * @param timer key of the timer that was answered
 * @param device the page that made it, whose {@code seq} counts on; absent where it does not say
 * @param trust how far a look moves the water that was worked out, as the hand's practice says; all the way where absent
 */
public record ChairEvent(
        @Letters(least = 1, most = 60) String id,
        Instant at,
        @Maybe @Range(from = 0, to = 1_000_000_000) Integer seq,
        Kind kind,
        @Maybe @Range(from = 0, to = 199) Integer step,
        @Maybe @Range(from = 0, to = 199) Integer inner,
        @Maybe @Range(from = 0, to = 199) Integer section,
        @Maybe @Range(from = 0, to = 10) Double ratio,
        @Maybe Product product,
        @Maybe Zone zone,
        @Maybe Sign sign,
        @Maybe Look look,
        @Maybe @Letters(least = 1, most = 80) String timer,
        @Maybe @Letters(least = 1, most = 60) String device,
        @Maybe @Range(from = 0, to = 1) Double trust) {
    /** In the order of their times. */
    public static final Comparator<ChairEvent> IN_TIME = Comparator.comparing(ChairEvent::at)
            .thenComparingInt(event -> event.seq() == null ? 0 : event.seq())
            .thenComparing(ChairEvent::id);

    /** What happened. */
    public enum Kind {
        /** The first step is begun. */
        BEGIN(false),
        /** A step is done; the next begins. */
        DONE(true),
        /** A step is left out as its turn has come. */
        SKIP(true),
        /** Back to a step: what came after it is forgotten; on the step in hand, its last section. */
        BACK(true),
        /** A section is done; with the last one the step is. */
        SECTION(true),
        /** A step still to come will be left out. */
        DROP(true),
        /** It will be done after all. */
        RESTORE(true),
        AMOUNT(true),
        SWAP(true),
        /** A sign at a zone; the same again takes it back. */
        NOTE(false),
        /** Eyes and hands say how wet the hair is. */
        LOOK(false),
        /** Hair that was getting too dry was misted. */
        MISTED(true),
        /** Hair that was too wet was squeezed out. */
        SQUEEZED(true),
        /** It was seen, and left. */
        LEFT(true),
        PAUSE(false),
        RESUME(false),
        /** A timer that rang was answered. */
        ANSWERED(false),
        /** Over, whatever steps are left. */
        FINISH(false);

        private final boolean needsStep;

        /** @param needsStep whether it says nothing without the step it is about */
        Kind(boolean needsStep) {
            this.needsStep = needsStep;
        }
    }

    /** What may be noted of a zone without typing. */
    public enum Sign implements Said {
        GOOD,
        FRIZZY,
        TANGLED,
        TOO_DRY,
        TOO_WET,
        FLAKES,
        WEIGHED_DOWN,
        TENDER
    }

    public ChairEvent {
        List<Fault> faults = Shape.faults(
                ChairEvent.class,
                id,
                at,
                seq,
                kind,
                step,
                inner,
                section,
                ratio,
                product,
                zone,
                sign,
                look,
                timer,
                device,
                trust);
        if (faults.isEmpty()) {
            needed(faults, "step", kind.needsStep, step);
            needed(faults, "section", kind == Kind.SECTION, section);
            needed(faults, "ratio", kind == Kind.AMOUNT, ratio);
            needed(faults, "product", kind == Kind.SWAP, product);
            needed(faults, "zone", kind == Kind.NOTE, zone);
            needed(faults, "sign", kind == Kind.NOTE, sign);
            needed(faults, "look", kind == Kind.LOOK, look);
            needed(faults, "timer", kind == Kind.ANSWERED, timer);
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
    }

    /** A look, if it is one, moves the water all the way. */
    public ChairEvent(
            String id,
            Instant at,
            Integer seq,
            Kind kind,
            Integer step,
            Integer inner,
            Integer section,
            Double ratio,
            Product product,
            Zone zone,
            Sign sign,
            Look look,
            String timer,
            String device) {
        this(id, at, seq, kind, step, inner, section, ratio, product, zone, sign, look, timer, device, null);
    }

    /** @param isNeeded whether this kind of event means nothing without it */
    private static void needed(List<Fault> faults, String name, boolean isNeeded, Object value) {
        if (isNeeded && value == null) {
            faults.add(new Fault("/" + name, name + " must be given with this kind"));
        }
    }

    /** An event of a step. */
    public static ChairEvent of(String id, Instant at, Kind kind, Integer step) {
        return new ChairEvent(id, at, null, kind, step, null, null, null, null, null, null, null, null, null, null);
    }

    /** The same at another time. */
    ChairEvent takenAt(Instant other) {
        return at.equals(other)
                ? this
                : new ChairEvent(
                        id, other, seq, kind, step, inner, section, ratio, product, zone, sign, look, timer, device,
                        trust);
    }
}
