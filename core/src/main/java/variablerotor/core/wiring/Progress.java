package variablerotor.core.wiring;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.Wiring.Wire;

/**
 * How far a conversion is made, and whether it goes wrong: it is run as it will be once the wires
 * that are left are made as planned, so that a wire that is only not there yet is no fault, and one
 * that is somewhere else is.
 *
 * @param planned every wire of the plan, numbered; none without one
 * @param toMake wires of the plan whose ends nothing joins yet
 * @param strange wires that join what the plan keeps apart; empty without a plan
 * @param ahead the wiring with what is left to make; a strange wire may stand in the place of one
 * @param result what that does
 */
public record Progress(
    List<Plan.Step> planned,
    List<Plan.Step> toMake,
    List<Wire> strange,
    Wiring ahead,
    Result result,
    @Nullable Mend mend)
    implements Node {
  public Progress {
    planned = List.copyOf(planned);
    toMake = List.copyOf(toMake);
    strange = List.copyOf(strange);
  }

  /** With more wires than these that are not as planned, no single one of them is the mistake. */
  private static final int MOST_TRIED = 40;

  /** Of a conversion as far as it is made. */
  public static Progress of(AsWired made) {
    Wiring wiring = made.wiring();
    if (made.plan() == null) {
      return new Progress(List.of(), List.of(), List.of(), wiring, Result.of(wiring), null);
    }
    Plan plan = Planner.of(made.plan());
    Conductors now = Conductors.inCopper(wiring);
    List<Plan.Step> steps = plan.wires();
    Conductors planned = Conductors.inCopper(plan.wiring());
    List<Plan.Step> toMake =
        steps.stream()
            .filter(one -> isThere(wiring, one.from()) && isThere(wiring, one.to()))
            .filter(one -> now.of(one.from()) < 0 || now.of(one.from()) != now.of(one.to()))
            .toList();
    List<Wire> strange =
        wiring.wires().stream()
            .filter(
                one -> planned.of(one.from()) < 0 || planned.of(one.from()) != planned.of(one.to()))
            .filter(one -> !isCap(wiring, one.from()) && !isCap(wiring, one.to()))
            .toList();
    Set<Wire> all = new LinkedHashSet<>(wiring.wires());
    toMake.forEach(one -> all.add(new Wire(one.from(), one.to())));
    Wiring ahead = wiring.wired(List.copyOf(all));
    Result result = Result.of(ahead);
    Mend mend = mend(ahead, toMake, strange);
    if (result.ok() && !strange.isEmpty()) {
      // Whoever made a strange wire takes the one that it was to be for made.
      strange.forEach(one -> all.remove(meant(one, toMake)));
      Wiring instead = wiring.wired(List.copyOf(all));
      Result without = Result.of(instead);
      if (!without.ok()) {
        return new Progress(steps, toMake, strange, instead, without, mend);
      }
    }
    return new Progress(steps, toMake, strange, ahead, result, mend);
  }

  /** A lead that is capped alone joins nothing. */
  private static boolean isCap(Wiring wiring, Terminal terminal) {
    Part part = wiring.part(terminal.part());
    return part != null
        && part.type() == PartType.JOINT
        && wiring.wires().stream()
                .filter(
                    one -> one.from().part().equals(part.id()) || one.to().part().equals(part.id()))
                .count()
            == 1;
  }

  /** A part that was left out cannot be wired. */
  private static boolean isThere(Wiring wiring, Terminal terminal) {
    Part part = wiring.part(terminal.part());
    List<String> names = part == null ? List.of() : part.terminals();
    return part != null && (names == null || names.contains(terminal.name()));
  }

  /** The plan's number of a wire; empty where the plan has no such wire. */
  public String number(Wire wire) {
    return planned.stream()
        .filter(one -> wire.isLike(new Wire(one.from(), one.to())))
        .map(one -> String.valueOf(one.n()))
        .findFirst()
        .orElse("");
  }

  /** Whether all is made, and nothing of it must be stopped. */
  public boolean done() {
    return toMake.isEmpty() && result.ok();
  }

  /**
   * The one strange wire without which nothing must be stopped; where nothing must be, the first
   * strange one: no call shows it, and it is not what was planned.
   */
  private static @Nullable Mend mend(Wiring ahead, List<Plan.Step> toMake, List<Wire> strange) {
    if (strange.size() > MOST_TRIED) {
      return null;
    }
    for (Wire one : strange) {
      if (Result.of(ahead.without(one)).ok()) {
        return Mend.of(one, meant(one, toMake));
      }
    }
    return null;
  }

  /**
   * The wire that it was to be: one that is left to make, from the same end; best to another
   * terminal of the same part.
   */
  private static @Nullable Wire meant(Wire wrong, List<Plan.Step> toMake) {
    return toMake.stream()
        .map(one -> new Wire(one.from(), one.to()))
        .filter(one -> wrong.touches(one.from()) || wrong.touches(one.to()))
        .min(Comparator.comparing(one -> !isOnTheSameParts(one, wrong)))
        .orElse(null);
  }

  private static boolean isOnTheSameParts(Wire one, Wire other) {
    return List.of(one.from(), one.to(), other.from(), other.to()).stream()
            .map(Terminal::part)
            .distinct()
            .count()
        == 2;
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "planned",
        planned,
        "toMake",
        toMake,
        "strange",
        strange.stream().map(Wire::ends).toList(),
        "ahead",
        ahead.wires().stream().map(Wire::ends).toList(),
        "result",
        result,
        "done",
        done(),
        "mend",
        mend);
  }
}
