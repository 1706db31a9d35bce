package eventide.hair;

/** Proposes a letter pattern from the ruler [OURS, from the usual description of the letters; CP as to their order]. */
final class PatternByCurl {
    /** Curl diameters in mm at which one letter passes into the next, from 2A down to 4C. */
    private static final double[] FROM_MM = {60, 45, 32, 22, 14, 9, 6, 4, 2.5};

    /** Fewer turns than this over 10 cm is no curl. */
    private static final double STRAIGHT_TURNS = .25;

    private PatternByCurl() {}

    /**
     * @param diameterMm of a curl, by a rod or a ruler
     * @param turnsPer10cm null where nobody counted; hardly any is straight, whatever the width
     */
    static Pattern of(double diameterMm, Double turnsPer10cm) {
        if (turnsPer10cm != null && turnsPer10cm < STRAIGHT_TURNS) {
            return Pattern.STRAIGHT;
        }
        Pattern[] patterns = Pattern.values();
        for (int i = 0; i < FROM_MM.length; i++) {
            if (diameterMm >= FROM_MM[i]) {
                return patterns[i + 1];
            }
        }
        return Pattern.COILY_4C;
    }

    /** The pattern whose typical shrinkage lies nearest. */
    static Pattern ofShrinkage(double shrinkage) {
        Pattern nearest = Pattern.STRAIGHT;
        for (Pattern pattern : Pattern.values()) {
            if (Math.abs(pattern.typicalShrinkage() - shrinkage) < Math.abs(nearest.typicalShrinkage() - shrinkage)) {
                nearest = pattern;
            }
        }
        return nearest;
    }
}
