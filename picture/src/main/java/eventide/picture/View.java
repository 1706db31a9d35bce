package eventide.picture;

import eventide.hair.Zone;

/** What is seen: a head from a side, or a lock by itself. */
public enum View {
    FRONT(Zone.HAIRLINE),
    LEFT(Zone.LEFT),
    RIGHT(Zone.RIGHT),
    BACK(Zone.BACK),
    CROWN(Zone.CROWN),
    SWATCH(null);

    private final Zone zone;

    View(Zone zone) {
        this.zone = zone;
    }

    /** The zone that it shows most of [OURS]; null for a lock, which may be of any. */
    public Zone zone() {
        return zone;
    }

    boolean isLock() {
        return this == SWATCH;
    }
}
