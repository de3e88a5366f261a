package variablerotor.server.audit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** The audit list against what was done. */
@ExtendWith(Server.class)
class AuditTest {
  private static final String PASSWORD = "orchard lamp seven";

  private final Server server;
  private final String login = "a" + UUID.randomUUID().toString().substring(0, 8);
  private final UUID id = UUID.randomUUID();

  AuditTest(Server server) {
    this.server = server;
  }

  private void account(String more) {
    String body = "{\"login\":\"%s\",\"name\":\"%s\",%s}".formatted(login, "Name " + login, more);
    Visitor.Answer put = server.lead().put("/api/accounts/" + id, body);
    assertEquals(200, put.status(), put.body());
  }

  /**
   * What the list says that somebody did, newest first, each as deed, subject and what was told.
   */
  private List<String> deeds(UUID person, String more) {
    Visitor.Answer page = server.lead().get("/api/audit?days=1&person=" + person + more);
    assertEquals(200, page.status(), page.body());
    return page.list("rows").stream()
        .map(row -> (Map<?, ?>) row)
        .map(row -> row.get("deed") + " | " + row.get("subject") + " | " + row.get("told"))
        .toList();
  }

  @Test
  void whatSomebodyDoesIsOnItInWords() {
    account("\"role\":\"LEAD\",\"password\":\"" + PASSWORD + "\"");
    Visitor who = server.signedIn(login, PASSWORD);
    UUID part = UUID.randomUUID();
    for (String price : List.of("10", "12.5")) {
      Visitor.Answer kept =
          who.put(
              "/api/stock/parts/"
                  + part
                  + "/editions/"
                  + UUID.randomUUID()
                  + who.base("/api/stock/parts", part),
              "{\"number\":\"%s-q\",\"name\":\"Relay\",\"kind\":\"RELAY\",\"price\":%s}"
                  .formatted(login, price));
      assertEquals(200, kept.status(), kept.body());
    }
    who.put(
        "/api/stock/parts/" + part + "/moves/" + UUID.randomUUID(),
        "{\"reason\":\"COUNTED\",\"at\":\"VAN\",\"where\":\"Wren\",\"count\":7}");
    String call = who.openCall();
    who.put(
        call + "/offers/" + UUID.randomUUID(),
        "{\"route\":\"SAME_MOTOR\",\"partPrice\":800,\"labourHours\":1,\"leadDays\":0}");
    who.send("DELETE", "/api/session", "");
    List<String> deeds = deeds(id, "");
    assertEquals(6, deeds.size(), deeds.toString());
    assertEquals("SIGNED_OUT | Name " + login + " | ", deeds.get(0));
    assertTrue(deeds.get(1).matches("OFFER \\| .+ \\| same motor, 800"), deeds.get(1));
    assertEquals("COUNT | " + login + "-q, van, Wren | 0 → 7", deeds.get(2));
    assertEquals("PRICE | " + login + "-q, Relay | 10 → 12.5", deeds.get(3));
    assertEquals("PART_NEW | " + login + "-q, Relay | price 10", deeds.get(4));
    assertEquals("SIGNED_IN | Name " + login + " | by password, from 127.0.0.1", deeds.get(5));
    assertEquals(2, deeds(id, "&field=PRICES").stream().filter(d -> d.contains("-q")).count());
    assertEquals(1, deeds(id, "&field=COUNTS").size());
  }

  @Test
  void whatIsDoneToAnAccountIsOnIt() {
    account("\"role\":\"TECHNICIAN\"");
    account("\"role\":\"LEAD\"");
    account("\"role\":\"LEAD\",\"password\":\"" + PASSWORD + "\",\"own\":\"copper-star-7\"");
    account("\"role\":\"TECHNICIAN\",\"keepsBooks\":true,\"closed\":true");
    String table =
        new String(
            server.lead().bytes("/api/audit/table?days=1&field=RIGHTS"), StandardCharsets.UTF_8);
    List<String> mine =
        table.lines().filter(line -> line.contains("Name " + login)).map(AuditTest::deed).toList();
    assertEquals(
        List.of(
            "ACCOUNT_CHANGED technician, keeps the code books",
            "ACCOUNT_CLOSED ",
            "PASSWORD_SET ",
            "ACCOUNT_CHANGED lead, keeps the code books",
            "ACCOUNT_OPENED technician"),
        mine,
        table);
  }

