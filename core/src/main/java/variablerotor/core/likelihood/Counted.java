package variablerotor.core.likelihood;

import java.util.List;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Symptom;
import variablerotor.core.family.Family;

/**
 * How many ended calls of a shop turned out to be one thing.
 *
 * @param suspects what it was, the first cause first
 * @param calls so many, with this complaint of a motor of this family
 */
public record Counted(Family family, Symptom symptom, List<Suspect> suspects, int calls) {
  public Counted {
    suspects = List.copyOf(suspects);
  }
}
