package variablerotor.core.sound;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What a microphone says of a wheel's speed.
 *
 * @param rpm speed [r/min]; null where it cannot be said
 * @param low least that it may be [r/min]
 * @param high most that it may be [r/min]
 * @param others speeds that fit the sound too, so that none is said [r/min]
 * @param sentence for the person who holds the telephone
 * @param tones of the comb that was found, lowest first
 * @param picture how far the tones stand out, to be drawn
 */
public record SpeedHeard(
    State state,
    @Nullable Double rpm,
    @Nullable Double low,
    @Nullable Double high,
    List<Double> others,
    String sentence,
    List<Tone> tones,
    Picture picture)
    implements Node {
  public SpeedHeard {
    others = List.copyOf(others);
    tones = List.copyOf(tones);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "state", state,
        "rpm", rpm,
        "low", low,
        "high", high,
        "others", others,
        "sentence", sentence,
        "tones", tones,
        "picture", picture);
  }

  /** How far it came. */
  public enum State {
    /** Not long enough yet. */
    LISTENING,
    /** No comb of tones stands out. */
    NOTHING,
    /** A comb, and how many blades make it was not said. */
    NO_BLADES,
    /** More than one speed fits. */
    TWO,
    /** The speed goes up and down while one listens. */
    UNSTEADY,
    /** A speed. */
    HEARD
  }

  /**
   * @param harmonic which multiple of the blades' tone
   * @param hertz where it was heard [Hz]
   * @param decibels how far it stands out [dB]
   */
  public record Tone(int harmonic, double hertz, double decibels) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("harmonic", harmonic, "hertz", hertz, "decibels", decibels);
    }
  }

  /**
   * @param step from one point to the next [Hz]
   * @param above how far each point stands out [dB]
   */
  public record Picture(double step, List<Double> above) implements Node {
    public Picture {
      above = List.copyOf(above);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("step", step, "above", above);
    }
  }
}
