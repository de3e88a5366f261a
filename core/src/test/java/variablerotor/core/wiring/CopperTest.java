package variablerotor.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.wiring.Finding.Kind;

/**
 * Wirings as they are found in units, each with what copper does: transformers that are fed in
 * every way, windings with taps and a start winding, ground, overloads, interlocks, two motors.
 */
class CopperTest {
  private static final String SPLIT =
      "SRC:LINE_240; TR:TRANSFORMER va=40; Y:OUTPUT call=COOL; K1:RELAY coilVa=7 contactAmps=10;"
          + " M:MOTOR_PSC speeds=HIGH,MED,LOW amps=2.6; CAP:CAPACITOR microfarads=5; N:JOINT;"
          + " Q:JOINT; X:CAPACITOR microfarads=5";

  private static final String WIRES =
      "SRC.L1-TR.H1 SRC.L2-TR.H2 SRC.G-M.G M.CAP1-CAP.1 M.CAP2-CAP.2 TR.R-Y.R Y.O-K1.A K1.B-TR.C"
          + " SRC.L1-K1.COM1 K1.NO1-M.HIGH SRC.L2-M.COM M.LOW-N.1 M.MED-Q.1";

  private static Result changed(String changes) {
    Wiring right = Text.wiring(SPLIT, WIRES, "idle>OFF cool=COOL>HIGH");
    return Result.of(changes.isEmpty() ? right : Wirings.changed(right, changes.split(" ")));
  }

  private static Run run(Result result, String call) {
    return result.calls().stream().filter(one -> one.name().equals(call)).findFirst().orElseThrow();
  }

  private static boolean finds(Result result, Kind kind) {
    return result.all().stream().anyMatch(one -> one.kind() == kind);
  }

  /** Both hookups of a usual motor, and what is capped. */
  @ParameterizedTest
  @CsvSource({
    "''",
    "-M.CAP2-CAP.2 +M.COM-CAP.2 +M.CAP2-Z.1",
    "-M.CAP1-CAP.1 -M.CAP2-CAP.2 +M.CAP1-CAP.2 +M.CAP2-CAP.1"
  })
  void isRight(String changes) {
    String z = "; Z:JOINT";
    Wiring right = Text.wiring(SPLIT + z, WIRES, "idle>OFF cool=COOL>HIGH");
    Result result =
        Result.of(changes.isEmpty() ? right : Wirings.changed(right, changes.split(" ")));
    assertTrue(result.ok(), result.all().toString());
    assertEquals(List.of(), result.all());
  }

  /** One change each, and what is found by its name. */
  @ParameterizedTest
  @CsvSource({
    // the transformer's own line
    "STAYS_OFF, -SRC.L2-TR.H2",
    "STAYS_OFF, -SRC.L2-TR.H2 +SRC.L1-TR.H2",
    "GROUND_CARRIES, -SRC.L2-TR.H2 +SRC.G-TR.H2",
    "COIL_VOLTAGE, -SRC.L2-TR.H2 +SRC.G-TR.H2",
    "STAYS_OFF, -SRC.L1-TR.H1 +K1.NO1-TR.H1",
    "CHATTER, -SRC.L1-TR.H1 +K1.NC1-TR.H1",
    // the capacitor leads
    "SHORT_CIRCUIT, +SRC.L1-M.CAP2",
    "CAPACITOR_WRONG, +SRC.L1-M.CAP1",
    "CAPACITOR_WRONG, +M.HIGH-M.CAP1",
    "CAPACITOR_WRONG, +SRC.G-M.CAP1",
    "CIRCUITS_JOINED, +TR.R-M.CAP1",
    "NO_CAPACITOR, -M.CAP1-CAP.1",
    "NO_CAPACITOR, -M.CAP2-CAP.2",
    "CAPACITOR_WRONG, -M.CAP2-CAP.2 +CAP.2-X.1 +X.2-M.CAP2",
    // taps of one winding
    "SHORT_CIRCUIT, -M.LOW-N.1 +M.LOW-M.COM",
    "SHORT_CIRCUIT, -M.LOW-N.1 +M.LOW-Q.2",
    "TWO_SPEEDS, -M.LOW-N.1 +M.LOW-M.HIGH",
    "FLOATING_LEAD, -M.LOW-N.1",
    // 24 V and line
    "CIRCUITS_JOINED, -M.LOW-N.1 +M.LOW-TR.C",
    // ground and frame
    "GROUND_CARRIES, -SRC.L2-M.COM +SRC.G-M.COM",
    "GROUND_CARRIES, -SRC.L2-M.COM +M.COM-M.G",
    "UNGROUNDED, -SRC.G-M.G +M.G-SRC.L1",
    "GROUND_CARRIES, -K1.B-TR.C +K1.B-SRC.G +TR.C-SRC.G"
  })
  void isFoundByItsName(Kind kind, String changes) {
    Result result = changed(changes);
    assertTrue(finds(result, kind), result.all().toString());
    assertEquals(kind == Kind.FLOATING_LEAD, result.ok(), result.all().toString());
  }

