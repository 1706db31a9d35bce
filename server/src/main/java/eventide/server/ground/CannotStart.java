package eventide.server.ground;

import java.nio.file.Path;

/** Why the app does not open a salon, in three lines: what is wrong, with which file, and what to do next. */
public final class CannotStart extends RuntimeException {
    private static final long serialVersionUID = 1;

    /** Of the process. Not 3, which a Java machine that ran out of memory leaves with and which is worth another start. */
    public static final int EXIT_CODE = 78;

    private final String what;
    private final String file;
    private final String next;

    public CannotStart(String what, Path file, String next) {
        this(what, file, next, null);
    }

    public CannotStart(String what, Path file, String next, Throwable cause) {
        super(what + " (" + file + ")", cause);
        this.what = what;
        this.file = file.toString();
        this.next = next;
    }

    public String lines() {
        return what + "\n" + file + "\n" + next;
    }

    /** The one that lies under an exception; null where there is none. */
    public static CannotStart within(Throwable thrown) {
        for (Throwable at = thrown; at != null; at = at.getCause()) {
            if (at instanceof CannotStart own) {
                return own;
            }
        }
        return null;
    }
}
