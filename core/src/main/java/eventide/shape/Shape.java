package eventide.shape;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;

/** Checks the components of a record against their {@link Range} and {@link Maybe}, all at once. */
public final class Shape {
    private static final Map<Class<?>, Shape> SHAPES = new ConcurrentHashMap<>();

    private final String[] names;
    private final boolean[] maybe;
    private final Span[] spans;
    private final Letters[] letters;

    /** A {@link Range} read once: each look at an annotation goes through a proxy. */
    private record Span(double from, double to, String unit) {
        static Span of(Range range) {
            return range == null ? null : new Span(range.from(), range.to(), range.unit());
        }
    }

    /** Reads a record's annotations once; asking by reflection each time would cost more than the checking. */
    private Shape(Class<?> type) {
        RecordComponent[] components = type.getRecordComponents();
        names = new String[components.length];
        maybe = new boolean[components.length];
        spans = new Span[components.length];
        letters = new Letters[components.length];
        for (int i = 0; i < components.length; i++) {
            Named named = components[i].getAnnotation(Named.class);
            names[i] = named == null ? components[i].getName() : named.value();
            maybe[i] = components[i].isAnnotationPresent(Maybe.class);
            letters[i] = components[i].getAnnotation(Letters.class);
            spans[i] = Span.of(components[i].getAnnotation(Range.class));
        }
    }

    /**
     * Refuses values that their component does not allow. Called from the compact constructor, the only door.
     *
     * @param values the components in order of declaration
     * @throws InvalidException with a fault for each that is missing, out of range or not a number
     */
    public static void check(Class<? extends Record> type, Object... values) {
        List<Fault> faults = faults(type, values);
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
    }

    /** As {@link #check}, but returns the faults so that the caller can add those across components. */
    public static List<Fault> faults(Class<? extends Record> type, Object... values) {
        Shape shape = SHAPES.computeIfAbsent(type, Shape::new);
        List<Fault> faults = null;
        for (int i = 0; i < values.length; i++) {
            String message = shape.faultOf(i, values[i]);
            if (message != null) {
                if (faults == null) {
                    faults = new ArrayList<>();
                }
                faults.add(new Fault("", message).under(shape.names[i]));
            }
        }
        return faults == null ? new ArrayList<>(0) : faults;
    }

    /** In the stylist's words, null for none. */
    private String faultOf(int i, Object value) {
        if (value == null) {
            return maybe[i] ? null : names[i] + " must be given";
        }
        if (letters[i] != null) {
            return ofLetters(letters[i], names[i], value);
        }
        Span span = spans[i];
        if (span == null || !(value instanceof Number number)) {
            return null;
        }
        double d = number.doubleValue();
        if (d >= span.from() && d <= span.to()) { // written so that NaN is refused too
            return null;
        }
        String unit = span.unit().isEmpty() ? "" : " " + span.unit();
        return names[i] + " must be from " + plain(span.from()) + " to " + plain(span.to()) + unit + ", but was "
                + plain(d);
    }

    /** Of a text, or of the first text of a list that is wrong. */
    private static String ofLetters(Letters letters, String name, Object value) {
        if (value instanceof Collection<?> texts) {
            if (texts.size() > letters.items()) {
                return name + " must be at most " + letters.items() + ", but were " + texts.size();
            }
            return texts.stream()
                    .map(text -> ofText(letters, "each of " + name, (String) text))
                    .filter(Objects::nonNull)
                    .findFirst()
                    .orElse(null);
        }
        return ofText(letters, name, (String) value);
    }

    /** Too long, or blank where something has to stand. */
    private static String ofText(Letters letters, String name, String text) {
        boolean blank = letters.least() > 0 && text.isBlank();
        if (!blank && text.length() <= letters.most()) {
            return null;
        }
        return name + " must be " + (letters.least() > 0 ? "from " + letters.least() + " to " : "at most ")
                + letters.most() + " characters, but was " + (blank ? "blank" : Integer.toString(text.length()));
    }

    private static String plain(double d) {
        return d == Math.rint(d) && Math.abs(d) < 1e15 ? Long.toString((long) d) : Double.toString(d);
    }
}
