package variablerotor.server.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.json.Json;
import variablerotor.server.PdfText;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** What is done of a job, kept: its fields, its faults, what list and report say of it. */
@ExtendWith(Server.class)
class FitApiTest {
  private final Visitor tobin;
  private String call = "";

  FitApiTest(Server server) {
    tobin = server.technician();
  }

  @BeforeEach
  void chosen() {
    call = tobin.openCall();
    decide("EQUIVALENT_MOTOR");
  }

  private void decide(String route) {
    String path = call + "/decisions/" + UUID.randomUUID();
    assertEquals(200, tobin.put(path, "{\"route\":\"" + route + "\"}").status());
  }

  private Map<String, Object> fit() {
    Map<String, Object> fit = new LinkedHashMap<>();
    ((Map<?, ?>) tobin.get(call).at("fit.fit")).forEach((key, value) -> fit.put("" + key, value));
    return fit;
  }

  private Visitor.Answer keep(Map<String, Object> fit) {
    return tobin.put(call + "/fits/" + UUID.randomUUID(), Json.write(fit));
  }

  private static List<Object> marks(String... done) {
    List<Object> marks = new ArrayList<>();
    for (String id : done) {
      marks.add(Map.of("id", id, "done", true, "why", ""));
    }
    return marks;
  }

  private Map<?, ?> row() {
    String id = call.substring(call.lastIndexOf('/') + 1);
    return (Map<?, ?>)
        tobin.get("/api/calls?size=100").list("").stream()
            .filter(one -> ((Map<?, ?>) one).get("id").equals(id))
            .findFirst()
            .orElseThrow();
  }

  @Test
  void stepsAreKeptAndTheListSaysWhereItStands() {
    assertEquals("FITTING", row().get("stand"));
    Map<String, Object> fit = fit();
    fit.put("marks", marks("off.power", "off.rest"));
    fit.put("notes", Map.of("rest.volts", 4.0));
    UUID id = UUID.randomUUID();
    String body = Json.write(fit);
    Visitor.Answer kept = tobin.put(call + "/fits/" + id, body);
    assertEquals(200, kept.status(), kept.body());
    assertTrue(((String) kept.at("fit.headline")).startsWith("2 of "), kept.body());
    assertEquals("Tobin Ashgrove", kept.at("fit.author"));
    assertEquals(200, tobin.put(call + "/fits/" + id, body).status(), "sent again");
    String other = body.replace("\"rest.volts\":4", "\"rest.volts\":5");
    assertEquals(409, tobin.put(call + "/fits/" + id, other).status(), "another under its id");
    assertTrue(((String) row().get("standSentence")).contains("Next: Photograph"), "" + row());
    assertEquals("Tobin Ashgrove", row().get("changedBy"));
    // What was done on one way is none of another's.
    decide("SAME_MOTOR");
    assertNull(tobin.get(call).at("fit.author"));
    decide("EQUIVALENT_MOTOR");
    assertEquals("Tobin Ashgrove", tobin.get(call).at("fit.author"));
  }

  @Test
  void whatIsDueStandsFirstUntilItGoesOn() {
    Map<String, Object> fit = fit();
    fit.put(
        "hold",
        Map.of(
            "reason",
            "BRIDGED",
            "until",
            "2020-05-04",
            "note",
            "",
            "bring",
            "",
            "left",
            List.of()));
    assertEquals(200, keep(fit).status());
    String id = call.substring(call.lastIndexOf('/') + 1);
    assertTrue(tobin.get("/api/calls/due").body().contains(id));
    assertEquals("WAITING", row().get("stand"));
    assertEquals("2020-05-04", row().get("due"));
    fit.remove("hold");
    assertEquals(200, keep(fit).status());
    assertTrue(!tobin.get("/api/calls/due").body().contains(id));
    fit.put("handedOver", true);
    assertEquals(200, keep(fit).status());
    assertEquals("HANDED_OVER", row().get("stand"));
  }

  @Test
  void theReportSaysWhatWasDoneNotedMendedAndLeftOut() throws Exception {
    Map<String, Object> fit = fit();
    List<Object> marks = marks("off.power", "in.pins");
    marks.add(Map.of("id", "off.photos", "done", false, "why", "camera is broken"));
    fit.put("marks", marks);
    fit.put("notes", Map.of("pins", "GOOD", "pins.was", "PUSHED", "shaft.depth", 0.75));
    fit.put("removed", List.of(Map.of("what", "Heater box", "where", "bag", "back", false)));
    assertEquals(200, keep(fit).status());
    String report = PdfText.of(tobin.bytes(call + "/report"));
    for (String said :
        List.of(
            "Done. Power off, locked, proved dead.",
            "Left out. Photograph it as it is: camera is broken.",
            "Mended on the way. The pins: one is pushed back.",
            "Came out for it: Heater box.")) {
      assertTrue(report.contains(said), said + " in " + report);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "notes|{\"shaft.depth\":99}|notes.shaft.depth",
        "notes|{\"shaft.depth\":\"deep\"}|notes.shaft.depth",
        "notes|{\"pins\":\"MAYBE\"}|notes.pins",
        "notes|{\"wires\":\" \"}|notes.wires",
        "marks|[{\"id\":\"off.photos\",\"done\":false,\"why\":\" \"}]|marks[0].why",
        "marks|[{\"done\":true}]|marks[0].id",
        "removed|[{\"where\":\"bag\"}]|removed[0].what",
        "hold|{\"reason\":\"BRIDGED\"}|hold.until",
        "hold|{\"reason\":\"TIRED\"}|hold.reason",
        "hold|{\"reason\":\"RETURN_VISIT\",\"until\":\"2026-13-01\"}|hold.until",
        "hold|{\"reason\":\"RETURN_VISIT\",\"left\":[\"NOTHING\"]}|hold.left",
        "photoMarks|[{\"photo\":\"p\",\"x\":2,\"y\":0.5,\"label\":\"red\"}]|photoMarks[0].x",
        "photoMarks|[{\"photo\":\"p\",\"x\":0.2,\"y\":0.5}]|photoMarks[0].label",
        "way|\"TOMORROW\"|way",
        "format|\"another\"|format",
      })
  void badInputNamesItsField(String field, String value, String path) throws Exception {
    Map<String, Object> fit = fit();
    fit.put(field, Json.read(value));
    Visitor.Answer refused = keep(fit);
    assertEquals(422, refused.status(), refused.body());
    assertEquals(path, refused.at("errors.0.path"), refused.body());
    assertNull(tobin.get(call).at("fit.author"), "nothing of it is kept");
  }
}
