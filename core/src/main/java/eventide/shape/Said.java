package eventide.shape;

import java.util.Locale;

/** A constant of a closed vocabulary as a stylist says it: its own name in small letters where nothing else is said. */
public interface Said {
    String name();

    /** In small letters, fit to stand in a sentence. */
    default String label() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
