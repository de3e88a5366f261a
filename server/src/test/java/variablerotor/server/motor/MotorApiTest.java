package variablerotor.server.motor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;
import variablerotor.server.call.CallService;

/** Motors that the shop can get: typed, in and out as CSV, and the units that they fit. */
@ExtendWith(Server.class)
class MotorApiTest {
  private final Server server;
  private final Visitor tobin;

  MotorApiTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  private static String motor(String name, String more) {
    return "{\"id\":\""
        + name
        + "\",\"family\":\"CONSTANT_TORQUE\",\"volts\":\"208-230\",\"horsepower\":0.5"
        + more
        + "}";
  }

  private Visitor.Answer put(UUID motor, String body) {
    return tobin.put(
        "/api/motors/"
            + motor
            + "/editions/"
            + UUID.randomUUID()
            + tobin.base("/api/motors", motor),
        body);
  }

  private Visitor.Answer bringIn(UUID id, byte[] csv) {
    return tobin.exchange(
        HttpRequest.newBuilder()
            .PUT(HttpRequest.BodyPublishers.ofByteArray(csv))
            .header("Content-Type", "text/csv")
            .header("X-XSRF-TOKEN", tobin.cookie("XSRF-TOKEN")),
        "/api/motors/imports/" + id);
  }

  private Visitor.Answer bringIn(String csv) {
    return bringIn(UUID.randomUUID(), csv.getBytes(StandardCharsets.UTF_8));
  }

  private List<String> names() {
    return tobin.get("/api/motors").list("").stream()
        .map(row -> (Map<?, ?>) ((Map<?, ?>) row).get("motor"))
        .map(motor -> (String) ((Map<?, ?>) motor.get("candidate")).get("id"))
        .toList();
  }

  @Test
  void aMotorIsTypedChangedAndTakenAway() {
    UUID motor = UUID.randomUUID();
    String name = "Sorrel " + motor;
    assertEquals(200, put(motor, motor(name, ",\"price\":400,\"at\":\"VAN\"")).status());
    assertEquals(200, put(motor, motor(name, ",\"price\":420")).status());
    assertEquals(1, names().stream().filter(name::equals).count());
    Visitor.Answer twin = put(UUID.randomUUID(), motor(name.toUpperCase(), ""));
    assertEquals(422, twin.status());
    assertEquals("id", twin.at("errors.0.path"));
    String removal = "/api/motors/" + motor + "/removals/" + UUID.randomUUID();
    removal += tobin.base("/api/motors", motor);
    assertEquals(200, tobin.put(removal, "").status());
    assertEquals(200, tobin.put(removal, "").status(), "again");
    assertFalse(names().contains(name));
  }

  @ParameterizedTest
  @CsvSource({
    "price, -1",
    "price, 1e9",
    "leadDays, -2",
    "onHand, 1.5",
    "horsepower, 0",
    "volts, '\"12 volts\"'",
    "volts, null",
    "rotation, '\"UP\"'",
    "family, '\"PUMP\"'",
    "colour, '\"red\"'"
  })
  void whatMakesNoSenseIsRefusedByItsName(String field, String value) {
    Visitor.Answer refused =
        put(UUID.randomUUID(), motor("Sorrel bad", ",\"" + field + "\":" + value));
    // The same name twice in one object is no object of the format either.
    assertTrue(refused.status() == 422 || refused.status() == 400, refused.body());
    if (refused.status() == 422) {
      assertEquals(field, refused.at("errors.0.path"), refused.body());
    }
    assertFalse(names().contains("Sorrel bad"));
  }

