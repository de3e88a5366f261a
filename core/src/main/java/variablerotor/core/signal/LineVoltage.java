package variablerotor.core.signal;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.text.Numbers;

/**
 * The line voltage that a motor's plate allows: rated ±10 %, NEMA MG 1, 12.44 (from memory). A
 * plate of two values, such as "208-230", reaches from 10 % below the lower to 10 % above the
 * higher; one of two ranges, such as "115/208-230", is set for one of them by a link.
 */
public final class LineVoltage {
  private static final double TOLERANCE = SignalFigures.LINE_TOLERANCE.value() / 100;

  private static final double EDGE = SignalFigures.LINE_EDGE.value() / 100;

  /** What a motor may be wired for where its plate is not known. */
  private static final String[] USUAL = {"115", "208-230", "277", "460"};

  /** What three phases are, line to line, where the plate is not known. */
  private static final String[] USUAL_THREE_PHASE = {"208-230", "460"};

  private final List<Window> windows;
  private final boolean plateKnown;

  private LineVoltage(List<Window> windows, boolean plateKnown) {
    this.windows = List.copyOf(windows);
    this.plateKnown = plateKnown;
  }

  /**
   * @param plate rated volts as on the plate: one number, or two with a hyphen between; two such
   *     with a stroke between, the lower first; null where it is not known, and then any usual
   *     supply is good
   * @throws IllegalArgumentException where the plate reads otherwise
   */
  public static LineVoltage ofPlate(@Nullable String plate) {
    List<Window> windows = new ArrayList<>();
    if (plate == null) {
      for (String usual : USUAL) {
        windows.add(parse(usual));
      }
      return new LineVoltage(windows, false);
    }
    int stroke = plate.indexOf('/');
    if (stroke < 0) {
      return new LineVoltage(List.of(parse(plate)), true);
    }
    Window low = parse(plate.substring(0, stroke));
    Window high = parse(plate.substring(stroke + 1));
    if (high.low() <= low.high()) {
      throw new IllegalArgumentException(
          "plate volts: the lower range first, apart from the higher, such as 115/208-230");
    }
    return new LineVoltage(List.of(low, high), true);
  }

  /** What three phases may be, line to line, where no plate was read. */
  public static LineVoltage ofThreePhases() {
    List<Window> windows = new ArrayList<>();
    for (String usual : USUAL_THREE_PHASE) {
      windows.add(parse(usual));
    }
    return new LineVoltage(windows, false);
  }

  /** Each range that it can be set for, with its tolerance; more than one by a link. */
  public List<Window> ranges() {
    return windows;
  }

  /** Whether the plate says for which supply the motor is: known, and of one range. */
  public boolean isOfOneRange() {
    return plateKnown && windows.size() == 1;
  }

  /** Whether the plate says that it can be set for one of two supplies. */
  public boolean isOfTwoRanges() {
    return plateKnown && windows.size() == 2;
  }

  private static Window parse(String plate) {
    int hyphen = plate.indexOf('-');
    double low = rated(hyphen < 0 ? plate : plate.substring(0, hyphen));
    double high = hyphen < 0 ? low : rated(plate.substring(hyphen + 1));
    if (high < low) {
      throw new IllegalArgumentException("plate volts: the lower value first, such as 208-230");
    }
    return new Window(
        (1 - TOLERANCE) * low,
        (1 + TOLERANCE) * high,
        "V",
        SignalFigures.LINE_TOLERANCE.source(),
        SignalFigures.LINE_TOLERANCE.id());
  }

  private static double rated(String text) {
    String digits = text.trim();
    boolean number = !digits.isEmpty() && digits.length() <= 4;
    for (int i = 0; i < digits.length(); i++) {
      number &= digits.charAt(i) >= '0' && digits.charAt(i) <= '9';
    }
    int volts = number ? Integer.parseInt(digits) : 0;
    if (volts < 24 || volts > 690) {
      throw new IllegalArgumentException(
          "plate volts: 24 to 690, such as 115, 208-230 or 115/208-230");
    }
    return volts;
  }

  /**
   * Where a reading [V] lies: good if it suits any rating on the plate; between two of them, low.
   * Where the plate is not known, what suits a 115 V motor may be one leg of 240: a question.
   */
  public Level level(double volts) {
    Level best = Level.ABSENT;
    for (int i = 0; i < windows.size(); i++) {
      Level level = windows.get(i).level(volts, EDGE);
      if (level == Level.GOOD) {
        return mayBeOneLeg(i) ? Level.EDGE : level;
      }
      boolean tells = level != Level.ABSENT && best != Level.EDGE;
      best = tells ? level : best;
    }
    return windows.size() > 1 && best == Level.HIGH && volts < last().high() ? Level.LOW : best;
  }

  private boolean mayBeOneLeg(int window) {
    return !plateKnown && window == 0 && windows.size() == USUAL.length;
  }

  /** Whether this reading [V] can be judged only with the plate: good for one rating of several. */
  public boolean asksPlate(double volts) {
    return mayBeOneLeg(0) && windows.get(0).level(volts, EDGE) == Level.GOOD;
  }

  /** Whether the plate was read at all. */
  public boolean isPlateKnown() {
    return plateKnown;
  }

  private Window last() {
    return windows.get(windows.size() - 1);
  }

  /**
   * Such as {@code 187 to 253 V}, both ranges of a plate that has two, or the usual supplies where
   * the plate is not known.
   */
  public String spoken() {
    return plateKnown
        ? String.join(" or ", windows.stream().map(LineVoltage::spoken).toList())
        : "a usual supply within 10 %";
  }

  private static String spoken(Window window) {
    return Numbers.fixed(window.low(), 0) + " to " + Numbers.fixed(window.high(), 0) + " V";
  }
}
