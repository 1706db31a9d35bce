package eventide.server.shelf;

import eventide.shape.Frozen;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.LocalDate;
import java.util.Set;

/**
 * What is known of a bottle beside the product in it.
 *
 * @param fromLabel values taken as the label proposed them; the others are the stylist's own
 */
public record BottleFacts(
        @Maybe WindowFrom windowFrom,
        @Maybe LocalDate openedOn,
        @Maybe Set<LabelValue> fromLabel,
        @Maybe @Letters(most = 2000) String notes) {
    /** Who says at what wetness it works. */
    public enum WindowFrom {
        BOTTLE,
        LEARNED,
        LABEL,
        USUAL
    }

    /** A value a label can propose. */
    public enum LabelValue {
        HOLD,
        RICHNESS,
        WINDOW
    }

    public BottleFacts {
        Shape.check(BottleFacts.class, windowFrom, openedOn, fromLabel, notes);
        fromLabel = Frozen.set(fromLabel);
    }
}