  /** Of a line of the table: at, by, deed, of whom, what was told. */
  private static String deed(String line) {
    String[] cells = line.replace("\"", "").split(",", 5);
    return cells[2] + " " + cells[4].replaceAll(",$", "");
  }

  /** In one look, as other tests write meanwhile. */
  @Test
  void nothingThatWasDoneIsMissing() throws SQLException {
    String counts =
        """
        select kind, (select count(*) from audit where audit.kind = any(kinds)) as told, done from (values
          ('accounts', array['SIGNED_IN', 'SIGNED_OUT', 'ACCOUNT_OPENED', 'ACCOUNT_CHANGED', 'ACCOUNT_CLOSED',
            'PASSWORD_SET', 'INVITED', 'PASSKEY_MADE', 'PASSKEY_ENDED', 'PASSWORD_ENOUGH'],
            (select count(*) from account_event)),
          ('settings', array['SETTINGS'], (select count(*) from setting)),
          ('parts', array['PRICE', 'PART', 'PART_NEW', 'PART_REMOVED'], (select count(*) from stock_part)),
          ('counts', array['COUNT'],
            (select count(*) from stock_move where reason = 'COUNTED' and import_id is null)),
          ('imports', array['IMPORT', 'IMPORT_UNDONE'],
            (select count(*) from stock_import) + (select count(*) from stock_import_undo)),
          ('books', array['BOOK', 'BOOK_REMOVED'], (select count(*) from code_book_edition)),
          ('offers', array['OFFER'], (select count(*) from offer)),
          ('outcomes', array['OUTCOME'], (select count(*) from outcome)),
          ('photos', array['PHOTO_ERASED'], (select count(*) from photo_erasure)),
          ('learning', array['LEARNING'], (select count(*) from learning))) as source(kind, kinds, done)""";
    try (Connection database = server.database();
        Statement statement = database.createStatement();
        ResultSet row = statement.executeQuery(counts)) {
      int sources = 0;
      while (row.next()) {
        sources++;
        assertEquals(row.getLong("done"), row.getLong("told"), row.getString("kind"));
      }
      assertEquals(10, sources);
    }
  }

  @Test
  void everyDeedOfTheDatabaseHasAWord() throws SQLException {
    try (Connection database = server.database();
        Statement statement = database.createStatement();
        ResultSet row = statement.executeQuery("select distinct kind from audit")) {
      while (row.next()) {
        assertFalse(Deed.valueOf(row.getString(1)).title().isEmpty());
      }
    }
  }

  @Test
  void itGoesOnPageByPageAndNoRowIsShownTwiceOrLeftOut() {
    account("\"role\":\"LEAD\",\"password\":\"" + PASSWORD + "\"");
    Visitor who = server.signedIn(login, PASSWORD);
    UUID part = UUID.randomUUID();
    who.put(
        "/api/stock/parts/" + part + "/editions/" + UUID.randomUUID(),
        "{\"number\":\"" + login + "-p\",\"name\":\"Relay\",\"kind\":\"RELAY\"}");
    for (int count = 1; count <= 130; count++) {
      who.put(
          "/api/stock/parts/" + part + "/moves/" + UUID.randomUUID(),
          "{\"reason\":\"COUNTED\",\"at\":\"VAN\",\"where\":\"Wren\",\"count\":" + count + "}");
    }
    Visitor lead = server.lead();
    String asked = "/api/audit?days=1&field=COUNTS&person=" + id;
    Visitor.Answer first = lead.get(asked);
    Visitor.Answer second = lead.get(asked + "&before=" + encoded((String) first.at("next")));
    assertEquals(100, first.list("rows").size());
    assertEquals(30, second.list("rows").size());
    assertEquals("130", ((String) first.at("rows.0.told")).replaceAll(".* → ", ""));
    assertEquals("31", ((String) first.at("rows.99.told")).replaceAll(".* → ", ""));
    assertEquals("30", ((String) second.at("rows.0.told")).replaceAll(".* → ", ""));
    assertEquals("before", lead.get(asked + "&before=odd").at("errors.0.path"));
    assertEquals(422, lead.get("/api/audit?days=0").status());
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }

  @Test
  void noLineOfItIsChangedOrRemoved() throws SQLException {
    account("\"role\":\"TECHNICIAN\"");
    try (Connection database = server.database();
        Statement statement = database.createStatement()) {
      String mine = " where account_id = '" + id + "'";
      for (String change :
          List.of("delete from account_event", "update account_event set detail = ''")) {
        assertThrows(SQLException.class, () -> statement.execute(change + mine), change);
      }
    }
  }
}
