package variablerotor.server.account;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Base64;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.keygen.Base64StringKeyGenerator;
import org.springframework.security.crypto.keygen.StringKeyGenerator;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.server.account.AccountEventStore.Event;
import variablerotor.server.web.Faults;
import variablerotor.server.web.QrCode;
import variablerotor.server.web.Refused;
import variablerotor.server.web.Sha256;

/** Links by which somebody of the shop comes in once, within a day, and chooses a password. */
@Service
class Invitations {
  private static final StringKeyGenerator KEYS =
      new Base64StringKeyGenerator(Base64.getUrlEncoder().withoutPadding(), 32);

  /** As shown on a screen [pt]. */
  private static final double PICTURE = 180;

  private final InvitationStore store;
  private final AccountStore accounts;
  private final DeviceStore devices;
  private final PasskeyStore passkeys;
  private final AccountEventStore events;
  private final PageAddress address;
  private final PasswordEncoder passwords;
  private final Clock clock;

  Invitations(
      InvitationStore store,
      AccountStore accounts,
      DeviceStore devices,
      PasskeyStore passkeys,
      AccountEventStore events,
      PageAddress address,
      PasswordEncoder passwords,
      Clock clock) {
    this.store = store;
    this.accounts = accounts;
    this.devices = devices;
    this.passkeys = passkeys;
    this.events = events;
    this.address = address;
    this.passwords = passwords;
    this.clock = clock;
  }

  /**
   * @param path of the page, with what lets one in behind its #, which no server is told
   * @param link the whole of it; null where the page has no name
   * @param picture of the link, a QR code as SVG; null where there is none
   * @param until it holds
   */
  record Invitation(
      String path, @Nullable String link, @Nullable String picture, OffsetDateTime until) {}

  /** Who is invited. */
  record Invited(String login, String name) {}

  /** Whether the account has let somebody in before. */
  boolean isOfKnown(UUID id) {
    return accounts
        .find(id)
        .flatMap(account -> accounts.byLogin(account.login()))
        .filter(secret -> !secret.password().isEmpty())
        .isPresent();
  }

  /**
   * The older ones hold no more.
   *
   * @throws Refused where there is no such account, or it is closed
   */
  @Transactional
  public Invitation make(Account by, UUID id) {
    accounts.lock(id);
    AccountStore.Standing standing =
        accounts.standing(id).orElseThrow(() -> Refused.missing("account"));
    if (standing.closed()) {
      throw Refused.conflict("This account is closed. Open it again first.");
    }
    OffsetDateTime now = OffsetDateTime.now(clock);
    String token = KEYS.generateKey();
    store.end(id);
    store.make(hash(token), id, by.id(), now);
    events.note(Event.INVITED, id, by.id(), "");
    String path = "/join#" + token;
    String link = address.origin().map(origin -> origin + path).orElse(null);
    return new Invitation(
        path,
        link,
        link == null ? null : QrCode.svg(link, PICTURE),
        now.plus(InvitationStore.HOLDS));
  }

  /**
   * @throws Refused where it does not hold
   */
  Invited look(@Nullable String token) {
    return store
        .account(hash(token), OffsetDateTime.now(clock))
        .flatMap(accounts::find)
        .map(account -> new Invited(account.login(), account.name()))
        .orElseThrow(Invitations::over);
  }

  /**
   * Whoever follows it chooses a password; whatever let somebody in as this one before does so no
   * more.
   *
   * @throws Refused where it does not hold, or the password is none; then it still holds
   */
  @Transactional
  public SignIn.Opened follow(@Nullable String token, @Nullable String password) {
    OffsetDateTime now = OffsetDateTime.now(clock);
    UUID id = store.account(hash(token), now).orElseThrow(Invitations::over);
    // The account first, as whoever changes it does; then it is asked once more.
    accounts.lock(id);
    if (!store.take(hash(token), now)) {
      throw over();
    }
    Account account = accounts.find(id).orElseThrow(Invitations::over);
    Faults faults = new Faults();
    Passwords.fault(password, account.login()).ifPresent(one -> faults.add("password", one));
    faults.refuse();
    accounts.change(account, false, Passwords.hash(passwords, password), true);
    devices.forget(id);
    passkeys.endAll(id);
    events.note(Event.PASSWORD_SET, id, id, "by an invitation");
    return new SignIn.Opened(account, accounts.standing(id).orElseThrow().edition());
  }

  private static Refused over() {
    return Refused.conflict(
        "This invitation holds no more: it was followed, is more than a day old, or there is a"
            + " newer one. Ask a lead for another.");
  }

  private static String hash(@Nullable String token) {
    if (token == null || !token.matches("[A-Za-z0-9_-]{43}")) {
      throw over();
    }
    return Sha256.of(token.getBytes(StandardCharsets.UTF_8));
  }
}
