package variablerotor.core.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;
import variablerotor.core.check.Situation;
import variablerotor.core.check.UnitState;
import variablerotor.core.diagnosis.Diagnosis;
import variablerotor.core.diagnosis.Engine;
import variablerotor.core.odds.Check;

/** Ways to choose the next check: what is advised here, and two that hold to a fixed order. */
public enum CheckOrder {
  /** As the application advises. */
  ADVISED("as advised") {
    @Override
    @Nullable Check next(Situation situation, List<Check> open, UnitState now) {
      for (Diagnosis.NextTest test : Engine.diagnose(situation).nextTests()) {
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
    @Nullable Check next(Situation situation, List<Check> open, UnitState now) {
      Check first = null;
      for (Check check : open) {
        boolean earlier = first == null || FLOW.indexOf(check.id()) < FLOW.indexOf(first.id());
        first = !check.isSoft() && earlier ? check : first;
      }
      return first;
    }
  },
  /** Whatever takes the fewest minutes from here. */
  CHEAPEST("cheapest first") {
    @Override
    @Nullable Check next(Situation situation, List<Check> open, UnitState now) {
      Check cheapest = null;
      double least = Double.MAX_VALUE;
      for (Check check : open) {
        double minutes = check.minutes() + now.minutesTo(check.state());
        if (!check.isSoft() && minutes < least) {
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
          "replaced.recently",
          "control.volts",
          "call.present",
          "command.volts.board",
          "line.volts",
          "bus.volts",
          "logic.volts",
          "command.volts",
          "aux.volts",
          "feedback.hertz",
          "feedback.hertz.board",
          "drive.fault",
          "drive.status",
          "drive.output",
          "rotation",
          "static.inwc",
          "command.volts.idle",
          "link.volts",
          "link.volts.board",
          "run.control_unplugged",
          "bus.volts.unplugged",
          "shaft.feel",
          "connector.look",
          "wheel.look",
          "air.look",
          "shaft.sound",
          "link.voltage_jumper",
          "speed.setting",
          "speed.proof",
          "shaft.feel.warm",
          "shaft.feel.module_off",
          "winding.pairs",
          "winding.frame",
          "module.look",
          "emf",
          "winding.insulation",
          "run.bypass",
          "run.reseated",
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
   * @param open the checks not tried yet
   * @return null where nothing is left to do
   */
  abstract @Nullable Check next(Situation situation, List<Check> open, UnitState now);

  /** Whether the flow chart knows this check. */
  static boolean isInFlowChart(String id) {
    return FLOW.contains(id);
  }
}
