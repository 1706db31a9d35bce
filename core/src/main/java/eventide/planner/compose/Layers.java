package eventide.planner.compose;

/** Which layers a plan has, whatever bottles they come from. */
public record Layers(boolean leaveIn, boolean cream, boolean gel, boolean mousse) {
    /** Those a plan wears. */
    public static Layers of(Candidate choice) {
        return new Layers(
                choice.leaveIn() != null, choice.cream() != null, choice.gel() != null, choice.mousse() != null);
    }

    /** Whether something goes into that slot. */
    public boolean has(Stylers.Slot slot) {
        return switch (slot) {
            case GEL -> gel;
            case MOUSSE -> mousse;
            case CREAM -> cream;
            case LEAVE_IN -> leaveIn;
        };
    }

    /** From 0 to 4. */
    public int count() {
        return (leaveIn ? 1 : 0) + (cream ? 1 : 0) + (gel ? 1 : 0) + (mousse ? 1 : 0);
    }

    /** Whether anything is in it that hands can shape hair with. */
    public boolean isShaped() {
        return gel || mousse;
    }

    /** Whether anything is in it that feeds. */
    public boolean isMoist() {
        return leaveIn || cream;
    }
}
