package variablerotor.core.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;

/**
 * Fields changed one by one: two people who are at one call at once each change what they touched,
 * and what the other changed stays.
 */
public final class Corrections {
  private static final Set<String> PLAIN =
      Set.of("place", "unitName", "complaint", "symptom", "also", "mayBe");

  /** What has fields of its own. */
  private static final List<String> NESTED = List.of("unit", "motor", "running", "wires");

  /** A list of ids, each of which is a field that is there or not. */
  private static final String TICKED = "agreed";

  private Corrections() {}

  /** Every field that says something, by its path. */
  public static Map<String, Object> fields(Particulars told) {
    Map<String, Object> fields = new LinkedHashMap<>();
    told.tree()
        .forEach(
            (name, value) -> {
              if (NESTED.contains(name) && value instanceof Map<?, ?> inner) {
                inner.forEach((key, one) -> put(fields, name + "." + key, one));
              } else if (name.equals(TICKED) && value instanceof List<?> ticked) {
                ticked.forEach((one) -> fields.put(TICKED + "." + one, true));
              } else {
                put(fields, name, value);
              }
            });
    return fields;
  }

  private static void put(Map<String, Object> fields, String name, @Nullable Object value) {
    if (value != null) {
      fields.put(name, value);
    }
  }

  /** Those whose field is by now neither what it was nor what it is to be. */
  public static List<Correction> disputed(Particulars told, List<Correction> corrections) {
    Map<String, Object> fields = fields(told);
    return corrections.stream()
        .filter(one -> !same(fields.get(one.field()), one.was()))
        .filter(one -> !same(fields.get(one.field()), one.now()))
        .toList();
  }

  /** Whether they say the same: nothing is as good as an empty text or list. */
  public static boolean same(@Nullable Object one, @Nullable Object other) {
    return Objects.equals(bare(one), bare(other));
  }

  private static @Nullable Object bare(@Nullable Object value) {
    Object plain = Tree.plain(value);
    if (plain instanceof String text) {
      return text.trim().isEmpty() ? null : text.trim();
    }
    return plain instanceof List<?> list && list.isEmpty() ? null : plain;
  }

  /**
   * What is told with these fields changed.
   *
   * @throws InputFaults where a field is none, or what it is to be is not allowed there
   */
  public static Particulars onto(Particulars told, List<Correction> corrections)
      throws InputFaults {
    Map<String, Object> fields = fields(told);
    List<InputFault> faults = new ArrayList<>();
    for (Correction one : corrections) {
      if (!isField(one.field())) {
        faults.add(none(one.field()));
      } else if (one.now() == null) {
        fields.remove(one.field());
      } else {
        fields.put(one.field(), Objects.requireNonNull(Tree.plain(one.now())));
      }
    }
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    Particulars corrected = Particulars.read(whole(fields));
    Map<String, Object> read = fields(corrected);
    for (Correction one : corrections) {
      // A name that nobody reads would be lost without a word.
      if (bare(one.now()) != null && !read.containsKey(one.field())) {
        faults.add(none(one.field()));
      }
    }
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return corrected;
  }

  private static InputFault none(String field) {
    return new InputFault(field, "is not a field of what is told of a call");
  }

  private static boolean isField(String field) {
    int dot = field.indexOf('.');
    return dot < 0
        ? PLAIN.contains(field)
        : dot + 1 < field.length()
            && (NESTED.contains(field.substring(0, dot)) || field.substring(0, dot).equals(TICKED));
  }

  private static Map<String, Object> whole(Map<String, Object> fields) {
    Map<String, Object> whole = new LinkedHashMap<>();
    Map<String, Map<String, Object>> nested = new LinkedHashMap<>();
    List<String> ticked = new ArrayList<>();
    fields.forEach(
        (name, value) -> {
          int dot = name.indexOf('.');
          if (dot < 0) {
            whole.put(name, value);
          } else if (!name.startsWith(TICKED + ".")) {
            nested
                .computeIfAbsent(name.substring(0, dot), any -> new LinkedHashMap<>())
                .put(name.substring(dot + 1), value);
          } else if (Boolean.TRUE.equals(value)) {
            ticked.add(name.substring(dot + 1));
          }
        });
    whole.putAll(nested);
    ticked.sort(Comparator.naturalOrder());
    whole.put(TICKED, ticked);
    return whole;
  }
}
