package variablerotor.core.view;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import variablerotor.core.casefile.AsWiredReader;
import variablerotor.core.casefile.EditReader;
import variablerotor.core.casefile.InputFault;
import variablerotor.core.casefile.InputFaults;
import variablerotor.core.casefile.PlanReader;
import variablerotor.core.casefile.WiringReader;
import variablerotor.core.schematic.Connections;
import variablerotor.core.schematic.Ladder;
import variablerotor.core.schematic.Lit;
import variablerotor.core.schematic.WireTags;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.AsWired;
import variablerotor.core.wiring.BeforeAfter;
import variablerotor.core.wiring.BeforePower;
import variablerotor.core.wiring.Exercise;
import variablerotor.core.wiring.Mend;
import variablerotor.core.wiring.Moment;
import variablerotor.core.wiring.Part;
import variablerotor.core.wiring.PartType;
import variablerotor.core.wiring.Plan;
import variablerotor.core.wiring.PlanRequest;
import variablerotor.core.wiring.PlanRequest.Pattern;
import variablerotor.core.wiring.Planner;
import variablerotor.core.wiring.Progress;
import variablerotor.core.wiring.Result;
import variablerotor.core.wiring.Run;
import variablerotor.core.wiring.Terminal;
import variablerotor.core.wiring.Wiring;

/** What the page asks while a conversion is planned and wired: a tree in, a tree out. */
public final class WiringAnswers {
  private WiringAnswers() {}

  /**
   * A plan with what follows from it, and where it is blocked for want of a fan relay, the one with
   * it.
   *
   * @param tree a plan document
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> plan(Object tree) throws InputFaults {
    PlanRequest asked = PlanReader.read(tree).asked();
    Plan plan = Planner.of(asked);
    Map<String, Object> answer = plan.tree();
    answer.put("plan", asked.tree());
    answer.put("beforeAfter", BeforeAfter.of(asked, plan.result()).tree());
    PlanRequest instead = instead(asked, plan);
    if (instead != null) {
      answer.put("instead", instead.tree());
    }
    return answer;
  }

  /**
   * The same unit wired by another pattern.
   *
   * @param tree with the {@code plan} as it stands and the {@code pattern} that it is to have
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> otherwise(Object tree) throws InputFaults {
    Object plan = tree instanceof Map<?, ?> map ? map.get("plan") : null;
    Object next = tree instanceof Map<?, ?> map ? map.get("pattern") : null;
    PlanRequest asked = PlanReader.read(plan == null ? Map.of() : plan);
    for (Pattern pattern : Pattern.values()) {
      if (pattern.name().equals(next)) {
        return asked.as(pattern).tree();
      }
    }
    throw new InputFaults(List.of(new InputFault("pattern", "allowed is A, A1, B, C, D or E")));
  }

  /**
   * Nothing wired yet: of a plan, or of line and 24 V alone.
   *
   * @param tree with a {@code plan}, or without one
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> begin(Object tree) throws InputFaults {
    Object told = tree instanceof Map<?, ?> map ? map.get("plan") : null;
    if (told == null) {
      return AsWired.bare().tree();
    }
    PlanRequest plan = PlanReader.read(told);
    return AsWired.begun(plan, Planner.of(plan).wiring()).tree();
  }

  /**
   * A conversion after one thing was done to it.
   *
   * @param tree what was made, and what is done
   * @throws InputFaults with what does not make sense, in words
   */
  public static Map<String, Object> edit(Object tree) throws InputFaults {
    return EditReader.read(tree).tree();
  }

  /** The variant with a fan relay, where that opens what is blocked. */
  private static @Nullable PlanRequest instead(PlanRequest asked, Plan plan) {
    boolean mendable =
        plan.state() == Plan.State.BLOCKED && asked.pattern() == Pattern.C && !asked.fanRelay();
    PlanRequest with = asked.withFanRelay();
    return mendable && Planner.of(with).state() != Plan.State.BLOCKED ? with : null;
  }

