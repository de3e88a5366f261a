package variablerotor.server.account;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import variablerotor.server.web.Branch;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Security;

/**
 * A session stands on one edition of its account: with a changed role, a new password or a closed
 * account it has ended, at once and everywhere. It ends of itself after a week, too.
 */
@Configuration
class Standings implements WebMvcConfigurer, HandlerInterceptor {
  private static final String EDITION = "account edition";
  private static final String SINCE = "signed in";
  private static final Duration LONGEST = Duration.ofDays(7);

  private final AccountStore store;
  private final Clock clock;

  Standings(AccountStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/**").order(-1);
  }

  /** Notes what a session stands on from now on. */
  void begin(HttpSession session, int edition) {
    session.setAttribute(EDITION, edition);
    session.setAttribute(SINCE, clock.millis());
  }

  /** The edition of the account that a session stands on; none has -1. */
  static int edition(HttpSession session) {
    return session.getAttribute(EDITION) instanceof Integer edition ? edition : -1;
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    Account account = Current.orNull();
    if (account != null) {
      Branch.asks(request, Current.branch());
    }
    if (request.getDispatcherType() == DispatcherType.ASYNC) {
      // The end of what was let in when it began, such as a stream that ends with its session.
      return true;
    }
    HttpSession session = request.getSession(false);
    if (account == null || session == null || stands(account, session)) {
      return true;
    }
    session.invalidate();
    SecurityContextHolder.clearContext();
    if (Security.SIGNING_IN.contains(request.getRequestURI())) {
      // Whoever asks who is signed in, or signs in anew, is answered.
      return true;
    }
    throw Refused.signIn("Sign in again. What you entered is kept on this device.");
  }

  private boolean stands(Account account, HttpSession session) {
    Object since = session.getAttribute(SINCE);
    boolean young =
        since instanceof Long at
            && Duration.between(Instant.ofEpochMilli(at), clock.instant()).compareTo(LONGEST) < 0;
    return young
        && store
            .standing(account.id())
            .filter(now -> !now.closed() && now.edition() == edition(session))
            .isPresent();
  }
}
