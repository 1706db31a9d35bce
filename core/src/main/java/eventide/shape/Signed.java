package eventide.shape;

import java.util.Locale;

/** Points as they are said: "+0.6", "−0.8", "0.0". */
public final class Signed {
    /** Less is said as nothing, points. */
    private static final double NOTHING = .05;

    private Signed() {}

    /** To the whole number, with its sign: "+8", "−13", "0". */
    public static String whole(double value) {
        long rounded = Math.round(Math.abs(value));
        return (rounded == 0 ? "" : value < 0 ? "−" : "+") + rounded;
    }

    /** To a tenth, with its sign: "+0.8", "−1.3". */
    public static String of(double points) {
        if (Math.abs(points) < NOTHING) {
            return "0.0";
        }
        return (points < 0 ? "−" : "+") + String.format(Locale.ROOT, "%.1f", Math.abs(points));
    }
}
