package eventide.routine;

import eventide.shape.Said;

/** Where detangling begins. */
public enum DetangleFrom implements Said {
    ENDS("the ends"),
    ROOTS("the roots");

    private final String label;

    DetangleFrom(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
