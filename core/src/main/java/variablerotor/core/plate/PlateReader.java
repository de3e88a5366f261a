package variablerotor.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import variablerotor.core.plate.PlateFound.Field;
import variablerotor.core.signal.LineVoltage;
import variablerotor.core.text.Numbers;

/**
 * Takes from a plate's words what has a label or a unit beside it. Labels and units are the usual
 * ones of plates, common practice; usual values are those of small motors in North America and
 * their capacitors, common practice. A value that is none of these may be right: it is marked.
 */
@SuppressWarnings("ReferenceEquality") // Asked is for the same word, not for one that reads alike.
public final class PlateReader {
  /** A word of which the reader of letters is less sure than this is marked [share]. */
  private static final double SURE = 0.88;

  /** One below this is nothing [share]. */
  private static final double NOISE = 0.25;

  /** A label's value stands no farther than this many heights of its letters. */
  private static final double NEAR = 9;

  /** Figures this near may be one with others [heights of their letters]. */
  private static final double BESIDE = 1.6;

  /** Horsepowers of fan motors' plates [hp]. */
  private static final double[] USUAL_HORSEPOWER = {
    1 / 20.0, 1 / 15.0, 1 / 12.0, 0.1, 1 / 8.0, 1 / 6.0, 0.2, 1 / 5.0, 1 / 4.0, 1 / 3.0, 0.4, 0.5,
    0.6, 3 / 4.0, 1, 1.5, 2
  };

  /**
   * A fan motor draws so many times the power of its shaft, at the least and at the most [VA over
   * W]. Common practice: small motors are from a quarter to nine tenths efficient.
   */
  private static final double LEAST_DRAWN = 1.05;

  private static final double MOST_DRAWN = 4.5;

  /** Values that are usual, where a plate has few. */
  private static final double[] USUAL_HERTZ = {50, 60};

  private static final String[] USUAL_VOLTS = {
    "115",
    "120",
    "200-230",
    "208",
    "208-230",
    "220",
    "230",
    "240",
    "265",
    "277",
    "460",
    "480",
    "575",
    "115/208-230",
    "115/230",
    "208-230/460",
    "230/460"
  };

  private static final double[] CAPACITOR_VOLTS = {250, 330, 370, 440, 450};

  /** Of run capacitors of fan motors [µF]. Common practice. */
  private static final double[] USUAL_MICROFARADS = {
    1, 1.5, 2, 2.5, 3, 4, 5, 6, 7.5, 8, 10, 12, 12.5, 15, 17.5, 20, 25, 30
  };

  /** One horsepower [W]. */
  private static final double WATTS_A_HORSEPOWER = 745.7;

  /** Longest that a serial or a part number is. */
  private static final int LONGEST = 24;

  /** A piece of a word: a run of figures with their signs, or of letters. */
  private record Piece(PlateWord word, String text, boolean number, int line) {}

  private final List<Piece> pieces = new ArrayList<>();
  private final List<PlateFound> found = new ArrayList<>();
  private final boolean[] used;

  private PlateReader(List<PlateWord> words) {
    List<List<PlateWord>> lines = lines(words);
    for (int line = 0; line < lines.size(); line++) {
      for (PlateWord word : lines.get(line)) {
        cut(word, line);
      }
    }
    used = new boolean[pieces.size()];
  }

  /**
   * @param words as they were read, in any order
   * @return in the order in which a form asks
   */
  public static List<PlateFound> read(List<PlateWord> words) {
    PlateReader reader = new PlateReader(words);
    reader.find();
    reader.found.sort((one, other) -> one.field().compareTo(other.field()));
    return List.copyOf(reader.found);
  }

