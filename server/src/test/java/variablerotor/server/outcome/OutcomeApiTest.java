package variablerotor.server.outcome;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/**
 * What calls turned out to be: kept, counted once each, and weighed where a lead says so. Each test
 * has a kind of call of its own, as all of them share one shop.
 */
@ExtendWith(Server.class)
class OutcomeApiTest {
  private final Visitor tobin;
  private final Visitor ines;

  OutcomeApiTest(Server server) {
    tobin = server.technician();
    ines = server.lead();
  }

  private String open(String family, String symptom) {
    String call = "/api/calls/" + UUID.randomUUID();
    String told =
        "{\"place\":\"Test Quay\",\"unitName\":\"\",\"complaint\":\"\",\"symptom\":\"%s\",\"unit\":{},"
            + "\"motor\":{\"family\":\"%s\"}}";
    assertEquals(200, tobin.put(call, told.formatted(symptom, family)).status());
    return call;
  }

  private Visitor.Answer say(String call, String body) {
    return tobin.put(call + "/outcomes/" + UUID.randomUUID(), body);
  }

  private static String was(String... suspects) {
    return "{\"was\":\"NO\",\"found\":[\"" + String.join("\",\"", suspects) + "\"]}";
  }

  /** How many calls of this kind were counted as this; 0 where there is no such kind. */
  private int counted(String family, String symptom, String suspect) {
    for (Object one : tobin.get("/api/learnt").list("kinds")) {
      Map<?, ?> kind = (Map<?, ?>) one;
      if (kind.get("family").equals(family) && kind.get("symptom").equals(symptom)) {
        for (Object thing : (List<?>) kind.get("things")) {
          Map<?, ?> row = (Map<?, ?>) thing;
          if (row.get("suspects").equals(List.of(suspect))) {
            return ((Double) row.get("calls")).intValue();
          }
        }
      }
    }
    return 0;
  }

  @Test
  void aCallCountsOnceAsWhatWasSaidOfItLast() {
    String family = "DRIVE_FED_INDUCTION";
    String call = open(family, "NOISE");
    Visitor.Answer kept = say(call, was("BEARING"));
    assertEquals(200, kept.status(), kept.body());
    assertEquals("NO", kept.at("outcome.was"));
    assertEquals("BEARING", kept.at("outcome.found.0"));
    assertEquals("Tobin Ashgrove", kept.at("outcome.author"));
    assertEquals(1, counted(family, "NOISE", "BEARING"));
    say(call, was("WHEEL"));
    assertEquals(0, counted(family, "NOISE", "BEARING"));
    assertEquals(1, counted(family, "NOISE", "WHEEL"));
    say(call, "{\"was\":\"UNKNOWN\"}");
    assertEquals(0, counted(family, "NOISE", "WHEEL"));
  }

  @Test
  void theSameSaveIsOneAndAnotherUnderItsIdIsRefused() {
    String call = open("DRIVE_FED_INDUCTION", "INTERMITTENT");
    String path = call + "/outcomes/" + UUID.randomUUID();
    assertEquals(200, tobin.put(path, was("DRIVE")).status());
    assertEquals(200, tobin.put(path, was("DRIVE")).status());
    assertEquals(1, counted("DRIVE_FED_INDUCTION", "INTERMITTENT", "DRIVE"));
    assertEquals(409, tobin.put(path, was("WINDING")).status());
    assertEquals(1, counted("DRIVE_FED_INDUCTION", "INTERMITTENT", "DRIVE"));
  }

