package eventide.server.planning;

import eventide.routine.Routine;
import java.time.Instant;

/** A routine kept to be fitted to other heads. */
public record Template(Long id, String name, Routine routine, Instant keptAt) {
    /** Characters. */
    public static final int LONGEST_NAME = 120;
}
