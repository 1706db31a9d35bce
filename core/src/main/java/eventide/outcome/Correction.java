package eventide.outcome;

import java.util.Map;

/**
 * What a client's log has taught, in points added to what the model says: a plan's score is model and correction, everywhere
 * the same. Empty until there are washes to learn from.
 */
public record Correction(Map<ScoreName, Double> points) {
    public static final Correction NONE = new Correction(Map.of());

    public Correction {
        points = Map.copyOf(points);
    }

    void add(Ledger ledger) {
        points.forEach((score, by) -> ledger.add(score, by, "what the log has taught"));
    }
}
