package variablerotor.server.decision;

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
import variablerotor.json.Json;
import variablerotor.sampling.Sampled;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** What a choice costs and stands on, through the real API. */
@ExtendWith(Server.class)
class ChoiceApiTest {
  private final Visitor tobin;
  private final Visitor ines;

  ChoiceApiTest(Server server) {
    tobin = server.technician();
    ines = server.lead();
  }

  private static String told(String more) {
    return "{\"place\":\"Quay\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"CONSTANT_TORQUE\","
        + "\"horsepower\":0.5,\"volts\":\"208-230\",\"moduleRemovable\":true,\"moduleSoldAlone\":false},"
        + "\"unit\":{\"role\":\"INDOOR_BLOWER\",\"coolingTons\":3,\"boardNeedsFeedback\":false}"
        + more
        + "}";
  }

  /** A call with a shorted winding. */
  private String shorted(String more) {
    String call = "/api/calls/" + UUID.randomUUID();
    assertEquals(200, tobin.put(call, told(more)).status());
    tobin.read(call, "line.volts", "240");
    tobin.read(call, "command.volts", "25");
    tobin.read(call, "shaft.feel", "\"FREE\"");
    tobin.read(call, "winding.ab", "1.6");
    tobin.read(call, "winding.bc", "5.7");
    tobin.read(call, "winding.ca", "5.7");
    return call;
  }

  private String motor(String volts) {
    UUID id = UUID.randomUUID();
    String name = "Quillwort " + id;
    String body =
        "{\"id\":\""
            + name
            + "\",\"family\":\"CONSTANT_TORQUE\",\"horsepower\":0.5,\"volts\":\""
            + volts
            + "\",\"price\":350,\"onHand\":1,\"at\":\"VAN\"}";
    assertEquals(
        200, tobin.put("/api/motors/" + id + "/editions/" + UUID.randomUUID(), body).status());
    return name;
  }

  private Visitor.Answer decide(String call, String body) {
    return tobin.put(call + "/decisions/" + UUID.randomUUID(), body);
  }

  /** By hand: 800 + 1 h, 300 W at 1,200 cfm for 2,000 h at 0.20: 144 a year; over 5 years. */
  @Test
  void theYearsAreReckonedAndCanBeMoved() {
    String call =
        shorted(
            ",\"running\":{\"airflowCfm\":1200,\"hoursPerYear\":2000,\"yearsAhead\":5,"
                + "\"variableWatts\":300}");
    tobin.put(
        call + "/offers/" + UUID.randomUUID(),
        "{\"route\":\"SAME_MOTOR\",\"partPrice\":800,\"labourHours\":1,\"leadDays\":0}");
    String dials = "{\"energyPerKwh\":0.2,\"labourPerHour\":100}";
    Visitor.Answer choice = tobin.send("POST", call + "/choice", dials);
    assertEquals(200, choice.status(), choice.body());
    Map<?, ?> same = way(choice, "SAME_MOTOR");
    assertEquals(900.0, same.get("firstCost"));
    assertEquals(144.0, (Double) same.get("energyPerYear"), 1e-9);
    assertEquals(900 + 5 * 144.0, (Double) same.get("totalCost"), 1e-9);
    Map<?, ?> line = (Map<?, ?>) choice.list("lines").get(0);
    assertEquals(6, ((List<?>) line.get("costs")).size());
    Visitor.Answer dearer =
        tobin.send(
            "POST",
            call + "/choice",
            dials.replace("}", ",\"way\":\"SAME_MOTOR\",\"partPrice\":1000}"));
    assertEquals(1100.0, way(dearer, "SAME_MOTOR").get("firstCost"));
    assertEquals(
        800.0, way(tobin.get(call + "/choice"), "SAME_MOTOR").get("partPrice"), "nothing is kept");
  }

