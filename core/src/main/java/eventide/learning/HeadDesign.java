package eventide.learning;

import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The washes of one head as a design matrix: how much each wash has of which effect. It is the same however far effects scatter, so that
 * learning the scatter makes it once. Matrices have a row for each wash, and below those one for each wash whose halves tell of each
 * other.
 *
 * @param samples of this head, at least one, the first rows
 * @param washes each row is of
 * @param missed by how much the model missed each row, points
 * @param weights of the rows, from above 0 to 1
 * @param columns of the salon's effects that occur here, by their place in the whole, rising
 * @param shared how much each row has of those
 * @param own effects of this head alone, with how much each row has of them
 */
record HeadDesign(
        List<Sample> samples,
        List<Sample> washes,
        double[] missed,
        double[] weights,
        int[] columns,
        double[][] shared,
        Map<Effect, double[]> own) {

    /** @param columnOf where an effect of the salon stands in its matrix */
    static HeadDesign of(ScoreName score, List<Sample> samples, Map<Effect, Integer> columnOf) {
        List<Row> rows = rows(score, samples);
        int n = rows.size();
        Map<Integer, double[]> used = new TreeMap<>();
        Map<Effect, double[]> own = new LinkedHashMap<>();
        for (int i = 0; i < n; i++) {
            int row = i;
            rows.get(i).effects().forEach((effect, much) -> {
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
                rows.stream().map(Row::wash).toList(),
                rows.stream().mapToDouble(Row::missed).toArray(),
                rows.stream().mapToDouble(row -> row.wash().weight()).toArray(),
                used.keySet().stream().mapToInt(Integer::intValue).toArray(),
                shared,
                own);
    }

    private record Row(Sample wash, Map<Effect, Double> effects, double missed) {}

    private static List<Row> rows(ScoreName score, List<Sample> samples) {
        List<Row> rows = new ArrayList<>();
        for (Sample sample : samples) {
            rows.add(new Row(sample, sample.effects(), sample.missed(score)));
        }
        for (Sample sample : samples) {
            Contrast halves = sample.halves();
            if (halves != null && halves.missed().containsKey(score)) {
                rows.add(new Row(sample, halves.effects(), halves.missed().get(score)));
            }
        }
        return rows;
    }

    /** Washes, and those among them whose halves tell of each other once more. */
    int rows() {
        return missed.length;
    }

    /** Washes that have something of an effect of the salon. */
    int washesWith(int column) {
        int a = Arrays.binarySearch(columns, column);
        return a < 0
                ? 0
                : (int) Arrays.stream(shared)
                        .limit(samples.size())
                        .filter(row -> row[a] != 0)
                        .count();
    }

    /** Washes that have something of an effect of this head. */
    int washesWith(Effect effect) {
        double[] much = own.get(effect);
        return much == null
                ? 0
                : (int) Arrays.stream(much)
                        .limit(samples.size())
                        .filter(one -> one != 0)
                        .count();
    }
}
