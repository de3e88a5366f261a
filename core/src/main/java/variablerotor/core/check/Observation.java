package variablerotor.core.check;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fact.Answer;
import variablerotor.core.fact.FactType;

/**
 * What the facts say to one check.
 *
 * @param outcome one of the check's outcomes
 * @param sentence the reading in one plain sentence
 * @param facts the facts that it rests on
 * @param figure id of the figure that the reading was held against; null where there is none
 */
public record Observation(
    Answer outcome, String sentence, List<FactType> facts, @Nullable String figure) {
  public Observation {
    facts = List.copyOf(facts);
  }

  /** Seen or tried, against no figure. */
  public Observation(Answer outcome, String sentence, List<FactType> facts) {
    this(outcome, sentence, facts, null);
  }
}
