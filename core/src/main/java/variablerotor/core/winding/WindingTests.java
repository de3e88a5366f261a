package variablerotor.core.winding;

import java.util.List;
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

  /** Uneven back-EMF and a rotor that drags: turns are shorted, whatever the pairs read. */
  boolean shorted() {
    return Boolean.FALSE.equals(even()) && Boolean.TRUE.equals(drags);
  }

  /**
   * The phases that make too little, by uneven back-EMF: shorted turns in one phase lower both
   * pairs that it is part of; two phases that touch lower the pair between them (any machine text).
   */
  List<Phase> weakPhases() {
    if (emf == null || !Boolean.FALSE.equals(even())) {
      return List.of();
    }
    double[] volts = {emf.ab, emf.bc, emf.ca};
    Phase shared = Phase.A;
    double best = Double.MAX_VALUE;
    for (Phase phase : Phase.values()) {
      Pair away = phase.opposite();
      double apart = Math.abs(volts[away.next().ordinal()] - volts[away.next().next().ordinal()]);
      if (apart < best) {
        best = apart;
        shared = phase;
      }
    }
    Pair away = shared.opposite();
    double alike = (volts[away.next().ordinal()] + volts[away.next().next().ordinal()]) / 2;
    return alike < volts[away.ordinal()] ? List.of(shared) : away.leads();
  }

  /** Even back-EMF and a rotor that turns free: no turns are shorted. */
  boolean clear() {
    return Boolean.TRUE.equals(even()) && Boolean.FALSE.equals(drags);
  }
}
