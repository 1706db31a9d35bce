package eventide.hair;

/** Mass of dry hair, which product and water amounts follow. */
public final class HairMass {
    /** g/cm³ [MEM: Robbins, Chemical and Physical Behavior of Human Hair]. */
    private static final double KERATIN_DENSITY = 1.32;

    /** Mean length over the longest: heads are cut in layers [OURS]. */
    public static final double LAYERING = 0.65;

    /** Strands are measured in micrometres, everything here in centimetres. */
    private static final double CM_PER_MICROMETRE = 1e-4;

    private HairMass() {}

    /**
     * count × π/4·d² × length × density × layering for hair that is alike all over, in g.
     *
     * @return dry, in grams
     */
    public static double grams(Reading reading) {
        double diameterCm = reading.strand().micrometres() * CM_PER_MICROMETRE;
        return reading.density().strands()
                * Math.PI
                / 4
                * diameterCm
                * diameterCm
                * reading.lengthCm()
                * KERATIN_DENSITY
                * LAYERING;
    }

    /**
     * Hair of one zone, in g.
     *
     * @return dry, in grams
     */
    public static double grams(Hair hair, Zone zone) {
        return grams(hair.at(zone)) * zone.share();
    }

    /**
     * The whole head, zone by zone, in g.
     *
     * @return dry, in grams
     */
    public static double grams(Hair hair) {
        double sum = 0;
        for (Zone zone : Zone.values()) {
            sum += grams(hair, zone);
        }
        return sum;
    }
}
