package variablerotor.server.web;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.core.Ordered;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.stereotype.Component;

/**
 * Whoever asks a database that just did not answer is told so at once: one request asks it several
 * times, and would wait each time.
 */
@Component
class DatabaseBreaker implements BeanPostProcessor, Ordered {
  /** How long what was found out holds [ns]. */
  private static final long HOLDS = 1_000_000_000;

  /** Before whatever chooses between several. */
  @Override
  public int getOrder() {
    return HIGHEST_PRECEDENCE;
  }

  @Override
  public Object postProcessAfterInitialization(Object bean, String name) {
    return bean instanceof HikariDataSource pool ? new Breaker(pool) : bean;
  }

  /** Every connection is in use: the database answers, and only not this one now. */
  static final class Busy extends SQLTransientConnectionException {
    private static final long serialVersionUID = 1L;

    Busy(SQLException fault) {
      super("every connection is in use", fault);
    }
  }

  private static final class Breaker extends DelegatingDataSource {
    private final HikariDataSource pool;
    private volatile boolean gone;
    private volatile long since;

    Breaker(HikariDataSource pool) {
      super(pool);
      this.pool = pool;
    }

    @Override
    public Connection getConnection() throws SQLException {
      if (gone && System.nanoTime() - since < HOLDS) {
        throw new SQLTransientConnectionException("the database did not answer just now");
      }
      Connection connection;
      try {
        connection = super.getConnection();
        gone = false;
      } catch (SQLException fault) {
        // With every connection in use it is alive, and only busy.
        HikariPoolMXBean state = pool.getHikariPoolMXBean();
        gone = state == null || state.getTotalConnections() == 0;
        since = System.nanoTime();
        throw gone ? fault : new Busy(fault);
      }
      return BranchConnections.told(connection);
    }
  }
}