  /** Words of one line stand at about one height; lines from top to bottom. */
  private static List<List<PlateWord>> lines(List<PlateWord> words) {
    List<PlateWord> sorted = new ArrayList<>();
    for (PlateWord word : words) {
      if (word.sure() >= NOISE && !word.text().isBlank()) {
        sorted.add(word);
      }
    }
    sorted.sort((one, other) -> Double.compare(one.middle(), other.middle()));
    List<List<PlateWord>> lines = new ArrayList<>();
    for (PlateWord word : sorted) {
      List<PlateWord> mine = null;
      for (List<PlateWord> line : lines) {
        PlateWord near = nearest(line, word);
        double apart = Math.abs(near.middle() - word.middle());
        if (apart < 0.5 * Math.min(near.height(), word.height())) {
          mine = line;
        }
      }
      if (mine == null) {
        mine = new ArrayList<>();
        lines.add(mine);
      }
      mine.add(word);
    }
    for (List<PlateWord> line : lines) {
      line.sort((one, other) -> Double.compare(one.left(), other.left()));
    }
    return lines;
  }

  /** Of a line that leans, the word beside is the measure, and not the first. */
  private static PlateWord nearest(List<PlateWord> line, PlateWord word) {
    PlateWord nearest = line.get(0);
    double least = Double.MAX_VALUE;
    for (PlateWord one : line) {
      double apart = Math.abs(one.left() - word.left());
      if (apart < least) {
        least = apart;
        nearest = one;
      }
    }
    return nearest;
  }

  /** Cuts {@code 208-230V} into figures and letters. */
  private void cut(PlateWord word, int line) {
    String text = word.text().trim();
    int from = 0;
    while (from < text.length()) {
      char first = text.charAt(from);
      boolean point = first == '.' && from + 1 < text.length() && isFigure(text.charAt(from + 1));
      if (!isFigure(first) && !isLetter(first) && !point) {
        from++;
        continue;
      }
      boolean number = !isLetter(first);
      int to = from + 1;
      while (to < text.length() && belongs(text, to, number)) {
        to++;
      }
      String piece = text.substring(from, to).toUpperCase(Locale.ROOT);
      pieces.add(new Piece(word, piece, number, line));
      from = to;
    }
  }

  private static boolean belongs(String text, int at, boolean number) {
    char c = text.charAt(at);
    if (!number) {
      return isLetter(c) || c == '/' && isLabelStroke(text, at);
    }
    boolean sign = c == '.' || c == '/' || c == '-' || c == ',';
    return isFigure(c) || (sign && at + 1 < text.length() && isFigure(text.charAt(at + 1)));
  }

  /** The stroke of P/N and S/N. */
  private static boolean isLabelStroke(String text, int at) {
    return at + 1 < text.length() && isLetter(text.charAt(at + 1));
  }

  private static boolean isFigure(char c) {
    return c >= '0' && c <= '9';
  }

  private static boolean isLetter(char c) {
    return Character.isLetter(c) || c == 'µ' || c == 'μ';
  }

  private void find() {
    capacitors();
    numbers(Field.HORSEPOWER, List.of("HP", "H.P", "HORSEPOWER"), this::horsepower);
    numbers(Field.RPM, List.of("RPM", "R/MIN", "MIN"), PlateReader::rpm);
    numbers(Field.HERTZ, List.of("HZ", "HERTZ", "CY", "CYC", "CYCLES"), PlateReader::hertz);
    numbers(Field.PHASES, List.of("PH", "PHASE", "PHASES"), PlateReader::phases);
    numbers(Field.VOLTS, List.of("V", "VOLT", "VOLTS", "VAC"), PlateReader::volts);
    numbers(Field.AMPS, List.of("A", "AMP", "AMPS", "FLA", "FL", "RLA"), PlateReader::amps);
    numbers(Field.WATTS, List.of("W", "WATT", "WATTS"), PlateReader::watts);
    frame();
    texts(Field.SERIAL, List.of("SER", "SERIAL", "S/N", "SN"));
    texts(Field.PART_NUMBER, List.of("P/N", "PN", "PART", "CAT"));
    texts(Field.MODEL, List.of("MODEL", "MOD", "M/N"));
    made();
    holdAgainstEachOther();
  }

