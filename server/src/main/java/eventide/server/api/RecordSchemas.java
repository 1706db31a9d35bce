package eventide.server.api;

import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Named;
import eventide.shape.OneOrMany;
import eventide.shape.Range;
import eventide.shape.Word;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Describes core's records from what they declare of themselves: ranges, what may be absent, and words. */
final class RecordSchemas {
    private final Map<String, Schema<?>> byName = new TreeMap<>();
    private final Map<String, Class<?>> types = new HashMap<>();

    Map<String, Schema<?>> all() {
        return byName;
    }

    /** Adds a type and every record it is made of. */
    Schema<?> of(Type type) {
        if (type instanceof ParameterizedType generic) {
            return ofGeneric(generic);
        }
        Class<?> raw = (Class<?>) type;
        if (raw.isRecord()) {
            Class<?> known = types.putIfAbsent(raw.getSimpleName(), raw);
            if (known == null) {
                describe(raw);
            } else if (known != raw) {
                throw new IllegalStateException(
                        "Two records called " + raw.getSimpleName() + ": " + known + ", " + raw);
            }
            return new Schema<>().$ref("#/components/schemas/" + raw.getSimpleName());
        }
        if (raw.isEnum()) {
            StringSchema schema = new StringSchema();
            schema.setEnum(words(raw));
            return schema;
        }
        return plain(raw);
    }

    private Schema<?> ofGeneric(ParameterizedType type) {
        Type[] arguments = type.getActualTypeArguments();
        Class<?> raw = (Class<?>) type.getRawType();
        if (Collection.class.isAssignableFrom(raw)) {
            return new ArraySchema().items(of(arguments[0]));
        }
        if (raw == Map.class && arguments[0] instanceof Class<?> keys && keys.isEnum()) {
            ObjectSchema schema = new ObjectSchema();
            words(keys).forEach(word -> schema.addProperty(word, of(arguments[1])));
            schema.setAdditionalProperties(false);
            return schema;
        }
        // A response entity or the like: what it carries.
        return of(arguments[0]);
    }

    private void describe(Class<?> type) {
        ObjectSchema schema = new ObjectSchema();
        byName.put(type.getSimpleName(), schema);
        for (RecordComponent component : type.getRecordComponents()) {
            Schema<?> own = of(component.getGenericType());
            Range range = component.getAnnotation(Range.class);
            if (range != null) {
                own.setMinimum(plain(range.from()));
                own.setMaximum(plain(range.to()));
                own.setDescription(range.unit().isEmpty() ? null : range.unit());
            }
            Letters letters = component.getAnnotation(Letters.class);
            if (letters != null) {
                limit(own, letters);
            }
            if (component.isAnnotationPresent(OneOrMany.class)) {
                own.setDescription("A single one may also be sent without the list");
            }
            Named named = component.getAnnotation(Named.class);
            String written = named == null ? component.getName() : named.value();
            schema.addProperty(written, own);
            if (!component.isAnnotationPresent(Maybe.class)) {
                schema.addRequiredItem(written);
            }
        }
        schema.setAdditionalProperties(false);
    }

    private static void limit(Schema<?> text, Letters letters) {
        if (text instanceof ArraySchema list) {
            list.setMaxItems(letters.items());
            limit(list.getItems(), letters);
            return;
        }
        text.setMaxLength(letters.most());
        text.setMinLength(letters.least() == 0 ? null : letters.least());
    }

    /** Whole numbers without a fraction, as every JSON writer would print them. */
    private static BigDecimal plain(double value) {
        return value == Math.rint(value) ? BigDecimal.valueOf((long) value) : BigDecimal.valueOf(value);
    }

    private static List<String> words(Class<?> type) {
        return Arrays.stream(type.getEnumConstants())
                .map(c -> c instanceof Word word ? word.word() : ((Enum<?>) c).name())
                .toList();
    }

    private static Schema<?> plain(Class<?> raw) {
        if (raw == boolean.class || raw == Boolean.class) {
            return new BooleanSchema();
        }
        if (raw == int.class || raw == Integer.class || raw == long.class || raw == Long.class) {
            return new IntegerSchema().format(null);
        }
        if (raw == double.class || raw == Double.class) {
            return new NumberSchema();
        }
        if (raw == LocalDate.class) {
            return new StringSchema().format("date");
        }
        return raw == Instant.class ? new StringSchema().format("date-time") : new StringSchema();
    }
}
