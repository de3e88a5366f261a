package variablerotor.core.bench;

import java.util.Random;
import variablerotor.core.family.Fault;

/**
 * The winding of a simulated motor.
 *
 * @param network what a meter reads where it is usually measured
 * @param atJoint the same at the motor's own joint, wires left out
 * @param warm the same right after it quit
 * @param megohms insulation at 500 V DC and 20 °C [MΩ]
 * @param drag how the shorted part of it acts on the rotor
 */
record Windings(
    FaultyWinding network, FaultyWinding atJoint, FaultyWinding warm, double megohms, Drag drag) {

  /** How much copper rises from cold to warm, about 60 °C (IEEE Std 112) [share]. */
  private static final double WARM = 1.2;

  private Windings(FaultyWinding network, double megohms, Drag drag) {
    this(network, network, network, megohms, drag);
  }

  /**
   * What a winding does to a rotor turned by hand, and to the voltages it makes.
   *
   * @param shorted share of one phase's turns that are shorted, 0 to 1
   * @param phase which phase, 0 to 2
   * @param second the other phase where two touch, or -1
   * @param open the phase that is cut off, or -1
   */
  record Drag(double shorted, int phase, int second, int open) {
    static final Drag NONE = new Drag(0, 0, -1, -1);
  }

  static Windings of(HiddenFault hidden, Random random) {
    double s = hidden.severity();
    // A pair reads about 1 to 25 Ω by size and voltage, common practice; here from 2.4 Ω up.
    double r = 1.2 + 9.8 * random.nextDouble() * random.nextDouble();
    int phase = random.nextInt(3);
    int other = (phase + 1 + random.nextInt(2)) % 3;
    double sound = 60 + 900 * random.nextDouble();
    boolean burntThrough = random.nextDouble() < 0.1;
    double depth = random.nextDouble();
    if (hidden.has(Fault.WINDING_SHORT)) {
      boolean touching = random.nextBoolean();
      double x = 0.1 + 0.55 * random.nextDouble();
      double y = 0.1 + 0.55 * random.nextDouble();
      double share = 0.38 + 0.55 * s;
      FaultyWinding winding =
          touching
              ? FaultyWinding.touching(r, phase, x, other, y)
              : FaultyWinding.turnShort(r, phase, share);
      if (burntThrough) {
        winding.withPathToFrame(20 + 2000 * depth);
      }
      Drag drag =
          touching ? new Drag(1 - (x + y) / 2, phase, other, -1) : new Drag(share, phase, -1, -1);
      return new Windings(winding, burntThrough ? 0.002 : sound, drag);
    }
    if (hidden.has(Fault.WINDING_SLIGHT_SHORT)) {
      double share = 0.05 + 0.2 * s;
      return new Windings(
          FaultyWinding.turnShort(r, phase, share), sound, new Drag(share, phase, -1, -1));
    }
    if (hidden.has(Fault.WINDING_OPEN)) {
      return new Windings(FaultyWinding.open(r, phase), sound, new Drag(0, 0, -1, phase));
    }
    if (hidden.has(Fault.WINDING_JOINT)) {
      return new Windings(FaultyWinding.highJoint(r, phase, (0.6 + 2.4 * s) * r), sound, Drag.NONE);
    }
    if (hidden.has(Fault.WINDING_FRAME)) {
      // From a leak that only an insulation tester condemns to a dead touch.
      double path = s < 0.1 ? 3e5 : 2e4 * (1 - s) + 5;
      return new Windings(FaultyWinding.grounded(r, phase, depth, path), path / 1e6, Drag.NONE);
    }
    if (hidden.has(Fault.HARNESS_CHAFED)) {
      double path = 1 + 3000 * depth;
      FaultyWinding onMetal = FaultyWinding.grounded(r, phase, 0, path);
      return new Windings(onMetal, FaultyWinding.healthy(r), onMetal, path / 1e6, Drag.NONE);
    }
    if (hidden.has(Fault.HARNESS_TOUCHING)) {
      FaultyWinding joined = FaultyWinding.touching(r, phase, 0.01, other, 0.01);
      return new Windings(
          joined, FaultyWinding.healthy(r), joined, sound, new Drag(1, phase, other, -1));
    }
    FaultyWinding healthy = FaultyWinding.healthy(r);
    FaultyWinding warm = FaultyWinding.healthy(WARM * r);
    if (hidden.has(Fault.HARNESS_LEAD)) {
      FaultyWinding cut = FaultyWinding.open(r, phase);
      return new Windings(cut, healthy, cut, sound, Drag.NONE);
    }
    if (hidden.has(Fault.WINDING_WARM_SHORT)) {
      FaultyWinding touching = FaultyWinding.turnShort(WARM * r, phase, 0.25 + 0.4 * s);
      return new Windings(healthy, healthy, touching, sound, Drag.NONE);
    }
    if (hidden.has(Fault.WINDING_WARM_OPEN)) {
      return new Windings(healthy, healthy, FaultyWinding.open(WARM * r, phase), sound, Drag.NONE);
    }
    return new Windings(healthy, healthy, warm, sound, Drag.NONE);
  }
}
