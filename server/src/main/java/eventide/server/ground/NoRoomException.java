package eventide.server.ground;

/** The disk takes no more: it is full, or cannot be written to. Nothing was written. */
public final class NoRoomException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private NoRoomException(String message) {
        super(message);
    }

    static NoRoomException full(long freeMb, long leastMb) {
        return new NoRoomException("The disk is full: " + freeMb + " MB are free, and writing needs " + leastMb
                + ". Nothing was saved; all that is here can still be read. Make room, then do it again.");
    }

    static NoRoomException readOnly() {
        return new NoRoomException(
                "The disk cannot be written to just now. Nothing was saved; all that is here can still"
                        + " be read. See that the folder can be written to, then do it again.");
    }
}
