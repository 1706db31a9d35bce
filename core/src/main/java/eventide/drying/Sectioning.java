package eventide.drying;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.hair.HairMass;
import eventide.hair.Zone;
import eventide.routine.Half;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** Cuts a head into cells so that every section of every step is made of whole cells, shared out by mass. */
final class Sectioning {
    /** Cuts snap to this part of a half zone, which bounds the cells of a head whatever is posted. */
    private static final int GRID = 24;

    private final List<Cell> cells = new ArrayList<>();

    Sectioning(Routine routine, Hair hair, Air air) {
        Zone[] zones = Zone.values();
        Cell[][] bases = new Cell[zones.length][2];
        double[][] mass = new double[zones.length][2];
        for (Zone zone : zones) {
            for (Half half : Half.values()) {
                double grams = HairMass.grams(hair, zone) / 2;
                mass[zone.ordinal()][half.ordinal()] = grams;
                bases[zone.ordinal()][half.ordinal()] =
                        new Cell(zone, half, hair.at(zone), grams, air.relativeHumidity());
            }
        }
        List<List<TreeSet<Integer>>> cuts = new ArrayList<>();
        for (int z = 0; z < zones.length; z++) {
            cuts.add(List.of(new TreeSet<>(Set.of(0, GRID)), new TreeSet<>(Set.of(0, GRID))));
        }
        for (Step step : routine.steps()) {
            cut(step, mass, cuts);
        }
        for (int z = 0; z < zones.length; z++) {
            for (int h = 0; h < 2; h++) {
                int from = 0;
                for (int to : cuts.get(z).get(h)) {
                    if (to > from) {
                        cells.add(new Cell(bases[z][h], (to - from) / (double) GRID));
                    }
                    from = to;
                }
            }
        }
    }

    private static void cut(Step step, double[][] mass, List<List<TreeSet<Integer>>> cuts) {
        if (step.steps() != null && !step.isEachSection()) {
            return;
        }
        int sections = step.sectionsOrOne();
        if (sections < 2) {
            return;
        }
        List<Zone> order = order(step);
        double total = 0;
        for (Zone zone : order) {
            for (Half half : halves(step)) {
                total += mass[zone.ordinal()][half.ordinal()];
            }
        }
        double passed = 0;
        for (Zone zone : order) {
            for (Half half : halves(step)) {
                double own = mass[zone.ordinal()][half.ordinal()];
                for (int k = 1; k < sections; k++) {
                    double at = (total * k / sections - passed) / own;
                    if (at > 0 && at < 1) {
                        cuts.get(zone.ordinal()).get(half.ordinal()).add((int) Math.round(at * GRID));
                    }
                }
                passed += own;
            }
        }
    }

    /** Zones in the order a step takes them: as it says, the rest of its zones in the trade's order. */
    static List<Zone> order(Step step) {
        if (step.zones() == null && step.order() == null) {
            return Zone.WORKING_ORDER;
        }
        Set<Zone> wanted = step.zonesOrAll();
        Set<Zone> order = new LinkedHashSet<>();
        if (step.order() != null) {
            order.addAll(step.order());
        }
        order.addAll(Zone.WORKING_ORDER);
        order.retainAll(wanted);
        return List.copyOf(order);
    }

    private static List<Half> halves(Step step) {
        return step.half() == null ? List.of(Half.values()) : List.of(step.half());
    }

    List<Cell> cells() {
        return cells;
    }

    /** The cells a step covers, all in one piece. */
    int[] covered(Step step) {
        return sections(step, 1).get(0);
    }

    /** What decides how a head is cut: most steps of a routine cut it alike. */
    private record Cut(List<Zone> order, Half half, int count) {}

    private final Map<Cut, List<int[]>> known = new HashMap<>();

    /** The cells of each section, in the order worked; never an empty section. */
    List<int[]> sections(Step step, int count) {
        return known.computeIfAbsent(new Cut(order(step), step.half(), count), cut -> cut(step, count));
    }

    private List<int[]> cut(Step step, int count) {
        List<Integer> line = new ArrayList<>();
        double total = 0;
        for (Zone zone : order(step)) {
            for (int i = 0; i < cells.size(); i++) {
                Cell cell = cells.get(i);
                if (cell.zone == zone && (step.half() == null || cell.half == step.half())) {
                    line.add(i);
                    total += cell.grams;
                }
            }
        }
        List<List<Integer>> parts = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            parts.add(new ArrayList<>());
        }
        double passed = 0;
        for (int i : line) {
            double middle = passed + cells.get(i).grams / 2;
            parts.get(Math.min(count - 1, (int) (middle / total * count))).add(i);
            passed += cells.get(i).grams;
        }
        List<int[]> result = new ArrayList<>();
        for (List<Integer> part : parts) {
            if (!part.isEmpty()) {
                result.add(part.stream().mapToInt(Integer::intValue).toArray());
            }
        }
        return result.isEmpty() ? List.of(new int[0]) : result;
    }

    /** The cells of a section that an inner step also names. */
    int[] narrowed(int[] section, Step inner) {
        Set<Zone> zones = inner.zonesOrAll();
        return Arrays.stream(section)
                .filter(i -> zones.contains(cells.get(i).zone)
                        && (inner.half() == null || cells.get(i).half == inner.half()))
                .toArray();
    }
}
