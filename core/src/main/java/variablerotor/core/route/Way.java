package variablerotor.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * One way forward as it stands on this call.
 *
 * @param reasons what blocks it, then what it asks for first
 * @param met what it asked for and has
 * @param loses what the customer gives up with it; said before a choice
 * @param plan all that is then to be done, causes first
 */
public record Way(
    Route route,
    RouteState state,
    List<Reason> reasons,
    List<Reason> met,
    List<String> loses,
    List<String> plan) {
  public Way {
    reasons = List.copyOf(reasons);
    met = List.copyOf(met);
    loses = List.copyOf(loses);
    plan = List.copyOf(plan);
  }

  /**
   * @param blocks whether it shuts the way; otherwise it must first be shown or done
   * @param opener what lifts it; null where nothing does
   */
  public record Reason(ReasonId id, boolean blocks, String sentence, @Nullable Opener opener)
      implements Node {

    @Override
    public Map<String, Object> tree() {
      return Tree.of("id", id, "blocks", blocks, "sentence", sentence, "opener", opener);
    }
  }

  /** The same way with these reasons met. */
  public Way with(List<ReasonId> ids) {
    List<Reason> left = new ArrayList<>();
    List<Reason> gone = new ArrayList<>(met);
    reasons.forEach(one -> (ids.contains(one.id()) ? gone : left).add(one));
    return sorted(route, left, gone, loses, plan);
  }

  /** The same way, with what it has met said in these words. */
  public Way met(ReasonId id, String sentence) {
    List<Reason> said = new ArrayList<>();
    for (Reason one : met) {
      said.add(one.id() == id ? new Reason(id, one.blocks(), sentence, one.opener()) : one);
    }
    return new Way(route, state, reasons, said, loses, plan);
  }

  /** The same way with this asked for, too. */
  public Way asking(ReasonId id, String sentence) {
    List<Reason> more = new ArrayList<>(reasons);
    more.add(new Reason(id, false, sentence, id.opener()));
    return sorted(route, more, met, loses, plan);
  }

  /** The same way, shut. */
  public Way shut(ReasonId id, String sentence) {
    List<Reason> more = new ArrayList<>(reasons);
    more.add(new Reason(id, true, sentence, id.opener()));
    return sorted(route, more, met, loses, plan);
  }

  /**
   * Whether it is open, or waits for no more than ticks and one question: such a way may come
   * first, and says what it waits for.
   */
  public boolean isNear() {
    long questions =
        reasons.stream().map(Reason::opener).filter(one -> one != null && one.isQuestion()).count();
    return questions <= 1 && reasons.stream().allMatch(one -> one.id().once() != null);
  }

  /** What an almost open way waits for, in words. */
  public List<String> waitsFor() {
    return reasons.stream().map(one -> one.id().once()).filter(Objects::nonNull).toList();
  }

  /** The same way with all that is to be done. */
  Way planned(List<String> steps) {
    return new Way(route, state, reasons, met, loses, steps);
  }

  static Way of(Route route, List<Reason> reasons, List<String> loses) {
    return sorted(route, reasons, List.of(), loses, List.of());
  }

  private static Way sorted(
      Route route, List<Reason> reasons, List<Reason> met, List<String> loses, List<String> plan) {
    List<Reason> sorted =
        reasons.stream().sorted((a, b) -> Boolean.compare(b.blocks(), a.blocks())).toList();
    RouteState state =
        sorted.isEmpty()
            ? RouteState.OPEN
            : sorted.get(0).blocks() ? RouteState.BLOCKED : RouteState.CONDITIONAL;
    return new Way(route, state, sorted, met, loses, plan);
  }
}
