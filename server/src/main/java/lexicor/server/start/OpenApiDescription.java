package lexicor.server.start;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API's description. A field is required unless it is marked as one that may be null. */
@Configuration
class OpenApiDescription {
    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Lexicor").version("1"));
    }

    @Bean
    OpenApiCustomizer requireWhatIsNotNullable() {
        return api -> {
            api.setServers(List.of());
            api.getComponents().getSchemas().values().forEach(OpenApiDescription::require);
        };
    }

    // The model's own getProperties() returns raw schemas.
    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void require(Schema schema) {
        Map<String, Schema> properties = schema.getProperties() == null ? Map.of() : schema.getProperties();
        List<String> required = new ArrayList<>();
        properties.forEach((name, property) -> {
            boolean nullable = Boolean.TRUE.equals(property.getNullable())
                    || property.getTypes() != null && property.getTypes().contains("null");
            if (!nullable) {
                required.add(name);
            }
        });
        if (!required.isEmpty()) {
            schema.setRequired(required);
        }
    }
}
