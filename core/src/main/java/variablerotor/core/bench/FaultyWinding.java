package variablerotor.core.bench;

import variablerotor.core.winding.Connection;
import variablerotor.core.winding.Meter;
import variablerotor.core.winding.Ohms;
import variablerotor.core.winding.Phase;
import variablerotor.core.winding.WindingReadings;

/**
 * A star-connected winding with one fault, as a network: leads are nodes 0, 1, 2, the star point 3,
 * the frame 6. What a meter reads between any two comes from solving the network.
 */
public final class FaultyWinding {
  private static final int STAR = 3;
  private static final int FRAME = 6;

  /** A hand-held meter shows OL above this [Ω]. Common practice. */
  private static final double OVER_LIMIT = 6e7;

  private final Network network = new Network();
  private final double phaseOhms;
  private boolean framed;

  private FaultyWinding(double phaseOhms) {
    this.phaseOhms = phaseOhms;
  }

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
    return one(r, phase, Network.OPEN);
  }

  private static FaultyWinding one(double r, int phase, double ohms) {
    FaultyWinding winding = new FaultyWinding(r);
    for (int p = 0; p < 3; p++) {
      winding.phase(p, p == phase ? ohms : r);
    }
    return winding;
  }

  /** Both phases tapped at their depths, and the taps joined: nodes 4 and 5. */
  public static FaultyWinding touching(double r, int one, double x, int two, double y) {
    FaultyWinding winding = new FaultyWinding(r);
    for (int p = 0; p < 3; p++) {
      if (p != one && p != two) {
        winding.phase(p, r);
      }
    }
    winding.network.add(one, 4, x * r).add(4, STAR, (1 - x) * r);
    winding.network.add(two, 5, y * r).add(5, STAR, (1 - y) * r);
    winding.network.add(4, 5, 0);
    return winding;
  }

  /** A healthy winding with a path to the frame at a depth of one phase. */
  public static FaultyWinding grounded(double r, int phase, double depth, double pathOhms) {
    FaultyWinding winding = new FaultyWinding(r);
    for (int p = 0; p < 3; p++) {
      if (p != phase) {
        winding.phase(p, r);
      }
    }
    winding.network.add(phase, 4, depth * r).add(4, STAR, (1 - depth) * r);
    return winding.toFrame(4, pathOhms);
  }

  /** A path from the star point to the frame, beside whatever else is wrong. */
  public FaultyWinding withPathToFrame(double pathOhms) {
    return toFrame(STAR, pathOhms);
  }

  private FaultyWinding toFrame(int node, double pathOhms) {
    network.add(node, FRAME, pathOhms);
    framed = true;
    return this;
  }

  private FaultyWinding phase(int lead, double ohms) {
    network.add(lead, STAR, ohms);
    return this;
  }

  public double healthyPair() {
    return 2 * phaseOhms;
  }

  /** Exact resistance between two leads [Ω]. */
  public double between(int from, int to) {
    return network.between(from, to);
  }

  /** Exact resistance from a lead to the frame [Ω]; infinite where there is no path. */
  public double toFrame(Phase lead) {
    return framed ? network.between(lead.ordinal(), FRAME) : Double.POSITIVE_INFINITY;
  }

  /** Netlist of an ohmmeter of 1 A between two nodes, for a circuit simulator. */
  public String netlist(int plus, int minus) {
    return network.netlist(plus, minus);
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
