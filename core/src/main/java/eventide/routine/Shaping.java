package eventide.routine;

/** How firmly an action forms clumps [CP]. */
public enum Shaping {
    NONE,
    /** In the hand, as scrunching does. */
    IN_HAND,
    /** Strands are laid together, in clumps that were there. */
    LAID,
    /** Each piece by itself. */
    BY_PIECE
}
