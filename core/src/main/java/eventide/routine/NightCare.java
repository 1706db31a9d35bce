package eventide.routine;

import eventide.hair.Hair;
import eventide.shape.Said;

/** What keeps the shape while it is slept on [CP]. */
public enum NightCare implements Said {
    NONE("nothing over it", "as they are"),
    SATIN("a satin bonnet or pillow", "satin"),
    PINEAPPLE("a loose pineapple, with a tie that does not crease, under satin", "pineapple");

    /** Hair shorter than this does not reach a high gathering, cm stretched [OURS]. */
    private static final double GATHERS_FROM_CM = 22;

    private final String label;
    private final String brief;

    /** @param brief to choose by, in a word or two */
    NightCare(String label, String brief) {
        this.label = label;
        this.brief = brief;
    }

    /** In a word or two, where there is no room for how it is done. */
    public String brief() {
        return brief;
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
