package variablerotor.server.stock;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Parts of the stock: typed, counted, taken and put back, in and out as CSV. */
@ExtendWith(Server.class)
class StockApiTest {
  private final Server server;
  private final Visitor tobin;

  /** Numbers of this test's own: the stock is everybody's. */
  private final String own = "T" + UUID.randomUUID().toString().substring(0, 8);

  StockApiTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  private UUID part(String number, String more) {
    UUID part = UUID.randomUUID();
    Visitor.Answer kept = put(part, number, more);
    assertEquals(200, kept.status(), kept.body());
    return part;
  }

  private Visitor.Answer put(UUID part, String number, String more) {
    return tobin.put(
        "/api/stock/parts/"
            + part
            + "/editions/"
            + UUID.randomUUID()
            + tobin.base("/api/stock/parts", part),
        "{\"number\":\""
            + number
            + "\",\"name\":\"Relay\""
            + (more.contains("kind") ? "" : ",\"kind\":\"RELAY\"")
            + more
            + "}");
  }

  private Visitor.Answer move(UUID part, String reason, int count, String more) {
    return move(tobin, part, UUID.randomUUID(), reason, count, more);
  }

  private static Visitor.Answer move(
      Visitor who, UUID part, UUID id, String reason, int count, String more) {
    return who.put(
        "/api/stock/parts/" + part + "/moves/" + id,
        "{\"reason\":\""
            + reason
            + "\",\"at\":\"VAN\",\"where\":\"Wren\",\"count\":"
            + count
            + more
            + "}");
  }

  private static String forCall(String call) {
    return ",\"call\":\"" + call.substring(call.lastIndexOf('/') + 1) + "\"";
  }

  @Test
  void aPartIsTypedChangedAndTakenAway() {
    UUID part = part(own + "-a", ",\"price\":20,\"coilVolts\":24");
    assertEquals(200, put(part, own + "-a", ",\"price\":22").status());
    Visitor.Answer twin = put(UUID.randomUUID(), (own + "-A").toLowerCase(), "");
    assertEquals(422, twin.status());
    assertEquals("number", twin.at("errors.0.path"));
    assertEquals(200, move(part, "RECEIVED", 2, "").status());
    String removal = "/api/stock/parts/" + part + "/removals/" + UUID.randomUUID();
    assertEquals(409, tobin.put(removal, "").status(), "nobody has seen which");
    removal += tobin.base("/api/stock/parts", part);
    Visitor.Answer still = tobin.put(removal, "");
    assertEquals(409, still.status());
    assertTrue(((String) still.at("detail")).contains("still 2"), still.body());
    assertEquals(200, move(part, "COUNTED", 0, "").status());
    assertEquals(200, tobin.put(removal, "").status());
    assertEquals(200, tobin.put(removal, "").status(), "again");
  }

  @Test
  void whatIsTakenForACallIsGoneAndCanBePutBack() {
    UUID part = part(own + "-b", "");
    String call = tobin.openCall();
    assertEquals(2, (int) (double) (Double) move(part, "RECEIVED", 2, "").at("places.0.count"));
    UUID id = UUID.randomUUID();
    assertEquals(200, move(tobin, part, id, "TAKEN", 2, forCall(call)).status());
    assertEquals(200, move(tobin, part, id, "TAKEN", 2, forCall(call)).status(), "sent again");
    assertEquals(409, move(tobin, part, id, "TAKEN", 1, forCall(call)).status(), "another");
    Visitor.Answer none = move(part, "TAKEN", 1, forCall(call));
    assertEquals(409, none.status());
    assertTrue(((String) none.at("detail")).contains("none of"), none.body());
    Visitor.Answer more = move(part, "PUT_BACK", 3, forCall(call));
    assertEquals(422, more.status(), "no more than was taken");
    Visitor.Answer back = move(part, "PUT_BACK", 1, forCall(call));
    assertEquals(1.0, back.at("places.0.count"));
    List<?> moves = tobin.get("/api/stock/parts/" + part + "/moves").list("");
    assertEquals(
        List.of("PUT_BACK", "TAKEN", "RECEIVED"),
        moves.stream().map(one -> ((Map<?, ?>) one).get("reason")).toList());
  }

