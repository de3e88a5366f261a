package variablerotor.server.codebook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Code books in and out as CSV, and the count of flashes, through the real API. */
@ExtendWith(Server.class)
class CodeBookApiTest {
  private static final String HEADER = "line,signal,pattern,meaning,suspects\r\n";
  private static final String GOOD =
      HEADER
          + "Marl 1,FLASHES,3,\"Fan, locked \"\"hard\"\"\",BEARING WHEEL\r\n"
          + "Marl 1,COINCIDENCE,\"5:2,4\",No speed,MODULE\r\n";

  private final Server server;
  private final Visitor tobin;
  private final String own = UUID.randomUUID().toString().substring(0, 8) + " ";

  CodeBookApiTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  private int books;

  private Visitor.Answer bringIn(String book, String id, byte[] csv) {
    return bringIn(book, id, "Marl & sons " + own + books++, csv);
  }

  private Visitor.Answer bringIn(String book, String id, String name, byte[] csv) {
    return tobin.exchange(
        HttpRequest.newBuilder()
            .PUT(HttpRequest.BodyPublishers.ofByteArray(csv))
            .header("Content-Type", "text/csv")
            .header("X-XSRF-TOKEN", tobin.cookie("XSRF-TOKEN")),
        "/api/codebooks/"
            + book
            + "/imports/"
            + id
            + "?name="
            + URLEncoder.encode(name, StandardCharsets.UTF_8)
            + base(book, "&"));
  }

  /** Names the edition in force, as a change does; nothing for a book that is new. */
  private String base(Object book, String sign) {
    Visitor.Answer now = tobin.get("/api/codebooks/" + book);
    return now.status() == 200 ? sign + "base=" + now.at("edition") : "";
  }

