package eventide.chair;

/** How wet hair looks and feels, with the level that stands for it, percent wet along the lengths [OURS, mid of its band]. */
public enum Look {
    /** Water runs off the ends. */
    DRIPPING(95),
    /** Slick, heavy, ropey; water squeezes out between the fingers. */
    SLICK(80),
    /** It squeaks, snags, and will not clump. */
    SQUEAKY(50),
    /** Cool to the back of the hand, no longer wet to the eye. */
    COOL(22),
    /** As warm and light as dry hair. */
    DRY(1);

    private final double percent;

    Look(double percent) {
        this.percent = percent;
    }

    /** The middle of what is called so, percent of water. */
    public double percent() {
        return percent;
    }
}
