package eventide.server.api;

/** What was asked for by number does not exist. */
public class NotFoundException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NotFoundException(String what) {
        super("There is no " + what);
    }

    public NotFoundException(String what, long id) {
        super("There is no " + what + " " + id);
    }
}
