package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A reading that can turn nothing is not waited for, and the hand spin, which can, is. */
class NothingRedundantTest {
  static Stream<Arguments> calls() {
    return CallTable.of(
        """
        a dead one that sends no pulses either | BLDC_FIVE_WIRE NO_RUN | bus.volts=320 logic.volts=15 command.volts=4 shaft.feel=FREE connector.look=SEATED feedback.hertz=0 | decided MODULE; settled REPLACE_MOTOR
        no pulses from what stands still | BLDC_FIVE_WIRE NO_RUN | feedback.hertz=0 motor.feedback=true | not decided; not settled
        all that the trade asks | CONSTANT_TORQUE NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=240 command.volts=25 shaft.feel=FREE connector.look=SEATED winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | decided MODULE; settled REPLACE_MODULE
        the same of a many-way motor | CONSTANT_AIRFLOW_PARALLEL NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=240 command.volts=25 shaft.feel=FREE connector.look=SEATED winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | decided MODULE; settled REPLACE_MODULE
        the same of a condenser fan | STAGED_CONDENSER NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=240 command.volts=25 shaft.feel=FREE connector.look=SEATED winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | decided MODULE; settled REPLACE_MODULE
        the same with a clean module | CONSTANT_TORQUE NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=240 command.volts=25 shaft.feel=FREE connector.look=SEATED winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL module.look=CLEAN | decided MODULE; settled REPLACE_MODULE
        a five-wire fan fed, asked and free | BLDC_FIVE_WIRE NO_RUN | bus.volts=338 logic.volts=15 command.volts=3.3 shaft.feel=FREE connector.look=SEATED | decided MODULE; settled REPLACE_MOTOR
        no hand spin yet, module sold alone | CONSTANT_TORQUE NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=240 command.volts=25 connector.look=SEATED wheel.look=CLEAR winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | open; would shaft.feel; next shaft.feel
        five wires fed and asked, no hand spin yet | BLDC_FIVE_WIRE NO_RUN | bus.volts=338 logic.volts=15 command.volts=3.3 connector.look=SEATED | open; next shaft.feel wheel.look
        """);
  }

  @ParameterizedTest
  @MethodSource("calls")
  void callsHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
