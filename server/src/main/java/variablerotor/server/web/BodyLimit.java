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
  /** Largest body [byte]. */
  public static final int MOST = 64 * 1024;

  /** The body is too large. */
  static final class TooLarge extends IOException {
    private static final long serialVersionUID = 1L;

    TooLarge() {
      super("The body is larger than " + MOST / 1024 + " kB.");
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getContentLengthLong() > MOST) {
      response.setStatus(413);
      response.setContentType("application/problem+json");
      response
          .getWriter()
          .write(
              "{\"status\":413,\"title\":\"Content Too Large\",\"detail\":\""
                  + new TooLarge().getMessage()
                  + "\"}");
      return;
    }
    chain.doFilter(new Limited(request), response);
  }

  private static final class Limited extends HttpServletRequestWrapper {
    Limited(HttpServletRequest request) {
      super(request);
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new Counting(super.getInputStream());
    }
  }

  private static final class Counting extends ServletInputStream {
    private final ServletInputStream inner;
    private int read;

    Counting(ServletInputStream inner) {
      this.inner = inner;
    }

    @Override
    public int read() throws IOException {
      int one = inner.read();
      if (one >= 0 && ++read > MOST) {
        throw new TooLarge();
      }
      return one;
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
