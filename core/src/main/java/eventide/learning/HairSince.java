package eventide.learning;

import eventide.hair.Hair;
import eventide.hair.HairChanges;
import java.util.Set;

/** Whether hair is still what it was when a wash was scored. */
public final class HairSince {
    /** Readings that make it other hair; it grows without that. */
    private static final Set<String> OTHER_HAIR = Set.of("strand", "porosity", "pattern", "density", "condition");
    /** Shorter by so much it was cut, cm [OURS]. */
    private static final double A_CUT = 3;

    private HairSince() {}

    /** Whether a later reading is of other hair: bleached, cut, or read otherwise. */
    public static boolean reads(Hair before, Hair now) {
        return before.lengthCm() - now.lengthCm() >= A_CUT
                || HairChanges.between(before, now).stream().anyMatch(change -> OTHER_HAIR.contains(change.field()));
    }
}
