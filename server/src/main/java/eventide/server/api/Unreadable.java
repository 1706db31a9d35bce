package eventide.server.api;

import tools.jackson.core.JacksonException;

/** Where reading a text came to an end, for whoever has to look at it. */
public final class Unreadable {
    private Unreadable() {}

    public static String at(JacksonException read) {
        return read.getLocation() == null
                ? "nothing could be read."
                : "it breaks off or goes wrong in line " + read.getLocation().getLineNr() + ", at character "
                        + read.getLocation().getColumnNr() + ".";
    }
}
