package eventide.server.json;

import eventide.shape.Letters;
import eventide.shape.Named;
import eventide.shape.OneOrMany;
import eventide.shape.Range;
import eventide.shape.Word;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.core.JsonPointer;

/** What reflection tells of a record, asked once: reading a routine visits the same few records hundreds of times. */
final class RecordPlan {
    /**
     * One component: its place, how it is read, and what it takes.
     *
     * @param range null where any number will do
     * @param letters null where any length will do
     */
    record Part(int index, Type type, boolean oneOrMany, Range range, Letters letters) {}

    private static final ClassValue<RecordPlan> PLANS = new ClassValue<>() {
        @Override
        protected RecordPlan computeValue(Class<?> type) {
            return new RecordPlan(type);
        }
    };
    private static final ClassValue<Map<String, Object>> WORDS = new ClassValue<>() {
        @Override
        protected Map<String, Object> computeValue(Class<?> type) {
            Map<String, Object> words = new LinkedHashMap<>();
            for (Object constant : type.getEnumConstants()) {
                words.put(word(constant), constant);
            }
            return Collections.unmodifiableMap(words);
        }
    };

    private final Map<String, Part> parts = new HashMap<>();
    private final Constructor<?> constructor;

    private RecordPlan(Class<?> type) {
        RecordComponent[] components = type.getRecordComponents();
        for (int i = 0; i < components.length; i++) {
            Named named = components[i].getAnnotation(Named.class);
            parts.put(
                    named == null ? components[i].getName() : named.value(),
                    new Part(
                            i,
                            components[i].getGenericType(),
                            components[i].isAnnotationPresent(OneOrMany.class),
                            components[i].getAnnotation(Range.class),
                            components[i].getAnnotation(Letters.class)));
        }
        try {
            constructor = type.getDeclaredConstructor(
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
            constructor.setAccessible(true);
        } catch (NoSuchMethodException impossible) {
            throw new IllegalStateException("A record without its constructor: " + type.getName(), impossible);
        }
    }

    static RecordPlan of(Class<?> type) {
        return PLANS.get(type);
    }

    /** The constants of an enum by their written form, in order of declaration. */
    static Map<String, Object> words(Class<?> type) {
        return WORDS.get(type);
    }

    private static String word(Object constant) {
        return constant instanceof Word word ? word.word() : ((Enum<?>) constant).name();
    }

    /** Null where the record has no such component. */
    Part part(String name) {
        return parts.get(name);
    }

    /** The component a pointer into a document of a type leads to; null where it leads elsewhere. */
    static Part partAt(Type type, JsonPointer at) {
        Part part = null;
        Type now = type;
        for (JsonPointer rest = at; !rest.matches(); rest = rest.tail()) {
            if (now instanceof ParameterizedType generic) {
                Type[] arguments = generic.getActualTypeArguments();
                now = arguments[arguments.length - 1];
            } else if (now instanceof Class<?> raw && raw.isRecord()) {
                part = of(raw).part(rest.getMatchingProperty());
                if (part == null) {
                    return null;
                }
                now = part.type();
            } else {
                return null;
            }
        }
        return part;
    }

    int size() {
        return parts.size();
    }

    /** What the record's own constructor throws, it throws. */
    Object construct(Object[] values) {
        try {
            return constructor.newInstance(values);
        } catch (InvocationTargetException thrown) {
            if (thrown.getCause() instanceof RuntimeException own) {
                throw own;
            }
            throw new IllegalStateException("Cannot build " + constructor.getName(), thrown.getCause());
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException("Cannot build " + constructor.getName(), impossible);
        }
    }
}
