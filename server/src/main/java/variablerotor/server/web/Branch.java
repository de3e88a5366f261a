package variablerotor.server.web;

import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Of which branch of the company a thread works, and so which rows its connections see: of the one
 * whose person is signed in, or of the one that the program's own work says it is of.
 */
public final class Branch {
  /** The one that every installation begins with. */
  public static final UUID FIRST = UUID.fromString("00000000-0000-4000-8000-000000000001");

  /** Accounts of all branches are looked through, and nothing else is seen. */
  private static final String SIGNING_IN = "sign-in";

  /** No rows of any. */
  private static final String NONE = "none";

  private static final String ASKED_BY = Branch.class.getName();

  private static final ThreadLocal<@Nullable String> SAID = new ThreadLocal<>();

  private Branch() {}

  /** Works on something of this branch. */
  public static <T> T in(UUID branch, Supplier<T> work) {
    return during(branch.toString(), work);
  }

  /** Looks for an account before it is known of which branch it is. */
  public static <T> T signingIn(Supplier<T> work) {
    return during(SIGNING_IN, work);
  }

  private static <T> T during(String said, Supplier<T> work) {
    String before = SAID.get();
    SAID.set(said);
    try {
      return work.get();
    } finally {
      if (before == null) {
        SAID.remove();
      } else {
        SAID.set(before);
      }
    }
  }

  /** Whoever asks this is of that branch. */
  public static void asks(HttpServletRequest request, UUID branch) {
    request.setAttribute(ASKED_BY, branch);
  }

  /**
   * As the database is told of it. It looks nothing up: a connection is in the hand of whoever asks
   * this, and may be that over which the session itself is read.
   */
  static String now() {
    String said = SAID.get();
    if (said != null) {
      return said;
    }
    if (!(RequestContextHolder.getRequestAttributes()
        instanceof ServletRequestAttributes attributes)) {
      return NONE;
    }
    HttpServletRequest request = attributes.getRequest();
    if (Security.SIGNING_IN.contains(request.getRequestURI())) {
      return SIGNING_IN;
    }
    return request.getAttribute(ASKED_BY) instanceof UUID branch ? branch.toString() : NONE;
  }
}
