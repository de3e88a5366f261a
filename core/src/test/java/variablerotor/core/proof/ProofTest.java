package variablerotor.core.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.ProofReader;
import variablerotor.core.check.Symptom;
import variablerotor.core.proof.Check.State;
import variablerotor.core.tree.Tree;

/** Repairs held against their limits, as documents of the open format. */
class ProofTest {
  private static final Map<String, Object> HANDLER =
      Tree.of(
          "kind",
          "AIR_HANDLER",
          "role",
          "INDOOR_BLOWER",
          "coolingTons",
          2,
          "heating",
          List.of("ELECTRIC"),
          "riseF",
          List.of(20, 50),
          "ratedStaticInWc",
          0.5);
  private static final Map<String, Object> SLAB =
      Tree.of(
          "kind", "HEAT_PUMP_OUTDOOR",
          "role", "OUTDOOR_FAN",
          "heating", List.of("HEAT_PUMP", "ELECTRIC"));
  private static final Map<String, Object> TORQUE =
      Tree.of("family", "CONSTANT_TORQUE", "fullLoadAmps", 4.4, "speedTaps", 5);
  private static final Map<String, Object> CAPACITOR_MOTOR =
      Tree.of("family", "PSC", "fullLoadAmps", 1.8);

  private static Map<String, Object> document(
      Map<String, Object> unit, Map<String, Object> fitted, String readings) {
    List<Object> list = new ArrayList<>();
    for (String one : readings.isBlank() ? new String[0] : readings.split(" *, *")) {
      String[] told = one.split("=", 2);
      boolean number = told[1].matches("-?[0-9.]+");
      list.add(
          Tree.of("id", told[0], "value", number ? (Object) Double.valueOf(told[1]) : told[1]));
    }
    return Tree.of(
        "format",
        ProofRequest.FORMAT,
        "version",
        ProofRequest.VERSION,
        "way",
        "EQUIVALENT_MOTOR",
        "unit",
        unit,
        "fitted",
        fitted,
        "readings",
        list);
  }

  private static Proof proof(
      Map<String, Object> unit, Map<String, Object> fitted, String readings) {
    try {
      return Proof.of(ProofReader.told(document(unit, fitted, readings)).document());
    } catch (InputFaults faults) {
      throw new AssertionError(faults.faults().toString(), faults);
    }
  }

  private static Proof indoors(String readings) {
    return proof(HANDLER, TORQUE, readings);
  }