  /**
   * A conversion as far as it is made, run as it will be: every call with its moments, what is left
   * to make and what is strange, the mend, before and after, and the terminals of each part.
   *
   * @param tree a document as wired
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> run(Object tree) throws InputFaults {
    AsWired made = AsWiredReader.read(tree);
    Wiring wiring = made.wiring();
    Progress progress = Progress.of(made);
    Result result = progress.result();
    Map<String, Object> answer = progress.tree();
    Map<String, Object> run = result.tree();
    run.put("calls", result.calls().stream().map(WiringAnswers::stepped).toList());
    answer.put("result", run);
    BeforeAfter both = made.beforeAfter(result);
    if (both != null) {
      answer.put("beforeAfter", both.tree());
    }
    answer.put("parts", wiring.parts().stream().map(one -> part(one, wiring)).toList());
    Map<String, Object> free = new LinkedHashMap<>();
    for (PartType type : PartType.values()) {
      free.put(type.name(), type.free(wiring.parts()));
    }
    answer.put("free", free);
    return answer;
  }

  /**
   * What is to be seen before a wiring is powered, and at it.
   *
   * @param tree a wiring document
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> checks(Object tree) throws InputFaults {
    Wiring wiring = WiringReader.read(tree);
    return Tree.of("checks", BeforePower.of(wiring, Result.of(wiring)));
  }

  private static Map<String, Object> stepped(Run run) {
    Map<String, Object> tree = run.tree();
    tree.put("moments", Tree.plain(run.moments()));
    return tree;
  }

  private static Map<String, Object> part(Part part, Wiring wiring) {
    List<String> names = wiring.terminals(part).stream().map(Terminal::name).toList();
    // A cap that no wire goes to yet takes the first at its one terminal.
    return Tree.of(
        "id", part.id(),
        "type", part.type(),
        "terminals", names.isEmpty() ? List.of("1") : names,
        "spare", names.stream().filter(part.type()::isSpare).toList());
  }

  /**
   * The smallest change that mends a wiring; null in the field where one wire does not.
   *
   * @param tree a wiring document
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> mend(Object tree) throws InputFaults {
    Wiring wiring = WiringReader.read(tree);
    boolean few = wiring.wires().size() <= Answers.MOST_MENDED;
    Mend mend = few ? Mend.of(wiring, Result.of(wiring)) : null;
    return Tree.of("mend", mend);
  }

  /**
   * A drawing, lit as at one moment of a call, or at rest.
   *
   * @param tree the wiring document in {@code wiring}; {@code sheet} is LADDER or CONNECTIONS;
   *     {@code call} by name and {@code moment} by number, or neither; {@code bad} are terminals
   *     that are marked as wrong; {@code plan} numbers the wires, {@code marks} has their colours
   * @throws InputFaults with every fault found
   */
  public static Map<String, Object> draw(Object tree) throws InputFaults {
    if (!(tree instanceof Map<?, ?> asked)) {
      throw new InputFaults(List.of(new InputFault("", "allowed is an object")));
    }
    Object given = asked.get("wiring");
    Wiring wiring = WiringReader.read(given == null ? "nothing" : given);
    Lit lit =
        lit(wiring, asked.get("call"), asked.get("moment")).marking(bad(wiring, asked.get("bad")));
    boolean connections = "CONNECTIONS".equals(asked.get("sheet"));
    return Tree.of(
        "drawing",
        connections
            ? Connections.of(wiring, lit, tags(asked)).drawing()
            : Ladder.of(wiring, lit, tags(asked)).drawing());
  }

  private static Set<Terminal> bad(Wiring wiring, @Nullable Object terminals) {
    List<?> told = terminals instanceof List<?> list ? list : List.of();
    return wiring.parts().stream()
        .flatMap(part -> wiring.terminals(part).stream())
        .filter(one -> told.contains(one.toString()))
        .collect(Collectors.toSet());
  }

  private static WireTags tags(Map<?, ?> asked) throws InputFaults {
    if (asked.get("plan") == null && asked.get("marks") == null) {
      return WireTags.none();
    }
    Object made =
        Tree.withoutNulls(
            Tree.of(
                "format", AsWired.FORMAT,
                "version", AsWired.VERSION,
                "wiring", asked.get("wiring"),
                "plan", asked.get("plan"),
                "marks", asked.get("marks")));
    return WireTags.of(AsWiredReader.read(made));
  }

  /** A call, and what went before it. */
  private static List<Wiring.Call> chain(Wiring wiring, Wiring.Call last) {
    List<Wiring.Call> chain = new ArrayList<>(List.of(last));
    for (String after = last.after(); after != null; ) {
      String name = after;
      Wiring.Call before =
          wiring.calls().stream().filter(one -> one.name().equals(name)).findFirst().orElse(null);
      after = before == null || chain.contains(before) ? null : before.after();
      if (before != null && !chain.contains(before)) {
        chain.add(before);
      }
    }
    return chain;
  }

  private static Lit lit(Wiring wiring, @Nullable Object call, @Nullable Object moment) {
    for (Wiring.Call one : wiring.calls()) {
      if (one.name().equals(call)) {
        // The one call, and those that it follows: what stands on the others is not asked.
        List<Wiring.Call> chain = chain(wiring, one);
        Wiring alone = new Wiring(wiring.parts(), wiring.wires(), chain, List.of());
        List<Moment> moments = Result.of(alone).calls().get(0).moments();
        int asked = moment instanceof Double number ? number.intValue() : moments.size();
        int shown = Math.max(0, Math.min(moments.size() - 1, asked));
        return Lit.at(wiring, one, moments.get(shown));
      }
    }
    return Lit.dark(wiring);
  }

  /**
   * A wiring with one mistake hidden in it.
   *
   * @param tree {@code seed}, a whole number
   * @throws InputFaults where there is none
   */
  public static Map<String, Object> exercise(Object tree) throws InputFaults {
    Object seed = tree instanceof Map<?, ?> asked ? asked.get("seed") : null;
    if (!(seed instanceof Double number) || number != Math.rint(number)) {
      throw new InputFaults(List.of(new InputFault("seed", "allowed is a whole number")));
    }
    return Exercise.of(number.longValue()).tree();
  }
}
