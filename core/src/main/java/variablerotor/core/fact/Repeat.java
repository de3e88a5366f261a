package variablerotor.core.fact;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.source.Figure;
import variablerotor.core.source.Source;

/**
 * What was measured more than once: two that agree within the meter's error stand for each other;
 * two that do not leave nothing in force until a third agrees with one of them.
 */
public final class Repeat {
  public static final Figure AGREES =
      new Figure(
          "repeat.agrees",
          "Two measurements of the same thing agree within",
          5,
          "%",
          Source.practice("judgement: a hand-held meter's error, and a supply that moves"));

  /** Speed pulses, taken at two speeds by hand, and insulation wander more [share]. Judgement. */
  private static final double WANDERS = 0.3;

  /** Least difference that tells two small readings apart, by unit. Judgement. */
  private static final double LEAST_VOLTS = 0.5;

  /**
   * The same where hundreds of volts are measured: pick-up on a dead line wanders by as much [V].
   */
  private static final double LEAST_LINE_VOLTS = 6;

  /** A signal with a range as wide as this is a line or a bus [V]. */
  private static final double LINE_RANGE = 500;

  /** A count of a hand-held ohmmeter and its contact [Ω], as {@code winding} reckons them. */
  private static final double LEAST_OHMS = 0.2;

  private Repeat() {}

  /**
   * The value in force of several measurements, the last taken first where several agree.
   *
   * @param taken in the order of taking, at least one
   * @return the one, or one of two that agree; null where no two of several agree
   */
  static @Nullable FactValue inForce(FactType type, List<FactValue> taken) {
    if (taken.size() == 1) {
      return taken.get(0);
    }
    for (int later = taken.size() - 1; later > 0; later--) {
      for (int earlier = later - 1; earlier >= 0; earlier--) {
        if (agree(type, taken.get(earlier), taken.get(later))) {
          return taken.get(later);
        }
      }
    }
    return null;
  }

  /** Whether two measurements are the same within the error of a hand-held meter. */
  public static boolean agree(FactType type, FactValue one, FactValue other) {
    Double first = number(one);
    Double second = number(other);
    if (first == null || second == null) {
      return one.equals(other);
    }
    if (first.equals(second)) {
      return true;
    }
    if (first.isInfinite() || second.isInfinite()) {
      return false;
    }
    double most = Math.max(Math.abs(first), Math.abs(second));
    return Math.abs(first - second) <= Math.max(least(type), share(type) * most);
  }

  /** Infinity for OL; null where the value is no number. */
  private static @Nullable Double number(FactValue value) {
    if (value instanceof FactValue.Quantity quantity) {
      return quantity.value();
    }
    return value instanceof FactValue.Resistance resistance ? resistance.ohms().value() : null;
  }

  private static double share(FactType type) {
    boolean wanders = type.kind() == FactKind.MEGOHMS || type.unit().equals("Hz");
    return wanders ? WANDERS : AGREES.value() / 100;
  }

  private static double least(FactType type) {
    if (type.unit().startsWith("V")) {
      return type.most() >= LINE_RANGE ? LEAST_LINE_VOLTS : LEAST_VOLTS;
    }
    return type.kind() == FactKind.OHMS ? LEAST_OHMS : 0;
  }
}
