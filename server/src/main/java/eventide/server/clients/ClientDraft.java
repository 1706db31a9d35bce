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

/** A client as typed: all but the name may wait for the consult. */
public record ClientDraft(
        String name,
        @Maybe Hair hair,
        @Maybe Goal goal,
        @Maybe Schools schools,
        @Maybe Limits limits,
        @Maybe String notes) {
    private static final int MOST_NAME = 120;
    private static final int MOST_NOTES = 10_000;

    public ClientDraft {
        List<Fault> faults = Shape.faults(ClientDraft.class, name, hair, goal, schools, limits, notes);
        if (name != null && (name.isBlank() || name.length() > MOST_NAME)) {
            faults.add(new Fault("/name", "name must be from 1 to " + MOST_NAME + " characters"));
        }
        if (notes != null && notes.length() > MOST_NOTES) {
            faults.add(new Fault(
                    "/notes", "notes must be at most " + MOST_NOTES + " characters, but were " + notes.length()));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        name = name.strip();
    }
}
