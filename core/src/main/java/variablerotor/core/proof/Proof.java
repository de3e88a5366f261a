package variablerotor.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.family.Family;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.text.Words;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * Whether a repair is done: each thing that it must show, the air, and the tap to go to.
 *
 * @param airflow null where nothing was read that it follows from
 * @param tap null where it was not read
 * @param command of a plug fan; null where it was not read
 * @param untold what of the unit nobody said, so that its calls were not asked; null for nothing
 */
public record Proof(
    State state,
    List<Check> checks,
    @Nullable Airflow airflow,
    @Nullable Tap tap,
    @Nullable Command command,
    @Nullable String untold)
    implements Node {
  public Proof {
    checks = List.copyOf(checks);
  }

  /** How the repair stands. */
  public enum State {
    PASSED,
    FAILED,
    NOT_YET
  }

  /** The repair, judged as far as it is read. */
  public static Proof of(ProofRequest request) {
    // What an outdoor fan moves is judged by the refrigerant's pressures, not here.
    Airflow air =
        request.isOutdoors() ? null : Airflow.of(request.readings(), request.unit().coolingTons());
    Tap tap = Tap.of(air, request.readings(), request.fitted().taps());
    List<Check> checks = new ArrayList<>();
    checks.addAll(new Turning(request).checks());
    Command command =
        request.fitted().family() == Family.EC_PLUG_FAN
            ? Command.of(air, request.readings())
            : null;
    checks.addAll(new Measuring(request, air, tap, command).checks());
    checks.addAll(new Speed(request).checks());
    return new Proof(state(checks), checks, air, tap, command, untold(request.unit()));
  }

  private static @Nullable String untold(UnitPlate unit) {
    return unit.tellsHeat() ? null : "which heat this unit has, nobody said.";
  }

  private static State state(List<Check> checks) {
    boolean open = false;
    for (Check one : checks) {
      if (one.state() == Check.State.FAIL) {
        return State.FAILED;
      }
      open |= one.state() == Check.State.NOT_YET;
    }
    return open ? State.NOT_YET : State.PASSED;
  }

  /** How it stands, in a sentence: the first that fails, or how much is left. */
  public String headline() {
    for (Check one : checks) {
      if (one.state() == Check.State.FAIL) {
        return "Not done: " + one.sentence();
      }
    }
    long left = checks.stream().filter(one -> one.state() == Check.State.NOT_YET).count();
    return left == 0
        ? untold == null ? "The repair is proved." : "Proved as far as it is told: " + untold
        : Words.count(left, "thing") + " still to be seen on the repair.";
  }

  @Override
  public Map<String, Object> tree() {
    Map<String, Object> tree = Tree.of("state", state, "headline", headline(), "checks", checks);
    if (airflow != null) {
      tree.put("airflow", airflow.tree());
    }
    if (tap != null) {
      tree.put("tap", tap.tree());
    }
    if (command != null) {
      tree.put("command", command.tree());
    }
    return tree;
  }
}
