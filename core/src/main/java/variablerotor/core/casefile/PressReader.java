package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.code.BlinkReader;
import variablerotor.core.code.BlinkReading;
import variablerotor.core.code.Press;

/** From the taps along with a lamp to what they amount to. */
public final class PressReader {
  /** Most taps of one count: nobody taps longer in one sitting. */
  public static final int MOST = 1000;

  private PressReader() {}

  /**
   * @param tree {@code presses}, each with {@code down} and {@code up} [s] and {@code lamp} 0 or 1,
   *     and the time {@code now} [s]
   * @throws InputFaults with every fault found
   */
  public static BlinkReading count(@Nullable Object tree) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields told = new Fields(tree instanceof Map<?, ?> map ? map : Map.of(), "", faults);
    List<Press> presses = new ArrayList<>();
    List<?> given = told.list("presses");
    if (given.size() > MOST) {
      told.fault("presses", "allowed are up to " + MOST);
      given = List.of();
    }
    for (int at = 0; at < given.size(); at++) {
      Press press = press(given.get(at));
      if (press == null) {
        told.fault("presses[" + at + "]", "allowed are down and up in seconds, lamp 0 or 1");
      } else {
        presses.add(press);
      }
    }
    Double now = told.number("now", 0, Double.MAX_VALUE);
    if (now == null && !told.has("now")) {
      told.fault("now", "allowed is a time in seconds, zero or more");
    }
    told.unknown().forEach(field -> told.fault(field, "is not a field of a count"));
    if (now == null || !faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return BlinkReader.read(presses, now);
  }

  private static @Nullable Press press(@Nullable Object given) {
    List<InputFault> faults = new ArrayList<>();
    Fields one = Fields.entry(given, "", faults);
    if (one == null) {
      return null;
    }
    Double down = one.number("down", 0, Double.MAX_VALUE);
    Double up = one.number("up", 0, Double.MAX_VALUE);
    Integer lamp = one.whole("lamp", 0, 1);
    boolean reads = faults.isEmpty() && one.unknown().isEmpty();
    return !reads || down == null || up == null || up < down
        ? null
        : new Press(down, up, lamp == null ? 0 : lamp);
  }
}
