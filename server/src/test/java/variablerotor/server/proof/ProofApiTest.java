package variablerotor.server.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.Answers;
import variablerotor.json.Json;
import variablerotor.server.PdfText;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** The proof of a repair, through the real API. */
@ExtendWith(Server.class)
class ProofApiTest {
  private final Visitor tobin;

  ProofApiTest(Server server) {
    tobin = server.technician();
  }

  @SuppressWarnings("unchecked")
  private Map<String, Object> document(String call) {
    return new LinkedHashMap<>((Map<String, Object>) tobin.get(call).at("repair.proof"));
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> with(Map<String, Object> proof, String id, Object value) {
    Map<String, Object> next = new LinkedHashMap<>(proof);
    List<Object> readings = new ArrayList<>((List<Object>) proof.get("readings"));
    readings.add(Tree.of("id", id, "value", value));
    next.put("readings", readings);
    return next;
  }

  private Visitor.Answer keep(String call, UUID id, Map<String, Object> proof) {
    return tobin.put(call + "/proofs/" + id, Json.write(proof));
  }

  private void decide(String call, String route) {
    Visitor.Answer answer =
        tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"" + route + "\"}");
    assertEquals(200, answer.status(), answer.body());
  }

  private String report(String call) throws IOException {
    return PdfText.of(tobin.bytes(call + "/report"));
  }

  /** From the choice to a fail, and on to a pass; page, command line and report say the same. */
  @Test
  void aRepairIsProvedStepByStep() throws IOException, InputFaults {
    String call = tobin.openCall();
    assertNull(tobin.get(call).at("repair"), "nothing is fitted yet");
    decide(call, "SAME_MOTOR");
    Map<String, Object> begun = document(call);
    assertNull(tobin.get(call).at("repair.author"));
    assertFalse(report(call).contains("The repair"));

    Map<String, Object> proof = with(begun, "rotation", "REVERSED");
    UUID id = UUID.randomUUID();
    Visitor.Answer kept = keep(call, id, proof);
    assertEquals(200, kept.status(), kept.body());
    assertEquals(200, keep(call, id, proof).status(), "sent again");
    assertEquals(409, keep(call, id, begun).status(), "something else under the same id");
    assertEquals("FAILED", kept.at("repair.state"));
    assertEquals("Not done: It turns backwards.", kept.at("repair.headline"));
    assertEquals("Tobin Ashgrove", kept.at("repair.author"));
    assertEquals(kept.at("repair.headline"), Answers.proof(proof).get("headline"));
    assertTrue(report(call).contains("Not done: It turns backwards."), report(call));

    assertEquals("FAILED", row(call, "repair"));
    assertEquals("Not done: It turns backwards.", row(call, "repairSentence"));

    Visitor.Answer turned = keep(call, UUID.randomUUID(), with(proof, "rotation", "RIGHT"));
    assertEquals("NOT_YET", turned.at("repair.state"));
    assertTrue(report(call).contains("Not seen. Amps."), report(call));
  }

  private Object row(String call, String field) {
    String id = call.substring(call.lastIndexOf('/') + 1);
    return tobin.get("/api/calls?size=50").list("").stream()
        .map(one -> (Map<?, ?>) one)
        .filter(one -> one.get("id").equals(id))
        .findFirst()
        .orElseThrow()
        .get(field);
  }

  /** What is told of the unit later is asked of the repair, and another way is another repair. */
  @Test
  void theRepairIsOfTheUnitAndTheWayAsTheyAreNow() {
    String call = tobin.openCall();
    decide(call, "SAME_MOTOR");
    keep(call, UUID.randomUUID(), with(document(call), "rotation", "RIGHT"));
    tobin.put(
        call + "/corrections/" + UUID.randomUUID(),
        "{\"changes\":[{\"field\":\"unit.heating\",\"was\":[\"ELECTRIC\"],\"now\":[\"GAS\"]}]}");
    Visitor.Answer now = tobin.get(call);
    assertTrue(now.at("repair.checks").toString().contains("call.GAS_HEAT"), now.body());
    assertEquals("PASS", now.at("repair.checks.0.state"));
    decide(call, "FIXED_SPEED");
    Visitor.Answer other = tobin.get(call);
    assertEquals("NOT_YET", other.at("repair.checks.0.state"), "nobody saw this motor turn");
    assertEquals("PSC", other.at("repair.proof.fitted.family"));
    assertNull(other.at("repair.author"));
  }

  @Test
  void badReadingsAreRefusedWithTheirPath() {
    String call = tobin.openCall();
    decide(call, "SAME_MOTOR");
    Visitor.Answer refused =
        keep(call, UUID.randomUUID(), with(document(call), "rotation", "SIDEWAYS"));
    assertEquals(422, refused.status());
    assertEquals("readings[0].value", refused.at("errors.0.path"));
    assertEquals(422, tobin.put(call + "/proofs/" + UUID.randomUUID(), "{}").status());
    assertEquals(
        404, keep("/api/calls/" + UUID.randomUUID(), UUID.randomUUID(), document(call)).status());
  }
}
