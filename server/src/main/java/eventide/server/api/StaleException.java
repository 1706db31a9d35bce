package eventide.server.api;

/** A write that was made from an older version than the one kept; carries the one kept. */
public class StaleException extends RuntimeException {
    private final transient Object current;
    private final int currentVersion;

    public StaleException(String what, int currentVersion, Object current) {
        super("This " + what
                + " was changed meanwhile. Yours is kept on your screen: compare, then save again or take theirs.");
        this.current = current;
        this.currentVersion = currentVersion;
    }

    public Object current() {
        return current;
    }

    public int currentVersion() {
        return currentVersion;
    }
}
