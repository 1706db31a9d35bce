package eventide.picture;

import java.awt.image.BufferedImage;

/** One look at a picture brought to its working size. */
record Look(Presence presence, Body body, double scale, double[] traits) {
    /** A lock is looked at so wide, px, and a head: strands of both are then about alike [OURS]. */
    static final int LOCK_WIDTH = 140;

    static final int HEAD_WIDTH = 480;
    private static final int FIRST_SIDE = 420;
    /** What is thinner is no clump, px of either side at working size [OURS]. */
    static final double OPENED = 2;

    private static final int MOST_SIDE = 1400;

    /** Null where there is no hair to be seen. */
    static Look at(BufferedImage image, int width) {
        double first = Math.min(1, (double) FIRST_SIDE / Math.max(image.getWidth(), image.getHeight()));
        BufferedImage small = Scaling.by(image, first);
        Presence coarse = Presence.of(small);
        Body seen = Body.of(coarse.hair, Math.max(1, small.getWidth() / 100.0));
        if (seen.width < 3) {
            return null;
        }
        double scale = width / (seen.width / first);
        double most = (double) MOST_SIDE / Math.max(image.getWidth(), image.getHeight());
        scale = Math.min(scale, most);
        Presence presence = Presence.of(Scaling.by(image, scale));
        Body body = Body.of(presence.hair, OPENED);
        if (body.width < 3) {
            return null;
        }
        // Far from the hair there is nothing to read: a picture is mostly ground.
        Frame frame = Frame.around(body, Traits.REACH);
        return new Look(presence, body, scale, Traits.of(presence.within(frame), body.within(frame)));
    }
}
