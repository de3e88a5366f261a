package variablerotor.core.circuit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Circuits against hand-worked ones; each name of a circuit law stands beside its check. */
class CircuitTest {
  private static Circuit bridge(double one, double two, double three, double four, double across) {
    return new Circuit()
        .resistor("1", "in", "left", one)
        .resistor("2", "in", "right", two)
        .resistor("3", "left", "out", three)
        .resistor("4", "right", "out", four)
        .resistor("5", "left", "right", across);
  }

  /** Wheatstone: balanced, nothing flows across, so 4 and 12 Ω stand beside each other. */
  @Test
  void aBalancedBridge() {
    assertEquals(3, bridge(1, 3, 3, 9, 50).ohms("in", "out"), 1e-12);
    Circuit fed = bridge(1, 3, 3, 9, 50).source("E", "in", "out", Complex.real(12));
    Circuit.Solution solved = fed.solve("out");
    assertEquals(0, solved.amps("5").magnitude(), 1e-12);
    assertEquals(3, solved.amps("1").re(), 1e-12);
    // What the source gives comes back into it.
    assertEquals(-4, solved.amps("E").re(), 1e-12);
  }

  /** By star-delta transformation: 1, 2, 3, 4 Ω with 5 Ω across is 2 + 2/15 Ω… worked by hand. */
  @Test
  void anUnbalancedBridge() {
    // Delta in-left-right (1, 2, 5 Ω) to star: 1·2/8, 1·5/8, 2·5/8.
    double toIn = 0.25;
    double left = 0.625 + 3;
    double right = 1.25 + 4;
    double byHand = toIn + left * right / (left + right);
    assertEquals(byHand, bridge(1, 2, 3, 4, 5).ohms("in", "out"), 1e-12);
  }

  /** Coil and resistor in series on 24 V, 60 Hz: 30 + j40 Ω, so 0.48 A and 53.13 degrees behind. */
  @Test
  void anInductiveCoil() {
    Circuit.Solution solved =
        new Circuit()
            .source("R", "R", "C", Complex.real(24))
            .impedance("coil", "R", "C", new Complex(30, 40))
            .solve("C");
    Complex amps = solved.amps("coil");
    assertEquals(0.48, amps.magnitude(), 1e-12);
    assertEquals(-53.130102354, Math.toDegrees(Math.atan2(amps.im(), amps.re())), 1e-6);
  }

  /** Two coils alike in series share the voltage: neither pulls in. */
  @Test
  void twoCoilsInSeriesShareTheVoltage() {
    Circuit.Solution solved =
        new Circuit()
            .source("T", "R", "C", Complex.real(24))
            .impedance("K1", "R", "between", new Complex(20, 60))
            .impedance("K2", "between", "C", new Complex(20, 60))
            .solve("C");
    assertEquals(12, solved.volts("R", "between").magnitude(), 1e-12);
  }

  /** Two 24 V secondaries out of phase: between their hot ends stand 48 V, in phase none. */
  @Test
  void transformersOutOfPhase() {
    for (double degrees : new double[] {0, 180, 120}) {
      Circuit.Solution solved =
          new Circuit()
              .source("T1", "R1", "C", Complex.real(24))
              .source("T2", "R2", "C", Complex.polar(24, degrees))
              .resistor("coil", "R1", "R2", 100)
              .solve("C");
      // The law of cosines for two equal sides.
      double byHand = 2 * 24 * Math.sin(Math.toRadians(degrees / 2));
      assertEquals(byHand, solved.volts("R1", "R2").magnitude(), 1e-9);
    }
  }

  /** Thevenin: 26 V open behind 1.5 Ω, 6 Ω asked for, leaves 20.8 V. */
  @Test
  void aTransformerSagsUnderItsLoad() {
    Circuit.Solution solved =
        new Circuit()
            .source("E", "open", "C", Complex.real(26))
            .resistor("inside", "open", "R", 1.5)
            .resistor("load", "R", "C", 6)
            .solve("C");
    assertEquals(20.8, solved.volts("R").re(), 1e-12);
  }

  @Test
  void contactsJoinOrDoNot() {
    for (boolean closed : new boolean[] {true, false}) {
      Circuit circuit =
          new Circuit()
              .source("E", "R", "C", Complex.real(24))
              .contact("K", "R", "W", closed)
              .resistor("load", "W", "C", 48);
      assertEquals(closed ? 24 : 0, circuit.solve("C").volts("W").re(), 1e-12);
      assertEquals(closed ? 0.5 : 0, circuit.solve("C").amps("load").re(), 1e-12);
    }
  }

  @Test
  void whatHasNoSolutionIsAnErrorThatNamesIt() {
    Circuit floating =
        new Circuit().source("E", "R", "C", Complex.real(24)).resistor("adrift", "X", "Y", 10);
    SingularNetwork open = assertThrows(SingularNetwork.class, () -> floating.solve("C"));
    assertTrue(open.unknown().matches("the voltage of [XY]"), open.unknown());
    Circuit ring = new Circuit().resistor("1", "A", "B", 0).resistor("2", "A", "B", 0);
    assertThrows(SingularNetwork.class, () -> ring.solve("A"));
    Circuit against =
        new Circuit()
            .source("one", "A", "B", Complex.real(24))
            .source("two", "A", "B", Complex.real(12));
    assertThrows(SingularNetwork.class, () -> against.solve("B"));
    Circuit apart = new Circuit().resistor("1", "A", "B", 1).resistor("2", "C", "D", 1);
    assertEquals(
        "the path from A to D",
        assertThrows(SingularNetwork.class, () -> apart.ohms("A", "D")).unknown());
  }

  @Test
  void whatIsNoBranchIsRefused() {
    Circuit circuit = new Circuit().resistor("1", "A", "B", 1);
    assertThrows(IllegalArgumentException.class, () -> circuit.resistor("1", "B", "C", 1));
    assertThrows(IllegalArgumentException.class, () -> circuit.resistor("2", "B", "C", -1));
    assertThrows(
        IllegalArgumentException.class,
        () -> circuit.resistor("2", "B", "C", Double.POSITIVE_INFINITY));
    assertThrows(IllegalArgumentException.class, () -> circuit.solve("A").amps("3"));
  }

  /** Kirchhoff's current law at a node, and Tellegen: what sources give, resistors take. */
  @Property(tries = 200)
  void currentsSumToNothingAndPowersToo(
      @ForAll long seed, @ForAll @DoubleRange(min = 1, max = 480) double volts) {
    Random random = new Random(seed);
    Circuit circuit = new Circuit().source("E", "n0", "n5", Complex.real(volts));
    int branches = 0;
    String[] from = new String[15];
    String[] to = new String[15];
    for (int i = 0; i < 6; i++) {
      for (int j = i + 1; j < 6; j++) {
        from[branches] = "n" + i;
        to[branches] = "n" + j;
        double ohms = Math.pow(10, 4 * random.nextDouble() - 1);
        circuit.resistor("r" + branches++, "n" + i, "n" + j, ohms);
      }
    }
    Circuit.Solution solved = circuit.solve("n5");
    double intoTwo = 0;
    double taken = 0;
    for (int b = 0; b < branches; b++) {
      double amps = solved.amps("r" + b).re();
      intoTwo += to[b].equals("n2") ? amps : from[b].equals("n2") ? -amps : 0;
      taken += amps * solved.volts(from[b], to[b]).re();
    }
    double given = -volts * solved.amps("E").re();
    assertEquals(0, intoTwo, 1e-9 * given);
    assertEquals(given, taken, 1e-9 * given);
  }
}
