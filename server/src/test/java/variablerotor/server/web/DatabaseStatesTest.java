package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import variablerotor.sampling.Sampled;
import variablerotor.server.Server;
import variablerotor.server.Visitor;

/** A database that can only be read, or forgot what was made ready on it, is told in words. */
class DatabaseStatesTest {
  private static final String TAKES_NOTHING =
      "The database takes nothing just now: its disk is full, or it is a standby. What you enter is"
          + " kept on this device and sent when it does.";

  private static void run(Server server, String sql) throws SQLException {
    try (Connection database = server.database();
        Statement statement = database.createStatement()) {
      statement.execute("set default_transaction_read_only = off");
      statement.execute(sql);
    }
  }

  private static void onlyRead(Server server, boolean only) throws SQLException {
    run(
        server,
        "do $$ begin execute format('alter database %I set default_transaction_read_only = "
            + (only ? "on" : "off")
            + "', current_database()); end $$");
    run(
        server,
        "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database()"
            + " and pid <> pg_backend_pid()");
  }

  private static Visitor.Answer reading(Visitor tobin, String call, UUID id) {
    return tobin.put(call + "/readings/" + id, "{\"fact\":\"line.volts\",\"value\":240}");
  }

  @Sampled(2)
  @Test
  void whatItForgetsAndWhatItTakesNoMore() throws SQLException, InterruptedException {
    Server server = Server.told(true);
    try {
      Visitor tobin = server.technician();
      String call = tobin.openCall();
      forgets(server, tobin, call);
      takesNothing(server, tobin, call);
    } finally {
      server.close();
    }
  }

  /** As behind a pooler that hands a statement to another connection than it was made ready on. */
  private void forgets(Server server, Visitor tobin, String call) throws SQLException {
    // Asked so often that the driver has made the statements ready.
    for (int i = 0; i < 12; i++) {
      assertEquals(200, tobin.get(call).status());
    }
    HikariDataSource pool = server.bean(DataSource.class).unwrap(HikariDataSource.class);
    List<Connection> held = new ArrayList<>();
    for (int i = 0; i < pool.getHikariPoolMXBean().getIdleConnections(); i++) {
      held.add(pool.getConnection());
    }
    for (Connection one : held) {
      try (Statement statement = one.createStatement()) {
        // Past the driver, which would make them ready again.
        statement.execute("do $$ begin execute 'deallocate all'; end $$");
      }
      one.close();
    }
    int busy = 0;
    for (int i = 0; i < 60; i++) {
      Visitor.Answer answer = tobin.get(call);
      assertTrue(answer.status() == 200 || answer.status() == 503, answer.body());
      busy += answer.status() == 503 ? 1 : 0;
    }
    System.out.println(busy + " of 60 were sent away");
    assertTrue(busy <= 20, busy + " were sent away");
    assertEquals(200, tobin.get(call).status(), "the connections that forgot are gone");
  }

  private void takesNothing(Server server, Visitor tobin, String call)
      throws SQLException, InterruptedException {
    UUID id = UUID.randomUUID();
    onlyRead(server, true);
    try {
      List<String> told = new ArrayList<>();
      // At first the connections are gone, which is told as such.
      for (int i = 0; i < 100 && !told.contains(TAKES_NOTHING); i++) {
        Visitor.Answer answer = reading(tobin, call, id);
        assertEquals(503, answer.status(), answer.body());
        told.add((String) answer.at("detail"));
        Thread.sleep(100);
      }
      assertTrue(told.contains(TAKES_NOTHING), told.toString());
    } finally {
      onlyRead(server, false);
    }
    int tries = 0;
    while (reading(tobin, call, id).status() != 200) {
      assertTrue(++tries < 100, "it takes readings again");
      Thread.sleep(100);
    }
    assertEquals(1, tobin.get(call).list("readings").size());
  }
}
