package eventide.check;

import eventide.routine.Routine;
import java.util.Locale;

/**
 * A better routine, and the words on the button that takes it.
 *
 * @param label what a touch on it does, in a few words
 * @param routine as it would be then
 */
public record Mend(String label, Routine routine) {
    /** This one, and what it made necessary; the same done twice is said once. */
    private static final String FIRST = " first";

    /** Both in one touch, said as one sentence: the routine is the second's, which was made from the first's. */
    Mend then(Mend next) {
        return label.equals(next.label)
                ? next
                : new Mend(label + ", then " + decapitalised(unfirst(next.label)), next.routine);
    }

    /** What comes second does not come first. */
    private static String unfirst(String text) {
        return text.endsWith(FIRST) ? text.substring(0, text.length() - FIRST.length()) : text;
    }

    private static String decapitalised(String text) {
        return text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1);
    }
}
