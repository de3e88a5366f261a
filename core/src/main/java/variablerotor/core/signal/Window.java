package variablerotor.core.signal;

import org.jspecify.annotations.Nullable;
import variablerotor.core.source.Source;
import variablerotor.core.text.Numbers;

/**
 * The band in which a signal is good.
 *
 * @param low least good value, in {@code unit}
 * @param high greatest good value
 * @param unit V or V DC
 * @param source who says so
 * @param figure id of the figure in the catalogue; null for the unit's own window
 */
public record Window(double low, double high, String unit, Source source, @Nullable String figure) {

  /** A window that this unit's own literature gives. */
  public static Window own(double low, double high, String unit) {
    return new Window(low, high, unit, OWN, null);
  }

  private static final Source OWN = Source.unit("typed in for this call");

  /**
   * Below this share of the least good value a signal counts as absent: stray and meter pick-up.
   */
  public static final double ABSENT_SHARE = SignalFigures.ABSENT_SHARE.value() / 100;

  /** How far outside a usual window a reading is still a question, as a share of the bound. */
  public static final double EDGE_SHARE = SignalFigures.EDGE.value() / 100;

  /** Where a reading lies, in the unit of the window. A unit's own window has no soft edge. */
  public Level level(double value) {
    return level(value, figure == null ? 0 : EDGE_SHARE);
  }

  /**
   * Where a reading lies.
   *
   * @param edge how far outside it is still a question, as a share of the bound
   */
  Level level(double value, double edge) {
    if (value < ABSENT_SHARE * low) {
      return Level.ABSENT;
    }
    if (value < low) {
      return value < low * (1 - edge) ? Level.LOW : Level.EDGE;
    }
    return value <= high ? Level.GOOD : value <= high * (1 + edge) ? Level.EDGE : Level.HIGH;
  }

  /** Such as {@code 18 to 30 V}. */
  public String spoken() {
    return Numbers.plain(low, 1) + " to " + Numbers.plain(high, 1) + " " + unit;
  }
}
