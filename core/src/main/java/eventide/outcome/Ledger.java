package eventide.outcome;

import eventide.hair.Zone;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Adds up one zone's contributions, and bends the sum so that it stays on its scale. */
class Ledger {
    /** Within this of either end of a scale, further effects count ever less [OURS]. */
    private static final double BEND = 1;

    private final Zone zone;
    private final double[] sums = new double[ScoreName.ALL.size()];
    /** Null where only the sums are wanted, as in the search. */
    private final List<Contribution> entries;

    Ledger(Zone zone, boolean explained) {
        this.zone = zone;
        entries = explained ? new ArrayList<>() : null;
    }

    /** Reasons are kept; where not, nobody needs to put them in words. */
    boolean isExplained() {
        return entries != null;
    }

    Zone zone() {
        return zone;
    }

    /**
     * @param by in points of the score, percent of shrinkage, days of wear; nothing is noted of 0
     * @param because as a stylist would say it
     */
    void add(ScoreName score, double by, String because) {
        if (by == 0) {
            return;
        }
        sums[score.ordinal()] += by;
        if (entries != null) {
            entries.add(new Contribution(score, zone, Math.round(by * 100) / 100.0, because));
        }
    }

    /** Where no reasons are kept: something that adds to all scores at once. */
    void addAll(Consumer<double[]> add) {
        add.accept(sums);
    }

    /**
     * Before it is bent into the scale.
     *
     * @return points, without bounds
     */
    double sum(ScoreName score) {
        return sums[score.ordinal()];
    }

    /** What the sums are made of, in the order it was added; none where nobody asked for it. */
    List<Contribution> entries() {
        return entries;
    }

    /** What it all comes to, bent into the scale; where the scale's end takes something off, that is said as a cause of its own. */
    Scores scores() {
        double[] bent = new double[sums.length];
        for (ScoreName name : ScoreName.ALL) {
            double raw = sums[name.ordinal()];
            double value = bend(raw, name.most());
            if (entries != null && Math.abs(value - raw) > .005) {
                entries.add(
                        new Contribution(name, zone, Math.round((value - raw) * 100) / 100.0, "the scale ends here"));
            }
            // Rounded for reading only: a search compares what was computed.
            bent[name.ordinal()] = entries == null ? value : Math.round(value * 100) / 100.0;
        }
        return new Scores(bent[0], bent[1], bent[2], bent[3], bent[4], bent[5], bent[6], bent[7], bent[8]);
    }

    /**
     * Identity in the middle, smooth and rising toward 0 and the top, never past them.
     *
     * @return from 0 to the most
     */
    static double bend(double raw, double most) {
        if (raw > most - BEND) {
            return most - BEND * Math.exp(-(raw - (most - BEND)) / BEND);
        }
        if (raw < BEND) {
            return BEND * Math.exp((raw - BEND) / BEND);
        }
        return raw;
    }
}
