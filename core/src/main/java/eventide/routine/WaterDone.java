package eventide.routine;

/** What an action does to the water in the hair at a stroke, as it ends; drying is {@link Airflow}'s. */
public enum WaterDone {
    NOTHING,
    /** All of it dripping, roots too. */
    SOAKED,
    /** Brought up to a level. */
    WETTED,
    /** The lengths alone brought up to a level. */
    LENGTHS_WETTED,
    /** The outside brought up a little. */
    MISTED,
    /** Pressed out by hand, down to a level. */
    SQUEEZED,
    /** Pressed out into cloth. */
    CLOTHED;

    /** Whether it may leave hair wetter than before. */
    public boolean adds() {
        return this == SOAKED || this == WETTED || this == LENGTHS_WETTED || this == MISTED;
    }
}
