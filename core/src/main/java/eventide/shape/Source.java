package eventide.shape;

/** Where a number or a rule comes from. */
public enum Source implements Said {
    /** Common practice of the trade, no published source. */
    COMMON_PRACTICE("common practice"),
    /** Published; the source is named. */
    PUBLISHED("published"),
    /** A published figure, written from memory. */
    FROM_MEMORY("published, from memory"),
    /** A constant of this model. */
    OURS("our own figure");

    private final String label;

    Source(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
