package variablerotor.server.web;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The OpenAPI document, from which the page's types are made. What is not marked nullable is always
 * there; what is null is left out.
 */
@Configuration
class ApiDescription {
  private static final String NULLABLE = "x-left-out-if-null";

  /** Schemas whose fields a client may leave out. */
  private static final List<String> FREE = List.of("MotorPlate", "UnitPlate");

  @Bean
  OpenAPI description() {
    return new OpenAPI()
        .info(new Info().title("Variable Rotor").version("1"))
        .servers(List.of(new Server().url("/")));
  }

  @Bean
  PropertyCustomizer markNullable() {
    return (Schema property, AnnotatedType type) -> {
      if (type.getCtxAnnotations() != null) {
        for (Annotation annotation : type.getCtxAnnotations()) {
          if (annotation instanceof io.swagger.v3.oas.annotations.media.Schema schema
              && schema.nullable()) {
            property.addExtension(NULLABLE, true);
          }
        }
      }
      return property;
    };
  }

  @Bean
  OpenApiCustomizer requireTheRest() {
    return api -> {
      for (Map.Entry<String, Schema> entry : api.getComponents().getSchemas().entrySet()) {
        Map<String, Schema> properties = entry.getValue().getProperties();
        if (properties != null && !FREE.contains(entry.getKey())) {
          entry.getValue().setRequired(required(properties));
        }
      }
    };
  }

  private static List<String> required(Map<String, Schema> properties) {
    List<String> required = new ArrayList<>();
    properties.forEach(
        (name, property) -> {
          Map<String, Object> extensions = property.getExtensions();
          if (extensions == null || extensions.remove(NULLABLE) == null) {
            required.add(name);
          }
        });
    return required;
  }
}
