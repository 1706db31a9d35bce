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

    /** The number of a part, the same for the same part. */
    int numbered(Object part) {
        return known.computeIfAbsent(part, any -> known.size());
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
        int[][] plansOf = plansOf();
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            double[] rest = new double[plans.size()];
            for (int i = 0; i < rest.length; i++) {
                rest[i] = errors.get(i) - of(plans.get(i));
            }
            for (int part = 0; part < effects.length; part++) {
                fit(part, plansOf[part], rest);
            }
        }
    }

    /** By part the plans it is in. */
    private int[][] plansOf() {
        int[][] plansOf = new int[effects.length][];
        int[] count = new int[effects.length];
        Arrays.fill(plansOf, NONE);
        for (int i = 0; i < plans.size(); i++) {
            for (int part : plans.get(i)) {
                if (count[part] == plansOf[part].length) {
                    plansOf[part] = Arrays.copyOf(plansOf[part], Math.max(4, 2 * count[part]));
                }
                plansOf[part][count[part]++] = i;
            }
        }
        for (int part = 0; part < count.length; part++) {
            plansOf[part] = count[part] == 0 ? NONE : Arrays.copyOf(plansOf[part], count[part]);
        }
        return plansOf;
    }

    private static final int[] NONE = {};

    private void fit(int part, int[] in, double[] rest) {
        if (in.length == 0) {
            return;
        }
        double sum = effects[part] * in.length;
        for (int plan : in) {
            sum += rest[plan];
        }
        double change = sum / (in.length + SHRINKING) - effects[part];
        effects[part] += change;
        for (int plan : in) {
            rest[plan] -= change;
        }
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
