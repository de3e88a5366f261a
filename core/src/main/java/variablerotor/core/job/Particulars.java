package variablerotor.core.job;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.CaseFile;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.check.Symptom;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.odds.FamilyModel;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What is told of a call before anything is measured.
 *
 * @param place where it is, as the shop calls it
 * @param unitName which unit there
 * @param complaint in the customer's words; may be empty
 * @param wires colours of this motor's wires where they are not the usual ones, by terminal
 */
public record Particulars(
    String place,
    String unitName,
    String complaint,
    Symptom symptom,
    UnitPlate unit,
    MotorPlate motor,
    @Nullable Map<String, String> wires)
    implements Node {

  private static final int MOST_WIRES = 20;
  private static final int LONGEST_WIRE = 24;

  public Particulars {
    wires = wires == null ? null : Collections.unmodifiableMap(new LinkedHashMap<>(wires));
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "place", place,
        "unitName", unitName,
        "complaint", complaint,
        "symptom", symptom,
        "unit", unit,
        "motor", motor,
        "wires", wires);
  }

  /**
   * With every field checked by the rules of the open format.
   *
   * @throws InputFaults with every fault found
   */
  public static Particulars checked(Particulars given) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    text(faults, "place", given.place(), 1, 200);
    text(faults, "unitName", given.unitName(), 0, 200);
    text(faults, "complaint", given.complaint(), 0, 2000);
    Particulars filled =
        new Particulars(
            trimmed(given.place()),
            trimmed(given.unitName()),
            trimmed(given.complaint()),
            given.symptom(),
            given.unit() == null ? UnitPlate.UNKNOWN : given.unit(),
            given.motor(),
            wires(faults, given.wires()));
    try {
      CaseReader.read(filled.caseTree(List.of()));
    } catch (InputFaults found) {
      faults.addAll(found.faults());
    }
    boolean family = given.motor() != null && given.motor().family() != null;
    if (faults.isEmpty() && family && !FamilyModel.covers(given.motor().family())) {
      faults.add(new InputFault("motor.family", "This family is not covered yet."));
    }
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return filled;
  }

  /**
   * From a plain tree, as {@link #tree} makes it and a page sends it.
   *
   * @throws InputFaults with every fault found
   */
  public static Particulars read(Object tree) throws InputFaults {
    Map<?, ?> told = tree instanceof Map<?, ?> map ? map : Map.of();
    Map<String, Object> asCase = header();
    for (String field : List.of("unit", "motor", "symptom")) {
      asCase.put(field, told.get(field));
    }
    CaseFile plates = CaseReader.read(asCase);
    Map<String, String> wires = null;
    if (told.get("wires") instanceof Map<?, ?> given) {
      wires = new LinkedHashMap<>();
      for (Map.Entry<?, ?> wire : given.entrySet()) {
        wires.put(String.valueOf(wire.getKey()), String.valueOf(wire.getValue()));
      }
    }
    return checked(
        new Particulars(
            textOf(told, "place"),
            textOf(told, "unitName"),
            textOf(told, "complaint"),
            plates.symptom(),
            plates.unit(),
            plates.motor(),
            wires));
  }

  private static String textOf(Map<?, ?> told, String field) {
    return told.get(field) instanceof String text ? text : "";
  }

  private static Map<String, String> wires(
      List<InputFault> faults, @Nullable Map<String, String> given) {
    Map<String, String> kept = new LinkedHashMap<>();
    if (given == null) {
      return kept;
    }
    if (given.size() > MOST_WIRES) {
      faults.add(new InputFault("wires", "allowed are at most " + MOST_WIRES));
      return kept;
    }
    given.forEach(
        (terminal, colour) -> {
          String label = trimmed(colour);
          if (terminal.length() > LONGEST_WIRE || label.length() > LONGEST_WIRE) {
            faults.add(
                new InputFault(
                    "wires." + terminal, "allowed are up to " + LONGEST_WIRE + " characters"));
          } else if (!label.isEmpty()) {
            kept.put(terminal, label);
          }
        });
    return kept;
  }

  private static String trimmed(@Nullable String text) {
    return text == null ? "" : text.trim();
  }

  private static void text(
      List<InputFault> faults, String path, @Nullable String text, int least, int most) {
    int length = trimmed(text).length();
    if (length < least || length > most) {
      faults.add(
          new InputFault(
              path, "found " + length + " characters; allowed are " + least + " to " + most));
    }
  }

  private static Map<String, Object> header() {
    return Tree.of("format", CaseFile.FORMAT, "version", CaseFile.VERSION);
  }

  /** In the open format, with these facts. */
  public Map<String, Object> caseTree(List<Map<String, Object>> facts) {
    Map<String, Object> tree = header();
    tree.put("title", unitName.isEmpty() ? place : place + ", " + unitName);
    tree.put("unit", Tree.plain(unit));
    tree.put("motor", motor == null ? Map.of() : motor.tree());
    tree.put("symptom", Tree.plain(symptom));
    tree.put("facts", facts);
    return tree;
  }
}
