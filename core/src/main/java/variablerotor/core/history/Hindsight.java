package variablerotor.core.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import variablerotor.core.chain.Suspect;
import variablerotor.core.check.Situation;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.fact.Fact;
import variablerotor.core.fact.Facts;
import variablerotor.core.likelihood.Experience;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Ended calls gone through again, reading by reading: when the right thing led for good, by the
 * judged weights and by those that the shop's own counts move. Each call is gone through with the
 * counts of the others alone, so that none tells its own answer.
 *
 * @param calls gone through
 * @param judged by the judged weights
 * @param learnt by what the shop's own counts make of them
 */
public record Hindsight(int calls, Score judged, Score learnt) implements Node {

  /**
   * An ended call.
   *
   * @param situation with every fact that was told before the repair
   * @param facts those facts, in the order of taking
   * @param found what it turned out to be
   */
  public record Ended(Situation situation, List<Fact> facts, List<Suspect> found) {
    public Ended {
      facts = List.copyOf(facts);
      found = List.copyOf(found);
    }
  }

  /**
   * How soon the right thing led.
   *
   * @param atOnce calls in which it led by the complaint alone, and ever after
   * @param never calls in which it does not lead at the end either
   * @param readings taken until it led for good, over all calls; all of them where it never did
   */
  public record Score(int atOnce, int never, int readings) implements Node {
    private Score plus(int until, int all) {
      return new Score(
          atOnce + (until == 0 ? 1 : 0),
          never + (until > all ? 1 : 0),
          readings + Math.min(until, all));
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("atOnce", atOnce, "never", never, "readings", readings);
    }
  }

  /**
   * @param own the shop's counts, these calls among them
   */
  public static Hindsight of(List<Ended> calls, Experience own) {
    Score judged = new Score(0, 0, 0);
    Score learnt = new Score(0, 0, 0);
    for (Ended one : calls) {
      Experience others =
          own.without(one.situation().family(), one.situation().symptom(), one.found());
      int all = one.facts().size();
      judged = judged.plus(until(one, Experience.NONE), all);
      learnt = learnt.plus(until(one, others), all);
    }
    return new Hindsight(calls.size(), judged, learnt);
  }

  /** So many readings until the right thing led for good; one more than there are for never. */
  private static int until(Ended call, Experience experience) {
    List<Fact> taken = new ArrayList<>();
    int until = leads(call, taken, experience) ? 0 : 1;
    for (int i = 0; i < call.facts().size(); i++) {
      taken.add(call.facts().get(i));
      if (!leads(call, taken, experience)) {
        until = i + 2;
      }
    }
    return until;
  }

  private static boolean leads(Ended call, List<Fact> taken, Experience experience) {
    Suspect first = Engine.leading(call.situation().with(Facts.of(taken)), experience);
    return call.found().contains(first);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("calls", calls, "judged", judged, "learnt", learnt);
  }
}
