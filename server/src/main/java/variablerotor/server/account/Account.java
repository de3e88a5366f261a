package variablerotor.server.account;

import java.io.Serializable;
import java.util.UUID;

/**
 * Somebody of the shop.
 *
 * @param keepsBooks whether this one brings in, changes and takes away code books; every lead does
 */
public record Account(UUID id, String login, String name, Role role, boolean keepsBooks)
    implements Serializable {
  public Account {
    keepsBooks |= role == Role.LEAD;
  }

  /** A session is filed under it, in a column that has no room for more. */
  @Override
  public String toString() {
    return login;
  }

  /** Whether a text has letters, figures and signs alone: no line's end, no control character. */
  static boolean isPlain(String text) {
    return text.codePoints().noneMatch(Character::isISOControl);
  }
}
