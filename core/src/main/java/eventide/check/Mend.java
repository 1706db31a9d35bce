package eventide.check;

import eventide.routine.Routine;

/** A better routine, and the words on the button that takes it. */
public record Mend(String label, Routine routine) {}
