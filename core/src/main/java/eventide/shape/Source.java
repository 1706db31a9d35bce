package eventide.shape;

/** Where a number or a rule comes from. */
public enum Source {
    /** Common practice of the trade, no published source. */
    COMMON_PRACTICE,
    /** Published; the source is named. */
    PUBLISHED,
    /** A published figure, written from memory. */
    FROM_MEMORY,
    /** A constant of this model. */
    OURS
}
