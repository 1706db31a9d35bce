package eventide.planner.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What forecasts were wrong by, in points of worth, put down to the parts of the plans: each part has an effect, shrunken toward nothing,
 * and effects add up (a ridge regression, solved by backfitting). Not for threads.
 */
final class ForecastErrors {
    /** As many plans as it takes to believe half of what a part seems to do, if it was in no other [OURS]. */
    private static final double SHRINKING = .5;
    /** Times each effect is fitted anew with each plan that is added [OURS]. */
    private static final int SWEEPS = 3;

    private final Map<Object, Integer> known = new HashMap<>();
    private final List<int[]> plans = new ArrayList<>();
    private final List<Double> errors = new ArrayList<>();
    private double[] effects = new double[0];

    /** What a plan is made of, in numbers that are the same for the same part. */
    int[] numbered(List<Object> parts) {
        return parts.stream()
                .mapToInt(part -> known.computeIfAbsent(part, any -> known.size()))
                .toArray();
    }

    /**
     * @param parts of a plan that was run
     * @param points by which it was worth more than forecast
     */
    void add(int[] parts, double points) {
        plans.add(parts);
        errors.add(points);
    }

    /** Weighs what was added since. */
    void fit() {
        effects = Arrays.copyOf(effects, known.size());
        int[] count = new int[effects.length];
        for (int[] plan : plans) {
            for (int part : plan) {
                count[part]++;
            }
        }
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            double[] rest = new double[plans.size()];
            for (int i = 0; i < rest.length; i++) {
                rest[i] = errors.get(i) - of(plans.get(i));
            }
            for (int part = 0; part < effects.length; part++) {
                fit(part, count[part], rest);
            }
        }
    }

    private void fit(int part, int count, double[] rest) {
        double sum = effects[part] * count;
        for (int i = 0; i < rest.length; i++) {
            sum += has(plans.get(i), part) ? rest[i] : 0;
        }
        double change = sum / (count + SHRINKING) - effects[part];
        effects[part] += change;
        for (int i = 0; i < rest.length; i++) {
            rest[i] -= has(plans.get(i), part) ? change : 0;
        }
    }

    private static boolean has(int[] plan, int part) {
        for (int one : plan) {
            if (one == part) {
                return true;
            }
        }
        return false;
    }

    /** Points by which a plan is likely to be worth more than forecast. */
    double of(int[] parts) {
        double sum = 0;
        for (int part : parts) {
            sum += part < effects.length ? effects[part] : 0;
        }
        return sum;
    }
}