  /** Volts, amps and horsepower of one motor fit each other, or one of them was misread. */
  private void holdAgainstEachOther() {
    double volts = lowest(Field.VOLTS);
    double amps = lowest(Field.AMPS);
    double power = lowest(Field.HORSEPOWER);
    if (!(volts > 0 && amps > 0 && power > 0)) {
      return;
    }
    double lines = lowest(Field.PHASES) == 3 ? Math.sqrt(3) : 1;
    double drawn = lines * volts * amps / (power * WATTS_A_HORSEPOWER);
    if (drawn >= LEAST_DRAWN && drawn <= MOST_DRAWN) {
      return;
    }
    for (int i = 0; i < found.size(); i++) {
      PlateFound one = found.get(i);
      boolean part =
          one.field() == Field.VOLTS
              || one.field() == Field.AMPS
              || one.field() == Field.HORSEPOWER;
      if (part && one.sure()) {
        String why = "volts, amps and horsepower do not fit each other";
        found.set(i, new PlateFound(one.field(), one.value(), false, why, one.read(), one.place()));
      }
    }
  }

  /** The first figure of a field; not a number where it was not found. */
  private double lowest(Field field) {
    for (PlateFound one : found) {
      if (one.field() == field) {
        String value = one.value();
        int end = 0;
        while (end < value.length() && (isFigure(value.charAt(end)) || value.charAt(end) == '.')) {
          end++;
        }
        return number(value.substring(0, end));
      }
    }
    return Double.NaN;
  }

  /** A value: what it reads as, and what is in doubt. */
  private record Value(String text, @Nullable String doubt) {
    static Value sure(String text) {
      return new Value(text, null);
    }
  }

  /** What a run of figures may mean for one field; null where it cannot be that. */
  private interface Meaning {
    @Nullable Value of(String figures);
  }

  /**
   * Figures with one of these words before or behind them. Where both sides of the word have
   * figures, the nearer ones are meant; two that say different things are both marked.
   */
  private void numbers(Field field, List<String> words, Meaning meaning) {
    for (int i = 0; i < pieces.size(); i++) {
      Piece label = pieces.get(i);
      if (used[i] || label.number() || !words.contains(label.text())) {
        continue;
      }
      int before = i - 1;
      int behind = i + 1;
      // "MAX AMB 40 C" and "AMPS: 4.3" alike: a colon or a word of one's own may stand between.
      double toBefore = distance(before, i, meaning);
      double toBehind = distance(i, behind, meaning);
      if (toBefore == Double.MAX_VALUE && toBehind == Double.MAX_VALUE) {
        continue;
      }
      int at = toBefore <= toBehind ? before : behind;
      boolean either =
          toBefore != Double.MAX_VALUE
              && toBehind != Double.MAX_VALUE
              && toBehind < 2 * Math.max(0.6, toBefore)
              && toBefore < 2 * Math.max(0.6, toBehind);
      take(field, i, at, meaning, either ? "figures on both sides of " + label.text() : null);
    }
  }

  /** How far figures stand from a word, in heights of its letters; most where they cannot be. */
  private double distance(int left, int right, Meaning meaning) {
    if (left < 0 || right >= pieces.size()) {
      return Double.MAX_VALUE;
    }
    Piece one = pieces.get(left);
    Piece other = pieces.get(right);
    Piece figures = one.number() ? one : other;
    boolean free = !used[one.number() ? left : right];
    boolean fits = one.number() != other.number() && one.line() == other.line() && free;
    if (!fits || meaning.of(figures.text()) == null) {
      return Double.MAX_VALUE;
    }
    if (one.word() == other.word()) {
      return 0;
    }
    double heights =
        (other.word().left() - one.word().right())
            / Math.max(1, Math.min(one.word().height(), other.word().height()));
    return heights > NEAR ? Double.MAX_VALUE : Math.max(0.05, heights);
  }

  private void take(
      Field field, int label, int at, Meaning meaning, @Nullable String doubtOfPlace) {
    Piece figures = pieces.get(at);
    Value value = meaning.of(figures.text());
    if (value == null) {
      return;
    }
    used[at] = true;
    used[label] = true;
    String doubt = doubtOfPlace != null ? doubtOfPlace : value.doubt();
    if (doubt == null && hasFiguresBeside(at)) {
      doubt = "more figures stand beside it";
    }
    add(field, value.text(), doubt, pieces.get(label).word(), figures.word());
  }

