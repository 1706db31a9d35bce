package eventide.server.clients;

import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.util.List;

/**
 * A client as typed: all but the name may wait for the consult.
 *
 * @param occasion why the hair was read again, kept with the reading where one is
 */
public record ClientDraft(
        String name,
        @Maybe Hair hair,
        @Maybe Goal goal,
        @Maybe Schools schools,
        @Maybe Limits limits,
        @Maybe String notes,
        @Maybe Intake intake,
        @Maybe Occasion occasion,
        @Maybe String readingNote) {
    private static final int MOST_NAME = 120;
    private static final int MOST_NOTES = 10_000;
    private static final int MOST_READING_NOTE = 2000;

    public ClientDraft {
        List<Fault> faults = Shape.faults(
                ClientDraft.class, name, hair, goal, schools, limits, notes, intake, occasion, readingNote);
        if (name != null && (name.isBlank() || name.length() > MOST_NAME)) {
            faults.add(new Fault("/name", "name must be from 1 to " + MOST_NAME + " characters"));
        }
        if (notes != null && notes.length() > MOST_NOTES) {
            faults.add(new Fault(
                    "/notes", "notes must be at most " + MOST_NOTES + " characters, but were " + notes.length()));
        }
        if (readingNote != null && readingNote.length() > MOST_READING_NOTE) {
            faults.add(new Fault(
                    "/readingNote",
                    "readingNote must be at most " + MOST_READING_NOTE + " characters, but was "
                            + readingNote.length()));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        name = name.strip();
    }

    /** Without a consult's words. */
    public ClientDraft(String name, Hair hair, Goal goal, Schools schools, Limits limits, String notes) {
        this(name, hair, goal, schools, limits, notes, null, null, null);
    }
}
