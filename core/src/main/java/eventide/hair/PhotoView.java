package eventide.hair;

import eventide.shape.Said;

/** From where a finished head is photographed, so that one wash can be laid beside another. */
public enum PhotoView implements Said {
    FRONT(Zone.HAIRLINE),
    LEFT(Zone.LEFT),
    RIGHT(Zone.RIGHT),
    BACK(Zone.BACK),
    CROWN(Zone.CROWN);

    private final Zone zone;

    PhotoView(Zone zone) {
        this.zone = zone;
    }

    /** The zone that it shows most of [OURS]. */
    public Zone zone() {
        return zone;
    }
}
