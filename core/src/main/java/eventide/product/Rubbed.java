package eventide.product;

import eventide.shape.Said;

/** What the fingers saw when two products were rubbed between them. */
public enum Rubbed implements Said {
    SMOOTH("stayed smooth"),
    BALLS("balled up"),
    FLAKES("white flakes");

    private final String label;

    Rubbed(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
