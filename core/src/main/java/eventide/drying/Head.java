package eventide.drying;

/** All cells of a head together: how wet they are on the whole. */
final class Head {
    /** Points of water that are none. */
    private static final double EPSILON = 1e-9;

    private final Cell[] cells;
    /** Of all hair, dry. */
    private final double grams;

    Head(Cell[] cells) {
        this.cells = cells;
        double sum = 0;
        for (Cell cell : cells) {
            sum += cell.grams;
        }
        grams = sum;
    }

    /** Percent along the lengths of each cell. */
    double[] lengths() {
        double[] all = new double[cells.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = cells[i].lengthsWetness();
        }
        return all;
    }

    /** Percent at the roots of each cell. */
    double[] roots() {
        double[] all = new double[cells.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = cells[i].roots;
        }
        return all;
    }

    /** Percent of water along the lengths, by weight of hair. */
    double meanLengths() {
        double sum = 0;
        for (Cell cell : cells) {
            sum += cell.grams * cell.lengthsWetness();
        }
        return sum / grams;
    }

    /**
     * The same at the roots.
     *
     * @return percent wet
     */
    double meanRoots() {
        double sum = 0;
        for (Cell cell : cells) {
            sum += cell.grams * cell.roots;
        }
        return sum / grams;
    }

    /**
     * Of all water, in g.
     *
     * @return grams
     */
    double water() {
        double water = 0;
        for (Cell cell : cells) {
            water += cell.gramsPerPercent * cell.wetness();
        }
        return water;
    }

    /** Brings the head's mean to what was seen, or part of the way (trust, 0 to 1), each cell in proportion to its water, or to its room for more. */
    void setRight(double seen, double trust) {
        double mean = meanLengths();
        double wetness = mean + trust * (seen - mean);
        for (Cell cell : cells) {
            double lengths = cell.lengthsWetness();
            cell.film = 0;
            if (wetness <= mean) {
                double ratio = mean == 0 ? 0 : wetness / mean;
                cell.lengths = lengths * ratio;
                cell.roots *= ratio;
            } else {
                double room = (100 - wetness) / Math.max(EPSILON, 100 - mean);
                cell.lengths = 100 - (100 - lengths) * room;
                cell.roots = Math.max(cell.roots, 100 - (100 - cell.roots) * room);
            }
        }
    }
}
