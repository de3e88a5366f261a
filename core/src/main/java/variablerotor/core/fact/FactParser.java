package variablerotor.core.fact;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.text.Numbers;
import variablerotor.core.winding.Ohms;

/** From a plain value (text, number, boolean, list, map) to a checked fact value. */
public final class FactParser {

  /** What was found and what is allowed, in one line. */
  public static final class Refused extends Exception {
    private static final long serialVersionUID = 1L;

    Refused(String message) {
      super(message);
    }
  }

  private static final int MOST_TEXT = 200;

  private FactParser() {}

  /**
   * @param plain String, Double, Boolean, List or Map, or null
   * @throws Refused where the value is not one that the type allows
   */
  public static FactValue parse(FactType type, @Nullable Object plain) throws Refused {
    for (FactValue.Untold.Why why : FactValue.Untold.Why.values()) {
      if (why.name().equals(plain) && type.mayBeUntold()) {
        return new FactValue.Untold(why);
      }
    }
    switch (type.kind()) {
      case NUMBER:
        return new FactValue.Quantity(number(type, plain));
      case OHMS:
        return new FactValue.Resistance(
            "OL".equals(plain) ? Ohms.OVER_LIMIT : new Ohms(number(type, plain)));
      case MEGOHMS:
        return "OL".equals(plain)
            ? new FactValue.Resistance(Ohms.OVER_LIMIT)
            : new FactValue.Quantity(number(type, plain));
      case FLAG:
        if (plain instanceof Boolean flag) {
          return new FactValue.Flag(flag);
        }
        throw refused(plain, "true or false");
      case CHOICE:
        Answer word = Answer.ofName(plain);
        if (word != null && type.choices().contains(word)) {
          return new FactValue.Choice(word);
        }
        return several(type, plain);
      case CODE:
        return code(plain);
      case SUSPECTS:
        return suspects(plain);
      default:
        return range(type, plain);
    }
  }

  /** A list of words that can be seen at once; a list of one is that one. */
  private static FactValue several(FactType type, @Nullable Object plain) throws Refused {
    List<Answer> together = type.together();
    String one = "one of " + names(type.choices());
    if (!(plain instanceof List<?> list) || together.isEmpty()) {
      throw refused(plain, together.isEmpty() ? one : one + "; or a list of " + names(together));
    }
    if (list.size() == 1) {
      return parse(type, list.get(0));
    }
    List<Answer> given = new ArrayList<>();
    for (Object item : list) {
      Answer word = Answer.ofName(item);
      if (word == null || !together.contains(word)) {
        throw refused(item, "in a list: " + names(together));
      }
      given.add(word);
    }
    List<Answer> words = new ArrayList<>(together);
    words.retainAll(given);
    if (words.size() < 2 || words.size() < list.size()) {
      throw refused(plain, "a list of two or more of these, each once: " + names(together));
    }
    return new FactValue.Several(words);
  }

  private static String names(List<Answer> words) {
    return String.join(", ", words.stream().map(Answer::name).toList());
  }

  /** What the type takes, such as {@code a number of V from 0 to 1000}. */
  public static String allowed(FactType type) {
    switch (type.kind()) {
      case NUMBER:
        return "a number" + of(type) + " from " + band(type);
      case OHMS:
      case MEGOHMS:
        return "a number" + of(type) + " from " + band(type) + ", or \"OL\"";
      case WINDOW:
        return "[low, high], two numbers from " + band(type) + ", low below high";
      default:
        return "";
    }
  }

  private static String of(FactType type) {
    return type.unit().isEmpty() ? "" : " of " + type.unit();
  }

  private static String band(FactType type) {
    return Numbers.plain(type.least(), 4) + " to " + Numbers.plain(type.most(), 4);
  }

  private static double number(FactType type, @Nullable Object plain) throws Refused {
    if (plain instanceof Double number
        && !number.isNaN()
        && number >= type.least()
        && number <= type.most()) {
      return number;
    }
    throw refused(plain, allowed(type));
  }

  private static final List<String> CODE_FIELDS = List.of("book", "code", "meaning", "fan");

  private static FactValue code(@Nullable Object plain) throws Refused {
    if (plain instanceof String text && isText(text)) {
      return new FactValue.Code(null, text, null, null);
    }
    if (plain instanceof Map<?, ?> map
        && CODE_FIELDS.containsAll(map.keySet())
        && map.get("code") instanceof String code
        && isText(code)
        && isTextOrNone(map.get("book"))
        && isTextOrNone(map.get("meaning"))
        && (map.get("fan") == null || FactValue.Code.FANS.contains(map.get("fan")))) {
      return new FactValue.Code(
          (String) map.get("book"), code, (String) map.get("meaning"), (String) map.get("fan"));
    }
    throw refused(
        plain,
        "text, or {\"code\": text} with \"book\", \"meaning\" (texts up to 200 characters) and"
            + " \"fan\" (INDOOR_BLOWER or OUTDOOR_FAN) where they are known");
  }

  private static boolean isTextOrNone(@Nullable Object plain) {
    return plain == null || (plain instanceof String text && isText(text));
  }

  private static FactValue suspects(@Nullable Object plain) throws Refused {
    List<String> allowed = new ArrayList<>();
    for (Suspect suspect : Suspect.values()) {
      if (suspect.isLink()) {
        allowed.add(suspect.name());
      }
    }
    if (!(plain instanceof List<?> list) || list.size() > allowed.size()) {
      throw refused(plain, "a list of " + String.join(", ", allowed));
    }
    List<String> names = new ArrayList<>();
    for (Object item : list) {
      if (!(item instanceof String name) || !allowed.contains(name)) {
        throw refused(item, "one of " + String.join(", ", allowed));
      }
      names.add(name);
    }
    return new FactValue.Names(names);
  }

  private static FactValue range(FactType type, @Nullable Object plain) throws Refused {
    if (plain instanceof List<?> list && list.size() == 2) {
      double low = number(type, list.get(0));
      double high = number(type, list.get(1));
      if (low < high) {
        return new FactValue.Range(low, high);
      }
    }
    throw refused(plain, allowed(type));
  }

  private static boolean isText(String text) {
    return !text.isBlank() && text.length() <= MOST_TEXT;
  }

  private static Refused refused(@Nullable Object plain, String allowed) {
    return new Refused("found " + describe(plain) + "; allowed is " + allowed);
  }

  /** A value as it stood, cut short where it is long. */
  public static String describe(@Nullable Object plain) {
    if (plain == null) {
      return "nothing";
    }
    if (plain instanceof String text) {
      return "\"" + (text.length() > 40 ? text.substring(0, 40) + "…" : text) + "\"";
    }
    if (plain instanceof Double number) {
      boolean whole = number == Math.rint(number) && Math.abs(number) < 1e15;
      return whole ? String.valueOf(number.longValue()) : String.valueOf(number);
    }
    if (plain instanceof Boolean) {
      return String.valueOf(plain);
    }
    return plain instanceof List ? "a list" : "an object";
  }
}
