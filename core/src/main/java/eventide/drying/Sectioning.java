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
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Cuts a head into cells so that every section of every step is made of whole cells, shared out by mass. */
final class Sectioning {
    /** Cuts snap to this part of a half zone, which bounds the cells of a head whatever is posted. */
    private static final int GRID = 24;

    private final List<Cell> cells = new ArrayList<>();
    /** The two halves of each zone; one whole, said as null, where no step of the routine tells them apart. */
    private final List<Half> sides;

    private final int grid;

    Sectioning(Routine routine, Hair hair, Air air) {
        Zone[] zones = Zone.values();
        sides = routine.steps().stream().anyMatch(Sectioning::isOnHalf) ? List.of(Half.values()) : WHOLE;
        grid = GRID * 2 / sides.size();
        double[] mass = new double[zones.length];
        boolean[][][] cuts = new boolean[zones.length][sides.size()][grid + 1];
        for (Zone zone : zones) {
            mass[zone.ordinal()] = HairMass.grams(hair, zone) / sides.size();
        }
        for (Step step : routine.steps()) {
            cut(step, mass, cuts);
        }
        for (Zone zone : zones) {
            for (int side = 0; side < sides.size(); side++) {
                double grams = mass[zone.ordinal()];
                Cell base = new Cell(zone, sides.get(side), hair.at(zone), grams, air.relativeHumidity());
                int from = 0;
                for (int to = 1; to <= grid; to++) {
                    if (to == grid || cuts[zone.ordinal()][side][to]) {
                        cells.add(new Cell(base, (to - from) / (double) grid));
                        from = to;
                    }
                }
            }
        }
    }

    private static final List<Half> WHOLE = Collections.singletonList(null);

    /** Whether a step, or one inside it, is done on one half only. */
    private static boolean isOnHalf(Step step) {
        return step.half() != null
                || step.steps() != null && step.steps().stream().anyMatch(Sectioning::isOnHalf);
    }

    /**
     * Marks where the borders of a step's sections fall. The hair it covers is laid in a line in the order it is worked, and
     * the line cut into parts of equal weight.
     *
     * @param mass grams of each zone, of one side where sides are told apart
     * @param cuts by zone, side and place on the grid; what is marked stays marked
     */
    private void cut(Step step, double[] mass, boolean[][][] cuts) {
        if (step.steps() != null && !step.isEachSection()) {
            return;
        }
        int sections = step.sectionsOrOne();
        if (sections < 2) {
            return;
        }
        List<Zone> order = order(step);
        double total = 0;
        int first = step.half() == null ? 0 : step.half().ordinal();
        int behind = step.half() == null ? sides.size() : first + 1;
        for (Zone zone : order) {
            total += mass[zone.ordinal()] * (behind - first);
        }
        double passed = 0;
        for (Zone zone : order) {
            double own = mass[zone.ordinal()];
            for (int side = first; side < behind; side++) {
                for (int k = 1; k < sections; k++) {
                    double at = (total * k / sections - passed) / own;
                    if (at > 0 && at < 1) {
                        cuts[zone.ordinal()][side][(int) Math.round(at * grid)] = true;
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

    List<Cell> cells() {
        return cells;
    }

    /** The cells a step covers, all in one piece. */
    int[] covered(Step step) {
        return sections(step, 1).get(0);
    }

    /** What decides how a head is cut, and the sections it comes to: most steps of a routine cut it alike, in one of a few ways. */
    private record Cut(List<Zone> order, Half half, int count, List<int[]> sections) {
        boolean isOf(List<Zone> wanted, Half side, int number) {
            return count == number && half == side && (order == wanted || order.equals(wanted));
        }
    }

    private final List<Cut> known = new ArrayList<>();

    /** The cells of each section, in the order worked; never an empty section. */
    List<int[]> sections(Step step, int count) {
        List<Zone> order = order(step);
        for (Cut cut : known) {
            if (cut.isOf(order, step.half(), count)) {
                return cut.sections();
            }
        }
        List<int[]> sections = cut(step, order, count);
        known.add(new Cut(order, step.half(), count, sections));
        return sections;
    }

    /** The same line of cells shared out: a cell goes where its middle lies. */
    private List<int[]> cut(Step step, List<Zone> order, int count) {
        int[] line = new int[cells.size()];
        int end = 0;
        double total = 0;
        for (Zone zone : order) {
            for (int i = 0; i < cells.size(); i++) {
                Cell cell = cells.get(i);
                if (cell.zone == zone && (step.half() == null || cell.half == step.half())) {
                    line[end++] = i;
                    total += cell.grams;
                }
            }
        }
        List<int[]> result = new ArrayList<>();
        double passed = 0;
        int begun = 0;
        int part = 0;
        for (int at = 0; at < end; at++) {
            double grams = cells.get(line[at]).grams;
            int here = Math.min(count - 1, (int) ((passed + grams / 2) / total * count));
            if (here != part && at > begun) {
                result.add(Arrays.copyOfRange(line, begun, at));
                begun = at;
            }
            part = here;
            passed += grams;
        }
        if (end > begun) {
            result.add(Arrays.copyOfRange(line, begun, end));
        }
        return result.isEmpty() ? List.of(new int[0]) : result;
    }

    /** The cells of a section that an inner step also names. */
    int[] narrowed(int[] section, Step inner) {
        if (inner.zones() == null && inner.half() == null) {
            return section;
        }
        Set<Zone> zones = inner.zonesOrAll();
        return Arrays.stream(section)
                .filter(i -> zones.contains(cells.get(i).zone)
                        && (inner.half() == null || cells.get(i).half == inner.half()))
                .toArray();
    }
}