  /**
   * Figures that nothing parts from these: a stroke or a full stop between may not have been read.
   */
  private boolean hasFiguresBeside(int at) {
    Piece of = pieces.get(at);
    for (int beside : new int[] {at - 1, at + 1}) {
      if (beside < 0 || beside >= pieces.size()) {
        continue;
      }
      Piece other = pieces.get(beside);
      double gap =
          beside < at
              ? of.word().left() - other.word().right()
              : other.word().left() - of.word().right();
      boolean near = other.word() == of.word() || gap < BESIDE * of.word().height();
      if (other.number() && other.line() == of.line() && near) {
        return true;
      }
    }
    return false;
  }

  /** Two of one field are both marked where they differ: a plate of two ratings, or a slip. */
  private void add(
      Field field, String value, @Nullable String doubt, PlateWord label, PlateWord figures) {
    String why = doubt;
    double sure = Math.min(label == figures ? 1 : label.sure() + 0.1, figures.sure());
    if (why == null && sure < SURE) {
      why = "the letters are hard to read";
    }
    for (int i = 0; i < found.size(); i++) {
      PlateFound other = found.get(i);
      if (other.field() != field) {
        continue;
      }
      if (other.value().equals(value)) {
        return;
      }
      why = "the plate has more than one";
      found.set(i, new PlateFound(field, other.value(), false, why, other.read(), other.place()));
    }
    String read = label == figures ? figures.text() : ordered(label, figures);
    found.add(
        new PlateFound(field, value, why == null, why, read, PlateWord.around(label, figures)));
  }

  private static String ordered(PlateWord one, PlateWord other) {
    return one.left() <= other.left()
        ? one.text() + " " + other.text()
        : other.text() + " " + one.text();
  }

  private static double number(String figures) {
    int points = 0;
    for (int i = 0; i < figures.length(); i++) {
      char c = figures.charAt(i);
      points += c == '.' ? 1 : 0;
      if (!isFigure(c) && c != '.') {
        return Double.NaN;
      }
    }
    return points > 1 || figures.length() > 9 ? Double.NaN : Double.parseDouble(figures);
  }

  private static boolean isOneOf(double value, double[] usual) {
    for (double one : usual) {
      if (value == one) {
        return true;
      }
    }
    return false;
  }

  /** A fraction, as plates have it, or a decimal number. */
  private @Nullable Value horsepower(String figures) {
    int stroke = figures.indexOf('/');
    double value = number(figures);
    if (stroke > 0) {
      double above = number(figures.substring(0, stroke));
      double below = number(figures.substring(stroke + 1));
      value = below > 0 && above < below ? above / below : Double.NaN;
    }
    if (!(value > 0) || value > 50) {
      return null;
    }
    String text = Numbers.plain(Math.round(value * 1000) / 1000.0, 3);
    // A full stop that was not read makes .5 to 5.
    boolean usual = false;
    for (double one : USUAL_HORSEPOWER) {
      usual |= Math.abs(value - one) < 0.0051;
    }
    if (!usual) {
      return new Value(text, "unusual for a fan's motor");
    }
    // Of 1/2 the stroke and what is under it are small, and soon lost.
    return figures.length() == 1
        ? new Value(text, "what is under a stroke is soon lost")
        : Value.sure(text);
  }

  private static @Nullable Value rpm(String figures) {
    int stroke = figures.indexOf('/');
    String first = stroke > 0 ? figures.substring(0, stroke) : figures;
    double value = number(first.replace(",", ""));
    if (!(value >= 200 && value <= 6000)) {
      return null;
    }
    String text = Numbers.plain(value, 0);
    if (stroke > 0) {
      return new Value(text, "more than one speed");
    }
    return value > 3600 || value < 500 || value % 5 != 0
        ? new Value(text, "unusual")
        : Value.sure(text);
  }

  private static @Nullable Value hertz(String figures) {
    double value = number(figures);
    if (figures.equals("50/60") || figures.equals("60/50")) {
      return new Value("60", "the plate says both");
    }
    return isOneOf(value, USUAL_HERTZ) ? Value.sure(Numbers.plain(value, 0)) : null;
  }

  private static @Nullable Value phases(String figures) {
    return figures.equals("1") || figures.equals("3") ? Value.sure(figures) : null;
  }

