package ojala.server.api;

import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import ojala.wire.VerdictDocument;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The API's description: what the records of {@code wire} say, with every field required that is not nullable there.
 */
@Configuration(proxyBeanMethods = false)
class ApiDescription {
    @Bean
    OpenApiCustomizer describe() {
        return api -> {
            api.info(new Info()
                    .title("Ojala")
                    .version("v1")
                    .description("Coverage per commit and per pull request, merged, explained and judged."));
            api.servers(List.of(new Server().url("/")));
            api.getComponents().getSchemas().forEach(ApiDescription::require);
        };
    }

    private static void require(String name, Schema<?> schema) {
        Class<?> type;
        try {
            type = Class.forName(VerdictDocument.class.getPackageName() + "." + name);
        } catch (ClassNotFoundException other) {
            return;
        }
        List<String> required = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            if (Arrays.stream(component.getAnnotatedType().getAnnotations()).noneMatch(Nullable.class::isInstance)) {
                required.add(property(component));
            }
        }
        schema.setRequired(required);
    }

    private static String property(RecordComponent component) {
        JsonProperty renamed = component.getAccessor().getAnnotation(JsonProperty.class);
        return renamed == null ? component.getName() : renamed.value();
    }
}
