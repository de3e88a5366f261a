package variablerotor.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.keygen.Base64StringKeyGenerator;
import org.springframework.security.crypto.keygen.StringKeyGenerator;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import variablerotor.server.web.Right;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionApi {
  /** The cookie by which a device is known again: it lets nobody in. */
  static final String DEVICE = "rotor-device";

  private static final StringKeyGenerator KEYS =
      new Base64StringKeyGenerator(Base64.getUrlEncoder().withoutPadding(), 32);

  private final SignIn signIn;
  private final AccountService accounts;
  private final Standings standings;
  private final SecurityContextRepository contexts;
  private final ShownSignIns demo;

  SessionApi(
      SignIn signIn,
      AccountService accounts,
      Standings standings,
      SecurityContextRepository contexts,
      ShownSignIns demo) {
    this.signIn = signIn;
    this.accounts = accounts;
    this.standings = standings;
    this.contexts = contexts;
    this.demo = demo;
  }

  /**
   * @param account who is signed in, or null
   * @param demo demo sign-ins, in demo mode only
   */
  record SessionView(@Nullable Account account, List<ShownSignIns.DemoAccount> demo) {}

  record SignInRequest(String login, String password) {}

  @GetMapping
  SessionView session(@Parameter(hidden = true) CsrfToken csrf) {
    // Reading the token makes its cookie, which the page needs before its first change.
    csrf.getToken();
    return new SessionView(Current.orNull(), demo.shown());
  }

  @PostMapping
  SessionView signIn(
      @RequestBody SignInRequest body,
      @Parameter(hidden = true) @CookieValue(name = DEVICE, required = false)
          @Nullable String device,
      HttpServletRequest request,
      HttpServletResponse response) {
    SignIn.Opened opened =
        signIn.check(body.login(), body.password(), request.getRemoteAddr(), device);
    Account account = opened.account();
    know(device, account, request, response);
    HttpSession old = request.getSession(false);
    if (old != null) {
      // A session that stood before the sign-in is never carried over (session fixation).
      old.invalidate();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(account, null, rights(account)));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    standings.begin(request.getSession(), opened.edition());
    // What stood before the sign-in is known to whoever sat here before: none of it is carried
    // over.
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.saveToken(tokens.generateToken(request), request, response);
    return new SessionView(account, demo.shown());
  }

  /** Two who share a device are both known on it, by the one secret that it holds. */
  private void know(
      @Nullable String device,
      Account account,
      HttpServletRequest request,
      HttpServletResponse response) {
    String secret =
        device != null && device.matches("[A-Za-z0-9_-]{43}") ? device : KEYS.generateKey();
    signIn.know(secret, account);
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(DEVICE, secret)
            .path("/api/session")
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Strict")
            .maxAge(SignIn.KNOWN)
            .build()
            .toString());
  }

  private static List<SimpleGrantedAuthority> rights(Account account) {
    return Stream.of(
            account.role() == Role.LEAD ? Right.LEAD : null,
            account.keepsBooks() ? Right.BOOKS : null)
        .filter(Objects::nonNull)
        .map(right -> new SimpleGrantedAuthority("ROLE_" + right))
        .toList();
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
    return new SessionView(account, demo.shown());
  }

  @DeleteMapping
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }
}
