package variablerotor.server.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import variablerotor.server.Server;
import variablerotor.server.Visitor;
import variablerotor.server.web.Signs;

/** A lead is told how the machine stands, and what to see to. */
@ExtendWith(Server.class)
class HealthTest {
  @Test
  void eachPartSaysHowItStands(Server server) {
    Visitor.Answer health = server.lead().get("/api/shop/keeping/health");
    assertEquals(200, health.status(), health.body());
    List<String> signs =
        health.list("signs").stream()
            .map(one -> (Map<?, ?>) one)
            .map(one -> one.get("what") + " " + one.get("well") + " " + one.get("says"))
            .toList();
    for (String expected :
        List.of(
            "Database true answers in \\d+ ms, holds \\d+ MB, schema \\d+",
            "Work under way true \\d+ questions? at once, of \\d+ at most",
            "Room on the disk (true|false) [\\d.]+ of \\d+ GB are free.*",
            "Memory (true|false) \\d+ of \\d+ MB were held when last tidied",
            "Backups false this program takes none by itself")) {
      assertTrue(signs.stream().anyMatch(one -> one.matches(expected)), expected + " in " + signs);
    }
  }

  @Test
  void aDatabaseThatCannotBeWrittenIsSaid() throws SQLException {
    DatabaseStore store = mock(DatabaseStore.class);
    when(store.state()).thenReturn(new DatabaseStore.State(5_000_000, "7", true));
    HikariDataSource connections = mock(HikariDataSource.class);
    when(connections.getHikariPoolMXBean()).thenReturn(mock(HikariPoolMXBean.class));
    DataSource pool = mock(DataSource.class);
    when(pool.unwrap(HikariDataSource.class)).thenReturn(connections);
    Signs.Sign database = new MachineSigns(pool, store).signs().get(0);
    assertEquals(false, database.well());
    assertTrue(database.says().contains("can be read and not written"), database.says());
  }
}
