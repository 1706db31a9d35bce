package eventide.routine;

import eventide.shape.Said;

/** How much of a strand is coiled. */
public enum Extent implements Said {
    FULL("whole length"),
    MID_TO_ENDS("middle to ends");

    private final String label;

    Extent(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
