package eventide.routine;

import eventide.shape.Said;

/** What is at hand today. */
public enum OwnedTool implements Said {
    DIFFUSER("diffuser"),
    COOL_SETTING("cool setting"),
    HOODED_DRYER("hooded dryer"),
    BRUSH("brush"),
    COMB("comb"),
    PICK("pick"),
    CLIPS("clips"),
    CAP("cap"),
    TSHIRT("T-shirt");

    private final String label;

    OwnedTool(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
