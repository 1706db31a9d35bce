package eventide.hair;

import eventide.hair.Assessment.Confidence;
import java.util.ArrayList;
import java.util.List;

/** Several tests of one reading, weighed together on its three levels from low to high. */
final class Votes {
    /** A measurement, a hand test, a remembered figure, folklore [OURS]. */
    static final double MEASURED = 3;

    /** Weight of what hands feel: below what is measured, above what is remembered [OURS]. */
    static final double BY_HAND = 2;
    /** Weight of what the client tells of other days [OURS]. */
    static final double REMEMBERED = 1.2;
    /** Weight of a test that is often done and little worth, such as hair in a glass [OURS]. */
    static final double FOLKLORE = .5;

    private final double[] weight = new double[3];
    private final List<String> from = new ArrayList<>();

    /**
     * @param level which the test speaks for, 0 for the lowest
     * @param trust how much it weighs
     */
    void add(String test, int level, double trust) {
        weight[level] += trust;
        from.add(test);
    }

    boolean isEmpty() {
        return from.isEmpty();
    }

    List<String> from() {
        return List.copyOf(from);
    }

    /**
     * The level most is said for; of equals the middle one.
     *
     * @return 0, 1 or 2: low, middle, high
     */
    int level() {
        int best = 1;
        for (int level : new int[] {0, 2}) {
            if (weight[level] > weight[best]) {
                best = level;
            }
        }
        return best;
    }

    /** Tests of some trust stand at both ends. */
    boolean isTorn() {
        return weight[0] >= REMEMBERED && weight[2] >= REMEMBERED;
    }

    /** Firm: one measurement, or hand tests that agree, with little against; weak: folklore alone, or torn. */
    Confidence confidence() {
        double own = weight[level()];
        double against = weight[0] + weight[1] + weight[2] - own;
        if (isTorn() || own < REMEMBERED) {
            return Confidence.WEAK;
        }
        return own >= MEASURED && own >= 3 * against ? Confidence.FIRM : Confidence.LIKELY;
    }
}
