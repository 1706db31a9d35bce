package eventide.diary;

import eventide.air.Air;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.LocalDateTime;

/**
 * What the hair is to look best for.
 *
 * @param at its hour, by the clock where it is
 * @param air of the place at that hour, as far as it is known
 */
public record DiaryEvent(LocalDateTime at, @Maybe @Letters(least = 1, most = 200) String name, @Maybe Air air) {
    public DiaryEvent {
        Shape.check(DiaryEvent.class, at, name, air);
    }

    String named() {
        return name == null ? "the event" : name;
    }
}