  private static @Nullable Value volts(String figures) {
    try {
      LineVoltage.ofPlate(figures);
    } catch (IllegalArgumentException none) {
      return null;
    }
    for (String usual : USUAL_VOLTS) {
      if (usual.equals(figures)) {
        return Value.sure(figures);
      }
    }
    return new Value(figures, "unusual");
  }

  private static @Nullable Value amps(String figures) {
    int stroke = figures.indexOf('/');
    int hyphen = figures.indexOf('-');
    int cut = stroke > 0 ? stroke : hyphen;
    double value = number(cut > 0 ? figures.substring(0, cut) : figures);
    if (!(value >= 0.1 && value <= 60)) {
      return null;
    }
    String text = Numbers.plain(value, 2);
    if (cut > 0) {
      return new Value(text, "one for each voltage");
    }
    // Its full stop may not have been read, or what stands before it.
    boolean odd = value > 15 || figures.indexOf('.') < 1;
    return odd ? new Value(text, "a figure or a full stop may be missing") : Value.sure(text);
  }

  private static @Nullable Value watts(String figures) {
    double value = number(figures);
    return value >= 5 && value <= 20000 ? Value.sure(Numbers.plain(value, 0)) : null;
  }

  /**
   * Microfarads, and the volts on the same line. They are taken first, so that a capacitor's volts
   * are never a motor's.
   */
  private void capacitors() {
    for (int i = 0; i < pieces.size(); i++) {
      Piece unit = pieces.get(i);
      boolean farads =
          !unit.number()
              && List.of("MFD", "UF", "µF", "ΜF", "MF", "MICROFARADS").contains(micro(unit));
      if (!farads || used[i] || i == 0) {
        continue;
      }
      Piece figures = pieces.get(i - 1);
      if (!figures.number()
          || figures.line() != unit.line()
          || microfarads(figures.text()) == null) {
        continue;
      }
      take(Field.MICROFARADS, i, i - 1, PlateReader::microfarads, null);
      for (int at = i + 1; at < pieces.size() && pieces.get(at).line() == unit.line(); at++) {
        Piece volts = pieces.get(at);
        if (volts.number() && capacitorVolts(volts.text()) != null) {
          int label = at + 1 < pieces.size() && !pieces.get(at + 1).number() ? at + 1 : i;
          take(Field.CAPACITOR_VOLTS, label, at, PlateReader::capacitorVolts, null);
          break;
        }
      }
    }
  }

  /** One letter for micro, whichever of the two it was read as. */
  private static String micro(Piece piece) {
    return piece.text().replace('μ', 'µ').replace('Μ', 'µ');
  }

  private static @Nullable Value microfarads(String figures) {
    int stroke = figures.indexOf('/');
    if (stroke > 0) {
      double one = number(figures.substring(0, stroke));
      double other = number(figures.substring(stroke + 1));
      boolean both = one >= 1 && one <= 150 && other >= 1 && other <= 150;
      return both ? new Value(figures, "two capacitors in one can") : null;
    }
    double value = number(figures);
    if (!(value >= 1 && value <= 150)) {
      return null;
    }
    // 7.5 without its full stop reads 75; fan motors have small ones.
    String text = Numbers.plain(value, 1);
    if (value > 30) {
      return new Value(text, "large for a fan's motor");
    }
    return isOneOf(value, USUAL_MICROFARADS)
        ? Value.sure(text)
        : new Value(text, "unusual for a capacitor");
  }

  private static @Nullable Value capacitorVolts(String figures) {
    double value = number(figures);
    return isOneOf(value, CAPACITOR_VOLTS) ? Value.sure(Numbers.plain(value, 0)) : null;
  }

  /** Figures and at most two letters behind its label, such as 48 or 48Y. */
  private void frame() {
    for (int i = 0; i + 1 < pieces.size(); i++) {
      Piece label = pieces.get(i);
      boolean named = List.of("FR", "FRAME").contains(label.text());
      Piece figures = pieces.get(i + 1);
      if (label.number() || !named || used[i + 1] || figures.line() != label.line()) {
        continue;
      }
      double value = number(figures.text());
      if (!figures.number() || !(value >= 30 && value <= 450)) {
        continue;
      }
      boolean more =
          i + 2 < pieces.size()
              && !pieces.get(i + 2).number()
              && pieces.get(i + 2).word() == figures.word();
      String letters = more ? pieces.get(i + 2).text() : "";
      if (letters.length() <= 2) {
        used[i] = true;
        used[i + 1] = true;
        add(Field.FRAME, figures.text() + letters, null, label.word(), figures.word());
      }
    }
  }

