package eventide.server.load;

/** Whoever waits for the answer being worked out. */
@FunctionalInterface
interface Caller {
    /** Somebody of whom nothing is known but that they wait. */
    Caller UNKNOWN = () -> false;

    /** Whether the connection was closed from the other side. */
    boolean hasLeft();
}
