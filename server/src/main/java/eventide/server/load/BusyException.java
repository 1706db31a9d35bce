package eventide.server.load;

/** All hands are full for the moment; nothing was done, and the same may be asked again. */
public final class BusyException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final int retryAfterSeconds;

    public BusyException(String message, int retryAfterSeconds) {
        super(message);
        this.retryAfterSeconds = retryAfterSeconds;
    }

    public int retryAfterSeconds() {
        return retryAfterSeconds;
    }
}
