package variablerotor.core.likelihood;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Fault;

/**
 * One way in which the complaint can have come about: a single fault, or a fault and the damage
 * that it did.
 *
 * @param faults the faults, the first cause first
 * @param weight how often, among calls with each symptom; symptoms that it cannot make are absent
 * @param reason why this weight, in one line
 */
public record Cause(List<Fault> faults, Map<Symptom, Double> weight, String reason) {
  public Cause {
    faults = List.copyOf(faults);
    weight = Collections.unmodifiableMap(new EnumMap<>(weight));
  }

  /** Of a hundred calls, as many make a cause a usual one. Judgement. */
  private static final double USUAL = 0.5;

  /**
   * @param weights such as {@code often(NO_RUN, 40).or(INTERMITTENT, 5)}
   */
  static Cause of(List<Fault> faults, Often<Symptom> weights, String reason) {
    return new Cause(faults, weights.shares(), reason);
  }

  /** How often it comes about among calls with this complaint; 0 where it cannot make it. */
  public double weight(Symptom symptom) {
    return weight.getOrDefault(symptom, 0.0);
  }

  /**
   * Whether it is a rival that must be cleared before another is proved, where this is the
   * complaint; what comes about less often counts only with the room that is left over.
   */
  public boolean isUsual(Symptom symptom) {
    return weight(symptom) >= USUAL && !isUnlisted();
  }

  /** Whether it is what nobody listed. */
  public boolean isUnlisted() {
    return faults.contains(Fault.UNLISTED);
  }

  /** The links in which its faults sit, each once. */
  public List<Suspect> suspects() {
    List<Suspect> suspects = new ArrayList<>();
    for (Fault fault : faults) {
      if (!suspects.contains(fault.suspect())) {
        suspects.add(fault.suspect());
      }
    }
    return suspects;
  }
}
