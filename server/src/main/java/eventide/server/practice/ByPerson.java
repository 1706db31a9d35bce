package eventide.server.practice;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collector;
import java.util.stream.Collectors;

/** What rows of many people come to, by name. */
final class ByPerson {
    private ByPerson() {}

    /** Of each a list, in the order of the rows. */
    static <T> Collector<Map.Entry<String, T>, ?, Map<String, List<T>>> lists() {
        return Collectors.groupingBy(
                Map.Entry::getKey, TreeMap::new, Collectors.mapping(Map.Entry::getValue, Collectors.toList()));
    }
}
