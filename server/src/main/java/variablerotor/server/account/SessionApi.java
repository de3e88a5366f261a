package variablerotor.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionApi {
  private final SignIn signIn;
  private final AccountService accounts;
  private final Standings standings;
  private final Openings openings;
  private final Passkeys passkeys;
  private final Invitations invitations;
  private final AccountEventStore events;
  private final PageAddress address;
  private final ShownSignIns demo;

  SessionApi(
      SignIn signIn,
      AccountService accounts,
      Standings standings,
      Openings openings,
      Passkeys passkeys,
      Invitations invitations,
      AccountEventStore events,
      PageAddress address,
      ShownSignIns demo) {
    this.signIn = signIn;
    this.accounts = accounts;
    this.standings = standings;
    this.openings = openings;
    this.passkeys = passkeys;
    this.invitations = invitations;
    this.events = events;
    this.address = address;
    this.demo = demo;
  }

  /**
   * @param account who is signed in, or null
   * @param demo demo sign-ins, in demo mode only
   * @param passkeysAt the address at which passkeys are of use, as a browser says an origin; null
   *     for nowhere
   */
  record SessionView(
      @Nullable Account account,
      List<ShownSignIns.DemoAccount> demo,
      @Nullable String passkeysAt) {}

  record SignInRequest(String login, String password) {}

  @GetMapping
  SessionView session(@Parameter(hidden = true) CsrfToken csrf) {
    // Reading the token makes its cookie, which the page needs before its first change.
    csrf.getToken();
    return view(Current.orNull());
  }

  @PostMapping
  SessionView signIn(
      @RequestBody SignInRequest body,
      @Parameter(hidden = true) @CookieValue(name = Openings.DEVICE, required = false)
          @Nullable String device,
      HttpServletRequest request,
      HttpServletResponse response) {
    SignIn.Opened opened =
        signIn.check(body.login(), body.password(), request.getRemoteAddr(), device);
    openings.open(opened, Openings.Way.PASSWORD, device, request, response);
    return view(opened.account());
  }

  private SessionView view(@Nullable Account account) {
    return new SessionView(account, demo.shown(), address.origin().orElse(null));
  }

  /** What the device is to sign, so that its owner signs in by its own lock. */
  @PostMapping("/passkey/question")
  Passkeys.PasskeyQuestion question(HttpServletRequest request) {
    return passkeys.ask(request.getRemoteAddr());
  }

  /** Signing in by the device's own lock. */
  @PostMapping("/passkey")
  SessionView signInByPasskey(
      @RequestBody Passkeys.PasskeySignature body,
      @Parameter(hidden = true) @CookieValue(name = Openings.DEVICE, required = false)
          @Nullable String device,
      HttpServletRequest request,
      HttpServletResponse response) {
    SignIn.Opened opened = passkeys.check(body);
    openings.open(opened, Openings.Way.PASSKEY, device, request, response);
    return view(opened.account());
  }

  /**
   * @param token what stands in the link behind its #
   */
  record InvitedRequest(String token) {}

  /** Who is invited by a link; asked by sending it, so that no log has it. */
  @PostMapping("/invited")
  Invitations.Invited invited(@RequestBody InvitedRequest body) {
    return invitations.look(body.token());
  }

  /**
   * @param token what stands in the link behind its #
   */
  record FollowRequest(String token, String password) {}

  /** Coming in by an invitation, with a password from now on. */
  @PostMapping("/invitation")
  SessionView follow(
      @RequestBody FollowRequest body,
      @Parameter(hidden = true) @CookieValue(name = Openings.DEVICE, required = false)
          @Nullable String device,
      HttpServletRequest request,
      HttpServletResponse response) {
    SignIn.Opened opened = invitations.follow(body.token(), body.password());
    openings.open(opened, Openings.Way.INVITATION, device, request, response);
    return view(opened.account());
  }

  /**
   * @param old the password so far
   */
  record PasswordRequest(String old, String password) {}

  /** One's own password; every other session of the same person ends. */
  @PutMapping("/password")
  SessionView password(@RequestBody PasswordRequest body, HttpServletRequest request) {
    Account account = Current.account();
    signIn.again(account, body.old(), "old");
    HttpSession session = request.getSession();
    int edition = accounts.changeOwn(account, Standings.edition(session), body.password());
    standings.begin(session, edition);
    return view(account);
  }

  @DeleteMapping
  void signOut(HttpServletRequest request) {
    Account account = Current.orNull();
    if (account != null) {
      events.note(AccountEventStore.Event.SIGNED_OUT, account.id(), account.id(), "");
    }
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }
}
