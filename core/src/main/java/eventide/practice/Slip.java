package eventide.practice;

import eventide.routine.Routine;

/**
 * A routine as it came out after one slip of the hand.
 *
 * @param step where it slipped, in the spoilt routine; where something was left out, the step that follows
 * @param hint how it slipped, without what
 */
record Slip(Routine routine, int step, Hint hint) {
    /** What is told who looks for it in vain. */
    enum Hint {
        LEFT_OUT("Something that belongs here was left out."),
        SWAPPED("Two things changed places."),
        FIGURE("One figure is not what it should be."),
        TOOL("The step is right; how it is done is not."),
        ADDED("Hands did one thing more than they should."),
        BOTTLE("The bottle beside it was taken."),
        HALVES("Compare the left side with the right.");

        final String words;

        Hint(String words) {
            this.words = words;
        }
    }
}
