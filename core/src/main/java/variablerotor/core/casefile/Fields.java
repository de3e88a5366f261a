package variablerotor.core.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactParser;
import variablerotor.core.text.Dates;
import variablerotor.core.text.Numbers;

/**
 * One object of a plain tree, read field by field. A field that cannot be read is noted with its
 * path and read as null, so that every fault is told at once.
 */
public final class Fields {
  private final Map<?, ?> map;
  private final String path;
  private final List<InputFault> faults;
  private final Set<String> known = new TreeSet<>();

  /** Every object of one document that was read with the same faults. */
  private static final class Read extends ArrayList<InputFault> {
    private static final long serialVersionUID = 1;
    private final transient List<Fields> objects = new ArrayList<>();
  }

  /** Where a reader notes faults, and which fields nobody asked for can be told afterwards. */
  public static List<InputFault> faults() {
    return new Read();
  }

  /**
   * Fields that no reader knows, of a whole document.
   *
   * @param faults as {@link #faults} gave them
   */
  static List<String> unknownOf(List<InputFault> faults) {
    List<String> unknown = new ArrayList<>();
    if (faults instanceof Read read) {
      read.objects.forEach(one -> unknown.addAll(one.unknown()));
    }
    return unknown;
  }

  /**
   * @param path of the object in its document; empty for the whole
   * @param faults where faults are noted
   */
  public Fields(Map<?, ?> map, String path, List<InputFault> faults) {
    if (faults instanceof Read read) {
      read.objects.add(this);
    }
    this.map = map;
    this.path = path;
    this.faults = faults;
  }

  /** An item of a list that must be an object; null, and a fault, where it is none. */
  public static @Nullable Fields entry(
      @Nullable Object given, String path, List<InputFault> faults) {
    if (given instanceof Map<?, ?> map) {
      return new Fields(map, path, faults);
    }
    faults.add(
        new InputFault(path, "found " + FactParser.describe(given) + "; allowed is an object"));
    return null;
  }

  private @Nullable Object get(String field) {
    known.add(field);
    return map.get(field);
  }

  /** Of one of its fields, in the document. */
  public String path(String field) {
    return path.isEmpty() ? field : path + "." + field;
  }

  /** Notes what is wrong with a field. */
  public void fault(String field, String message) {
    faults.add(new InputFault(path(field), message));
  }

  private void refuse(String field, Object found, String allowed) {
    fault(field, "found " + FactParser.describe(found) + "; allowed is " + allowed);
  }

  /** Whether it is given. */
  public boolean has(String field) {
    return get(field) != null;
  }

  /**
   * @param longest that it may be [characters]
   */
  public @Nullable String text(String field, int longest) {
    Object value = get(field);
    if (value == null) {
      return null;
    }
    if (value instanceof String text && text.length() <= longest && isText(text)) {
      return text;
    }
    refuse(field, value, "text of at most " + longest + " characters");
    return null;
  }

  /** Without what no database and no paper can hold. */
  private static boolean isText(String text) {
    for (int at = 0; at < text.length(); at++) {
      char letter = text.charAt(at);
      boolean blank = letter == '\n' || letter == '\r' || letter == '\t';
      if ((letter < ' ' && !blank) || letter == 0x7f) {
        return false;
      }
    }
    return true;
  }

  /** A number from {@code least} to {@code most}. */
  public @Nullable Double number(String field, double least, double most) {
    Object value = get(field);
    if (value == null) {
      return null;
    }
    if (value instanceof Double number && number >= least && number <= most) {
      return number;
    }
    refuse(
        field, value, "a number from " + Numbers.plain(least, 4) + " to " + Numbers.plain(most, 4));
    return null;
  }

