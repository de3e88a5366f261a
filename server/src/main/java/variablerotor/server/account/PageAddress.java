package variablerotor.server.account;

import java.net.URI;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The address at which people open the page. A passkey is bound to its name (W3C Web
 * Authentication, section 5.1.3, from memory), so it is told and never taken from a request.
 */
@Component
class PageAddress {
  private final String origin;
  private final String host;

  /**
   * @param address such as https://rotor.example:8420; empty where people reach it by no name
   */
  PageAddress(@Value("${rotor.address}") String address) {
    if (address.isBlank()) {
      origin = "";
      host = "";
      return;
    }
    URI at = URI.create(address);
    host = at.getHost();
    origin = at.getScheme() + "://" + at.getRawAuthority();
  }

  /** As a browser says it, without a path; empty where it has no name. */
  Optional<String> origin() {
    return origin.isEmpty() ? Optional.empty() : Optional.of(origin);
  }

  /** The name in it; empty where it has none. */
  String host() {
    return host;
  }
}
