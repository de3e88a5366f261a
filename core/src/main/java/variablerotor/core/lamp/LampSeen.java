package variablerotor.core.lamp;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.code.BlinkReading;
import variablerotor.core.code.Press;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * What a camera made of a lamp, or of two.
 *
 * @param state what it looks like
 * @param sentence for the person who holds the telephone
 * @param colours of each lamp; empty where it is not sure, or never lit
 * @param reading the flashes, counted
 * @param presses when which lamp was lit, as one would have tapped
 * @param codes what the books are to be asked for: one where it is sure, several where a look alone
 *     does not tell them apart, none where nothing is sure
 * @param warnings what keeps it from being sure, as it is just now
 * @param traces light of each lamp over the last seconds, to be drawn
 */
public record LampSeen(
    State state,
    String sentence,
    List<String> colours,
    BlinkReading reading,
    List<Press> presses,
    List<String> codes,
    List<Warning> warnings,
    List<Trace> traces)
    implements Node {
  public LampSeen {
    colours = List.copyOf(colours);
    presses = List.copyOf(presses);
    codes = List.copyOf(codes);
    warnings = List.copyOf(warnings);
    traces = List.copyOf(traces);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "state", state,
        "sentence", sentence,
        "colours", colours,
        "reading", reading,
        "presses", presses.stream().map(LampSeen::told).toList(),
        "codes", codes,
        "warnings", warnings,
        "traces", traces);
  }

  private static Map<String, Object> told(Press press) {
    return Tree.of("down", press.down(), "up", press.up(), "lamp", press.lamp());
  }

  /** What it looks like. */
  public enum State {
    /** Not long enough yet. */
    LOOKING,
    /** Nothing is lit in the box, as far as can be seen. */
    DARK,
    /** A bright spot that does not change. */
    STEADY,
    /** Even flashes without a pause: a heartbeat, or one flash a round. */
    EVEN,
    /** Too quick to be a code. */
    FLICKERS,
    /** Flashes with pauses. */
    FLASHES
  }

  /** What keeps it from being sure. */
  public enum Warning implements Node {
    MOVES("Hold still, or lean on something: the lamp leaves its box."),
    LIGHT_CHANGES("The light around it changes: shade the lamp from other light."),
    FEW_FRAMES(
        "The camera leaves out frames. A little more light helps, or a rest for the device."),
    FAINT("The lamp is hardly brighter than what is around it. Go nearer, or shade it."),
    SPILLS("The second box sees the light of the first lamp. Put it closer around its own lamp.");

    private final String sentence;

    Warning(String sentence) {
      this.sentence = sentence;
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", name(), "sentence", sentence);
    }
  }

  /**
   * Light of one lamp.
   *
   * @param colour of the lamp; null where it is not sure
   * @param times of the frames [s]
   * @param light at each, one for the whole light of the lamp
   */
  public record Trace(@Nullable LampColour colour, List<Double> times, List<Double> light)
      implements Node {
    public Trace {
      times = List.copyOf(times);
      light = List.copyOf(light);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("colour", colour, "times", times, "light", light);
    }
  }
}
