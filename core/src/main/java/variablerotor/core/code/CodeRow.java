package variablerotor.core.code;

import java.util.List;
import java.util.Locale;
import variablerotor.core.chain.Suspect;

/**
 * One code of a shop's own book. It moves suspicion, and never decides.
 *
 * @param line the line of equipment, as the shop calls it
 * @param signal how the board tells it
 * @param pattern such as {@code 4}, {@code 23}, {@code 5:2,4} or {@code E6}
 * @param meaning in the shop's words
 * @param suspects whom it raises
 */
public record CodeRow(
    String line, SignalKind signal, String pattern, String meaning, List<Suspect> suspects) {
  public CodeRow {
    suspects = List.copyOf(suspects);
  }

  /** What makes two rows the same code. */
  String key() {
    return line.toLowerCase(Locale.ROOT) + "|" + signal + "|" + pattern;
  }
}
