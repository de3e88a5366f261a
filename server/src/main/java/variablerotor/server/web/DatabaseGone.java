package variablerotor.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * While the database does not answer, whoever asks is told so within seconds; what the page holds
 * waits on the device.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class DatabaseGone extends OncePerRequestFilter {
  private static final String GONE =
      "The database does not answer. What you enter is kept on this device and sent when it does.";

  private static final String BUSY =
      "Too much is asked at once. What you enter is kept on this device and sent again.";

  private final JsonMapper json;

  DatabaseGone(JsonMapper json) {
    this.json = json;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (ServletException | RuntimeException fault) {
      if (!is(fault)) {
        throw fault;
      }
      if (response.isCommitted()) {
        // Told already; it is the session that could not be kept either.
        if (response.getStatus() == HttpStatus.SERVICE_UNAVAILABLE.value()) {
          return;
        }
        throw fault;
      }
      response.reset();
      Problems.write(json, response, HttpStatus.SERVICE_UNAVAILABLE, detail(fault));
    }
  }

  /** What is said of it: a database that is busy is not one that is gone. */
  static String detail(Throwable fault) {
    for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
      if (cause instanceof DatabaseBreaker.Busy) {
        return BUSY;
      }
    }
    return GONE;
  }

  /**
   * Whether it is for want of a connection: by the classes of SQLSTATE for connections, lack of
   * resources, an operator's word, and a database that takes none (PostgreSQL's manual, appendix
   * A).
   */
  static boolean is(Throwable fault) {
    for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLTransientConnectionException
          || cause instanceof DataAccessResourceFailureException
          || cause instanceof CannotCreateTransactionException
          || cause instanceof TransactionSystemException) {
        return true;
      }
      String state = cause instanceof SQLException sql ? sql.getSQLState() : null;
      if (state != null
          && (state.startsWith("08")
              || state.startsWith("53")
              || state.startsWith("57P")
              || state.equals("55000"))) {
        return true;
      }
    }
    return false;
  }
}
