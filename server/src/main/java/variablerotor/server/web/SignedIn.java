package variablerotor.server.web;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.stereotype.Component;

/** Whether a request comes from somebody who is signed in, asked before anything is done for it. */
@Component
class SignedIn {
  private final SessionRepository<? extends Session> sessions;
  private final CookieSerializer cookies;

  SignedIn(SessionRepository<? extends Session> sessions, CookieSerializer cookies) {
    this.sessions = sessions;
    this.cookies = cookies;
  }

  /**
   * What the person may do is asked later, when the request is whole.
   *
   * @throws org.springframework.dao.DataAccessException where the database does not answer
   */
  boolean is(HttpServletRequest request) {
    List<String> ids = cookies.readCookieValues(request);
    if (ids.isEmpty()) {
      return false;
    }
    Session session = sessions.findById(ids.get(0));
    return session != null
        && !session.isExpired()
        && session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY)
            != null;
  }
}
