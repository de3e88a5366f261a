package variablerotor.server.outcome;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
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

  /** What was read on an ended call is read again at the bench, without whose it was. */
  @Test
  void anEndedCallIsPractisedOnWithoutItsNames() {
    String wanted =
        "{\"family\":\"BLDC_THREE_WIRE\",\"symptom\":\"TRIPS_PROTECTION\",\"ofOurs\":true}";
    Visitor.Answer none = tobin.put("/api/practice/" + UUID.randomUUID(), wanted);
    assertEquals(422, none.status(), none.body());
    String call = open("BLDC_THREE_WIRE", "TRIPS_PROTECTION");
    for (String pair : List.of("ab", "bc", "ca")) {
      tobin.read(call, "winding." + pair, pair.equals("bc") ? "0.83" : "3.37");
    }
    tobin.read(call, "shaft.feel", "\"COGGING\"");
    say(call, was("WINDING"));
    String id = UUID.randomUUID().toString();
    Visitor.Answer begun = tobin.put("/api/practice/" + id, wanted);
    assertEquals(200, begun.status(), begun.body());
    assertFalse(begun.body().contains("Test Quay"), begun.body());
    String felt = tobin.get("/api/meter/" + id + "/answers?check=shaft.feel").body();
    assertTrue(felt.contains("COGGING"), felt);
    assertEquals(200, tobin.put("/api/practice/" + id, wanted).status(), "the same again");
    Object truth = tobin.get("/api/practice/" + id + "/debrief").at("debrief.truth");
    assertEquals("On the call that this was, somebody found the winding.", truth);
  }

  private Map<?, ?> recurring(String name) {
    for (Object one : tobin.get("/api/learnt/recurring").list("")) {
      if (((Map<?, ?>) one).get("name").equals(name)) {
        return (Map<?, ?>) one;
      }
    }
    return Map.of();
  }

  @Test
  void aBoardWhoseCodesWereMetAndFailedShowsItself() {
    String line = "Gannet line " + UUID.randomUUID().toString().substring(0, 6);
    String first = open("STAGED_CONDENSER", "STARTS_THEN_STOPS");
    String code = "{\"book\":\"" + line + "\",\"code\":\"E4\"}";
    assertEquals(200, tobin.read(first, "code", code).status());
    String second = open("STAGED_CONDENSER", "STARTS_THEN_STOPS");
    tobin.read(second, "code", code);
    assertTrue(recurring(line).isEmpty(), "nobody said yet what it was");
    say(first, was("COMMAND"));
    say(second, was("WINDING"));
    assertEquals(2.0, recurring(line).get("calls"));
    assertEquals(List.of(first.replace("/api/calls/", "")), recurring(line).get("failed"));
    say(first, was("HARNESS"));
    assertTrue(recurring(line).isEmpty(), "the last word counts");
  }

  @Test
  void aMotorThatWasChosenAndFailedShowsItself() {
    String unit = "Roof " + UUID.randomUUID();
    UUID id = UUID.randomUUID();
    String number = "Teasel " + id;
    String motor =
        "{\"id\":\"%s\",\"family\":\"CONSTANT_TORQUE\",\"horsepower\":0.5,\"volts\":\"208-230\","
            + "\"price\":350,\"onHand\":1,\"at\":\"VAN\"}";
    String edition = "/api/motors/" + id + "/editions/" + UUID.randomUUID();
    assertEquals(200, tobin.put(edition, motor.formatted(number)).status());
    String first = openUnit(unit);
    Visitor.Answer chosen =
        tobin.put(
            first + "/decisions/" + UUID.randomUUID(),
            "{\"route\":\"EQUIVALENT_MOTOR\",\"candidate\":\"" + number + "\"}");
    assertEquals(200, chosen.status(), chosen.body());
    assertTrue(recurring(number).isEmpty(), "it was fitted, and did not fail");
    String later = openUnit(unit);
    say(later, was("SUPPLY"));
    assertTrue(recurring(number).isEmpty(), "that was not the motor");
    String last = openUnit(unit);
    say(last, was("MODULE"));
    assertEquals(1.0, recurring(number).get("calls"));
    assertEquals(List.of(last.replace("/api/calls/", "")), recurring(number).get("failed"));
  }

  private String openUnit(String unit) {
    String call = "/api/calls/" + UUID.randomUUID();
    String told =
        "{\"place\":\"Twice Quay\",\"unitName\":\"%s\",\"complaint\":\"\",\"symptom\":\"NO_RUN\","
            + "\"unit\":{\"role\":\"INDOOR_BLOWER\",\"coolingTons\":3,\"boardNeedsFeedback\":false},"
            + "\"motor\":{\"family\":\"CONSTANT_TORQUE\",\"horsepower\":0.5,\"volts\":\"208-230\","
            + "\"moduleRemovable\":true,\"moduleSoldAlone\":false}}";
    assertEquals(200, tobin.put(call, told.formatted(unit)).status());
    tobin.read(call, "line.volts", "240");
    tobin.read(call, "command.volts", "25");
    tobin.read(call, "shaft.feel", "\"FREE\"");
    tobin.read(call, "winding.ab", "1.6");
    tobin.read(call, "winding.bc", "5.7");
    tobin.read(call, "winding.ca", "5.7");
    return call;
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
