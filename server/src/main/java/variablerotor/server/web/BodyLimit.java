package variablerotor.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** No request body is read beyond a limit, whatever its header says. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class BodyLimit extends OncePerRequestFilter {
  /** Largest body [byte], but for what is sent as a file. */
  public static final int MOST = 64 * 1024;

  /** Largest photo, and largest code book [byte]. */
  public static final int MOST_PHOTO = 8 * 1024 * 1024;

  static final int MOST_BOOK = 1024 * 1024;

  private static int most(HttpServletRequest request) {
    String path = request.getRequestURI();
    boolean photo = path.startsWith("/api/calls/") && path.contains("/photos/");
    return photo ? MOST_PHOTO : path.startsWith("/api/codebooks/") ? MOST_BOOK : MOST;
  }

  /** The body is too large. */
  static final class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    TooLarge(int most) {
      super("The body is larger than " + most / 1024 + " kB.");
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    int most = most(request);
    if (request.getContentLengthLong() > most) {
      response.setStatus(413);
      response.setContentType("application/problem+json");
      response
          .getWriter()
          .write(
              "{\"status\":413,\"title\":\"Content Too Large\",\"detail\":\""
                  + new TooLarge(most).getMessage()
                  + "\"}");
      return;
    }
    chain.doFilter(new Limited(request, most), response);
  }

  private static final class Limited extends HttpServletRequestWrapper {
    private final int most;

    Limited(HttpServletRequest request, int most) {
      super(request);
      this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new Counting(super.getInputStream(), most);
    }
  }

  private static final class Counting extends ServletInputStream {
    private final ServletInputStream inner;
    private final int most;
    private int read;

    Counting(ServletInputStream inner, int most) {
      this.inner = inner;
      this.most = most;
    }

    @Override
    public int read() throws IOException {
      int one = inner.read();
      count(one >= 0 ? 1 : 0);
      return one;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int got = inner.read(into, from, length);
      count(Math.max(0, got));
      return got;
    }

    private void count(int got) throws IOException {
      read += got;
      if (read > most) {
        throw new TooLarge(most);
      }
    }

    @Override
    public boolean isFinished() {
      return inner.isFinished();
    }

    @Override
    public boolean isReady() {
      return inner.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      inner.setReadListener(listener);
    }
  }
}
