package variablerotor.server.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.lang.ref.SoftReference;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * What a password must be, with why one is not taken: long enough, and none of those that are known
 * and tried first (zxcvbn: Wheeler, USENIX Security 2016).
 */
public final class Passwords {
  /** Characters, whatever they take. Chosen here, above the eight of NIST SP 800-63B. */
  private static final int LEAST = 12;

  /** bcrypt reads so many and no more [byte]. */
  static final int MOST = 72;

  /** On zxcvbn's scale of 0 to 4: more than 100 million guesses. */
  private static final int LEAST_SCORE = 3;

  /** Kept while there is room: its lists are large and slow to read, and passwords seldom set. */
  private static volatile SoftReference<Zxcvbn> kept = new SoftReference<>(null);

  private Passwords() {}

  private static Zxcvbn judge() {
    Zxcvbn judge = kept.get();
    if (judge == null) {
      judge = new Zxcvbn();
      kept = new SoftReference<>(judge);
    }
    return judge;
  }

  /** As it is kept. */
  public static String hash(PasswordEncoder encoder, @Nullable String password) {
    return Objects.requireNonNull(encoder.encode(password), "a password");
  }

  /** Nothing where it is good. */
  static Optional<String> fault(@Nullable String password, String login) {
    String given = password == null ? "" : password;
    int bytes = given.getBytes(StandardCharsets.UTF_8).length;
    if (given.codePointCount(0, given.length()) < LEAST || bytes > MOST) {
      return Optional.of(
          "allowed are " + LEAST + " characters or more, and up to " + MOST + " bytes");
    }
    if (!Account.isPlain(given)) {
      return Optional.of("found a control character; allowed are letters, figures and signs");
    }
    if (given.toLowerCase(Locale.ROOT).contains(login.toLowerCase(Locale.ROOT))) {
      return Optional.of("found the sign-in name in it; allowed is what it does not tell");
    }
    if (judge().measure(given, List.of(login)).getScore() < LEAST_SCORE) {
      return Optional.of(
          "found one of those that are tried first, or easily made of them; allowed is what is"
              + " harder to guess, such as three words that have nothing to do with each other");
    }
    return Optional.empty();
  }
}
