package eventide.server.json;

import eventide.product.Product;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Slips;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.Type;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.LongFunction;
import java.util.function.ToIntFunction;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Reads a JSON tree into the records of core, and lists every fault with its JSON pointer: unknown fields and words,
 * wrong kinds, what is missing, and what the records' own constructors refuse.
 */
public final class ShapeReader {
    /** Stands for a value that was refused, so that it is not reported as missing as well. */
    private static final Object REFUSED = new Object();

    private final LongFunction<Product> shelf;
    private final boolean asked;
    private final List<Fault> faults = new ArrayList<>();

    private ShapeReader(LongFunction<Product> shelf, boolean asked) {
        this.shelf = shelf;
        this.asked = asked;
    }

    /**
     * For what comes from outside: what would take too long to work out is refused.
     *
     * @param shelf finds a product for {@code {"id": n}}; null where there is none
     */
    public static ShapeReader ofRequest(LongFunction<Product> shelf) {
        return new ShapeReader(shelf, true);
    }

    /** For what we keep ourselves: it was let in once. */
    static ShapeReader ofOurs() {
        return new ShapeReader(id -> null, false);
    }

    /**
     * @throws InvalidException listing every fault found
     */
    public <T> T read(JsonNode node, Class<T> type) {
        Object value = read(node, type, "", false);
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        return type.cast(value);
    }

    private Object refuse(String pointer, String message) {
        faults.add(new Fault(pointer, message));
        return REFUSED;
    }

    private Object read(JsonNode node, Type type, String at, boolean oneOrMany) {
        if (node == null || node.isNull() || node.isMissingNode()) {
            return null;
        }
        if (type instanceof ParameterizedType generic) {
            return readGeneric(node, generic, at, oneOrMany);
        }
        Class<?> raw = (Class<?>) type;
        if (raw == Product.class && node.isObject() && node.has("id") && !node.has("name")) {
            return productById(node, at);
        }
        if (raw.isRecord()) {
            return readRecord(node, raw, at);
        }
        return raw.isEnum() ? readWord(node, raw, at) : readPlain(node, raw, at);
    }

    /** The field at a pointer as a person would say it: one of a list by its place. */
    private static String named(String at) {
        int slash = at.lastIndexOf('/');
        String last = at.substring(slash + 1);
        boolean isPlace = !last.isEmpty() && last.chars().allMatch(Character::isDigit);
        return isPlace && slash > 0 ? named(at.substring(0, slash)) + " no. " + (Integer.parseInt(last) + 1) : last;
    }

    private Object productById(JsonNode node, String at) {
        JsonNode id = node.get("id");
        if (!id.isIntegralNumber()) {
            return refuse(at + "/id", "id must be a whole number, but was " + shown(id));
        }
        Product found = shelf.apply(id.asLong());
        return found != null ? found : refuse(at + "/id", "There is no product " + id.asLong() + " on the shelf");
    }

    private Object readPlain(JsonNode node, Class<?> raw, String at) {
        String name = named(at);
        if (raw == String.class) {
            return node.isString() ? node.asString() : refuse(at, name + " must be text, but was " + shown(node));
        }
        if (raw == Instant.class) {
            return readInstant(node, at, name);
        }
        Local local = LOCALS.get(raw);
        if (local != null) {
            return readLocal(node, local, at, name);
        }
        if (raw == Boolean.class) {
            return node.isBoolean()
                    ? node.asBoolean()
                    : refuse(at, name + " must be true or false, but was " + shown(node));
        }
        if (!node.isNumber()) {
            return refuse(at, name + " must be a number, but was " + shown(node));
        }
        if (raw == Double.class) {
            return node.asDouble();
        }
        boolean whole = node.isIntegralNumber() || node.asDouble() == Math.rint(node.asDouble());
        if (!whole || Math.abs(node.asDouble()) > (raw == Integer.class ? Integer.MAX_VALUE : 1L << 53)) {
            return refuse(at, name + " must be a whole number, but was " + shown(node));
        }
        return raw == Integer.class ? (Object) (int) node.asDouble() : (Object) (long) node.asDouble();
    }

    /**
     * A day or an hour by the clock of where it is.
     *
     * @param parse refuses what does not exist, a 30th of February too
     */
    private record Local(String such, Function<String, Object> parse, ToIntFunction<Object> year) {}

    private static final int FIRST_YEAR = 1970;
    private static final int LAST_YEAR = 9998;

    private static final Map<Class<?>, Local> LOCALS = Map.of(
            LocalDate.class,
            new Local("a day such as 2026-05-01", LocalDate::parse, day -> ((LocalDate) day).getYear()),
            LocalDateTime.class,
            new Local("a day and hour such as 2026-05-01T19:30", LocalDateTime::parse, at -> ((LocalDateTime) at)
                    .getYear()),
            LocalTime.class,
            new Local("an hour such as 09:30", LocalTime::parse, any -> FIRST_YEAR));

    private Object readLocal(JsonNode node, Local local, String at, String name) {
        try {
            Object value = local.parse().apply(node.asString());
            int year = local.year().applyAsInt(value);
            return year >= FIRST_YEAR && year <= LAST_YEAR
                    ? value
                    : refuse(
                            at, name + " must be from " + FIRST_YEAR + " to " + LAST_YEAR + ", but was " + shown(node));
        } catch (DateTimeParseException | JacksonException unreadable) {
            return refuse(at, name + " must be " + local.such() + ", but was " + shown(node));
        }
    }

