package eventide.routine;

/** One half of every zone, as the client sits. */
public enum Half {
    LEFT,
    RIGHT
}
