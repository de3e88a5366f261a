package variablerotor.server.web;

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

/**
 * The OpenAPI document, from which the page's types are made. A field is always there, but for
 * those listed here as nullable.
 */
@Configuration
class ApiDescription {
  /** Fields that may be null, and are then left out. */
  private static final Set<String> NULLABLE =
      Set.of(
          "SessionView.account",
          "CallView.recommended",
          "WayView.offer",
          "DecisionView.firstCost",
          "CallRow.chosen",
          "WindingView.unbalancePercent",
          "WindingView.unbalanceLow",
          "WindingView.unbalanceHigh",
          "WindingView.depth",
          "WindingView.healthyPairOhms",
          "WindingView.extraOhms",
          "Particulars.wires",
          "ReasonView.figure",
          "Note.figure",
          "WindowView.figure",
          "WindowView.ownFact",
          "Standing.days",
          "BlinkReading.kind",
          "BlinkReading.code",
          "PressRequest.lamp",
          "Wanted.fault",
          "Wanted.severity",
          "Wanted.volts",
          "CodeCells.suspects");

  /** What a client must give of the plates; all else on them may be left out. */
  private static final Map<String, List<String>> PLATES =
      Map.of("MotorPlate", List.of("family"), "UnitPlate", List.of());

  @Bean
  OpenAPI description() {
    return new OpenAPI()
        .info(new Info().title("Variable Rotor").version("1"))
        .servers(List.of(new Server().url("/")));
  }

  @Bean
  OpenApiCustomizer requireTheRest() {
    return api ->
        api.getComponents()
            .getSchemas()
            .forEach(
                (name, schema) -> {
                  if (schema.getProperties() != null) {
                    schema.setRequired(required(name, ((Schema<?>) schema).getProperties()));
                  }
                });
  }

  private static List<String> required(String name, Map<String, ?> properties) {
    if (PLATES.containsKey(name)) {
      return PLATES.get(name);
    }
    return properties.keySet().stream()
        .filter(property -> !NULLABLE.contains(name + "." + property))
        .toList();
  }
}
