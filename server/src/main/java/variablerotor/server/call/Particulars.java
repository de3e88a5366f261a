package variablerotor.server.call;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.casefile.CaseFile;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.diagnosis.FamilyModel;
import variablerotor.core.diagnosis.Symptom;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.UnitPlate;
import variablerotor.json.Json;
import variablerotor.server.web.Refused;

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
    Map<String, String> wires) {

  private static final int MOST_WIRES = 20;
  private static final int LONGEST_WIRE = 24;

  /** With every field checked by the rules of the open format. */
  static Particulars checked(Particulars given) {
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
      CaseReader.read(filled.tree(List.of()));
    } catch (InputFaults found) {
      faults.addAll(found.faults());
    }
    boolean family = given.motor() != null && given.motor().family() != null;
    if (faults.isEmpty() && family && !FamilyModel.covers(given.motor().family())) {
      faults.add(new InputFault("motor.family", "This family is not covered yet."));
    }
    if (!faults.isEmpty()) {
      throw Refused.fields(faults);
    }
    return filled;
  }

  private static Map<String, String> wires(List<InputFault> faults, Map<String, String> given) {
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

  private static String trimmed(String text) {
    return text == null ? "" : text.trim();
  }

  private static void text(List<InputFault> faults, String path, String text, int least, int most) {
    int length = trimmed(text).length();
    if (length < least || length > most) {
      faults.add(
          new InputFault(
              path, "found " + length + " characters; allowed are " + least + " to " + most));
    }
  }

  /** In the open format, with these facts. */
  @JsonIgnore
  Map<String, Object> tree(List<Map<String, Object>> facts) {
    Map<String, Object> tree = new LinkedHashMap<>();
    tree.put("format", CaseFile.FORMAT);
    tree.put("version", (double) CaseFile.VERSION);
    tree.put("title", unitName.isEmpty() ? place : place + ", " + unitName);
    tree.put("unit", Json.plainOf(unit));
    tree.put("motor", motor == null ? Map.of() : Json.plainOf(motor));
    tree.put("symptom", symptom == null ? null : symptom.name());
    tree.put("facts", facts);
    return tree;
  }
}
