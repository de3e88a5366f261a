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
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
public class BodyLimit extends OncePerRequestFilter {
  /** Largest body [byte], where a handler does not say otherwise with {@link LargestBody}. */
  static final int USUAL = 64 * 1024;

  /** Under this name the request knows its own limit. */
  private static final String LIMITED = BodyLimit.class.getName();

  /** The body is too large. */
  static final class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    TooLarge(int most) {
      super(sentence(most));
    }

    static String sentence(int most) {
      return "The body is larger than " + most / 1024 + " kB.";
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Limited limited = new Limited(request);
    request.setAttribute(LIMITED, limited);
    chain.doFilter(limited, response);
  }

  /**
   * Sets how much this request may bring.
   *
   * @param most [byte]
   * @throws TooLarge where its header says that it brings more
   */
  static void hold(HttpServletRequest request, int most) throws TooLarge {
    // A fault that is told in a second round has no body.
    if (request.getAttribute(LIMITED) instanceof Limited limited) {
      limited.most = most;
    }
    if (request.getContentLengthLong() > most) {
      throw new TooLarge(most);
    }
  }

  private static final class Limited extends HttpServletRequestWrapper {
    private int most = USUAL;

    Limited(HttpServletRequest request) {
      super(request);
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
