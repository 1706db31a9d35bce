package eventide.server.json;

import eventide.product.Product;
import java.io.IOException;
import java.util.function.LongFunction;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractHttpMessageConverter;
import org.springframework.http.converter.HttpMessageNotReadableException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads request bodies into our records through {@link ShapeReader}; answers are left to the usual converter. */
class ShapeConverter extends AbstractHttpMessageConverter<Record> {
    private final JsonMapper mapper;
    private final LongFunction<Product> shelf;

    ShapeConverter(JsonMapper mapper, LongFunction<Product> shelf) {
        super(MediaType.APPLICATION_JSON);
        this.mapper = mapper;
        this.shelf = shelf;
    }

    @Override
    protected boolean supports(Class<?> type) {
        return type.isRecord() && type.getName().startsWith("eventide.");
    }

    @Override
    public boolean canWrite(Class<?> type, MediaType mediaType) {
        return false;
    }

    @Override
    protected Record readInternal(Class<? extends Record> type, HttpInputMessage message) throws IOException {
        byte[] body = message.getBody().readAllBytes();
        try {
            JsonNode tree = mapper.reader(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                    .readTree(body);
            if (tree == null || tree.isMissingNode()) {
                throw new HttpMessageNotReadableException("The body is empty", message);
            }
            return ShapeReader.ofRequest(shelf).read(tree, type);
        } catch (JacksonException unreadable) {
            throw new HttpMessageNotReadableException(unreadable.getOriginalMessage(), unreadable, message);
        }
    }

    @Override
    protected void writeInternal(Record value, HttpOutputMessage message) {
        throw new UnsupportedOperationException("This converter only reads");
    }
}
