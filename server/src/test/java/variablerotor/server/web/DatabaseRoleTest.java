package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;

/**
 * What is never changed cannot be changed by the application either, whatever it is made to say.
 */
@ExtendWith(Server.class)
class DatabaseRoleTest {
  private final Server server;

  DatabaseRoleTest(Server server) {
    this.server = server;
  }

  private List<String> texts(String query) throws SQLException {
    List<String> texts = new ArrayList<>();
    try (Connection connection = server.bean(DataSource.class).getConnection();
        Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery(query)) {
      while (rows.next()) {
        texts.add(rows.getString(1));
      }
    }
    return texts;
  }

  private void refused(String sql) throws SQLException {
    try (Connection connection = server.bean(DataSource.class).getConnection();
        Statement statement = connection.createStatement()) {
      SQLException fault = assertThrows(SQLException.class, () -> statement.execute(sql), sql);
      // Insufficient privilege, or a trigger that says no.
      assertTrue(List.of("42501", "P0001").contains(fault.getSQLState()), sql + fault);
    }
  }

  @Test
  void itOwnsNothingAndIsNobodySpecial() throws SQLException {
    assertEquals(List.of("rotor_app"), texts("select current_user"));
    assertEquals(
        List.of("f"),
        texts(
                "select rolsuper or rolcreatedb or rolcreaterole from pg_roles"
                    + " where rolname = current_user")
            .stream()
            .map(one -> one.substring(0, 1))
            .toList());
    assertEquals(
        List.of(), texts("select tablename from pg_tables where tableowner = current_user"));
  }

  @Test
  void whatIsNeverChangedStays() throws SQLException {
    List<String> kept =
        texts(
            "select relname from pg_trigger join pg_class c on c.oid = tgrelid"
                + " where tgname = 'append_only'");
    assertTrue(kept.size() >= 11, kept.toString());
    for (String table : kept) {
      refused("truncate " + table + " cascade");
      refused("alter table " + table + " disable trigger all");
      refused("delete from " + table);
      refused("update " + table + " set id = id");
      refused("drop trigger append_only on " + table);
    }
    refused("set session_replication_role = replica");
    refused("update flyway_schema_history set success = false");
    refused("create table mine (a int)");
    refused("drop function refuse_change cascade");
  }
}
