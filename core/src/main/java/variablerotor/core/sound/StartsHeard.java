package variablerotor.core.sound;

import java.util.List;
import java.util.Map;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What a microphone says of how a motor starts. It moves suspicion as any sound does, and proves
 * nothing.
 *
 * @param tries each time that something began to sound
 * @param listened how long one listened [s]
 * @param sentence for the person who holds the telephone
 * @param loudness over time, to be drawn
 */
public record StartsHeard(
    Shape shape, List<Try> tries, double listened, String sentence, Loudness loudness)
    implements Node {
  public StartsHeard {
    tries = List.copyOf(tries);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "shape", shape,
        "tries", tries,
        "listened", listened,
        "sentence", sentence,
        "loudness", loudness);
  }

  /** What kind of starting it is. */
  public enum Shape {
    /** Not long enough yet. */
    LISTENING,
    /** Nothing begins and nothing ends. */
    NO_CHANGE,
    /** Short tries, evenly apart, and still going on. */
    TRIES,
    /** Short tries, evenly apart, and then none any more. */
    GAVE_UP,
    /** Runs long, stops, stays off for minutes and may come back. */
    LONG_RUN_STOPS,
    /** Sounds, but neither of these. */
    UNEVEN
  }

  /**
   * @param from when it began [s]
   * @param lasted how long [s]
   */
  public record Try(double from, double lasted) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("from", from, "lasted", lasted);
    }
  }

  /**
   * @param step from one point to the next [s]
   * @param decibels above the quiet [dB]
   */
  public record Loudness(double step, List<Double> decibels) implements Node {
    public Loudness {
      decibels = List.copyOf(decibels);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("step", step, "decibels", decibels);
    }
  }
}
