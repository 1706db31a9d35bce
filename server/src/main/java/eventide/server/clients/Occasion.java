package eventide.server.clients;

/** What made somebody read the hair again. */
public enum Occasion {
    FIRST,
    CHECK,
    AFTER_BLEACH,
    AFTER_COLOUR,
    AFTER_TRIM,
    SEASON
}
