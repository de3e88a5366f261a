package variablerotor.core.signal;

import java.util.List;

/**
 * The terminals of each family's motor as a technician meets them, with the colour that a wire
 * often has. Colours vary between makers: they are labels that can be changed, and the unit's
 * diagram rules. Common practice.
 */
public final class Terminals {

  /**
   * @param id stable within the family
   * @param name what it is
   * @param colour usual colour of its wire, in words; empty where there is no usual one
   * @param plug which plug it belongs to
   */
  public record Terminal(String id, String name, String colour, Plug plug) {}

  /** Where a terminal sits. */
  public enum Plug {
    POWER("Power"),
    CONTROL("Control"),
    WINDING("Motor leads");

    private final String title;

    Plug(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  private static final List<Terminal> WINDING =
      List.of(
          new Terminal("A", "Lead A", "", Plug.WINDING),
          new Terminal("B", "Lead B", "", Plug.WINDING),
          new Terminal("C", "Lead C", "", Plug.WINDING),
          new Terminal("FRAME", "Bare frame", "", Plug.WINDING));

  private Terminals() {}

  private static Terminal power(String id, String name, String colour) {
    return new Terminal(id, name, colour, Plug.POWER);
  }

  private static Terminal control(String id, String name, String colour) {
    return new Terminal(id, name, colour, Plug.CONTROL);
  }

  private static List<Terminal> with(List<Terminal> plugs, boolean windings) {
    List<Terminal> all = new java.util.ArrayList<>(plugs);
    if (windings) {
      all.addAll(WINDING);
    }
    return List.copyOf(all);
  }

  /** In the order in which they are drawn. */
  public static List<Terminal> of(Family family) {
    switch (family) {
      case CONSTANT_TORQUE:
        return with(
            List.of(
                power("L1", "Line", "black"),
                power("L2", "Line or neutral", "white"),
                power("G", "Ground", "green"),
                control("COM", "24 V common", ""),
                control("TAP", "Tap in use", "")),
            true);
      case CONSTANT_AIRFLOW_PARALLEL:
        return with(
            List.of(
                power("L1", "Line", "black"),
                power("L2", "Line or neutral", "white"),
                power("LINK", "115 V link", ""),
                power("G", "Ground", "green"),
                control("COM", "24 V common", ""),
                control("CALL", "Call input", ""),
                control("FB", "Speed pulses", "")),
            true);
      case CONSTANT_AIRFLOW_SERIAL:
        return with(
            List.of(
                power("L1", "Line", "black"),
                power("L2", "Line or neutral", "white"),
                power("G", "Ground", "green"),
                control("V", "Link supply", "red"),
                control("TX", "Message out", ""),
                control("RX", "Message in", ""),
                control("COM", "Link common", "black")),
            true);
      case STAGED_CONDENSER:
        return with(
            List.of(
                power("L1", "Line", "black"),
                power("L2", "Line", "red"),
                power("G", "Ground", "green"),
                control("COM", "24 V common", ""),
                control("TAP", "Stage in use", "")),
            true);
      case BLDC_FIVE_WIRE:
        return with(
            List.of(
                power("BUS", "DC bus", "red"),
                power("GND", "Ground", "black"),
                control("VCC", "Logic supply", "white"),
                control("VSP", "Speed command", "yellow"),
                control("FB", "Speed pulses", "blue")),
            false);
      case BLDC_THREE_WIRE:
        return with(
            List.of(
                power("L1", "Line at the unit", "black"), power("L2", "Line at the unit", "red")),
            true);
      case EC_PLUG_FAN:
        return with(
            List.of(
                power("L1", "Phase 1", ""),
                power("L2", "Phase 2", ""),
                power("L3", "Phase 3", ""),
                power("G", "Ground", "green"),
                control("10V", "10 V supply out", ""),
                control("IN", "Command in, 0-10 V", ""),
                control("COM", "Signal common", ""),
                control("FB", "Speed pulses", "")),
            false);
      case DRIVE_FED_INDUCTION:
        return with(
            List.of(
                power("L1", "Phase in 1", ""),
                power("L2", "Phase in 2", ""),
                power("L3", "Phase in 3", ""),
                control("IN", "Speed in, 0-10 V", ""),
                control("COM", "Signal common", ""),
                control("RUN", "Run contact", "")),
            true);
      default:
        return List.of();
    }
  }
}
