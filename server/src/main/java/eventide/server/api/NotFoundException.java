package eventide.server.api;

/** What was asked for by number does not exist. */
public class NotFoundException extends RuntimeException {
    public NotFoundException(String what, long id) {
        super("There is no " + what + " " + id);
    }
}
