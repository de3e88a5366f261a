package variablerotor.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SpecVersion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.drawing.Drawing;
import variablerotor.core.drawing.Ink;
import variablerotor.core.family.Family;
import variablerotor.core.fitting.Ask;
import variablerotor.core.fitting.Body;
import variablerotor.core.fitting.FitCase;
import variablerotor.core.fitting.FitRecord;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.fitting.Hold;
import variablerotor.core.fitting.Notes;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.route.Route;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.Answers;
import variablerotor.core.view.WiringAnswers;
import variablerotor.core.wiring.Exercise;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.json.Json;

/**
 * The page's types are made from {@code docs/answers.schema.json}: every answer of the rules has
 * the shape that it names, no field that it does not name, and each that it names is seen.
 */
class AnswersSchemaTest {
  private static final Path DOCS = Path.of("../docs").toAbsolutePath().normalize();

  /** As many practice wirings as it takes to see every field. */
  private static final int EXERCISES = 10;

  private static Map<?, ?> schema;
  private static final Map<String, JsonSchema> CHECKED = new HashMap<>();

  /** Fields that were seen, by the definition that names them. */
  private final Set<String> seen = new TreeSet<>();

  @BeforeAll
  static void read() throws Exception {
    schema = (Map<?, ?>) Json.read(Files.readString(DOCS.resolve("answers.schema.json")));
  }

  private static JsonSchema of(String definition) {
    return CHECKED.computeIfAbsent(
        definition,
        name ->
            JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(
                    SchemaLocation.of(
                        DOCS.resolve("answers.schema.json").toUri() + "#/$defs/" + name)));
  }

  private Map<String, Object> held(String definition, Map<String, Object> tree) {
    String text = Json.write(tree);
    assertEquals(Set.of(), of(definition).validate(text, InputFormat.JSON), definition);
    note("#/$defs/" + definition, tree);
    return tree;
  }

  /** Which fields of which definition a value has. */
  private void note(String reference, Object value) {
    if (reference.startsWith("#/$defs/")) {
      String name = reference.substring("#/$defs/".length());
      walk(name, (Map<?, ?>) ((Map<?, ?>) schema.get("$defs")).get(name), value);
    }
  }

  private void walk(String name, Map<?, ?> node, Object value) {
    if (node.get("$ref") instanceof String reference) {
      note(reference, value);
    }
    if (node.get("oneOf") instanceof List<?> several) {
      several.stream()
          .filter(one -> fits((Map<?, ?>) one, value))
          .forEach(one -> walk(name, (Map<?, ?>) one, value));
    }
    if (node.get("items") instanceof Map<?, ?> items && value instanceof List<?> list) {
      list.forEach(one -> walk(name + "[]", items, one));
    }
    if (value instanceof Map<?, ?> fields) {
      fields.forEach(
          (field, inner) -> {
            if (node.get("properties") instanceof Map<?, ?> named
                && named.get(field) instanceof Map<?, ?> next) {
              seen.add(name + "." + field);
              walk(name + "." + field, next, inner);
            } else if (node.get("additionalProperties") instanceof Map<?, ?> next) {
              walk(name + ".*", next, inner);
            }
          });
    }
  }

  private static boolean fits(Map<?, ?> node, Object value) {
    return value instanceof Map<?, ?> fields && node.get("properties") instanceof Map<?, ?> named
        ? named.keySet().containsAll(fields.keySet())
        : true;
  }

  private static void named(String name, Object node, Set<String> all) {
    if (!(node instanceof Map<?, ?> map)) {
      return;
    }
    if (map.get("properties") instanceof Map<?, ?> fields) {
      fields.forEach(
          (field, inner) -> {
            all.add(name + "." + field);
            named(name + "." + field, inner, all);
          });
    }
    named(name + "[]", map.get("items"), all);
    if (map.get("oneOf") instanceof List<?> several) {
      several.forEach(one -> named(name, one, all));
    }
  }

  private static Map<String, Object> map(Object tree) {
    return Tree.of("it", tree).get("it") instanceof Map<?, ?> map ? Tree.of(flat(map)) : Map.of();
  }

