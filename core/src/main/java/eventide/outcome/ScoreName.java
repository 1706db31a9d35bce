package eventide.outcome;

import eventide.shape.Said;
import eventide.shape.Word;

/** What a result is judged by. All run 0 to 10, but shrinkage (percent) and days. */
public enum ScoreName implements Word, Said {
    DEFINITION("definition", 10),
    CLUMPING("clumping", 10),
    FRIZZ("frizz", 10),
    SHRINKAGE("shrinkagePercent", 95),
    VOLUME("volume", 10),
    SOFTNESS("softness", 10),
    HOLD("hold", 10),
    WEIGHT("weight", 10),
    DAYS("days", 7);

    private final String word;
    private final double most;

    ScoreName(String word, double most) {
        this.word = word;
        this.most = most;
    }

    @Override
    public String word() {
        return word;
    }

    @Override
    public String label() {
        return this == SHRINKAGE ? "shrinkage %" : word;
    }

    public double most() {
        return most;
    }
}
