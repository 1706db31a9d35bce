package eventide.learning;

import eventide.hair.Zone;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * By how much a zone of one head comes out otherwise than its head does and the model says: a weak side is found, not told. Each zone's
 * mean is drawn toward nothing by how few washes there are (normal prior and chance; conjugate).
 */
final class ZonesLearned {
    /** How far zones usually are off their head, standard deviation in points [OURS]. */
    private static final double USUAL = .4;
    /** How far one look at one zone scatters, standard deviation in points [OURS]. */
    private static final double CHANCE = .6;
    /** Looks that the usual chance is worth [OURS]. */
    private static final double ASSUMED = 6;
    /** Washes below which nothing is said of a zone [OURS]. */
    private static final int FEWEST = 3;

    private ZonesLearned() {}

    /** What each zone does other than the head, with its interval; zones nobody scored are not in it. */
    static Map<Zone, Estimate> of(ScoreName score, List<Sample> samples) {
        Map<Zone, Estimate> known = new EnumMap<>(Zone.class);
        double unit = ScatterOf.unit(score);
        double chance = chance(score, samples, unit);
        for (Zone zone : Zone.values()) {
            double sum = 0;
            double weights = 0;
            List<String> washes = new ArrayList<>();
            for (Sample sample : samples) {
                Double off = off(sample, score, zone);
                if (off != null) {
                    sum += sample.weight() * off;
                    weights += sample.weight();
                    washes.add(sample.id());
                }
            }
            if (washes.size() >= FEWEST) {
                double variance = 1 / (1 / (USUAL * unit * USUAL * unit) + weights / chance);
                known.put(zone, Estimate.of(new double[] {variance * sum / chance, variance}, washes));
            }
        }
        return known;
    }

    private static Double off(Sample sample, ScoreName score, Zone zone) {
        return sample.zones().getOrDefault(score, Map.of()).get(zone);
    }

    /** Variance of one look about the mean of its zone, the usual one counting as some looks more. */
    private static double chance(ScoreName score, List<Sample> samples, double unit) {
        double squares = ASSUMED * CHANCE * unit * CHANCE * unit;
        double looks = ASSUMED;
        for (Zone zone : Zone.values()) {
            List<Double> offs = samples.stream()
                    .map(sample -> off(sample, score, zone))
                    .filter(java.util.Objects::nonNull)
                    .toList();
            double mean =
                    offs.stream().mapToDouble(Double::doubleValue).average().orElse(0);
            squares += offs.stream()
                    .mapToDouble(off -> (off - mean) * (off - mean))
                    .sum();
            looks += Math.max(0, offs.size() - 1);
        }
        return squares / looks;
    }
}
