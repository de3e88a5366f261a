package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import javax.sql.DataSource;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.CannotCreateTransactionException;

/** A database that is busy is not one that is gone, and whoever waits for it is told which. */
class BusyTest {
  @ParameterizedTest
  @CsvSource({"10, Too much is asked at once", "0, The database does not answer"})
  void isTold(int connections, String told) throws SQLException {
    HikariDataSource pool = mock(HikariDataSource.class);
    HikariPoolMXBean state = mock(HikariPoolMXBean.class);
    when(pool.getConnection()).thenThrow(new SQLTransientConnectionException("timed out"));
    when(pool.getHikariPoolMXBean()).thenReturn(state);
    when(state.getTotalConnections()).thenReturn(connections);
    DataSource breaker =
        (DataSource) new DatabaseBreaker().postProcessAfterInitialization(pool, "pool");
    SQLException fault = assertThrows(SQLException.class, breaker::getConnection);
    Throwable wrapped = new CannotCreateTransactionException("no transaction", fault);
    assertTrue(DatabaseGone.is(wrapped));
    assertTrue(DatabaseGone.detail(wrapped).startsWith(told), DatabaseGone.detail(wrapped));
    assertFalse(DatabaseGone.detail(wrapped).contains("xception"));
  }
}
