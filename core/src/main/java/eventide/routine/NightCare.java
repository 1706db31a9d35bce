package eventide.routine;

import eventide.hair.Hair;
import eventide.shape.Said;

/** What keeps the shape while it is slept on [CP]. */
public enum NightCare implements Said {
    NONE("nothing over it"),
    SATIN("a satin bonnet or pillow"),
    PINEAPPLE("a loose pineapple, with a tie that does not crease, under satin");

    /** Hair shorter than this does not reach a high gathering, cm stretched [OURS]. */
    private static final double GATHERS_FROM_CM = 22;

    private final String label;

    NightCare(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether this hair is long enough for it. */
    public boolean suits(Hair hair) {
        return this != PINEAPPLE || hair.lengthCm() >= GATHERS_FROM_CM;
    }
}
