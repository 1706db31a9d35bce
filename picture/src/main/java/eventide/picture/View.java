package eventide.picture;

import eventide.hair.PhotoView;
import eventide.hair.Zone;

/** What is seen: a head from a side, or a lock by itself. */
public enum View {
    FRONT(PhotoView.FRONT.zone()),
    LEFT(PhotoView.LEFT.zone()),
    RIGHT(PhotoView.RIGHT.zone()),
    BACK(PhotoView.BACK.zone()),
    CROWN(PhotoView.CROWN.zone()),
    SWATCH(null);

    private final Zone zone;

    View(Zone zone) {
        this.zone = zone;
    }

    /** Of a photograph as the log keeps it. */
    public static View of(PhotoView kept) {
        return valueOf(kept.name());
    }

    /** The zone that it shows most of [OURS]; null for a lock, which may be of any. */
    public Zone zone() {
        return zone;
    }

    boolean isLock() {
        return this == SWATCH;
    }
}
