package eventide.log;

import eventide.hair.Hair;
import eventide.hair.Measured;
import eventide.hair.Zone;
import java.util.List;

/**
 * Shrinkage measured on one strand or several, in percent.
 *
 * @param percent the mean
 * @param spread how much strands differ: their standard deviation, in points; 0 for one strand
 * @param error how far the mean may be off for the ruler and for having measured so few: one standard error, in points
 */
public record Shrinkage(double percent, double spread, double error, int strands) {
    /** A ruler is read to half a centimetre: an error evenly within ±0.25 cm, whose standard deviation is 0.5/√12 [OURS]. */
    public static final double RULER_CM = .5 / Math.sqrt(12);

    /**
     * @param strands at least one
     * @throws IllegalArgumentException for none
     */
    public static Shrinkage of(List<Measured> strands) {
        if (strands.isEmpty()) {
            throw new IllegalArgumentException("strands must be at least one, but were none");
        }
        int n = strands.size();
        double mean =
                strands.stream().mapToDouble(Measured::shrinkage).average().orElseThrow();
        double squares = 0;
        double ruler = 0;
        for (Measured strand : strands) {
            squares += Math.pow(strand.shrinkage() - mean, 2);
            ruler += Math.pow(rulerError(strand), 2);
        }
        double spread = n == 1 ? 0 : Math.sqrt(squares / (n - 1));
        // What strands differ by holds the ruler's error already; with one strand there is nothing else to go by.
        double error = n == 1 ? Math.sqrt(ruler) : Math.max(spread, Math.sqrt(ruler / n)) / Math.sqrt(n);
        return new Shrinkage(round(mean * 100), round(spread * 100), round(error * 100), n);
    }

    /**
     * The ruler's error carried through s = 1 − n/L: √((σ/L)² + (n·σ/L²)²), a ratio [PUB: first-order propagation of
     * independent errors, any textbook on measurement, e.g. JCGM 100:2008, 5.1.2].
     */
    static double rulerError(Measured strand) {
        double stretched = strand.stretchedCm();
        return Math.hypot(RULER_CM / stretched, strand.naturalCm() * RULER_CM / (stretched * stretched));
    }

    /** What is typical of a head where nothing is measured, percent: its zones' patterns, each by its share of hair. */
    public static double typicalPercent(Hair hair) {
        double sum = 0;
        for (Zone zone : Zone.values()) {
            sum += zone.share() * hair.at(zone).pattern().typicalShrinkage();
        }
        return round(sum * 100);
    }

    /** What a head has shown so far, percent; null where nothing was measured. */
    public static Double usualPercent(List<Shrinkage> washes) {
        return washes.isEmpty()
                ? null
                : round(washes.stream()
                        .mapToDouble(Shrinkage::percent)
                        .average()
                        .orElseThrow());
    }

    /** Whether two means lie further apart than their errors explain, at about 95 %. */
    public boolean differsFrom(Shrinkage other) {
        return Math.abs(percent - other.percent) > 2 * Math.hypot(error, other.error);
    }

    private static double round(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
