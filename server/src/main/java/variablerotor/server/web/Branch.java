package variablerotor.server.web;

import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
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

  /** As the database is told of it. */
  static String now() {
    String said = SAID.get();
    if (said != null) {
      return said;
    }
    if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
        && Security.SIGNING_IN.contains(attributes.getRequest().getRequestURI())) {
      return SIGNING_IN;
    }
    // Whoever is signed in is found in the session, which is itself looked up over a connection; it
    // is of no branch, and asks no further.
    return during(NONE, Branch::ofPerson);
  }

  private static String ofPerson() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (who == null || who instanceof AnonymousAuthenticationToken) {
      return NONE;
    }
    // Who signed in before there were branches is of the first.
    return (who.getDetails() instanceof UUID branch ? branch : FIRST).toString();
  }
}
