package variablerotor.server.web;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import org.apache.coyote.BadRequestException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.json.JsonMapper;

/**
 * A request's body is gathered before anything else happens to it, and no thread waits meanwhile:
 * whoever sends a byte now and then holds a socket, and nobody up. What comes too slowly is given
 * up. A large body is gathered on the disk, for whoever is signed in; a stranger's is thrown away,
 * and what came before it is answered.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyFirst extends OncePerRequestFilter {
  /**
   * Largest body that is gathered [byte], a call's file with all its photos; of a larger one, what
   * comes is thrown away.
   */
  static final int MOST = 48 * 1024 * 1024;

  /** All that is gathered at once, and for one address [byte]: a shop can be behind one. */
  private static final long MOST_AT_ONCE = 512L * 1024 * 1024;

  private static final long MOST_OF_ONE = 256L * 1024 * 1024;

  /** Everybody gets this long [ms], and a second for each so many bytes beyond. */
  private static final long PATIENCE = 15_000;

  private static final long LEAST_PER_SECOND = 8 * 1024;

  /** So much of what nobody takes is read [byte], so that whoever sent it reads the answer. */
  private static final long MOST_THROWN_AWAY = MOST + 16L * 1024 * 1024;

  /** So long [ns] a thread waits for a small body, and so long between looks. */
  private static final long AT_ONCE = 20_000_000;

  private static final long LOOK_AGAIN = 200_000;

  private static final String CROWDED =
      "Too much is coming in at once. What you entered is kept and sent again.";

  private static final String SLOW = "The request came too slowly. Try again.";

  static final String LOST =
      "The server did not get all of it. What you entered is kept and sent again.";

  static final String GATHERED = BodyFirst.class.getName();

  private static final Logger LOG = LoggerFactory.getLogger(BodyFirst.class);

  private final JsonMapper json;
  private final SignedIn signedIn;
  private final Room room = new Room(MOST_AT_ONCE, MOST_OF_ONE);
  private final ScheduledThreadPoolExecutor clock = clock();

  BodyFirst(JsonMapper json, SignedIn signedIn) {
    this.json = json;
    this.signedIn = signedIn;
  }

  private static ScheduledThreadPoolExecutor clock() {
    ScheduledThreadPoolExecutor clock =
        new ScheduledThreadPoolExecutor(
            1,
            task -> {
              Thread thread = new Thread(task, "slow-bodies");
              thread.setDaemon(true);
              return thread;
            });
    clock.setRemoveOnCancelPolicy(true);
    return clock;
  }

  @Override
  public void destroy() {
    clock.shutdownNow();
  }

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getDispatcherType() == DispatcherType.ASYNC
        && request.getAttribute(GATHERED) instanceof Gathered body) {
      request.removeAttribute(GATHERED);
      try (body) {
        if (!body.isWhole()) {
          // Nobody is to be told that what they sent is wrong where it was lost here.
          lost(response, 0, request.getContentLengthLong());
          return;
        }
        chain.doFilter(new WithBody(request, body), response);
      }
    } else if (request.getDispatcherType() == DispatcherType.REQUEST && hasBody(request)) {
      gather(request, response);
    } else {
      chain.doFilter(request, response);
    }
  }

  private static boolean hasBody(HttpServletRequest request) {
    long told = request.getContentLengthLong();
    return told > 0
        || request.getHeader("Transfer-Encoding") != null
        || (told < 0 && maySend(request));
  }

  /** Whether it can bring a body without a word of that: where none comes, it is over at once. */
  private static boolean maySend(HttpServletRequest request) {
    return isStream(request)
        && !request.getMethod().equals("GET")
        && !request.getMethod().equals("HEAD");
  }

  /** Whether it is one of the many that share an HTTP/2 connection. */
  private static boolean isStream(HttpServletRequest request) {
    return request.getProtocol().equals("HTTP/2.0");
  }

  private void gather(HttpServletRequest request, HttpServletResponse response) throws IOException {
    long told = request.getContentLengthLong();
    // A small one takes no room that could be filled: each connection has as much in any case.
    boolean known;
    try {
      known = (told < 0 || told > Gathered.IN_MEMORY) && signedIn.is(request);
    } catch (RuntimeException fault) {
      if (!DatabaseGone.is(fault)) {
        throw fault;
      }
      Problems.write(json, response, HttpStatus.SERVICE_UNAVAILABLE, DatabaseGone.detail(fault));
      return;
    }
    long mostOf = known ? MOST : Gathered.IN_MEMORY;
    // Nobody who does not say how much there is sends much.
    long most = told < 0 ? Math.min(mostOf, BodyLimit.USUAL) : Math.min(told, mostOf);
    Gathered body = new Gathered(told > most, room, request.getRemoteAddr());
    request.setAttribute(GATHERED, body);
    AsyncContext wait = request.startAsync();
    // The container's own clock can take a request for the one before it on the same connection.
    wait.setTimeout(0);
    Gathering gathering = new Gathering(request, response, body, wait, most);
    gathering.isPatientFor(PATIENCE + 1000 * most / LEAST_PER_SECOND);
    wait.addListener(gathering);
    if (!(isStream(request) && gathering.isHereAtOnce())) {
      request.getInputStream().setReadListener(gathering);
    }
  }

  private void lost(HttpServletResponse response, long here, long told) {
    LOG.warn("of a body of {} byte {} are here, the others were lost", told, here);
    answer(response, HttpStatus.SERVICE_UNAVAILABLE, LOST);
  }

  private void answer(HttpServletResponse response, HttpStatus status, String detail) {
    try {
      // What is still to come is not waited for.
      response.setHeader("Connection", "close");
      Problems.write(json, response, status, detail);
      // It stands, whatever the container would say of a request that ends here.
      response.flushBuffer();
    } catch (IOException | IllegalStateException gone) {
      logger.debug("nobody to answer to", gone);
    }
  }

  /** One body on its way: it comes whole, or fails, or takes too long; whichever is first. */
  private final class Gathering implements ReadListener, AsyncListener {
    private final HttpServletResponse response;
    private final Gathered body;
    private final AsyncContext wait;
    private final long most;

    /** What is to come [byte]; -1 where that was not said. */
    private final long told;

    private final ServletInputStream in;
    private final byte[] part = new byte[8192];
    private final AtomicBoolean ended = new AtomicBoolean();
    private @Nullable Future<?> tooLong;
    private long come;

    Gathering(
        HttpServletRequest request,
        HttpServletResponse response,
        Gathered body,
        AsyncContext wait,
        long most)
        throws IOException {
      this.response = response;
      this.body = body;
      this.wait = wait;
      this.most = most;
      told = request.getContentLengthLong();
      in = request.getInputStream();
    }

    /**
     * @param millis [ms]
     */
    void isPatientFor(long millis) {
      tooLong = clock.schedule(this::tooSlow, millis, TimeUnit.MILLISECONDS);
    }

    /**
     * Whether a small one came with its head, or right after, as nearly all do. Of a stream whose
     * end comes between two looks of the container's at it, that can say that there is nothing to
     * read, and tell nobody of what there is; so it is not asked unless there is need to wait.
     */
    boolean isHereAtOnce() throws IOException {
      if (told < 0 || told > BodyLimit.USUAL) {
        return false;
      }
      long until = System.nanoTime() + AT_ONCE;
      while (come < told || !in.isFinished()) {
        if (in.available() > 0) {
          int got = in.read(part);
          if (got < 0) {
            return false;
          }
          take(got);
        } else if (System.nanoTime() > until) {
          return false;
        } else {
          LockSupport.parkNanos(LOOK_AGAIN);
        }
      }
      onAllDataRead();
      return true;
    }

    @Override
    public void onDataAvailable() throws IOException {
      while (in.isReady() && !in.isFinished()) {
        int got = in.read(part);
        if (got < 0) {
          return;
        }
        take(got);
      }
    }

    private void take(int got) throws IOException {
      body.add(part, got, most);
      come += got;
      if (come > MOST_THROWN_AWAY) {
        throw new IOException("nobody takes this much");
      }
    }

    @Override
    public void onAllDataRead() {
      if (!isFirst()) {
        return;
      }
      if (come < told) {
        // The container said so too early; what it has not given is out of reach now.
        body.close();
        lost(response, come, told);
        wait.complete();
        return;
      }
      if (body.isCrowdedOut()) {
        answer(response, HttpStatus.SERVICE_UNAVAILABLE, CROWDED);
        wait.complete();
        return;
      }
      if (told < 0 && body.isTooLarge()) {
        String detail = BodyLimit.TooLarge.sentence((int) most);
        answer(response, HttpStatus.CONTENT_TOO_LARGE, detail);
        wait.complete();
        return;
      }
      body.cameWhole();
      wait.dispatch();
    }

    @Override
    public void onError(Throwable fault) {
      if (!isFirst()) {
        return;
      }
      body.close();
      // Whoever is gone is not answered; whoever sends what is no body, or less than was told, is.
      if (fault instanceof BadRequestException) {
        answer(response, HttpStatus.BAD_REQUEST, "The body does not come as it was told.");
      } else if (fault instanceof SocketTimeoutException) {
        answer(response, HttpStatus.REQUEST_TIMEOUT, SLOW);
      }
      wait.complete();
    }

    /** Whoever is too slow is told so, and let go. */
    private void tooSlow() {
      if (isFirst()) {
        body.close();
        answer(response, HttpStatus.REQUEST_TIMEOUT, SLOW);
        wait.complete();
      }
    }

    private boolean isFirst() {
      if (tooLong != null) {
        tooLong.cancel(false);
      }
      return ended.compareAndSet(false, true);
    }

    /** The application ends. */
    @Override
    public void onTimeout(AsyncEvent event) {
      tooSlow();
    }

    @Override
    public void onComplete(AsyncEvent event) {
      isFirst();
      body.close();
    }

    @Override
    public void onError(AsyncEvent event) {
      isFirst();
      body.close();
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
      // The body is gathered by then; whatever waits now is the handler's.
    }
  }

  /** The request as if it had come whole. */
  private static final class WithBody extends HttpServletRequestWrapper {
    private final Gathered body;

    WithBody(HttpServletRequest request, Gathered body) {
      super(request);
      this.body = body;
    }

    /** Every guard that looks at a request once is to look at it now. */
    @Override
    public DispatcherType getDispatcherType() {
      return DispatcherType.REQUEST;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new Replayed(body.open());
    }

    @Override
    public BufferedReader getReader() throws IOException {
      return new BufferedReader(new InputStreamReader(body.open(), StandardCharsets.UTF_8));
    }
  }

  private static final class Replayed extends ServletInputStream {
    private final InputStream inner;
    private boolean finished;

    Replayed(InputStream inner) {
      this.inner = inner;
    }

    @Override
    public int read() throws IOException {
      int one = inner.read();
      finished |= one < 0;
      return one;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int got = inner.read(into, from, length);
      finished |= got < 0;
      return got;
    }

    @Override
    public void close() throws IOException {
      inner.close();
    }

    @Override
    public boolean isFinished() {
      return finished;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      throw new IllegalStateException("the body is here already");
    }
  }
}
