package variablerotor.server.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.Answers;
import variablerotor.json.Json;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Conversions as wired, through the real API. */
@ExtendWith(Server.class)
class WiringApiTest {
  private final Visitor tobin;

  WiringApiTest(Server server) {
    tobin = server.technician();
  }

  private static Map<String, Object> plan() {
    return Tree.of(
        "format",
        "variable-rotor-plan",
        "version",
        1,
        "pattern",
        "A",
        "transformerVa",
        40,
        "stages",
        List.of("LOW", "HIGH"),
        "calls",
        List.of("COOL"),
        "motor",
        Tree.of("speeds", List.of("HIGH", "LOW"), "amps", 2.6));
  }

  private static Map<String, Object> made() throws InputFaults {
    return Tree.of(
        "format", "variable-rotor-as-wired",
        "version", 1,
        "plan", plan(),
        "wiring", Answers.plan(plan()).get("wiring"),
        "marks", List.of(Tree.of("wire", List.of("SRC.L1", "TR.H1"), "colour", "black")),
        "ticks", List.of(Tree.of("check", "line COOL", "ok", true)));
  }

  private String call() {
    String call = "/api/calls/" + UUID.randomUUID();
    String told =
        "{\"place\":\"Quay\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"STAGED_CONDENSER\"},"
            + "\"unit\":{\"role\":\"OUTDOOR_FAN\",\"heating\":[\"HEAT_PUMP\"]}}";
    assertEquals(200, tobin.put(call, told).status());
    return call;
  }

  @Test
  void theLastStateIsInForceAndASaveIsTakenOnce() throws InputFaults {
    String call = call();
    assertNull(tobin.get(call).at("wired"));
    String path = call + "/wirings/" + UUID.randomUUID();
    assertEquals(200, tobin.put(path, Json.write(made())).status());
    Visitor.Answer again = tobin.put(path, Json.write(made()));
    assertEquals(200, again.status());
    assertEquals(true, again.at("wired.ok"));
    assertEquals("A", again.at("wired.made.plan.pattern"));
    assertEquals("black", ((Map<?, ?>) again.list("wired.made.marks").get(0)).get("colour"));
    Map<String, Object> bare = made();
    bare.put("wiring", shorted());
    bare.put("marks", List.of());
    assertEquals(409, tobin.put(path, Json.write(bare)).status());
    Visitor.Answer later = tobin.put(call + "/wirings/" + UUID.randomUUID(), Json.write(bare));
    assertEquals(200, later.status(), later.body());
    assertEquals(false, later.at("wired.ok"));
    assertEquals("Tobin Ashgrove", later.at("wired.author"));
  }

  @SuppressWarnings("unchecked")
  private static Object shorted() throws InputFaults {
    Map<String, Object> wiring = (Map<String, Object>) Answers.plan(plan()).get("wiring");
    List<Object> wires = (List<Object>) wiring.get("wires");
    wires.add(List.of("CT.T1", "CT.T2"));
    return wiring;
  }

  /** What is wrong is told by its path, and nothing of it is kept. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"SRC.L1\",\"TR.H1\"|\"SRC.L1\",\"SRC.L1\"|wiring.wires[",
        "\"SRC.L1\",\"TR.H1\"|\"SRC.L1\",\"XX.H1\"|wiring.wires[",
        "\"pattern\":\"A\"|\"pattern\":\"Z\"|plan.pattern",
        "\"check\":\"line COOL\"|\"check\":7|ticks[0].check"
      })
  void faultsAreToldByPath(String good, String bad, String path) throws InputFaults {
    String call = call();
    String body = Json.write(made());
    assertTrue(body.contains(good), body);
    Visitor.Answer answer =
        tobin.put(
            call + "/wirings/" + UUID.randomUUID(),
            body.replaceFirst(java.util.regex.Pattern.quote(good), bad));
    assertEquals(422, answer.status(), answer.body());
    assertTrue(answer.body().contains(path), answer.body());
    assertNull(tobin.get(call).at("wired"));
  }

  /** A plan is offered as far as the call is told, with what was taken on trust. */
  @Test
  void aPlanIsFilledFromTheCall() {
    String call = call();
    assertNull(tobin.get(call).at("planDraft"), "no way is chosen");
    tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"SAME_MOTOR\"}");
    assertNull(tobin.get(call).at("planDraft"), "like goes on like");
    Visitor.Answer view =
        tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"FIXED_SPEED\"}");
    assertEquals("A", view.at("planDraft.plan.pattern"));
    assertEquals(List.of("LOW", "HIGH"), view.list("planDraft.plan.stages"));
    assertEquals(List.of("COOL", "HEAT_PUMP"), view.list("planDraft.plan.calls"));
    assertEquals(true, view.at("planDraft.plan.defrost"));
    assertTrue(view.body().contains("The transformer is taken for 40 VA"), view.body());
  }

  /** What would take minutes to be drawn and checked is not kept on a call. */
  @Test
  void aWiringLargerThanAnyUnitHasIsRefused() {
    List<Map<String, Object>> parts =
        java.util.stream.IntStream.range(0, 251)
            .mapToObj(one -> Tree.of("id", "J" + one, "type", "JOINT"))
            .toList();
    Map<String, Object> large =
        Tree.of(
            "format",
            "variable-rotor-as-wired",
            "version",
            1,
            "wiring",
            Tree.of(
                "format",
                "variable-rotor-wiring",
                "version",
                1,
                "parts",
                parts,
                "wires",
                List.of(),
                "calls",
                List.of()));
    Visitor.Answer answer = tobin.put(call() + "/wirings/" + UUID.randomUUID(), Json.write(large));
    assertEquals(422, answer.status());
    assertTrue(answer.body().contains("wiring.parts"), answer.body());
  }
}
