package variablerotor.json;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.exc.UnexpectedEndOfInputException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;

/** Between text and the plain trees that the core reads and writes. */
public final class Json {
  private static final JsonMapper MAPPER =
      JsonMapper.builder(
              JsonFactory.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build())
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .build();

  private Json() {}

  /**
   * @throws InputFaults where the text is not JSON
   */
  public static Object read(String text) throws InputFaults {
    try {
      Object tree = plain(MAPPER.readTree(text));
      if (tree == null) {
        throw new InputFaults(
            List.of(new InputFault("", "found nothing; allowed is an object, a list or a value")));
      }
      return tree;
    } catch (JacksonException notJson) {
      String where =
          notJson.getLocation() == null
              ? ""
              : " at line "
                  + notJson.getLocation().getLineNr()
                  + ", column "
                  + notJson.getLocation().getColumnNr();
      throw new InputFaults(
          List.of(new InputFault("", "not JSON" + where + ": " + words(notJson))));
    }
  }

  /** Where the reader begins to name its own switches and classes, between two marks like `. */
  private static final Pattern READERS_OWN = Pattern.compile("[:,(][^:,(]*`.*");

  /** What is wrong, in words that say nothing of the reader. */
  private static String words(JacksonException notJson) {
    if (notJson instanceof UnexpectedEndOfInputException) {
      return "it ends before it is whole";
    }
    if (notJson instanceof StreamConstraintsException) {
      return "it is nested deeper, or something in it is longer, than is read";
    }
    String said = notJson.getOriginalMessage().replace('\n', ' ');
    return READERS_OWN.matcher(said).replaceAll("").strip();
  }

  /**
   * What was written by {@link #write} and kept.
   *
   * @throws IllegalStateException where it is no JSON any more
   */
  public static Object kept(String text) {
    try {
      return read(text);
    } catch (InputFaults damaged) {
      throw new IllegalStateException("what was kept is no JSON any more", damaged);
    }
  }

  private static @Nullable Object plain(JsonNode node) {
    if (node.isObject()) {
      Map<String, @Nullable Object> map = new LinkedHashMap<>();
      node.properties().forEach(entry -> map.put(entry.getKey(), plain(entry.getValue())));
      return map;
    }
    if (node.isArray()) {
      List<@Nullable Object> list = new ArrayList<>();
      node.forEach(item -> list.add(plain(item)));
      return list;
    }
    if (node.isNumber()) {
      return number(node);
    }
    if (node.isBoolean()) {
      return node.booleanValue();
    }
    return node.isString() ? node.stringValue() : null;
  }

  /**
   * What no double holds is infinite, and is refused by whoever asks for a number within bounds.
   */
  private static double number(JsonNode node) {
    return node.isBigInteger()
        ? node.bigIntegerValue().doubleValue()
        : node.isBigDecimal() ? node.decimalValue().doubleValue() : node.doubleValue();
  }

  /** Any value that the mapper knows, as a plain tree; null stays null. */
  public static @Nullable Object plainOf(@Nullable Object value) {
    return plain(MAPPER.valueToTree(value));
  }

  /** An object of JSON as a plain tree. */
  public static Map<String, @Nullable Object> plainMap(Map<String, ?> object) {
    Map<String, @Nullable Object> map = new LinkedHashMap<>();
    object.forEach((name, value) -> map.put(name, plainOf(value)));
    return map;
  }

  public static String write(Object tree) {
    return MAPPER.writeValueAsString(whole(tree));
  }

  public static String writePretty(Object tree) {
    return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(whole(tree));
  }

  /** Every whole number below this is a double exactly. */
  private static final double EXACT = 1L << 53;

  /** The same tree with whole numbers written as such: 2 poles, and not 2.0. */
  private static Object whole(Object tree) {
    if (tree instanceof Map<?, ?> map) {
      Map<Object, Object> written = new LinkedHashMap<>();
      map.forEach((name, value) -> written.put(name, whole(value)));
      return written;
    }
    if (tree instanceof List<?> list) {
      List<Object> written = new ArrayList<>();
      list.forEach(one -> written.add(whole(one)));
      return written;
    }
    boolean isWhole =
        tree instanceof Double number && number == Math.rint(number) && Math.abs(number) < EXACT;
    return isWhole ? (Object) ((Double) tree).longValue() : tree;
  }
}
