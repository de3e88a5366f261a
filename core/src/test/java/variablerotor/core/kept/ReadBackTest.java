package variablerotor.core.kept;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.CaseReader;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.FactType;
import variablerotor.core.job.JobLog;
import variablerotor.core.job.KeptMotor;
import variablerotor.core.job.KeptPart;
import variablerotor.core.job.KeptParticulars;
import variablerotor.core.job.KeptRow;
import variablerotor.core.job.Particulars;
import variablerotor.core.stock.Part;
import variablerotor.core.stock.PartKind;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.AsWired;

/** What was kept outlives the names that it was kept in. */
class ReadBackTest {
  private static final Wording TODAY = Wording.today();

  private static Map<String, Object> fact(String id, Object value) {
    return Tree.of("id", id, "value", value);
  }

  private static ReadBack<Fact> read(Wording wording, int written, Map<String, Object> fact) {
    return ReadBack.whole(wording, Wording.Kind.READING, written, fact, CaseReader::fact);
  }

  /** A tree with one leaf changed or added. */
  private static Map<String, Object> with(Map<?, ?> tree, String path, Object value) {
    Map<String, Object> changed = new LinkedHashMap<>();
    tree.forEach((name, one) -> changed.put("" + name, one));
    int dot = path.indexOf('.');
    if (dot < 0) {
      changed.put(path, value);
    } else {
      String branch = path.substring(0, dot);
      changed.put(branch, with((Map<?, ?>) changed.get(branch), path.substring(dot + 1), value));
    }
    return changed;
  }

  private static Map<String, Object> told() {
    return Tree.of(
        "place", "Kiln Row",
        "unitName", "Roof 3",
        "complaint", "no air",
        "symptom", "NO_RUN",
        "unit", Map.of("kind", "AIR_HANDLER", "role", "INDOOR_BLOWER", "coolingTons", 3.0),
        "motor", Map.of("family", "CONSTANT_TORQUE", "volts", "208-230", "horsepower", 0.5),
        "agreed", List.of());
  }

  private static ReadBack<Particulars> particulars(Map<String, Object> tree) {
    return KeptParticulars.read(TODAY, Wording.NOW, tree);
  }

  @Test
  void stepsLeadFromTheWordingOfItsDayToThatOfToday() {
    Wording renamed =
        new Wording(
            List.of(
                new Wording.Step(
                    1,
                    Wording.Kind.READING,
                    row ->
                        with(row, "id", "line.v".equals(row.get("id")) ? "line" : row.get("id"))),
                new Wording.Step(
                    2,
                    Wording.Kind.READING,
                    row ->
                        with(
                            row,
                            "id",
                            "line".equals(row.get("id")) ? "line.volts" : row.get("id"))),
                new Wording.Step(1, Wording.Kind.PART, row -> Map.of())));
    for (Map.Entry<String, Integer> one :
        Map.of("line.v", 1, "line", 2, "line.volts", 3).entrySet()) {
      ReadBack<Fact> read = read(renamed, one.getValue(), fact(one.getKey(), 241.0));
      assertEquals(FactType.LINE_VOLTS, Objects.requireNonNull(read.value()).type());
      assertTrue(read.asTold().isEmpty());
    }
    // A later wording did not have the older name: no step looks at it.
    assertNull(read(renamed, 3, fact("line.v", 241.0)).value());
  }

  @Test
  void aFactThatNobodyKnowsIsAsItWasTold() {
    ReadBack<Fact> read = read(TODAY, Wording.NOW, fact("shaft.wobble", "A_LOT"));
    assertNull(read.value());
    assertEquals(
        List.of(new AsTold("id", "shaft.wobble"), new AsTold("value", "A_LOT")), read.asTold());
  }

  @Test
  void aFactWhoseFieldNobodyKnowsIsNotHalfBelieved() {
    assertNull(
        read(TODAY, Wording.NOW, with(fact("line.volts", 241.0), "through", "RESISTOR")).value());
    assertNull(
        read(TODAY, Wording.NOW, with(fact("line.volts", 241.0), "while", "DREAMING")).value());
  }

  @Test
  void whatWasToldReadsWhole() {
    ReadBack<Particulars> read = particulars(told());
    assertTrue(read.asTold().isEmpty(), read.toString());
    assertEquals("Kiln Row", Objects.requireNonNull(read.value()).place());
    // As it is written today it reads without a loss.
    assertTrue(particulars(read.value().tree()).asTold().isEmpty());
  }

  @Test
  void aFieldThatNobodyKnowsIsAskedAgainAndTheRestStands() {
    ReadBack<Particulars> read =
        particulars(
            with(
                with(with(told(), "unit.role", "ATTIC_FAN"), "motor.brushes", 4.0),
                "agreed",
                List.of("SOMETHING_ONCE_TICKED")));
    Particulars value = Objects.requireNonNull(read.value());
    assertNull(value.unit().role());
    assertEquals(3.0, value.unit().coolingTons());
    assertEquals(List.of(), value.agreed());
    assertEquals(
        List.of("agreed[0]: SOMETHING_ONCE_TICKED", "motor.brushes: 4", "unit.role: ATTIC_FAN"),
        read.asTold().stream().map(one -> one.what() + ": " + one.said()).sorted().toList());
  }