  private Visitor.Answer bringIn(String csv) {
    return bringIn(
        UUID.randomUUID().toString(),
        UUID.randomUUID().toString(),
        csv.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void aBookComesInAndGoesOutTheSame() {
    Visitor.Answer book = bringIn("\uFEFF" + GOOD);
    assertEquals(200, book.status(), book.body());
    assertTrue(book.at("name").toString().startsWith("Marl & sons"), book.body());
    assertEquals("Fan, locked \"hard\"", book.at("rows.0.meaning"));
    assertEquals(List.of("BEARING", "WHEEL"), book.at("rows.0.suspects"));
    String out = tobin.get("/api/codebooks/" + book.at("id") + "/export").body();
    assertEquals(GOOD, out);
    assertEquals(200, bringIn(out).status(), "what went out comes in");
  }

  @Test
  void everyBadRowIsToldAndNothingIsHalfTaken() {
    String book = UUID.randomUUID().toString();
    String bad =
        GOOD
            + "Marl 1,BLINKS,3,Odd,MODULE\r\n"
            + "Marl 1,FLASHES,99,,MODEL\r\n"
            + "Marl 1,FLASHES,3,Again,MODULE\r\n"
            + "Marl 1,FLASHES\r\n";
    Visitor.Answer refused =
        bringIn(book, UUID.randomUUID().toString(), bad.getBytes(StandardCharsets.UTF_8));
    assertEquals(422, refused.status());
    List<?> paths =
        refused.list("errors").stream().map(error -> ((Map<?, ?>) error).get("path")).toList();
    assertEquals(
        List.of(
            "row 4, signal",
            "row 5, meaning",
            "row 5, pattern",
            "row 5, suspects",
            "row 6, pattern",
            "row 7"),
        paths);
    assertEquals(404, tobin.get("/api/codebooks/" + book).status());
  }

  @Test
  void filesThatAreNoBookAreRefused() {
    assertEquals(400, bringIn("").status());
    assertEquals(422, bringIn("a,b\r\n1,2\r\n").status());
    assertEquals(422, bringIn(HEADER + "\"never closed").status());
    Visitor.Answer bytes =
        bringIn(
            UUID.randomUUID().toString(),
            UUID.randomUUID().toString(),
            new byte[] {(byte) 0xff, (byte) 0xfe, 0});
    assertEquals(422, bytes.status());
    assertTrue(bytes.body().contains("UTF-8"), bytes.body());
    assertEquals(413, bringIn("x".repeat(1_100_000)).status());
  }

  @Test
  void anEditIsAnEditionAndTheSameAgainIsTheSameSave() {
    String book = bringIn(GOOD).at("id").toString();
    String edition = "/api/codebooks/" + book + "/editions/" + UUID.randomUUID() + base(book, "?");
    String body =
        "{\"name\":\"Marl two\",\"rows\":[{\"line\":\"Marl 2\",\"signal\":\"DIGITS\","
            + "\"pattern\":\"2-3\",\"meaning\":\"Air\",\"suspects\":\"AIR_PATH\"}]}";
    Visitor.Answer kept = tobin.put(edition, body);
    assertEquals("23", kept.at("rows.0.pattern"));
    assertNull(kept.at("rows.1"));
    assertEquals(200, tobin.put(edition, body).status());
    assertEquals(409, tobin.put(edition, body.replace("Air", "Wind")).status());
    Visitor.Answer unnamed =
        tobin.put(
            "/api/codebooks/" + book + "/editions/" + UUID.randomUUID(),
            body.replace("Marl two", " "));
    assertEquals("name", unnamed.at("errors.0.path"));
    assertEquals("Marl two", tobin.get("/api/codebooks/" + book).at("name"));
    String removal = "/api/codebooks/" + book + "/removals/" + UUID.randomUUID();
    assertEquals(200, tobin.put(removal + base(book, "?"), "{}").status());
    assertEquals(404, tobin.get("/api/codebooks/" + book).status());
  }

  private static String book(String name, String meaning) {
    return "{\"name\":\""
        + name
        + "\",\"rows\":[{\"line\":\"A\",\"signal\":\"FLASHES\",\"pattern\":\"3\",\"meaning\":\""
        + meaning
        + "\",\"suspects\":\"\"}]}";
  }

  /** On a slow machine the last of many wait too long for a connection: they are to come again. */
  private static Visitor.Answer untilThereIsRoom(java.util.function.Supplier<Visitor.Answer> ask) {
    Visitor.Answer answer = ask.get();
    for (int more = 0; answer.status() == 503 && more < 20; more++) {
      answer = ask.get();
    }
    return answer;
  }

  /** Sixty people change one book at once: one of them does, the others are told by whom. */
  @Test
  void oneOfManyWhoChangeABookAtOnceDoesAndTheOthersAreTold() throws Exception {
    String id = UUID.randomUUID().toString();
    String name = own + "crowded";
    String path = "/api/codebooks/" + id + "/editions/";
    assertEquals(200, tobin.put(path + UUID.randomUUID(), book(name, "first")).status());
    String base = base(id, "?");
    var pool = java.util.concurrent.Executors.newFixedThreadPool(20);
    List<java.util.concurrent.Callable<Visitor.Answer>> tries = new java.util.ArrayList<>();
    for (int one = 0; one < 60; one++) {
      String body = book(name, "mine " + one);
      String mine = path + UUID.randomUUID() + base;
      tries.add(() -> untilThereIsRoom(() -> tobin.put(mine, body)));
    }
    List<Visitor.Answer> answers = new java.util.ArrayList<>();
    for (var answer : pool.invokeAll(tries)) {
      answers.add(answer.get());
    }
    pool.shutdown();
    assertEquals(1, answers.stream().filter(one -> one.status() == 200).count());
    Visitor.Answer told =
        answers.stream().filter(one -> one.status() == 409).findFirst().orElseThrow();
    assertEquals(
        59,
        answers.stream().filter(one -> one.status() == 409).count(),
        () -> answers.stream().map(Visitor.Answer::status).toList().toString());
    Visitor.Answer now = tobin.get("/api/codebooks/" + id);
    assertEquals("A, FLASHES 3", told.at("conflicts.0.field"), told.body());
    assertEquals(now.at("rows.0.meaning"), told.at("conflicts.0.theirs"));
    assertTrue(told.at("conflicts.0.yours").toString().startsWith("mine"));
    assertEquals("Tobin Ashgrove", told.at("conflicts.0.by"));
    assertEquals(now.at("edition"), told.at("edition"));
    String over = path + UUID.randomUUID() + "?base=" + told.at("edition");
    assertEquals(200, tobin.put(over, book(name, "knowingly")).status());
    Visitor.Answer twin =
        tobin.put(
            "/api/codebooks/" + UUID.randomUUID() + "/editions/" + UUID.randomUUID(),
            book(name, "x"));
    assertEquals("name", twin.at("errors.0.path"), "one name, one book");
  }

  @Test
  void codesAreFoundByWordsAndByPattern() {
    assertEquals("Oxbow outdoor", tobin.get("/api/codes?search=feedback+oxbow").at("0.name"));
    assertEquals("E6", tobin.get("/api/codes?pattern=e6").at("0.row.pattern"));
    assertEquals(
        "Fernlea indoor",
        tobin.get("/api/codes?signal=FLASHES&pattern=4&search=fern").at("0.name"));
    assertEquals(List.of(), tobin.get("/api/codes?search=nosuchword").list(""));
    assertEquals(400, tobin.get("/api/codes?signal=BLINKS").status());
  }

  /** Each of these words was looked for in vain once: short ones, signs of a pattern, capitals. */
  @Test
  void aSearchFindsWhatStandsInTheBookInForceAndNothingElse() throws Exception {
    String book = UUID.randomUUID().toString();
    bringIn(
        book,
        UUID.randomUUID().toString(),
        (HEADER + "Qx 1,FLASHES,3,50 % Über_lauf,AIR_PATH\r\n").getBytes(StandardCharsets.UTF_8));
    for (String found : List.of("qx", "QX", "%C3%9CB", "%25", "r_l", "marl+qx", "q")) {
      assertTrue(tobin.get("/api/codes?search=" + found).body().contains(book), found);
    }
    for (String not : List.of("qz", "zq%25", "qx+zz", "b_r")) {
      assertFalse(tobin.get("/api/codes?search=" + not).body().contains(book), not);
    }
    bringIn(book, UUID.randomUUID().toString(), GOOD.getBytes(StandardCharsets.UTF_8));
    assertFalse(tobin.get("/api/codes?search=qx").body().contains(book), "the edition before");
    String removal = "/api/codebooks/" + book + "/removals/" + UUID.randomUUID();
    assertEquals(200, tobin.put(removal + base(book, "?"), "{}").status());
    assertFalse(tobin.get("/api/codes?search=marl").body().contains(book), "taken away");
  }

  /** From before codes were kept row by row. */
  @Test
  void aBookWithoutRowsGetsThemAtTheNextStart() throws Exception {
    String book = bringIn(GOOD).at("id").toString();
    try (java.sql.Connection database = server.database();
        java.sql.Statement statement = database.createStatement()) {
      statement.execute("delete from code_row where book_id = '" + book + "'");
    }
    assertFalse(tobin.get("/api/codes?search=marl").body().contains(book));
    server.bean(CodeBookService.class).fillMissingRows();
    assertTrue(tobin.get("/api/codes?search=marl").body().contains(book));
  }

  @Test
  void onePersonFillsNoShop() throws Exception {
    String body =
        "{\"login\":\"finch\",\"name\":\"Finch\",\"role\":\"TECHNICIAN\",\"keepsBooks\":true,"
            + "\"password\":\"heron-weir-31\"}";
    String account = UUID.randomUUID().toString();
    assertEquals(200, server.lead().put("/api/accounts/" + account, body).status());
    Visitor finch = server.signedIn("finch", "heron-weir-31");
    try (java.sql.Connection database = server.database();
        java.sql.Statement statement = database.createStatement()) {
      statement.execute(
          "insert into code_book_edition (id, book_id, name, content, codes, removed, author, at)"
              + " select gen_random_uuid(), gen_random_uuid(), 'n', 'x', 0, true, '"
              + account
              + "', now() - interval '23 hours' from generate_series(1, 99)");
    }
    String edition =
        "{\"name\":\"Last\",\"rows\":[{\"line\":\"A\",\"signal\":\"FLASHES\",\"pattern\":\"3\",\"meaning\":\"m\",\"suspects\":\"\"}]}";
    String last = "/api/codebooks/" + UUID.randomUUID() + "/editions/" + UUID.randomUUID();
    assertEquals(200, finch.put(last, edition).status());
    assertEquals(200, finch.put(last, edition).status(), "sent again it is the same");
    Visitor.Answer more =
        finch.put(
            "/api/codebooks/" + UUID.randomUUID() + "/editions/" + UUID.randomUUID(),
            edition.replace("Last", "One more"));
    assertEquals(429, more.status());
    assertTrue(more.body().contains("100"), more.body());
    assertEquals(200, bringIn(GOOD).status(), "others still can");
  }

  private static String press(double down, int lamp) {
    return "{\"down\":" + down + ",\"up\":" + (down + 0.1) + ",\"lamp\":" + lamp + "}";
  }

  @Test
  void tapsAreCountedAndBadOnesRefused() {
    StringBuilder presses = new StringBuilder();
    for (int round = 0; round < 2; round++) {
      for (int i = 0; i < 3; i++) {
        presses.append(presses.length() == 0 ? "" : ",").append(press(5 * round + 0.6 * i, 0));
      }
    }
    Visitor.Answer counted =
        tobin.send("POST", "/api/codes/count", "{\"presses\":[" + presses + "],\"now\":10}");
    assertEquals("AGREED", counted.at("state"));
    assertEquals("3", counted.at("code"));
    Visitor.Answer refused =
        tobin.send(
            "POST",
            "/api/codes/count",
            "{\"presses\":[{\"down\":2,\"up\":1,\"lamp\":0},{\"down\":1,\"up\":2,\"lamp\":7}]}");
    assertEquals(422, refused.status());
    assertEquals("presses[0]", refused.at("errors.0.path"));
    assertEquals("presses[1]", refused.at("errors.1.path"));
    assertEquals("now", refused.at("errors.2.path"));
  }

  @Test
  void aCodeReadMovesSuspicionOnTheCall() {
    String call = tobin.openCall();
    assertFalse(tobin.get(call).body().contains("CODE_ORDER"));
    assertEquals(
        200, tobin.read(call, "code", "{\"book\":\"Fernlea indoor\",\"code\":\"4\"}").status());
    Visitor.Answer raised = tobin.read(call, "code.suspects", "[\"WHEEL\",\"BEARING\"]");
    assertTrue(raised.body().contains("CODE_ORDER"), raised.body());
    assertEquals("OPEN", raised.at("diagnosis.verdict.state"));
    assertEquals(422, tobin.read(call, "code.suspects", "[\"FAN\"]").status());
  }
}
