package eventide.routine;

import eventide.shape.Said;

/** How the head is held. */
public enum Position implements Said {
    UPRIGHT("upright"),
    SIDE("to the side"),
    UPSIDE_DOWN("upside down"),
    RECLINED("reclined");

    private final String label;

    Position(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