  /** Six motors of one name at once: one comes in; and whoever changes an old edition is told. */
  @Test
  void oneNameIsOneMotorAndAnOldEditionIsNotWrittenOver() throws Exception {
    String name = "Sorrel " + UUID.randomUUID();
    String body = "{\"id\":\"" + name + "\",\"family\":\"PSC\",\"volts\":\"230\",\"price\":%d}";
    var pool = java.util.concurrent.Executors.newFixedThreadPool(6);
    List<java.util.concurrent.Callable<Visitor.Answer>> tries = new ArrayList<>();
    for (int one = 0; one < 6; one++) {
      String path = "/api/motors/" + UUID.randomUUID() + "/editions/" + UUID.randomUUID();
      tries.add(() -> tobin.put(path, body.formatted(100)));
    }
    int taken = 0;
    for (var answer : pool.invokeAll(tries)) {
      taken += answer.get().status() == 200 ? 1 : 0;
    }
    pool.shutdown();
    assertEquals(1, taken);
    Map<?, ?> row =
        (Map<?, ?>)
            tobin.get("/api/motors").list("").stream()
                .filter(one -> one.toString().contains(name))
                .findFirst()
                .orElseThrow();
    String path = "/api/motors/" + row.get("id") + "/editions/";
    String base = "?base=" + row.get("edition");
    assertEquals(200, tobin.put(path + UUID.randomUUID() + base, body.formatted(120)).status());
    Visitor.Answer late = tobin.put(path + UUID.randomUUID() + base, body.formatted(130));
    assertEquals(409, late.status());
    assertEquals("price", late.at("conflicts.0.field"), late.body());
    assertEquals(120.0, late.at("conflicts.0.theirs"));
    assertEquals(130.0, late.at("conflicts.0.yours"));
    assertEquals(409, tobin.put(path + UUID.randomUUID(), body.formatted(1)).status(), "no base");
    String away = "/api/motors/" + row.get("id") + "/removals/";
    assertEquals(409, tobin.put(away + UUID.randomUUID() + base, "").status(), "seen as it was");
    String now = tobin.base("/api/motors", row.get("id"));
    assertEquals(200, tobin.put(away + UUID.randomUUID() + now, "").status());
  }

  @Test
  void aListComesInAndGoesOutTheSame() {
    String csv =
        "\uFEFFid,family,volts,horsepower,price,adapters,feedback\r\n"
            + "\"Sedge, long\",CONSTANT_TORQUE,115/208-230,0.75,455.5,\"ring 42; harness\",false\r\n"
            + "\r\n"
            + "Sedge half,PSC,208-230,0.5,,,\r\n";
    UUID id = UUID.randomUUID();
    assertEquals(200, bringIn(id, csv.getBytes(StandardCharsets.UTF_8)).status());
    int before = names().size();
    assertEquals(200, bringIn(id, csv.getBytes(StandardCharsets.UTF_8)).status(), "sent again");
    assertEquals(200, bringIn(csv.replace("455.5", "470")).status(), "another price");
    assertEquals(before, names().size(), "a known name takes its own place");
    String out = tobin.get("/api/motors/export").body();
    assertTrue(out.contains("\"Sedge, long\",CONSTANT_TORQUE,0.75,115/208-230"), out);
    assertTrue(out.contains("ring 42; harness") && out.contains(",470,"), out);
    assertEquals(200, bringIn(out).status(), "what went out comes in");
    assertEquals(out, tobin.get("/api/motors/export").body());
  }

  @Test
  void everyBadRowIsToldAndNothingIsHalfTaken() {
    Visitor.Answer refused =
        bringIn(
            "id,family,volts,price\r\n"
                + "Rush one,PSC,230,10\r\n"
                + "Rush two,PSC,230,\"1,5\"\r\n"
                + "Rush three,PUMP,230,1\r\n"
                + "rush ONE,PSC,230,1\r\n"
                + ",PSC,230,1\r\n"
                + "Rush six,PSC,,1\r\n"
                + "Rush seven,PSC,230,-1\r\n"
                + "Rush eight,PSC,230,1,5\r\n");
    assertEquals(422, refused.status());
    List<?> paths =
        refused.list("errors").stream().map(error -> ((Map<?, ?>) error).get("path")).toList();
    assertTrue(
        paths.containsAll(
            List.of(
                "row 3, price",
                "row 4, family",
                "row 5, id",
                "row 6, id",
                "row 7, volts",
                "row 8, price",
                "row 9")),
        paths.toString());
    assertFalse(names().contains("Rush one"));
    assertEquals(
        "row 1", bringIn("id|family|volts\r\nRush|PSC|230\r\n").at("errors.0.path"), "strokes");
    assertEquals(422, bringIn(UUID.randomUUID(), new byte[] {'i', 'd', (byte) 0xff}).status());
    assertEquals(422, bringIn("id,family,volts\r\n\"Rush").status());
  }