  private static Map<?, ?> way(Visitor.Answer choice, String route) {
    return choice.list("ways").stream()
        .map(one -> (Map<?, ?>) one)
        .filter(one -> route.equals(one.get("route")))
        .findFirst()
        .orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "energyPerKwh, -1",
    "fanHoursPerYear, 9000",
    "yearsAhead, 51",
    "labourPerHour, -0.01",
    "partPrice, 1e9",
    "labourHours, 1001"
  })
  void figuresThatMakeNoSenseAreRefusedByName(String field, String value) {
    String call = tobin.openCall();
    Visitor.Answer refused =
        tobin.send("POST", call + "/choice", "{\"" + field + "\":" + value + "}");
    assertEquals(422, refused.status());
    assertEquals(field, refused.at("errors.0.path"));
  }

  @ParameterizedTest
  @CsvSource({"partPrice, -1", "labourHours, 1001", "leadDays, -1", "wattsPerThousandCfm, 1e6"})
  void aPriceThatMakesNoSenseIsRefusedAndTheOldOneStands(String field, String value) {
    String call = tobin.openCall();
    String path = call + "/offers/";
    tobin.put(path + UUID.randomUUID(), "{\"route\":\"SAME_MOTOR\",\"partPrice\":800}");
    Visitor.Answer refused =
        tobin.put(
            path + UUID.randomUUID(), "{\"route\":\"SAME_MOTOR\",\"" + field + "\":" + value + "}");
    assertEquals(422, refused.status());
    assertEquals(field, refused.at("errors.0.path"));
    assertEquals(800.0, way(tobin.get(call), "SAME_MOTOR").get("partPrice"));
  }

  @Test
  void datesInTheWrongOrderAreRefused() {
    Visitor.Answer refused =
        tobin.put(
            "/api/calls/" + UUID.randomUUID(),
            told("")
                .replace(
                    "\"coolingTons\":3",
                    "\"installed\":\"2020-01-02\",\"warrantyUntil\":\"2020-01-01\""));
    assertEquals(422, refused.status());
    assertEquals("unit.warrantyUntil", refused.at("errors.0.path"));
  }

  /**
   * A motor of two voltages is chosen only with its link ticked; the choice keeps all it stood on.
   */
  @Test
  void aChoiceKeepsMotorTicksAndWhatItStoodOn() {
    String call = shorted("");
    String name = motor("115/208-230");
    String chosen = "{\"route\":\"EQUIVALENT_MOTOR\",\"candidate\":\"" + name + "\",\"done\":[%s]}";
    Visitor.Answer unread = decide(call, chosen.formatted("\"horsepower\""));
    assertEquals(422, unread.status());
    assertEquals("done", unread.at("errors.0.path"));
    Visitor.Answer kept = decide(call, chosen.formatted("\"volts\""));
    assertEquals(200, kept.status(), kept.body());
    assertEquals(name, kept.at("decisions.0.candidate"));
    assertTrue(String.valueOf(kept.at("decisions.0.done.0")).contains("OUT"), kept.body());
    assertEquals(350 + 120.0, kept.at("decisions.0.firstCost"), "an hour at the shop's rate");
    Visitor.Answer revised = decide(call, "{\"route\":\"SAME_MOTOR\"}");
    assertEquals(2, revised.list("decisions").size(), "the old one stays");
    Visitor.Answer stood = tobin.get(call + "/decisions/" + kept.at("decisions.0.id"));
    assertEquals(6, stood.list("case.facts").size());
    assertEquals(9, stood.list("options.routes").size());
    assertTrue(stood.list("options.candidates").size() >= 1);
    assertEquals(404, tobin.get(call + "/decisions/" + UUID.randomUUID()).status());
  }

  /** Each choice keeps all that it stood on: one call is no store. */
  @Sampled(3)
  @Test
  void aCallHoldsNoMoreThanAHundredChoices() {
    String call = tobin.openCall();
    String first = call + "/decisions/" + UUID.randomUUID();
    String body = "{\"route\":\"SAME_MOTOR\"}";
    assertEquals(200, tobin.put(first, body).status());
    for (int times = 1; times < 100; times++) {
      assertEquals(200, tobin.put(call + "/decisions/" + UUID.randomUUID(), body).status());
    }
    Visitor.Answer more = tobin.put(call + "/decisions/" + UUID.randomUUID(), body);
    assertEquals(409, more.status(), more.body());
    assertTrue(more.body().contains("at most 100"), more.body());
    // What is kept already is kept again without a word.
    assertEquals(200, tobin.put(first, body).status());
  }

  @Test
  void aMotorThatDoesNotGoThereIsRefused() {
    String call = shorted("");
    String name = motor("115");
    Visitor.Answer no =
        decide(call, "{\"route\":\"EQUIVALENT_MOTOR\",\"candidate\":\"" + name + "\"}");
    assertEquals(422, no.status());
    assertEquals("candidate", no.at("errors.0.path"));
    Visitor.Answer nobody =
        decide(call, "{\"route\":\"EQUIVALENT_MOTOR\",\"candidate\":\"nobody's\"}");
    assertEquals("candidate", nobody.at("errors.0.path"));
  }

  /** What is ticked is met; only what can be ticked can be told. */
  @Test
  void aConditionIsTickedAndTakenBack() {
    String hot = ",\"agreed\":[%s]";
    String call = "/api/calls/" + UUID.randomUUID();
    String electric = told("").replace("\"coolingTons\":3", "\"heating\":[\"ELECTRIC\"]");
    tobin.put(call, electric);
    assertTrue(way(tobin.get(call), "FIXED_SPEED").toString().contains("HEAT_WITHOUT_AIR"));
    String ticked =
        electric.substring(0, electric.length() - 1) + hot.formatted("\"HEAT_WITHOUT_AIR\"") + "}";
    Visitor.Answer met = tobin.put(call + "/particulars/" + UUID.randomUUID(), ticked);
    assertEquals(200, met.status(), met.body());
    assertEquals(
        "HEAT_WITHOUT_AIR",
        ((Map<?, ?>) ((List<?>) way(met, "FIXED_SPEED").get("met")).get(0)).get("id"));
    Visitor.Answer odd =
        tobin.put(
            call + "/particulars/" + UUID.randomUUID(),
            ticked.replace("HEAT_WITHOUT_AIR", "WINDING_FAULTY"));
    assertEquals(422, odd.status());
    assertEquals("agreed", odd.at("errors.0.path"));
  }

  /** The shop's habits and figures are a lead's to set, and hold for the calls that are open. */
  @Test
  void theShopsFiguresDecide() {
    String call = shorted("");
    Visitor.Answer before = tobin.get("/api/shop/settings");
    String path = ines.settings();
    String body =
        "{\"labourPerHour\":100,\"balanceLimitPercent\":10,\"currency\":\"EUR\",\"taxPercent\":20,"
            + "\"habits\":[\"REPAIRED_HERE\"]}";
    assertEquals(403, tobin.put(path, body).status());
    try {
      Visitor.Answer set = ines.put(path, body);
      assertEquals(200, set.status(), set.body());
      assertTrue(set.list("settings.habits").contains("REPAIRED_HERE"));
      assertEquals(6, set.list("settings.habits").size(), "one to each school");
      assertNull(set.at("settings.energyPerKwh"));
      tobin.put(
          call + "/offers/" + UUID.randomUUID(),
          "{\"route\":\"SAME_MOTOR\",\"partPrice\":500,\"labourHours\":1}");
      Map<?, ?> same = way(tobin.get(call), "SAME_MOTOR");
      assertEquals(600.0, same.get("firstCost"));
      assertEquals(100.0, same.get("tax"), "20 % of the part");
      assertEquals("CONDITIONAL", way(tobin.get(call), "REPAIR_OTHER").get("state"));
      Visitor.Answer bad =
          ines.put(
              ines.settings(),
              body.replace("\"taxPercent\":20", "\"taxPercent\":-1,\"energyPerKwh\":2000"));
      assertEquals(422, bad.status());
      assertEquals(2, bad.list("errors").size());
    } finally {
      String was = Json.write(before.at("settings")).replace("\"Etc/UTC\"", "\"UTC\"");
      assertEquals(200, ines.put(ines.settings(), was).status());
    }
  }
}
