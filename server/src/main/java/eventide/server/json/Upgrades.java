package eventide.server.json;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What kept documents are called in each format, and how each is brought to the next. A change that fitting cannot read (a field renamed,
 * a unit changed, one field become two) raises {@link #FORMAT} and adds what it does to the documents it touches, here and nowhere else.
 */
final class Upgrades {
    /** The format documents are kept in now. Those from before formats were written are of format 1: nothing in them has changed since. */
    static final int FORMAT = 1;

    /** Where a document says its format. */
    static final String KEPT_AS = "keptAs";

    /** By the type of the document, what brings one of format 1, 2, … to the next. */
    private static final Map<Class<?>, List<UnaryOperator<ObjectNode>>> STEPS = Map.of();

    private Upgrades() {}

    /** The document, freshly read and ours to change, in today's format and without the mark. */
    static JsonNode toToday(JsonNode kept, Class<?> type) {
        return toToday(kept, STEPS.getOrDefault(type, List.of()));
    }

    static JsonNode toToday(JsonNode kept, List<UnaryOperator<ObjectNode>> steps) {
        if (!(kept instanceof ObjectNode own)) {
            return kept;
        }
        ObjectNode tree = own;
        JsonNode mark = tree.remove(KEPT_AS);
        int format = mark == null ? 1 : mark.asInt();
        for (int i = format - 1; i < steps.size(); i++) {
            tree = steps.get(i).apply(tree);
        }
        return tree;
    }

    /** Marked with the format of today. */
    static JsonNode marked(JsonNode document) {
        return document instanceof ObjectNode object ? object.put(KEPT_AS, FORMAT) : document;
    }
}
