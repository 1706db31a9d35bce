package eventide.server.json;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import eventide.server.shelf.ShelfRepository;
import eventide.shape.Named;
import eventide.shape.Word;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.AnnotationIntrospector;
import tools.jackson.databind.PropertyName;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

@Configuration
class JsonConfig implements WebMvcConfigurer {
    private final JsonMapper mapper;
    private final ShelfRepository shelf;

    JsonConfig(JsonMapper mapper, ShelfRepository shelf) {
        this.mapper = mapper;
        this.shelf = shelf;
    }

    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder builder) {
        builder.addCustomConverter(
                new ShapeConverter(mapper, id -> shelf.find(id).orElse(null)));
    }

    /** A component is written under the name it is read by. */
    private static final class WrittenNames extends NopAnnotationIntrospector {
        private static final long serialVersionUID = 1;

        @Override
        public PropertyName findNameForSerialization(MapperConfig<?> config, Annotated of) {
            Named named = of.getAnnotation(Named.class);
            return named == null ? null : PropertyName.construct(named.value());
        }
    }

    @Configuration
    static class Writing {
        /** Words as written outside, nothing for what is absent, and no field given twice. */
        @Bean
        JsonMapperBuilderCustomizer words() {
            SimpleModule module = new SimpleModule("eventide words");
            module.addSerializer(Word.class, new ValueSerializer<Word>() {
                @Override
                public void serialize(Word word, JsonGenerator to, SerializationContext context) {
                    to.writeString(word.word());
                }
            });
            module.addKeySerializer(Word.class, new ValueSerializer<Word>() {
                @Override
                public void serialize(Word word, JsonGenerator to, SerializationContext context) {
                    to.writeName(word.word());
                }
            });
            return builder -> builder.addModule(module)
                    .annotationIntrospector(
                            AnnotationIntrospector.pair(new WrittenNames(), builder.annotationIntrospector()))
                    .changeDefaultPropertyInclusion(in -> in.withValueInclusion(JsonInclude.Include.NON_NULL))
                    // isDry() and the like are questions to a record, not parts of it
                    .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER)
                    .enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
        }
    }
}
