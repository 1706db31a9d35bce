package eventide.server.json;

import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Range;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A document of our own, kept by this version or an earlier one: it opens whatever has been tightened, renamed or taken away since. It is
 * first brought to today's format ({@link Upgrades}); what today's records would still refuse is then fitted: a number is moved to the
 * nearest end of its range, a text cut to its length, and what has no place any more is left out. The kept text itself stays as it was
 * until it is saved again. What comes from outside is never read so.
 */
final class KeptDocument {
    private static final Logger LOG = LoggerFactory.getLogger(KeptDocument.class);

    /** Passes after which it is given up; each takes away or fits all faults of the one before. */
    private static final int MOST_PASSES = 20;

    private KeptDocument() {}

    /**
     * @throws InvalidException where not even its required parts can be made out
     */
    static <T> T read(JsonNode kept, Class<T> type) {
        JsonNode tree = Upgrades.toToday(kept, type);
        List<Fault> fitted = new ArrayList<>();
        for (int pass = 0; ; pass++) {
            try {
                T value = ShapeReader.ofOurs().read(tree, type);
                if (!fitted.isEmpty()) {
                    LOG.warn("A kept {} was fitted to be opened: {}", type.getSimpleName(), fitted);
                }
                return value;
            } catch (InvalidException refused) {
                if (pass == MOST_PASSES) {
                    throw refused;
                }
                fitted.addAll(refused.faults());
                // The last of a list first: the places of the others stay as they were named.
                List<Fault> faults = new ArrayList<>(refused.faults());
                faults.sort(Comparator.comparing(Fault::pointer, KeptDocument::byPlace)
                        .reversed());
                for (Fault fault : faults) {
                    if (!fit(tree, JsonPointer.compile(fault.pointer()), type)) {
                        throw refused;
                    }
                }
            }
        }
    }

    private static int byPlace(String one, String other) {
        String[] a = one.split("/");
        String[] b = other.split("/");
        for (int i = 0; i < Math.min(a.length, b.length); i++) {
            boolean places = a[i].matches("\\d{1,9}") && b[i].matches("\\d{1,9}");
            int order = places ? Integer.compare(Integer.parseInt(a[i]), Integer.parseInt(b[i])) : a[i].compareTo(b[i]);
            if (order != 0) {
                return order;
            }
        }
        return Integer.compare(a.length, b.length);
    }

    /** Fits what stands at a pointer, or leaves it out; where nothing does, what lacks it. False where that is all of it. */
    private static boolean fit(JsonNode tree, JsonPointer at, Class<?> type) {
        if (at.matches()) {
            return false;
        }
        JsonNode value = tree.at(at);
        JsonNode holder = tree.at(at.head());
        if (value.isMissingNode()) {
            // Left out already with what held it, or required: then what lacks it goes.
            return holder.isMissingNode() || fit(tree, at.head(), type);
        }
        JsonNode other = fitted(value, at, type);
        String name = at.last().getMatchingProperty();
        if (holder instanceof ObjectNode object) {
            if (other == null) {
                object.remove(name);
            } else {
                object.set(name, other);
            }
        } else if (holder instanceof ArrayNode list) {
            list.remove(at.last().getMatchingIndex());
        }
        return true;
    }

    /** The nearest value its component takes, null where there is none. */
    private static JsonNode fitted(JsonNode value, JsonPointer at, Class<?> type) {
        RecordPlan.Part part = RecordPlan.partAt(type, at);
        if (part == null) {
            return null;
        }
        Range range = part.range();
        if (range != null && value.isNumber()) {
            double within = Math.max(range.from(), Math.min(range.to(), value.asDouble()));
            return within == value.asDouble()
                    ? null
                    : within == Math.rint(within)
                            ? JsonNodeFactory.instance.numberNode((long) within)
                            : JsonNodeFactory.instance.numberNode(within);
        }
        Letters letters = part.letters();
        return letters != null && value.isString() && value.asString().length() > letters.most()
                ? JsonNodeFactory.instance.stringNode(value.asString().substring(0, letters.most()))
                : null;
    }
}
