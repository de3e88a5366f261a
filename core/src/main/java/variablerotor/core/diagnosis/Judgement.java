package variablerotor.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import variablerotor.core.chain.Suspect;

/**
 * What one belief comes to: the suspects that are proved, and what is to be done where that is
 * settled. The same judgement is passed on readings that might have been otherwise, to tell which
 * of them a proof rests on.
 */
final class Judgement {
  final Belief belief;
  private final Remedies remedies;

  /** The suspects proved, as bits by ordinal. */
  final int proved;

  /** What is to be done, as the remedies have it; 0 while it is open. */
  final int action;

  /** Whether all that is missing is a turn by hand, or a look at the winding. */
  final boolean waits;

  /**
   * @param named to name the part
   * @param done to settle what is to be done
   * @param checked whether the motor was turned by hand and its winding measured: a new module
   *     alone waits for both
   * @param unread suspects of which nothing was measured, and that are not proved by what is left
   *     over; as bits by ordinal
   */
  Judgement(Belief belief, Remedies remedies, Goal named, Goal done, boolean checked, int unread) {
    this.belief = belief;
    this.remedies = remedies;
    proved = belief.settled(named) & ~unread;
    int settled = belief.settled(done);
    boolean open = settled == 0 || Remedies.isModuleOrMotor(settled);
    waits = !open && !checked && settled == 1 << Action.REPLACE_MODULE.ordinal();
    action = open || waits ? 0 : settled;
  }

  /** Proved, the likeliest first. */
  List<Suspect> suspects() {
    Map<Suspect, Double> shares = belief.bySuspect();
    List<Suspect> list = new ArrayList<>();
    for (Suspect suspect : Suspect.values()) {
      if ((proved & 1 << suspect.ordinal()) != 0) {
        list.add(suspect);
      }
    }
    list.sort(
        (one, other) ->
            Double.compare(shares.getOrDefault(other, 0.0), shares.getOrDefault(one, 0.0)));
    return list;
  }

  /** What every rival still allowed asks besides the chief thing, causes first. */
  List<Action> also() {
    boolean[] rivals = belief.rivals();
    List<Action> also = null;
    for (int i = 0; i < rivals.length; i++) {
      if (rivals[i]) {
        List<Action> mine = remedies.also(i);
        if (also == null) {
          also = new ArrayList<>(mine);
        } else {
          also.retainAll(mine);
        }
      }
    }
    return also == null ? List.of() : also;
  }

  /** Whether another judgement would turn this one's proof or remedy. */
  boolean isTurnedBy(Judgement other) {
    return (proved != 0 && (other.proved & proved) != proved)
        || (action != 0 && other.action != action);
  }
}
