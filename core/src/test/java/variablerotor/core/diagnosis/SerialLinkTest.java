package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A serial link with its supply there is not yet a link that talks. */
class SerialLinkTest {
  static Stream<Arguments> calls() {
    return CallTable.of(
        """
        supply there, board called, the tester runs it | CONSTANT_AIRFLOW_SERIAL NO_RUN volts=208-230 | line.volts=239 link.volts=12.3 call.present=true connector.look=SEATED run.substitute_command=RUNS | leads COMMAND HARNESS; not proved MODULE; cleared WINDING
        the same with the cable looked through | CONSTANT_AIRFLOW_SERIAL NO_RUN volts=208-230 | line.volts=239 link.volts=12.3 link.volts.board=12.4 call.present=true connector.look=SEATED run.substitute_command=RUNS look.lamp=STEADY run.reseated=STILL | leads COMMAND; not proved MODULE
        supply there, and the tester does not run it | CONSTANT_AIRFLOW_SERIAL NO_RUN volts=208-230 | line.volts=239 link.volts=12.3 call.present=true shaft.feel=FREE run.substitute_command=STILL connector.look=SEATED | leads MODULE; not proved COMMAND
        the lamp counts the airflow | CONSTANT_AIRFLOW_SERIAL NO_RUN volts=208-230 | line.volts=239 link.volts=12.3 call.present=true look.lamp=COUNTS_AIRFLOW shaft.feel=FREE connector.look=SEATED | leads MODULE
        supply there alone | CONSTANT_AIRFLOW_SERIAL NO_RUN volts=208-230 | line.volts=239 link.volts=12.3 | not decided; open; not cleared COMMAND
        no supply at the board | CONSTANT_AIRFLOW_SERIAL NO_RUN volts=208-230 | line.volts=239 link.volts=0 link.volts.board=0 control.volts=25 call.present=true | leads COMMAND; not proved MODULE
        supply there, fed and free, pairs even | CONSTANT_AIRFLOW_SERIAL NO_RUN volts=208-230 moduleRemovable=true moduleSoldAlone=true | line.volts=239 link.volts=12.3 call.present=true connector.look=SEATED shaft.feel=FREE winding.ab=8 winding.bc=8 winding.ca=8 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | not decided; open; asks run.substitute_command look.lamp
        """);
  }

  static Stream<Arguments> anyComplaint() {
    return CallTable.of(
        """
        little air | CONSTANT_AIRFLOW_SERIAL LOW_AIRFLOW | air.look=CLEAR look.lamp=COUNTS_AIRFLOW | not warns NOT_USED
        no change of speed | CONSTANT_AIRFLOW_SERIAL NO_SPEED_CHANGE | look.lamp=STEADY | not decided; asks run.substitute_command link.volts look.lamp speed.setting
        """);
  }

  @ParameterizedTest
  @MethodSource("calls")
  void callsHold(CallTable.Call call) {
    CallTable.holds(call);
  }

  @ParameterizedTest
  @MethodSource("anyComplaint")
  void anyComplaintHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
