package variablerotor.server.account;

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
import org.springframework.stereotype.Component;
import variablerotor.server.account.AccountEventStore.Event;
import variablerotor.server.web.Right;

/** A session is opened for whoever was found to be somebody of the shop, in whatever way. */
@Component
class Openings {
  /** The cookie by which a device is known again: it lets nobody in. */
  static final String DEVICE = "rotor-device";

  private static final StringKeyGenerator KEYS =
      new Base64StringKeyGenerator(Base64.getUrlEncoder().withoutPadding(), 32);

  private final SignIn signIn;
  private final Standings standings;
  private final AccountStore accounts;
  private final AccountEventStore events;
  private final SecurityContextRepository contexts;

  Openings(
      SignIn signIn,
      Standings standings,
      AccountStore accounts,
      AccountEventStore events,
      SecurityContextRepository contexts) {
    this.signIn = signIn;
    this.standings = standings;
    this.accounts = accounts;
    this.events = events;
    this.contexts = contexts;
  }

  /** By what somebody was found to be who it is. */
  enum Way {
    PASSWORD("by password"),
    PASSKEY("by passkey"),
    INVITATION("by invitation");

    private final String words;

    Way(String words) {
      this.words = words;
    }
  }

  /**
   * @param device what it says of itself; null where it says nothing
   */
  void open(
      SignIn.Opened opened,
      Way way,
      @Nullable String device,
      HttpServletRequest request,
      HttpServletResponse response) {
    Account account = opened.account();
    know(device, account, request, response);
    HttpSession old = request.getSession(false);
    if (old != null) {
      // A session that stood before the sign-in is never carried over (session fixation).
      old.invalidate();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    UsernamePasswordAuthenticationToken who =
        UsernamePasswordAuthenticationToken.authenticated(account, null, rights(account));
    // By this the database knows whose rows the session may see.
    who.setDetails(accounts.branch(account.id()));
    context.setAuthentication(who);
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    standings.begin(request.getSession(), opened.edition());
    // What stood before the sign-in is known to whoever sat here before: none of it is carried
    // over.
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.saveToken(tokens.generateToken(request), request, response);
    events.note(
        Event.SIGNED_IN,
        account.id(),
        account.id(),
        way.words + ", from " + request.getRemoteAddr());
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
}
