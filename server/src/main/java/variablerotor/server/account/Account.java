package variablerotor.server.account;

import java.io.Serializable;
import java.util.UUID;

/** Somebody of the shop. */
public record Account(UUID id, String login, String name, Role role) implements Serializable {
  /** Whether a text has letters, figures and signs alone: no line's end, no control character. */
  static boolean isPlain(String text) {
    return text.codePoints().noneMatch(Character::isISOControl);
  }
}