  /** Both directions: which of the motors fit a call, and which units of calls a motor fits. */
  @Test
  void aMotorKnowsTheUnitsThatItFits() {
    String place = "Alder Street " + UUID.randomUUID();
    tobin.put(
        "/api/calls/" + UUID.randomUUID(),
        "{\"place\":\""
            + place
            + "\",\"unitName\":\"Loft\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"CONSTANT_TORQUE\","
            + "\"horsepower\":0.5,\"volts\":\"208-230\"},\"unit\":{\"boardNeedsFeedback\":false}}");
    UUID fits = UUID.randomUUID();
    put(fits, motor("Teal " + fits, ""));
    UUID small = UUID.randomUUID();
    put(small, motor("Teal " + small, "").replace("0.5", "0.25"));
    assertEquals("FITS", state(fits, place));
    assertEquals("NO", state(small, place));
    assertEquals(404, tobin.get("/api/motors/" + UUID.randomUUID() + "/units").status());
  }

  @Test
  void theVanIsPlannedFromTheUnitsOfPastCalls() {
    String place = "Elder Lane " + UUID.randomUUID();
    tobin.put(
        "/api/calls/" + UUID.randomUUID(),
        "{\"place\":\""
            + place
            + "\",\"unitName\":\"Loft\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"EC_PLUG_FAN\","
            + "\"horsepower\":2,\"volts\":\"277\"},\"unit\":{}}");
    UUID again = UUID.randomUUID();
    // A unit that failed again counts for two: what is carried is for failures, not for units.
    tobin.put(
        "/api/calls/" + again,
        "{\"place\":\""
            + place
            + "\",\"unitName\":\"Loft\",\"symptom\":\"NO_RUN\",\"motor\":{\"family\":\"EC_PLUG_FAN\","
            + "\"horsepower\":2,\"volts\":\"277\"},\"unit\":{}}");
    Visitor.Answer plan = tobin.get("/api/motors/van?slots=3");
    assertEquals(200, plan.status(), plan.body());
    assertEquals(3, plan.list("curve").size());
    assertEquals(true, plan.at("curve.2.optimal"));
    Map<?, ?> missed = missed(plan, place);
    CallService calls = server.bean(CallService.class);
    assertEquals(2.0, calls.perYear(List.of(again)).get(again), 0.01);
    assertTrue(calls.units(300).stream().anyMatch(one -> one.call().equals(again)));
    assertTrue(missed.get("sentence").toString().startsWith("Nothing fits"), missed.toString());
    assertEquals("slots", tobin.get("/api/motors/van?slots=0").at("errors.0.path"));
    assertEquals(400, tobin.get("/api/motors/van?slots=x").status());
  }

  private static Map<?, ?> missed(Visitor.Answer plan, String place) {
    return plan.list("uncovered").stream()
        .map(one -> (Map<?, ?>) one)
        .filter(one -> one.get("id").equals(place + ", Loft"))
        .findFirst()
        .orElseThrow();
  }

  private Object state(UUID motor, String place) {
    return tobin.get("/api/motors/" + motor + "/units").list("").stream()
        .map(row -> (Map<?, ?>) row)
        .filter(row -> place.equals(row.get("place")))
        .map(row -> ((Map<?, ?>) row.get("match")).get("state"))
        .findFirst()
        .orElseThrow();
  }
}
