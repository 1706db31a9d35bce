package eventide.routine;

import eventide.shape.Said;
import java.util.Collection;
import java.util.Locale;
import java.util.stream.Collectors;

/** What a field of a step says, in a stylist's words. */
final class FieldWords {
    private FieldWords() {}

    /** Before and after, as "5 min → 25 min". */
    static String moved(StepField field, Object before, Object after) {
        return said(field, before) + " → " + said(field, after);
    }

    /** A field's value as a stylist would say it after the field's name. */
    private static String said(StepField field, Object value) {
        if (value == null) {
            return unsaid(field);
        }
        return switch (field) {
            case DILUTION -> "in " + parts((Double) value) + " of water";
            case SECTIONS -> value + ((Integer) value == 1 ? " section" : " sections");
            case AMOUNT_ML -> number((Double) value) + " ml";
            case MINUTES -> minutes((Double) value);
            case TO_WETNESS -> number((Double) value) + " % wet";
            case UNTIL_DRY -> number((Double) value) + " % dry";
            case COUNT -> (Integer) value == 1 ? "once" : value + " times";
            case TENSION -> (Boolean) value ? "under tension" : "no tension";
            case HEAT_CAP -> (Boolean) value ? "under a warm cap" : "no warm cap";
            case HALF -> word(value) + " half";
            case FROM -> "from " + word(value);
            case WATER -> word(value) + " water";
            default -> value instanceof Collection<?> all ? listed(all) : word(value);
        };
    }

    /** What a step that leaves a field out is taken to mean. */
    private static String unsaid(StepField field) {
        return switch (field) {
            case AMOUNT_ML -> "as advised";
            case ZONES, HALF, PARTS -> "all over";
            case SECTIONS -> "in one go";
            case MINUTES, UNTIL_DRY -> "as long as it takes";
            case DILUTION -> "as it is";
            case TENSION -> "no tension";
            case HEAT_CAP -> "no warm cap";
            default -> "as usual";
        };
    }

    private static String parts(double parts) {
        return number(parts) + (parts == 1 ? " part" : " parts");
    }

    private static String minutes(double minutes) {
        return minutes > 0 && minutes < 1 ? Math.round(60 * minutes) + " s" : number(minutes) + " min";
    }

    /** To the tenth: nobody sees more. */
    private static String number(double value) {
        double rounded = Math.round(value * 10) / 10.0;
        return rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
    }

    private static String listed(Collection<?> values) {
        return values.stream().map(FieldWords::word).collect(Collectors.joining(", "));
    }

    /** A word of ours by its label, any other by its name in lower case. */
    private static String word(Object value) {
        return value instanceof Said said
                ? said.label()
                : value.toString().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