  /** A whole number from {@code least} to {@code most}. */
  public @Nullable Integer whole(String field, int least, int most) {
    Object value = get(field);
    if (value == null) {
      return null;
    }
    if (value instanceof Double number
        && number == Math.rint(number)
        && number >= least
        && number <= most) {
      return number.intValue();
    }
    refuse(field, value, "a whole number from " + least + " to " + most);
    return null;
  }

  /** True or false. */
  public @Nullable Boolean flag(String field) {
    Object value = get(field);
    if (value == null || value instanceof Boolean) {
      return (Boolean) value;
    }
    refuse(field, value, "true or false");
    return null;
  }

  /** A day (ISO 8601). */
  public @Nullable LocalDate date(String field) {
    Object value = get(field);
    if (value == null) {
      return null;
    }
    LocalDate date = value instanceof String text ? Dates.read(text) : null;
    if (date != null) {
      return date;
    }
    refuse(field, value, "a date such as \"2025-06-01\"");
    return null;
  }

  /** One of these words, by its name. */
  public <E extends Enum<E>> @Nullable E word(String field, E[] allowed) {
    Object value = get(field);
    return value == null ? null : word(field, value, allowed);
  }

  private <E extends Enum<E>> @Nullable E word(String field, Object value, E[] allowed) {
    for (E one : allowed) {
      if (one.name().equals(value)) {
        return one;
      }
    }
    List<String> names = new ArrayList<>();
    for (E one : allowed) {
      names.add(one.name());
    }
    refuse(field, value, "one of " + String.join(", ", names));
    return null;
  }

  /** A list of these words. */
  public <E extends Enum<E>> List<E> words(String field, E[] allowed) {
    List<E> words = new ArrayList<>();
    List<?> values = list(field);
    for (int i = 0; i < values.size(); i++) {
      E word = word(field + "[" + i + "]", values.get(i), allowed);
      if (word != null) {
        words.add(word);
      }
    }
    return words;
  }

  /**
   * A list of names, each once.
   *
   * @param good which names will do
   * @param allowed as in "allowed are names of leads, each once"
   */
  List<String> names(String field, Predicate<String> good, String allowed) {
    Set<String> names = new LinkedHashSet<>();
    for (Object one : list(field)) {
      if (!(one instanceof String name && good.test(name) && names.add(name))) {
        fault(field, "found " + FactParser.describe(one) + "; allowed are " + allowed);
      }
    }
    return List.copyOf(names);
  }

  /** As it stands; an empty one where it is not given. */
  public List<?> list(String field) {
    Object value = get(field);
    if (value == null) {
      return List.of();
    }
    if (value instanceof List<?> list) {
      return list;
    }
    refuse(field, value, "a list");
    return List.of();
  }

  /**
   * Reads the objects of a list, one after the other; one that is none is told in its turn.
   *
   * @param most that there may be
   */
  public void each(String field, int most, Consumer<Fields> reader) {
    List<?> list = list(field);
    if (list.size() > most) {
      fault(field, "found " + list.size() + "; allowed are at most " + most);
      return;
    }
    for (int at = 0; at < list.size(); at++) {
      Fields one = entry(list.get(at), path(field + "[" + at + "]"), faults);
      if (one != null) {
        reader.accept(one);
      }
    }
  }

  /** A nested object; an empty one where it is not given. */
  public Fields object(String field) {
    Object value = get(field);
    if (value == null) {
      return new Fields(Map.of(), path(field), faults);
    }
    if (value instanceof Map<?, ?> inner) {
      return new Fields(inner, path(field), faults);
    }
    refuse(field, value, "an object");
    return new Fields(Map.of(), path(field), faults);
  }

  /** As it stands. */
  public @Nullable Object plain(String field) {
    return get(field);
  }

  /** Fields that were given and never asked for. */
  public List<String> unknown() {
    List<String> unknown = new ArrayList<>();
    for (Object field : map.keySet()) {
      if (!known.contains(String.valueOf(field))) {
        unknown.add(path(String.valueOf(field)));
      }
    }
    return unknown;
  }
}
