package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Where mending costs minutes and no part, finding it settles what to do, and running again proves
 * it.
 */
class MendedAndRunsTest {
  static Stream<Arguments> calls() {
    return CallTable.of(
        """
        a loose plug, reseated, runs | BLDC_FIVE_WIRE NO_RUN | code.suspects=HARNESS+COMMAND+MODULE connector.look=LOOSE run.reseated=RUNS | decided HARNESS; settled REPAIR_HARNESS
        a pushed back pin, mended, runs | CONSTANT_TORQUE NO_RUN | connector.look=PIN_PUSHED_BACK run.reseated=RUNS | decided HARNESS; settled REPAIR_HARNESS
        a loose plug that comes and goes | CONSTANT_AIRFLOW_PARALLEL INTERMITTENT | connector.look=LOOSE run.reseated=RUNS | not proved MODULE; leads HARNESS
        a loose plug is found | CONSTANT_TORQUE NO_RUN | connector.look=LOOSE | not decided; settled REPAIR_HARNESS; next run.reseated
        a pushed back pin is found with the line there | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=208-230 | line.volts=239 connector.look=PIN_PUSHED_BACK | not decided; settled REPAIR_HARNESS; next run.reseated
        reseated, as before | CONSTANT_TORQUE NO_RUN | connector.look=LOOSE run.reseated=STILL | not settled; not leads HARNESS
        a blocked filter where the air is little | CONSTANT_TORQUE LOW_AIRFLOW | air.look=FILTER_BLOCKED | not decided; settled CLEAR_AIR_PATH; next run.air_cleared
        a blocked filter is no reason to stand still | CONSTANT_TORQUE NO_RUN | air.look=FILTER_BLOCKED | not settled; also CLEAR_AIR_PATH
        a wheel that is jammed | CONSTANT_TORQUE NO_RUN | shaft.feel=LOCKED wheel.look=JAMMED | not decided; settled REPAIR_WHEEL; next run.wheel_mended
        a wheel loose on its shaft | CONSTANT_TORQUE LOW_AIRFLOW | wheel.look=LOOSE_ON_SHAFT | settled REPAIR_WHEEL
        a wheel freed, and it runs | STAGED_CONDENSER NO_RUN | wheel.look=JAMMED run.wheel_mended=RUNS | decided WHEEL; settled REPAIR_WHEEL
        a wheel freed, as before | CONSTANT_TORQUE NO_RUN | wheel.look=JAMMED run.wheel_mended=STILL | not settled REPAIR_WHEEL; not leads WHEEL
        set otherwise than the chart | CONSTANT_TORQUE NO_SPEED_CHANGE | speed.setting=WRONG | settled CHANGE_SETTING; next run.set_right
        it turns the wrong way | STAGED_CONDENSER WRONG_DIRECTION | rotation=REVERSED | settled CHANGE_SETTING
        a smell never orders a part | CONSTANT_TORQUE NO_RUN | look.smell=BURNT | not settled
        a grinding bearing never orders a part | CONSTANT_TORQUE NO_RUN | shaft.sound=GRINDS | not settled; not decided
        a rubbing wheel that stands still | CONSTANT_TORQUE NO_RUN | wheel.look=RUBBING line.volts=240 command.volts=24 | not settled REPAIR_WHEEL
        the fan switch stands on | CONSTANT_TORQUE RUNS_ALWAYS | thermostat.fan=ON | not decided; settled REPAIR_COMMAND; next run.set_right
        the fan switch was it | CONSTANT_TORQUE RUNS_ALWAYS | thermostat.fan=ON run.set_right=RUNS | decided COMMAND; settled REPAIR_COMMAND
        the fan switch was not it | CONSTANT_TORQUE RUNS_ALWAYS | thermostat.fan=ON run.set_right=STILL | not decided; not settled; next run.control_unplugged
        green pins alone | CONSTANT_TORQUE NO_RUN | connector.look=CORRODED | not decided; also REPAIR_HARNESS
        """);
  }

  @ParameterizedTest
  @MethodSource("calls")
  void callsHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
