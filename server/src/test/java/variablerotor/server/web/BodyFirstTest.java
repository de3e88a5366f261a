package variablerotor.server.web;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockAsyncContext;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import tools.jackson.databind.json.JsonMapper;

/**
 * A body on its way, by a container that says what it likes: of Tomcat's own a request was now and
 * then told to be over before it was, on a machine that stood still for moments.
 */
class BodyFirstTest {
  private static final byte[] SENT = "{\"volts\":241.5}".getBytes(StandardCharsets.UTF_8);

  private final BodyFirst filter = new BodyFirst(new JsonMapper(), mock(SignedIn.class));
  private Arriving arriving = new Arriving();
  private final MockHttpServletResponse response = new MockHttpServletResponse();
  private final List<ServletRequest> passedOn = new ArrayList<>();

  private final MockHttpServletRequest request =
      new MockHttpServletRequest("PUT", "/api/calls/x") {
        @Override
        public ServletInputStream getInputStream() {
          return arriving;
        }
      };

  /** What has come of the body, and whoever waits for more. */
  private static final class Arriving extends ServletInputStream {
    private @Nullable ReadListener listener;
    private int come;
    private int read;

    @Override
    public int read() {
      return read < come ? SENT[read++] : -1;
    }

    @Override
    public int available() {
      return come - read;
    }

    @Override
    public boolean isReady() {
      return read < come;
    }

    @Override
    public boolean isFinished() {
      return read == SENT.length;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      this.listener = listener;
    }

    void comes(int upTo) throws IOException {
      come = upTo;
      told().onDataAvailable();
      if (isFinished()) {
        told().onAllDataRead();
      }
    }

    void isSaidToBeOver() throws IOException {
      told().onAllDataRead();
    }

    private ReadListener told() {
      return Objects.requireNonNull(listener);
    }
  }

  @BeforeEach
  void begun() throws Exception {
    request.setProtocol("HTTP/2.0");
    request.setAsyncSupported(true);
    request.setContent(SENT);
    begin();
  }

  private void begin() throws Exception {
    filter.doFilter(request, response, (passed, answer) -> passedOn.add(passed));
    assertEquals(List.of(), passedOn, "it waits for its body");
  }

  @AfterEach
  void over() {
    filter.destroy();
  }

  private MockAsyncContext waiting() {
    return (MockAsyncContext) Objects.requireNonNull(request.getAsyncContext());
  }

  private void dispatched() throws Exception {
    request.setDispatcherType(DispatcherType.ASYNC);
    filter.doFilter(request, response, (passed, answer) -> passedOn.add(passed));
  }

  private void told(boolean over) throws IOException {
    for (AsyncListener one : waiting().getListeners()) {
      if (over) {
        one.onComplete(new AsyncEvent(waiting()));
      } else {
        one.onError(new AsyncEvent(waiting()));
      }
    }
  }

  @Test
  void itIsReadWhereItCameWhole() throws Exception {
    arriving.comes(4);
    arriving.comes(SENT.length);
    dispatched();
    assertEquals(200, response.getStatus());
    assertEquals(1, passedOn.size());
  }

  @Test
  void itIsTheSameThatWasSent() throws Exception {
    arriving.comes(SENT.length);
    request.setDispatcherType(DispatcherType.ASYNC);
    filter.doFilter(
        request,
        response,
        (passed, answer) -> assertArrayEquals(SENT, passed.getInputStream().readAllBytes()));
  }

  /** Neither a fault of whoever sent it nor an empty one: it is sent again. */
  @Test
  void ofWhichSomeIsMissingItIsNotPassedOn() throws Exception {
    arriving.comes(4);
    dispatched();
    assertEquals(List.of(), passedOn);
    assertEquals(503, response.getStatus());
    assertTrue(response.getContentAsString().contains("sent again"));
  }

  /** Of an HTTP/2 stream Tomcat can overlook what comes with the head: it is not asked. */
  @Test
  void thatIsHereAtOnceIsReadWithoutAnybodyBeingTold() throws Exception {
    arriving = new Arriving();
    arriving.come = SENT.length;
    begin();
    assertNull(arriving.listener);
    request.setDispatcherType(DispatcherType.ASYNC);
    filter.doFilter(
        request,
        response,
        (passed, answer) -> {
          passedOn.add(passed);
          assertArrayEquals(SENT, passed.getInputStream().readAllBytes());
        });
    assertEquals(1, passedOn.size());
  }

  @Test
  void ofWhichSomeIsHereAtOnceTheOthersAreWaitedFor() throws Exception {
    arriving = new Arriving();
    arriving.come = 4;
    begin();
    arriving.comes(SENT.length);
    dispatched();
    assertEquals(1, passedOn.size());
  }

  @Test
  void thatIsSaidToBeOverTooEarlyIsSentAgain() throws Exception {
    arriving.comes(4);
    arriving.isSaidToBeOver();
    assertEquals(503, response.getStatus());
    assertTrue(response.getContentAsString().contains("sent again"));
    assertEquals(List.of(), passedOn);
  }

  @Test
  void thatIsOverBeforeItIsReadIsNotPassedOn() throws Exception {
    arriving.comes(SENT.length);
    told(true);
    dispatched();
    assertEquals(List.of(), passedOn);
    assertEquals(503, response.getStatus());
  }

  @Test
  void thatIsOverWhileItIsReadIsNotAnEmptyOne() throws Exception {
    arriving.comes(SENT.length);
    request.setDispatcherType(DispatcherType.ASYNC);
    filter.doFilter(
        request,
        response,
        (passed, answer) -> {
          told(false);
          assertThrows(Gathered.Lost.class, passed::getInputStream);
        });
  }

  @Test
  void theContainersClockDoesNotEndIt() throws Exception {
    assertEquals(0, waiting().getTimeout());
    arriving.comes(4);
    assertFalse(response.isCommitted());
  }
}
