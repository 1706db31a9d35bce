package eventide.planner;

/**
 * Whether a computation is to end with what it has: it is time to answer, or whoever asked has left. Asked often, from any
 * thread; once due it stays due.
 */
@FunctionalInterface
public interface Stop {
    /** Goes on to the end. */
    Stop NEVER = () -> false;

    boolean isDue();
}
