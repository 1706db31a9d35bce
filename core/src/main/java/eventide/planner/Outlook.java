package eventide.planner;

import eventide.outcome.Prospect;
import eventide.outcome.ScoreName;
import eventide.routine.Goal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A {@link Prospect} for a goal: the most that plans of one kind are worth, over a grid of hold and richness, so that a
 * bound is looked up instead of computed. Each cell holds for everything inside it; wide bounds are looked up on a coarse
 * grid, narrow ones on a fine one, and a cell is worked out when it is first asked for.
 */
final class Outlook {
    private static final int SCORES = ScoreName.values().length;
    private static final int WEIGHT = ScoreName.WEIGHT.ordinal();
    /** More cells than this across, and a grid would cost more than it tells. */
    private static final int ACROSS = 7;

    private final Goal goal;
    /** Of each way its places. */
    private final Prospect.Place[][] places;

    private final double[] costs;
    /** Finest first. */
    private final List<Grid> grids;

    /**
     * One way to do it.
     *
     * @param prospect with the same places, in the same order, as that of every other way: only what is sure differs
     * @param costs what it takes from its worth
     */
    record Way(Prospect prospect, double costs) {
        /** With less of the hold than advised, at the crown and elsewhere. */
        Way thinned(double held, boolean crown, boolean elsewhere) {
            return new Way(prospect.thinned(held, crown, elsewhere), costs);
        }
    }

    /** The most over all these ways. */
    Outlook(List<Way> ways, Goal goal) {
        this.places = ways.stream()
                .map(way -> way.prospect().places().toArray(Prospect.Place[]::new))
                .toArray(Prospect.Place[][]::new);
        this.costs = ways.stream().mapToDouble(Way::costs).toArray();
        this.goal = goal;
        this.grids = SIDES.stream().map(side -> new Grid(side[0], side[1])).toList();
    }

    /** Hold and richness across, finest first. */
    private static final List<Scale[]> SIDES = List.of(
            sides(edges(10, .1, .1), edges(30, .1, .3)),
            sides(edges(10, .4, .4), edges(30, .4, 1)),
            sides(edges(10, 1.25, 1.25), edges(30, 1, 4)));

    private static Scale[] sides(double[] hold, double[] rich) {
        return new Scale[] {new Scale(hold), new Scale(rich)};
    }

