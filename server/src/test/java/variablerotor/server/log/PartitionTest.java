package variablerotor.server.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Year;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** Readings and photos lie by years; an id stands once over all of them. */
@ExtendWith(Server.class)
class PartitionTest {
  private static final String VOLTS = "{\"fact\":\"line.volts\",\"value\":231}";

  private final Server server;
  private final Visitor tobin;

  PartitionTest(Server server) {
    this.server = server;
    tobin = server.technician();
  }

  private String one(String query) throws SQLException {
    try (Connection database = server.database();
        Statement statement = database.createStatement();
        ResultSet row = statement.executeQuery(query)) {
      row.next();
      return row.getString(1);
    }
  }

  private int rows(String statement) throws SQLException {
    try (Connection database = server.database();
        Statement run = database.createStatement()) {
      return run.executeUpdate(statement);
    }
  }

  private String kept(String call) {
    UUID id = UUID.randomUUID();
    assertEquals(200, tobin.put(call + "/readings/" + id, VOLTS).status());
    return id.toString();
  }

  /** A copy of a reading at another time. */
  private int copied(String from, String id, String at) throws SQLException {
    return rows(
        """
        insert into reading (id, call_id, fact, value, author, at)
        select '%s', call_id, fact, value, author, '%s' from reading where id = '%s'"""
            .formatted(id, at, from));
  }

  private String partitionAt(String from, String at) throws SQLException {
    String id = UUID.randomUUID().toString();
    assertEquals(1, copied(from, id, at));
    return one("select tableoid::regclass from reading where id = '" + id + "'");
  }

  @Test
  void aRowLiesInThePartitionOfItsYear() throws SQLException {
    String from = kept(tobin.openCall());
    int next = Math.max(2027, Year.now().getValue() + 1);
    assertEquals("reading_" + next, partitionAt(from, next + "-01-01 00:00:00+00"));
    assertEquals("reading_before_2027", partitionAt(from, "2026-12-31 23:59:59+00"));
    assertEquals("reading_other", partitionAt(from, "2099-06-01 00:00:00+00"));
    // What a wrong clock put there stops no start, and is found as before.
    one("select make_partitions('reading', 2099)");
    assertEquals("reading_other", partitionAt(from, "2099-06-02 00:00:00+00"));
    assertEquals("reading_2098", partitionAt(from, "2098-06-02 00:00:00+00"));
  }

  @Test
  void anIdStandsOnceOverAllYears() throws SQLException {
    String call = tobin.openCall();
    String id = kept(call);
    assertEquals(0, copied(id, id, "2028-05-01 00:00:00+00"));
    // The same again is the same save; something else is refused, also on another call.
    assertEquals(200, tobin.put(call + "/readings/" + id, VOLTS).status());
    assertEquals(409, tobin.put(call + "/readings/" + id, VOLTS.replace("231", "9")).status());
    assertEquals(409, tobin.put(tobin.openCall() + "/readings/" + id, VOLTS).status());
    assertEquals("1", one("select count(*) from reading where id = '" + id + "'"));
  }

  @Test
  void noRowOfAPartitionIsChangedOrRemoved() throws SQLException {
    String from = kept(tobin.openCall());
    String there = partitionAt(from, "2026-11-30 00:00:00+00");
    for (String table : List.of("reading", there, "reading_id")) {
      assertThrows(SQLException.class, () -> rows("delete from " + table), table);
    }
    assertThrows(SQLException.class, () -> rows("update reading set value = '1'"));
  }
}