  /** Capacitor on the common, the second capacitor lead left hanging: right, but for the cap. */
  @Test
  void aSecondCapacitorLeadThatHangsIsToldOnly() {
    Result result = changed("-M.CAP2-CAP.2 +M.COM-CAP.2");
    assertTrue(result.ok(), result.all().toString());
    assertEquals(
        List.of("M.CAP2"),
        result.findings().stream().flatMap(one -> one.at().stream()).map(String::valueOf).toList());
  }

  /** A grounded common is usual, and no current goes over ground for it. */
  @Test
  void aGroundedCommonCarriesNothing() {
    Result result = changed("+TR.C-SRC.G");
    assertTrue(result.ok(), result.all().toString());
  }

  /** 208 V on a 240 V primary: 24 × 208 ÷ 240 = 20.8 V, by hand; it pulls. Half the line: 12 V. */
  @ParameterizedTest
  @CsvSource({"240, 24", "230, 25", "277, 20.8", "480, 12"})
  void aTransformerGivesInProportion(double primary, double volts) {
    Wiring wiring =
        Text.wiring(
            SPLIT.replace("va=40", "va=40 primaryVolts=" + primary), WIRES, "idle>OFF cool=COOL");
    Board board = new Board(wiring);
    Simulation simulation = Simulation.of(board, wiring.calls().get(1), Simulation.State.REST);
    assertEquals(volts, simulation.potentials().given(board.secondaries.get(0)), 0.05);
    assertEquals(volts >= 18, run(Result.of(wiring), "cool").motor().equals("HIGH"));
  }

  private static final String TWO =
      "SRC:LINE_240; TR:TRANSFORMER va=40; TB:TRANSFORMER va=10; Y:OUTPUT call=COOL;"
          + " F:OUTPUT call=FAN solidState=true; K1:RELAY coilVa=7; K2:RELAY coilVa=7;"
          + " M:MOTOR_PSC speeds=HIGH,LOW amps=2.6; CAP:CAPACITOR microfarads=5";

  private static final String TWO_WIRES =
      "SRC.L1-TR.H1 SRC.L2-TR.H2 SRC.L1-TB.H1 SRC.L2-TB.H2 SRC.G-M.G M.CAP1-CAP.1 M.CAP2-CAP.2"
          + " TR.R-Y.R Y.O-K1.A K1.B-TR.C TB.R-F.R F.O-K2.A K2.B-TB.C SRC.L1-K1.COM1 K1.NO1-M.HIGH"
          + " K1.NC1-K2.COM1 K2.NO1-M.LOW SRC.L2-M.COM";

  /** Two transformers: each with its own coils; joined out of phase 48 V stands between them. */
  @ParameterizedTest
  @CsvSource({
    "'', '', true",
    "TRANSFORMER_OVERLOAD, 'va=10>va=6', false",
    "'', +TR.C-TB.C, true",
    "'', +TR.C-TB.C +TR.R-TB.R, true",
    "SHORT_CIRCUIT, -SRC.L1-TB.H1 -SRC.L2-TB.H2 +SRC.L2-TB.H1 +SRC.L1-TB.H2 +TR.C-TB.C"
        + " +TR.R-TB.R, false",
    "COIL_VOLTAGE, -SRC.L1-TB.H1 -SRC.L2-TB.H2 +SRC.L2-TB.H1 +SRC.L1-TB.H2 +TR.C-TB.C"
        + " -K2.B-TB.C +K2.B-TR.R, false",
    "BACK_FED, -SRC.L1-TB.H1 +TR.C-TB.C +TR.R-TB.R, false"
  })
  void twoTransformers(String kind, String changes, boolean ok) {
    boolean parts = changes.contains(">");
    String[] swap = changes.split(">");
    Wiring right =
        Text.wiring(
            parts ? TWO.replace(swap[0], swap[1]) : TWO,
            TWO_WIRES,
            "idle>OFF cool=COOL>HIGH fan=FAN>LOW both=COOL,FAN>HIGH");
    Result result =
        Result.of(parts || changes.isEmpty() ? right : Wirings.changed(right, changes.split(" ")));
    assertEquals(ok, result.ok(), result.all().toString());
    assertTrue(kind.isEmpty() || finds(result, Kind.valueOf(kind)), result.all().toString());
  }

