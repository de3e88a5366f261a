package variablerotor.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.http.HttpRequest;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import variablerotor.core.casefile.InputFaults;
import variablerotor.json.Json;

/** Two branches in one installation: neither sees, changes or counts anything of the other's. */
class BranchTest {
  private static final UUID OTHER = UUID.randomUUID();
  private static final Pattern HOLE = Pattern.compile("\\{([^}]+)}");

  private static Server server;
  private static Visitor theirs;
  private static Visitor ours;

  @BeforeAll
  static void start() throws SQLException {
    server = Server.told(true);
    ours = server.lead();
    sql("select add_branch('" + OTHER + "', 'Harbour')");
    // Whoever is signed in goes on.
    assertEquals(200, ours.get("/api/accounts").status());
    sql(
        "insert into account (id, login, name, role, keeps_books, password, created_at, branch)"
            + " select gen_random_uuid(), 'merle', 'Merle', 'LEAD', true, password, now(), '"
            + OTHER
            + "' from account where login = 'ines'");
    theirs = server.signedIn("merle", "copper-star-7");
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static void sql(String text) throws SQLException {
    try (Connection database = server.database();
        Statement statement = database.createStatement()) {
      statement.execute(text);
    }
  }

  private static List<String> column(String query) throws SQLException {
    List<String> all = new ArrayList<>();
    try (Connection database = server.database();
        Statement statement = database.createStatement();
        ResultSet rows = statement.executeQuery(query)) {
      while (rows.next()) {
        all.add(rows.getString(1));
      }
    }
    return all;
  }

  /** What our branch holds, a line a table: how many rows, and a sum over all of them. */
  private static Map<String, String> held() throws SQLException {
    Map<String, String> held = new TreeMap<>();
    for (String table :
        column(
            "select table_name from information_schema.columns where column_name = 'branch' and"
                + " table_schema = 'public' and table_name !~ '_(before_2027|other|20..)$'")) {
      held.put(
          table,
          column(
                  "select count(*) || ' ' || coalesce(sum(hashtextextended(t::text, 1)), 0) from "
                      + table
                      + " t where branch <> '"
                      + OTHER
                      + "'")
              .get(0));
    }
    return held;
  }

  private static List<String> addresses() throws InputFaults {
    List<String> addresses = new ArrayList<>();
    Map<?, ?> paths =
        (Map<?, ?>) ((Map<?, ?>) Json.read(ours.get("/api/openapi").body())).get("paths");
    paths.forEach(
        (path, methods) ->
            ((Map<?, ?>) methods)
                .keySet()
                .forEach(
                    method ->
                        addresses.add(
                            String.valueOf(method).toUpperCase(Locale.ROOT) + " " + path)));
    return addresses;
  }

  /** By its name in an address, something of ours. */
  private static Map<String, String> ofOurs() throws SQLException {
    Map<String, String> ids = new LinkedHashMap<>();
    ids.put("call", "select call_id from photo limit 1");
    ids.put("photo", "select id from photo limit 1");
    ids.put("reading", "select id from reading limit 1");
    ids.put("book", "select book_id from code_book_edition limit 1");
    ids.put("part", "select part_id from stock_part limit 1");
    ids.put("motor", "select motor_id from shop_motor limit 1");
    ids.put("site", "select id from site limit 1");
    ids.put("order", "select id from purchase limit 1");
    ids.put("loan", "select id from loan limit 1");
    ids.put("decision", "select id from decision limit 1");
    ids.put("brought", "select id from stock_import limit 1");
    Map<String, String> found = new LinkedHashMap<>();
    for (Map.Entry<String, String> one : ids.entrySet()) {
      List<String> row = column(one.getValue());
      if (!row.isEmpty()) {
        found.put(one.getKey(), row.get(0));
      }
    }
    assertTrue(found.size() > 7, found.toString());
    return found;
  }

  /** Words that stand in what is ours, and nowhere else. */
  private static List<String> marks() throws SQLException {
    List<String> marks = new ArrayList<>(List.of("Kallow", "Tobin", "Fernlea", "Oxbow"));
    marks.addAll(
        column(
            "select place from service_call where place <> 'Test Quay' and branch <> '"
                + OTHER
                + "'"));
    marks.addAll(column("select id::text from service_call where branch <> '" + OTHER + "'"));
    marks.addAll(column("select id::text from account where branch <> '" + OTHER + "'"));
    marks.addAll(column("select distinct body::jsonb ->> 'number' from stock_part"));
    return marks.stream().filter(one -> one != null && one.length() > 4).distinct().toList();
  }

  private static Visitor.Answer ask(String address, Map<String, String> ids) {
    String method = address.substring(0, address.indexOf(' '));
    Matcher hole = HOLE.matcher(address.substring(address.indexOf(' ') + 1));
    String url =
        hole.replaceAll(one -> ids.getOrDefault(one.group(1), UUID.randomUUID().toString()));
    if (url.contains("/imports/")) {
      return theirs.exchange(
          HttpRequest.newBuilder()
              .PUT(HttpRequest.BodyPublishers.ofString("a,b"))
              .header("Content-Type", "text/csv")
              .header("X-XSRF-TOKEN", theirs.cookie("XSRF-TOKEN")),
          url + "?name=x");
    }
    return method.equals("GET") ? theirs.get(url) : theirs.send(method, url, "{}");
  }

  /** A lead of another branch, at every address there is, with what is ours in it. */
  @Test
  void aLeadOfAnotherBranchReachesNothing() throws Exception {
    Map<String, String> ids = ofOurs();
    List<String> marks = marks();
    assertTrue(marks.size() > 20, marks.size() + " marks");
    Map<String, String> before = held();
    assertTrue(before.size() > 30, before.toString());
    List<String> told = new ArrayList<>();
    List<String> addresses = addresses();
    for (String address : addresses) {
      if (address.contains("/api/session") || address.contains("/changes")) {
        continue;
      }
      String answer = ask(address, ids).body();
      for (String mark : marks) {
        // What was asked for is in the question already.
        if (answer.contains(mark) && !ids.containsValue(mark)) {
          told.add(address + " tells " + mark);
        }
      }
    }
    assertEquals(List.of(), told);
    assertEquals(before, held());
    System.out.println(addresses.size() + " addresses asked by a lead of another branch");
  }

  @Test
  void eachSeesItsOwn() throws Exception {
    assertTrue(ours.get("/api/calls").body().contains("place"), "the demo's calls");
    String call = theirs.openCall();
    UUID reading = UUID.randomUUID();
    String volts = "{\"fact\":\"line.volts\",\"value\":231}";
    assertEquals(200, theirs.put(call + "/readings/" + reading, volts).status());
    assertTrue(theirs.get("/api/calls").body().contains("Test Quay"));
    assertFalse(ours.get("/api/calls").body().contains("Test Quay"));
    assertEquals(404, ours.get(call).status());
    assertEquals(404, ours.put(call + "/readings/" + UUID.randomUUID(), volts).status());
    // An id that another branch took is taken, and not told as kept.
    String mine = ours.openCall();
    assertEquals(409, ours.put(mine + "/readings/" + reading, volts).status());
    assertEquals(
        List.of("0"),
        column("select count(*) from reading where call_id = '%s'".formatted(mine.substring(11))));
    assertEquals(
        List.of(OTHER.toString()),
        column("select branch from reading where id = '" + reading + "'"));
    assertFalse(theirs.get("/api/accounts").body().contains("Tobin"));
    assertFalse(ours.get("/api/accounts").body().contains("Merle"));
    // The demo's name for the shop is ours alone, though both processes of thought share a memory.
    assertTrue(ours.get("/api/shop/settings").body().contains("Kallow"));
    assertFalse(theirs.get("/api/shop/settings").body().contains("Kallow"));
    assertTrue(ours.get("/api/motors").body().length() > 200);
    assertEquals("[]", theirs.get("/api/motors").body().replaceAll("^.*?(\\[\\]).*$", "$1"));
  }

  /** A new account is of the branch whose lead opens it, and signs in without saying which. */
  @Test
  void whomALeadTakesInIsOfThatBranch() throws Exception {
    String body =
        "{\"login\":\"rowan\",\"name\":\"Rowan\",\"role\":\"TECHNICIAN\",\"password\":\"heron-weir-31\"}";
    assertEquals(200, theirs.put("/api/accounts/" + UUID.randomUUID(), body).status());
    assertEquals(
        List.of(OTHER.toString()), column("select branch from account where login = 'rowan'"));
    Visitor rowan = server.signedIn("rowan", "heron-weir-31");
    assertFalse(
        rowan
            .get("/api/calls")
            .body()
            .contains(
                column("select place from service_call where branch <> '" + OTHER + "' limit 1")
                    .get(0)));
    // One name for all branches: whoever signs in says no branch.
    assertEquals(409, ours.put("/api/accounts/" + UUID.randomUUID(), body).status());
  }

  /** Code books, motors and what is learnt, where the company wants it. */
  @Test
  void whatIsSharedIsSeenByAll() throws Exception {
    assertFalse(theirs.get("/api/codebooks").body().contains("Fernlea"));
    sql("insert into shared values ('BOOKS', now()), ('MOTORS', now()), ('LEARNT', now())");
    try {
      String books = theirs.get("/api/codebooks").body();
      assertTrue(books.contains("Fernlea") && books.contains("another branch"), books);
      assertFalse(books.contains("Ines"), "its people are not");
      assertEquals(ours.get("/api/motors").body(), theirs.get("/api/motors").body());
      assertFalse(theirs.get("/api/calls").body().contains("Kallow"));
    } finally {
      sql("delete from shared");
    }
    assertFalse(theirs.get("/api/codebooks").body().contains("Fernlea"));
  }

  /** The role that the application works under, without a word of whose rows it wants. */
  @Test
  void aConnectionThatSaysNothingSeesNothing() throws Exception {
    try (Connection app = server.cluster().application();
        Statement statement = app.createStatement()) {
      for (String table : held().keySet()) {
        try (ResultSet row = statement.executeQuery("select count(*) from " + table)) {
          row.next();
          assertEquals(0, row.getInt(1), table);
        }
      }
    }
  }
}
