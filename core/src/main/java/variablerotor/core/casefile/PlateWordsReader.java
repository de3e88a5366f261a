package variablerotor.core.casefile;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.plate.PlateReader;
import variablerotor.core.plate.PlateWord;
import variablerotor.core.tree.Tree;

/** From the words that were read off a picture of a plate to what the plate says. */
public final class PlateWordsReader {
  /** Most words of one picture: a plate has some thirty. */
  private static final int MOST = 500;

  /** No picture is wider or higher [pixels]. */
  private static final double LARGEST = 100_000;

  private PlateWordsReader() {}

  /**
   * @param tree {@code words}, each with its {@code text}, how {@code sure} it is from 0 to 1, and
   *     its place {@code left}, {@code top}, {@code right}, {@code bottom} [pixels]
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> read(@Nullable Object tree) throws InputFaults {
    List<InputFault> faults = new ArrayList<>();
    Fields told = new Fields(tree instanceof Map<?, ?> map ? map : Map.of(), "", faults);
    List<?> given = told.list("words");
    if (given.size() > MOST) {
      told.fault("words", "allowed are up to " + MOST);
      given = List.of();
    }
    List<PlateWord> words = new ArrayList<>();
    for (int at = 0; at < given.size(); at++) {
      PlateWord word = word(given.get(at));
      if (word == null) {
        told.fault(
            "words[" + at + "]", "allowed are text, sure from 0 to 1, left, top, right, bottom");
      } else {
        words.add(word);
      }
    }
    told.unknown().forEach(field -> told.fault(field, "is not a field of a plate's words"));
    if (!faults.isEmpty()) {
      throw new InputFaults(faults);
    }
    return Tree.of("found", PlateReader.read(words));
  }

  private static @Nullable PlateWord word(@Nullable Object given) {
    List<InputFault> faults = new ArrayList<>();
    Fields one = Fields.entry(given, "", faults);
    if (one == null) {
      return null;
    }
    String text = one.text("text", 200);
    Double sure = one.number("sure", 0, 1);
    Double left = one.number("left", 0, LARGEST);
    Double top = one.number("top", 0, LARGEST);
    Double right = one.number("right", 0, LARGEST);
    Double bottom = one.number("bottom", 0, LARGEST);
    boolean reads = faults.isEmpty() && one.unknown().isEmpty();
    if (!reads || text == null || sure == null) {
      return null;
    }
    return left == null || top == null || right == null || bottom == null
        ? null
        : new PlateWord(text, sure, left, top, right, bottom);
  }
}
