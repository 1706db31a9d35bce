package eventide.product;

/**
 * From which hold a styler sets a cast that stiffens and can be broken. Stands here once; rules, scores and plans all ask. The
 * trade has no figure for it: hold below 4 of 10 is silent in its rule on touching [CP].
 */
public final class Cast {
    /** Hold from which a film dries stiff, of 10 [OURS]. */
    public static final double FROM_HOLD = 4;
    /** A mix half and half, or a dose worked back to a hold, may miss it by a rounding. */
    private static final double TOLERANCE = .01;

    private Cast() {}

    /**
     * @param hold of all that is worn, 0 to 10
     */
    public static boolean isSetBy(double hold) {
        return hold >= FROM_HOLD - TOLERANCE;
    }
}
