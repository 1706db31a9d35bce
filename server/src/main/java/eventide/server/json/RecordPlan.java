package eventide.server.json;

import eventide.shape.Named;
import eventide.shape.OneOrMany;
import eventide.shape.Word;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/** What reflection tells of a record, asked once: reading a routine visits the same few records hundreds of times. */
final class RecordPlan {
    /** One component: its place, and how it is read. */
    record Part(int index, Type type, boolean oneOrMany) {}

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
                    new Part(i, components[i].getGenericType(), components[i].isAnnotationPresent(OneOrMany.class)));
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
