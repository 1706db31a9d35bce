package eventide.server.clients;

import eventide.hair.Hair;
import eventide.hair.Occasion;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;

/**
 * A client as typed: all but the name may wait for the consult.
 *
 * @param occasion why the hair was read again, kept with the reading where one is
 */
public record ClientDraft(
        @Letters(least = 1, most = 120) String name,
        @Maybe Hair hair,
        @Maybe Goal goal,
        @Maybe Schools schools,
        @Maybe Limits limits,
        @Maybe @Letters(most = 10_000) String notes,
        @Maybe Intake intake,
        @Maybe Occasion occasion,
        @Maybe @Letters(most = 2000) String readingNote) {

    public ClientDraft {
        Shape.check(ClientDraft.class, name, hair, goal, schools, limits, notes, intake, occasion, readingNote);
        name = name.strip();
    }

    /** Without a consult's words. */
    public ClientDraft(String name, Hair hair, Goal goal, Schools schools, Limits limits, String notes) {
        this(name, hair, goal, schools, limits, notes, null, null, null);
    }
}
