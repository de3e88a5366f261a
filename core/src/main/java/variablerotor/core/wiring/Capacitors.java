package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.circuit.Circuit;
import variablerotor.core.circuit.SingularNetwork;
import variablerotor.core.text.Numbers;
import variablerotor.core.wiring.Finding.Kind;

/**
 * What stands between a motor's start winding and its common, and what else got onto the capacitor
 * lead. Both hookups of a usual motor are right: between its two capacitor leads, or from the first
 * to the common with the second capped alone (common practice).
 */
final class Capacitors {
  /** A capacitor is right within this share of what the motor asks. Common practice. */
  private static final double TOLERANCE = 0.06;

  private final Board board;
  private final Nets nets;
  private final Part motor;

  Capacitors(Board board, Nets nets, Part motor) {
    this.board = board;
    this.nets = nets;
    this.motor = motor;
  }

  /**
   * What stands there [µF]: capacitors side by side add up, one after the other their inverses do;
   * null where nothing does. One that does not say what it has counts as none.
   */
  private @Nullable Double microfarads(boolean direct) {
    Circuit circuit = new Circuit();
    int count = 0;
    double unknown = 0;
    for (Part part : capacitors()) {
      int from = nets.of(board.at(part, "1"));
      int to = nets.of(board.at(part, "2"));
      if (from != to && (!direct || isAcross(from, to))) {
        if (part.microfarads() == null) {
          unknown++;
        }
        double has = part.microfarads() == null ? 1 : part.microfarads();
        circuit.resistor("capacitor " + count++, "net " + from, "net " + to, 1 / has);
      }
    }
    if (count == 0 || start() == end()) {
      return null;
    }
    try {
      double has = 1 / circuit.ohms("net " + start(), "net " + end());
      return unknown > 0 ? (Double) 0.0 : (Double) has;
    } catch (SingularNetwork apart) {
      return null;
    }
  }

  private List<Part> capacitors() {
    return board.parts.stream().filter(one -> one.type() == PartType.CAPACITOR).toList();
  }

  private int start() {
    return nets.of(board.at(motor, "CAP1"));
  }

  private int end() {
    return nets.of(board.at(motor, "CAP2"));
  }

  private boolean isAcross(int from, int to) {
    return (from == start() && to == end()) || (from == end() && to == start());
  }

  /** Whether none stands there. */
  boolean areMissing() {
    return microfarads(false) == null;
  }

  /** What is wrong with it whatever runs. */
  List<Finding> findings() {
    List<Finding> findings = new ArrayList<>();
    Double has = microfarads(true);
    Double series = has == null ? microfarads(false) : null;
    Double asked = motor.microfarads();
    if (series != null) {
      findings.add(
          Finding.stop(
              Kind.CAPACITOR_WRONG,
              List.of(motor.at("CAP1")),
              "Two capacitors stand one after the other at "
                  + motor.id()
                  + ": together they have less than either"
                  + (series > 0 ? ", " + Numbers.plain(series, 1) + " µF." : ".")));
    } else if (asked != null && has != null && has > 0) {
      if (Math.abs(has - asked) > TOLERANCE * asked) {
        findings.add(
            Finding.stop(
                Kind.CAPACITOR_WRONG,
                List.of(motor.at("CAP1"), motor.at("CAP2")),
                motor.id()
                    + " asks for "
                    + Numbers.plain(asked, 1)
                    + " µF and has "
                    + Numbers.plain(has, 1)
                    + " µF: it runs hot and weak."));
      }
    }
    stray(findings);
    return findings;
  }

  /** What has no business on the capacitor leads. */
  private void stray(List<Finding> findings) {
    stray("CAP1", findings);
    if (!motor.capacitorCommon()) {
      stray("CAP2", findings);
    }
  }

  /** Parts that may stand between a capacitor lead and its capacitor. */
  private static final Set<PartType> ALLOWED =
      Set.of(PartType.CAPACITOR, PartType.JOINT, PartType.RELAY, PartType.CONTACT);

  private void stray(String lead, List<Finding> findings) {
    int net = nets.of(board.at(motor, lead));
    for (int at = 0; at < board.terminals.size(); at++) {
      Terminal other = board.terminals.get(at);
      Part part = board.part(at);
      if (nets.of(at) != net || part == null || other.equals(motor.at(lead))) {
        continue;
      }
      boolean coil = part.type() == PartType.RELAY && "AB".contains(other.name());
      if (!ALLOWED.contains(part.type()) || coil) {
        boolean control = part.type() == PartType.TRANSFORMER && "RC".contains(other.name());
        findings.add(
            Finding.stop(
                control ? Kind.CIRCUITS_JOINED : Kind.CAPACITOR_WRONG,
                List.of(motor.at(lead), other),
                "The capacitor lead "
                    + motor.at(lead)
                    + " is on "
                    + other
                    + ": it goes to the capacitor and to nothing else, or its winding burns."));
        return;
      }
    }
    wrongEnd(lead, net, findings);
  }

  /** A capacitor that goes from this lead to where it does not belong. */
  private void wrongEnd(String lead, int net, List<Finding> findings) {
    for (Part part : capacitors()) {
      int from = board.at(part, "1");
      int to = board.at(part, "2");
      boolean wired = board.hasWire[from] && board.hasWire[to];
      if (!wired || (nets.of(from) == net) == (nets.of(to) == net)) {
        continue;
      }
      int far = nets.of(from) == net ? to : from;
      if (nets.of(far) != start() && nets.of(far) != end() && leadsOn(far)) {
        findings.add(
            Finding.stop(
                Kind.CAPACITOR_WRONG,
                List.of(part.at("1"), part.at("2")),
                part.id()
                    + " is on a wrong lead: it belongs between "
                    + motor.at(lead)
                    + (motor.capacitorCommon() ? " and CAP2 or the common of " : " and CAP2 of ")
                    + motor.id()
                    + "."));
      }
    }
  }

  /** Whether more than capacitors and caps is on this conductor. */
  private boolean leadsOn(int terminal) {
    int net = nets.of(terminal);
    for (int at = 0; at < board.terminals.size(); at++) {
      Part part = nets.of(at) == net ? board.part(at) : null;
      if (part != null && part.type() != PartType.CAPACITOR && part.type() != PartType.JOINT) {
        return true;
      }
    }
    return false;
  }
}
