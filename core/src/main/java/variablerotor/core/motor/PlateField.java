package variablerotor.core.motor;

import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A number on a plate, with what it may be: the same limits for a file, the server and the page.
 *
 * @param id as in the open format
 * @param title as on the form
 * @param unit empty where there is none
 * @param whole whether only whole numbers will do
 */
public record PlateField(
    String id, String title, String unit, double least, double most, boolean whole)
    implements Node {

  /** Of a motor. */
  public static final List<PlateField> MOTOR =
      List.of(
          new PlateField("horsepower", "Horsepower", "hp", 0.001, 500, false),
          new PlateField("phases", "Phases of the line", "", 1, 3, true),
          new PlateField("hertz", "Frequency", "Hz", 40, 70, false),
          new PlateField("rpm", "Rated speed", "r/min", 1, 30000, false),
          new PlateField("fullLoadAmps", "Full-load amps", "A", 0.01, 1000, false),
          new PlateField("shaftDiameterIn", "Shaft diameter", "in", 0.05, 10, false),
          new PlateField("shaftLengthIn", "Shaft length", "in", 0, 100, false),
          new PlateField("bodyLengthIn", "Body length", "in", 0, 100, false),
          new PlateField("speedTaps", "Speed taps", "", 0, 20, true));

  /** Of a unit. */
  public static final List<PlateField> UNIT =
      List.of(new PlateField("coolingTons", "Cooling", "ton", 0, 500, false));

  /** Of how a unit is run. */
  public static final List<PlateField> RUNNING =
      List.of(
          new PlateField("airflowCfm", "Air that the fan moves", "cfm", 1, 1e6, false),
          new PlateField("staticInwc", "Pressure across the blower", "in. w.c.", 0, 20, false),
          new PlateField(
              "variableWatts", "Variable-speed motor, for 1,000 cfm", "W", 20, 2000, false),
          new PlateField("hoursPerYear", "Hours that it runs a year", "h", 0, 8784, false),
          new PlateField("yearsAhead", "Years that the unit is to last yet", "years", 0, 50, false),
          new PlateField("lowestStageCfm", "Most air at the lowest stage", "cfm", 1, 1e6, false),
          new PlateField("oneSpeedCfm", "Air at the new motor's one speed", "cfm", 1, 1e6, false),
          new PlateField("heatOutputBtuh", "Gas heat, output", "Btu/h", 1, 1e8, false),
          new PlateField("riseLowF", "Temperature rise, least", "°F", 0, 300, false),
          new PlateField("riseHighF", "Temperature rise, most", "°F", 0, 300, false),
          new PlateField("transformerVa", "24 V transformer", "VA", 1, 1e4, false),
          new PlateField("hangingVa", "What hangs on it already", "VA", 0, 1e4, false),
          new PlateField("relayVa", "One relay's coil", "VA", 0.1, 1e3, false));

  /**
   * @throws IllegalArgumentException for a field that no plate has
   */
  public static PlateField of(List<PlateField> plate, String id) {
    for (PlateField field : plate) {
      if (field.id.equals(id)) {
        return field;
      }
    }
    throw new IllegalArgumentException("no field " + id);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "id", id, "title", title, "unit", unit, "least", least, "most", most, "whole", whole);
  }
}
