package variablerotor.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Locale;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import variablerotor.server.web.Refused;

/** Checks name and password, and slows down whoever guesses. */
@Service
public class SignIn {
  static final int MOST_FAILURES = 5;
  static final int MOST_FAILURES_OF_ADDRESS = 50;
  static final Duration WINDOW = Duration.ofMinutes(10);

  private final AccountStore store;
  private final PasswordEncoder passwords;
  private final Clock clock;

  /** Compared with when there is no such account, so that both answers take as long. */
  private final String nobody;

  SignIn(AccountStore store, PasswordEncoder passwords, Clock clock) {
    this.store = store;
    this.passwords = passwords;
    this.clock = clock;
    this.nobody = passwords.encode("nobody");
  }

  /**
   * @throws Refused where name or password is wrong, or both were wrong too often
   */
  public Account check(String login, String password, String address) {
    String name = login == null ? "" : login.trim().toLowerCase(Locale.ROOT);
    String given = password == null ? "" : password;
    if (name.isEmpty() || name.length() > 60) {
      throw Refused.field("login", "found nothing or too much; allowed is a name of up to 60");
    }
    // bcrypt reads 72 bytes and no more; a longer password would be cut without a word.
    if (given.isEmpty() || given.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > 72) {
      throw Refused.field("password", "found nothing or too much; allowed is up to 72 bytes");
    }
    OffsetDateTime now = OffsetDateTime.now(clock);
    int failed = store.failures(name, address, now.minus(WINDOW), MOST_FAILURES_OF_ADDRESS);
    if (failed >= MOST_FAILURES) {
      throw Refused.tooMany(
          "Too many wrong tries. Wait " + WINDOW.toMinutes() + " minutes, then try again.");
    }
    Optional<AccountStore.Secret> secret = store.byLogin(name);
    String hashed = secret.map(AccountStore.Secret::password).orElse(nobody);
    boolean right = passwords.matches(given, hashed) && secret.isPresent();
    store.noteAttempt(name, address, !right, now);
    if (!right) {
      throw Refused.signIn("Name or password is wrong.");
    }
    store.forgetAttempts(now.minus(Duration.ofDays(1)));
    return secret.get().account();
  }
}