  @Test
  void whatIsMovedLeavesOnePlaceAndComesToTheOther() {
    UUID part = part(own + "-c", "");
    move(part, "RECEIVED", 5, "");
    String to = ",\"toAt\":\"SHELF\",\"toWhere\":\"B7\"";
    Visitor.Answer moved = move(part, "MOVED", 2, to);
    assertEquals(3.0, moved.at("places.0.count"));
    assertEquals("B7", moved.at("places.1.where"));
    assertEquals(2.0, moved.at("places.1.count"));
    assertEquals(409, move(part, "MOVED", 4, to).status());
    assertEquals(422, move(part, "MOVED", 1, ",\"toAt\":\"VAN\",\"toWhere\":\"Wren\"").status());
  }

  @ParameterizedTest
  @CsvSource({
    "RECEIVED, 0, count",
    "RECEIVED, -1, count",
    "COUNTED, -1, count",
    "RECEIVED, 10001, count",
    "TAKEN, 1, call",
    "LENT, 1, reason",
    "RETURNED, 1, reason",
    "MOVED, 1, toAt"
  })
  void aCountThatCannotBeIsToldWithItsField(String reason, int count, String field) {
    Visitor.Answer answer = move(part(own + "-d" + count + reason, ""), reason, count, "");
    assertEquals(422, answer.status(), answer.body());
    assertEquals(field, answer.at("errors.0.path"));
  }

