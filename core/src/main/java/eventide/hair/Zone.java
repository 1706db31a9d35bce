package eventide.hair;

import eventide.shape.Said;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The six parts of a head that behave differently, seen from above. */
public enum Zone implements Said {
    HAIRLINE(.10, "hairline"),
    CROWN(.22, "crown"),
    LEFT(.17, "left side"),
    RIGHT(.17, "right side"),
    BACK(.22, "back"),
    NAPE(.12, "nape");

    /** Bottom to top, back to front, crown before last, front last [CP]. */
    public static final List<Zone> WORKING_ORDER = List.of(NAPE, BACK, LEFT, RIGHT, CROWN, HAIRLINE);

    /** The whole head; not to be changed. */
    public static final Set<Zone> ALL = Collections.unmodifiableSet(EnumSet.allOf(Zone.class));

    private final double share;
    private final String label;

    Zone(double share, String label) {
        this.share = share;
        this.label = label;
    }

    /** Share of all strands that grow here, from 0 to 1; the six add to 1 [OURS]. */
    public double share() {
        return share;
    }

    @Override
    public String label() {
        return label;
    }
}
