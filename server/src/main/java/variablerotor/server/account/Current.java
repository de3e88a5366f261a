package variablerotor.server.account;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import variablerotor.server.web.Branch;
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

  /** Of which branch; who signed in before there were any is of the first. */
  static UUID branch() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    return authentication != null && authentication.getDetails() instanceof UUID branch
        ? branch
        : Branch.FIRST;
  }
}