  /** Tied outputs of two transformers whose commons are open: no current, no back-feed. */
  @Test
  void openCommonsAreNoBackFeed() {
    Wiring right =
        Text.wiring(TWO, TWO_WIRES, "idle>OFF cool=COOL>HIGH fan=FAN>LOW both=COOL,FAN>HIGH");
    Result result = Result.of(Wirings.changed(right, "+Y.O-F.O"));
    assertFalse(finds(result, Kind.BACK_FED), result.all().toString());
    Result joined = Result.of(Wirings.changed(right, "+Y.O-F.O", "+TR.C-TB.C"));
    assertTrue(finds(joined, Kind.BACK_FED), joined.all().toString());
  }

  private static final String BYPASS =
      "S:LINE_3PH; T:TRANSFORMER va=40; G:OUTPUT call=FAN; C:CONTACTOR poles=3 coilVa=9;"
          + " O:OVERLOAD; M:MOTOR_3PH amps=4.8";

  /**
   * The heaters in the motor's legs and the trip contact in the coil's circuit, or no protection.
   */
  @ParameterizedTest
  @CsvSource({
    "true, G.O-O.95 O.96-C.A C.T1-O.1 C.T2-O.3 C.T3-O.5 O.2-M.U O.4-M.V O.6-M.W",
    "false, G.O-O.1 O.2-C.A C.T1-M.U C.T2-M.V C.T3-M.W",
    "false, G.O-O.95 O.96-C.A C.T1-M.U C.T2-M.V C.T3-M.W",
    "false, G.O-O.95 O.96-C.A C.T1-O.1 C.T2-O.3 C.T3-M.W O.2-M.U O.4-M.V",
    "false, G.O-C.A O.95-T.R O.96-T.C C.T1-O.1 C.T2-O.3 C.T3-O.5 O.2-M.U O.4-M.V O.6-M.W"
  })
  void whatProtectsAThreePhaseMotor(boolean ok, String wires) {
    Result result =
        Result.of(
            Text.wiring(
                BYPASS,
                "S.L1-T.H1 S.L2-T.H2 T.R-G.R C.B-T.C S.L1-C.L1 S.L2-C.L2 S.L3-C.L3 S.G-M.G "
                    + wires,
                "idle>OFF fan=FAN>RUN"));
    assertEquals(ok, result.ok(), result.all().toString());
    assertEquals(ok || finds(result, Kind.SHORT_CIRCUIT), !finds(result, Kind.OVERLOAD_MISSING));
  }

  /** Whichever of two interlocked relays is first in the list wins; one that is held stays. */
  @Test
  void interlocksSettleAsInCopper() {
    String parts =
        "SRC:LINE_240; TR:TRANSFORMER va=40; L:OUTPUT call=LOWC; H:OUTPUT call=HIGHC;"
            + " K1:RELAY coilVa=7; K2:RELAY coilVa=7; M:MOTOR_PSC speeds=HIGH,LOW amps=2.6;"
            + " CAP:CAPACITOR microfarads=5";
    String wires =
        "SRC.L1-TR.H1 SRC.L2-TR.H2 SRC.G-M.G M.CAP1-CAP.1 M.CAP2-CAP.2 TR.R-L.R TR.R-H.R"
            + " L.O-K2.COM2 K2.NC2-K1.A H.O-K1.COM2 K1.NC2-K2.A K1.B-TR.C K2.B-TR.C SRC.L1-K1.COM1"
            + " SRC.L1-K2.COM1 K1.NO1-M.LOW K2.NO1-M.HIGH SRC.L2-M.COM";
    Result result =
        Result.of(
            Text.wiring(
                parts,
                wires,
                "idle>OFF low=LOWC>LOW high=HIGHC>HIGH both=LOWC,HIGHC>LOW"
                    + " then=LOWC,HIGHC<high>HIGH"));
    assertTrue(result.ok(), result.all().toString());
  }

