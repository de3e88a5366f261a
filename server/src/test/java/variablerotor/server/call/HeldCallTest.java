package variablerotor.server.call;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.tree.Tree;
import variablerotor.core.view.CallAnswers;
import variablerotor.json.Json;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** What a page works out of a call's log is what the server says of the call, field by field. */
class HeldCallTest {
  private static final Map<String, Object> SIGNED =
      Tree.of("strokes", "M10 20L30 40L50 20M60 60L70 70", "under", List.of("Same motor: USD 612"));

  /**
   * Of its own: what other tests do to the shop's stock would be seen by one and not by the other.
   */
  private static Server server;

  private final Visitor tobin = server.technician();

  @BeforeAll
  static void start() {
    server = Server.told(true);
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static Map<String, Object> asked(Object log, Object... saves) {
    // As the day is on the server, in the shop's zone.
    return Tree.of("log", log, "saves", List.of(saves), "today", today());
  }

  private static String today() {
    return LocalDate.now(ZoneId.systemDefault()).toString();
  }

  private static Object plain(Object tree) throws InputFaults {
    return Json.read(Json.write(tree));
  }

  private CallAnswers device() throws InputFaults {
    CallAnswers device = new CallAnswers();
    device.shop(Json.read(tobin.get("/api/calls/shop").body()));
    return device;
  }

  private Map<?, ?> both(String path) throws InputFaults {
    return (Map<?, ?>) Json.read(tobin.get(path, Map.of("Rotor-Answer", "both")).body());
  }

  /** The demo shop's calls hold of everything something: wirings, steps, proofs, photos, ends. */
  @Test
  void everyCallOfTheShopIsWorkedOutTheSame() throws InputFaults {
    List<?> rows = (List<?>) Json.read(tobin.get("/api/calls?size=100").body());
    CallAnswers device = device();
    int decided = 0;
    for (Object row : rows) {
      String path = "/api/calls/" + ((Map<?, ?>) row).get("id");
      Map<?, ?> view = workedOutTheSame(device, path);
      decided += ((List<?>) view.get("decisions")).isEmpty() ? 0 : 1;
    }
    assertTrue(rows.size() > 5 && decided > 2, rows.size() + " calls, " + decided + " decided");
  }

  private Map<?, ?> workedOutTheSame(CallAnswers device, String path) throws InputFaults {
    Map<?, ?> both = both(path);
    Object sheet = Json.read(tobin.get(path + "/sheet/words").body());
    Object asked = asked(both.get("log"));
    assertEquals(both.get("view"), plain(device.call(asked)), path);
    assertEquals(sheet, plain(device.sheet(asked)), path);
    return (Map<?, ?>) both.get("view");
  }

  /** What is entered without a radio says the same before it is sent and after. */
  @Test
  void whatWaitsSaysWhatItSaysOnceItIsSent() throws InputFaults {
    String call = tobin.openCall();
    CallAnswers device = device();
    Object log = both(call).get("log");
    List<Object> waiting = new ArrayList<>();
    for (Map<String, Object> body :
        List.of(
            Tree.of("fact", "line.volts", "value", 240),
            Tree.of("fact", "command.volts", "value", 25.1),
            Tree.of("fact", "shaft.feel", "value", "FREE", "note", " by hand "),
            Tree.of("fact", "winding.ab", "value", 22),
            Tree.of("fact", "winding.bc", "value", 22),
            Tree.of("fact", "winding.ca", "value", 22),
            Tree.of("fact", "winding.frame.a", "value", "OL"))) {
      waiting.add(save("readings", body));
    }
    waiting.add(save("offers", Tree.of("route", "SAME_MOTOR", "partPrice", 410)));
    waiting.add(
        save("answers", Tree.of("by", "Mrs Fell", "route", "SAME_MOTOR", "signed", SIGNED)));
    waiting.add(save("decisions", Tree.of("route", "SAME_MOTOR", "done", List.of())));
    waiting.add(save("outcomes", Tree.of("was", "NO", "found", List.of("MODULE"), "note", "x")));
    Map<?, ?> before = (Map<?, ?>) plain(device.call(asked(log, waiting.toArray())));
    for (Object one : waiting) {
      Map<?, ?> save = (Map<?, ?>) one;
      Visitor.Answer sent =
          tobin.put(
              call + "/" + save.get("kind") + "/" + save.get("id"), Json.write(save.get("body")));
      assertEquals(200, sent.status(), sent.body());
    }
    Map<?, ?> both = both(call);
    Map<?, ?> after = (Map<?, ?>) both.get("view");
    assertEquals(stampless(after), stampless(before));
    assertEquals(after, plain(device.call(asked(both.get("log")))));
  }

  private static Map<String, Object> save(String kind, Object body) {
    return Tree.of(
        "id",
        UUID.randomUUID().toString(),
        "kind",
        kind,
        "body",
        body,
        "author",
        "Tobin Ashgrove",
        "at",
        Instant.now().toString());
  }

  /** Without the times, which are the server's once it has them. */
  private static Object stampless(Object tree) {
    if (tree instanceof Map<?, ?> map) {
      Map<String, Object> left = new LinkedHashMap<>();
      map.forEach(
          (name, value) -> {
            if (!name.equals("at") && !name.equals("changedAt")) {
              left.put(String.valueOf(name), stampless(value));
            }
          });
      return left;
    }
    return tree instanceof List<?> list
        ? list.stream().map(HeldCallTest::stampless).toList()
        : tree;
  }

  @Test
  void aSaveIsAnsweredWithTheLogWhereThatIsAskedFor() throws InputFaults {
    String call = tobin.openCall();
    Visitor.Answer log =
        tobin.put(
            call + "/readings/" + UUID.randomUUID(),
            "{\"fact\":\"line.volts\",\"value\":240}",
            Map.of("Rotor-Answer", "log"));
    assertEquals("variable-rotor-log", log.at("format"));
    assertEquals("line.volts", log.at("readings.0.fact.id"));
    assertEquals("OPEN", tobin.get(call).at("diagnosis.verdict.state"));
  }

  @Test
  void aChoiceByAnotherVerdictIsAskedForAgain() {
    String call = tobin.openCall();
    String body =
        "{\"route\":\"SAME_MOTOR\",\"on\":{\"state\":\"DECIDED\",\"suspects\":[\"WINDING\"]}}";
    Visitor.Answer refused = tobin.put(call + "/decisions/" + UUID.randomUUID(), body);
    assertEquals(422, refused.status());
    assertEquals("on", refused.at("errors.0.path"));
    assertTrue(refused.body().contains("choose again"), refused.body());
    String older = body.replace("]}}", "],\"engine\":\"0.1.0\"}}");
    refused = tobin.put(call + "/decisions/" + UUID.randomUUID(), older);
    assertTrue(refused.body().contains("Rules of version 0.1.0"), refused.body());
    // The same by other rules stands.
    String open =
        "{\"route\":\"SAME_MOTOR\",\"on\":{\"state\":\"OPEN\",\"suspects\":[],\"engine\":\"0.1.0\"}}";
    assertEquals(200, tobin.put(call + "/decisions/" + UUID.randomUUID(), open).status());
  }

  /** The shop is large: who has it as it is does not get it once more. */
  @Test
  void theShopIsSentToWhoHasAnother() {
    Visitor.Answer first = tobin.get("/api/calls/shop");
    String tag = first.headers().firstValue("ETag").orElseThrow();
    Visitor.Answer again = tobin.get("/api/calls/shop", Map.of("If-None-Match", tag));
    assertEquals(304, again.status());
    assertEquals("", again.body());
    assertEquals(200, tobin.get("/api/calls/shop", Map.of("If-None-Match", "\"other\"")).status());
  }
}
