package eventide.routine;

/** Where detangling begins. */
public enum DetangleFrom {
    ENDS,
    ROOTS
}
