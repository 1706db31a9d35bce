package eventide.server.json;

import eventide.product.Product;
import eventide.shape.InvalidException;
import java.util.function.LongFunction;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Core's records to JSON text and back, for the wire and for the database alike. */
@Component
public class Shapes {
    private final JsonMapper mapper;

    public Shapes(JsonMapper mapper) {
        this.mapper = mapper;
    }

    public String write(Object value) {
        return value == null ? null : mapper.writeValueAsString(value);
    }

    /** As it is kept: with the format it is of; null stays null. */
    public String keep(Object value) {
        return value == null ? null : mapper.writeValueAsString(Upgrades.marked(mapper.valueToTree(value)));
    }

    /** What was kept, by whatever version; null stays null. */
    public <T> T kept(String json, Class<T> type) {
        return json == null ? null : KeptDocument.read(tree(json), type);
    }

    public JsonNode tree(String json) {
        return mapper.readTree(json);
    }

    /**
     * @throws InvalidException with every fault
     * @throws JacksonException where the text is not JSON at all
     */
    public <T> T read(JsonNode tree, Class<T> type, LongFunction<Product> shelf) {
        return ShapeReader.ofRequest(shelf).read(tree, type);
    }
}
