package variablerotor.core.code;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What the taps amount to.
 *
 * @param kind how the board tells it, as far as the taps show; null while nothing is sure
 * @param code as in a code book; null until one whole round is in
 * @param sure how sure the code is, 0 to 1
 * @param rounds each round as it was counted
 * @param sentence for the person who taps
 */
public record BlinkReading(
    State state,
    @Nullable SignalKind kind,
    @Nullable String code,
    double sure,
    List<Counted> rounds,
    String sentence)
    implements Node {
  public BlinkReading {
    rounds = List.copyOf(rounds);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "state", state,
        "kind", kind,
        "code", code,
        "sure", sure,
        "rounds", rounds,
        "sentence", sentence);
  }

  /** How far the count has come. */
  public enum State {
    /** No whole round yet. */
    COUNTING,
    /** One round; a second one is asked for. */
    ONE_ROUND,
    /** Two rounds or more agree. */
    AGREED,
    /** The rounds do not agree. */
    DISAGREE
  }

  /**
   * @param code what this round alone says
   * @param flashes how many, missed ones filled in
   * @param missed taps that seem to be missing
   * @param doubled taps that were too quick to be flashes
   */
  public record Counted(String code, int flashes, int missed, int doubled) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("code", code, "flashes", flashes, "missed", missed, "doubled", doubled);
    }
  }
}
