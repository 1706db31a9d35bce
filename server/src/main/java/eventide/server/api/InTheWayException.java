package eventide.server.api;

/** Thrown where what stands forbids what is asked, until something else is done first. */
public final class InTheWayException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public InTheWayException(String message) {
        super(message);
    }
}
