package eventide.outcome;

import eventide.hair.Zone;
import eventide.wash.Correction;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What a routine is expected to come to, on the whole head and zone by zone, and why.
 *
 * @param likely of each score of the whole head, between what four in five scores to come fall
 */
public record Outcome(
        Scores overall,
        Map<Zone, Scores> byZone,
        List<WornDay> byDay,
        List<Contribution> contributions,
        List<Likely> likely) {
    /**
     * 80 % of scores to come lie between.
     *
     * @param low and {@code high}: four in five such washes lie between, in points of the score
     */
    public record Likely(ScoreName score, double low, double high) {}

    /** An interval for each score about which the log says how far it is off. */
    static List<Likely> likely(Correction correction, double[] scores) {
        List<Likely> all = new ArrayList<>();
        for (ScoreName name : ScoreName.values()) {
            double score = scores[name.ordinal()];
            double spread = correction.spread(name);
            all.add(new Likely(name, round(Math.max(0, score - spread)), round(Math.min(name.most(), score + spread))));
        }
        return all;
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
