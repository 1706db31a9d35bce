package eventide.wash;

import eventide.shape.Said;
import eventide.shape.Word;
import java.util.List;

/** What a result is judged by. All run 0 to 10, but shrinkage (percent) and days. */
public enum ScoreName implements Word, Said {
    DEFINITION("definition", 10, 2.2),
    CLUMPING("clumping", 10, 2.2),
    FRIZZ("frizz", 10, 2.2),
    SHRINKAGE("shrinkagePercent", 95, 13),
    VOLUME("volume", 10, 2.2),
    SOFTNESS("softness", 10, 2.2),
    HOLD("hold", 10, 2.2),
    WEIGHT("weight", 10, 2.2),
    DAYS("days", 7, 1.7);

    /** In their order; {@link #values} makes an array anew each time, and a search asks a million times. */
    public static final List<ScoreName> ALL = List.of(values());

    private final String word;
    private final double most;
    private final double usualSpread;

    ScoreName(String word, double most, double usualSpread) {
        this.word = word;
        this.most = most;
        this.usualSpread = usualSpread;
    }

    @Override
    public String word() {
        return word;
    }

    @Override
    public String label() {
        return this == SHRINKAGE ? "shrinkage %" : word;
    }

    /**
     * Points to either side of what the model says between which four in five scores of a head nobody has scored yet fall: a rater's
     * eye, a head, its bottles and the day's chance together [OURS: the scatter that {@code eventide.learning} begins with].
     */
    public double usualSpread() {
        return usualSpread;
    }

    /** The top of its scale: 10 points, 100 percent, or days. */
    public double most() {
        return most;
    }
}
