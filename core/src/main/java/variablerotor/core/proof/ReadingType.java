package variablerotor.core.proof;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is read on a new part, with its unit and what it may be. */
public enum ReadingType {
  ROTATION("rotation", "Direction of rotation", List.of("RIGHT", "REVERSED")),
  AMPS("amps", "Line current while it runs", "A", 0, 500),
  STATIC("static.inwc", "External static pressure", "in. w.c.", 0, 10),
  ALTITUDE("altitude.ft", "Altitude", "ft", -1500, 15_000),
  AIR_RETURN("air.return.f", "Air before the heat", "°F", -40, 200),
  AIR_SUPPLY("air.supply.f", "Air after the heat, out of its sight", "°F", -40, 300),
  AIR_CALL("airflow.call", "Call on whose tap the air was measured", List.of("COOL", "HEAT")),
  HEAT_VOLTS("heat.volts", "Volts at the heat strips", "V", 1, 1000),
  HEAT_AMPS("heat.amps", "Amps of the heat strips", "A", 0.1, 2000),
  HEAT_PHASES("heat.phases", "Phases of the heat strips", "", 1, 3),
  GAS_INPUT("heat.gas.btuh", "Burner's input", "Btu/h", 1000, 1e8),
  GAS_EFFICIENCY("heat.efficiency", "Burner's efficiency, as a share of one", "", 0.3, 1),
  DROP("drop.inwc", "Pressure drop over the component", "in. w.c.", 0.001, 20),
  DROP_REFERENCE("drop.reference.inwc", "Its table's pressure drop", "in. w.c.", 0.001, 20),
  DROP_REFERENCE_CFM("drop.reference.cfm", "Air at that drop", "cfm", 1, 1e6),
  RING("ring.pascal", "Pressure at the inlet ring", "Pa", 0.1, 20_000),
  RING_K("ring.k", "The ring's k, air at 1 Pa", "m³/h", 0.1, 100_000),
  TAP("tap", "Tap that cools now", "", 1, 12),
  SHARE_NOW("torque.share.now", "Torque of that tap", "%", 0.01, 1000),
  SHARE_NEXT("torque.share.next", "Torque of the next tap", "%", 0.01, 1000),
  CAPACITOR_AMPS("capacitor.amps", "Amps of the capacitor lead", "A", 0.001, 500),
  CAPACITOR_VOLTS("capacitor.volts", "Volts across the capacitor", "V", 1, 2000),
  CAPACITOR_MARKED("capacitor.microfarads", "Marked on the capacitor", "µF", 0.1, 10_000),
  RUN_IDLE("run.idle", "With no call", List.of("RUNS", "STOPS")),
  RUN_DEFROST("run.defrost", "In defrost", List.of("RUNS", "STOPS")),
  CODE("code", "What the lamp or display shows", List.of()),
  AUX_VOLTS("aux.volts", "The fan's own 10 V supply out", "V DC", 0, 60),
  WHEEL_MORE("rotor.rpm", "Speed on the call set for more air", "r/min", 1, 30_000),
  WHEEL_LESS("rotor.rpm.less", "Speed on the call set for less air", "r/min", 1, 30_000),
  COMMAND("command.volts", "Command at the fan", "V DC", 0, 10),
  COVERS("covers", "Covers while it was measured", List.of("ON", "OFF"));

  /** What a call's reading begins with: {@code run.COOL}. */
  public static final String RUN = "run.";

  private final String id;
  private final String title;
  private final String unit;
  private final double least;
  private final double most;
  private final @Nullable List<String> words;

  ReadingType(String id, String title, String unit, double least, double most) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.least = least;
    this.most = most;
    this.words = null;
  }

  ReadingType(String id, String title, List<String> words) {
    this.id = id;
    this.title = title;
    this.unit = "";
    this.least = 0;
    this.most = 0;
    this.words = words;
  }

  /** Its name in the open format. */
  public String id() {
    return id;
  }

  /** As it is asked for. */
  public String title() {
    return title;
  }

  /** As shown; empty for words and pure numbers. */
  public String unit() {
    return unit;
  }

  /** The least that it can be, in its unit. */
  public double least() {
    return least;
  }

  /** The most that it can be, in its unit. */
  public double most() {
    return most;
  }

  /** What it is one of; none for a free text; null for a number. */
  public @Nullable List<String> words() {
    return words;
  }

  /** A word as it is said. */
  public static String spoken(String word) {
    return switch (word) {
      case "RIGHT" -> "The right way";
      case "REVERSED" -> "Backwards";
      case "RUNS" -> "It runs";
      case "STOPS" -> "It stands";
      case "ON" -> "On";
      case "OFF" -> "Off, or a panel open";
      case "COOL" -> "Cooling";
      case "HEAT" -> "Heat";
      default -> word;
    };
  }

  /** Null where there is none of this name. */
  public static @Nullable ReadingType ofId(String id) {
    for (ReadingType one : values()) {
      if (one.id.equals(id)) {
        return one;
      }
    }
    return null;
  }
}