  private static Object[] flat(Map<?, ?> map) {
    List<Object> all = new ArrayList<>();
    map.forEach(
        (name, value) -> {
          all.add(name);
          all.add(value);
        });
    return all.toArray();
  }

  /** A wiring planned, wired, spoilt, run, mended and drawn. */
  private void wire(long seed) throws InputFaults {
    Map<String, Object> exercise =
        held("Exercise", WiringAnswers.exercise(Tree.of("seed", (double) seed)));
    Map<String, Object> plan = map(exercise.get("plan"));
    held("Plan", WiringAnswers.plan(plan));
    for (String pattern : List.of("A", "A1", "B", "C", "D", "E")) {
      Map<String, Object> other =
          held("PlanDoc", WiringAnswers.otherwise(Tree.of("plan", plan, "pattern", pattern)));
      held("Plan", WiringAnswers.plan(other));
    }
    Map<String, Object> begun = held("AsWired", WiringAnswers.begin(Tree.of("plan", plan)));
    held("Progress", WiringAnswers.run(begun));
    Map<String, Object> wrong = map(exercise.get("wrong"));
    held("Mended", WiringAnswers.mend(wrong));
    Map<String, Object> checks = held("Checks", WiringAnswers.checks(map(exercise.get("right"))));
    held("Drawn", WiringAnswers.draw(Tree.of("wiring", wrong, "sheet", "LADDER")));
    held(
        "Drawn",
        WiringAnswers.draw(Tree.of("wiring", wrong, "sheet", "CONNECTIONS", "plan", plan)));
    Map<String, Object> made = Tree.of(flat(begun));
    made.put("wiring", wrong);
    for (Object check : (List<?>) checks.get("checks")) {
      made.put("ticks", List.of(Tree.of("check", map(check).get("id"), "ok", true)));
    }
    held("AsWired", made);
    held("Progress", WiringAnswers.run(made));
  }

  private Map<String, Object> edited(Map<String, Object> made, Object... edit) throws InputFaults {
    Map<String, Object> asked = Tree.of("made", made, "edit", Tree.of(edit));
    return held("AsWired", WiringAnswers.edit(held("Edited", asked)));
  }

  private void edits() throws InputFaults {
    Exercise exercise = Exercise.of(1);
    Map<String, Object> made = WiringAnswers.begin(Tree.of("plan", exercise.plan()));
    List<List<String>> wires =
        exercise.right().wires().stream().map(one -> (List<String>) one.ends()).toList();
    made = edited(made, "wire", wires.get(0));
    made = edited(made, "off", wires.get(0));
    made = edited(made, "wires", wires.subList(0, 2));
    made = edited(made, "there", wires.get(3), "colour", "red");
    made = edited(made, "mark", wires.get(0), "colour", "black", "label", "7");
    made =
        edited(
            made,
            "mend",
            Tree.of("off", wires.get(1), "on", null, "at", List.of(), "sentence", ""));
    made = edited(made, "part", Tree.of("type", "OUTPUT", "call", "COOL", "solidState", true));
    made = edited(made, "part", Tree.of("type", "MOTOR_PSC", "speeds", List.of("HIGH", "LOW")));
    made = edited(made, "part", Tree.of("type", "CONTACT", "when", "HEAT", "form", "NC"));
    made = edited(made, "partOff", "K1");
    made = edited(made, "call", Tree.of("name", "both", "on", List.of("COOL"), "motor", "OFF"));
    made = edited(made, "callOff", "both");
    edited(made, "cap", "M.HIGH");
  }

