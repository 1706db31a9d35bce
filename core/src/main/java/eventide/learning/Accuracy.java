package eventide.learning;

import java.util.List;

/**
 * How good what is said of a score was, each wash left out in turn and said from all others.
 *
 * @param modelError mean absolute error of the model by itself, points
 * @param correctedError the same with what the other washes teach
 * @param coveragePercent of the scores that lay between low and high, which is to hold 80 %
 * @param washes it rests on
 * @param helps the correction was nearer than the model by itself; where it was not, it is not used
 */
public record Accuracy(double modelError, double correctedError, double coveragePercent, int washes, boolean helps) {
    /** Standard deviations of the normal to either side that hold 80 %. */
    public static final double HOLDS_80 = 1.2816;
    /** Nearer by this share over the root of the washes at least: what helps by chance alone is no help [OURS]. */
    private static final double BY_CHANCE = .5;

    /**
     * A wash said from all others.
     *
     * @param missed what the model missed it by
     * @param left what was still missed once corrected
     * @param deviation that was to be expected of that
     */
    record Residual(String id, double missed, double left, double deviation) {}

    /** @param all each wash said from the others */
    static Accuracy of(List<Residual> all) {
        double model = all.stream()
                .mapToDouble(one -> Math.abs(one.missed()))
                .average()
                .orElse(0);
        double corrected =
                all.stream().mapToDouble(one -> Math.abs(one.left())).average().orElse(0);
        long held = all.stream()
                .filter(one -> Math.abs(one.left()) <= HOLDS_80 * one.deviation())
                .count();
        return new Accuracy(
                round(model),
                round(corrected),
                all.isEmpty() ? 0 : round(100.0 * held / all.size()),
                all.size(),
                corrected < model * (1 - BY_CHANCE / Math.sqrt(Math.max(1, all.size()))));
    }

    private static double round(double value) {
        return Math.round(value * 1e3) / 1e3;
    }
}
