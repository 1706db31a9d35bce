package eventide.learning;

import java.util.Arrays;
import java.util.Random;

/**
 * How far two groups are apart, by inverting the test that deals their members out anew (Fisher's randomisation of two groups; Pitman
 * 1937, J R Stat Soc Suppl 4, 119). Every deal is counted where they are few, else some are drawn, always the same ones.
 */
final class TwoGroups {
    /** So many deals are all counted. */
    private static final int EVERY = 20_000;

    /** Shufflings where there are too many to try each. */
    private static final int DRAWN = 20_000;
    /** The same question is answered the same. */
    private static final long SEED = 20260402;
    /** Two sums are alike to rounding. */
    private static final double TIE = 1e-9;

    private TwoGroups() {}

    /**
     * Every shift of the first over the second that the test would not refuse.
     *
     * @param confidence ratio from 0 to 1
     * @param most how far the two can be apart at all, where so few members refuse nothing
     */
    static double[] interval(double[] first, double[] second, double confidence, double most) {
        // A deal swaps k members each way; the shift at which it is as extreme as the real one is what the swapped
        // differ by.
        double[] at = shifts(first, second);
        Arrays.sort(at);
        int deals = at.length + 1;
        int refused = (int) Math.floor((1 - confidence) * deals / 2 + TIE);
        if (refused < 1) {
            return new double[] {-most, most};
        }
        return new double[] {at[refused - 1], at[at.length - refused]};
    }

    /**
     * Of each deal but the real one: by how much the first's members that went over differ from the second's that came.
     *
     * @return points
     */
    private static double[] shifts(double[] first, double[] second) {
        int n = first.length + second.length;
        double[] all = Arrays.copyOf(first, n);
        System.arraycopy(second, 0, all, first.length, second.length);
        return choose(n, first.length) <= EVERY ? every(all, first.length) : drawn(all, first.length);
    }

    /**
     * Every way of dealing them into two groups but the one that was.
     *
     * @return points, one a dealing
     */
    private static double[] every(double[] all, int size) {
        int[] deal = new int[size];
        for (int i = 0; i < size; i++) {
            deal[i] = i;
        }
        double[] shifts = new double[(int) choose(all.length, size) - 1];
        for (int i = 0; i < shifts.length; i++) {
            next(deal, all.length);
            shifts[i] = shift(all, size, deal);
        }
        return shifts;
    }

    /** The next deal in order of its members. */
    private static void next(int[] deal, int n) {
        int i = deal.length - 1;
        while (deal[i] == n - deal.length + i) {
            i--;
        }
        deal[i]++;
        for (int j = i + 1; j < deal.length; j++) {
            deal[j] = deal[j - 1] + 1;
        }
    }

    /**
     * A lot of ways, drawn with the kept seed.
     *
     * @return points, one a draw
     */
    private static double[] drawn(double[] all, int size) {
        Random random = new Random(SEED);
        int[] order = new int[all.length];
        for (int i = 0; i < order.length; i++) {
            order[i] = i;
        }
        double[] shifts = new double[DRAWN];
        for (int d = 0; d < DRAWN; d++) {
            do {
                for (int i = 0; i < size; i++) {
                    int j = i + random.nextInt(order.length - i);
                    int held = order[i];
                    order[i] = order[j];
                    order[j] = held;
                }
            } while (Arrays.stream(order, 0, size).allMatch(i -> i < size));
            shifts[d] = shift(all, size, Arrays.copyOf(order, size));
        }
        return shifts;
    }

    /** @param deal who is in the first group */
    private static double shift(double[] all, int size, int[] deal) {
        boolean[] in = new boolean[all.length];
        for (int i : deal) {
            in[i] = true;
        }
        double went = 0;
        double came = 0;
        int swapped = 0;
        for (int i = 0; i < all.length; i++) {
            if (i < size && !in[i]) {
                went += all[i];
                swapped++;
            } else if (i >= size && in[i]) {
                came += all[i];
            }
        }
        return (went - came) / swapped;
    }

    /**
     * Ways to choose so many.
     *
     * @return a count; exact up to 2⁵³
     */
    private static double choose(int n, int k) {
        double count = 1;
        for (int i = 1; i <= k; i++) {
            count *= (n - k + i) / (double) i;
        }
        return Math.round(count);
    }
}
