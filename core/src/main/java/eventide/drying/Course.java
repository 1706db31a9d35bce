package eventide.drying;

import static eventide.drying.TideRecorder.round;

import eventide.hair.Zone;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** A routine as it runs on one head: the tide, and every visit of hands to hair behind it. */
public final class Course {
    /** More waiting sections than this are a smear, not a picture [OURS]. */
    private static final int MOST_DRAWN = 24;

    private final Cell[] cells;
    private final List<Visit> visits = new ArrayList<>();
    /** The same as whoever asks may have them: what a search goes through a million times, as plain a list as there is. */
    private List<Visit> seen = List.of();

    private final Map<StepPlace, List<Visit>> byPlace = new HashMap<>();
    private Tide tide;
    private double[] lengthsAtEnd = new double[0];
    private double dryingOn;
    private double[] lengthsNow;
    private double[] rootsNow;
    private double endLengths;
    private double endRoots;
    private double endTogether;
    private double chairMinutes;

    Course(Cell[] cells) {
        this.cells = cells;
    }

    void add(Visit visit) {
        visits.add(visit);
        byPlace.computeIfAbsent(visit.place(), place -> new ArrayList<>()).add(visit);
    }

    /** The same course under another routine of the same steps: only what they put on is another. */
    public Course of(Routine routine) {
        Course other = new Course(cells);
        for (Visit visit : visits) {
            other.add(new Visit(visit, other, routine.at(visit.place())));
        }
        other.tide = tide;
        other.lengthsAtEnd = lengthsAtEnd;
        other.dryingOn = dryingOn;
        other.lengthsNow = lengthsNow;
        other.rootsNow = rootsNow;
        other.endLengths = endLengths;
        other.endRoots = endRoots;
        other.endTogether = endTogether;
        other.chairMinutes = chairMinutes;
        return other;
    }

    /**
     * @param room as {@link AirStream#strength} gives it for air that stands still
     */
    void finish(Tide drawn, double handsOnMinutes, double room) {
        tide = drawn;
        chairMinutes = handsOnMinutes;
        double[] lengths = new double[cells.length];
        double[] roots = new double[cells.length];
        double[] on = new double[cells.length];
        for (int i = 0; i < lengths.length; i++) {
            lengths[i] = cells[i].lengthsWetness();
            roots[i] = cells[i].roots;
            on[i] = Math.min(DryingConstants.MOST_AIR_MINUTES, cells[i].minutesToDry(room));
        }
        lengthsAtEnd = lengths;
        dryingOn = mean(null, on);
        endLengths = mean(null, lengths);
        endRoots = mean(null, roots);
        endTogether = together(lengths, roots);
    }

    boolean hasNow() {
        return lengthsNow != null;
    }

    /** Percent of water of each cell at the present minute. */
    void now(double[] lengths, double[] roots) {
        lengthsNow = lengths;
        rootsNow = roots;
    }

    /** The water minute by minute; drawn on first asking, the same for all who ask. */
    public Tide tide() {
        return tide;
    }

    /**
     * Percent along the lengths of the whole head at {@link Happenings#nowMinute()}; at the end where that is later.
     *
     * @return percent wet
     */
    public double lengthsNow() {
        return mean(null, lengthsNow);
    }

    /** Percent of water at the roots where the run stands now, the mean by hair mass. */
    public double rootsNow() {
        return mean(null, rootsNow);
    }

    /**
     * The same of the hair one visit works on.
     *
     * @return percent wet
     */
    public double lengthsNow(Visit visit) {
        return mean(visit.cells(), lengthsNow);
    }

    /** The tide with its waiting sections, for a picture: a search has no use for them. */
    public Tide drawn() {
        List<Waiting> waiting = new ArrayList<>();
        for (StepTide step : tide.steps()) {
            List<Visit> group = visits.stream()
                    .filter(visit -> visit.place().index() == step.index())
                    .toList();
            Set<Integer> begun = new HashSet<>();
            for (int i = 0; i < group.size(); i++) {
                Visit turn = group.get(i);
                if (begun.add(turn.section()) && i > 0 && begun.size() <= MOST_DRAWN) {
                    List<Visit> until = group.subList(0, i + 1);
                    waiting.add(new Waiting(
                            step.index(),
                            turn.section(),
                            until.stream().map(v -> round(v.startMinute())).toList(),
                            until.stream().map(v -> round(turn.wetnessAt(v))).toList()));
                }
            }
        }
        return tide.with(waiting);
    }

    /** In the order of time. */
    public List<Visit> visits() {
        List<Visit> all = seen;
        if (all.size() != visits.size()) {
            all = List.copyOf(visits);
            seen = all;
        }
        return all;
    }

    /** Every turn of hands a step of the routine came to: one, or one for each section; empty where it was not reached. */
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

    /** Minutes that hair goes on drying after the last step, uncovered in air like the room's: a mean by mass, 0 where it is dry. */
    public double minutesDryingOn() {
        return dryingOn;
    }

    /** Percent along the lengths when the last step is done. */
    public double endLengths() {
        return endLengths;
    }

    /** Percent of water at the roots when all is done. */
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

    /** Grams of dry hair on the head. */
    public double hairGrams() {
        return grams(null);
    }

    Zone zone(int cell) {
        return cells[cell].zone;
    }

    /** Mean by mass over those of some cells that lie in a zone; {@code NaN} where none does. */
    double meanWithin(int[] some, Zone zone, double[] values) {
        double sum = 0;
        double mass = 0;
        for (int i : some) {
            Cell cell = cells[i];
            if (cell.zone == zone) {
                sum += cell.grams * values[i];
                mass += cell.grams;
            }
        }
        return mass == 0 ? Double.NaN : sum / mass;
    }

    /** Percent of the whole head at its end, roots and lengths together, as {@code untilDry} counts. */
    public double headAtEnd() {
        return endTogether;
    }

    /**
     * Roots and lengths of the whole head together.
     *
     * @return percent wet
     */
    double together(double[] lengths, double[] roots) {
        double sum = 0;
        double mass = 0;
        for (int i = 0; i < cells.length; i++) {
            double share = cells[i].rootShare;
            sum += cells[i].grams * (share * roots[i] + (1 - share) * lengths[i]);
            mass += cells[i].grams;
        }
        return mass == 0 ? 0 : sum / mass;
    }

    /** Mean by mass over some cells, over all where null. */
    double mean(int[] some, double[] values) {
        double sum = 0;
        double mass = 0;
        int n = some == null ? cells.length : some.length;
        for (int k = 0; k < n; k++) {
            int i = some == null ? k : some[k];
            sum += cells[i].grams * values[i];
            mass += cells[i].grams;
        }
        return mass == 0 ? 0 : sum / mass;
    }

    /** Of dry hair; of the whole head where null. */
    double grams(int[] some) {
        double mass = 0;
        int n = some == null ? cells.length : some.length;
        for (int k = 0; k < n; k++) {
            mass += cells[some == null ? k : some[k]].grams;
        }
        return mass;
    }
}
