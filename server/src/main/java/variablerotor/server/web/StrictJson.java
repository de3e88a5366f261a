package variablerotor.server.web;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * Requests are read to the letter: a field that there is not, a key told twice, a word by its
 * number, something after the end, and control characters in a text are refused by name.
 */
@Configuration
class StrictJson implements JsonMapperBuilderCustomizer {
  @Override
  public void customize(JsonMapper.Builder builder) {
    builder
        .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
        .addModule(new SimpleModule().addDeserializer(String.class, new Text()));
  }

  /** Whether a database or a paper could not hold this text. */
  static boolean hasControl(String text) {
    return text.codePoints()
        .anyMatch(one -> Character.isISOControl(one) && one != '\n' && one != '\r' && one != '\t');
  }

  private static final class Text extends StdScalarDeserializer<String> {
    Text() {
      super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
      String text = parser.getValueAsString();
      if (text == null) {
        return (String) context.handleUnexpectedToken(String.class, parser);
      }
      if (hasControl(text)) {
        return (String)
            context.handleWeirdStringValue(String.class, text, "control characters are not text");
      }
      return text;
    }
  }
}
