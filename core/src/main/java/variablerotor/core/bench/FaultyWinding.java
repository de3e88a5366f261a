package variablerotor.core.bench;

import variablerotor.core.circuit.Circuit;
import variablerotor.core.winding.Connection;
import variablerotor.core.winding.Meter;
import variablerotor.core.winding.Ohms;
import variablerotor.core.winding.Phase;
import variablerotor.core.winding.WindingReadings;

/**
 * A star-connected winding with one fault, as a network of leads, star point, taps and frame. What
 * a meter reads between any two comes from solving the network.
 */
public final class FaultyWinding {
  private static final String STAR = "STAR";
  private static final String FRAME = "FRAME";
  private static final String ONE_TAP = "TAP1";
  private static final String OTHER_TAP = "TAP2";

  /** What is left of a path that is cut: the air between [Ω]. Far above any meter's last range. */
  private static final double CUT = 1e12;

  /** A hand-held meter shows OL above this [Ω]. Common practice. */
  private static final double OVER_LIMIT = 6e7;

  private final Circuit network = new Circuit();
  private int branches;
  private final double phaseOhms;
  private boolean framed;

  private FaultyWinding(double phaseOhms) {
    this.phaseOhms = phaseOhms;
  }

  /**
   * @param r of each phase [Ω]
   */
  public static FaultyWinding healthy(double r) {
    return new FaultyWinding(r).phase(0, r).phase(1, r).phase(2, r);
  }

  /** A share of the turns of one phase shorted. */
  public static FaultyWinding turnShort(double r, int phase, double share) {
    return one(r, phase, (1 - share) * r);
  }

  /** A joint in one phase that adds resistance. */
  public static FaultyWinding highJoint(double r, int phase, double extra) {
    return one(r, phase, r + extra);
  }

  /** One phase cut off. */
  public static FaultyWinding open(double r, int phase) {
    return one(r, phase, CUT);
  }

  private static FaultyWinding one(double r, int phase, double ohms) {
    FaultyWinding winding = new FaultyWinding(r);
    for (int p = 0; p < 3; p++) {
      winding.phase(p, p == phase ? ohms : r);
    }
    return winding;
  }

  /** Both phases tapped at their depths, and the taps joined. */
  public static FaultyWinding touching(double r, int one, double x, int two, double y) {
    FaultyWinding winding = new FaultyWinding(r);
    for (int p = 0; p < 3; p++) {
      if (p != one && p != two) {
        winding.phase(p, r);
      }
    }
    return winding
        .path(lead(one), ONE_TAP, x * r)
        .path(ONE_TAP, STAR, (1 - x) * r)
        .path(lead(two), OTHER_TAP, y * r)
        .path(OTHER_TAP, STAR, (1 - y) * r)
        .path(ONE_TAP, OTHER_TAP, 0);
  }

  /** A healthy winding with a path to the frame at a depth of one phase. */
  public static FaultyWinding grounded(double r, int phase, double depth, double pathOhms) {
    FaultyWinding winding = new FaultyWinding(r);
    for (int p = 0; p < 3; p++) {
      if (p != phase) {
        winding.phase(p, r);
      }
    }
    return winding
        .path(lead(phase), ONE_TAP, depth * r)
        .path(ONE_TAP, STAR, (1 - depth) * r)
        .toFrame(ONE_TAP, pathOhms);
  }

  /** A path from the star point to the frame, beside whatever else is wrong. */
  public FaultyWinding withPathToFrame(double pathOhms) {
    return toFrame(STAR, pathOhms);
  }

  private FaultyWinding toFrame(String node, double pathOhms) {
    framed = true;
    return path(node, FRAME, pathOhms);
  }

  private FaultyWinding phase(int phase, double ohms) {
    return path(lead(phase), STAR, ohms);
  }

  private FaultyWinding path(String from, String to, double ohms) {
    network.resistor("path " + ++branches, from, to, ohms);
    return this;
  }

  private static String lead(int phase) {
    return Phase.values()[phase].name();
  }

  /** What a healthy pair of it reads [Ω]. */
  public double healthyPair() {
    return 2 * phaseOhms;
  }

  /** Exact resistance between two leads [Ω]. */
  public double between(int from, int to) {
    return network.ohms(lead(from), lead(to));
  }

  /** Exact resistance from a lead to the frame [Ω]; infinite where there is no path. */
  public double toFrame(Phase lead) {
    return framed ? network.ohms(lead.name(), FRAME) : Double.POSITIVE_INFINITY;
  }

  /** Netlist of an ohmmeter of 1 A between two nodes, for a circuit simulator. */
  public String netlist(int plus, int minus) {
    return network.netlist(lead(plus), lead(minus));
  }

  /** The three pairs as a meter with this count shows them; 0 shows them exactly. */
  public WindingReadings readings(double count) {
    return WindingReadings.ofPairs(shown(0, 1, count), shown(1, 2, count), shown(2, 0, count))
        .withMeter(new Meter(0, count > 0 ? count : 1e-6))
        .withConnection(Connection.STAR);
  }

  private Ohms shown(int from, int to, double count) {
    double ohms = between(from, to);
    return shown(count > 0 ? Math.round(ohms / count) * count : ohms);
  }

  /** A resistance as a hand-held meter shows it: OL above its last range. */
  static Ohms shown(double ohms) {
    return ohms > OVER_LIMIT ? Ohms.OVER_LIMIT : new Ohms(ohms);
  }
}
