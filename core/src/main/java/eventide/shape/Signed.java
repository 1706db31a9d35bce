package eventide.shape;

import java.util.Locale;

/** Points as they are said: "+0.6", "−0.8", "0.0". */
public final class Signed {
    /** Less is said as nothing, points. */
    private static final double NOTHING = .05;

    private Signed() {}

    /** To a tenth, with its sign: "+0.8", "−1.3". */
    public static String of(double points) {
        if (Math.abs(points) < NOTHING) {
            return "0.0";
        }
        return (points < 0 ? "−" : "+") + String.format(Locale.ROOT, "%.1f", Math.abs(points));
    }
}
