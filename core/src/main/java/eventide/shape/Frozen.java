package eventide.shape;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Immutable copies that keep an order, so that the same value is always written the same way. Null stays null. */
public final class Frozen {
    private Frozen() {}

    /** In the order of the words; null stays null. */
    public static <E extends Enum<E>> Set<E> set(Collection<E> words) {
        if (words == null || words.isEmpty()) {
            return words == null ? null : Set.of();
        }
        return Collections.unmodifiableSet(EnumSet.copyOf(words));
    }

    /** In the order of the words; null stays null. */
    public static <K extends Enum<K>, V> Map<K, V> map(Map<K, V> map) {
        if (map == null || map.isEmpty()) {
            return map == null ? null : Map.of();
        }
        return Collections.unmodifiableMap(new EnumMap<>(map));
    }

    /** For keys that are not enums: the order of insertion. */
    public static <K, V> Map<K, V> ordered(Map<K, V> map) {
        return Collections.unmodifiableMap(new LinkedHashMap<>(map));
    }

    /** A copy nobody can change; null stays null. */
    public static <T> List<T> list(List<T> list) {
        return list == null ? null : List.copyOf(list);
    }
}
