package variablerotor.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.WarningId;
import variablerotor.core.motor.MotorPlate;
import variablerotor.core.motor.Running;
import variablerotor.core.motor.UnitPlate;
import variablerotor.core.tree.Node;
import variablerotor.core.tree.Tree;

/**
 * A figure of a plate that something waits for, with what for: asked where it is needed, and not
 * before.
 *
 * @param stage where it is needed
 * @param field its path in what was told, such as {@code motor.horsepower}
 * @param why what it is for, in a few words
 */
public record PlateAsk(Stage stage, String field, String why) implements Node {

  /** The stages that may wait for a plate. */
  public enum Stage {
    PROVE,
    CHOOSE
  }

  /** What is not known yet and waited for, the most needed first. */
  public static List<PlateAsk> of(Circumstances all, Diagnosis diagnosis, List<Way> ways) {
    UnitPlate unit = all.unit();
    MotorPlate motor = all.motor();
    Running running = all.running();
    List<PlateAsk> asks = new ArrayList<>();
    boolean line = diagnosis.warnings().stream().anyMatch(one -> one.id() == WarningId.PLATE_FIRST);
    if (line) {
      ask(asks, Stage.PROVE, "motor.volts", motor.volts(), "to judge the line");
    }
    if (isOpen(ways, Route.FIXED_SPEED) || isOpen(ways, Route.LOANER)) {
      String why = "before a conversion or a loan: heat must never come on with no air";
      ask(asks, Stage.CHOOSE, "unit.heating", unit.tellsHeat() ? unit.heating() : null, why);
      ask(asks, Stage.CHOOSE, "unit.kind", unit.kind(), why);
    }
    if (isOpen(ways, Route.MODULE_ONLY)) {
      String why = "to choose: a new module alone?";
      ask(asks, Stage.CHOOSE, "motor.moduleRemovable", motor.moduleRemovable(), why);
      ask(asks, Stage.CHOOSE, "motor.moduleSoldAlone", motor.moduleSoldAlone(), why);
      ask(asks, Stage.CHOOSE, "unit.installed", unit.installed(), "its age: module alone, or both");
    }
    boolean newMotor =
        isOpen(ways, Route.SAME_MOTOR)
            || isOpen(ways, Route.EQUIVALENT_MOTOR)
            || isOpen(ways, Route.FIXED_SPEED);
    if (newMotor) {
      String why = "in warranty only the maker's part keeps the claim";
      ask(asks, Stage.CHOOSE, "unit.warrantyUntil", unit.warrantyUntil(), why);
    }
    if (isOpen(ways, Route.EQUIVALENT_MOTOR) || isOpen(ways, Route.FIXED_SPEED)) {
      String why = "to match another motor";
      ask(asks, Stage.CHOOSE, "motor.horsepower", motor.horsepower(), why);
      ask(asks, Stage.CHOOSE, "motor.volts", motor.volts(), why);
      ask(asks, Stage.CHOOSE, "motor.rpm", motor.rpm(), why);
      ask(asks, Stage.CHOOSE, "motor.frame", motor.frame(), why);
      ask(asks, Stage.CHOOSE, "motor.shaftDiameterIn", motor.shaftDiameterIn(), why);
      ask(asks, Stage.CHOOSE, "motor.rotation", motor.rotation(), why);
      ask(asks, Stage.CHOOSE, "motor.mount", motor.mount(), why);
      why = "a board that waits for a speed signal stops the unit without one";
      ask(asks, Stage.CHOOSE, "unit.boardNeedsFeedback", unit.boardNeedsFeedback(), why);
      if (Boolean.TRUE.equals(unit.boardNeedsFeedback())) {
        why = "to choose: a motor without a speed signal?";
        ask(asks, Stage.CHOOSE, "unit.feedbackCanBeDisabled", unit.feedbackCanBeDisabled(), why);
      }
    }
    if (isOpen(ways, Route.FIXED_SPEED) && !unit.isOutdoors(motor.family())) {
      String why = "a lowest stage may need less air than one speed gives";
      ask(asks, Stage.CHOOSE, "running.staging", running.staging(), why);
      boolean gas = unit.heating().contains(UnitPlate.Heating.GAS);
      if (running.hasStages() || gas) {
        why = gas ? "to reckon the temperature rise of gas heat" : why;
        ask(asks, Stage.CHOOSE, "running.oneSpeedCfm", running.oneSpeedCfm(), why);
      }
      if (running.hasStages()) {
        ask(asks, Stage.CHOOSE, "running.lowestStageCfm", running.lowestStageCfm(), why);
      }
      if (gas) {
        why = "to reckon the temperature rise of gas heat";
        ask(asks, Stage.CHOOSE, "running.heatOutputBtuh", running.heatOutputBtuh(), why);
        ask(asks, Stage.CHOOSE, "running.riseLowF", running.riseLowF(), why);
        ask(asks, Stage.CHOOSE, "running.riseHighF", running.riseHighF(), why);
      }
    }
    if (isOpen(ways, Route.FIXED_SPEED)) {
      String why = "to see whether the 24 V transformer bears the relays";
      ask(asks, Stage.CHOOSE, "running.transformerVa", running.transformerVa(), why);
      ask(asks, Stage.CHOOSE, "running.hangingVa", running.hangingVa(), why);
      ask(asks, Stage.CHOOSE, "running.relayVa", running.relayVa(), why);
    }
    if (newMotor) {
      String why = "without heat or cooling for days, or a motor lent meanwhile";
      ask(asks, Stage.CHOOSE, "unit.otherHeatOrCooling", unit.otherHeatOrCooling(), why);
    }
    return asks;
  }

  private static void ask(
      List<PlateAsk> asks, Stage stage, String field, @Nullable Object known, String why) {
    if (known == null) {
      asks.add(new PlateAsk(stage, field, why));
    }
  }

  private static boolean isOpen(List<Way> ways, Route route) {
    return ways.stream().anyMatch(way -> way.route() == route && way.state() != RouteState.BLOCKED);
  }

  @Override
  public Map<String, Object> tree() {
    return Tree.of("stage", stage, "field", field, "why", why);
  }
}
