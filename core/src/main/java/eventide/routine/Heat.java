package eventide.routine;

/** Setting of a dryer. */
public enum Heat {
    COOL,
    WARM,
    HOT
}
