package eventide.server.demo;

import eventide.hair.Zone;
import eventide.routine.Half;
import eventide.wash.DampAir;
import eventide.wash.Layer;
import eventide.wash.Lifting;
import eventide.wash.Wash;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * What the model cannot know of the invented salon, and the log can find out: two raters' eyes, heads, bottles, a weak side, damp air, what builds up.
 * Drawn once from a fixed seed; nobody in the salon knows it.
 */
final class HiddenTruth {
    /** A head and a bottle that do not go together, points. */
    static final double DISLIKED = 1.8;
    /** A bottle that everybody praises and one head cannot bear, points. */
    private static final Map<String, String> FAILS = Map.of("Jory Penhale", "Fathom firm gel");

    private static final double FAILS_BY = 1.7;
    private static final String WEAK_ON_THE_LEFT = "Jory Penhale";
    private static final double WEAK_BY = .9;
    /** Reads frizz low. */
    private static final String LENIENT = "Hester Lund";

    private static final double LENIENT_BY = .9;
    private static final String STEADY = "Piran Coe";
    /** Its label says less than it weighs. */
    private static final String HEAVIER = "Oxbow curl cream";

    private static final double HEAVIER_BY = 1.2;
    /** What is left in this hair dulls it week by week until it is clarified. */
    private static final String BUILDS_UP = "Ottoline Marsh";

    private static final double BUILDS_UP_A_WEEK = .4;
    private static final double OF_HEAD = .5;
    private static final double OF_BOTTLE = .3;
    private static final double OF_DAMP_AIR = .25;

    private final long seed;

    HiddenTruth(long seed) {
        this.seed = seed;
    }

    /** Points that come on top of what the model says. */
    record Off(double definition, double frizz, double volume) {
        Off plus(Off other) {
            return new Off(definition + other.definition, frizz + other.frizz, volume + other.volume);
        }
    }

    /** Points by which a zone is heavier than what its bottles say. */
    static double heavier(Wash wash, Zone zone) {
        return wash.layersIn(zone).stream()
                        .anyMatch(layer -> layer.product().name().equals(HEAVIER))
                ? HEAVIER_BY
                : 0;
    }

    /** Of the whole head, its zones' mean. */
    Off of(Wash wash, String head, String rater, String disliked) {
        Off sum = new Off(0, 0, 0);
        for (Zone zone : Zone.values()) {
            sum = sum.plus(of(wash, head, zone, rater, disliked));
        }
        int zones = Zone.values().length;
        return new Off(sum.definition() / zones, sum.frizz() / zones, sum.volume() / zones);
    }

    /** Two in three washes are scored by the one. */
    static String rater(int daysAgo) {
        return daysAgo % 3 == 0 ? STEADY : LENIENT;
    }

    /**
     * @param disliked a bottle this head cannot bear, null for none
     */
    Off of(Wash wash, String head, Zone zone, String rater, String disliked) {
        double damp = OF_DAMP_AIR * DampAir.steps(wash.air());
        Off off = drawn(head, OF_HEAD).plus(new Off(-damp, damp, damp / 2));
        if (rater.equals(LENIENT)) {
            off = off.plus(new Off(0, -LENIENT_BY, 0));
        }
        if (head.equals(BUILDS_UP)) {
            double dulled = BUILDS_UP_A_WEEK * weeksSinceClarified(wash);
            off = off.plus(new Off(-dulled, dulled / 2, -dulled));
        }
        if (zone == Zone.LEFT && head.equals(WEAK_ON_THE_LEFT)) {
            off = off.plus(new Off(-WEAK_BY, WEAK_BY / 2, 0));
        }
        List<Half> halves = zone == Zone.LEFT
                ? List.of(Half.LEFT)
                : zone == Zone.RIGHT ? List.of(Half.RIGHT) : List.of(Half.LEFT, Half.RIGHT);
        for (Layer layer : wash.layersIn(zone)) {
            double share = halves.stream().filter(layer::isOn).count() / (double) halves.size();
            String bottle = layer.product().name();
            double fails = bottle.equals(FAILS.get(head)) ? FAILS_BY : bottle.equals(disliked) ? DISLIKED : 0;
            Off own = drawn(bottle, OF_BOTTLE).plus(new Off(-fails, fails, 0));
            off = off.plus(new Off(share * own.definition(), share * own.frizz(), share * own.volume()));
        }
        return off;
    }

    private static double weeksSinceClarified(Wash wash) {
        boolean now = wash.places().stream().map(wash.routine()::at).anyMatch(Lifting::clarifies);
        Double days = wash.hair().daysSinceClarify();
        return now || days == null ? 0 : days / DAYS_A_WEEK;
    }

    private static final double DAYS_A_WEEK = 7;

    /** The same each time for the same name. */
    private Off drawn(String name, double size) {
        Random random = new Random(seed * 31 + name.hashCode());
        return new Off(size * random.nextGaussian(), size * random.nextGaussian(), size * random.nextGaussian());
    }

    /** Points of definition by which a head looks better on the second day than it should. */
    static double secondDayLifts(String client) {
        return client.equals("Sabine Orlo") ? SECOND_DAY_LIFTS : 0;
    }

    private static final double SECOND_DAY_LIFTS = 2.5;
}