  /** A job with every kind of thing told of it. */
  private void fits(Route way) throws InputFaults {
    for (Body body : Body.values()) {
      FitCase job =
          new FitCase(
              way,
              List.of(body),
              Family.CONSTANT_TORQUE,
              MotorPlate.of(Family.PSC).build(),
              false,
              null,
              null,
              List.of(),
              null,
              null,
              239.0,
              List.of(PlanRequest.CallId.COOL),
              Map.of("C", "blue"),
              true);
      FitRecord record = FitRecord.begun(job);
      List<FitRecord.Mark> marks = new ArrayList<>();
      Map<String, Object> notes = new LinkedHashMap<>();
      for (Fitting.Standing one : Fitting.of(record).steps()) {
        marks.add(new FitRecord.Mark(one.step().id(), true, ""));
        one.step().asks().forEach(ask -> notes.put(ask.id(), told(ask)));
      }
      List<FitRecord.Removed> out = List.of(new FitRecord.Removed("door", "two screws", false));
      List<FitRecord.PhotoMark> photos =
          List.of(new FitRecord.PhotoMark("3f2504e0-4f89-11d3-9a0c-0305e82c3301", 0.5, 0.5, "C"));
      Hold hold = new Hold(Hold.Reason.BRIDGED, "2031-03-04", "n", "b", List.of(Hold.Left.FILTER));
      String search = "3f2504e0-4f89-11d3-9a0c-0305e82c3302";
      FitRecord done =
          new FitRecord(job, marks, new Notes(notes), out, photos, hold, false, search);
      held("Fitting", Answers.fit(held("Fit", record.tree())));
      held("Fitting", Answers.fit(held("Fit", done.tree())));
    }
  }

  private static Object told(Ask ask) {
    if (ask.isFigure()) {
      return ask.least();
    }
    return ask.words().isEmpty() ? "plain" : ask.words().get(ask.words().size() - 1).id();
  }

  /** An air handler with strips, each time with other readings. */
  private static Map<String, Object> proof(String way, String family, String readings)
      throws Exception {
    String text =
        """
        {"format": "variable-rotor-proof", "version": 1, "way": "%s",
         "unit": {"kind": "AIR_HANDLER", "role": "INDOOR_BLOWER", "coolingTons": 2.5,
                  "heating": ["ELECTRIC"], "riseF": [35, 65], "ratedStaticInWc": 0.5},
         "fitted": {"family": "%s", "speedTaps": 5}, "readings": [%s]}
        """;
    String read = readings.replaceAll("([A-Za-z.]+)=([^ ]+)", "{\"id\": \"$1\", \"value\": $2}");
    return map(Json.read(text.formatted(way, family, read.replace(" {", ", {"))));
  }

  private void proofs() throws Exception {
    String air = "airflow.call=\"COOL\" run.COOL=\"RUNS\" ";
    for (Map<String, Object> one :
        List.of(
            proof("FIXED_SPEED", "PSC", "rotation=\"REVERSED\""),
            proof("SAME_MOTOR", "CONSTANT_TORQUE", "run.COOL=\"STOPS\" amps=2"),
            proof(
                "SAME_MOTOR",
                "CONSTANT_TORQUE",
                air
                    + "air.return.f=68 air.supply.f=113 heat.volts=236 heat.amps=33 tap=2"
                    + " torque.share.now=60 torque.share.next=75 static.inwc=0.3"),
            proof(
                "SAME_MOTOR",
                "EC_PLUG_FAN",
                air + "ring.pascal=150 ring.k=90 command.volts=4 aux.volts=10"))) {
      held("Proof", Answers.proof(held("ProofDoc", one)));
      one.put("slip", 1);
      held("Proof", Answers.proof(one));
    }
  }

  @Test
  void everyAnswerHasItsShapeAndEveryFieldIsSeen() throws Exception {
    for (int seed = 1; seed <= EXERCISES; seed++) {
      wire(seed);
    }
    edits();
    for (Route way : Route.values()) {
      fits(way);
    }
    proofs();
    // No wiring is drawn with one; pictures of windings are.
    Drawing.Box box = new Drawing.Box(Ink.FAILED, 1, 2, 3, 4);
    held("Drawing", new Drawing(0, 0, 9, 9, List.of(), List.of(box), List.of(), List.of()).tree());
    Set<String> all = new TreeSet<>();
    ((Map<?, ?>) schema.get("$defs")).forEach((name, node) -> named(name.toString(), node, all));
    all.removeAll(seen);
    assertEquals(Set.of(), all);
  }
}
