package attune.app.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The OpenAPI document: a field is required unless its record says {@link Nullable}, so the front
 * end's types are exact.
 */
@Configuration
class ApiDocument {
  @Bean
  OpenAPI api() {
    return new OpenAPI().info(new Info().title("Attune").version("1"));
  }

  @Bean
  PropertyCustomizer requiredUnlessNullable() {
    return (property, type) -> {
      boolean nullable =
          type.getCtxAnnotations() != null
              && Arrays.stream(type.getCtxAnnotations())
                  .anyMatch(a -> a.annotationType() == Nullable.class);
      Schema<?> parent = type.getParent();
      String name = type.getPropertyName();
      if (!nullable && parent != null && name != null) {
        boolean known = parent.getRequired() != null && parent.getRequired().contains(name);
        if (!known) {
          parent.addRequiredItem(name);
        }
      }
      return property;
    };
  }

  /**
   * Without the address it happens to be served from, so that the document is the same everywhere.
   */
  @Bean
  OpenApiCustomizer withoutServers() {
    return api -> api.setServers(List.of());
  }
}
