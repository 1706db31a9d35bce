package eventide.shape;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;

/** A record with one component otherwise: said once for all records, whose constructors would repeat every other one. */
public final class Changed {
    private Changed() {}

    /**
     * @param name of the component in the record's declaration
     * @return a copy, checked by the record's own constructor
     * @throws InvalidException as that constructor does
     * @throws IllegalArgumentException where the record has no such component
     */
    public static <T extends Record> T with(T record, String name, Object value) {
        @SuppressWarnings("unchecked")
        Class<T> type = (Class<T>) record.getClass();
        RecordComponent[] components = type.getRecordComponents();
        Object[] values = new Object[components.length];
        Class<?>[] types = new Class<?>[components.length];
        boolean known = false;
        for (int i = 0; i < components.length; i++) {
            boolean own = components[i].getName().equals(name);
            known |= own;
            types[i] = components[i].getType();
            values[i] = own ? value : value(record, components[i]);
        }
        if (!known) {
            throw new IllegalArgumentException(type.getSimpleName() + " has no " + name);
        }
        return make(type, types, values);
    }

    /**
     * What stands in a component, by its name.
     *
     * @throws IllegalArgumentException where the record has no such component
     */
    public static Object value(Record record, String name) {
        for (RecordComponent component : record.getClass().getRecordComponents()) {
            if (component.getName().equals(name)) {
                return value(record, component);
            }
        }
        throw new IllegalArgumentException(record.getClass().getSimpleName() + " has no " + name);
    }

    private static Object value(Record record, RecordComponent component) {
        try {
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(component + " cannot be read", impossible);
        }
    }

    /** What the record's own constructor refuses is passed on as it was thrown. */
    private static <T> T make(Class<T> type, Class<?>[] types, Object[] values) {
        try {
            Constructor<T> canonical = type.getDeclaredConstructor(types);
            return canonical.newInstance(values);
        } catch (InvocationTargetException refused) {
            if (refused.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException(type + " cannot be copied", refused);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(type + " cannot be copied", impossible);
        }
    }
}
