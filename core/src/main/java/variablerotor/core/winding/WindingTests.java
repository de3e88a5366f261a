package variablerotor.core.winding;

import org.jspecify.annotations.Nullable;

/**
 * What was tried with a winding beside its resistances, module off.
 *
 * @param emf back-EMF of AB, BC and CA at one steady speed [V]; null where not all were read
 * @param drags whether the rotor drags with its leads apart, by hand; null where not felt
 */
public record WindingTests(@Nullable Three emf, @Nullable Boolean drags) {

  /** Nothing tried. */
  public static final WindingTests NONE = new WindingTests(null, null);

  /** One value for each pair. */
  public record Three(double ab, double bc, double ca) {
    double most() {
      return Math.max(ab, Math.max(bc, ca));
    }
  }

  /** Even, uneven, or nothing to say: not read, or so little that it means nothing. */
  @Nullable Boolean even() {
    if (emf == null || emf.most() < WindingFigures.EMF_LEAST.value()) {
      return null;
    }
    return BackEmf.agrees(emf.ab, emf.bc, emf.ca, WindingFigures.EMF_LIMIT.value());
  }

  /** Even back-EMF and a rotor that turns free: no turns are shorted. */
  boolean clear() {
    return Boolean.TRUE.equals(even()) && Boolean.FALSE.equals(drags);
  }
}
