package variablerotor.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import variablerotor.server.web.Branch;
import variablerotor.server.web.Refused;

/**
 * Which sessions still stand, asked for many at once: what goes on beyond its request ends with the
 * session that asked for it.
 */
@Component
public class OpenSessions {
  /**
   * A session, and the edition of the account that it stands on.
   *
   * @param person the account
   */
  public record Ticket(String session, UUID person, int edition) {}

  private final SessionStore store;
  private final Clock clock;

  OpenSessions(SessionStore store, Clock clock) {
    this.store = store;
    this.clock = clock;
  }

  /**
   * @throws Refused where nobody is signed in
   */
  public static Ticket of(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session == null) {
      throw Refused.signIn("Sign in first.");
    }
    return new Ticket(session.getId(), Current.account().id(), Standings.edition(session));
  }

  /**
   * Those of them that still stand: not signed out, not run out, the account open and as it was.
   */
  public Set<Ticket> standing(Collection<Ticket> tickets) {
    Set<String> sessions =
        store.standing(tickets.stream().map(Ticket::session).toList(), clock.millis());
    List<UUID> people = tickets.stream().map(Ticket::person).toList();
    // Streams of all branches are looked after together.
    Map<UUID, Integer> editions = Branch.signingIn(() -> store.editions(people));
    return tickets.stream()
        .filter(one -> sessions.contains(one.session()))
        .filter(one -> Integer.valueOf(one.edition()).equals(editions.get(one.person())))
        .collect(Collectors.toSet());
  }
}
