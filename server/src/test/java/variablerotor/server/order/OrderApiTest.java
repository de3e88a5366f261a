package variablerotor.server.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** What a job takes: taken, ordered, arrived, and lent meanwhile. */
@ExtendWith(Server.class)
class OrderApiTest {
  private final Visitor tobin;
  private final String own = "O" + UUID.randomUUID().toString().substring(0, 8);

  OrderApiTest(Server server) {
    tobin = server.technician();
  }

  /** A call on which the unit maker's motor is chosen, found under this number. */
  private String chosen(String number) {
    String call = tobin.openCall();
    tobin.put(
        call + "/found/" + UUID.randomUUID(),
        "{\"route\":\"SAME_MOTOR\",\"kind\":\"MOTOR\",\"number\":\"" + number + "\"}");
    Visitor.Answer decided =
        tobin.put(call + "/decisions/" + UUID.randomUUID(), "{\"route\":\"SAME_MOTOR\"}");
    assertEquals(200, decided.status(), decided.body());
    return call;
  }

  private UUID motor(String number, int count) {
    UUID part = UUID.randomUUID();
    tobin.put(
        "/api/stock/parts/" + part + "/editions/" + UUID.randomUUID(),
        "{\"number\":\"" + number + "\",\"kind\":\"MOTOR\",\"price\":400}");
    if (count > 0) {
      move(part, "RECEIVED", count, "");
    }
    return part;
  }

  private Visitor.Answer move(UUID part, String reason, int count, String more) {
    return tobin.put(
        "/api/stock/parts/" + part + "/moves/" + UUID.randomUUID(),
        "{\"reason\":\""
            + reason
            + "\",\"at\":\"SHELF\",\"where\":\"Q1\",\"count\":"
            + count
            + more
            + "}");
  }

  private static String id(String call) {
    return call.substring(call.lastIndexOf('/') + 1);
  }

  private Visitor.Answer order(String call, String number, String more) {
    return tobin.put(
        call + "/orders/" + UUID.randomUUID(),
        "{\"kind\":\"MOTOR\",\"number\":\""
            + number
            + "\",\"name\":\"A motor\",\"count\":1"
            + more
            + "}");
  }

  private Visitor.Answer news(Visitor.Answer parts, String body) {
    String order = (String) parts.at("orders.0.order.id");
    return tobin.put("/api/orders/" + order + "/news/" + UUID.randomUUID(), body);
  }

  @Test
  void whatLiesOnTheShelfIsTakenAndThenNothingIsLeftToGet() {
    UUID part = motor(own + "-a", 1);
    String call = chosen(own + "-a");
    Visitor.Answer parts = tobin.get(call + "/parts");
    assertEquals("HAVE", parts.at("needs.0.line.state"), parts.body());
    assertEquals("Q1", parts.at("needs.0.line.takes.0.where"));
    move(part, "TAKEN", 1, ",\"call\":\"" + id(call) + "\"");
    Visitor.Answer after = tobin.get(call + "/parts");
    assertNull(after.at("needs.0.line"));
    assertEquals(1.0, after.at("needs.0.taken"));
    assertEquals(own + "-a", after.at("taken.0.number"));
  }

  @Test
  void whatIsOrderedIsDueMovedAndArrives() {
    motor(own + "-b", 0);
    String call = chosen(own + "-b");
    assertEquals("MISSING", tobin.get(call + "/parts").at("needs.0.line.state"));
    String due = LocalDate.now().plusDays(4).toString();
    Visitor.Answer ordered = order(call, own + "-b", ",\"price\":684,\"due\":\"" + due + "\"");
    assertEquals(200, ordered.status(), ordered.body());
    assertEquals(1.0, ordered.at("needs.0.ordered"));
    assertNull(ordered.at("needs.0.line"));
    assertEquals(due, ordered.at("orders.0.order.due"));
    String before = LocalDate.now().minusDays(2).toString();
    Visitor.Answer late = news(ordered, "{\"what\":\"DUE\",\"due\":\"" + before + "\"}");
    assertEquals(Boolean.TRUE, late.at("orders.0.late"));
    assertEquals(422, news(ordered, "{\"what\":\"DUE\"}").status());
    Visitor.Answer there = news(ordered, "{\"what\":\"ARRIVED\"}");
    assertEquals("ARRIVED", there.at("orders.0.order.state"));
    assertEquals(1.0, there.at("needs.0.arrived"));
    assertEquals(409, news(ordered, "{\"what\":\"CANCELLED\"}").status());
    assertTrue(
        tobin.get("/api/orders").list("").stream()
            .anyMatch(one -> one.toString().contains(own + "-b")));
  }

  @Test
  void whatWasCancelledIsToBeGotAgain() {
    motor(own + "-c", 0);
    String call = chosen(own + "-c");
    Visitor.Answer cancelled = news(order(call, own + "-c", ""), "{\"what\":\"CANCELLED\"}");
    assertEquals("MISSING", cancelled.at("needs.0.line.state"));
  }