  private static Check check(Proof proof, String id) {
    return proof.checks().stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError(id + " in " + proof.checks()));
  }

  private static Map<String, Object> with(Map<String, Object> map, String name, Object value) {
    Map<String, Object> changed = new LinkedHashMap<>(map);
    changed.put(name, Tree.plain(value));
    return changed;
  }

  private static final String DONE =
      "rotation=RIGHT, covers=ON, run.COOL=RUNS, run.ELECTRIC_HEAT=RUNS, run.idle=STOPS, code=,"
          + " amps=3.1, static.inwc=0.44, air.return.f=68, air.supply.f=104, heat.volts=238,"
          + " heat.amps=38";

  @Test
  void aRepairThatShowsAllOfItHasPassed() {
    Proof proof = indoors(DONE);
    assertEquals(Proof.State.PASSED, proof.state(), proof.checks().toString());
    assertEquals(
        List.of(
            "rotation",
            "call.COOL",
            "call.ELECTRIC_HEAT",
            "idle",
            "code",
            "covers",
            "amps",
            "airflow",
            "static",
            "rise"),
        proof.checks().stream().map(Check::id).toList());
  }

  /** Each thing by itself keeps it from being done; a fail beats what is still open. */
  @ParameterizedTest
  @CsvSource({
    "rotation=RIGHT, rotation=REVERSED, rotation",
    "run.COOL=RUNS, run.COOL=STOPS, call.COOL",
    "run.idle=STOPS, run.idle=RUNS, idle",
    "code=, code=4 flashes, code",
    "amps=3.1, amps=4.5, amps",
    "static.inwc=0.44, static.inwc=0.51, static",
    "heat.amps=38, heat.amps=30, airflow",
    "air.supply.f=104, air.supply.f=120, rise"
  })
  void oneThingLeftOutOrWrong(String right, String wrong, String id) {
    Proof failed = indoors(DONE.replace(right, wrong));
    assertEquals(State.FAIL, check(failed, id).state());
    assertEquals(Proof.State.FAILED, failed.state());
    assertTrue(!check(failed, id).leadsTo().isEmpty(), "a fail leads on");
    Proof open = indoors(DONE.replace(right, "altitude.ft=0"));
    assertEquals(Proof.State.NOT_YET, open.state(), open.checks().toString());
    assertEquals(State.NOT_YET, check(open, id).state());
  }

  @Test
  void whatWasReadWithACoverOffIsNotYetSo() {
    Proof proof = indoors(DONE.replace("covers=ON", "covers=OFF").replace("amps=3.1", "amps=9"));
    for (String id : List.of("covers", "amps", "airflow", "static", "rise")) {
      assertEquals(State.NOT_YET, check(proof, id).state(), id);
    }
    assertEquals(State.NOT_YET, java.util.Objects.requireNonNull(proof.airflow()).state());
    assertEquals(State.PASS, check(proof, "rotation").state());
    assertEquals(Proof.State.NOT_YET, proof.state());
    Proof untold = indoors(DONE.replace("covers=ON, ", ""));
    assertEquals(State.PASS, check(untold, "amps").state(), "judged, and asked");
    assertEquals(State.NOT_YET, check(untold, "covers").state());
  }

  /** On the plate's own figure it passes; a clamp round both leads reads nothing. */
  @ParameterizedTest
  @CsvSource({"4.4, PASS", "4.41, FAIL", "0.3, PASS", "0.05, NOT_YET", "0, NOT_YET"})
  void amps(double amps, State state) {
    Check check = check(indoors("amps=" + amps), "amps");
    assertEquals(state, check.state());
    assertEquals(List.of(4.4), check.limit());
  }

  @Test
  void withoutAPlateNothingIsJudged() {
    Proof proof =
        proof(
            Tree.of("kind", "FURNACE", "role", "INDOOR_BLOWER", "heating", List.of("GAS")),
            Tree.of("family", "CONSTANT_TORQUE"),
            "amps=9,static.inwc=2,air.return.f=70,air.supply.f=160,heat.gas.btuh=80000,"
                + "heat.efficiency=0.8,covers=ON");
    for (String id : List.of("amps", "static", "rise", "airflow")) {
      assertEquals(State.NOT_YET, check(proof, id).state(), id);
    }
    assertEquals("[]", java.util.Objects.requireNonNull(proof.airflow()).target().toString());
    assertEquals(Proof.State.NOT_YET, proof.state());
    assertEquals(State.NOT_YET, check(proof, "call.GAS_HEAT").state());
  }

  // Air.

  /** Btu/h ÷ (1.08 ΔT): worked by hand from ASHRAE's formulas for standard air. */
  @ParameterizedTest
  @CsvSource({
    "'heat.volts=240,heat.amps=20,air.return.f=70,air.supply.f=90', 758.2",
    "'heat.volts=208,heat.amps=30,heat.phases=3,air.return.f=65,air.supply.f=95', 1138.2",
    "'heat.gas.btuh=100000,heat.efficiency=0.8,air.return.f=70,air.supply.f=120', 1481.5",
    "'drop.inwc=0.3,drop.reference.inwc=0.2,drop.reference.cfm=1000', 1224.7",
    "'ring.pascal=400,ring.k=75', 882.9"
  })
  void airIsReckoned(String readings, double cfm) {
    Airflow air = java.util.Objects.requireNonNull(indoors(readings).airflow());
    assertEquals(cfm, air.cfm(), 0.1);
    assertTrue(air.least() < cfm && cfm < air.most(), air.toString());
  }

  /**
   * Against psychrolib 1.1.1, GetStandardAtmPressure (ASHRAE Fundamentals), as a share of z = 0.
   */
  @ParameterizedTest
  @CsvSource({
    "0, 1",
    "1000, 0.964388",
    "2500, 0.912902",
    "5280, 0.823370",
    "7000, 0.771634",
    "10000, 0.687711"
  })
  void airThinsWithAltitude(double feet, double share) {
    assertEquals(share, ProofFigures.densityRatio(feet), 2e-6);
    String heat = "heat.volts=240,heat.amps=20,air.return.f=70,air.supply.f=90,altitude.ft=" + feet;
    Airflow air = java.util.Objects.requireNonNull(indoors(heat).airflow());
    assertEquals(758.2 / share, air.cfm(), 0.1);
  }

  /** 60 min/h × density × 0.24 Btu/(lb °F), with psychrolib's dry air of 70 °F: 1.0784. */
  @Test
  void theHeatOfStandardAirIsThatOfTheHandbook() {
    assertEquals(1.0784, ProofFigures.HEAT_OF_AIR.value(), 0.002);
  }

  @ParameterizedTest
  @CsvSource({"699, FAIL", "700, PASS", "900, PASS", "901, FAIL"})
  void aTonTakesThreeHundredFiftyToFourHundredFifty(double cfm, State state) {
    String read = "drop.inwc=0.2,drop.reference.inwc=0.2,drop.reference.cfm=" + cfm;
    assertEquals(state, check(indoors(read), "airflow").state());
  }

  /** The heat's own tap is judged by the rise: what a ton takes is not. */
  @Test
  void onTheHeatsTapTheRiseJudges() {
    Proof proof =
        indoors(
            "airflow.call=HEAT,heat.volts=240,heat.amps=20,air.return.f=70,air.supply.f=105,"
                + "covers=ON");
    assertEquals(State.NOT_YET, check(proof, "airflow").state());
    assertEquals(State.PASS, check(proof, "rise").state());
  }

  /** Of two ways the surer one counts: a rise of four degrees says little. */
  @Test
  void theSurerWayCounts() {
    Airflow air =
        java.util.Objects.requireNonNull(
            indoors(
                    "heat.volts=240,heat.amps=5,air.return.f=70,air.supply.f=74,ring.pascal=400,"
                        + "ring.k=75")
                .airflow());
    assertEquals(Airflow.Method.INLET_RING, air.method());
  }

  // Taps.

  private static final String LOW = "drop.inwc=0.2,drop.reference.inwc=0.2,drop.reference.cfm=600";
  private static final String HIGH =
      "drop.inwc=0.2,drop.reference.inwc=0.2,drop.reference.cfm=1000";

  /** CFM₂ = CFM₁ √(T₂ ÷ T₁); nothing is promised where no tap or no torque says so. */
  @ParameterizedTest
  @CsvSource(
      nullValues = "-",
      value = {
        "low, 3, 50, 72, 4, 720",
        "low, 5, 50, 72, -, -",
        "low, 3, -, -, 4, -",
        "low, 3, 72, 50, 4, -",
        "high, 3, 72, 50, 2, 833",
        "high, 1, 72, 50, -, -",
        "right, 3, 50, 72, -, -"
      })
  void theTapToGoTo(
      String air, int tap, String now, String next, Integer expectedTap, Double expected) {
    String read =
        switch (air) {
          case "low" -> LOW;
          case "high" -> HIGH;
          default -> LOW.replace("600", "800");
        };
    String shares = now == null ? "" : ",torque.share.now=" + now + ",torque.share.next=" + next;
    Tap told = java.util.Objects.requireNonNull(indoors(read + ",tap=" + tap + shares).tap());
    assertEquals(tap, told.now());
    assertEquals(expectedTap, told.next());
    assertEquals(expected, told.expectedCfm());
  }

  // Outdoors, capacitor, ten volts.

  /**
   * By hand: 5 t want 2,000 cfm in the middle. k 100 m³/h at 900 Pa are 0.5886 · 100 · 30 = 1,766
   * cfm: right. At 625 Pa 1,471: too little on 6 V, so 6 · 2000/1471 = 8.2 V and 2,011 cfm.
   */
  @Test
  void aPlugFanGoesToTheCommandForItsAir() {
    Map<String, Object> roof =
        Tree.of("kind", "ROOFTOP", "role", "INDOOR_BLOWER", "coolingTons", 5);
    Map<String, Object> fan = Tree.of("family", "EC_PLUG_FAN", "fullLoadAmps", 6);
    String ring = "ring.k=100, ring.pascal=";
    Proof right = proof(roof, fan, ring + "900, command.volts=6");
    assertEquals(State.PASS, check(right, "airflow").state());
    assertNull(right.command().next());
    Proof low = proof(roof, fan, ring + "625, command.volts=6");
    assertEquals(8.2, low.command().next());
    assertEquals(2011, low.command().expectedCfm(), 1);
    assertTrue(
        check(low, "airflow").leadsTo().get(0).startsWith("Its command higher: about 8.2 V"));
    // No command gives that much: nothing is promised. None was read: none is named.
    assertNull(proof(roof, fan, ring + "100, command.volts=9").command().next());
    Proof unread = proof(roof, fan, ring + "625");
    assertNull(unread.command());
    assertTrue(check(unread, "airflow").leadsTo().get(0).contains("in small steps"));
    assertNull(indoors("command.volts=6," + LOW).command(), "a blower with taps has none");
  }

  /** What was never said is not proved: the calls of a heat that nobody told were not asked. */
  @Test
  void theHeadlineSaysWhatNobodySaid() {
    Map<String, Object> untold = new LinkedHashMap<>(HANDLER);
    untold.remove("heating");
    Proof proof = proof(untold, TORQUE, DONE);
    assertEquals(Proof.State.PASSED, proof.state());
    assertEquals(
        "Proved as far as it is told: which heat this unit has, nobody said.", proof.headline());
    assertEquals("The repair is proved.", indoors(DONE).headline());
  }

  /**
   * A fail that is no setting opens a search on the new part, under the complaint that it shows.
   */
  @ParameterizedTest
  @CsvSource({
    "run.COOL=STOPS, call.COOL, NO_RUN",
    "run.idle=RUNS, idle, RUNS_ALWAYS",
    "code=E6, code, CODE_BUT_RUNS",
    "amps=6.9, amps,",
    "rotation=REVERSED, rotation,",
  })
  void aFailOpensASearchOrIsMendedHere(String reading, String id, Symptom opens) {
    assertEquals(opens, check(indoors(reading), id).opens());
  }

  @Test
  void anOutdoorFanStandsInDefrostAndOnHeatThatIsMadeIndoors() {
    Proof asked = proof(SLAB, CAPACITOR_MOTOR, "");
    assertEquals(
        List.of(
            "rotation",
            "call.COOL",
            "call.HEAT_PUMP",
            "call.ELECTRIC_HEAT",
            "idle",
            "defrost",
            "code",
            "covers",
            "amps",
            "capacitor"),
        asked.checks().stream().map(Check::id).toList());
    String right =
        "run.COOL=RUNS,run.HEAT_PUMP=RUNS,run.ELECTRIC_HEAT=STOPS,run.defrost=STOPS,run.idle=STOPS";
    Proof good = proof(SLAB, CAPACITOR_MOTOR, right);
    Proof bad =
        proof(
            SLAB,
            CAPACITOR_MOTOR,
            right.replace("RUNS", "x").replace("STOPS", "RUNS").replace("x", "STOPS"));
    for (String id :
        List.of("call.COOL", "call.HEAT_PUMP", "call.ELECTRIC_HEAT", "defrost", "idle")) {
      assertEquals(State.PASS, check(good, id).state(), id);
      assertEquals(State.FAIL, check(bad, id).state(), id);
    }
    assertEquals(
        State.PASS, check(indoors("run.defrost=RUNS"), "defrost").state(), "the blower goes on");
  }

  /** I ÷ (2 π f V): 5 µF at 370 V and 60 Hz take 0.697 A; at 50 Hz 0.581. */
  @ParameterizedTest
  @CsvSource({
    "60, 0.697, 370, 5, PASS",
    "50, 0.581, 370, 5, PASS",
    "60, 0.581, 370, 5, FAIL",
    "60, 0.742, 370, 5, FAIL",
    "60, 0.660, 370, 5, PASS"
  })
  void theCapacitorUnderLoad(double hertz, double amps, double volts, double marked, State state) {
    Check check =
        check(
            proof(
                SLAB,
                with(CAPACITOR_MOTOR, "hertz", hertz),
                "capacitor.amps="
                    + amps
                    + ",capacitor.volts="
                    + volts
                    + ",capacitor.microfarads="
                    + marked
                    + ",covers=OFF"),
            "capacitor");
    assertEquals(state, check.state(), check.sentence());
  }

  @ParameterizedTest
  @CsvSource({"10.1, PASS", "3, FAIL", "24, FAIL"})
  void tenVoltsAreBack(double volts, State state) {
    Map<String, Object> plug = Tree.of("family", "EC_PLUG_FAN", "fullLoadAmps", 5);
    assertEquals(state, check(proof(HANDLER, plug, "aux.volts=" + volts), "aux").state());
    assertEquals(State.NOT_YET, check(proof(HANDLER, plug, ""), "aux").state());
  }

  /** No sentence of a check says a number that nobody read, and each ends as one. */
  @ParameterizedTest
  @ValueSource(strings = {"", DONE, "covers=OFF,amps=9", "rotation=REVERSED,code=E4,run.idle=RUNS"})
  void everySentenceIsOne(String readings) {
    for (Check one : indoors(readings).checks()) {
      assertTrue(one.sentence().matches("[A-Z0-9].*[.?]"), one.toString());
      assertTrue(!one.sentence().contains("null"), one.toString());
    }
  }

  /** Of a unit of which nothing is told, one call at least is asked on which its fan must run. */
  @Test
  void whatNeverRanIsNotProved() {
    for (Map<String, Object> unit :
        List.of(
            Tree.of("role", "OUTDOOR_FAN"),
            Tree.of("role", "OUTDOOR_FAN", "heating", List.of("ELECTRIC")))) {
      assertEquals(State.NOT_YET, check(proof(unit, TORQUE, ""), "call.COOL").state());
    }
    Proof indoors = proof(Tree.of("role", "INDOOR_BLOWER"), TORQUE, "");
    assertEquals(State.NOT_YET, check(indoors, "call.FAN").state());
  }

  /** Electric heat and no cooling: the rise is asked, also where its limits are not told yet. */
  @Test
  void withoutCoolingTheRiseIsAskedAndNoBurnerIsNamed() {
    Map<String, Object> strips =
        Tree.of("role", "INDOOR_BLOWER", "coolingTons", 0, "heating", List.of("ELECTRIC"));
    assertEquals(State.NOT_YET, check(proof(strips, TORQUE, ""), "rise").state());
    Check hot =
        check(
            proof(
                with(strips, "riseF", List.of(20, 50)),
                TORQUE,
                "air.return.f=60,air.supply.f=130,covers=ON"),
            "rise");
    assertEquals(State.FAIL, hot.state());
    assertTrue(!hot.toString().contains("burner") && !hot.toString().contains("fire"));
  }

  /** A furnace without cooling: what a ton takes is not asked, the rise is. */
  @Test
  void whatHeatsAloneIsJudgedByItsRise() {
    Map<String, Object> furnace =
        Tree.of(
            "kind",
            "FURNACE",
            "role",
            "INDOOR_BLOWER",
            "coolingTons",
            0,
            "heating",
            List.of("GAS"),
            "riseF",
            List.of(35, 65));
    Proof proof =
        proof(
            furnace,
            TORQUE,
            "rotation=RIGHT,covers=ON,run.GAS_HEAT=RUNS,run.idle=STOPS,code=none,amps=3,"
                + "air.return.f=68,air.supply.f=118");
    assertEquals(Proof.State.PASSED, proof.state(), proof.checks().toString());
  }

  /** Air that comes out colder is a reading of the cooling, and says nothing of the heat. */
  @Test
  void aCoolingSplitIsNoRise() {
    Check rise = check(indoors("air.return.f=75,air.supply.f=55,covers=ON"), "rise");
    assertEquals(State.NOT_YET, rise.state(), rise.sentence());
  }

  @Test
  void whatAnOutdoorFanMovesIsNotJudged() {
    Map<String, Object> slab = with(SLAB, "coolingTons", 3);
    assertNull(proof(slab, CAPACITOR_MOTOR, "ring.pascal=400,ring.k=75").airflow());
  }

  @ParameterizedTest
  @CsvSource({"none, PASS", "No code, PASS", "-, PASS", "E1, FAIL", "0, FAIL", "3 flashes, FAIL"})
  void codesAsPeopleWriteThem(String said, State state) {
    Map<String, Object> document = document(HANDLER, TORQUE, "");
    document.put("readings", List.of(Tree.of("id", "code", "value", said)));
    try {
      Proof proof = Proof.of(ProofReader.told(document).document());
      assertEquals(state, check(proof, "code").state());
    } catch (InputFaults faults) {
      throw new AssertionError(faults.faults().toString(), faults);
    }
  }

  // Input.

  private static String faults(Map<String, Object> document) {
    return assertThrows(InputFaults.class, () -> ProofReader.told(document)).faults().stream()
        .map(one -> one.path() + " " + one.message())
        .collect(Collectors.joining("; "));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "heat.volts=240,heat.amps=20,air.return.f=90,air.supply.f=70 | readings[3].value",
        "heat.gas.btuh=80000 | heat.efficiency",
        "heat.gas.btuh=80000,heat.efficiency=80 | readings[1].value",
        "amps=-1 | readings[0].value",
        "amps=RIGHT | readings[0].value",
        "rotation=1 | RIGHT, REVERSED",
        "run.COOL=ON | RUNS, STOPS",
        "run.STEAM=RUNS | readings[0].id",
        "volume=3 | readings[0].id",
        "tap=6 | the motor has 5 taps",
        "tap=1.5 | a whole number",
        "heat.phases=2 | 1 or 3",
        "covers= | ON, OFF"
      })
  void badReadingsAreToldWithTheirPath(String readings, String told) {
    String faults = faults(document(HANDLER, TORQUE, readings.trim()));
    assertTrue(faults.contains(told.trim()), faults);
  }

  @Test
  void badDocumentsAreToldWithTheirPath() {
    Map<String, Object> good = document(HANDLER, TORQUE, "");
    assertTrue(faults(with(good, "way", null)).startsWith("way found nothing"));
    assertTrue(faults(with(good, "fitted", Tree.of())).contains("fitted.family"));
    assertTrue(faults(with(good, "readings", List.of("x"))).contains("readings[0]"));
    assertTrue(
        faults(with(good, "readings", List.of(Tree.of("id", "amps"))))
            .contains("readings[0].value"));
    assertTrue(
        faults(document(with(HANDLER, "riseF", List.of(60, 30)), TORQUE, ""))
            .contains("unit.riseF"));
    Map<String, Object> dates =
        with(with(HANDLER, "installed", "2020-05-01"), "warrantyUntil", "2019-05-01");
    assertTrue(faults(document(dates, TORQUE, "")).contains("unit.warrantyUntil"));
    for (String day : List.of("2020-13-01", "2020-1-1", "2020-02-32", "tomorrow", "2020-02-3x")) {
      assertTrue(
          faults(document(with(HANDLER, "installed", day), TORQUE, "")).contains("unit.installed"));
    }
    assertNull(indoors("").airflow());
  }

  /** Six poles at 60 Hz turn at 1,200 at most, eight at 900 (NEMA MG 1), whatever the load. */
  @ParameterizedTest
  @CsvSource({
    "PSC, 1075, 60, 'rotor.rpm=1088', PASS",
    "PSC, 1075, 60, 'rotor.rpm=1195', PASS",
    "PSC, 1075, 60, 'rotor.rpm=1650', FAIL",
    "PSC, 1075, 60, 'rotor.rpm.less=1310', FAIL",
    "PSC, 825, 60, 'rotor.rpm=1080', FAIL",
    "PSC, 1075, 60, 'rotor.rpm=640, rotor.rpm.less=410', PASS",
    "PSC, 1075, 60, 'rotor.rpm=1060, rotor.rpm.less=1055', FAIL",
    "PSC, 1075, 60, 'rotor.rpm=980, rotor.rpm.less=1080', FAIL",
    "PSC, 950, 50, 'rotor.rpm=985', PASS",
    "PSC, 950, 50, 'rotor.rpm=1140', FAIL",
    // Miscounted blades leave the two as far apart as they are.
    "CONSTANT_TORQUE, 1050, 60, 'rotor.rpm=2240, rotor.rpm.less=1760', PASS",
    "CONSTANT_TORQUE, 1050, 60, 'rotor.rpm=1190, rotor.rpm.less=1186', FAIL",
    "BLDC_FIVE_WIRE, 2600, 60, 'rotor.rpm=2590, rotor.rpm.less=1240', PASS"
  })
  void theSpeedOfTheWheelIsHeldAgainstWhatTheMotorIs(
      String family, double rpm, double hertz, String readings, State state) {
    Proof proof = proof(HANDLER, Tree.of("family", family, "rpm", rpm, "hertz", hertz), readings);
    Check speed = check(proof, "speed");
    assertEquals(state, speed.state(), speed.sentence());
    assertEquals(state == State.FAIL, !speed.leadsTo().isEmpty());
  }

  /** No one has to read it, and what nothing is known of is not judged. */
  @ParameterizedTest
  @CsvSource({
    "CONSTANT_TORQUE, 1050, ''",
    "CONSTANT_TORQUE, 1050, 'rotor.rpm=1900'",
    "DRIVE_FED_INDUCTION, 1750, 'rotor.rpm=2100'",
    "PSC, 1075, ''",
    "PSC, , 'rotor.rpm=1900'"
  })
  void aSpeedAloneSaysNothing(String family, Double rpm, String readings) {
    Proof proof = proof(HANDLER, Tree.of("family", family, "rpm", rpm), readings);
    assertTrue(proof.checks().stream().noneMatch(one -> one.id().equals("speed")));
  }

  @Test
  void whatIsReadTwiceCountsAsReadLast() {
    assertEquals(State.PASS, check(indoors("amps=9,amps=3"), "amps").state());
  }
}