  /**
   * A word behind its label that has figures in it, as it was read: letters are not mended. Such a
   * number can be any, so that nothing tells a slip: it is always marked.
   */
  private void texts(Field field, List<String> labels) {
    for (int i = 0; i < pieces.size(); i++) {
      Piece label = pieces.get(i);
      if (label.number() || !labels.contains(label.text())) {
        continue;
      }
      PlateWord word = wordBehind(i);
      if (word == null) {
        continue;
      }
      String text = trimmed(word.text());
      boolean figures = false;
      for (int at = 0; at < text.length(); at++) {
        figures |= isFigure(text.charAt(at));
      }
      if (text.length() >= 3 && text.length() <= LONGEST && figures) {
        boolean alike = hasLookalikes(text);
        String doubt =
            alike
                ? "letters and figures that look alike"
                : "no other word on the plate confirms it";
        add(field, text, doubt, label.word(), word);
        use(word);
      }
    }
  }

  /** The next word on its line; "NO." and such between are passed over. */
  private @Nullable PlateWord wordBehind(int label) {
    Piece of = pieces.get(label);
    for (int i = label + 1; i < pieces.size() && pieces.get(i).line() == of.line(); i++) {
      Piece piece = pieces.get(i);
      if (piece.word() == of.word() || List.of("NO", "NUMBER", "NR").contains(piece.text())) {
        continue;
      }
      double heights = (piece.word().left() - of.word().right()) / Math.max(1, of.word().height());
      return heights > NEAR || used[i] ? null : piece.word();
    }
    return null;
  }

  private void use(PlateWord word) {
    for (int i = 0; i < pieces.size(); i++) {
      used[i] |= pieces.get(i).word() == word;
    }
  }

  private static String trimmed(String text) {
    int from = 0;
    int to = text.length();
    while (from < to && !isFigure(text.charAt(from)) && !isLetter(text.charAt(from))) {
      from++;
    }
    while (to > from && !isFigure(text.charAt(to - 1)) && !isLetter(text.charAt(to - 1))) {
      to--;
    }
    return text.substring(from, to);
  }

  /** Whether a figure and a letter that are taken for each other stand in it: O, I, S, B, Z. */
  private static boolean hasLookalikes(String text) {
    for (int i = 0; i < text.length(); i++) {
      if ("OQDILSBZG".indexOf(Character.toUpperCase(text.charAt(i))) >= 0) {
        return true;
      }
    }
    return false;
  }

  /** A month and a year behind a label of the date; a code of the maker's own is not read. */
  private void made() {
    for (int i = 0; i + 1 < pieces.size(); i++) {
      Piece label = pieces.get(i);
      boolean named = List.of("DATE", "MFG", "MFD", "MADE").contains(label.text());
      Piece figures = pieces.get(i + 1);
      boolean beside = figures.number() && figures.line() == label.line() && !used[i + 1];
      if (label.number() || !named || !beside || used[i]) {
        continue;
      }
      String made = monthAndYear(figures.text());
      if (made != null) {
        used[i + 1] = true;
        add(Field.MADE, made, null, label.word(), figures.word());
      }
    }
  }

  private static @Nullable String monthAndYear(String figures) {
    int stroke = Math.max(figures.indexOf('/'), figures.indexOf('-'));
    if (stroke < 1 || stroke > 2) {
      return null;
    }
    double month = number(figures.substring(0, stroke));
    double year = number(figures.substring(stroke + 1));
    boolean whole = year >= 1970 && year <= 2099;
    if (!(month >= 1 && month <= 12)
        || !(whole || year >= 70 || year <= 60)
        || Double.isNaN(year)) {
      return null;
    }
    double full = whole ? year : year <= 60 ? 2000 + year : 1900 + year;
    return full < 1970 || full > 2099
        ? null
        : Numbers.fixed(full, 0) + "-" + (month < 10 ? "0" : "") + Numbers.fixed(month, 0);
  }
}
