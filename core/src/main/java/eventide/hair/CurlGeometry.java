package eventide.hair;

/** Lengths of a curl taken as a helix. Shrinkage is a ratio from 0 to below 1. */
public final class CurlGeometry {
    private CurlGeometry() {}

    /**
     * (stretched − natural) / stretched.
     *
     * @return a ratio from 0 (hangs as long as it stretches) to below 1
     */
    public static double shrinkage(double naturalCm, double stretchedCm) {
        return (stretchedCm - naturalCm) / stretchedCm;
    }

    /** stretched / natural = 1 / (1 − s) [PUB: Loussouarn et al. 2007, Int J Dermatol 46 S1, quantity only]. */
    public static double curlIndex(double shrinkage) {
        return 1 / (1 - shrinkage);
    }

    /**
     * Strand along one turn, √((πD)² + p²), in the unit of its arguments [PUB: arc length of a helix].
     *
     * @return in the unit of both, at least the rise
     */
    public static double strandPerTurn(double diameter, double risePerTurn) {
        return Math.hypot(Math.PI * diameter, risePerTurn);
    }

    /** Shrinkage of a helix: 1 − p / √((πD)² + p²). */
    public static double helixShrinkage(double diameter, double risePerTurn) {
        return 1 - risePerTurn / strandPerTurn(diameter, risePerTurn);
    }

    /** Dry hanging length of hair of this stretched length, in cm. */
    public static double naturalCm(double stretchedCm, double shrinkage) {
        return stretchedCm * (1 - shrinkage);
    }

    /** Stretched length needed for this dry hanging length, in cm. */
    public static double stretchedCm(double naturalCm, double shrinkage) {
        return naturalCm / (1 - shrinkage);
    }
}
