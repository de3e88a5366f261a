package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A conversion as it was really made, or as far as it is made.
 *
 * @param plan that it began with; null for one made from nothing
 * @param wiring its parts, and the wires that are there
 * @param marks colours and old labels, as the technician has them
 * @param ticks what was seen before power and at it
 */
public record AsWired(@Nullable PlanRequest plan, Wiring wiring, List<Mark> marks, List<Tick> ticks)
    implements Node {
  public AsWired {
    marks = List.copyOf(marks);
    ticks = List.copyOf(ticks);
  }

  /** The name in the field {@code format}. */
  public static final String FORMAT = "variable-rotor-as-wired";

  /** The number in the field {@code version}. */
  public static final int VERSION = 1;

  /**
   * How a wire looks, and what it was called.
   *
   * @param colour may be empty
   * @param label as it is on the wire or on the old plug; may be empty
   */
  public record Mark(Terminal from, Terminal to, String colour, String label) implements Node {
    Wiring.Wire wire() {
      return new Wiring.Wire(from, to);
    }

    @Override
    public Map<String, Object> tree() {
      return Tree.of("wire", wire().ends(), "colour", colour, "label", label);
    }
  }

  /**
   * A check of {@link BeforePower}, done.
   *
   * @param ok whether it came out as it must
   */
  public record Tick(String check, boolean ok) implements Node {
    @Override
    public Map<String, Object> tree() {
      return Tree.of("check", check, "ok", ok);
    }
  }

  /** A conversion as planned, with no wire made yet. */
  public static AsWired begun(PlanRequest plan, Wiring planned) {
    return new AsWired(plan, planned.wired(List.of()), List.of(), List.of());
  }

  /** Line and 24 V, and nothing else: for what is wired without a plan. */
  public static AsWired bare() {
    List<Part> parts =
        List.of(
            Part.of("SRC", PartType.LINE_240),
            Part.named("TR", PartType.TRANSFORMER).va(USUAL_VA, null).build());
    List<Wiring.Call> calls = List.of(new Wiring.Call("IDLE", List.of()));
    Wiring wiring = new Wiring(parts, List.of(), calls, List.of());
    return new AsWired(null, wiring, List.of(), List.of());
  }

  /** Of a control transformer where nothing is read [VA]. Common practice. */
  private static final double USUAL_VA = 40;

  /** Whether this wire is recorded, whichever end is told first. */
  public boolean has(Wiring.Wire wire) {
    return wiring.wires().stream().anyMatch(wire::isLike);
  }

  /** With these wires, too; those that are there already stay as they are. */
  public AsWired with(List<Wiring.Wire> more) {
    List<Wiring.Wire> wires = new ArrayList<>(wiring.wires());
    for (Wiring.Wire one : more) {
      if (wires.stream().noneMatch(one::isLike)) {
        wires.add(one);
      }
    }
    return wired(wiring.wired(wires));
  }

  /** Without this wire. */
  public AsWired without(Wiring.Wire wire) {
    return wired(wiring.wired(wiring.wires().stream().filter(one -> !one.isLike(wire)).toList()));
  }

  /** With a lead that nothing uses capped alone. */
  public AsWired capped(Terminal lead) {
    String first = "CAPPED_" + lead.name().replace(' ', '_');
    String id = first;
    // A cap that holds a lead of this name already is another motor's.
    for (int n = 2; holdsAnother(id, lead); n++) {
      id = first + n;
    }
    AsWired ready = wiring.part(id) == null ? with(Part.of(id, PartType.JOINT)) : this;
    return ready.with(List.of(new Wiring.Wire(lead, new Terminal(id, "1"))));
  }

  private boolean holdsAnother(String cap, Terminal lead) {
    Wiring.Wire mine = new Wiring.Wire(lead, new Terminal(cap, "1"));
    return wiring.wires().stream()
        .anyMatch(
            one ->
                !one.isLike(mine)
                    && (one.from().part().equals(cap) || one.to().part().equals(cap)));
  }

  /** With a part more. */
  public AsWired with(Part part) {
    List<Part> parts = new ArrayList<>(wiring.parts());
    parts.add(part);
    return wired(new Wiring(parts, wiring.wires(), wiring.calls(), wiring.expects()));
  }

  /** Without a part and the wires that end on it. */
  public AsWired withoutPart(String id) {
    return wired(
        new Wiring(
            wiring.parts().stream().filter(one -> !one.id().equals(id)).toList(),
            wiring.wires().stream()
                .filter(one -> !one.from().part().equals(id) && !one.to().part().equals(id))
                .toList(),
            wiring.calls(),
            wiring.expects()));
  }

  /**
   * With one call more to run, and what the motor must then do; one of that name is taken out.
   *
   * @param must null where nothing is expected, and then the call is taken out alone
   */
  public AsWired called(String name, List<String> on, @Nullable String must) {
    List<Wiring.Call> calls = new ArrayList<>(wiring.calls());
    List<Wiring.Expect> expects = new ArrayList<>(wiring.expects());
    calls.removeIf(one -> one.name().equals(name));
    expects.removeIf(one -> one.call().equals(name));
    if (must != null) {
      calls.add(new Wiring.Call(name, on));
      expects.add(new Wiring.Expect(name, must));
    }
    return wired(new Wiring(wiring.parts(), wiring.wires(), calls, expects));
  }

  /** With colour and old label of a wire, in the place of what was noted; both empty for none. */
  public AsWired marked(Wiring.Wire wire, String colour, String label) {
    List<Mark> others = new ArrayList<>(marks);
    others.removeIf(one -> one.wire().isLike(wire));
    for (Wiring.Wire there : wiring.wires()) {
      if (there.isLike(wire) && !(colour.isEmpty() && label.isEmpty())) {
        others.add(new Mark(there.from(), there.to(), colour, label));
      }
    }
    return new AsWired(plan, wiring, others, ticks);
  }

  /** What was seen at the old wiring says nothing of the new one. */
  private AsWired wired(Wiring next) {
    List<Mark> kept =
        marks.stream().filter(mark -> next.wires().stream().anyMatch(mark.wire()::isLike)).toList();
    return new AsWired(plan, next, kept, List.of());
  }

  /** What the fan did and does; null where the equipment's calls are not told. */
  public @Nullable BeforeAfter beforeAfter(Result result) {
    return plan == null ? null : BeforeAfter.of(plan, result);
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("format", FORMAT, "version", VERSION);
    if (plan != null) {
      tree.put("plan", plan.tree());
    }
    tree.putAll(Tree.of("wiring", wiring, "marks", marks, "ticks", ticks));
    return tree;
  }
}
