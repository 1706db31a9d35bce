package eventide.routine;

/** How the head is held. */
public enum Position {
    UPRIGHT,
    SIDE,
    UPSIDE_DOWN,
    RECLINED
}
