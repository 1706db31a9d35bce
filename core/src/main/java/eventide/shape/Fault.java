package eventide.shape;

/**
 * One thing wrong with what was given.
 *
 * @param pointer where, as a JSON pointer (RFC 6901) relative to the value that was refused; empty for the whole
 * @param message what must hold and what was found, in words a person can act on
 */
public record Fault(String pointer, String message) {
    /** The same fault seen from one level further out. */
    public Fault under(String parent) {
        return new Fault("/" + parent.replace("~", "~0").replace("/", "~1") + pointer, message);
    }
}
