package eventide.product;

import java.util.Locale;

/** What is left of a bottle beside what is wanted of it, in words. */
public final class Left {
    /** Less than this pours no more, ml [OURS]. */
    private static final double A_DROP = .1;
    /** Below this tenths are seen, ml [OURS]. */
    private static final double TENTHS_BELOW = 10;

    private Left() {}

    /** As "12 ml are left, it takes 30 ml". */
    public static String words(double leftMl, String who, double takesMl) {
        String takes = who + " takes " + ml(takesMl);
        return leftMl < A_DROP
                ? "nothing is left, " + takes
                : ml(leftMl) + (leftMl == 1 ? " is" : " are") + " left, " + takes;
    }

    private static String ml(double ml) {
        return String.format(Locale.ROOT, ml < TENTHS_BELOW ? "%.1f ml" : "%.0f ml", Math.max(A_DROP, ml));
    }
}
