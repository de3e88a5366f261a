package variablerotor.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One's own passkeys: listed, made, ended; and whether a password alone signs in. */
@RestController
@RequestMapping("/api/passkeys")
class PasskeyApi {
  private final Passkeys passkeys;
  private final PasskeyStore store;
  private final AccountStore accounts;
  private final AccountService service;
  private final SignIn signIn;
  private final Standings standings;

  PasskeyApi(
      Passkeys passkeys,
      PasskeyStore store,
      AccountStore accounts,
      AccountService service,
      SignIn signIn,
      Standings standings) {
    this.passkeys = passkeys;
    this.store = store;
    this.accounts = accounts;
    this.service = service;
    this.signIn = signIn;
    this.standings = standings;
  }

  record PasskeysView(List<Passkey> passkeys, boolean passwordEnough) {}

  /**
   * @param own the password: an open screen must not be enough to come in for ever
   */
  record OwnRequest(@Nullable String own) {}

  /**
   * @param own the password
   * @param enough whether it alone signs in
   */
  record EnoughRequest(@Nullable String own, boolean enough) {}

  @GetMapping
  PasskeysView list() {
    return view(Current.account());
  }

  private PasskeysView view(Account account) {
    return new PasskeysView(store.list(account.id()), accounts.isPasswordEnough(account.id()));
  }

  /** What this device is to make a passkey by. */
  @PostMapping("/question")
  Passkeys.NewPasskeyQuestion question(@RequestBody OwnRequest body, HttpServletRequest request) {
    Account account = Current.account();
    signIn.again(account, body.own(), "own");
    return passkeys.askNew(account, request.getRemoteAddr());
  }

  /** What it made. */
  @PostMapping
  PasskeysView take(@RequestBody Passkeys.MadePasskey body) {
    Account account = Current.account();
    passkeys.take(account, body);
    return view(account);
  }

  /** Ended, as when the device is lost: all sessions but this one end with it. */
  @DeleteMapping("/{id}")
  PasskeysView end(@PathVariable UUID id, HttpServletRequest request) {
    Account account = Current.account();
    int edition = service.endPasskey(account, Standings.edition(request.getSession()), id);
    standings.begin(request.getSession(), edition);
    return view(account);
  }

  @PutMapping("/password-enough")
  PasskeysView letPasswordBeEnough(@RequestBody EnoughRequest body, HttpServletRequest request) {
    Account account = Current.account();
    signIn.again(account, body.own(), "own");
    service.letPasswordBeEnough(account, Standings.edition(request.getSession()), body.enough());
    return view(account);
  }
}
