package variablerotor.server.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.core.casefile.InputFaults;
import variablerotor.json.Json;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Practice and the simulated meter, through the real API. */
@ExtendWith(Server.class)
class PracticeApiTest {
  private final Server server;
  private final Visitor tobin;

  PracticeApiTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  private String begin(String family, String fault) {
    String id = UUID.randomUUID().toString();
    Visitor.Answer call =
        tobin.put(
            "/api/practice/" + id,
            "{\"family\":\""
                + family
                + "\",\"symptom\":\"NO_RUN\",\"fault\":\""
                + fault
                + "\",\"severity\":0.5}");
    assertEquals(200, call.status(), call.body());
    assertEquals(true, call.at("practice"));
    return id;
  }

  /** Displays of the meter as they come, until one is steady. */
  private List<Map<?, ?>> displays(String machine, String fact) throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(
                URI.create(server.url("/api/meter/" + machine + "/display?fact=" + fact)))
            .header("Cookie", "rotor=" + tobin.cookie("rotor"))
            .build();
    HttpResponse<java.io.InputStream> stream =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofInputStream());
    assertEquals(200, stream.statusCode());
    List<Map<?, ?>> displays = new ArrayList<>();
    try (BufferedReader lines = new BufferedReader(new InputStreamReader(stream.body()))) {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        if (line.startsWith("data:")) {
          displays.add((Map<?, ?>) read(line.substring(5)));
          if (Boolean.TRUE.equals(displays.get(displays.size() - 1).get("steady"))
              || displays.size() > 20) {
            break;
          }
        }
      }
    }
    return displays;
  }

  /** Sixty streams of one person shut everybody else out once. */
  @Test
  void onePersonHoldsFourMetersAndNoMore() throws Exception {
    String machine = begin("CONSTANT_TORQUE", "MODULE_DEAD");
    Visitor ines = server.lead();
    List<java.io.InputStream> open = new ArrayList<>();
    try {
      List<Integer> answers = new ArrayList<>();
      for (int at = 0; at < 5; at++) {
        HttpResponse<java.io.InputStream> stream = stream(ines, machine);
        open.add(stream.body());
        answers.add(stream.statusCode());
      }
      assertEquals(List.of(200, 200, 200, 200, 429), answers);
      HttpResponse<java.io.InputStream> other = stream(tobin, machine);
      open.add(other.body());
      assertEquals(200, other.statusCode(), "others still can");
    } finally {
      for (java.io.InputStream one : open) {
        one.close();
      }
    }
  }

  private HttpResponse<java.io.InputStream> stream(Visitor who, String machine) throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(
                URI.create(server.url("/api/meter/" + machine + "/display?fact=line.volts")))
            .header("Cookie", "rotor=" + who.cookie("rotor"))
            .build();
    return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofInputStream());
  }

  private static Object read(String json) {
    try {
      return Json.read(json);
    } catch (InputFaults faults) {
      throw new IllegalStateException(faults);
    }
  }

  @Test
  void theMeterStreamsSettlesAndShowsWhatIsThere() throws Exception {
    String machine = begin("BLDC_FIVE_WIRE", "MODULE_PULLS_DOWN");
    List<Map<?, ?>> bus = displays(machine, "bus.volts");
    assertEquals(false, bus.get(0).get("steady"));
    Map<?, ?> steady = bus.get(bus.size() - 1);
    assertEquals("V DC", steady.get("unit"));
    assertTrue((Double) steady.get("value") < 270, steady.toString());
    List<Map<?, ?>> unplugged = displays(machine, "bus.volts.unplugged");
    assertTrue((Double) unplugged.get(unplugged.size() - 1).get("value") > 300);
  }

  @Test
  void overLimitIsShownAsSuch() throws Exception {
    String machine = begin("CONSTANT_TORQUE", "WINDING_OPEN");
    int overLimit = 0;
    for (String pair : List.of("winding.ab", "winding.bc", "winding.ca")) {
      List<Map<?, ?>> shown = displays(machine, pair);
      overLimit += "OL".equals(shown.get(shown.size() - 1).get("text")) ? 1 : 0;
    }
    assertEquals(2, overLimit);
  }

  @Test
  void aPractisedCallIsProvedLookedBackOnAndKeptOutOfTheList() throws Exception {
    String id = begin("CONSTANT_TORQUE", "SUPPLY_LINE_LOST");
    String call = "/api/calls/" + id;
    Visitor.Answer peeked = server.lead().get("/api/practice/" + id + "/debrief");
    assertEquals(403, peeked.status(), "what is hidden is not told to somebody else");
    List<Map<?, ?>> line = displays(id, "line.volts");
    Object volts = line.get(line.size() - 1).get("value");
    Visitor.Answer proved = tobin.read(call, "line.volts", String.valueOf(volts));
    assertEquals(List.of("SUPPLY"), proved.at("diagnosis.verdict.suspects"));
    assertEquals(200, server.lead().get("/api/practice/" + id + "/debrief").status());
    Visitor.Answer debrief = tobin.get("/api/practice/" + id + "/debrief");
    assertEquals("PROVED", debrief.at("debrief.outcome"));
    assertEquals(1.0, debrief.at("debrief.minutes"));
    assertEquals(List.of("SUPPLY"), debrief.at("debrief.suspects"));
    assertEquals(2.0, debrief.at("cost"), "one minute at 120 an hour");
    assertFalse(tobin.get("/api/calls?search=practice").body().contains(id));
  }

  /**
   * Met as on a call: of many lines measured once, some are read wrong; what is measured again is
   * another reading, and the look back tells of what once more would have shown.
   */
  @Test
  void aMotorMetAsOnACallIsReadWrongNowAndThen() throws Exception {
    String id = UUID.randomUUID().toString();
    String wanted = "{\"family\":\"EC_PLUG_FAN\",\"symptom\":\"NO_RUN\",\"onACall\":true}";
    assertEquals(200, tobin.put("/api/practice/" + id, wanted).status());
    assertEquals(200, tobin.put("/api/practice/" + id, wanted).status(), "the same again");
    List<Map<?, ?>> line = displays(id, "line.volts.ab");
    String first = String.valueOf(line.get(line.size() - 1).get("value"));
    tobin.read("/api/calls/" + id, "line.volts.ab", first);
    List<Map<?, ?>> second = displays(id, "line.volts.ab");
    assertEquals(true, second.get(second.size() - 1).get("steady"));
    Visitor.Answer debrief = tobin.get("/api/practice/" + id + "/debrief");
    assertEquals(200, debrief.status(), debrief.body());
    assertTrue(debrief.list("debrief.secondLooks") != null);
  }

  @Test
  void whatHandsAndEyesFindIsAnsweredWithoutTheMeter() {
    String machine = begin("CONSTANT_TORQUE", "BEARING_SEIZED");
    Visitor.Answer feel = tobin.get("/api/meter/" + machine + "/answers?check=shaft.feel");
    assertEquals("shaft.feel", feel.at("0.fact"));
    assertEquals("LOCKED", feel.at("0.value"));
    assertEquals(
        List.of(), tobin.get("/api/meter/" + machine + "/answers?check=line.volts").list(""));
    assertEquals(404, tobin.get("/api/meter/" + machine + "/answers?check=nosuch").status());
  }

  @Test
  void aMeterConnectsToACallsOwnMotor() throws Exception {
    String id = UUID.randomUUID().toString();
    Visitor.Answer connected =
        tobin.put(
            "/api/meter/" + id,
            "{\"family\":\"CONSTANT_TORQUE\",\"symptom\":\"NO_RUN\",\"fault\":\"MODULE_DEAD\","
                + "\"volts\":\"115\"}");
    assertEquals(id, connected.at("id"));
    List<Map<?, ?>> line = displays(id, "line.volts");
    assertEquals(118, (Double) line.get(line.size() - 1).get("value"), 6, "as the plate has it");
  }

  @Test
  void whatCannotBeIsRefused() {
    String path = "/api/practice/" + UUID.randomUUID();
    Visitor.Answer empty = tobin.put(path, "{}");
    assertEquals(422, empty.status());
    assertEquals("family", empty.at("errors.0.path"));
    assertEquals("symptom", empty.at("errors.1.path"));
    assertEquals(
        "fault",
        tobin
            .put(
                path,
                "{\"family\":\"EC_PLUG_FAN\",\"symptom\":\"NO_RUN\",\"fault\":\"WINDING_OPEN\"}")
            .at("errors.0.path"));
    assertEquals(
        "severity",
        tobin
            .put(
                path,
                "{\"family\":\"EC_PLUG_FAN\",\"symptom\":\"NO_RUN\",\"fault\":\"MODULE_DEAD\","
                    + "\"severity\":4}")
            .at("errors.0.path"));
    String machine = begin("EC_PLUG_FAN", "MODULE_DEAD");
    assertEquals(422, tobin.get("/api/meter/" + machine + "/display?fact=bus.colour").status());
    assertEquals(
        404, tobin.get("/api/meter/" + UUID.randomUUID() + "/display?fact=line.volts").status());
    assertEquals(404, tobin.get("/api/practice/" + UUID.randomUUID() + "/debrief").status());
    String real = tobin.openCall();
    assertEquals(
        404,
        tobin.get(real.replace("/api/calls/", "/api/practice/") + "/debrief").status(),
        "a real call has nothing hidden");
    assertEquals(400, tobin.get("/api/practice/faults?family=WINDMILL&symptom=NO_RUN").status());
    assertNotNull(
        tobin.get("/api/practice/faults?family=EC_PLUG_FAN&symptom=NO_RUN").at("0.title"));
  }
}
