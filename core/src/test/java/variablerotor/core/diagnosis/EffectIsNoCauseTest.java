package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What a standing fan brings about is explained by the cause, and proves nothing upstream. */
class EffectIsNoCauseTest {
  static Stream<Arguments> switches() {
    return CallTable.of(
        """
        limit open, gas heat burns, blower stands | CONSTANT_TORQUE NO_RUN volts=115 | runs.heat=true safety.open=LIMIT | not decided; open; not proved COMMAND SUPPLY AIR_PATH; leads MODULE; next line.volts command.volts heard.answer connector.look shaft.feel
        limit open, and no call at the board | CONSTANT_TORQUE NO_RUN volts=115 | safety.open=LIMIT call.present=false thermostat.call=true | not decided; open; not proved COMMAND
        limit open, line there, no command at the motor | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=115 | safety.open=LIMIT line.volts=118 command.volts=0 command.volts.board=0 | not decided; open; not proved COMMAND
        pressure switch open, outdoor fan stands | STAGED_CONDENSER NO_RUN volts=208-230 | safety.open=PRESSURE contactor.volts=0 line.volts=0 | not decided; open; not proved COMMAND SUPPLY
        pressure switch open, no call comes through | STAGED_CONDENSER NO_RUN volts=208-230 | safety.open=PRESSURE call.present=false | not decided; open; not proved COMMAND
        pressure switch of a split outdoor unit | BLDC_THREE_WIRE NO_RUN volts=208-230 | safety.open=PRESSURE call.present=false line.volts=236 | not decided; open; not proved COMMAND
        panel off, nothing anywhere | CONSTANT_TORQUE NO_RUN volts=115 | safety.open=DOOR control.volts=0 line.volts=0 | not decided; open; not proved SUPPLY COMMAND; next line.volts control.volts safety.open; says Hold the door switch in
        panel off, five wires all dead | BLDC_FIVE_WIRE NO_RUN | safety.open=DOOR bus.volts=0 logic.volts=0 command.volts=0 | not decided; open; not proved SUPPLY COMMAND
        panel off, plug fan without its 10 V | EC_PLUG_FAN NO_RUN volts=460 | safety.open=DOOR line.volts.ab=0 line.volts.bc=0 line.volts.ca=0 aux.volts=0 | not decided; open; not proved SUPPLY MODULE
        panel off, no link supply | CONSTANT_AIRFLOW_SERIAL NO_RUN volts=208-230 | safety.open=DOOR link.volts=0 link.volts.board=0 | not decided; open; not proved COMMAND
        a door switch explains no dead winding | CONSTANT_TORQUE NO_RUN volts=115 | safety.open=DOOR winding.ab=OL winding.bc=4 winding.ca=OL | decided WINDING
        the float is a cause | CONSTANT_TORQUE NO_RUN volts=208-230 | safety.open=FLOAT call.present=false thermostat.call=true | decided COMMAND; settled REPAIR_COMMAND; says drain
        a blown low-voltage fuse is a cause | CONSTANT_TORQUE NO_RUN volts=208-230 | safety.open=FUSE control.volts=0 line.volts=239 | decided COMMAND; settled REPAIR_COMMAND; says short behind the fuse
        limit open and the motor runs on a good command | CONSTANT_TORQUE NO_RUN volts=115 | safety.open=LIMIT line.volts=118 run.substitute_command=RUNS command.volts=0 command.volts.board=0 | leads COMMAND; not proved MODULE
        """);
  }

  static Stream<Arguments> ice() {
    return CallTable.of(
        """
        iced coil, blower dead | CONSTANT_TORQUE NO_RUN volts=208-230 | air.look=COIL_FROZEN | not decided; not also CLEAR_AIR_PATH; not warns UNUSUAL; leads MODULE
        iced coil, blower fed and still | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=208-230 | air.look=COIL_FROZEN line.volts=238 command.volts=24 | not settled; not also CLEAR_AIR_PATH; not warns UNUSUAL; leads MODULE
        thawed, as before | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=208-230 | air.look=COIL_FROZEN run.air_cleared=STILL | cleared AIR_PATH; not also CLEAR_AIR_PATH
        thawed and starts, then stops as before | CONSTANT_TORQUE STARTS_THEN_STOPS volts=208-230 | air.look=COIL_FROZEN run.air_cleared=STILL | cleared AIR_PATH
        filter changed, as before | CONSTANT_TORQUE STARTS_THEN_STOPS volts=208-230 | air.look=FILTER_BLOCKED run.air_cleared=STILL | cleared AIR_PATH; not settled CLEAR_AIR_PATH
        water in the pan of a dead blower | CONSTANT_TORQUE NO_RUN volts=208-230 | look.water=WATER_IN_PAN line.volts=240 command.volts=24 | leads MODULE; not warns UNUSUAL; not also REPAIR_HARNESS
        thawed, and all is well | CONSTANT_TORQUE LOW_AIRFLOW volts=208-230 | air.look=COIL_FROZEN run.air_cleared=RUNS | decided AIR_PATH; settled CLEAR_AIR_PATH
        """);
  }

  static Stream<Arguments> iceAlone() {
    return CallTable.of(
        """
        ice alone is a question where the air is little | CONSTANT_TORQUE LOW_AIRFLOW volts=208-230 | air.look=COIL_FROZEN | not decided; open; not also CLEAR_AIR_PATH
        ice and a caked wheel | CONSTANT_TORQUE LOW_AIRFLOW volts=208-230 | air.look=COIL_FROZEN wheel.dirt=DIRTY | not proved AIR_PATH; leads WHEEL AIR_PATH
        """);
  }

  @ParameterizedTest
  @MethodSource("switches")
  void switchesHold(CallTable.Call call) {
    CallTable.holds(call);
  }

  @ParameterizedTest
  @MethodSource("ice")
  void iceHold(CallTable.Call call) {
    CallTable.holds(call);
  }

  @ParameterizedTest
  @MethodSource("iceAlone")
  void iceAloneHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