    private Object readInstant(JsonNode node, String at, String name) {
        try {
            Instant instant = Instant.parse(node.asString());
            boolean kept = instant.isAfter(Instant.EPOCH) && instant.isBefore(Instant.parse("9999-01-01T00:00:00Z"));
            return kept ? instant : refuse(at, name + " must be from 1970 to 9998, but was " + shown(node));
        } catch (DateTimeParseException | JacksonException unreadable) {
            return refuse(at, name + " must be a time such as 2026-05-01T09:30:00Z, but was " + shown(node));
        }
    }

    private Object readWord(JsonNode node, Class<?> raw, String at) {
        Map<String, Object> words = RecordPlan.words(raw);
        Object constant = node.isString() ? words.get(node.asString()) : null;
        if (constant != null) {
            return constant;
        }
        String name = named(at);
        String meant = node.isString() ? Slips.nearest(node.asString(), words.keySet(), MOST_SLIPS) : null;
        return refuse(
                at,
                meant != null
                        ? "there is no " + name + " " + shown(node) + "; was " + meant + " meant?"
                        : name + " must be one of " + String.join(", ", words.keySet()) + ", but was " + shown(node));
    }

    /** Further from every word than this, no word was meant. */
    private static final int MOST_SLIPS = 2;

    private Object readGeneric(JsonNode node, ParameterizedType type, String at, boolean oneOrMany) {
        Type[] arguments = type.getActualTypeArguments();
        if (type.getRawType() == Map.class) {
            return readMap(node, (Class<?>) arguments[0], arguments[1], at);
        }
        if (!node.isArray()) {
            return oneOrMany
                    ? wrapped(read(node, arguments[0], at, false))
                    : refuse(at, named(at) + " must be a list, but was " + shown(node));
        }
        List<Object> values = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            String here = at + "/" + i;
            Object value = node.get(i).isNull()
                    ? refuse(here, "a list must not hold an empty place")
                    : read(node.get(i), arguments[0], here, false);
            if (value != REFUSED) {
                values.add(value);
            }
        }
        if (values.size() < node.size()) {
            return REFUSED;
        }
        return type.getRawType() == Set.class ? new LinkedHashSet<>(values) : values;
    }

    private static Object wrapped(Object one) {
        return one == REFUSED ? REFUSED : List.of(one);
    }

    private Object readMap(JsonNode node, Class<?> keys, Type values, String at) {
        if (!node.isObject()) {
            return refuse(at, named(at) + " must be an object, but was " + shown(node));
        }
        Map<Object, Object> map = keys.isEnum() ? new TreeMap<>() : new LinkedHashMap<>();
        boolean refused = false;
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            String here = at + "/" + escaped(entry.getKey());
            Object key = keys.isEnum() ? keyNamed(keys, entry.getKey(), here) : entry.getKey();
            Object value = entry.getValue().isNull()
                    ? refuse(here, entry.getKey() + " must say something, or be left out")
                    : read(entry.getValue(), values, here, false);
            refused |= key == REFUSED || value == REFUSED;
            if (key != REFUSED && value != REFUSED) {
                map.put(key, value);
            }
        }
        return refused ? REFUSED : map;
    }

    private Object keyNamed(Class<?> keys, String name, String at) {
        Object constant = RecordPlan.words(keys).get(name);
        return constant != null
                ? constant
                : refuse(at, "There is no " + keys.getSimpleName().toLowerCase(Locale.ROOT) + " called " + name);
    }

    private Object readRecord(JsonNode node, Class<?> type, String at) {
        if (!node.isObject()) {
            return refuse(at, (at.isEmpty() ? "The body" : named(at)) + " must be an object, but was " + shown(node));
        }
        int before = faults.size();
        RecordPlan plan = RecordPlan.of(type);
        Object[] values = new Object[plan.size()];
        Set<String> refused = new HashSet<>();
        for (Map.Entry<String, JsonNode> field : node.properties()) {
            String name = field.getKey();
            RecordPlan.Part part = plan.part(name);
            if (part == null) {
                refuse(at + "/" + escaped(name), "There is no field called " + name + " here");
                continue;
            }
            Object value = read(field.getValue(), part.type(), at + "/" + name, part.oneOrMany());
            if (value == REFUSED) {
                refused.add("/" + name);
            } else {
                values[part.index()] = value;
            }
        }
        Object record = construct(plan, values, refused, at);
        return faults.size() > before ? REFUSED : record;
    }

    private Object construct(RecordPlan plan, Object[] values, Set<String> refused, String at) {
        try {
            Object record = plan.construct(values);
            if (asked && record instanceof Bounded bounded) {
                bounded.beyond().forEach(fault -> faults.add(new Fault(at + fault.pointer(), fault.message())));
            }
            return record;
        } catch (InvalidException invalid) {
            invalid.faults().stream()
                    .filter(fault -> !refused.contains(fault.pointer()))
                    .forEach(fault -> faults.add(new Fault(at + fault.pointer(), fault.message())));
            return REFUSED;
        } catch (RuntimeException thrown) {
            if (!refused.isEmpty()) {
                return REFUSED; // a component that was refused arrived as null
            }
            throw thrown;
        }
    }

    private static String escaped(String name) {
        return name.replace("~", "~0").replace("/", "~1");
    }

    private static String shown(JsonNode node) {
        String text = node.isObject() ? "an object" : node.isArray() ? "a list" : node.toString();
        return text.length() > 60 ? text.substring(0, 57) + "…" : text;
    }
}
