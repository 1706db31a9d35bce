package eventide.drying;

/** The water of a head at one moment, to go back to where a piece of time was too long. */
final class KeptWater {
    private final Cell[] cells;
    private final double[] levels;

    KeptWater(Cell[] cells) {
        this.cells = cells;
        levels = new double[3 * cells.length];
    }

    /** Overwrites what was kept before: one step back is all that is ever gone. */
    void keep() {
        for (int i = 0; i < cells.length; i++) {
            Cell cell = cells[i];
            levels[3 * i] = cell.lengths;
            levels[3 * i + 1] = cell.roots;
            levels[3 * i + 2] = cell.film;
        }
    }

    /** To what was kept last. */
    void goBack() {
        for (int i = 0; i < cells.length; i++) {
            Cell cell = cells[i];
            cell.lengths = levels[3 * i];
            cell.roots = levels[3 * i + 1];
            cell.film = levels[3 * i + 2];
        }
    }
}
