package variablerotor.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;
import variablerotor.core.wiring.PlanRequest.CallId;
import variablerotor.core.wiring.PlanRequest.Pattern;
import variablerotor.core.wiring.Wiring.Wire;

/**
 * A wiring with one mistake hidden in it, for practice: a planned conversion of which one wire was
 * taken off, moved or made too much. Half of them are mistakes that are made every day, half are
 * drawn at random; every one of them is harmful by simulation.
 *
 * @param plan what was to be wired
 * @param right as it was to be
 * @param wrong as it is
 * @param off the wire of the plan that is missing; null where none is
 * @param on the wire that does not belong; null where there is none
 * @param findings what would happen, the first of each call
 */
public record Exercise(
    PlanRequest plan,
    Wiring right,
    Wiring wrong,
    @Nullable Wire off,
    @Nullable Wire on,
    List<Finding> findings)
    implements Node {
  public Exercise {
    findings = List.copyOf(findings);
  }

  private static final int TRIES = 400;

  /** One wire taken off, one made, or both. */
  private record Change(@Nullable Wire off, @Nullable Wire on) {}

  /**
   * The same for the same seed.
   *
   * @throws IllegalStateException where no harmful mistake is found, which would be a fault here
   */
  public static Exercise of(long seed) {
    Dice dice = new Dice(seed);
    PlanRequest plan = plan(dice);
    Wiring right = Planner.of(plan).wiring();
    List<Change> classics = classics(right);
    for (int at = 0; at < TRIES; at++) {
      Change change =
          at % 2 == 0 && dice.coin() && !classics.isEmpty()
              ? classics.get(dice.below(classics.size()))
              : drawn(right, dice);
      Wiring less = change.off == null ? right : right.without(change.off);
      Wiring wrong = change.on == null ? less : less.with(change.on);
      Result result = Result.of(wrong);
      if (!result.ok()) {
        return new Exercise(plan, right, wrong, change.off, change.on, first(result));
      }
    }
    throw new IllegalStateException("no harmful mistake for seed " + seed);
  }

  private static List<Finding> first(Result result) {
    List<Finding> first = new ArrayList<>();
    result.all().stream()
        .filter(Finding::stops)
        .filter(one -> first.stream().noneMatch(other -> other.sentence().equals(one.sentence())))
        .forEach(first::add);
    return first;
  }

  private static PlanRequest plan(Dice dice) {
    Pattern[] patterns = {
      Pattern.A, Pattern.A, Pattern.A1, Pattern.B, Pattern.C, Pattern.D, Pattern.E, Pattern.E
    };
    Pattern pattern = patterns[dice.below(patterns.length)];
    boolean outdoors = pattern == Pattern.A || pattern == Pattern.A1;
    boolean three = pattern == Pattern.D;
    boolean heat = dice.coin();
    List<CallId> calls = new ArrayList<>(List.of(CallId.COOL));
    if (outdoors) {
      calls.add(CallId.HEAT_PUMP);
    } else {
      if (pattern != Pattern.C && heat) {
        calls.add(CallId.GAS_HEAT);
      }
      calls.add(CallId.FAN);
    }
    return PlanRequest.plan(pattern, three ? PartType.LINE_3PH : PartType.LINE_240)
        .transformer(40.0, 9.0)
        .stages(outdoors ? List.of("LOW", "HIGH") : List.of())
        .solidState(pattern != Pattern.A1 && dice.coin())
        .defrost(outdoors && heat)
        .calls(calls)
        .contactorCalls(List.of(CallId.COOL, CallId.HEAT_PUMP))
        .speeds(three ? List.of() : List.of("HIGH", "LOW"))
        .amps(three ? 8.2 : 2.6)
        .capacitor(three ? null : (Double) 5.0, three ? null : (Double) 370.0)
        .outdoors(outdoors)
        .fanRelay(pattern == Pattern.C)
        .build();
  }

  /**
   * Line side for load side, a contact jumped, a second speed, a coil across the line, and so on.
   */
  private static List<Change> classics(Wiring right) {
    List<Change> changes = new ArrayList<>();
    for (Wire wire : right.wires()) {
      for (Wire end : List.of(wire, new Wire(wire.to(), wire.from()))) {
        Terminal at = end.from();
        Part part = right.part(at.part());
        if (part == null) {
          continue;
        }
        switch (part.type()) {
          case CONTACTOR -> {
            if (at.name().startsWith("T")) {
              changes.add(moved(wire, end.to(), part.at("L" + at.name().substring(1))));
            }
          }
          case CONTACT -> changes.add(new Change(null, new Wire(part.at("1"), part.at("2"))));
          case RELAY -> {
            if (at.name().startsWith("NO")) {
              changes.add(moved(wire, end.to(), part.at("NC" + at.name().substring(2))));
            } else if (at.name().equals("B")) {
              changes.add(new Change(wire, null));
              changes.add(moved(wire, at, new Terminal("SRC", "L1")));
            }
          }
          case MOTOR_PSC -> {
            if (at.name().equals("G")) {
              changes.add(new Change(wire, null));
            } else if (part.speeds().contains(at.name()) && part.speeds().size() > 1) {
              for (String other : part.speeds()) {
                if (!other.equals(at.name())) {
                  changes.add(new Change(null, new Wire(at, part.at(other))));
                }
              }
            } else if (at.name().equals("CAP1")) {
              changes.add(moved(wire, end.to(), part.at("COM")));
            }
          }
          case MOTOR_3PH -> changes.add(new Change(wire, null));
          case OVERLOAD -> {
            if (at.name().equals("1")) {
              changes.add(new Change(null, new Wire(part.at("1"), part.at("2"))));
            }
          }
          case TRANSFORMER -> {
            if (at.name().equals("C")) {
              changes.add(new Change(null, new Wire(at, new Terminal("SRC", "L1"))));
            }
          }
          default -> {}
        }
      }
    }
    return changes;
  }

  private static Change moved(Wire wire, Terminal stays, Terminal now) {
    return new Change(wire, new Wire(stays, now));
  }

  /** One end of one wire on another terminal. */
  private static Change drawn(Wiring right, Dice dice) {
    Wire wire = right.wires().get(dice.below(right.wires().size()));
    List<Terminal> ends = new ArrayList<>();
    right
        .wires()
        .forEach(
            one -> {
              ends.add(one.from());
              ends.add(one.to());
            });
    Terminal now = ends.get(dice.below(ends.size()));
    Wire on = new Wire(dice.coin() ? wire.from() : wire.to(), now);
    boolean is = on.from().equals(on.to()) || right.wires().stream().anyMatch(on::isLike);
    return is ? new Change(wire, null) : new Change(wire, on);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of(
        "plan", plan,
        "right", right,
        "wrong", wrong,
        "off", off == null ? null : off.ends(),
        "on", on == null ? null : on.ends(),
        "findings", findings);
  }
}
