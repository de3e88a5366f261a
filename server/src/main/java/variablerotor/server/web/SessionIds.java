package variablerotor.server.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.springframework.session.web.http.CookieHttpSessionIdResolver;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.HttpSessionIdResolver;
import org.springframework.stereotype.Component;

/**
 * Reads the session's id from its cookie, once for each request. Spring Session asks for it again
 * when the answer is already on its way, and would read the whole session from the database to
 * compare its id.
 */
@Component
class SessionIds implements HttpSessionIdResolver {
  private static final String ASKED = SessionIds.class.getName();

  private final CookieHttpSessionIdResolver cookies = new CookieHttpSessionIdResolver();

  SessionIds(CookieSerializer serializer) {
    cookies.setCookieSerializer(serializer);
  }

  /**
   * @param by a request that is handed on, to be told of a fault, is wrapped anew and asks anew
   */
  private record Asked(HttpServletRequest by, List<String> ids) {}

  @Override
  public List<String> resolveSessionIds(HttpServletRequest request) {
    if (request.getAttribute(ASKED) instanceof Asked asked && asked.by == request) {
      return List.of();
    }
    List<String> ids = cookies.resolveSessionIds(request);
    request.setAttribute(ASKED, new Asked(request, ids));
    return ids;
  }

  @Override
  public void setSessionId(
      HttpServletRequest request, HttpServletResponse response, String sessionId) {
    boolean itsOwn =
        request.getAttribute(ASKED) instanceof Asked asked && asked.ids.contains(sessionId);
    if (!itsOwn) {
      cookies.setSessionId(request, response, sessionId);
    }
  }

  @Override
  public void expireSession(HttpServletRequest request, HttpServletResponse response) {
    cookies.expireSession(request, response);
  }
}