    /** From 0 to a value in steps that widen: richness matters less the more there is. */
    private static double[] edges(double to, double first, double last) {
        List<Double> edges = new ArrayList<>();
        for (double at = 0; at < to - 1e-9; at += first + (last - first) * at / to) {
            edges.add(at);
        }
        edges.add(to);
        return edges.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** What stylers leave somewhere: hold and richness, from and to. */
    record Worn(double leastHold, double mostHold, double leastRichness, double mostRichness, boolean foam) {}

    /** The most plans are worth that leave this. Weight is charged in full or not at all, whichever bounds them more. */
    double most(Worn elsewhere, Worn crown) {
        double[] sums = new double[2];
        finest(elsewhere).addMost(elsewhere, false, sums);
        finest(crown).addMost(crown, true, sums);
        return Math.min(sums[0], sums[1]);
    }

    private Grid finest(Worn worn) {
        Grid grid = grids.get(0);
        for (int i = 1; i < grids.size() && grid.across(worn) > ACROSS; i++) {
            grid = grids.get(i);
        }
        return grid;
    }

    /** As {@link #most}, worked out for exactly these bounds: of each way, in their order. */
    double[] mostExactly(Worn elsewhere, Worn crown) {
        double[] scores = new double[SCORES];
        double[] worth = new double[places.length];
        double[] weight = new double[places.length];
        for (int p = 0; p < places[0].length; p++) {
            // Hold and richness do the same whichever way it is done.
            Worn worn = places[0][p].isCrown() ? crown : elsewhere;
            double[] byHold = places[0][p].byHold(worn.leastHold, worn.mostHold);
            double[] byRichness = places[0][p].byRichness(worn.leastRichness, worn.mostRichness);
            for (int w = 0; w < places.length; w++) {
                Prospect.Place place = places[w][p];
                place.scores(byHold, byRichness, worn.foam, scores);
                worth[w] += place.share() * Worth.linear(goal, scores);
                weight[w] += place.share() * scores[WEIGHT];
            }
        }
        for (int w = 0; w < places.length; w++) {
            worth[w] -= Worth.limp(weight[w]) + costs[w];
        }
        return worth;
    }

    /**
     * Cells of hold by richness, unknown until asked for. Two threads that ask at once work out the same number; an array or a
     * number one of them does not see yet it works out again.
     */
    private final class Grid {
        /** What a new array holds; were a cell truly worth just this, it would be worked out each time. */
        private static final double UNKNOWN = 0;

        private final Scale hold;
        private final Scale rich;
        /**
         * For each table of {@link #table}, by hold and then by richness, what a cell is worth without the charge for weight
         * and with it; of most grids few rows are ever asked for.
         */
        private final double[][][] cells = new double[4][][];

        private final double[][][] byHold;
        private final double[][][] byRich;

        Grid(Scale hold, Scale rich) {
            this.hold = hold;
            this.rich = rich;
            byHold = new double[places[0].length][hold.cells()][];
            byRich = new double[places[0].length][rich.cells()][];
        }

        int across(Worn worn) {
            return Math.max(
                    hold.cell(worn.mostHold) - hold.cell(worn.leastHold),
                    rich.cell(worn.mostRichness) - rich.cell(worn.leastRichness));
        }

        /** Adds the most without and with the charge for weight. */
        void addMost(Worn worn, boolean crown, double[] sums) {
            int table = table(crown, worn.foam);
            double[][] rows = cells[table];
            if (rows == null) {
                rows = new double[hold.cells()][];
                cells[table] = rows;
            }
            int h1 = hold.cell(worn.mostHold);
            int r0 = rich.cell(worn.leastRichness);
            int r1 = rich.cell(worn.mostRichness);
            double mostFree = Double.NEGATIVE_INFINITY;
            double mostCharged = Double.NEGATIVE_INFINITY;
            for (int h = hold.cell(worn.leastHold); h <= h1; h++) {
                double[] known = rows[h];
                if (known == null) {
                    known = new double[2 * rich.cells()];
                    rows[h] = known;
                }
                for (int r = r0; r <= r1; r++) {
                    if (known[2 * r] == UNKNOWN || known[2 * r + 1] == UNKNOWN) {
                        fill(known, h, r, crown, worn.foam);
                    }
                    mostFree = Math.max(mostFree, known[2 * r]);
                    mostCharged = Math.max(mostCharged, known[2 * r + 1]);
                }
            }
            sums[0] += mostFree;
            sums[1] += mostCharged;
        }

        private void fill(double[] known, int h, int r, boolean crown, boolean foam) {
            for (int p = 0; p < byHold.length; p++) {
                // Hold and richness do the same whichever way it is done.
                Prospect.Place place = places[0][p];
                if (place.isCrown() == crown && byHold[p][h] == null) {
                    byHold[p][h] = place.byHold(hold.edge(h), hold.edge(h + 1));
                }
                if (place.isCrown() == crown && byRich[p][r] == null) {
                    byRich[p][r] = place.byRichness(rich.edge(r), rich.edge(r + 1));
                }
            }
            double[] scores = new double[SCORES];
            double free = Double.NEGATIVE_INFINITY;
            double charged = Double.NEGATIVE_INFINITY;
            for (int w = 0; w < places.length; w++) {
                double wayFree = 0;
                double wayCharged = 0;
                for (int p = 0; p < byHold.length; p++) {
                    Prospect.Place place = places[w][p];
                    if (place.isCrown() == crown) {
                        place.scores(byHold[p][h], byRich[p][r], foam, scores);
                        // Each place bears its share of the costs: together they are the whole.
                        double worth = Worth.linear(goal, scores) - costs[w];
                        wayFree += place.share() * worth;
                        wayCharged += place.share() * (worth - Worth.LIMP_COSTS * (scores[WEIGHT] - Worth.LIMP_FROM));
                    }
                }
                free = Math.max(free, wayFree);
                charged = Math.max(charged, wayCharged);
            }
            known[2 * r] = free;
            known[2 * r + 1] = charged;
        }

        private int table(boolean crown, boolean foam) {
            return (crown ? 2 : 0) + (foam ? 1 : 0);
        }
    }

    /** Edges of cells along one side, and which cell a value lies in. */
    private static final class Scale {
        private static final double LOOKED_UP_BY = .05;

        private final double[] edges;
        private final int[] cells;

        Scale(double[] edges) {
            this.edges = edges;
            cells = new int[(int) Math.ceil(edges[edges.length - 1] / LOOKED_UP_BY) + 1];
            for (int i = 0; i < cells.length; i++) {
                int found = Arrays.binarySearch(edges, i * LOOKED_UP_BY);
                cells[i] = Math.max(0, Math.min(edges.length - 2, found >= 0 ? found : -found - 2));
            }
        }

        int cells() {
            return edges.length - 1;
        }

        double edge(int i) {
            return edges[i];
        }

        int cell(double value) {
            int at = cells[Math.min(cells.length - 1, (int) (value / LOOKED_UP_BY))];
            while (at < edges.length - 2 && edges[at + 1] <= value) {
                at++;
            }
            return at;
        }
    }
}
