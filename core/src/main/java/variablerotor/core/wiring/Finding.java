package variablerotor.core.wiring;

import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Something that is wrong, with its place and what would happen.
 *
 * @param at the terminals where it shows
 */
public record Finding(Kind kind, Severity severity, List<Terminal> at, String sentence)
    implements Node {
  public Finding {
    at = List.copyOf(at);
  }

  /** What goes wrong. */
  public enum Kind {
    GROUND_CARRIES,
    CALL_NOT_HEEDED,
    SHORT_CIRCUIT,
    TWO_SPEEDS,
    BACK_FED,
    RUNS_WITHOUT_CALL,
    STAYS_OFF,
    NO_CAPACITOR,
    TRANSFORMER_OVERLOAD,
    COIL_VOLTAGE,
    CHATTER,
    CIRCUITS_JOINED,
    FLOATING_LEAD,
    UNGROUNDED,
    OVERLOAD_MISSING,
    PHASE_MISSING,
    CONTACT_OVERLOAD,
    CAPACITOR_WRONG,
    UNEXPECTED
  }

  /** Whether it must not be powered so. */
  public enum Severity {
    STOP,
    CAUTION
  }

  static Finding stop(Kind kind, List<Terminal> at, String sentence) {
    return new Finding(kind, Severity.STOP, at, sentence);
  }

  static Finding caution(Kind kind, List<Terminal> at, String sentence) {
    return new Finding(kind, Severity.CAUTION, at, sentence);
  }

  /** Whether it must not be powered so. */
  public boolean stops() {
    return severity == Severity.STOP;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "kind", kind,
        "severity", severity,
        "at", at.stream().map(Terminal::toString).toList(),
        "sentence", sentence);
  }
}
