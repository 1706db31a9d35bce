package eventide.routine;

/** How much of a strand is coiled. */
public enum Extent {
    FULL,
    MID_TO_ENDS
}
