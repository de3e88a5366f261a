package variablerotor.core.check;

import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.FactType;
import variablerotor.core.fact.FactValue;
import variablerotor.core.fact.Facts;
import variablerotor.core.signal.Window;

/**
 * A reading and the window it is held against.
 *
 * @param usual the window where the unit gives none
 * @param own the fact by which a technician gives the unit's own; null where none can be
 */
public record MeasuredWindow(FactType reading, Window usual, @Nullable FactType own) {

  /** The unit's own window where it was given, else the usual one. */
  public Window inForce(Facts facts) {
    FactValue.Range range = own == null ? null : facts.range(own);
    return range == null ? usual : Window.own(range.low(), range.high(), usual.unit());
  }
}
