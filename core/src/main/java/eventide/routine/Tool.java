package eventide.routine;

import eventide.shape.Said;

/** What the hand holds. */
public enum Tool implements Said {
    FINGERS("fingers"),
    BRUSH("brush"),
    COMB("comb"),
    TSHIRT("T-shirt"),
    MICROFIBRE("microfibre"),
    TURBAN("turban"),
    ROUGH_TOWEL("rough towel"),
    PICK("pick"),
    CAP("cap");

    private final String label;

    Tool(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
