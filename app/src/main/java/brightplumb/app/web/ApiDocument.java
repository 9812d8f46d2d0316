package brightplumb.app.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The published description of the interface. What we answer with is always whole, so every property of a view is required. */
@Configuration
class ApiDocument {

    // A reference to another view cannot say for itself that it may be null.
    private static final Set<String> MAY_BE_NULL = Set.of("remedy");

    @Bean
    OpenAPI document() {
        return new OpenAPI()
                .info(new Info()
                        .title("Bright Plumb")
                        .version("1")
                        .description("Lengths are millimetres, angles degrees."))
                .servers(List.of(new Server().url("/")));
    }

    @Bean
    OpenApiCustomizer wholeViews() {
        return api -> api.getComponents().getSchemas().forEach(ApiDocument::complete);
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void complete(String name, Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if ((name.endsWith("View") || name.startsWith("Page")) && properties != null) {
            schema.setRequired(properties.keySet().stream()
                    .filter(p -> !MAY_BE_NULL.contains(p))
                    .toList());
        }
    }
}