  @Test
  void yesIsWhatHadBeenSaidAndStandsForNothingWhereNothingWas() {
    String call = open("CONSTANT_AIRFLOW_SERIAL", "NO_RUN");
    Visitor.Answer early = say(call, "{\"was\":\"YES\"}");
    assertEquals(422, early.status());
    assertEquals("was", early.at("errors.0.path"));
    tobin.read(call, "line.volts", "0");
    Visitor.Answer decided = tobin.get(call);
    assertEquals("DECIDED", decided.at("diagnosis.verdict.state"), decided.body());
    Visitor.Answer yes = say(call, "{\"was\":\"YES\",\"note\":\"breaker\"}");
    assertEquals(decided.at("diagnosis.verdict.suspects"), yes.at("outcome.found"));
    assertEquals(decided.at("diagnosis.verdict.suspects"), yes.at("outcome.said"));
    assertEquals("breaker", yes.at("outcome.note"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"was\":\"NO\"}|found",
        "{\"was\":\"NO\",\"found\":[\"DRIVE\"]}|found",
        "{\"was\":\"NO\",\"found\":[\"NONE\",\"WINDING\"]}|found",
        "{\"was\":\"NO\",\"found\":[\"WINDING\",\"WINDING\"]}|found",
        "{\"was\":\"UNKNOWN\",\"found\":[\"WINDING\"]}|found",
        "{\"found\":[\"WINDING\"]}|was"
      })
  void whatMakesNoSenseIsToldWithItsField(String body, String field) {
    Visitor.Answer answer = say(open("CONSTANT_TORQUE", "NOISE"), body);
    assertEquals(422, answer.status(), answer.body());
    assertEquals(field, answer.at("errors.0.path"));
    assertEquals(0, counted("CONSTANT_TORQUE", "NOISE", "WINDING"));
  }

  private Visitor.Answer learn(Visitor who, boolean own, double strength) {
    Object edition = tobin.get("/api/learnt").at("edition");
    return who.put(
        "/api/learnt/" + UUID.randomUUID() + (edition == null ? "" : "?base=" + edition),
        "{\"own\":" + own + ",\"strength\":" + strength + "}");
  }

  @Test
  void countsMoveWhatIsLikelyWhereALeadSaysSoAndAreTurnedBack() {
    String family = "STAGED_CONDENSER";
    String symptom = "WRONG_DIRECTION";
    String before = open(family, symptom);
    Object judged = tobin.get(before).at("diagnosis.suspects.0.id");
    assertEquals("SETTING", judged);
    for (int i = 0; i < 30; i++) {
      assertEquals(200, say(open(family, symptom), was("MODULE")).status());
    }
    assertEquals(403, learn(tobin, true, 5).status());
    assertEquals(422, learn(ines, true, 1).status(), "a prior that is worth nothing");
    assertEquals("SETTING", tobin.get(before).at("diagnosis.suspects.0.id"), "nobody said so");
    Visitor.Answer on = learn(ines, true, 5);
    try {
      assertEquals(200, on.status(), on.body());
      assertEquals(true, on.at("own"));
      assertEquals("Ines Kallow", on.at("setBy"));
      Visitor.Answer learnt = tobin.get(before);
      assertEquals("MODULE", learnt.at("diagnosis.suspects.0.id"));
      assertEquals(true, learnt.at("ownCounts"));
      assertEquals("OPEN", learnt.at("diagnosis.verdict.state"), "nothing is proved by it");
      assertEquals(
          409,
          ines.put("/api/learnt/" + UUID.randomUUID(), "{\"own\":true,\"strength\":6}").status());
      Visitor.Answer again = ines.get("/api/learnt/hindsight");
      double calls = (Double) again.at("calls");
      assertTrue(calls >= 30, again.body());
      assertTrue((Double) again.at("learnt.atOnce") >= 30, again.body());
      assertEquals(403, tobin.get("/api/learnt/hindsight").status());
    } finally {
      assertEquals(200, learn(ines, false, 40).status());
    }
    assertEquals("SETTING", tobin.get(before).at("diagnosis.suspects.0.id"), "turned back");
    String csv = tobin.get("/api/learnt/counts").body();
    assertTrue(csv.startsWith("family,complaint,was,calls,judged %,learnt %\r\n"), csv);
    assertTrue(csv.contains("STAGED_CONDENSER,WRONG_DIRECTION,MODULE,30,"), csv);
  }

  @Test
  void practiceIsNotCounted() {
    String id = UUID.randomUUID().toString();
    Visitor.Answer practice =
        tobin.put(
            "/api/practice/" + id, "{\"family\":\"DRIVE_FED_INDUCTION\",\"symptom\":\"NO_RUN\"}");
    assertEquals(200, practice.status(), practice.body());
    String symptom = (String) practice.at("particulars.symptom");
    int before = counted("DRIVE_FED_INDUCTION", symptom, "SETTING");
    assertEquals(200, say("/api/calls/" + id, was("SETTING")).status());
    assertEquals(before, counted("DRIVE_FED_INDUCTION", symptom, "SETTING"));
  }
}
