package variablerotor.server.account;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import variablerotor.server.web.Refused;

/** Who is signed in. */
public final class Current {
  private Current() {}

  /** Null where nobody is. */
  public static @Nullable Account orNull() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    return authentication != null && authentication.getPrincipal() instanceof Account account
        ? account
        : null;
  }

  public static Account account() {
    Account account = orNull();
    if (account == null) {
      throw Refused.signIn("Sign in first.");
    }
    return account;
  }
}
