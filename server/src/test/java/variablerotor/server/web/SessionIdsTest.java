package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.session.MapSession;
import org.springframework.session.MapSessionRepository;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.SessionRepositoryFilter;

/** In Spring Session's own filter, as the application has it. */
class SessionIdsTest {
  private static final String COOKIE = "rotor";

  private final MapSessionRepository sessions =
      spy(new MapSessionRepository(new ConcurrentHashMap<>()));
  private final SessionRepositoryFilter<MapSession> filter =
      new SessionRepositoryFilter<>(sessions);
  private final MockHttpServletRequest request = new MockHttpServletRequest();
  private final MockHttpServletResponse response = new MockHttpServletResponse();
  private String kept = "";

  private interface Work {
    void on(HttpServletRequest request, HttpServletResponse response) throws Exception;
  }

  @BeforeEach
  void aSessionIsThere() {
    DefaultCookieSerializer serializer = new DefaultCookieSerializer();
    serializer.setCookieName(COOKIE);
    filter.setHttpSessionIdResolver(new SessionIds(serializer));
    MapSession session = sessions.createSession();
    session.setAttribute("who", "tobin");
    sessions.save(session);
    kept = session.getId();
    request.setCookies(new Cookie(COOKIE, written(kept)));
  }

  @Test
  void oneThatGoesOnIsReadOnceAndItsCookieNotSentAgain() throws Exception {
    go(
        (request, response) -> {
          assertEquals("tobin", request.getSession(false).getAttribute("who"));
          response.getWriter().write("done");
          response.flushBuffer();
        });
    verify(sessions, times(1)).findById(kept);
    assertNull(response.getCookie(COOKIE));
  }

  @Test
  void aNewIdIsSent() throws Exception {
    String[] changed = {""};
    go(
        (request, response) -> {
          request.getSession(false);
          changed[0] = request.changeSessionId();
          response.flushBuffer();
        });
    assertEquals(written(changed[0]), sent());
    assertNull(sessions.findById(kept));
  }

  @Test
  void aNewSessionAfterOneThatEndedIsSent() throws Exception {
    String[] begun = {""};
    go(
        (request, response) -> {
          request.getSession(false).invalidate();
          assertNull(request.getSession(false));
          begun[0] = request.getSession(true).getId();
          response.flushBuffer();
        });
    assertEquals(written(begun[0]), sent());
  }

  @Test
  void oneThatEndedIsTakenFromTheBrowser() throws Exception {
    go((request, response) -> request.getSession(false).invalidate());
    assertEquals("", sent());
    assertNull(sessions.findById(kept));
  }

  @Test
  void aSessionBegunWithoutACookieIsSent() throws Exception {
    request.setCookies();
    String[] begun = {""};
    go(
        (request, response) -> {
          assertNull(request.getSession(false));
          begun[0] = request.getSession(true).getId();
        });
    assertEquals(written(begun[0]), sent());
  }

  @Test
  void aRequestHandedOnHasItToo() throws Exception {
    go((request, response) -> assertNotNull(request.getSession(false)));
    go((request, response) -> assertNotNull(request.getSession(false)));
    verify(sessions, times(2)).findById(kept);
  }

  private void go(Work work) throws Exception {
    filter.doFilter(
        request,
        response,
        (asked, answered) -> {
          try {
            work.on((HttpServletRequest) asked, (HttpServletResponse) answered);
          } catch (Exception fault) {
            throw new IllegalStateException(fault);
          }
        });
  }

  private String sent() {
    Cookie cookie = response.getCookie(COOKIE);
    assertNotNull(cookie);
    return cookie.getValue();
  }

  private static String written(String id) {
    return Base64.getEncoder().encodeToString(id.getBytes(StandardCharsets.UTF_8));
  }
}
