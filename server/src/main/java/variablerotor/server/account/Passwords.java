package variablerotor.server.account;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;

/** What a password must be, with why one is not taken. */
public final class Passwords {
  private static final int LEAST = 10;

  /** bcrypt reads so many and no more [byte]. */
  static final int MOST = 72;

  private static final int LEAST_DIFFERENT = 5;

  private Passwords() {}

  /** As it is kept. */
  public static String hash(PasswordEncoder encoder, @Nullable String password) {
    return Objects.requireNonNull(encoder.encode(password), "a password");
  }

  /** Nothing where it is good. */
  static Optional<String> fault(@Nullable String password, String login) {
    String given = password == null ? "" : password;
    int bytes = given.getBytes(StandardCharsets.UTF_8).length;
    if (bytes < LEAST || bytes > MOST) {
      return Optional.of("allowed are " + LEAST + " to " + MOST + " bytes");
    }
    if (!Account.isPlain(given)) {
      return Optional.of("found a control character; allowed are letters, figures and signs");
    }
    if (given.codePoints().distinct().count() < LEAST_DIFFERENT) {
      return Optional.of(
          "found hardly any different characters; allowed are " + LEAST_DIFFERENT + " or more");
    }
    if (isRow(given)) {
      return Optional.of("found characters in a row, as 123456; allowed is what nobody counts up");
    }
    if (given.toLowerCase(Locale.ROOT).contains(login.toLowerCase(Locale.ROOT))) {
      return Optional.of("found the sign-in name in it; allowed is what it does not tell");
    }
    return Optional.empty();
  }

  /** Each one more, or one less, than the one before; zero may follow nine. */
  private static boolean isRow(String text) {
    int up = 0;
    int down = 0;
    for (int at = 1; at < text.length(); at++) {
      int step = text.charAt(at) - text.charAt(at - 1);
      up += step == 1 || (text.charAt(at - 1) == '9' && text.charAt(at) == '0') ? 1 : 0;
      down += step == -1 || (text.charAt(at - 1) == '0' && text.charAt(at) == '9') ? 1 : 0;
    }
    return Math.max(up, down) >= text.length() - 2;
  }
}
