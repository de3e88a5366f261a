package variablerotor.core.diagnosis;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is measured through another thing is measured again without it before it proves. */
class ThroughAnotherTest {
  static Stream<Arguments> calls() {
    return CallTable.of(
        """
        10 V gone with the control wires on | EC_PLUG_FAN NO_RUN volts=460 | line.volts.ab=471 line.volts.bc=469 line.volts.ca=472 aux.volts=0.2 | not decided; open; next aux.volts.unloaded
        10 V gone with them pulled too | EC_PLUG_FAN NO_RUN volts=460 | line.volts.ab=471 line.volts.bc=469 line.volts.ca=472 aux.volts=0.2 aux.volts.unloaded=0 shaft.feel=FREE | decided MODULE; settled REPLACE_MOTOR
        10 V comes back with them pulled | EC_PLUG_FAN NO_RUN volts=460 | line.volts.ab=471 line.volts.bc=469 line.volts.ca=472 aux.volts=0.2 aux.volts.unloaded=10.1 | decided COMMAND; settled REPAIR_COMMAND; not proved MODULE
        3.1 kilohm to frame through the cable | BLDC_THREE_WIRE TRIPS_PROTECTION | winding.ab=8 winding.bc=8 winding.ca=8.1 winding.frame.a=3100 winding.frame.b=3100 winding.frame.c=3100 | not decided; open; asks winding.joint.frame
        the same at the motor's joint | BLDC_THREE_WIRE TRIPS_PROTECTION | winding.ab=8 winding.bc=8 winding.ca=8.1 winding.frame.a=3100 winding.frame.b=3100 winding.frame.c=3100 winding.joint.frame.a=3100 winding.joint.frame.b=3100 winding.joint.frame.c=3100 | decided WINDING; settled REPLACE_MOTOR
        clear at the motor's joint | BLDC_THREE_WIRE TRIPS_PROTECTION | winding.ab=8 winding.bc=8 winding.ca=8.1 winding.frame.a=3100 winding.frame.b=3100 winding.frame.c=3100 winding.joint.frame.a=OL winding.joint.frame.b=OL winding.joint.frame.c=OL | decided HARNESS; settled REPAIR_HARNESS; winding SOUND
        open at the plug, even at the joint | BLDC_THREE_WIRE NO_RUN | winding.ab=OL winding.bc=9 winding.ca=OL winding.joint.ab=9 winding.joint.bc=9 winding.joint.ca=9.1 | decided HARNESS; settled REPAIR_HARNESS; winding SOUND
        open at the drive's end, even at the motor's box | DRIVE_FED_INDUCTION STARTS_THEN_STOPS | winding.ab=OL winding.bc=3.2 winding.ca=OL winding.joint.ab=3.2 winding.joint.bc=3.2 winding.joint.ca=3.2 | decided HARNESS; settled REPAIR_HARNESS; winding SOUND
        open at both | BLDC_THREE_WIRE NO_RUN | winding.ab=OL winding.bc=9 winding.ca=OL winding.joint.ab=OL winding.joint.bc=9 winding.joint.ca=OL | decided WINDING; settled REPLACE_MOTOR
        open through the cable alone | BLDC_THREE_WIRE NO_RUN | winding.ab=OL winding.bc=9 winding.ca=OL | not decided; open; asks winding.joint
        two wires that touch in the cable | BLDC_THREE_WIRE NO_RUN | winding.ab=0.2 winding.bc=9 winding.ca=9 | not decided; open
        turns are shorted by no cable | BLDC_THREE_WIRE NO_RUN | winding.ab=6 winding.bc=9 winding.ca=6 shaft.feel.module_off=COGGING | decided WINDING
        bus gone with the motor on it | BLDC_FIVE_WIRE NO_RUN | bus.volts=0 logic.volts=15 | not decided; open; next bus.volts.unplugged connector.look bus.volts.board
        bus gone and back without | BLDC_FIVE_WIRE NO_RUN | bus.volts=0 logic.volts=15 bus.volts.unplugged=336 connector.look=SEATED bus.volts.board=0 | leads MODULE
        bus gone, and gone without | BLDC_FIVE_WIRE NO_RUN | bus.volts=0 logic.volts=15 bus.volts.unplugged=0 call.present=true | leads COMMAND SUPPLY; not proved MODULE
        logic gone with the motor on it | BLDC_FIVE_WIRE NO_RUN | bus.volts=338 logic.volts=0 | not decided; open; next logic.volts.unplugged connector.look
        """);
  }

  static Stream<Arguments> drag() {
    return CallTable.of(
        """
        torque motor drags, and is free without its module | CONSTANT_TORQUE NO_RUN | shaft.feel=COGGING shaft.feel.module_off=FREE | leads MODULE; not proved WINDING
        many-way motor likewise | CONSTANT_AIRFLOW_PARALLEL NO_RUN | shaft.feel=STIFF shaft.feel.module_off=FREE | leads MODULE
        serial motor likewise | CONSTANT_AIRFLOW_SERIAL TRIPS_PROTECTION | shaft.feel=COGGING shaft.feel.module_off=FREE | leads MODULE
        condenser fan likewise | STAGED_CONDENSER NO_RUN | shaft.feel=COGGING shaft.feel.module_off=FREE | leads MODULE
        three wires pulled off the board | BLDC_THREE_WIRE NO_RUN | shaft.feel=COGGING shaft.feel.module_off=FREE | leads MODULE; not cleared MODULE
        three wires pulled, pairs even | BLDC_THREE_WIRE NO_RUN | shaft.feel=COGGING shaft.feel.module_off=FREE winding.ab=9 winding.bc=9 winding.ca=9 winding.frame.a=OL winding.frame.b=OL winding.frame.c=OL | decided MODULE; settled REPLACE_BOARD
        """);
  }

  @ParameterizedTest
  @MethodSource("calls")
  void callsHold(CallTable.Call call) {
    CallTable.holds(call);
  }

  @ParameterizedTest
  @MethodSource("drag")
  void dragHold(CallTable.Call call) {
    CallTable.holds(call);
  }
}