  /** A relay that holds itself by its own contact runs on, unless that is what is asked of it. */
  @ParameterizedTest
  @CsvSource({"start=START>RUNS, false", "start=START>RUNS on<start>RUNS, true"})
  void aRelayThatHoldsItself(String calls, boolean ok) {
    String parts =
        "SRC:LINE_240; TR:TRANSFORMER va=40; P:OUTPUT call=START; K1:RELAY coilVa=7;"
            + " M:MOTOR_PSC speeds=RUNS amps=2.6; CAP:CAPACITOR microfarads=5";
    String wires =
        "SRC.L1-TR.H1 SRC.L2-TR.H2 SRC.G-M.G M.CAP1-CAP.1 M.CAP2-CAP.2 TR.R-P.R P.O-K1.A K1.B-TR.C"
            + " TR.R-K1.COM2 K1.NO2-K1.A SRC.L1-K1.COM1 K1.NO1-M.RUNS SRC.L2-M.COM";
    Result result = Result.of(Text.wiring(parts, wires, "idle>OFF " + calls));
    assertEquals(ok, result.ok(), result.all().toString());
    assertEquals(!ok, finds(result, Kind.RUNS_WITHOUT_CALL));
  }

  /** 6 A and 7 A behind one contact for 10 A are 13 A. */
  @Test
  void twoMotorsOnOneContactAddUp() {
    String parts =
        "SRC:LINE_240; TR:TRANSFORMER va=40; Y:OUTPUT call=COOL; K1:RELAY coilVa=7 contactAmps=10;"
            + " M:MOTOR_PSC speeds=RUNS amps=6; CAP:CAPACITOR microfarads=5;"
            + " MB:MOTOR_PSC speeds=RUNS amps=7; CB:CAPACITOR microfarads=5";
    String wires =
        "SRC.L1-TR.H1 SRC.L2-TR.H2 SRC.G-M.G SRC.G-MB.G M.CAP1-CAP.1 M.CAP2-CAP.2 MB.CAP1-CB.1"
            + " MB.CAP2-CB.2 TR.R-Y.R Y.O-K1.A K1.B-TR.C SRC.L1-K1.COM1 K1.NO1-M.RUNS"
            + " K1.NO1-MB.RUNS SRC.L2-M.COM SRC.L2-MB.COM";
    Result both = Result.of(Text.wiring(parts, wires, "idle>OFF cool=COOL>RUNS"));
    List<String> told =
        both.all().stream()
            .filter(one -> one.kind() == Kind.CONTACT_OVERLOAD)
            .map(Finding::sentence)
            .toList();
    assertEquals(1, told.size(), both.all().toString());
    assertTrue(told.get(0).contains("carries 13 A of M and MB"), told.get(0));
    Result apart =
        Result.of(
            Text.wiring(
                parts, wires.replace("K1.NO1-MB.RUNS", "SRC.L1-MB.RUNS"), "cool=COOL>RUNS"));
    assertFalse(finds(apart, Kind.CONTACT_OVERLOAD), apart.all().toString());
  }

  /** A 120 V blower beside 240 V: on one leg and neutral it runs, across both legs it burns. */
  @ParameterizedTest
  @CsvSource({"A.L1-M.RUNS A.N-M.COM, true", "SRC.L1-M.RUNS SRC.L2-M.COM, false"})
  void aMotorIsForItsOwnVolts(String wires, boolean ok) {
    Result result =
        Result.of(
            Text.wiring(
                "SRC:LINE_240; A:LINE_120; M:MOTOR_PSC speeds=RUNS amps=5 volts=120;"
                    + " CAP:CAPACITOR microfarads=5",
                "SRC.G-M.G A.G-M.G M.CAP1-CAP.1 M.CAP2-CAP.2 " + wires,
                "on=ANY>RUNS"));
    assertEquals(ok, result.ok(), result.all().toString());
  }

  /** What nothing heeds is run all the same, and told. */
  @Test
  void aCallThatNothingHeedsIsTold() {
    Wiring right = Text.wiring(SPLIT, WIRES, "idle>OFF cool=COOL>HIGH odd=NOBODY>OFF");
    Result result = Result.of(right);
    assertTrue(result.ok());
    assertEquals(
        List.of(Kind.CALL_NOT_HEEDED),
        run(result, "odd").findings().stream().map(Finding::kind).toList());
  }
}
