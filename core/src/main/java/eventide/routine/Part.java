package eventide.routine;

/** Parts of a strand, from the scalp outward. */
public enum Part {
    SCALP,
    ROOTS,
    LENGTHS,
    ENDS
}
