package eventide.learning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The washes of one head as a design matrix: how much each wash has of which effect. It is the same however far effects scatter, so that
 * learning the scatter makes it once. Matrices have a row for each wash.
 *
 * @param samples of this head, at least one
 * @param missed by how much the model missed each, points
 * @param columns of the salon's effects that occur here, by their place in the whole, rising
 * @param shared how much each wash has of those
 * @param own effects of this head alone, with how much each wash has of them
 */
record HeadDesign(List<Sample> samples, double[] missed, int[] columns, double[][] shared, Map<Effect, double[]> own) {

    /** @param columnOf where an effect of the salon stands in its matrix */
    static HeadDesign of(List<Sample> samples, double[] missed, Map<Effect, Integer> columnOf) {
        int n = samples.size();
        Map<Integer, double[]> used = new TreeMap<>();
        Map<Effect, double[]> own = new LinkedHashMap<>();
        for (int i = 0; i < n; i++) {
            int row = i;
            samples.get(i).effects().forEach((effect, much) -> {
                if (effect.origin().isOfHead()) {
                    own.computeIfAbsent(effect, any -> new double[n])[row] = much;
                } else {
                    Integer column = columnOf.get(effect);
                    if (column != null) {
                        used.computeIfAbsent(column, any -> new double[n])[row] = much;
                    }
                }
            });
        }
        List<double[]> byColumn = new ArrayList<>(used.values());
        double[][] shared = new double[n][byColumn.size()];
        for (int i = 0; i < n; i++) {
            for (int a = 0; a < byColumn.size(); a++) {
                shared[i][a] = byColumn.get(a)[i];
            }
        }
        return new HeadDesign(
                List.copyOf(samples),
                missed,
                used.keySet().stream().mapToInt(Integer::intValue).toArray(),
                shared,
                own);
    }

    int washes() {
        return samples.size();
    }

    /** Washes that have something of an effect of the salon. */
    int washesWith(int column) {
        int a = Arrays.binarySearch(columns, column);
        return a < 0
                ? 0
                : (int) Arrays.stream(shared).filter(row -> row[a] != 0).count();
    }

    /** Washes that have something of an effect of this head. */
    int washesWith(Effect effect) {
        double[] much = own.get(effect);
        return much == null
                ? 0
                : (int) Arrays.stream(much).filter(one -> one != 0).count();
    }
}
