package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import variablerotor.core.circuit.Complex;

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

  /** A transformer whose VA is not told [VA]. Common practice. */
  private static final double USUAL_VA = 40;

  /** A start winding has more ohms than the main one by about this. Judgement. */
  private static final double START = 2;

  /** A capacitor that does not say [µF]. Judgement. */
  private static final double USUAL_MICROFARADS = 5;

  /** ωC of a microfarad at 60 Hz [S]: 2 π 60 10⁻⁶. */
  private static final double SIEMENS_PER_MICROFARAD = 2 * Math.PI * 60e-6;

  /** Coils, windings, taps and capacitors, whatever the call. */
  static List<Potentials.Load> of(Board board) {
    List<Potentials.Load> loads = new ArrayList<>();
    for (Part part : board.parts) {
      switch (part.type()) {
        case RELAY, CONTACTOR -> {
          double volts = coilVolts(part);
          loads.add(load(board, part, "A", "B", volts * volts / coilVa(part)));
        }
        case MOTOR_PSC -> {
          double ohms = board.ratedVolts(part) / amps(part);
          for (String speed : part.speeds()) {
            loads.add(load(board, part, speed, "COM", ohms));
          }
          String end = part.capacitorCommon() ? "COM" : "CAP2";
          loads.add(load(board, part, "CAP1", end, START * ohms));
        }
        case MOTOR_3PH -> {
          // A star with its point left out: three alike between the leads.
          double ohms = 3 * board.ratedVolts(part) / amps(part) / Math.sqrt(3);
          loads.add(load(board, part, "U", "V", ohms));
          loads.add(load(board, part, "V", "W", ohms));
          loads.add(load(board, part, "W", "U", ohms));
        }
        case ADAPTER -> {
          Part.TAPS.forEach(tap -> loads.add(load(board, part, tap, "C", TAP_OHMS)));
          loads.add(load(board, part, "R", "C", TAP_OHMS));
        }
        case CAPACITOR -> {
          double has = part.microfarads() == null ? USUAL_MICROFARADS : part.microfarads();
          loads.add(
              new Potentials.Load(
                  part.type(),
                  board.at(part, "1"),
                  board.at(part, "2"),
                  new Complex(0, -1 / (SIEMENS_PER_MICROFARAD * has))));
        }
        default -> {}
      }
    }
    for (Board.Secondary one : board.secondaries) {
      double va = one.part().va() == null ? USUAL_VA : Math.max(1, one.part().va());
      loads.add(
          new Potentials.Load(
              PartType.TRANSFORMER,
              one.h1(),
              one.h2(),
              Complex.real(one.primaryVolts() * one.primaryVolts() / va)));
    }
    return loads;
  }

  private static Potentials.Load load(Board board, Part part, String from, String to, double ohms) {
    return new Potentials.Load(
        part.type(), board.at(part, from), board.at(part, to), Complex.real(ohms));
  }

  /** What a coil is made for [V]. */
  static double coilVolts(Part part) {
    return part.coilVolts() == null ? COIL_VOLTS : part.coilVolts();
  }

  /** Whether a coil hangs on a transformer. */
  static boolean isControl(Part part) {
    return coilVolts(part) == COIL_VOLTS;
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
      volts = Math.max(volts, part.type().lineVolts());
    }
    return volts;
  }
}
