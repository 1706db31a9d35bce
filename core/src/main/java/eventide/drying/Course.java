package eventide.drying;

import eventide.hair.Zone;
import eventide.routine.StepPlace;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A routine as it runs on one head: the tide, and every visit of hands to hair behind it. */
public final class Course {
    private final List<Cell> cells;
    private final List<Visit> visits = new ArrayList<>();
    private final Map<StepPlace, List<Visit>> byPlace = new HashMap<>();
    private Tide tide;
    private double[] lengthsAtEnd = new double[0];
    private double endLengths;
    private double endRoots;
    private double chairMinutes;

    Course(List<Cell> cells) {
        this.cells = cells;
    }

    void add(Visit visit) {
        visits.add(visit);
        byPlace.computeIfAbsent(visit.place(), place -> new ArrayList<>()).add(visit);
    }

    void finish(Tide drawn, double handsOnMinutes) {
        tide = drawn;
        chairMinutes = handsOnMinutes;
        double[] lengths = cells.stream().mapToDouble(Cell::lengthsWetness).toArray();
        double[] roots = cells.stream().mapToDouble(c -> c.roots).toArray();
        lengthsAtEnd = lengths;
        endLengths = mean(null, lengths);
        endRoots = mean(null, roots);
    }

    public Tide tide() {
        return tide;
    }

    /** In the order of time. */
    public List<Visit> visits() {
        return Collections.unmodifiableList(visits);
    }

    public List<Visit> visits(StepPlace place) {
        return Collections.unmodifiableList(byPlace.getOrDefault(place, List.of()));
    }

    /** Percent along the lengths of a visit's hair when that visit is over. */
    public double lengthsAfter(Visit visit) {
        int next = visits.indexOf(visit) + 1;
        if (next < visits.size()) {
            return visit.wetnessAt(visits.get(next));
        }
        return lengthsAtEnd(visit);
    }

    /** Percent along the lengths of a visit's hair when everything is done. */
    public double lengthsAtEnd(Visit visit) {
        return mean(visit.cells(), lengthsAtEnd);
    }

    /** Percent along the lengths when the last step is done. */
    public double endLengths() {
        return endLengths;
    }

    public double endRoots() {
        return endRoots;
    }

    /** Minutes from the first step to the end of the last. */
    public double minutes() {
        return tide.lastMinute();
    }

    /** Minutes with hands busy. */
    public double chairMinutes() {
        return chairMinutes;
    }

    public double hairGrams() {
        return grams(null);
    }

    Zone zone(int cell) {
        return cells.get(cell).zone;
    }

    int[] within(int[] some, Zone zone) {
        return Arrays.stream(some).filter(i -> cells.get(i).zone == zone).toArray();
    }

    /** Mean by mass over some cells, over all where null. */
    double mean(int[] some, double[] values) {
        double sum = 0;
        double mass = 0;
        int n = some == null ? cells.size() : some.length;
        for (int k = 0; k < n; k++) {
            int i = some == null ? k : some[k];
            sum += cells.get(i).grams * values[i];
            mass += cells.get(i).grams;
        }
        return mass == 0 ? 0 : sum / mass;
    }

    double grams(int[] some) {
        double mass = 0;
        int n = some == null ? cells.size() : some.length;
        for (int k = 0; k < n; k++) {
            mass += cells.get(some == null ? k : some[k]).grams;
        }
        return mass;
    }
}