  @ParameterizedTest
  @CsvSource({
    "number, '\"number\":\"--\"'",
    "count, '\"count\":0'",
    "count, '\"count\":1001'",
    "price, '\"price\":-1'",
    "price, '\"price\":1e9'",
    "due, '\"due\":\"2001-01-01\"'",
    "due, '\"due\":\"2101-01-01\"'",
    "kind, '\"kind\":null'"
  })
  void anOrderThatCannotBeIsToldWithItsField(String field, String json) {
    String call = tobin.openCall();
    String body = "{\"kind\":\"MOTOR\",\"number\":\"N\",\"name\":\"A\",\"count\":1}";
    String wrong =
        body.contains("\"" + field + "\"")
            ? body.replaceFirst("\"" + field + "\":(\"[^\"]*\"|\\d+)", json)
            : body.replace("}", "," + json + "}");
    Visitor.Answer answer = tobin.put(call + "/orders/" + UUID.randomUUID(), wrong);
    assertEquals(422, answer.status(), wrong + answer.body());
    assertEquals(field, answer.at("errors.0.path"));
  }

  private Visitor.Answer lend(String call, UUID part) {
    return tobin.put(
        call + "/loans/" + UUID.randomUUID(),
        "{\"part\":\"" + part + "\",\"at\":\"SHELF\",\"where\":\"Q1\"}");
  }

  private Map<?, ?> loan(String call) {
    return (Map<?, ?>) tobin.get(call + "/parts").list("loans").get(0);
  }

  /**
   * It leaves the shelf, is due with what is ordered, is fetched once that is there, comes back.
   */
  @Test
  void aLoanerIsDueWhenTheOrderedPartIs() {
    UUID loaner = motor(own + "-loan", 1);
    motor(own + "-d", 0);
    String call = chosen(own + "-d");
    assertEquals(200, lend(call, loaner).status());
    assertEquals(409, lend(call, loaner).status(), "there was one");
    assertNull(loan(call).get("due"));
    String due = LocalDate.now().plusDays(6).toString();
    Visitor.Answer ordered = order(call, own + "-d", ",\"due\":\"" + due + "\"");
    assertEquals(due, loan(call).get("due"));
    assertEquals(Boolean.FALSE, loan(call).get("late"));
    news(ordered, "{\"what\":\"ARRIVED\"}");
    assertEquals(Boolean.TRUE, loan(call).get("late"), "it is to be fetched now");
    String id = (String) ((Map<?, ?>) loan(call).get("loan")).get("id");
    String back = "/api/loans/" + id + "/returns/";
    String where = "{\"at\":\"VAN\",\"where\":\"Dunlin\"}";
    String save = back + UUID.randomUUID();
    assertEquals(200, tobin.put(save, where).status());
    assertEquals(200, tobin.put(save, where).status(), "sent again");
    assertEquals(409, tobin.put(back + UUID.randomUUID(), where).status(), "back already");
    List<?> places = tobin.get("/api/stock/find?q=" + own + "-loan").list("parts.0.found.places");
    assertEquals("[{at=VAN, count=1.0, where=Dunlin}]", "" + List.of(sorted(places.get(0))));
  }

  private static Map<String, Object> sorted(Object map) {
    Map<String, Object> sorted = new java.util.TreeMap<>();
    ((Map<?, ?>) map).forEach((key, value) -> sorted.put((String) key, value));
    return sorted;
  }

  /**
   * Lent, taken, put back and ordered at once for one call: nobody waits for each other forever.
   */
  @Test
  void manyThingsAtOnceOnOneCall() throws Exception {
    UUID part = motor(own + "-f", 40);
    String call = chosen(own + "-f");
    String forCall = ",\"call\":\"" + id(call) + "\"";
    List<Callable<Integer>> doings = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      doings.add(() -> lend(call, part).status());
      doings.add(() -> move(part, "TAKEN", 1, forCall).status());
      doings.add(() -> order(call, own + "-f", "").status());
    }
    ExecutorService pool = Executors.newFixedThreadPool(8);
    for (Future<Integer> one : pool.invokeAll(doings)) {
      assertEquals(200, one.get());
    }
    pool.shutdown();
    assertEquals(
        16.0, tobin.get("/api/stock/find?q=" + own + "-f").at("parts.0.found.places.0.count"));
  }

  @Test
  void onlyMotorsAreLent() {
    UUID part = UUID.randomUUID();
    tobin.put(
        "/api/stock/parts/" + part + "/editions/" + UUID.randomUUID(),
        "{\"number\":\"" + own + "-e\",\"kind\":\"RELAY\"}");
    move(part, "RECEIVED", 1, "");
    Visitor.Answer answer = lend(tobin.openCall(), part);
    assertEquals(422, answer.status());
    assertEquals("part", answer.at("errors.0.path"));
    assertEquals(404, lend(tobin.openCall(), UUID.randomUUID()).status());
  }
}
