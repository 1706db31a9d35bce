package eventide.server.api;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** The published description of the API; the schemas are core's own. */
@Configuration
class OpenApiConfig {
    @Bean
    OpenApiCustomizer coreSchemas(
            @Qualifier("requestMappingHandlerMapping") ObjectProvider<RequestMappingHandlerMapping> mappings) {
        return api -> {
            api.setServers(List.of());
            api.setInfo(new Info()
                    .title("Even Tide")
                    .version("1")
                    .description("The wash-and-go over HTTP. Percentages run 0–100, scores 0–10."));
            RecordSchemas schemas = new RecordSchemas();
            for (HandlerMethod method : mappings.getObject().getHandlerMethods().values()) {
                if (method.getBeanType().getName().startsWith("eventide.")) {
                    describe(schemas, method);
                }
            }
            Map<String, Schema<?>> all = new LinkedHashMap<>(schemas.all());
            Components components = api.getComponents() == null ? new Components() : api.getComponents();
            components.setSchemas(null);
            all.forEach(components::addSchemas);
            api.setComponents(components);
        };
    }

    private static void describe(RecordSchemas schemas, HandlerMethod method) {
        if (method.getMethod().getGenericReturnType() != void.class) {
            schemas.of(method.getMethod().getGenericReturnType());
        }
        for (MethodParameter parameter : method.getMethodParameters()) {
            if (parameter.hasParameterAnnotation(RequestBody.class)) {
                schemas.of(parameter.getGenericParameterType());
            }
        }
    }
}
