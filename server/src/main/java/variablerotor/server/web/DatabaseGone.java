package variablerotor.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
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

  private static final String READ_ONLY =
      "The database takes nothing just now: its disk is full, or it is a standby. What you enter is"
          + " kept on this device and sent when it does.";

  /** SQLSTATE where nothing may be written (PostgreSQL's manual, appendix A). */
  private static final String IS_READ_ONLY = "25006";

  private static final List<String> CLASSES =
      List.of("08", "53", "57P", "58", "55000", IS_READ_ONLY);

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
        // Told already; it is the time of the session's last use that could not be kept.
        return;
      }
      response.reset();
      Problems.write(json, response, HttpStatus.SERVICE_UNAVAILABLE, detail(fault));
    }
  }

  /** What is said of it: a database that is busy is not one that is gone. */
  static String detail(Throwable fault) {
    for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
      String state = cause instanceof SQLException sql ? sql.getSQLState() : null;
      if (cause instanceof DatabaseBreaker.Busy || (state != null && isCrossed(state))) {
        return BUSY;
      }
      if (IS_READ_ONLY.equals(state)) {
        return READ_ONLY;
      }
    }
    return GONE;
  }

  /**
   * Whether it is the database's and not the request's: by the classes of SQLSTATE for connections,
   * lack of resources, faults of its disk, an operator's word, a database that takes none or
   * nothing, statements that it no longer knows, and transactions that crossed another
   * (PostgreSQL's manual, appendix A).
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
          && (CLASSES.stream().anyMatch(state::startsWith) || isStale(state) || isCrossed(state))) {
        return true;
      }
    }
    return false;
  }

  /** Of two transactions that waited for each other, one was ended: class 40. */
  private static boolean isCrossed(String state) {
    return state.startsWith("40");
  }

  /** Of a statement that was made ready on a connection and is not there: a pooler gave another. */
  private static boolean isStale(String state) {
    return state.equals("26000");
  }
}
