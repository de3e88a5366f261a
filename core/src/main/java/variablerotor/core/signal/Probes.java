package variablerotor.core.signal;

import java.util.List;

/** Where the two tips of a meter go for a reading, by the fact's id. */
public final class Probes {
  private Probes() {}

  /** Two terminals of the family, or none where the reading is not taken at the motor. */
  public static List<String> of(Family family, String fact) {
    switch (fact) {
      case "line.volts":
      case "line.volts.ab":
        return List.of("L1", "L2");
      case "line.volts.bc":
        return List.of("L2", "L3");
      case "line.volts.ca":
        return List.of("L3", "L1");
      case "bus.volts":
        return List.of("BUS", "GND");
      case "logic.volts":
        return List.of("VCC", "GND");
      case "aux.volts":
        return List.of("10V", "COM");
      case "link.volts":
        return List.of("V", "COM");
      case "feedback.hertz":
        return family == Family.BLDC_FIVE_WIRE ? List.of("FB", "GND") : List.of("FB", "COM");
      case "command.volts":
        return command(family);
      case "winding.ab":
      case "emf.ab":
      case "drive.output.ab":
        return List.of("A", "B");
      case "winding.bc":
      case "emf.bc":
      case "drive.output.bc":
        return List.of("B", "C");
      case "winding.ca":
      case "emf.ca":
      case "drive.output.ca":
        return List.of("C", "A");
      case "winding.frame.a":
      case "winding.insulation":
        return List.of("A", "FRAME");
      case "winding.frame.b":
        return List.of("B", "FRAME");
      case "winding.frame.c":
        return List.of("C", "FRAME");
      default:
        return List.of();
    }
  }

  private static List<String> command(Family family) {
    switch (family) {
      case BLDC_FIVE_WIRE:
        return List.of("VSP", "GND");
      case EC_PLUG_FAN:
      case DRIVE_FED_INDUCTION:
        return List.of("IN", "COM");
      case CONSTANT_AIRFLOW_PARALLEL:
        return List.of("CALL", "COM");
      case CONSTANT_TORQUE:
      case STAGED_CONDENSER:
        return List.of("TAP", "COM");
      default:
        return List.of();
    }
  }
}
