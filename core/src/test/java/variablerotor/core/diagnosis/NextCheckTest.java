package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The next check is what a good technician would do now. */
class NextCheckTest {
  static Stream<Arguments> calls() {
    return CallTable.of(
        """
        little air | CONSTANT_AIRFLOW_PARALLEL LOW_AIRFLOW | | next air.look static.inwc
        little air of a torque blower with a good line | CONSTANT_TORQUE LOW_AIRFLOW | line.volts=240 | next air.look static.inwc
        little air of an outdoor fan | STAGED_CONDENSER LOW_AIRFLOW | | next air.look static.inwc wheel.look rotation
        locked: the wheel | CONSTANT_TORQUE NO_RUN | shaft.feel=LOCKED | next wheel.look
        locked, the wheel is clear: module off | CONSTANT_TORQUE NO_RUN | shaft.feel=LOCKED wheel.look=CLEAR | next shaft.feel.module_off winding.pairs
        locked five-wire fan | BLDC_FIVE_WIRE NO_RUN | shaft.feel=LOCKED | next wheel.look
        a code alone: the plug | BLDC_FIVE_WIRE NO_RUN | code.suspects=MODULE+HARNESS | next connector.look
        a code alone at a blower | CONSTANT_AIRFLOW_PARALLEL NO_RUN | code.suspects=[MODULE] | next connector.look
        a pin pushed back: push it home | CONSTANT_TORQUE NO_RUN volts=208-230 | connector.look=PIN_PUSHED_BACK | next run.reseated
        never stops: pull the plug | CONSTANT_TORQUE RUNS_ALWAYS | | next run.control_unplugged
        never stops, five wires | BLDC_FIVE_WIRE RUNS_ALWAYS | | next run.control_unplugged
        tries and gives up: it is commanded | CONSTANT_TORQUE NO_RUN | heard.answer=TRIES_AND_GIVES_UP | next shaft.feel wheel.look
        tries and gives up, free and no plate read: pairs | CONSTANT_AIRFLOW_PARALLEL NO_RUN | heard.answer=TRIES_AND_GIVES_UP shaft.feel=FREE wheel.look=CLEAR connector.look=SEATED | next winding.pairs shaft.feel.slow
        volts good, plate unread | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=208-230 | line.volts=246 command.volts=23.8 | not decided; open; next shaft.feel connector.look wheel.look shaft.sound link.voltage_jumper; would shaft.feel
        with the module off the pairs come first | CONSTANT_TORQUE NO_RUN | shaft.feel=FREE shaft.feel.module_off=FREE | next winding.pairs
        with the module off finish there | CONSTANT_TORQUE NO_RUN | shaft.feel=FREE winding.ab=8 winding.bc=8 winding.ca=8 | next winding.frame shaft.feel.module_off
        the module does not come off | CONSTANT_TORQUE NO_RUN volts=208-230 moduleRemovable=false | line.volts=243 command.volts=24.2 shaft.feel=FREE connector.look=SEATED | not asks winding.insulation winding.pairs winding.frame shaft.feel.module_off emf module.look
        what does not start is not run until it quits | CONSTANT_TORQUE NO_RUN | shaft.feel=FREE winding.ab=8 winding.bc=8 winding.ca=8 | not asks shaft.feel.warm winding.warm
        sold alone comes after the part is in sight | CONSTANT_TORQUE NO_RUN | line.volts=240 | not next plate.moduleRemovable plate.moduleSoldAlone
        sold alone before a 500 V test | CONSTANT_TORQUE NO_RUN volts=208-230 moduleRemovable=true | line.volts=240 command.volts=25 shaft.feel=FREE connector.look=SEATED winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | not next winding.insulation
        """);
  }

  @ParameterizedTest
  @MethodSource("calls")
  void callsHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
