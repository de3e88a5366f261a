package variablerotor.core.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.UnitState;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.likelihood.Check;

/** Ways to choose the next check: what is advised here, and two that hold to a fixed order. */
public enum CheckOrder {
  /** As the application advises. */
  ADVISED("as advised") {
    @Override
    @Nullable Check next(Diagnosis diagnosis, List<Check> open, UnitState now) {
      for (Diagnosis.NextTest test : diagnosis.nextTests()) {
        if (open.contains(test.check())) {
          return test.check();
        }
      }
      return null;
    }
  },
  /**
   * The usual flow chart: everything that takes power first, from supply to command; then power
   * off, hands on; then the module off; then the bench.
   */
  FLOW_CHART("flow chart") {
    @Override
    @Nullable Check next(Diagnosis diagnosis, List<Check> open, UnitState now) {
      Check first = null;
      for (Check check : open) {
        int at = FLOW.indexOf(check.id());
        boolean earlier = first == null || at < FLOW.indexOf(first.id());
        first = at >= 0 && !check.isSoft() && earlier ? check : first;
      }
      return first;
    }
  },
  /** Whatever takes the fewest minutes from here. */
  CHEAPEST("cheapest first") {
    @Override
    @Nullable Check next(Diagnosis diagnosis, List<Check> open, UnitState now) {
      Check cheapest = null;
      double least = Double.MAX_VALUE;
      for (Check check : open) {
        double minutes = check.minutes() + now.minutesTo(check.state());
        if (isInFlowChart(check.id()) && !check.isSoft() && minutes < least) {
          cheapest = check;
          least = minutes;
        }
      }
      return cheapest;
    }
  };

  /** Common practice: power on and measure, power off and hands on, module off, bench. */
  private static final List<String> FLOW =
      List.of(
          "control.volts",
          "call.present",
          "thermostat.call",
          "thermostat.fan",
          "safety.open",
          "line.volts.protection",
          "control.volts.loaded",
          "command.volts.board",
          "contactor.look",
          "contactor.volts",
          "defrost.active",
          "defrost.contact",
          "line.volts",
          "bus.volts",
          "bus.volts.board",
          "logic.volts",
          "command.volts",
          "command.volts.reset",
          "aux.volts",
          "aux.volts.unloaded",
          "aux.volts.board",
          "feedback.hertz",
          "feedback.hertz.board",
          "drive.fault",
          "drive.reset",
          "drive.status",
          "drive.permits",
          "drive.output",
          "drive.output.unloaded",
          "rotation",
          "static.inwc",
          "command.volts.idle",
          "command.volts.motor.idle",
          "link.volts",
          "link.volts.board",
          "look.lamp",
          "run.control_unplugged",
          "bus.volts.unplugged",
          "logic.volts.unplugged",
          "shaft.feel",
          "connector.look",
          "wires.look",
          "wheel.look",
          "wheel.dirt",
          "air.look",
          "shaft.sound",
          "link.voltage_jumper",
          "command.duty",
          "command.milliamps",
          "amps",
          "transformer.primary.volts",
          "speed.setting",
          "speed.proof",
          "shaft.feel.warm",
          "shaft.feel.module_off",
          "shaft.drag.joined",
          "winding.pairs",
          "winding.frame",
          "winding.warm",
          "winding.joint",
          "winding.joint.frame",
          "module.look",
          "emf",
          "winding.insulation",
          "run.bypass",
          "run.reseated",
          "run.air_cleared",
          "run.wheel_mended",
          "run.set_right",
          "run.substitute_command",
          "shaft.feel.slow",
          "code.returns",
          "shaft.feel.wheel_off");

  private final String title;

  CheckOrder(String title) {
    this.title = title;
  }

  /** As it is shown. */
  public String title() {
    return title;
  }

  /**
   * @param diagnosis as the call stands
   * @param open the checks not tried yet
   * @return null where nothing is left to do
   */
  abstract @Nullable Check next(Diagnosis diagnosis, List<Check> open, UnitState now);

  /** Whether the flow chart knows this check. */
  static boolean isInFlowChart(String id) {
    return FLOW.contains(id);
  }
}