  /** With one kind of heat left out of two, a unit would have less heat than was told. */
  @Test
  void ofAListTheWholeIsAskedAgain() {
    ReadBack<Particulars> read = particulars(with(told(), "unit.heating", List.of("GAS", "PEAT")));
    assertTrue(Objects.requireNonNull(read.value()).unit().heating().isEmpty());
    assertEquals(2, read.asTold().size());
  }

  @ParameterizedTest
  @ValueSource(strings = {"symptom", "motor.family", "place"})
  void aCallOfWhichNobodyKnowsWhatItIsAboutIsNotJudged(String field) {
    Map<String, Object> tree = with(told(), field, field.equals("place") ? 7.0 : "HUMMING");
    ReadBack<Particulars> read = particulars(tree);
    assertNull(read.value());
    assertEquals(AsTold.all("", tree), read.asTold());
  }

  @Test
  void aMotorThatMayBeWhatNobodyKnowsIsNotTakenForTheOther() {
    assertNull(particulars(with(told(), "mayBe", List.of("STEAM_DRIVEN"))).value());
  }

  @Test
  void aWiringIsReadWholeOrNotAtAll() {
    Map<String, Object> wiring =
        Tree.of(
            "format",
            "variable-rotor-wiring",
            "version",
            1.0,
            "parts",
            List.of(Map.of("id", "SRC", "type", "LINE_240"), Map.of("id", "X", "type", "VALVE")),
            "wires",
            List.of(List.of("SRC.L1", "X.A")));
    Map<String, Object> made =
        Tree.of("format", "variable-rotor-as-wired", "version", 1.0, "wiring", wiring);
    ReadBack<AsWired> read =
        ReadBack.whole(TODAY, Wording.Kind.WIRING, Wording.NOW, made, AsWiredReader::read);
    assertNull(read.value());
    assertTrue(read.asTold().contains(new AsTold("wiring.parts[1].type", "VALVE")), "" + read);
  }

  @Test
  void aPartOfAKindThatNobodyKnowsLiesOnItsShelfAndMeetsNoNeed() {
    Map<String, Object> tree =
        Tree.of(
            "number",
            "CAP-7",
            "kind",
            "SUPERCAPACITOR",
            "name",
            "Can",
            "farads",
            3.0,
            "price",
            9.0);
    Part part = KeptPart.read(TODAY, Wording.NOW, tree);
    assertEquals(PartKind.OTHER, part.kind());
    assertEquals("Can (as told: kind SUPERCAPACITOR, farads 3)", part.name());
    assertEquals(9.0, part.price());
    Part known =
        KeptPart.read(
            TODAY, Wording.NOW, Tree.of("number", "CAP-8", "kind", "CAPACITOR", "henry", 2.0));
    assertEquals(PartKind.CAPACITOR, known.kind());
    assertEquals("as told: henry 2", known.name());
  }

  @Test
  void aMotorLosesWhatNobodyKnowsAndIsNoneWithoutItsFamily() {
    Map<String, Object> motor =
        Tree.of("id", "M-1", "family", "CONSTANT_TORQUE", "volts", "208-230", "rotation", "UP");
    var read = KeptMotor.read(TODAY, Wording.NOW, motor);
    assertEquals("M-1", Objects.requireNonNull(read.value()).candidate().id());
    assertEquals(List.of(new AsTold("rotation", "UP")), read.asTold());
    assertNull(KeptMotor.read(TODAY, Wording.NOW, with(motor, "family", "STEAM")).value());
  }

  /** What a later entry corrected is not in force again because that entry reads no more. */
  @Test
  void whatAnUnreadableEntryCorrectedIsNotInForceAgain() {
    List<JobLog.Decided> decided = decisions(row("SAME_MOTOR", true), row("TURBINE", false));
    assertEquals(List.of(), decided);
    assertEquals(
        List.of("FIXED_SPEED"),
        decisions(row("SAME_MOTOR", true), row("TURBINE", false), row("FIXED_SPEED", true)).stream()
            .map(one -> one.route().name())
            .toList());
  }

  private record Row(String route, boolean known) {}

  private static Row row(String route, boolean known) {
    return new Row(route, known);
  }

  private static List<JobLog.Decided> decisions(Row... rows) {
    Particulars particulars = Objects.requireNonNull(particulars(told()).value());
    JobLog.Builder log = new JobLog.Builder("1", false, "Ada", "", "", particulars);
    log.keptDecisions(
        List.of(rows).stream()
            .map(
                one ->
                    new KeptRow<>(
                        one.known()
                            ? new JobLog.Decided(
                                "d",
                                variablerotor.core.route.Route.valueOf(one.route()),
                                null,
                                null,
                                "USD",
                                List.of(),
                                "Ada",
                                "")
                            : null,
                        List.of(new AsTold("chosen", one.route())),
                        "chosen",
                        false,
                        "Ada",
                        ""))
            .toList());
    JobLog built = log.build();
    long unknown = List.of(rows).stream().filter(one -> !one.known()).count();
    assertTrue(built.strange().size() >= unknown);
    return built.decisions();
  }
}
