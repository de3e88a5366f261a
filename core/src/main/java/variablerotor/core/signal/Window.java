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

  /** Where a reading lies, in the unit of the window. */
  public Level level(double value) {
    if (value < ABSENT_SHARE * low) {
      return Level.ABSENT;
    }
    return value < low ? Level.LOW : value <= high ? Level.GOOD : Level.HIGH;
  }

  /** Such as {@code 18 to 30 V}. */
  public String spoken() {
    return Numbers.plain(low, 1) + " to " + Numbers.plain(high, 1) + " " + unit;
  }
}
