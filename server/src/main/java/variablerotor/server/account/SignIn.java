package variablerotor.server.account;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import variablerotor.core.text.Words;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Sha256;

/** Checks name and password, and slows down whoever guesses. */
@Service
class SignIn {
  /** Hashing takes a processor for a tenth of a second: so many at once, and the rest wait. */
  private static final int AT_ONCE = 2;

  /** Who is signed in now, and the edition of the account that this stands on. */
  record Opened(Account account, int edition) {}

  private final Semaphore hashing = new Semaphore(AT_ONCE);
  private final GuardStore guard;
  private final DeviceStore devices;
  private final AccountStore store;
  private final PasswordEncoder passwords;
  private final Clock clock;

  /** Wrong tries that cost an address no wait. */
  private final int freeAtAddress;

  /** Compared with when there is no such account, so that both answers take as long. */
  private final String nobody;

  SignIn(
      AccountStore store,
      GuardStore guard,
      DeviceStore devices,
      PasswordEncoder passwords,
      Clock clock,
      @Value("${rotor.sign-in.free-at-address}") int freeAtAddress) {
    this.store = store;
    this.guard = guard;
    this.devices = devices;
    this.passwords = passwords;
    this.clock = clock;
    this.freeAtAddress = freeAtAddress;
    this.nobody = Passwords.hash(passwords, "nobody");
  }

  /** How long a device is known that is not used. */
  static final Duration KNOWN = Duration.ofDays(400);

  /**
   * @param device what the device says of itself; null where it says nothing
   * @throws Refused where name or password is wrong, or both were wrong too often
   */
  Opened check(String login, String password, String address, @Nullable String device) {
    String name = login == null ? "" : login.trim().toLowerCase(Locale.ROOT);
    if (name.isEmpty() || name.length() > 60 || !Account.isPlain(name)) {
      throw Refused.field("login", "found nothing or too much; allowed is a name of up to 60");
    }
    String known = device == null ? null : Sha256.of(device.getBytes(StandardCharsets.UTF_8));
    boolean isKnown = known != null && devices.isKnown(known, name);
    List<TryCounter> counters =
        isKnown && known != null
            ? TryCounter.ofDevice(name, known)
            : TryCounter.ofStranger(name, address, freeAtAddress);
    AccountStore.Secret secret =
        check(
            name,
            password,
            counters,
            isKnown ? "" : " On a device that signed in before, this wait is not asked for.");
    if (!secret.passwordEnough()) {
      throw Refused.signIn(
          "For this account a password is not enough. Sign in with the lock of a device of yours,"
              + " or ask a lead for an invitation.");
    }
    return new Opened(secret.account(), secret.standing().edition());
  }

  private AccountStore.Secret check(
      String name, String password, List<TryCounter> counters, String besides) {
    String given = password == null ? "" : password;
    // bcrypt reads 72 bytes and no more; a longer password would be cut without a word.
    if (given.isEmpty()
        || given.getBytes(StandardCharsets.UTF_8).length > Passwords.MOST
        || given.indexOf(0) >= 0) {
      throw Refused.field("password", "found nothing or too much; allowed is up to 72 bytes");
    }
    OffsetDateTime now = OffsetDateTime.now(clock);
    Duration wait = guard.begin(counters, now);
    if (wait.compareTo(Duration.ZERO) > 0) {
      throw Refused.tooMany(
          "Too many wrong tries. Wait " + spoken(wait) + ", then try again." + besides);
    }
    Optional<AccountStore.Secret> secret = store.byLogin(name).filter(SignIn::isOpen);
    String hashed =
        secret.map(AccountStore.Secret::password).filter(one -> !one.isEmpty()).orElse(nobody);
    if (!matches(given, hashed) || secret.isEmpty()) {
      throw Refused.signIn("Name or password is wrong.");
    }
    guard.right(counters, now);
    guard.forgetBefore(now.minus(Duration.ofDays(1)));
    return secret.get();
  }

  /** From now on this device is one of theirs. */
  void know(String device, Account account) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    devices.know(Sha256.of(device.getBytes(StandardCharsets.UTF_8)), account.id(), now);
    devices.forgetBefore(now.minus(KNOWN));
  }

  /**
   * Whoever is signed in says the own password once more, before what a stranger at an open screen
   * must not do. Wrong tries count, whatever the device.
   *
   * @param field of the request that it stands in
   * @throws Refused where it is another, or was too often
   */
  void again(Account account, @Nullable String given, String field) {
    try {
      check(account.login(), given == null ? "" : given, TryCounter.ofSession(account.login()), "");
    } catch (Refused wrong) {
      if (wrong.status() == HttpStatus.TOO_MANY_REQUESTS) {
        throw wrong;
      }
      throw Refused.field(field, "is not your password");
    }
  }

  private static boolean isOpen(AccountStore.Secret secret) {
    return !secret.standing().closed();
  }

  private static String spoken(Duration wait) {
    long seconds = Math.max(1, wait.toSeconds());
    return seconds < 90 ? Words.count(seconds, "second") : Words.count(seconds / 60, "minute");
  }

  private boolean matches(String given, String hashed) {
    hashing.acquireUninterruptibly();
    try {
      return passwords.matches(given, hashed);
    } finally {
      hashing.release();
    }
  }
}
