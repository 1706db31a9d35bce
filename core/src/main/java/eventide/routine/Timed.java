package eventide.routine;

/**
 * The clock an action starts at the chair.
 *
 * @param key the same on every device, with the step's index behind it
 * @param name what is timed, as a stylist says it
 */
public record Timed(String key, String name, Until until) {
    /** What ends it. */
    public enum Until {
        /** Its own minutes. */
        ITS_MINUTES,
        /** The next rinse: what it put on works on until then. */
        NEXT_RINSE,
        /** The time on the label, where there is one. */
        LABEL_TIME,
        /** The level of water; where hands hold the dryer it rests when they do. */
        DRY,
        /** Nothing: it ticks each time the bowl moves on. */
        MOVING_ON
    }
}
