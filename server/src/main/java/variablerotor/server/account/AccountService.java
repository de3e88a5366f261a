package variablerotor.server.account;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import variablerotor.server.account.AccountEventStore.Event;
import variablerotor.server.web.Faults;
import variablerotor.server.web.Refused;

/** Who is of the shop: opened, changed, closed and opened again, never erased. */
@Service
public class AccountService {
  private final AccountStore store;
  private final DeviceStore devices;
  private final PasskeyStore passkeys;
  private final InvitationStore invitations;
  private final AccountEventStore events;
  private final PasswordEncoder passwords;
  private final Clock clock;

  AccountService(
      AccountStore store,
      DeviceStore devices,
      PasskeyStore passkeys,
      InvitationStore invitations,
      AccountEventStore events,
      PasswordEncoder passwords,
      Clock clock) {
    this.store = store;
    this.devices = devices;
    this.passkeys = passkeys;
    this.invitations = invitations;
    this.events = events;
    this.passwords = passwords;
    this.clock = clock;
  }

  /**
   * Opens an account, or changes a known one. With another password, all else that let somebody in
   * as this one does so no more.
   *
   * @param by who does it
   * @param password null for the one it has; a new account without one waits for an invitation
   * @throws Refused where a field is wrong, the login is taken, or the last lead would go
   */
  @Transactional
  public List<AccountApi.AccountRow> put(
      UUID by,
      UUID id,
      @Nullable String login,
      String name,
      @Nullable Role role,
      boolean closed,
      boolean keepsBooks,
      @Nullable String password) {
    // Everybody who changes an account waits here for whoever is at it.
    List<UUID> leads = store.lockLeads();
    Account known = store.find(id).orElse(null);
    String as = known != null ? known.login() : login == null ? "" : login;
    check(as, name, role, password);
    Account account = new Account(id, as, name.trim(), Objects.requireNonNull(role), keepsBooks);
    if (known == null) {
      String hashed = password == null ? "" : Passwords.hash(passwords, password);
      if (!store.add(account, hashed, OffsetDateTime.now(clock))) {
        throw Refused.conflict("Somebody has this login already.");
      }
      events.note(Event.ACCOUNT_OPENED, id, by, rights(account));
      return store.list();
    }
    if (leads.equals(List.of(id)) && (closed || role != Role.LEAD)) {
      throw Refused.conflict("This is the last lead. Make somebody else a lead first.");
    }
    AccountStore.Standing standing = store.standing(id).orElseThrow();
    boolean ends =
        password != null
            || role != known.role()
            || account.keepsBooks() != known.keepsBooks()
            || closed != standing.closed();
    store.change(
        account, closed, password == null ? null : Passwords.hash(passwords, password), ends);
    if (password != null || closed) {
      devices.forget(id);
      invitations.end(id);
    }
    if (password != null) {
      passkeys.endAll(id);
      events.note(Event.PASSWORD_SET, id, by, "");
    }
    if (closed != standing.closed()) {
      events.note(
          closed ? Event.ACCOUNT_CLOSED : Event.ACCOUNT_CHANGED,
          id,
          by,
          closed ? "" : "open again");
    }
    if (!account.equals(known)) {
      String was = account.name().equals(known.name()) ? "" : ", was " + known.name();
      events.note(Event.ACCOUNT_CHANGED, id, by, rights(account) + was);
    }
    return store.list();
  }

  private static String rights(Account account) {
    String role = account.role() == Role.LEAD ? "lead" : "technician";
    return account.keepsBooks() ? role + ", keeps the code books" : role;
  }

  private static void check(
      String login, String name, @Nullable Role role, @Nullable String password) {
    Faults faults = new Faults();
    if (!login.matches("[a-z0-9._-]{2,60}")) {
      faults.add("login", "allowed are 2 to 60 of a-z, 0-9, point, dash, underscore");
    }
    if (name == null || name.isBlank() || name.length() > 120 || !Account.isPlain(name)) {
      faults.add("name", "allowed is a name of up to 120 characters");
    }
    if (role == null) {
      faults.add("role", "allowed is TECHNICIAN or LEAD");
    }
    if (password != null) {
      Passwords.fault(password, login).ifPresent(one -> faults.add("password", one));
    }
    faults.refuse();
  }

  /**
   * Somebody of another shop, of whom a file tells: known by name, and nobody signs in as them.
   *
   * @param name as the file has it
   */
  public void knowOf(UUID id, String name, OffsetDateTime at) {
    if (name.isBlank() || name.length() > 120 || !Account.isPlain(name)) {
      throw Refused.field("file", "found a name that is none; allowed are up to 120 characters");
    }
    if (store.find(id).isEmpty()) {
      // Letters and figures of the id: no login that somebody could ask for.
      String login = "elsewhere-" + id;
      store.add(new Account(id, login, name, Role.TECHNICIAN, false), "", at);
      store.change(new Account(id, login, name, Role.TECHNICIAN, false), true, null, true);
    }
  }

  /**
   * Somebody's own password, changed by themselves: every other session of theirs ends. Nothing
   * else of the account is touched, and nothing at all where it was closed or changed meanwhile.
   *
   * @param edition of the account that the session stands on
   * @return the edition that holds from now on
   * @throws Refused where that is no longer the account's
   */
  @Transactional
  public int changeOwn(Account account, int edition, String password) {
    Faults faults = new Faults();
    Passwords.fault(password, account.login()).ifPresent(one -> faults.add("password", one));
    faults.refuse();
    int next =
        store
            .changePassword(account.id(), edition, Passwords.hash(passwords, password))
            .orElseThrow(AccountService::changed);
    devices.forget(account.id());
    events.note(Event.PASSWORD_SET, account.id(), account.id(), "their own");
    return next;
  }

  /**
   * Whether a password alone signs in as this one, said by themselves.
   *
   * @param edition of the account that the session stands on
   * @throws Refused where nothing but a password is left to sign in with, or the account was
   *     changed meanwhile
   */
  @Transactional
  public void letPasswordBeEnough(Account account, int edition, boolean enough) {
    store.lock(account.id());
    if (!enough && passkeys.usable(account.id()) == 0) {
      throw Refused.conflict("Make a passkey first: without one, nobody could sign in any more.");
    }
    if (!store.letPasswordBeEnough(account.id(), edition, enough)) {
      throw changed();
    }
    events.note(
        Event.PASSWORD_ENOUGH, account.id(), account.id(), enough ? "enough" : "not enough");
  }

  /**
   * Ends one's own passkey: who signed in with it is signed out, as is every other session.
   *
   * @return the edition that holds from now on
   * @throws Refused where it is the last by which this account can be signed in to
   */
  @Transactional
  public int endPasskey(Account account, int edition, UUID passkey) {
    store.lock(account.id());
    if (!passkeys.end(account.id(), passkey)) {
      throw Refused.missing("passkey");
    }
    if (passkeys.usable(account.id()) == 0 && !store.isPasswordEnough(account.id())) {
      throw Refused.conflict(
          "This is the last one, and a password is not enough for this account. Let a password be"
              + " enough first.");
    }
    events.note(Event.PASSKEY_ENDED, account.id(), account.id(), "");
    return store.endSessions(account.id(), edition).orElseThrow(AccountService::changed);
  }

  private static Refused changed() {
    return Refused.signIn("This account was changed meanwhile. Sign in again.");
  }
}