  /** Ten people take the last three at the same moment: three get one, seven are told. */
  @Test
  void theLastOneIsTakenOnce() throws Exception {
    UUID part = part(own + "-e", "");
    move(part, "RECEIVED", 3, "");
    String call = tobin.openCall();
    ExecutorService pool = Executors.newFixedThreadPool(10);
    CountDownLatch ready = new CountDownLatch(1);
    List<Future<Integer>> answers = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      Visitor who = i < 4 ? server.technician() : tobin;
      answers.add(
          pool.submit(
              () -> {
                ready.await();
                return move(who, part, UUID.randomUUID(), "TAKEN", 1, forCall(call)).status();
              }));
    }
    ready.countDown();
    List<Integer> got = new ArrayList<>();
    for (Future<Integer> one : answers) {
      got.add(one.get());
    }
    pool.shutdown();
    assertEquals(3, Collections.frequency(got, 200), "" + got);
    assertEquals(7, Collections.frequency(got, 409), "" + got);
    assertEquals(0, total(part));
  }

  private int total(UUID part) {
    for (Object row : tobin.get("/api/stock/parts").list("")) {
      Map<?, ?> one = (Map<?, ?>) row;
      if (part.toString().equals(one.get("id"))) {
        int total = 0;
        for (Object place : (List<?>) one.get("places")) {
          total += ((Double) ((Map<?, ?>) place).get("count")).intValue();
        }
        return total;
      }
    }
    return -1;
  }

  private Visitor.Answer bringIn(UUID id, byte[] csv) {
    return tobin.exchange(
        HttpRequest.newBuilder()
            .PUT(HttpRequest.BodyPublishers.ofByteArray(csv))
            .header("Content-Type", "text/csv")
            .header("X-XSRF-TOKEN", tobin.cookie("XSRF-TOKEN")),
        "/api/stock/imports/" + id);
  }

  private Visitor.Answer bringIn(String csv) {
    return bringIn(UUID.randomUUID(), csv.getBytes(StandardCharsets.UTF_8));
  }

  private static final String HEAD = "number,kind,name,price,place,where,count,microfarads\n";

  @Test
  void aListComesInAndGoesOutTheSame() {
    String a = own + "-f";
    Visitor.Answer in =
        bringIn(
            "\uFEFF"
                + HEAD
                + a
                + ",CAPACITOR,\"Round, large\",12.50,VAN,Wren,3,7.5\n"
                + a
                + ",CAPACITOR,\"Round, large\",12.50,SHELF,B2,4,7.5\n"
                + own
                + "-g,BOARD,=cmd|' /C calc'!A0,,,,,\n");
    assertEquals(200, in.status(), in.body());
    String out = new String(tobin.bytes("/api/stock/export"), StandardCharsets.UTF_8);
    assertTrue(out.contains(a + ",CAPACITOR,\"Round, large\",,,12.5,VAN,Wren,3,,7.5"), out);
    assertTrue(out.contains(own + "-g,BOARD,'=cmd|' /C calc'!A0"), "it is no formula: " + out);
    Visitor.Answer again = bringIn(out);
    assertEquals(200, again.status(), again.body());
    assertEquals(out, new String(tobin.bytes("/api/stock/export"), StandardCharsets.UTF_8));
  }

  private Map<?, ?> row(String number) {
    return (Map<?, ?>)
        tobin.get("/api/stock/parts").list("").stream()
            .filter(one -> ((Map<?, ?>) ((Map<?, ?>) one).get("part")).get("number").equals(number))
            .findFirst()
            .orElse(null);
  }

  private Visitor.Answer takeBack(UUID list, UUID undo) {
    return tobin.put("/api/stock/imports/" + list + "/undos/" + undo, "{}");
  }

  /** As many as a shop may have, counted in two places each: kept once, and taken back whole. */
  @Test
  void aLargeListIsOneAndIsTakenBackWhole() {
    StringBuilder csv = new StringBuilder(HEAD);
    for (int one = 0; one < 2000; one++) {
      String number = own + "-big-" + one;
      csv.append(number).append(",CAPACITOR,Round,12.5,VAN,Wren,3,7.5\n");
      csv.append(number).append(",CAPACITOR,Round,12.5,SHELF,B2,4,7.5\n");
    }
    UUID id = UUID.randomUUID();
    byte[] bytes = csv.toString().getBytes(StandardCharsets.UTF_8);
    assertEquals(200, bringIn(id, bytes).status());
    assertEquals(200, bringIn(id, bytes).status(), "sent again");
    assertEquals(409, bringIn(id, HEAD.getBytes(StandardCharsets.UTF_8)).status(), "another");
    Map<?, ?> row = row(own + "-big-1999");
    assertEquals(2, ((List<?>) row.get("places")).size(), row.toString());
    assertEquals(id.toString(), tobin.get("/api/stock/imports").at("0.id"));
    UUID undo = UUID.randomUUID();
    Visitor.Answer back = takeBack(id, undo);
    assertEquals(200, back.status());
    assertEquals(List.of(), back.list("left"));
    assertNull(row(own + "-big-1999"));
    assertEquals(200, takeBack(id, undo).status(), "sent again");
    assertEquals(true, tobin.get("/api/stock/imports").at("0.takenBack"));
    assertEquals(404, takeBack(UUID.randomUUID(), UUID.randomUUID()).status());
  }

  /** What came after a list stays; what it changed is as it was before it. */
  @Test
  void takingBackLeavesWhatCameAfter() {
    String old = own + "-u1";
    String sold = own + "-u2";
    String changed = own + "-u3";
    bringIn(HEAD + old + ",CAPACITOR,Round,12.5,VAN,Wren,3,7.5\n");
    UUID list = UUID.randomUUID();
    String csv =
        HEAD
            + old
            + ",CAPACITOR,Oval,99,VAN,Wren,8,7.5\n"
            + sold
            + ",CAPACITOR,Round,1,VAN,Wren,5,5\n"
            + changed
            + ",CAPACITOR,Round,1,,,,5\n";
    assertEquals(200, bringIn(list, csv.getBytes(StandardCharsets.UTF_8)).status());
    UUID soldId = UUID.fromString(row(sold).get("id").toString());
    move(soldId, "COUNTED", 2, "");
    UUID oldId = UUID.fromString(row(old).get("id").toString());
    move(oldId, "RECEIVED", 4, "");
    put(UUID.fromString(row(changed).get("id").toString()), changed, ",\"kind\":\"BOARD\"");
    Visitor.Answer back = takeBack(list, UUID.randomUUID());
    assertEquals(200, back.status(), back.body());
    assertEquals(3, back.list("left").size(), back.body());
    Map<?, ?> now = row(old);
    assertEquals(12.5, ((Map<?, ?>) now.get("part")).get("price"), now.toString());
    assertEquals("Round", ((Map<?, ?>) now.get("part")).get("name"));
    assertEquals(7.0, ((Map<?, ?>) ((List<?>) now.get("places")).get(0)).get("count"));
    assertEquals(2.0, ((Map<?, ?>) ((List<?>) row(sold).get("places")).get(0)).get("count"));
    assertEquals("BOARD", ((Map<?, ?>) row(changed).get("part")).get("kind"));
  }

  /** Two people change one part: the second is told what it is now, and of both values. */
  @Test
  void anOldEditionIsNotWrittenOver() {
    UUID part = part(own + "-w", ",\"price\":10");
    String base = tobin.base("/api/stock/parts", part);
    String path = "/api/stock/parts/" + part + "/editions/";
    String body = "{\"number\":\"" + own + "-w\",\"kind\":\"RELAY\",\"price\":%d}";
    UUID id = UUID.randomUUID();
    assertEquals(200, tobin.put(path + id + base, body.formatted(11)).status());
    assertEquals(200, tobin.put(path + id + base, body.formatted(11)).status(), "sent again");
    Visitor.Answer late = tobin.put(path + UUID.randomUUID() + base, body.formatted(12));
    assertEquals(409, late.status());
    assertTrue(late.at("conflicts").toString().contains("theirs=11.0, yours=12.0"), late.body());
  }

  /** A sheet of counts says nothing of prices: what has no column stays. */
  @Test
  void whatHasNoColumnStaysAsItWas() {
    String number = own + "-o";
    bringIn(HEAD + number + ",CAPACITOR,Round,12.5,VAN,Wren,3,7.5\n");
    Visitor.Answer counted = bringIn("number,place,where,count\n" + number + ",VAN,Wren,1\n");
    assertEquals(200, counted.status(), counted.body());
    Visitor.Answer found = tobin.get("/api/stock/find?q=" + number);
    assertEquals(12.5, found.at("parts.0.found.part.price"), found.body());
    assertEquals(1.0, found.at("parts.0.found.places.0.count"));
    bringIn("number,price\n" + number + ",\n");
    assertNull(
        tobin.get("/api/stock/find?q=" + number).at("parts.0.found.part.price"),
        "an empty cell takes it away");
    Visitor.Answer unknown = bringIn("number,price\n" + own + "-p,3\n");
    assertEquals("row 2, kind", unknown.at("errors.0.path"), unknown.body());
  }

  @Test
  void nothingRealIsTakenForPractice() {
    UUID part = part(own + "-q", "");
    move(part, "RECEIVED", 1, "");
    UUID call = UUID.randomUUID();
    Visitor.Answer practice =
        tobin.put(
            "/api/practice/" + call, "{\"family\":\"CONSTANT_TORQUE\",\"symptom\":\"NO_RUN\"}");
    assertEquals(200, practice.status(), practice.body());
    assertEquals(409, move(part, "TAKEN", 1, forCall("/" + call)).status());
  }

  /** As a spreadsheet of another country writes it. */
  @Test
  void semicolonsAndDecimalCommasAreReadWhereTheyAreAllOfAKind() {
    Visitor.Answer in =
        bringIn("number;kind;price;microfarads\n" + own + "-h;CAPACITOR;12,5;7,5\n");
    assertEquals(200, in.status(), in.body());
    Visitor.Answer found = tobin.get("/api/stock/find?q=" + own + "-h");
    assertEquals(12.5, found.at("parts.0.found.part.price"));
    Visitor.Answer mixed =
        bringIn(
            "number;kind;price;microfarads\n"
                + own
                + "-i;CAPACITOR;12,5;7,5\n"
                + own
                + "-j;CAPACITOR;12.5;10\n");
    assertEquals(422, mixed.status());
    assertTrue(mixed.body().contains("row 2 has a decimal comma and row 3 a decimal point"));
    Visitor.Answer thousands = bringIn("number;kind;price\n" + own + "-k;CAPACITOR;1,234\n");
    assertEquals(422, thousands.status());
    assertTrue(thousands.body().contains("thousands"), thousands.body());
    assertTrue(tobin.get("/api/stock/find?q=" + own + "-i").list("parts").isEmpty());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "X,CAPACITOR,,-1,,,,|row 3, price",
        "X,CAPACITOR,,1e9,,,,|row 3, price",
        "X,MAGNET,,,,,,|row 3, kind",
        "---,RELAY,,,,,,|row 3, number",
        ",RELAY,,,,,,|row 3, number",
        "X,RELAY,,,VAN,Wren,-2,|row 3, count",
        "X,RELAY,,,VAN,Wren,2.5,|row 3, count",
        "X,RELAY,,,VAN,Wren,,|row 3, count",
        "X,RELAY,,,ROOF,Wren,2,|row 3, place",
        "X,RELAY,,,VAN,,2,|row 3, where",
        "X,RELAY,,,VAN,Wren,2,,7|row 3",
        "GOOD,RELAY,,,,,,|row 3, number",
        "X,CAPACITOR,,12 50,,,,|row 3, price"
      })
  void oneBadRowAndNothingIsBroughtIn(String row, String path) {
    String good = own + "-good";
    Visitor.Answer answer =
        bringIn(
            HEAD
                + good
                + ",CAPACITOR,fine,9,VAN,Wren,1,5\n"
                + row.replace("GOOD", good).replace("X", own + "-x")
                + "\n");
    assertEquals(422, answer.status(), answer.body());
    assertEquals(path, answer.at("errors.0.path"), answer.body());
    assertTrue(tobin.get("/api/stock/find?q=" + good).list("parts").isEmpty(), "half of it");
  }

  @Test
  void everyBadRowIsTold() {
    Visitor.Answer answer =
        bringIn(HEAD + own + "-l,MAGNET,,,,,,\n" + own + "-m,RELAY,,-1,VAN,,9.5,\n");
    assertEquals(
        List.of("row 2, kind", "row 3, price"),
        answer.list("errors").stream().map(one -> ((Map<?, ?>) one).get("path")).toList());
    assertEquals(422, bringIn("number,kind,colour\n").status());
    assertEquals(422, bringIn("name\n").status());
    assertEquals(422, bringIn("number,kind,number\n").status());
    assertEquals(422, bringIn(UUID.randomUUID(), new byte[] {(byte) 0xff, (byte) 0xfe}).status());
    assertEquals(422, bringIn("number,kind\n\"open quote,RELAY\n").status());
  }

  /** Choose takes price and days from where the part lies, and from the supply house else. */
  @Test
  void aWayIsPricedByThePartThatWasFoundForIt() {
    String call = tobin.openCall();
    UUID part = part(own + "-n", ",\"kind\":\"MOTOR\",\"price\":700");
    assertEquals(422, found(call, "\"nobody-has-it\"").status());
    Visitor.Answer view = found(call, "\"" + own.toLowerCase() + " n\"");
    assertEquals(200, view.status(), view.body());
    Map<?, ?> way = way(view);
    assertEquals(700.0, way.get("partPrice"));
    assertNull(way.get("daysWithout"), "nobody has one");
    move(part, "RECEIVED", 1, "");
    assertEquals(0.0, way(tobin.get(call)).get("daysWithout"));
    assertNull(way(found(call, "null")).get("partPrice"), "taken back");
  }

  private Visitor.Answer found(String call, String number) {
    return tobin.put(
        call + "/found/" + UUID.randomUUID(),
        "{\"route\":\"SAME_MOTOR\",\"kind\":\"MOTOR\",\"number\":" + number + "}");
  }

  private static Map<?, ?> way(Visitor.Answer view) {
    return view.list("ways").stream()
        .map(one -> (Map<?, ?>) one)
        .filter(one -> "SAME_MOTOR".equals(one.get("route")))
        .findFirst()
        .orElseThrow();
  }
}
