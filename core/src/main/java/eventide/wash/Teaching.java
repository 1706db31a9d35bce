package eventide.wash;

import eventide.hair.Zone;
import eventide.wash.Correction.Kind;
import eventide.wash.Correction.Taught;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A {@link Correction} sorted by where it counts: a search asks it of every zone of every plan. */
public final class Teaching {
    public static final Teaching NONE = new Teaching(Correction.NONE);

    private final Correction correction;
    /** What counts wherever it is, as often as the wash has it. */
    private final Map<Kind, double[]> everywhere = new EnumMap<>(Kind.class);

    private final Map<Zone, double[]> zones = new EnumMap<>(Zone.class);
    private final Map<Manner, double[]> ways = new EnumMap<>(Manner.class);
    private final Map<String, double[]> bottles = new HashMap<>();

    /** What holds of every wash is added up once; what hangs on the wash is kept by what it hangs on. */
    private Teaching(Correction correction) {
        this.correction = correction;
        for (Taught one : correction.taught()) {
            double[] into = into(one);
            if (into != null) {
                into[one.score().ordinal()] += one.points();
            }
        }
    }

    /** The correction with its parts looked up by bottle and by way of working once. */
    public static Teaching of(Correction correction) {
        return correction.isNone() && correction.spread() == null ? NONE : new Teaching(correction);
    }

    private static double[] scores() {
        return new double[ScoreName.values().length];
    }

    /** Null where it names nothing that it could count for. */
    private double[] into(Taught one) {
        return switch (one.kind()) {
            case ALWAYS, AIR, SINCE_CLARIFYING, SINCE_PROTEIN ->
                everywhere.computeIfAbsent(one.kind(), any -> scores());
            case ZONE -> one.zone() == null ? null : zones.computeIfAbsent(one.zone(), any -> scores());
            case WAY -> one.way() == null ? null : ways.computeIfAbsent(one.way(), any -> scores());
            case BOTTLE -> one.bottle() == null ? null : bottles.computeIfAbsent(one.bottle(), any -> scores());
        };
    }

    /** What it was made of. */
    public Correction correction() {
        return correction;
    }

    /**
     * Adds what counts at a zone of a wash.
     *
     * @param sums one for each {@link ScoreName}
     */
    public void addTo(Wash wash, Zone zone, double[] sums) {
        if (correction.isNone()) {
            return;
        }
        everywhere.forEach((kind, points) -> add(points, Correction.times(kind, wash), sums));
        add(zones.get(zone), 1, sums);
        if (!ways.isEmpty()) {
            wash.manners().forEach(way -> add(ways.get(way), 1, sums));
        }
        List<double[]> worn = new ArrayList<>();
        for (Layer layer : wash.layersIn(zone)) {
            double[] points = bottles.get(layer.product().name());
            // A bottle that goes on twice is the same bottle.
            if (points != null && !worn.contains(points)) {
                worn.add(points);
                add(points, 1, sums);
            }
        }
    }

    /** Takes away what a bottle brings wherever it is worn. */
    public void takeFrom(double[] sums, String bottle) {
        add(bottles.get(bottle), -1, sums);
    }

    /**
     * @param points by score, null for none
     * @param much times they are added
     * @param sums what they are added to
     */
    private static void add(double[] points, double much, double[] sums) {
        for (int i = 0; points != null && i < sums.length; i++) {
            sums[i] += much * points[i];
        }
    }
}
