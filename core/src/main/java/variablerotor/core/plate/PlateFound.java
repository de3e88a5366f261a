package variablerotor.core.plate;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One thing that a plate says.
 *
 * @param value as it would be typed
 * @param sure whether label, letters and value leave no doubt; else it is to be held against its
 *     piece of the picture
 * @param why what is in doubt; null where nothing is
 * @param read the letters that it was taken from
 * @param place where they stand
 */
public record PlateFound(
    Field field,
    String value,
    boolean sure,
    @Nullable String why,
    String read,
    PlateWord.Place place)
    implements Node {

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "field", field,
        "value", value,
        "sure", sure,
        "why", why,
        "read", read,
        "place", place);
  }

  /** What a plate can say. Those with a path wait for it on the call. */
  public enum Field implements Node {
    VOLTS("Volts", "V", "motor.volts"),
    HORSEPOWER("Horsepower", "hp", "motor.horsepower"),
    RPM("Rated speed", "r/min", "motor.rpm"),
    AMPS("Full-load amps", "A", "motor.fullLoadAmps"),
    HERTZ("Frequency", "Hz", "motor.hertz"),
    PHASES("Phases of the line", "", "motor.phases"),
    FRAME("Frame", "", "motor.frame"),
    WATTS("Watts", "W", null),
    MICROFARADS("Capacitor", "µF", null),
    CAPACITOR_VOLTS("Capacitor, most volts", "V", null),
    MODEL("Model", "", null),
    PART_NUMBER("Part number", "", null),
    SERIAL("Serial number", "", null),
    MADE("Date of make", "", null);

    private final String title;
    private final String unit;
    private final @Nullable String path;

    Field(String title, String unit, @Nullable String path) {
      this.title = title;
      this.unit = unit;
      this.path = path;
    }

    /** As it is called on the page. */
    public String title() {
      return title;
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", name(), "title", title, "unit", unit, "path", path);
    }
  }
}
