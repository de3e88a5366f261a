package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;

/** What draws current on a board, and how much where a part does not say. */
final class Loads {
  private Loads() {}

  /** What a coil is made for where it does not say [V]. */
  static final double COIL_VOLTS = Potentials.CONTROL;

  /** A coil whose VA is not told [VA]. Judgement: a small relay. */
  private static final double USUAL_COIL_VA = 7;

  /** A motor whose amps are not told [A]. Judgement. */
  private static final double USUAL_AMPS = 3;

  /** What an adapter's tap draws [Ω]: a logic input. Judgement. */
  private static final double TAP_OHMS = 5000;

  /** Coils, windings and taps, whatever the call. */
  static List<Potentials.Load> of(Board board) {
    List<Potentials.Load> loads = new ArrayList<>();
    for (Part part : board.parts) {
      switch (part.type()) {
        case RELAY, CONTACTOR -> {
          double volts = coilVolts(part);
          loads.add(load(board, part, "A", "B", volts * volts / coilVa(part)));
        }
        case MOTOR_PSC -> {
          for (String speed : part.speeds()) {
            loads.add(load(board, part, speed, "COM", ratedVolts(board) / amps(part)));
          }
        }
        case MOTOR_3PH -> {
          // A star with its point left out: three alike between the leads.
          double ohms = 3 * ratedVolts(board) / amps(part) / Math.sqrt(3);
          loads.add(load(board, part, "U", "V", ohms));
          loads.add(load(board, part, "V", "W", ohms));
          loads.add(load(board, part, "W", "U", ohms));
        }
        case ADAPTER -> Part.TAPS.forEach(tap -> loads.add(load(board, part, tap, "C", TAP_OHMS)));
        default -> {}
      }
    }
    return loads;
  }

  private static Potentials.Load load(Board board, Part part, String from, String to, double ohms) {
    return new Potentials.Load(board.at(part, from), board.at(part, to), ohms);
  }

  /** What a coil is made for [V]. */
  static double coilVolts(Part part) {
    return part.coilVolts() == null ? COIL_VOLTS : part.coilVolts();
  }

  /** What a coil takes [VA]. */
  static double coilVa(Part part) {
    return part.coilVa() == null ? USUAL_COIL_VA : part.coilVa();
  }

  /** Full load of a motor [A]. */
  static double amps(Part part) {
    return part.amps() == null ? USUAL_AMPS : part.amps();
  }

  /** The highest line there is: what the motors are for. */
  static double ratedVolts(Board board) {
    double volts = 120;
    for (Part part : board.parts) {
      if (part.type() == PartType.LINE_240) {
        volts = 240;
      } else if (part.type() == PartType.LINE_3PH) {
        volts = Math.max(volts, 208);
      }
    }
    return volts;
  }
}
