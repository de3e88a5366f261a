package variablerotor.server.web;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The OpenAPI document, from which the page's types are made. A field of a record is always there,
 * unless it is {@link Nullable}: then it is left out where it is null. A field that can be anything
 * plain ({@link Object}) says so.
 */
@Configuration
class ApiDescription {
  private static final Set<String> ANYTHING_PLAIN =
      new TreeSet<>(List.of("string", "number", "boolean", "array", "object"));

  @Bean
  OpenAPI description() {
    return new OpenAPI()
        .info(new Info().title("Variable Rotor").version("1"))
        .servers(List.of(new Server().url("/")));
  }

  @Bean
  ModelConverter records() {
    return new Records();
  }

  private static final class Records implements ModelConverter {
    @Override
    public @Nullable Schema<?> resolve(
        AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
      Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
      JavaType java = Json31.mapper().constructType(type.getType());
      if (schema != null && java != null && java.getRawClass().isRecord()) {
        Schema<?> model = schema;
        if (schema.get$ref() != null) {
          String name = schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
          model = context.getDefinedModels().get(name);
        }
        if (model != null && model.getProperties() != null) {
          describe(model, java.getRawClass());
        }
      }
      return schema;
    }

    private static void describe(Schema<?> model, Class<?> record) {
      List<String> required = new ArrayList<>();
      for (RecordComponent component : record.getRecordComponents()) {
        if (component.getType() == Object.class) {
          Schema<?> anything = new Schema<>();
          anything.setTypes(ANYTHING_PLAIN);
          model.getProperties().put(component.getName(), anything);
        }
        if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
          required.add(component.getName());
        }
      }
      model.setRequired(required);
    }
  }
}
