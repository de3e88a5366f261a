package variablerotor.core.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.fitting.Fitting;
import variablerotor.core.fitting.Hold;
import variablerotor.core.job.Job;
import variablerotor.core.job.Stand;
import variablerotor.core.proof.Check;
import variablerotor.core.proof.Proof;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Why somebody goes to a unit once more, with what, and for what.
 *
 * @param why in a sentence
 * @param day on which it is due (ISO 8601); null where nobody said
 * @param bring what is to be brought
 * @param left what is left to do
 */
public record ReturnVisit(String why, @Nullable String day, List<String> bring, List<String> left)
    implements Node {
  public ReturnVisit {
    bring = List.copyOf(bring);
    left = List.copyOf(left);
  }

  /** Of a job that waits, or of which something was left; null where nobody need come back. */
  public static @Nullable ReturnVisit of(Job job) {
    Fitting fitting = job.fitting();
    if (fitting == null) {
      return null;
    }
    Hold hold = fitting.record().hold();
    List<String> bring = new ArrayList<>();
    List<String> left = new ArrayList<>();
    if (hold != null) {
      if (!hold.bring().isEmpty()) {
        bring.add(hold.bring());
      }
      hold.left().forEach(one -> left.add(one.title()));
    }
    boolean begun = fitting.isBegun();
    if (begun && fitting.isDone()) {
      fitting.steps().stream()
          .filter(one -> one.state() == Fitting.State.SKIPPED)
          .forEach(one -> left.add(one.step().title() + " (left out: " + one.note() + ")"));
      unseen(job.repair(), left);
    }
    Stand stand = job.stand();
    boolean waits = stand.place() == Stand.Place.WAITING;
    if (!waits && left.isEmpty()) {
      return null;
    }
    return new ReturnVisit(
        hold == null
            ? waits ? stand.sentence() : "Something of the repair is still to be done or seen."
            : hold.sentence() + " " + hold.reason().next(),
        stand.due(),
        bring,
        left);
  }

  private static void unseen(@Nullable Proof repair, List<String> left) {
    if (repair == null) {
      left.add("The proof of the repair");
      return;
    }
    for (Check check : repair.checks()) {
      if (check.state() != Check.State.PASS) {
        left.add((check.state() == Check.State.FAIL ? "Fails: " : "Not seen: ") + check.title());
      }
    }
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("why", why, "day", day, "bring", bring, "left", left);
  }
}
