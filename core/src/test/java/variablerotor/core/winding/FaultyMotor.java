package variablerotor.core.winding;

/**
 * A star-connected motor with one fault, as a network: leads are nodes 0, 1, 2, the star point 3.
 */
final class FaultyMotor {
  final Network network = new Network();
  private final double phaseOhms;

  private FaultyMotor(double phaseOhms) {
    this.phaseOhms = phaseOhms;
  }

  static FaultyMotor healthy(double r) {
    return new FaultyMotor(r).phase(0, r).phase(1, r).phase(2, r);
  }

  static FaultyMotor turnShort(double r, int phase, double share) {
    FaultyMotor motor = new FaultyMotor(r);
    for (int p = 0; p < 3; p++) {
      motor.phase(p, p == phase ? (1 - share) * r : r);
    }
    return motor;
  }

  static FaultyMotor highJoint(double r, int phase, double extra) {
    FaultyMotor motor = new FaultyMotor(r);
    for (int p = 0; p < 3; p++) {
      motor.phase(p, p == phase ? r + extra : r);
    }
    return motor;
  }

  /** Both phases tapped at their depths, and the taps joined: nodes 4 and 5. */
  static FaultyMotor touching(double r, int one, double x, int two, double y) {
    FaultyMotor motor = new FaultyMotor(r);
    for (int p = 0; p < 3; p++) {
      if (p != one && p != two) {
        motor.phase(p, r);
      }
    }
    motor.network.add(one, 4, x * r).add(4, 3, (1 - x) * r);
    motor.network.add(two, 5, y * r).add(5, 3, (1 - y) * r);
    motor.network.add(4, 5, 0);
    return motor;
  }

  private FaultyMotor phase(int lead, double ohms) {
    network.add(lead, 3, ohms);
    return this;
  }

  double healthyPair() {
    return 2 * phaseOhms;
  }

  /** The three pairs as a meter with this count shows them; 0 shows them exactly. */
  WindingReadings readings(double count) {
    return WindingReadings.ofPairs(shown(0, 1, count), shown(1, 2, count), shown(2, 0, count))
        .withMeter(new Meter(0, count > 0 ? count : 1e-6))
        .withConnection(Connection.STAR);
  }

  private Ohms shown(int from, int to, double count) {
    double ohms = network.between(from, to);
    return new Ohms(count > 0 ? Math.round(ohms / count) * count : ohms);
  }
}
