package variablerotor.core.check;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.chain.Suspect;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;

/**
 * What a technician is asked to measure, try or look at, whoever asks: diagnosis, or later fitting
 * and proof of repair. It says nothing of what its answers mean.
 *
 * @param station the link of the chain that it looks at
 * @param state the state in which the unit must be
 * @param minutes without the change of state [min]
 * @param facts that it takes, in the order of asking
 * @param ask what to do, in one short line
 * @param how in one or two short lines
 * @param outcomes the answers that it can have
 * @param window that its reading is held against; null where it has none of its own
 */
public record Question(
    String id,
    Suspect station,
    UnitState state,
    double minutes,
    List<FactType> facts,
    String ask,
    String how,
    List<Outcome> outcomes,
    @Nullable MeasuredWindow window) {

  public Question {
    facts = List.copyOf(facts);
    outcomes = List.copyOf(outcomes);
  }

  /** What it is done with. */
  public List<Tools> tools() {
    return Tools.of(this);
  }

  /** What to mind before it; empty where there is nothing to mind. */
  public String caution() {
    return String.join(" ", Caution.of(this));
  }

  /**
   * @throws IllegalArgumentException where it has no such outcome
   */
  public int index(Answer outcome) {
    for (int i = 0; i < outcomes.size(); i++) {
      if (outcomes.get(i).value() == outcome) {
        return i;
      }
    }
    throw new IllegalArgumentException(id + " has no outcome " + outcome);
  }
}
