package eventide.learning;

/** What a trial comes to. */
public enum Verdict {
    BETTER("better"),
    WORSE("worse"),
    NO_DIFFERENCE("no difference that matters"),
    NOT_YET("not yet");

    private final String label;

    Verdict(String label) {
        this.label = label;
    }

    /** As a stylist reads it. */
    public String label() {
        return label;
    }
}
